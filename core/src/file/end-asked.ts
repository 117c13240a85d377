import { layeredCables } from '../cable/catalogue/catalogue.ts';
import type { Connector } from '../connector/connector.ts';
import type { AnsweredContents } from '../connector/contents.ts';
import { answersFor } from '../connector/contents.ts';
import { contentsSchema } from '../connector/contents-schema.ts';
import { shortestBreakout } from '../lead/lead.ts';
import { bagQuestions } from '../method/bag-questions.ts';
import { RequestError } from './request-error.ts';

/** @throws RequestError where the connector clamps the jacket, or its cores cannot be so short. */
export function breakoutAsked(
  connector: Connector,
  breakout: number | undefined,
  at: string,
): { breakout?: number } {
  if (breakout === undefined) return {};
  if (connector.features.breakout === undefined)
    throw new RequestError(at, breakout, 'nothing: this connector clamps the jacket');
  if (breakout < shortestBreakout)
    throw new RequestError(at, breakout, `a length of at least ${shortestBreakout * 1e3} mm`);
  return { breakout };
}

/** @throws RequestError where the end is no splice, or there is no such cable. */
export function otherCableAsked(
  connector: Connector,
  cableId: string | undefined,
  at: string,
): { spliceTo?: string } {
  if (cableId === undefined) return {};
  if (connector.sex !== 'splice')
    throw new RequestError(at, cableId, 'nothing: only a splice has a cable on its other side');
  if (!layeredCables.some(({ id }) => id === cableId))
    throw new RequestError(at, cableId, 'the id of a cable (npm run -s plan -- --list)');
  return { spliceTo: cableId };
}

/** What a bag is said to hold. @throws RequestError where its connector has no such thing, or not like that. */
export function bagAsked(
  connector: Connector,
  bag: Readonly<Record<string, string>>,
  at: string,
): AnsweredContents {
  const asked = bagQuestions(connector);
  for (const [name, answer] of Object.entries(bag)) {
    const known = asked.find((each) => each === name);
    if (!known)
      throw new RequestError(
        `${at}.${name}`,
        answer,
        asked.length === 0
          ? `nothing: all that lies in the bag of a connector for ${connector.method} is always the same`
          : `for ${connector.method}: ${asked.join(', ')}`,
      );
    const answers = answersFor(known, connector);
    if (!answers.includes(answer))
      throw new RequestError(`${at}.${name}`, answer, `one of: ${answers.join(', ')}`);
  }
  return contentsSchema.parse(bag);
}
