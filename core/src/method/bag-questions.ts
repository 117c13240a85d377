import type { Connector } from '../connector/connector.ts';
import type { ContentName } from '../connector/contents.ts';
import { answersFor } from '../connector/contents.ts';
import { methodOf } from './methods.ts';

/** What is asked of the bag of a connector: of what its method asks, only what has more than one answer for it. */
export const bagQuestions = (connector: Connector): ContentName[] =>
  (methodOf(connector.method).contents ?? []).filter((name) => answersFor(name, connector).length > 1);
