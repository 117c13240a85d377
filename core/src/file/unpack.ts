import { unzipSync } from 'fflate';

/** Most that one file of a zip may come to when unpacked, bytes, all that are in memory at once, and how many: far above what years of a shop hold. House defaults. */
const most = { file: 300e6, all: 1e9, files: 500_000 } as const;

/** Looks at the files of a zip before any is unpacked. */
export class SizeGuard {
  private count = 0;
  private all = 0;

  /** @param mostInAll Bytes that all files together may come to. */
  constructor(private readonly mostInAll: number = Infinity) {}

  /** @throws UnpackError when a file has no plain name, or it or all are too large. */
  check(name: string, size: number): void {
    this.count++;
    this.all += size;
    if (this.count > most.files) throw new UnpackError(`It holds more than ${most.files} files.`);
    if (size > most.file)
      throw new UnpackError(`It would unpack to more than ${most.file / 1e6} MB in ${name.slice(0, 80)}.`);
    if (this.all > this.mostInAll)
      throw new UnpackError(`It would unpack to more than ${this.mostInAll / 1e6} MB.`);
    if (!isPlainName(name))
      throw new UnpackError(`It holds a file whose name leads out of it or is none: ${name.slice(0, 80)}.`);
  }
}

/**
 * Unpacks a zip of flat files into memory. Sizes are bounded before anything is unpacked; names that lead out of it, or are no names, are refused.
 * @throws Error with what was found and what was expected.
 */
export function unpack(bytes: Uint8Array): Record<string, Uint8Array> {
  const guard = new SizeGuard(most.all);
  return {
    ...unzipSync(bytes, {
      filter: ({ name, originalSize }) => {
        guard.check(name, originalSize);
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
