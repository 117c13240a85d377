import { readFileSync } from 'node:fs';
import { strFromU8, unzipSync } from 'fflate';

/** An archive that an earlier program wrote, or the golden one: kept as it is, whatever becomes of the program. */
export const archiveFile = (name: string): Uint8Array =>
  new Uint8Array(readFileSync(new URL(`../../test-data/archives/${name}.zip`, import.meta.url)));

/** One JSON file within it, as it stands there; nothing where it is not in it. */
export function archivedJson<T>(name: string, file: string): T | undefined {
  const bytes = unzipSync(archiveFile(name))[file];
  return bytes && (JSON.parse(strFromU8(bytes)) as T);
}
