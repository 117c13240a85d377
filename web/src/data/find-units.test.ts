import { beforeEach, describe, expect, test } from '@jest/globals';
import { facet } from '@gorvane/core/unit/facets.ts';
import { demo, fill, receiver, unitOf } from '../../test/open-at.tsx';
import { database } from './database.ts';
import { countsOf, findUnits } from './find-units.ts';
import { unwatched } from './going-on.ts';
import { nextUnit } from './next-unit.ts';
import type { OrderUnits } from './open-orders.ts';
import { benchOrders } from './open-orders.ts';
import { rebuildSummaries } from './rebuild-summaries.ts';
import { keepSummaries } from './summaries.ts';

import { recordHappenings, scrapUnit, startUnit } from './units.ts';

const all = { most: 100 };
const serialsOf = async (facets: readonly string[], text = '') =>
  (await findUnits({ facets, text }, all)).units.map(({ serial }) => serial);
const index = async () => ({
  summaries: (await database.summaries.toCollection().sortBy('serial')).map((summary) => ({
    ...summary,
    row: 0,
  })),
  counts: await Promise.all((['state', 'open', 'person', 'day', 'word', 'lead'] as const).map(countsOf)),
  tallies: await database.tallies.toArray(),
  cuts: await database.cuts.toArray(),
});

beforeEach(() => fill());

describe('units are found by the index', () => {
  test('by any two things at once, newest first, with how many there are', async () => {
    const finished = facet('state', 'finished');
    const ofReceiver = facet('lead', receiver.id);
    expect(await serialsOf([finished, ofReceiver])).toEqual(['OS-0002', 'OS-0001']);
    const { count, units } = await findUnits({ facets: [ofReceiver] }, { most: 2, oldestFirst: true });
    expect(count).toBe(6);
    expect(units.map(({ serial }) => serial)).toEqual(['OS-0001', 'OS-0002']);
    expect((await findUnits({ facets: [] }, { most: 0 })).count).toBe(demo.units.length);
    expect(await serialsOf([facet('state', 'at work'), facet('verdict', 'Good')])).toEqual([]);
  });

  test.each([
    ['0023', ['OS-0023']],
    ['23', ['OS-0023']],
    ['os-0003', ['OS-0003']],
    ['receiver bench', ['OS-0003', 'OS-0002', 'OS-0001']],
    ['2026-11-19', ['OS-0042']],
    ['radio rack', ['OS-0008', 'OS-0007', 'OS-0006', 'OS-0005', 'OS-0004', 'OS-0003', 'OS-0002', 'OS-0001']],
    ['receiver nobody', []],
  ])('by what is typed: %s', async (text, serials) => {
    expect(await serialsOf([], text)).toEqual(serials);
  });

  test('by the identity in the code of a label', async () => {
    expect(await serialsOf([], unitOf('OS-0031').id)).toEqual(['OS-0031']);
  });

  test('an entry moves its unit at once: what it was is not found, what it is now is', async () => {
    const { id } = unitOf('OS-0003');
    await recordHappenings(id, () => [{ kind: 'set aside', reason: 'no ferrules' }]);
    expect(await serialsOf([facet('state', 'at work')])).toEqual([]);
    const aside = await findUnits({ facets: [facet('state', 'set aside')] }, all);
    expect(aside.units).toMatchObject([{ serial: 'OS-0003', stands: 'set aside: no ferrules' }]);
    await scrapUnit(id, 'nick');
    expect(await serialsOf([facet('state', 'given up')])).toEqual(['OS-0003']);
    expect((await countsOf('state')).get('set aside')).toBeUndefined();
  });
});

test('the bench goes on with what was worked at last, else with what waits longest', async () => {
  const next = async () => (await nextUnit())?.unit.serial;
  expect(await next()).toBe('OS-0003');
  await startUnit(unitOf('OS-0007').id);
  expect(await next()).toBe('OS-0007');
  await recordHappenings(unitOf('OS-0003').id, () => [{ kind: 'note', stepId: null, text: 'seen' }]);
  expect(await next()).toBe('OS-0003');
  for (const serial of ['OS-0003', 'OS-0007']) await scrapUnit(unitOf(serial).id, 'nick');
  expect(await next()).toBe('OS-0004');
});

test('an order is open while anything of it is to be made; a list of nothing is not kept', async () => {
  const { orderId } = unitOf('OS-0003');
  const ofOrder = demo.units.filter((unit) => unit.orderId === orderId);
  const finished = await serialsOf([facet('state', 'finished'), facet('lead', receiver.id)]);
  const open = ofOrder.filter(({ serial }) => !finished.includes(serial));
  expect((await countsOf('open')).get(orderId)).toBe(open.length);
  for (const { id } of open) await recordHappenings(id, () => [{ kind: 'finished' }]);
  expect((await countsOf('open')).has(orderId)).toBe(false);
  expect((await database.postings.toArray()).filter(({ rows }) => rows.length === 0)).toEqual([]);
});

test('made anew from the records, all is as it was written entry by entry', async () => {
  const { id } = unitOf('OS-0003');
  await recordHappenings(id, () => [{ kind: 'note', stepId: null, text: 'seen' }]);
  await scrapUnit(unitOf('OS-0004').id, 'nick');
  const before = await index();
  await rebuildSummaries(unwatched);
  expect(await index()).toEqual(before);
});

test('of many open orders the first that are due stand on Bench, those without a date after them by their names', async () => {
  const { open: before } = await benchOrders();
  const [{ order, units }] = before as [OrderUnits];
  const numbered = Array.from({ length: 30 }, (_, n) => ({
    ...order,
    id: `order ${n}`,
    name: `Order ${String(40 - n)}`,
    due: n < 3 ? `2026-10-0${3 - n}` : n === 3 ? '2026-10-01' : null,
    deleted: n === 2,
  }));
  await database.orders.bulkAdd(numbered);
  await keepSummaries(
    numbered.map(({ id }) => ({
      unit: { ...unitOf(units[0]!.serial), id: `of ${id}`, orderId: id },
      events: [],
    })),
  );
  const { open, others } = await benchOrders();
  const names = open.map((each) => each.order.name);
  expect(names.slice(0, 3)).toEqual(['Order 37', 'Order 39', 'Order 40']);
  expect(names.slice(3, 3 + before.length)).toEqual(before.map((each) => each.order.name));
  expect(names.slice(3 + before.length, 6 + before.length)).toEqual(['Order 11', 'Order 12', 'Order 13']);
  expect([open.length, open.length + others]).toEqual([24, await database.orders.count()]);
  expect(open[0]!.units.map(({ id }) => id)).toEqual(['of order 3']);
});
