import { parseArgs } from 'node:util';
import { z } from 'zod';

const portSchema = z.coerce.number().int().min(1024).max(65535);

export interface CommandLine {
  readonly port: number;
  readonly firstData: 'demo' | 'empty';
  /** File that names the instruments of the bench. */
  readonly instruments: string | undefined;
  /** The port was chosen and is not the usual one. */
  readonly otherPort: boolean;
}

/** The one usual port: the address is part of where a browser keeps its data. */
export const usualPort = 4780;

const options = {
  port: { type: 'string' },
  demo: { type: 'boolean' },
  instruments: { type: 'string' },
} as const;

/** Reads `--port N`, `--demo` and `--instruments FILE`. @throws Error saying what was found and what was expected. */
export function readCommandLine(words: readonly string[]): CommandLine {
  const { port: given, demo, instruments } = valuesOf(words);
  const port = portSchema.safeParse(given ?? usualPort);
  if (!port.success) throw new Error(`--port: found "${given}"; expected a number from 1024 to 65535.`);
  if (instruments === '') throw new Error('--instruments: found nothing; expected a file.');
  return {
    port: port.data,
    firstData: demo ? 'demo' : 'empty',
    instruments,
    otherPort: port.data !== usualPort,
  };
}

function valuesOf(words: readonly string[]) {
  try {
    return parseArgs({ args: [...words], options }).values;
  } catch (error) {
    throw new Error(
      `${error instanceof Error ? error.message : String(error)} Expected --port N, --instruments FILE or --demo.`,
      { cause: error },
    );
  }
}
