import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals';
import { starters } from '@gorvane/core/lead/starters.ts';
import { verifyChain } from '@gorvane/core/record/chain.ts';
import type { UnitHappening } from '@gorvane/core/unit/unit.ts';
import { exportEverything } from './export-archive.ts';
import { Stopped } from './going-on.ts';
import { takeSoundFile, inspectFile, takeFile } from './import-archive.ts';
import { readBeside } from './read-beside.ts';
import { startEmpty } from './start-empty.ts';
import { database, newId, newShortId } from './database.ts';
import { createLead } from './new-lead.ts';
import { eventsOfUnit, readUnit } from './unit-records.ts';
import { recordHappenings, startUnit } from './units.ts';
import { checksum } from '@gorvane/core/record/checksum.ts';

const stop = () => {
  throw new Stopped();
};

const contents = async () =>
  Object.fromEntries(
    await Promise.all(database.tables.map(async (table) => [table.name, await table.toArray()] as const)),
  );

test('what is made later has an identity that stands behind; short ones of the same moment differ', () => {
  const ids = Array.from({ length: 2000 }, newId);
  expect([...ids].sort()).toEqual(ids);
  expect(new Set(ids).size).toBe(ids.length);
  const short = Array.from({ length: 200 }, newShortId);
  expect(new Set(short).size).toBe(short.length);
});

async function firstUnitStarted() {
  await createLead({ starter: starters[0]!, length: 3.4, quantity: 2 });
  const [unit] = await database.units.orderBy('serial').toArray();
  await startUnit(unit!.id);
  return (await readUnit(unit!.id))!;
}

beforeEach(startEmpty);

describe('a new lead', () => {
  test('makes lead, card, order line and units with running serials', async () => {
    await createLead({ starter: starters[0]!, length: 3.4, quantity: 2 });
    await createLead({ starter: starters[1]!, length: 1, quantity: 1 });
    const units = await database.units.orderBy('serial').toArray();
    expect(units.map(({ serial, sequence }) => [serial, sequence])).toEqual([
      ['B1-0001', 1],
      ['B1-0002', 2],
      ['B1-0003', 1],
    ]);
    expect((await database.orders.toArray()).map(({ lines }) => lines[0]!.quantity).sort()).toEqual([1, 2]);
  });
});

describe('a unit’s record', () => {
  test('starting twice freezes one plan and writes one entry', async () => {
    const unit = await firstUnitStarted();
    await Promise.all([startUnit(unit.id), startUnit(unit.id)]);
    expect((await readUnit(unit.id))!.plan).toEqual(unit.plan);
    expect((await eventsOfUnit(unit.id)).map(({ happening }) => happening.kind)).toEqual(['started']);
  });

  test('two tabs that finish the same step write it once, in one whole chain', async () => {
    const unit = await firstUnitStarted();
    const step = unit.plan!.steps[0]!;
    const finish = () =>
      recordHappenings(unit.id, (now): UnitHappening[] =>
        now.current?.id === step.id ? [{ kind: 'step done', stepId: step.id }] : [],
      );
    await Promise.all([finish(), finish(), finish()]);
    const events = await eventsOfUnit(unit.id);
    expect(events.filter(({ happening }) => happening.kind === 'step done')).toHaveLength(1);
    expect(verifyChain(events)).toEqual([]);
  });

  test('a change of the lead does not touch a unit that was started', async () => {
    const unit = await firstUnitStarted();
    const lead = (await database.leads.get(unit.leadId))!;
    await database.leads.put({ ...lead, name: 'another name' });
    await startUnit(unit.id);
    expect((await readUnit(unit.id))!.plan!.lead.name).toBe(starters[0]!.leadName);
  });
});

describe('everything out and in', () => {
  test('exported, emptied and imported, all is back', async () => {
    const unit = await firstUnitStarted();
    const picture = new Uint8Array([1, 2, 3]);
    await database.blobs.put({ hash: checksum(picture), bytes: picture });
    const before = await contents();
    const events = await eventsOfUnit(unit.id);
    const bytes = await exportEverything();
    await startEmpty();
    expect(await database.units.count()).toBe(0);
    await takeSoundFile(bytes);
    const after = await contents();
    for (const table of ['leads', 'gaugeCards', 'orders', 'units', 'tallies', 'blobs'])
      expect(after[table]).toEqual(before[table]);
    expect(await readUnit(unit.id)).toEqual(unit);
    expect(await eventsOfUnit(unit.id)).toEqual(events);
    const withoutRow = (rows: readonly unknown[]) => rows.map((row) => ({ ...(row as object), row: 0 }));
    expect(withoutRow(after.summaries!)).toEqual(withoutRow(before.summaries!));
    expect(verifyChain(await eventsOfUnit(unit.id))).toEqual([]);
  });

  test('a bad file changes nothing', async () => {
    await firstUnitStarted();
    const before = await contents();
    const bytes = new Uint8Array(await (await exportEverything()).arrayBuffer());
    for (const bad of [
      bytes.slice(0, 200),
      new Uint8Array([1, 2, 3]),
      bytes.map((byte, index) => (index === 400 ? byte ^ 255 : byte)),
    ])
      await expect(takeSoundFile(new Blob([bad]))).rejects.toThrow();
    expect(await contents()).toEqual(before);
  });

  test('another bench’s archive brings its house, never its name, serials or screen', async () => {
    await createLead({ starter: starters[0]!, length: 3.4, quantity: 2 });
    await database.house.toCollection().modify({ name: 'Net store', changedAt: '2026-11-16T07:30:00.000Z' });
    const theirs = await exportEverything();
    await startEmpty();
    await database.bench.toCollection().modify({ name: 'Bench two', theme: 'night' });
    await takeSoundFile(theirs);
    expect(await database.house.toArray()).toMatchObject([{ name: 'Net store' }]);
    expect(await database.bench.toArray()).toMatchObject([
      { name: 'Bench two', theme: 'night', nextSerial: 1 },
    ]);
    await createLead({ starter: starters[1]!, length: 1, quantity: 1 });
    const serials = (await database.units.orderBy('serial').toArray()).map(({ serial }) => serial);
    expect(serials).toEqual(['B1-0001', 'B1-0002', 'B1-0003']);
  });

  test('a serial that another unit has here is called by the bench it comes from, once', async () => {
    await createLead({ starter: starters[0]!, length: 3.4, quantity: 1 });
    const theirs = await exportEverything();
    await startEmpty();
    await createLead({ starter: starters[1]!, length: 1, quantity: 1 });
    expect((await takeSoundFile(theirs)).clashes).toEqual([{ serial: 'B1-0001', as: 'B1-0001/B1' }]);
    expect(await takeSoundFile(theirs)).toMatchObject({ added: 0, replaced: 0, clashes: [] });
    const serials = (await database.units.orderBy('serial').toArray()).map(({ serial }) => serial);
    expect(serials).toEqual(['B1-0001', 'B1-0001/B1']);
  });

  test('stopped on the way, an import leaves nothing, and an export no file', async () => {
    await firstUnitStarted();
    const file = await exportEverything();
    await startEmpty();
    const before = await contents();
    const inspected = await inspectFile(file);
    let parts = 0;
    const stopping = {
      progress: () => undefined,
      check: () => {
        if (++parts > 3) throw new Stopped();
      },
    };
    await expect(takeFile(file, inspected, stopping)).rejects.toThrow('Stopped.');
    expect(parts).toBe(4);
    expect(await contents()).toEqual(before);
    parts = 0;
    await takeFile(file, inspected);
    const entries = await database.records.toArray();
    await expect(exportEverything({ ...stopping, check: () => stop() })).rejects.toThrow('Stopped.');
    expect(await database.records.toArray()).toEqual(entries);
  });

  test('a computer that sleeps while a file is read loses nothing: no clock ends the import', async () => {
    await firstUnitStarted();
    const file = await exportEverything();
    await startEmpty();
    const timers = jest.spyOn(globalThis, 'setTimeout');
    await takeSoundFile(file);
    const delays = timers.mock.calls.map(([, delay = 0]) => delay).filter((delay) => delay > 1000);
    timers.mockRestore();
    expect(delays.length).toBeGreaterThan(0);
    expect(Math.min(...delays)).toBeGreaterThan(24 * 3600 * 1000);
  });

  test('an entry that has the id of another in the record that is here is refused, and nothing taken', async () => {
    const unit = await firstUnitStarted();
    const file = await exportEverything();
    const entries = await eventsOfUnit(unit.id);
    const other = entries.map((entry) => ({ ...entry, hash: '0'.repeat(64) }));
    await database.records.put({ unitId: unit.id, entries: other });
    const before = await contents();
    await expect(takeSoundFile(file)).rejects.toThrow(/Entry 1 of a unit has the id of another entry/);
    expect(await contents()).toEqual(before);
  });

  test('importing the same file again adds and replaces nothing', async () => {
    await firstUnitStarted();
    const bytes = await exportEverything();
    expect(await takeSoundFile(bytes)).toMatchObject({ added: 0, replaced: 0 });
  });
});

describe('a second worker that reads units', () => {
  const before = globalThis.Worker;
  afterEach(() => {
    globalThis.Worker = before;
  });

  test('is not begun for a small file; where it breaks off, that is said, and nobody waits for it', async () => {
    const begun: EventTarget[] = [];
    globalThis.Worker = class extends EventTarget {
      constructor() {
        super();
        begun.push(this);
      }
      postMessage() {}
    } as unknown as typeof Worker;
    const few = readBeside({ count: 3, from: 14 });
    await expect(few.units('units/000001.json', new Uint8Array())).rejects.toThrow(/units/);
    expect(begun).toEqual([]);
    const read = readBeside({ count: 400, from: 14 }).units('units/000001.json', new Uint8Array(3));
    begun[0]!.dispatchEvent(new Event('error'));
    await expect(read).rejects.toThrow(
      /could not be started, or broke off\. Load the page again and try once more\.$/,
    );
    expect(begun).toHaveLength(1);
  });
});

describe('a record that is read in packed', () => {
  const exported = async () => {
    const unit = await firstUnitStarted();
    for (const text of ['one', 'two', 'three'])
      await recordHappenings(unit.id, () => [{ kind: 'note', stepId: null, text }]);
    return { id: unit.id, file: await exportEverything(), events: await eventsOfUnit(unit.id) };
  };

  test('reads as it was written, goes out as it came, and goes on', async () => {
    const { id, file, events } = await exported();
    await startEmpty();
    expect(await takeSoundFile(file)).toMatchObject({ clashes: [] });
    expect(await database.records.get(id)).toMatchObject({ packed: expect.any(Uint8Array) });
    expect(await eventsOfUnit(id)).toEqual(events);
    expect(await takeSoundFile(await exportEverything())).toMatchObject({ added: 0, replaced: 0 });
    await recordHappenings(id, () => [{ kind: 'note', stepId: null, text: 'four' }]);
    const longer = await eventsOfUnit(id);
    expect(longer.slice(0, -1)).toEqual(events);
    expect(verifyChain(longer)).toEqual([]);
  });

  test('is added to what is here of it, and what is here is never put away for it', async () => {
    const { id, file, events } = await exported();
    await database.records.put({ unitId: id, entries: events.slice(0, 2) });
    expect(await takeSoundFile(file)).toMatchObject({ added: 2 });
    expect(await eventsOfUnit(id)).toEqual(events);
    await recordHappenings(id, () => [{ kind: 'note', stepId: null, text: 'since' }]);
    await takeSoundFile(file);
    expect(await eventsOfUnit(id)).toHaveLength(events.length + 1);
  });
});
