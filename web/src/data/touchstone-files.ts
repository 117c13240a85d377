import type { Network } from '@gorvane/core/line/network.ts';
import { readTouchstone } from '@gorvane/core/file/touchstone.ts';
import { checksum } from '@gorvane/core/record/checksum.ts';
import { useLiveQuery } from 'dexie-react-hooks';
import type { Blob } from './database.ts';
import { database } from './database.ts';

/** A file that was read in, kept by its checksum so that an address can name it. */
export interface KeptFile {
  readonly name: string;
  readonly hash: string;
  readonly network: Network;
}

/** Reads a Touchstone file and keeps it. @throws TouchstoneError; nothing is kept then. */
export async function keepTouchstone(file: File): Promise<KeptFile> {
  const bytes = new Uint8Array(await file.arrayBuffer());
  const network = readTouchstone(new TextDecoder().decode(bytes), file.name);
  const hash = checksum(bytes);
  await database.blobs.put({ hash, bytes });
  return { name: file.name, hash, network };
}

/** What was read of kept files; what lies under a checksum never changes. */
const networks = new Map<string, Network>();
const mostNetworks = 40;

/** The same file is the same object: what is worked out from it is not worked out again whenever another is kept. */
function networkOf({ hash, bytes }: Blob, name: string): Network {
  // The ports of a sweep are said by the ending of its name.
  const key = `${hash} ${name}`;
  const known = networks.get(key);
  if (known) return known;
  const network = readTouchstone(new TextDecoder().decode(bytes), name);
  if (networks.size >= mostNetworks) networks.delete(networks.keys().next().value!);
  networks.set(key, network);
  return network;
}

/** The kept files of these names and hashes; those that are not here are left out. `undefined` while they are read. */
export function useKeptFiles(
  wanted: readonly { readonly name: string; readonly hash: string }[],
): ReadonlyMap<string, KeptFile> | undefined {
  const key = JSON.stringify(wanted);
  return useLiveQuery(async () => {
    const files = JSON.parse(key) as typeof wanted;
    const blobs = await database.blobs.bulkGet(files.map(({ hash }) => hash));
    return new Map(
      files.flatMap(({ name, hash }, n) => {
        const blob = blobs[n];
        if (!blob) return [];
        return [[hash, { name, hash, network: networkOf(blob, name) }] as const];
      }),
    );
  }, [key]);
}

/** Keeps a text by its checksum, which is returned. */
export async function keepText(text: string): Promise<string> {
  const bytes = new TextEncoder().encode(text);
  const hash = checksum(bytes);
  await database.blobs.put({ hash, bytes });
  return hash;
}

/** A kept text; undefined while it is read, null where it is not here. */
export function useKeptText(hash: string | undefined): string | null | undefined {
  return useLiveQuery(async () => {
    if (hash === undefined) return null;
    const blob = await database.blobs.get(hash);
    return blob ? new TextDecoder().decode(blob.bytes) : null;
  }, [hash]);
}
