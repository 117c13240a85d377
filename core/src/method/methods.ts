import type { MethodName } from '../connector/method-name.ts';
import type { Method } from './method.ts';
import { pinAndFerrule } from './pin-and-ferrule.ts';

/** Every method that ships. */
export const methods: readonly Method[] = [pinAndFerrule];

/** A method by its name. @throws RangeError when there is none. */
export function methodOf(name: MethodName): Method {
  const found = methods.find((method) => method.name === name);
  if (!found) throw new RangeError(`methods: there is no "${name}"`);
  return found;
}
