import { expect, test } from '@jest/globals';
import { checksum } from '../record/checksum.ts';
import { seededRandom } from '../quantity/random.ts';
import { headNames } from './archive-tables.ts';
import { ArchiveWriter } from './archive-writer.ts';
import { openArchive, ZipFile } from './archive-zip.ts';
import { BlockReader } from './block-reader.ts';

const megabyte = 1024 * 1024;

const random = seededRandom(1);
/** Further apart than a compressor looks back. */
const unlike = Uint8Array.from({ length: 65_536 }, () => Math.floor(random() * 256));

/** Bytes that no compression makes smaller. */
function noise(seed: number, length: number): Uint8Array {
  const bytes = new Uint8Array(length);
  for (let at = 0; at < length; at += unlike.length) bytes.set(unlike.subarray(0, length - at), at);
  bytes[0] = seed;
  return bytes;
}

/** An archive of some files, in the order against that of their names. */
async function archiveOf(files: readonly Uint8Array[]): Promise<Blob> {
  const zip = new ZipFile();
  const writer = new ArchiveWriter(zip.put);
  for (const name of headNames) writer.table(name, []);
  const named = files.map((bytes) => ({ hash: checksum(bytes), bytes }));
  for (const { hash, bytes } of named.sort((a, b) => b.hash.localeCompare(a.hash))) {
    writer.blob(hash, bytes);
    await zip.written();
  }
  return zip.close(writer.checksums, '2026-11-24T07:00:00.000Z');
}

test('a file is read from front to back, each part of it about once, however its files are called', async () => {
  const files = Array.from({ length: 24 }, (_, n) => noise(n, megabyte / 2));
  const file = await archiveOf(files);
  let read = 0;
  const watched = new Proxy(file, {
    get: (target, name) => {
      if (name === 'slice')
        return (from: number, to: number) => {
          read += to - from;
          return target.slice(from, to);
        };
      const value: unknown = Reflect.get(target, name, target);
      return typeof value === 'function' ? (value.bind(target) as unknown) : value;
    },
  });
  const { parts } = await openArchive(watched);
  const none = () => Promise.reject(new Error('There are no units in it.'));
  const found = new Set<string>();
  for await (const { archive } of parts({ plan: none, units: none }))
    for (const hash of Object.keys(archive.blobs)) found.add(hash);
  expect(found).toEqual(new Set(files.map(checksum)));
  expect(file.size).toBeGreaterThan(12 * megabyte);
  expect(read).toBeLessThan(2 * file.size);
});

test('what is kept of a block is no more than what was asked for', async () => {
  const reader = new BlockReader(new Blob([noise(7, megabyte).slice()]));
  const piece = await reader.readUint8Array(1000, 30);
  expect([piece.length, piece.buffer.byteLength]).toEqual([30, 30]);
});
