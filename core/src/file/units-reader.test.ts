import { describe, expect, test } from '@jest/globals';
import { deflateSync, inflateSync, strFromU8, strToU8 } from 'fflate';
import { planHash, planText } from '../plan/plan-hash.ts';
import { inChainOrder } from '../record/chain-order.ts';
import { asStored } from '../unit/as-stored.ts';
import { bladeCuts } from '../unit/blade-cut.ts';
import { archiveFile } from '../testing/old-archive.ts';
import { summaryOf } from '../unit/summary.ts';
import type { UnitEvent } from '../unit/unit.ts';
import { readArchive } from './archive.ts';
import type { Archive } from './archive-tables.ts';
import { emptyArchive } from './archive-tables.ts';
import { ArchiveCheck, checkArchive } from './check-archive.ts';
import { UnitsReader } from './units-reader.ts';

const shop = readArchive(archiveFile('version-11'));
const units = shop.units.filter(({ plan }) => plan).slice(0, 3);
const unstarted = shop.units.find(({ plan }) => !plan)!;
const recordOf = (id: string) => inChainOrder(shop.events.filter(({ unitId }) => unitId === id));
const written: Archive = {
  ...emptyArchive(),
  units: [...units, unstarted],
  events: units.flatMap(({ id }) => recordOf(id)),
};
const nothing = { unitIds: new Set<string>(), cardIds: new Set<string>(), cableIds: new Set<string>() };

const asText = (entries: readonly UnitEvent[]) => Promise.resolve(strToU8(JSON.stringify(entries)));

/** A reader that has all plans of the shop. */
function withPlans(): UnitsReader {
  const reader = new UnitsReader(14, asText);
  for (const { plan } of units) reader.plan(planHash(plan!), deflateSync(strToU8(planText(plan!))));
  return reader;
}

const file = ({ units, events }: Archive) => strToU8(JSON.stringify({ units: units.map(asStored), events }));

describe('a file of units in which all holds', () => {
  test('comes as it is kept: units by the names of their plans, summed up, each record in one piece', async () => {
    const { archive, sound } = await withPlans().units('units/1.json', file(written));
    expect(archive).toEqual(emptyArchive());
    expect(sound!.units).toEqual(written.units.map(asStored));
    expect(sound!.summaries).toEqual(written.units.map((unit) => summaryOf(unit, recordOf(unit.id))));
    expect([...sound!.records.keys()]).toEqual(units.map(({ id }) => id));
    for (const [id, { packed, entries, cuts }] of sound!.records) {
      expect(JSON.parse(strFromU8(packed))).toEqual(recordOf(id));
      expect([entries, cuts]).toEqual([recordOf(id).length, bladeCuts(recordOf(id))]);
    }
  });

  test('gives each plan once, just as it was frozen', async () => {
    const reader = withPlans();
    const { sound } = await reader.units('units/1.json', file(written));
    expect(new Set(sound!.plans.keys())).toEqual(new Set(units.map(({ plan }) => planHash(plan!))));
    for (const { plan } of units)
      expect(strFromU8(inflateSync(sound!.plans.get(planHash(plan!))!))).toBe(planText(plan!));
    expect((await reader.units('units/2.json', file(written))).sound!.plans.size).toBe(0);
  });

  test('is told when one of its units stood in the file before', async () => {
    const reader = withPlans();
    const check = new ArchiveCheck(nothing);
    expect(check.ofPart(await reader.units('units/1.json', file(written)))).toEqual([]);
    const again = await reader.units(
      'units/2.json',
      file({ ...written, units: units.slice(0, 1), events: recordOf(units[0]!.id) }),
    );
    expect(again.sound).toBeDefined();
    expect(check.ofPart(again)).toEqual([
      {
        table: 'units',
        id: units[0]!.id,
        name: units[0]!.serial,
        message: 'its id stands twice in the file',
      },
    ]);
  });
});

describe('a file of units in which something does not hold', () => {
  const changed = (change: (archive: Archive) => Partial<Archive>): Archive => ({
    ...written,
    ...change(written),
  });

  test.each<[string, Archive]>([
    [
      'an entry that was changed',
      changed(({ events }) => ({
        events: events.map((event, n) => (n === 3 ? { ...event, by: 'nobody' } : event)),
      })),
    ],
    ['an entry that is missing', changed(({ events }) => ({ events: events.filter((_, n) => n !== 3) }))],
    ['an entry of a unit that is not in it', changed(({ units }) => ({ units: units.slice(1) }))],
    [
      'a serial that no label holds',
      changed(({ units: [unit, ...others] }) => ({
        units: [{ ...unit!, serial: 'B'.repeat(61) }, ...others],
      })),
    ],
    ['a unit that was begun and has no entries', changed(() => ({ events: [] }))],
    [
      'a plan of another unit',
      changed(({ units: [a, b, ...others] }) => ({
        units: [
          {
            ...a!,
            plan: shop.units.find(
              ({ plan }) => plan && plan !== a!.plan && planHash(plan) !== planHash(a!.plan!),
            )!.plan,
          },
          b!,
          ...others,
        ],
      })),
    ],
  ])('%s: comes whole, and the same is said of it as ever', async (_what, archive) => {
    const reader = withPlans();
    for (const { plan } of archive.units)
      if (plan) reader.plan(planHash(plan), deflateSync(strToU8(planText(plan))));
    const part = await reader.units('units/1.json', file(archive));
    expect(part.sound).toBeUndefined();
    const findings = new ArchiveCheck(nothing).ofPart(part);
    expect(findings.length).toBeGreaterThan(0);
    expect(findings).toEqual(checkArchive(part.archive, nothing));
  });

  test('an entry that cannot be read is told with its place, and the others are there', async () => {
    const bytes = strToU8(
      JSON.stringify({ units: written.units.map(asStored), events: [...written.events, { unitId: 'none' }] }),
    );
    const part = await withPlans().units('units/1.json', bytes);
    expect(part.sound).toBeUndefined();
    expect(part.unread).toEqual([
      { table: 'events', message: expect.stringMatching(/units\/1.json, at events\.\d+\.id/) },
    ]);
    expect(part.archive.events).toHaveLength(written.events.length);
  });

  test('a plan that the archive lacks', async () => {
    const part = await new UnitsReader(14, asText).units('units/1.json', file(written));
    expect(new ArchiveCheck(nothing).ofPart(part).map(({ message }) => message)).toContain(
      'it was started, and its plan is missing.',
    );
  });

  test('no file of units at all is refused in words', async () => {
    await expect(new UnitsReader(14, asText).units('units/1.json', strToU8('{'))).rejects.toThrow(
      /units\/1\.json/,
    );
  });
});
