import { readFileSync } from 'node:fs';
import { strFromU8, unzipSync } from 'fflate';

/** An archive that an earlier program wrote, or the golden one: kept as it is, whatever becomes of the program. */
export const archiveFile = (name: string): Uint8Array =>
  new Uint8Array(readFileSync(new URL(`../../test-data/archives/${name}.zip`, import.meta.url)));

const unpacked = new Map<string, ReturnType<typeof unzipSync>>();

/** One JSON file within it, as it stands there; nothing where it is not in it. */
export function archivedJson<T>(name: string, file: string): T | undefined {
  const files = unpacked.get(name) ?? unzipSync(archiveFile(name));
  unpacked.set(name, files);
  return files[file] && (JSON.parse(strFromU8(files[file])) as T);
}
