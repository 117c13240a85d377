import { strFromU8 } from 'fflate';
import type { z } from 'zod';
import { ArchiveError } from './archive-error.ts';

/** What a JSON file holds. @throws ArchiveError naming the file. */
export const parseJson = (name: string, file: Uint8Array): unknown =>
  checkNamed(name, () => JSON.parse(strFromU8(file)) as unknown);

/** Data of a schema. @throws ArchiveError naming the file and the place in it. */
export function parseSchema<T>(
  name: string,
  schema: z.ZodType<T>,
  data: unknown,
  at: readonly PropertyKey[] = [],
): T {
  const result = schema.safeParse(data);
  if (result.success) return result.data;
  const issue = result.error.issues[0]!;
  const path = [...at, ...issue.path].map(String).join('.');
  throw new ArchiveError(`${name}, at ${path || 'the top'}: ${plainWords(issue.message)}.`);
}

/** What a schema says, in the words of everything else: what was expected, what was found. */
const plainWords = (message: string) =>
  message
    .replace(/^Invalid input: /, '')
    .replace(/, received undefined$/, ', and it is missing')
    .replace(/, received /, ', found ');

/** Work whose errors name the file. */
export function checkNamed<T>(name: string, work: () => T): T {
  try {
    return work();
  } catch (error) {
    if (error instanceof ArchiveError) throw error;
    throw new ArchiveError(`${name}: ${error instanceof Error ? error.message : String(error)}`);
  }
}
