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

/** Reads `--port N`, `--demo` and `--instruments FILE`. @throws Error saying what was found and what was expected. */
export function readCommandLine(words: readonly string[]): CommandLine {
  let port = usualPort;
  let firstData: CommandLine['firstData'] = 'empty';
  let instruments: string | undefined;
  for (let index = 0; index < words.length; index++) {
    const word = words[index];
    if (word === '--demo') firstData = 'demo';
    else if (word === '--instruments') {
      instruments = words[++index];
      if (!instruments) throw new Error('--instruments: found nothing; expected a file.');
    } else if (word === '--port') {
      const given = words[++index];
      const parsed = portSchema.safeParse(given);
      if (!parsed.success)
        throw new Error(`--port: found "${given ?? ''}"; expected a number from 1024 to 65535.`);
      port = parsed.data;
    } else throw new Error(`Found "${word ?? ''}"; expected --port N, --instruments FILE or --demo.`);
  }
  return { port, firstData, instruments, otherPort: port !== usualPort };
}
