import { defaultBench } from '../house/default-bench.ts';
import { newOwnCable } from '../cable/own-cable.ts';
import { describe, expect, test } from '@jest/globals';
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import { defaultPapers } from '../paper/default-papers.ts';
import { checksum } from '../record/checksum.ts';
import { exampleLead, house, now } from '../testing/example.ts';
import type { Archive } from './archive-tables.ts';
import { readArchive, writeArchive } from './archive.ts';

const { lead, card } = exampleLead();
const photo = new Uint8Array([1, 2, 3, 250]);
const archive: Archive = {
  leads: [lead],
  gaugeCards: [card],
  orders: [],
  units: [],
  events: [],
  bench: [defaultBench(now)],
  papers: [defaultPapers(now)],
  house: [house],
  cables: [newOwnCable('own', now)],
  blobs: { [checksum(photo)]: photo },
};
const bytes = writeArchive(archive, now);

/** The archive with some files changed; checksums are made right again when `honest`. */
function tampered(change: (files: Record<string, Uint8Array>) => void, honest: boolean): Uint8Array {
  const files = unzipSync(bytes);
  change(files);
  if (honest) {
    const manifest = JSON.parse(strFromU8(files['manifest.json']!)) as { checksums: Record<string, string> };
    manifest.checksums = Object.fromEntries(
      Object.entries(files).flatMap(([name, data]) =>
        name === 'manifest.json' ? [] : [[name, checksum(data)]],
      ),
    );
    files['manifest.json'] = strToU8(JSON.stringify(manifest));
  }
  return zipSync(files);
}
const editManifest = (files: Record<string, Uint8Array>, changes: object) => {
  const manifest = JSON.parse(strFromU8(files['manifest.json']!)) as object;
  files['manifest.json'] = strToU8(JSON.stringify({ ...manifest, ...changes }));
};

test('what is written is read back the same, attached files included', () => {
  expect(readArchive(bytes)).toEqual(archive);
});

describe('refused, with the reason', () => {
  test.each<[string, Uint8Array, RegExp]>([
    ['empty', new Uint8Array(), /not a zip file/],
    ['text', strToU8('hello'), /not a zip file/],
    ['cut off', bytes.slice(0, bytes.length / 2), /not a zip file, or it is cut off/],
    ['a foreign zip', zipSync({ 'readme.txt': strToU8('x') }), /no manifest.json/],
    ['a foreign manifest', zipSync({ 'manifest.json': strToU8('{"name":"app"}') }), /does not say so/],
    ['a manifest that is no JSON', zipSync({ 'manifest.json': strToU8('{') }), /manifest.json: /],
    [
      'a newer version',
      tampered((files) => editManifest(files, { version: 99 }), false),
      /version 99; this program reads up to version 14/,
    ],
    [
      'a changed table',
      tampered((files) => (files['leads.json'] = strToU8('[]')), false),
      /leads.json is damaged/,
    ],
    ['a missing table', tampered((files) => delete files['orders.json'], false), /orders.json is missing/],
    [
      'a missing table that nothing lists',
      tampered((files) => delete files['orders.json'], true),
      /orders.json is missing/,
    ],
    [
      'a file of another kind',
      tampered((files) => (files['x.txt'] = strToU8('x')), true),
      /x.txt does not belong in an archive/,
    ],
    [
      'a file slipped in',
      tampered((files) => (files['blobs/x'] = strToU8('x')), false),
      /blobs\/x is not listed/,
    ],
    [
      'a record that cannot be',
      tampered((files) => (files['leads.json'] = strToU8(JSON.stringify([{ ...lead, name: '' }]))), true),
      /leads.json, at 0.name/,
    ],
    [
      'a lead that is no tree',
      tampered(
        (files) =>
          (files['leads.json'] = strToU8(
            JSON.stringify([{ ...lead, legs: [{ ...lead.legs[0], toNodeId: 'nowhere' }] }]),
          )),
        true,
      ),
      /hangs on node "nowhere"/,
    ],
  ])('%s', (_name, file, reason) => expect(() => readArchive(file)).toThrow(reason));
});
