import { describe, expect, test } from '@jest/globals';
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import { leadConnector } from '../../lead/lead-connector.ts';
import { connectors } from '../../connector/catalogue/catalogue.ts';
import { houseSchema } from '../../house/house.ts';
import { leadSchema } from '../../lead/lead.ts';
import { leadCable } from '../../lead/lead-cable.ts';
import { shownPlan } from '../../plan/shown-plan.ts';
import { prove } from '../../prove/proof.ts';
import { testVirtualLead } from '../../prove/virtual-lead.ts';
import { seededRandom } from '../../quantity/random.ts';
import { verifyChain } from '../../record/chain.ts';
import { canonicalJson } from '../../record/canonical-json.ts';
import { checksum } from '../../record/checksum.ts';
import { archivedJson, archiveFile } from '../../testing/old-archive.ts';
import { answerHold } from '../../unit/advance.ts';
import { certificateOf } from '../../unit/certificate.ts';
import { obstructions, unitProgress } from '../../unit/progress.ts';
import type { Unit, UnitEvent } from '../../unit/unit.ts';
import { unitSchema } from '../../unit/unit.ts';
import type { Archive } from '../archive-tables.ts';
import { readArchive } from '../archive.ts';
import { archiveVersion } from '../archive-manifest.ts';
import { hasTable, tableNames } from '../archive-tables.ts';
import { dataVersion, migrated, migrations, recordsVersion } from './migrations.ts';

const versions = ['1', '2', '3', '4', '5-archive-2', '5', '6', '7', '8', '9', '10', '11'];
const tableOf = (name: string, table: string): Record<string, unknown>[] =>
  archivedJson(name, `${table}.json`)!;
const versionOf = (name: string): number => archivedJson<{ version: number }>(name, 'manifest.json')!.version;
const eventsOf = ({ events }: Archive, { id }: Unit): UnitEvent[] =>
  events.filter(({ unitId }) => unitId === id);

test('every version leads to the next, up to this one', () => {
  expect(migrations.map(({ from, to }) => [from, to])).toEqual(
    Array.from({ length: dataVersion - 1 }, (_, n) => [n + 1, n + 2]),
  );
  expect(archiveVersion).toBe(dataVersion);
});

describe.each(versions)('an archive of version %s', (version) => {
  const archive = readArchive(archiveFile(`version-${version}`));
  const stored = (table: string) => tableOf(`version-${version}`, table);

  test('opens with every record', () => {
    const from = recordsVersion(versionOf(`version-${version}`));
    for (const table of tableNames)
      if (hasTable(table, from)) expect(archive[table]).toHaveLength(stored(table).length);
    expect(archive.papers).toEqual([]);
    expect(archive.units.length).toBeGreaterThan(3);
  });

  test('is brought here by its migrations alone: no schema fills anything in', () => {
    const from = recordsVersion(versionOf(`version-${version}`));
    const schemas = { leads: leadSchema, house: houseSchema, units: unitSchema };
    for (const [table, schema] of Object.entries(schemas))
      for (const record of stored(table)) {
        const now = migrated(table, record, from);
        const isWhole = canonicalJson(schema.parse(now)) === canonicalJson(now);
        expect([table, record.id, isWhole]).toEqual([table, record.id, true]);
      }
  });

  test('keeps its records of what happened to the letter, and plans in the form that they name', () => {
    expect(archive.events).toEqual(stored('events'));
    for (const unit of archive.units) {
      const events = eventsOf(archive, unit);
      expect(verifyChain(events)).toEqual([]);
      const started = events.map(({ happening }) => happening).find(({ kind }) => kind === 'started');
      if (started?.kind !== 'started') continue;
      expect(checksum(archive.blobs[started.planChecksum]!)).toBe(started.planChecksum);
    }
  });

  test('stands where it stood, and is proved as it was', () => {
    const before = stored('units') as unknown as Unit[];
    for (const unit of archive.units.filter(({ plan }) => plan !== null)) {
      const old = before.find(({ id }) => id === unit.id)!;
      const plan = unit.plan!;
      expect(plan.steps.map(({ id, title, text }) => [id, title, text])).toEqual(
        old.plan!.steps.map(({ id, title, text }) => [id, title, text]),
      );
      const progress = unitProgress(unit, eventsOf(archive, unit));
      expect(progress.done.size).toBeGreaterThan(5);
      expect(plan.cuts.length).toBeGreaterThan(0);
      expect(shownPlan(plan).ends).toHaveLength(plan.lead.ends.length);
      for (const { hold, endId } of plan.steps) {
        const back = hold?.rework.backTo ?? null;
        if (back !== null)
          expect(plan.steps.some((step) => step.role === back && step.endId === endId)).toBe(true);
      }
      const certificate = certificateOf(unit, plan, progress, eventsOf(archive, unit));
      expect(certificate.proofs.length).toBe(progress.proofs.length);
    }
  });
});

test('an archive of version 12, in which plans stand once, opens as the same of version 11 does; it has no papers', () => {
  const [before, now] = ['version-11', 'version-12'].map((name) => readArchive(archiveFile(name)));
  const { blobs: _forms, ...records } = before!;
  expect(now).toMatchObject(records);
  expect(now!.papers).toEqual([]);
});

test('a table that its version has is missed', () => {
  const files = unzipSync(archiveFile('version-12'));
  const manifest = JSON.parse(strFromU8(files['manifest.json']!)) as { checksums: object };
  const later = { ...manifest, version: 13 };
  const zip = zipSync({ ...files, 'manifest.json': strToU8(JSON.stringify(later)) });
  expect(() => readArchive(zip)).toThrow('The archive is incomplete: papers.json is missing.');
});

test('who is at the bench, its serials and its screen stood in the house until version 8', () => {
  const { house, bench } = readArchive(archiveFile('version-7'));
  const [stored] = tableOf('version-7', 'house');
  const { benchName: name, serialPrefix, nextSerial, firstUnit, theme, stepDepth } = stored!;
  expect(bench).toMatchObject([{ id: 'bench', name, serialPrefix, nextSerial, firstUnit, theme, stepDepth }]);
  expect(house[0]).not.toHaveProperty('benchName');
  expect(house[0]!.dies).toEqual(stored!.dies);
});

test('a step, a part, scrap and a limit of before get what they were called by', () => {
  const unit = migrated(
    'units',
    tableOf('version-4', 'units').find(({ serial }) => serial === 'OS-0023')!,
    1,
  );
  const { steps, limits } = (unitSchema.parse(unit) as Unit).plan!;
  expect(steps.find(({ title }) => /^Solder 2 /.test(title))).toMatchObject({ role: 'joint', about: '2' });
  const part = steps.flatMap(({ threads }) => threads).find(({ partId }) => partId === 'A/boot');
  expect(part).toMatchObject({ kind: 'boot', name: 'boot', ends: ['A'] });
  const [path] = limits;
  expect(path!.cable).toBeGreaterThan(0);
  expect(path!.cable).toBeLessThan(path!.expected);
  const coax = migrated('units', tableOf('version-4', 'units')[0]!, 1);
  const scrap = (coax as unknown as Unit).plan!.steps.flatMap(({ hold }) => hold?.rework.scrap ?? []);
  expect(scrap).toContainEqual({ kind: 'connector with contact', name: 'TNC plug' });
});

describe('the golden archive: units in every state, of cables and connectors that the catalogue has lost', () => {
  const golden = readArchive(archiveFile('golden-7'));
  const units = golden.units.filter(({ plan }) => plan !== null);
  const cases = units.map((unit) => [unit.serial, unit] as const);

  test('the catalogue has none of them', () => {
    const lost = golden.leads.flatMap(({ ends }) => ends.map(({ connectorId }) => connectorId));
    expect(connectors.filter(({ id }) => lost.includes(id))).toEqual([]);
  });

  test.each(cases)('%s shows all it was started with', (_serial, unit) => {
    const { lead, ends, parts, cuts, steps } = shownPlan(unit.plan!);
    expect(steps.length).toBeGreaterThan(15);
    expect(parts.length).toBeGreaterThan(0);
    expect(cuts).toHaveLength(lead.pieces.length);
    for (const { end, connector, cable } of ends) {
      expect(connector).toBe(leadConnector(lead, end.connectorId));
      expect(lead.pieces.map(({ cableId }) => leadCable(lead, cableId))).toContain(cable);
    }
    const started = eventsOf(golden, unit)[0]!.happening;
    if (started.kind !== 'started') throw new Error('not started');
    expect(checksum(golden.blobs[started.planChecksum]!)).toBe(started.planChecksum);
  });

  test.each(cases)('%s goes on, step by step, to its end', (_serial, unit) => {
    const happenings = eventsOf(golden, unit);
    const more: UnitEvent[] = [];
    const tell = (happening: UnitEvent['happening']) =>
      more.push({ ...happenings.at(-1)!, id: `more-${more.length}`, number: 1000 + more.length, happening });
    const now = () => unitProgress(unit, [...happenings, ...more]);
    if (now().scrapped !== null) return;
    for (let step = now().current; step; step = now().current) {
      for (const { partId } of [...step.threads, ...step.requires])
        if (!now().on.has(partId)) tell({ kind: 'part on', partId });
      for (const { partId } of step.requires) tell({ kind: 'part confirmed', stepId: step.id, partId });
      if (step.trialFit)
        tell({ kind: 'trial fit', stepId: step.id, endId: step.endId!, touches: null, gap: 0 });
      const { hold } = step;
      if (hold?.kind === 'look') tell(answerHold(step, { good: true }));
      if (hold?.reading)
        tell(answerHold(step, { reading: hold.reading.min === null ? 0 : Math.max(hold.reading.min, 0) }));
      if (hold?.kind === 'proof') tell({ kind: 'hold answered', stepId: step.id, good: true, reading: null });
      expect(obstructions(now(), step, unit.plan)).toEqual([]);
      tell({ kind: 'step done', stepId: step.id });
    }
    expect(now().done.size).toBe(unit.plan!.steps.length);
  });

  test.each(cases)('%s is proved: Good as it is, Out with a fault in it', (_serial, { plan }) => {
    const read = (faults: Parameters<typeof testVirtualLead>[0]['faults']) => {
      const { lead, lengths, family } = plan!;
      const virtual = { lead, lengths: new Map(Object.entries(lengths)), celsius: 20, faults };
      return prove(plan!, [testVirtualLead(virtual, 'x', 'tester', seededRandom(1), family)]);
    };
    expect(read([]).verdict).toBe('Good');
    expect(read([{ kind: 'open', terminal: 0 }]).verdict).toBe('Out');
  });
});

test('a newer archive is refused in words', () => {
  const files = unzipSync(archiveFile('version-6'));
  const manifest = JSON.parse(strFromU8(files['manifest.json']!));
  const newer = strToU8(JSON.stringify({ ...manifest, version: dataVersion + 1 }));
  expect(() => readArchive(zipSync({ ...files, 'manifest.json': newer }))).toThrow(
    `of version ${dataVersion + 1}; this program reads up to version ${dataVersion}`,
  );
});
