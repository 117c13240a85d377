import { createHash } from 'node:crypto';
import { ferryLanding } from '@gorvane/demo/ferry-landing.ts';
import { writeArchive } from '@gorvane/core/file/archive.ts';
import type { Archive } from '@gorvane/core/file/archive-tables.ts';
import { emptyArchive, tableSchemas } from '@gorvane/core/file/archive-tables.ts';
import { seededRandom } from '@gorvane/core/quantity/random.ts';
import { verifyChain } from '@gorvane/core/record/chain.ts';
import { startedOf } from '@gorvane/core/unit/started.ts';
import type { UnitEvent } from '@gorvane/core/unit/unit.ts';
import { database } from '../src/data/database.ts';
import { inspectFile, takeFile, takeSoundFile } from '../src/data/import-archive.ts';
import { mergeArchive } from '../src/data/merge-archive.ts';
import { keptPlan } from '../src/data/plans.ts';
import { startEmpty } from '../src/data/start-empty.ts';
import { eventsOfUnit } from '../src/data/unit-records.ts';
import { mutateFile } from './mutate-file.ts';

/** What was found wrong after a changed file had been offered. */
export interface Harm {
  readonly file: number;
  readonly message: string;
}

interface Outcome {
  readonly harm: readonly Harm[];
  /** Files of which something was taken. */
  readonly taken: number;
}

interface Torture {
  readonly files: number;
  readonly seed: number;
  readonly onFile?: (done: number) => void;
}

const demo = ferryLanding();

/** A unit of the demo with all that it leans on. */
function partOf(serial: string): Archive {
  const unit = demo.units.find((each) => each.serial === serial)!;
  const lead = demo.leads.find(({ id }) => id === unit.leadId)!;
  return {
    ...emptyArchive(),
    leads: [lead],
    gaugeCards: demo.gaugeCards.filter(({ id }) => lead.ends.some(({ gaugeCardId }) => gaugeCardId === id)),
    orders: demo.orders.filter(({ id }) => id === unit.orderId),
    units: [unit],
    events: demo.events.filter(({ unitId }) => unitId === unit.id),
    house: demo.house,
    bench: demo.bench,
  };
}

const here = partOf('OS-0003');
const offered = partOf('OS-0002');

/** Offers changed files to a shop, one after another. Each is refused in words with nothing changed, or what is taken of it holds. */
export async function offerChangedFiles({ files, seed, onFile }: Torture): Promise<Outcome> {
  const sound = writeArchive(offered, '2026-11-24T07:00:00.000Z');
  const random = seededRandom(seed);
  const harm: Harm[] = [];
  let taken = 0;
  await startAnew();
  let stood = await contents();
  for (let file = 1; file <= files; file++) {
    const zip = mutateFile(sound, random);
    const found = await offer(new Blob([zip as Uint8Array<ArrayBuffer>]), stood);
    harm.push(...found.map((message) => ({ file, message })));
    if (changedSince(stood, await contents()).length > 0) {
      taken++;
      await startAnew();
      stood = await contents();
    }
    onFile?.(file);
  }
  return { harm, taken };
}

async function startAnew(): Promise<void> {
  await startEmpty();
  await database.transaction('rw', database.tables, async () => void (await mergeArchive(here)));
}

type Contents = Readonly<Record<string, string>>;

/** What stands in each table, told apart by its checksum. */
async function contents(): Promise<Contents> {
  const rows = await Promise.all(
    database.tables.map(async (table) => {
      const text = JSON.stringify(await table.toArray(), (_, value: unknown) =>
        value instanceof Uint8Array ? Array.from(value) : value,
      );
      return [table.name, createHash('sha256').update(text).digest('hex')] as const;
    }),
  );
  return Object.fromEntries(rows);
}

async function offer(file: Blob, stood: Contents): Promise<string[]> {
  const refusal = await refusedOr(() => takeSoundFile(file));
  if (!(refusal instanceof Error)) return standing();
  const harm = [...badWords(refusal), ...changedSince(stood, await contents())];
  if (refusal.name !== 'UnsoundArchive' || harm.length > 0) return harm;
  return [...harm, ...(await offerRest(file, stood))];
}

/** Where some records do not hold the rest can be taken. */
async function offerRest(file: Blob, stood: Contents): Promise<string[]> {
  const inspected = await refusedOr(() => inspectFile(file));
  if (inspected instanceof Error) return badWords(inspected);
  const { out, problems } = inspected;
  if (problems.length === 0) return ['it is refused, and nothing is said of why'];
  const again = await refusedOr(() => takeFile(file, { out }));
  if (!(again instanceof Error)) return standing();
  return [...badWords(again), ...changedSince(stood, await contents())];
}

async function refusedOr<Result>(work: () => Promise<Result>): Promise<Result | Error> {
  try {
    return await work();
  } catch (error) {
    return error instanceof Error ? error : new Error(String(error));
  }
}

function badWords({ name, message }: Error): string[] {
  const isSaid = name === 'ArchiveError' || name === 'UnsoundArchive';
  return isSaid && message.length > 10 && !/undefined|\[object|NaN/.test(message)
    ? []
    : [`refused by ${name}: ${message.slice(0, 300)}`];
}

const changedSince = (before: Contents, now: Contents): string[] =>
  Object.keys(before)
    .filter((name) => before[name] !== now[name])
    .map((name) => `refused, and ${name} changed`);

const written = new Map([...here.events, ...offered.events].map(({ id, hash }) => [id, hash]));

/** Whether all that stands now holds: records as they were written, plans under their names, figures that a bench can mean. */
async function standing(): Promise<string[]> {
  const ids = await database.records.toCollection().primaryKeys();
  const records = await Promise.all(ids.map(async (id) => [id, await eventsOfUnit(id)] as const));
  const known = await eventsOfUnit(here.units[0]!.id);
  return [
    ...(known.length === here.events.length ? [] : ['the record that was here is longer or shorter']),
    ...records.flatMap(([unitId, entries]) => recordHarm(unitId, entries)),
    ...(await unitHarm()),
    ...(await planHarm()),
    ...(await rowHarm()),
  ];
}

const recordHarm = (unitId: string, entries: readonly UnitEvent[]): string[] => [
  ...(verifyChain(entries).length === 0 ? [] : [`the chain of ${unitId} does not hold`]),
  ...entries
    .filter(({ id, hash }) => hash !== written.get(id))
    .map(({ number }) => `entry ${number} is not the one that was written`),
];

async function unitHarm(): Promise<string[]> {
  const units = await database.units.toArray();
  const records = await Promise.all(units.map(({ id }) => eventsOfUnit(id)));
  return units.flatMap((unit, n) => {
    const started = startedOf(records[n]!);
    return started && unit.planHash !== started.planChecksum
      ? [`unit ${unit.serial} is of another plan than its record says`]
      : [];
  });
}

async function planHarm(): Promise<string[]> {
  const hashes = (await database.plans.toArray()).map(({ hash }) => hash);
  const kept = await Promise.all(hashes.map(keptPlan));
  return hashes.filter((hash, n) => createHash('sha256').update(kept[n]!).digest('hex') !== hash);
}

/** Larger than any figure of a lead: hertz are the largest. */
const largest = 1e13;

async function rowHarm(): Promise<string[]> {
  const tables = ['leads', 'gaugeCards', 'orders', 'house', 'cables'] as const;
  const found = await Promise.all(
    tables.map(async (name) =>
      (await database.table(name).toArray()).flatMap((row: unknown) => {
        const read = tableSchemas[name].safeParse(row);
        const odd = numbersOf(row).filter((figure) => Math.abs(figure) > largest);
        return [
          ...(read.success ? [] : [`${name}: ${read.error.issues[0]!.message}`]),
          ...odd.map((figure) => `${name}: ${figure} was taken`),
        ];
      }),
    ),
  );
  return found.flat();
}

function numbersOf(value: unknown): number[] {
  if (typeof value === 'number') return [value];
  if (typeof value !== 'object' || value === null) return [];
  return Object.values(value).flatMap(numbersOf);
}
