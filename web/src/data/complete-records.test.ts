import { afterEach, describe, expect, test } from '@jest/globals';
import { planLead } from '@gorvane/core/plan/lead-plan.ts';
import { canonicalJson } from '@gorvane/core/record/canonical-json.ts';
import { checksum } from '@gorvane/core/record/checksum.ts';
import type { FrozenPlan } from '@gorvane/core/plan/frozen-plan.ts';
import { planHash } from '@gorvane/core/plan/plan-hash.ts';
import type { StoredUnit } from '@gorvane/core/unit/unit.ts';
import { Dexie } from 'dexie';
import { inflateRawSync } from 'node:zlib';
import { demo, receiver, unitOf } from '../../test/open-at.tsx';
import { dataVersion } from '@gorvane/core/file/migrations/migrations.ts';
import { archivedJson } from '@gorvane/core/testing/old-archive.ts';
import { Database, databaseVersion, NewerDatabaseError } from './database.ts';

const name = 'gorvane-older';

/** Drops fields the way a record looked before they existed. */
function without<T extends object>(record: T, fields: readonly string[]): T {
  return Object.fromEntries(Object.entries(record).filter(([key]) => !fields.includes(key))) as T;
}

afterEach(() => Dexie.delete(name));

/** What a unit is built to, as it is kept beside it. */
async function planOf(database: Database, { planHash: hash }: StoredUnit): Promise<FrozenPlan | undefined> {
  const kept = hash === null ? undefined : await database.plans.get(hash);
  return kept && (JSON.parse(inflateRawSync(kept.bytes).toString()) as FrozenPlan);
}

/** A database as the version before left it. */
async function older(version = 2): Promise<void> {
  const before = new Dexie(name);
  before.version(version).stores({
    leads: 'id, name',
    gaugeCards: 'id, connectorId',
    orders: 'id',
    units: 'id, serial, leadId, orderId',
    events: 'id, unitId, [unitId+number]',
    house: 'id',
    cables: 'id',
    blobs: 'hash',
    kept: 'key',
  });
  const [house] = demo.house;
  const card = demo.gaugeCards.find(({ id }) => id === receiver.ends[0]!.gaugeCardId)!;
  await before
    .table('leads')
    .put(without(receiver, ['environment', 'bends', 'phaseMatch', 'signal', 'joins']));
  await before.table('house').put({
    ...without(house!, ['tools', 'solderWire', 'tackAbove', 'devices', 'lengthColours']),
    practice: without(house!.practice, ['bodyHoles', 'weatherSeal', 'centreContact', 'coring']),
  });
  await before.table('gaugeCards').put({
    ...card,
    features: { ...card.features, pinOutside: { value: 9e-3, state: 'assumed' } },
  });
  const unit = unitOf('OS-0003');
  await before.table('units').put({
    ...unit,
    plan: { ...unit.plan!, lead: without(unit.plan!.lead, ['environment', 'bends', 'phaseMatch']) },
  });
  before.close();
}

describe('a database from before there were other ends', () => {
  test('is completed when it is opened: nothing is lost, and the lead plans as before', async () => {
    await older();
    const database = new Database(name);
    await database.open();
    const lead = (await database.leads.get(receiver.id))!;
    const house = (await database.house.toArray())[0]!;
    const cards = await database.gaugeCards.toArray();
    expect(lead).toMatchObject({ name: receiver.name, environment: 'indoor', bends: [], phaseMatch: null });
    expect(house.practice).toMatchObject({ bodyHoles: 'all', coring: 'hand', stripping: 'tool' });
    expect(house.tools.length).toBeGreaterThan(5);
    expect(planLead(lead, cards, house).steps.length).toBeGreaterThan(25);
    database.close();
  });

  test('keeps what was measured, and lets assumed figures follow the catalogue', async () => {
    await older();
    const database = new Database(name);
    await database.open();
    const [card] = await database.gaugeCards.toArray();
    expect(card!.features.stemLength).toEqual({ value: 9.5e-3, state: 'measured' });
    expect(card!.features.pinOutside!.value).toBeCloseTo(1.81e-3, 9);
    const plan = (await planOf(database, (await database.units.toArray())[0]!))!;
    expect(plan.lead.environment).toBe('indoor');
    expect(plan.steps).toHaveLength(unitOf('OS-0003').plan!.steps.length);
    database.close();
  });

  test('from version 5: limits, checks asked besides, what stands at a far end; and the plan that was frozen is kept as it was', async () => {
    const unit = unitOf('OS-0041');
    const { limits: _, practice, ...house } = demo.house[0]!;
    const early = { ...unit.plan!.house, practice: without(practice, ['alsoAsk']) };
    const plan = {
      ...unit.plan!,
      house: without(early, ['limits']),
      family: unit.plan!.family.map((check) => without(check, ['farEnd'])),
    };
    const planChecksum = checksum(canonicalJson(plan));
    await older(5);
    const before = new Dexie(name);
    await before.open();
    await before.table('house').put({ ...house, practice: without(practice, ['alsoAsk']) });
    await before.table('units').put({ ...unit, plan });
    const started = { kind: 'started', planChecksum, programVersion: '0.1.0' };
    await before.table('events').put({ id: 'e', unitId: unit.id, number: 0, happening: started });
    before.close();
    const database = new Database(name);
    await database.open();
    const [completed] = await database.house.toArray();
    expect(completed!.limits.cableAllowance).toBe(1.1);
    expect(completed!.practice.alsoAsk).toEqual([]);
    const now = (await planOf(database, (await database.units.get(unit.id))!))!;
    expect(now.family.map((check) => [check.id, 'farEnd' in check && check.farEnd])).toEqual([
      ['terminator 1', 120],
      ['pair 1', null],
      ['terminator 2', 120],
      ['pair 2', null],
    ]);
    expect(checksum(canonicalJson(now))).not.toBe(planChecksum);
    expect(checksum(inflateRawSync((await database.plans.get(planChecksum))!.bytes))).toBe(planChecksum);
    database.close();
  });

  test.each([2, 3])(
    'from version %s a lead says what it carries, and the house has its tables',
    async (version) => {
      await older(version);
      const database = new Database(name);
      await database.open();
      expect(await database.leads.get(receiver.id)).toMatchObject({ signal: 'radio', joins: [] });
      const house = (await database.house.toArray())[0]!;
      expect(house.devices).toEqual([]);
      expect(house.lengthColours.length).toBeGreaterThan(3);
      database.close();
    },
  );
});

/** A database as an archive of a version would have filled it then. */
async function filledFrom(file: string, version: number): Promise<void> {
  await older(version);
  const before = new Dexie(name);
  await before.open();
  for (const table of ['leads', 'gaugeCards', 'orders', 'units', 'events', 'house']) {
    await before.table(table).clear();
    await before.table(table).bulkPut(archivedJson<object[]>(file, `${table}.json`)!);
  }
  before.close();
}

test.each([
  [1, 'version-1'],
  [2, 'version-2'],
  [3, 'version-3'],
  [4, 'version-4'],
  [5, 'version-5'],
  [6, 'version-6'],
  [7, 'version-7'],
  [8, 'version-8'],
  [9, 'version-9'],
  [10, 'version-10'],
  [11, 'version-11'],
])('a database of version %d is brought here as an archive is, with nothing lost', async (version, file) => {
  await filledFrom(file, version);
  const database = new Database(name);
  await database.open();
  const units = await database.units.toArray();
  const stored = archivedJson<object[]>(file, 'units.json')!;
  expect(units).toHaveLength(stored.length);
  for (const unit of units) {
    const plan = await planOf(database, unit);
    if (!plan) continue;
    expect(planHash(plan)).toBe(unit.planHash);
    expect(plan.cuts.length).toBeGreaterThan(0);
    expect(plan.steps.every(({ role }) => role.length > 0)).toBe(true);
  }
  database.close();
});

test('a database of version 12 gets a place for papers, and is otherwise left as it is', async () => {
  const before = new Dexie(name);
  before.version(12).stores({ leads: 'id, name', house: 'id', bench: 'id', plans: 'hash' });
  await before.table('leads').put(receiver);
  before.close();
  const database = new Database(name);
  await database.open();
  expect(await database.papers.count()).toBe(0);
  expect(await database.leads.toArray()).toEqual([receiver]);
  database.close();
});

test('in a database of version 13 orders are found by when they are due, units by when they were worked at, and records stay as they stand', async () => {
  const before = new Dexie(name);
  before.version(13).stores({ orders: 'id', records: 'unitId', summaries: '++row, &id, orderId, *serials' });
  const due = ['2026-12-09', '2026-12-04', null];
  await before.table('orders').bulkPut(due.map((day, n) => ({ ...demo.orders[0]!, id: `${n}`, due: day })));
  const record = { unitId: 'unit', entries: demo.events.slice(0, 3) };
  await before.table('records').put(record);
  const worked = [{ at: '2026-12-02T08:00' }, null, { at: '2026-12-01T08:00' }];
  await before
    .table('summaries')
    .bulkPut(worked.map((last, n) => ({ id: `${n}`, serials: [], state: 'at work', last })));
  before.close();
  const database = new Database(name);
  await database.open();
  expect(await database.orders.orderBy('[due+name]').primaryKeys()).toEqual(['1', '0']);
  expect(await database.orders.orderBy('name').count()).toBe(3);
  expect(await database.records.toArray()).toEqual([record]);
  const byTime = await database.summaries.orderBy('[state+last.at]').toArray();
  expect(byTime.map(({ id }) => id)).toEqual(['2', '0']);
  database.close();
});

test('a newer database is refused in words, and nothing in it is touched', async () => {
  const newer = new Dexie(name);
  newer.version(databaseVersion + 1).stores({ leads: 'id', house: 'id' });
  await newer.table('house').put({ id: 'house', ofLater: true });
  newer.close();
  const database = new Database(name);
  await expect(database.open()).rejects.toThrow(NewerDatabaseError);
  await newer.open();
  expect(await newer.table('house').toArray()).toEqual([{ id: 'house', ofLater: true }]);
  newer.close();
});

test('databases and archives count the same versions', () => expect(databaseVersion).toBe(dataVersion));
