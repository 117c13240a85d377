import { unzipSync } from 'fflate';

/** Most that one file of a zip, and all of them, may come to when unpacked, bytes, and how many: far above what years of a shop hold. House defaults. */
const most = { file: 300e6, all: 1e9, files: 200_000 } as const;

/**
 * Unpacks a zip of flat files. Sizes are bounded before anything is unpacked; names that lead out of it, or are no names, are refused.
 * @throws Error with what was found and what was expected.
 */
export function unpack(bytes: Uint8Array): Record<string, Uint8Array> {
  let [all, count] = [0, 0];
  return {
    ...unzipSync(bytes, {
      filter: ({ name, originalSize }) => {
        count++;
        all += originalSize;
        if (count > most.files) throw new UnpackError(`It holds more than ${most.files} files.`);
        if (originalSize > most.file || all > most.all)
          throw new UnpackError(
            `It would unpack to more than ${(originalSize > most.file ? most.file : most.all) / 1e6} MB${originalSize > most.file ? ` in ${name.slice(0, 80)}` : ''}.`,
          );
        if (!isPlainName(name))
          throw new UnpackError(`It holds a file with a name that is none: ${name.slice(0, 80)}.`);
        return true;
      },
    }),
  };
}

/** A zip that is not unpacked, and why. */
export class UnpackError extends Error {
  constructor(message: string) {
    super(message);
    this.name = 'UnpackError';
  }
}

/** Parts of letters that stand for themselves: no way up or out, nothing that every object has. */
function isPlainName(name: string): boolean {
  const parts = name.replace(/\/$/, '').split('/');
  return parts.every(
    (part) => part !== '' && part !== '.' && part !== '..' && !/[\\:\0]/.test(part) && !(part in {}),
  );
}
