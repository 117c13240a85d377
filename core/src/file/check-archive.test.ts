import { describe, expect, test } from '@jest/globals';
import { zipSync } from 'fflate';
import { archiveFile } from '../testing/old-archive.ts';
import type { Archive } from './archive-tables.ts';
import { readArchive, readRecords, writeArchive } from './archive.ts';
import { checkArchive, soundPart } from './check-archive.ts';
import { unpack } from './unpack.ts';

const archive = readArchive(archiveFile('version-10'));
const nothingHere = { unitIds: new Set<string>(), cardIds: new Set<string>(), cableIds: new Set<string>() };
const found = (changed: Archive, here = nothingHere) =>
  checkArchive(changed, here).map(({ table, message }) => `${table}: ${message}`);
const [lead] = archive.leads;
const started = archive.units.find(({ plan }) => plan !== null)!;
const withLead = (change: object): Archive => ({
  ...archive,
  leads: archive.leads.map((each, n) => (n === 0 ? { ...each, ...change } : each)),
});
const withEvents = (change: (events: Archive['events']) => Archive['events']): Archive => ({
  ...archive,
  events: change(archive.events),
});
const ofStarted = (n: number) => ({
  at: archive.events.findIndex(({ unitId, number }) => unitId === started.id && number === n),
});

describe('a file before it is taken', () => {
  test('what this program wrote holds, from the first version on', () => {
    expect(found(archive)).toEqual([]);
    expect(found(readArchive(archiveFile('version-1')))).toEqual([]);
  });

  test.each<[string, Archive, RegExp]>([
    [
      'a length that no lead has',
      withLead({ legs: [{ ...lead!.legs[0]!, finishedLength: 1e308 }] }),
      /^leads: it is 1e\+308 m long/,
    ],
    [
      'a revision that nobody made',
      withLead({ revision: 2 ** 53 - 1 }),
      /^leads: its revision is 9007199254740991/,
    ],
    [
      'five million letters',
      withLead({ purpose: 'a'.repeat(5e6) }),
      /^leads: it holds a text of 5000000 letters/,
    ],
    [
      'a connector that is in no catalogue',
      withLead({ ends: lead!.ends.map((end) => ({ ...end, connectorId: 'made-up' })), ownConnectors: [] }),
      /^leads: the connector “made-up” of end A is in no catalogue here/,
    ],
    [
      'a cable that is in no catalogue',
      withLead({ pieces: lead!.pieces.map((piece) => ({ ...piece, cableId: 'made-up' })), ownCables: [] }),
      /^leads: its cable “made-up” is in no catalogue here/,
    ],
    ['a bag that is nowhere', { ...archive, gaugeCards: [] }, /^leads: the bag of end A is neither/],
    [
      'an id twice',
      { ...archive, orders: [...archive.orders, archive.orders[0]!] },
      /^orders: its id stands twice/,
    ],
    [
      'an entry twice',
      withEvents((events) => [...events, events[0]!]),
      /^units: an entry of its record stands twice/,
    ],
    [
      'an entry that was changed',
      withEvents((events) => events.map((e, n) => (n === ofStarted(3).at ? { ...e, by: 'Somebody' } : e))),
      /^units: entry 4 of its record was changed/,
    ],
    [
      'an entry that is missing',
      withEvents((events) => events.filter((_, n) => n !== ofStarted(3).at)),
      /^units: an entry before number 5 of its record is missing/,
    ],
    [
      'entries of a unit that is nowhere',
      withEvents((events) => [...events, { ...events[0]!, id: 'x', unitId: 'gone' }]),
      /^events: its unit is neither in the file nor here/,
    ],
    [
      'a plan that was changed',
      {
        ...archive,
        units: archive.units.map((unit) =>
          unit.plan ? { ...unit, plan: { ...unit.plan, limits: [] } } : unit,
        ),
      },
      /^units: its plan is not the one that was frozen/,
    ],
    [
      'a serial that no label holds',
      {
        ...archive,
        units: archive.units.map((unit, n) => (n === 0 ? { ...unit, serial: 'S'.repeat(3000) } : unit)),
      },
      /^units: its serial has 3000 letters; a label holds 60/,
    ],
    [
      'a plan that is missing',
      { ...archive, units: archive.units.map((unit) => ({ ...unit, plan: null })) },
      /^units: it was started, and its plan is missing/,
    ],
    [
      'a kept file under another name',
      { ...archive, blobs: { ...archive.blobs, ['0'.repeat(64)]: new Uint8Array([1]) } },
      /^blobs: a kept file is not what its name says/,
    ],
  ])('%s is found, and the rest holds without it', (_name, changed, expected) => {
    const findings = checkArchive(changed, nothingHere);
    expect(findings.map(({ table, message }) => `${table}: ${message}`)).toContainEqual(
      expect.stringMatching(expected),
    );
    const here = { ...nothingHere, cardIds: new Set(archive.gaugeCards.map(({ id }) => id)) };
    const rest = soundPart(changed, checkArchive(changed, here));
    expect(found(rest, here)).toEqual([]);
    expect(rest.units.length + rest.leads.length).toBeGreaterThan(archive.leads.length / 2);
  });

  test('entries may lean on a unit that is here, and two benches may have gone on with one', () => {
    const { units: _units, ...others } = archive;
    const here = { ...nothingHere, unitIds: new Set(archive.units.map(({ id }) => id)) };
    expect(found({ ...others, units: [] }, here)).toEqual([]);
  });

  test('record by record: what cannot be read is told with its place, the others are there', () => {
    const broken = writeArchive(
      { ...archive, orders: [{ ...archive.orders[0]!, lines: [] }, ...archive.orders.slice(1)] },
      '2026-11-24T07:00:00.000Z',
    );
    const { archive: read, unread } = readRecords(broken);
    expect(unread).toEqual([
      { table: 'orders', message: expect.stringMatching(/^orders\.json, at 0\.lines/) },
    ]);
    expect(read.orders).toHaveLength(archive.orders.length - 1);
    expect(() => readArchive(broken)).toThrow(/orders\.json, at 0\.lines/);
  });
});

describe('unpacking', () => {
  test.each(['../out.json', '/etc/passwd', 'a/../../b', 'blobs/constructor', 'c:\\x'])(
    'a file called %s is refused',
    (name) =>
      expect(() => unpack(zipSync({ [name]: new Uint8Array([1]) }))).toThrow(
        /whose name leads out of it or is none/,
      ),
  );

  test('and so is one called as what every object leans on', () => {
    const zip = Buffer.from(zipSync({ aaprotoaa: new Uint8Array([1]) }));
    for (let at = zip.indexOf('aaprotoaa'); at >= 0; at = zip.indexOf('aaprotoaa'))
      zip.write('__proto__', at);
    expect(() => unpack(zip)).toThrow(/whose name leads out of it or is none/);
  });

  test('what would unpack to more than any shop has is refused before it is', () => {
    const small = zipSync({ 'manifest.json': new Uint8Array(1000) });
    // The size that the directory of a zip states, set to 1 GB: four bytes at 24 of its entry.
    const at = small.findIndex((_, n) => small[n] === 0x50 && small[n + 1] === 0x4b && small[n + 2] === 1);
    new DataView(small.buffer).setUint32(at + 24, 1e9, true);
    expect(() => unpack(small)).toThrow(/more than 300 MB in manifest\.json/);
  });
});
