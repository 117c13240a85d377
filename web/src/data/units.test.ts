import { beforeEach, describe, expect, test } from '@jest/globals';
import { fill, unitOf } from '../../test/open-at.tsx';
import { exportUnit } from './export-archive.ts';
import { database } from './database.ts';
import { eventsOfUnit, readUnit, recordsOfLine, unitsOfLine } from './unit-records.ts';
import { scrapUnit, startUnit } from './units.ts';

const { id: unitId, orderId, lineId } = unitOf('OS-0003');
const isFirst = async (serial: string) => (await readUnit(unitOf(serial).id))!.plan!.firstArticle;

beforeEach(() => fill());

describe('a unit given up', () => {
  test('is replaced at its place, with the next serial of the house', async () => {
    const { nextSerial } = (await database.bench.toArray())[0]!;
    await scrapUnit(unitId, 'too short', [{ kind: 'note', stepId: null, text: 'cut at the wrong mark' }]);
    const line = await recordsOfLine(orderId, lineId);
    expect(line.map(({ unit }) => unit.sequence)).toEqual([1, 2, 3, 3, 4, 5, 6]);
    const replacement = line[3]!;
    expect(replacement.unit).toMatchObject({ serial: `OS-00${nextSerial}`, plan: null });
    expect(replacement.events).toEqual([]);
    expect((await database.bench.toArray())[0]!.nextSerial).toBe(nextSerial + 1);
    const kinds = (await eventsOfUnit(unitId)).map(({ happening }) => happening.kind);
    expect(kinds.slice(-2)).toEqual(['note', 'scrapped']);
  });

  test('asked for in two tabs at once is given up once and replaced once', async () => {
    await Promise.all([scrapUnit(unitId, 'too short'), scrapUnit(unitId, 'nick')]);
    await scrapUnit(unitId, 'again');
    expect(await unitsOfLine(orderId, lineId)).toHaveLength(7);
    const given = (await eventsOfUnit(unitId)).filter(({ happening }) => happening.kind === 'scrapped');
    expect(given).toHaveLength(1);
  });
});

describe('the first article', () => {
  test('is the first unit that is started of several, and no single one', async () => {
    for (const serial of ['OS-0007', 'OS-0008', 'OS-0009']) await startUnit(unitOf(serial).id);
    expect(await isFirst('OS-0007')).toBe(true);
    expect(await isFirst('OS-0008')).toBe(false);
    expect(await isFirst('OS-0009')).toBe(false);
  });

  test('given up, the next one that is started takes its part', async () => {
    await startUnit(unitOf('OS-0007').id);
    await scrapUnit(unitOf('OS-0007').id, 'too short');
    await startUnit(unitOf('OS-0008').id);
    expect(await isFirst('OS-0008')).toBe(true);
  });
});

describe('units of a line', () => {
  test('come in their sequence with their own records, without what was deleted', async () => {
    await database.units.update(unitOf('OS-0002').id, { deleted: true });
    const line = await recordsOfLine(orderId, lineId);
    expect(line.map(({ unit }) => unit.serial)).toEqual([
      'OS-0001',
      'OS-0003',
      'OS-0004',
      'OS-0005',
      'OS-0006',
    ]);
    for (const { unit, events } of line) expect(events).toEqual(await eventsOfUnit(unit.id));
    expect(await recordsOfLine(orderId, 'no such line')).toEqual([]);
  });

  test('one that is not here cannot be written to a file', async () => {
    await expect(exportUnit('nobody')).rejects.toThrow(/not in the database/);
  });
});
