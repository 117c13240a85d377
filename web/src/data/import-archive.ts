import { ArchiveError } from '@gorvane/core/file/archive-error.ts';
import { tableNames } from '@gorvane/core/file/archive-tables.ts';
import type { ArchivePart } from '@gorvane/core/file/archive-part.ts';
import type { OpenedArchive } from '@gorvane/core/file/archive-zip.ts';
import { openArchive } from '@gorvane/core/file/archive-zip.ts';
import type { ArchiveFinding } from '@gorvane/core/file/check-archive.ts';
import { ArchiveCheck, leftOut, without } from '@gorvane/core/file/check-archive.ts';
import type { Table } from 'dexie';
import { database } from './database.ts';
import type { GoingOn } from './going-on.ts';
import { unwatched } from './going-on.ts';
import type { ImportResult } from './merge-archive.ts';
import { mergePart, Total } from './merge-archive.ts';
import { readBeside } from './read-beside.ts';
import { waitFor } from './wait-for.ts';

/** A file before anything of it is taken: what holds, and in words what does not. */
export interface InspectedArchive {
  /** Records that hold. */
  readonly count: number;
  readonly problems: readonly string[];
  /** Records that are left out when the rest is taken. */
  readonly out: ReadonlySet<string>;
}

/** Reads a file and checks each of its records, by itself and with what it leans on; changes nothing. @throws ArchiveError where it is none at all. */
export async function inspectFile(file: Blob, going: GoingOn = unwatched): Promise<InspectedArchive> {
  const opened = await openArchive(file);
  const check = await checkAgainstHere();
  const out = new Set<string>();
  const problems: string[] = [];
  let [done, count] = [0, 0];
  for await (const part of opened.parts(readBeside(opened))) {
    const findings = check.ofPart(part);
    for (const finding of findings) out.add(leftOut(finding));
    problems.push(...part.unread.map(({ message }) => message), ...findings.map(findingWords));
    count += countOf(part, out);
    going.check();
    going.progress(++done, opened.count);
  }
  return { count, problems, out };
}

/** Records of a part that are not left out. */
function countOf({ archive, sound }: ArchivePart, out: ReadonlySet<string>): number {
  const kept = out.size === 0 ? archive : without(archive, out);
  const units = (sound?.units ?? []).filter(({ id }) => !out.has(leftOut({ table: 'units', id })));
  return (
    tableNames.reduce((sum, name) => sum + kept[name].length, 0) +
    units.reduce((sum, { id }) => sum + 1 + (sound?.records.get(id)?.entries ?? 0), 0)
  );
}

/** What a file may lean on here. */
async function checkAgainstHere(): Promise<ArchiveCheck> {
  const ids = async (table: Table) => new Set((await table.toCollection().primaryKeys()) as string[]);
  return new ArchiveCheck({
    unitIds: await ids(database.units),
    cardIds: await ids(database.gaugeCards),
    cableIds: await ids(database.cables),
  });
}

const findingWords = ({ table, name, message }: ArchiveFinding): string =>
  `${tableWords[table]} ${name}: ${message}`;

const tableWords: Readonly<Record<ArchiveFinding['table'], string>> = {
  leads: 'Lead',
  gaugeCards: 'Bag',
  orders: 'Order',
  units: 'Unit',
  events: 'Record',
  house: 'House',
  bench: 'Bench',
  papers: 'Papers',
  cables: 'Cable',
  blobs: 'File',
};

/** Something in a file does not hold: it is to be inspected before anything of it is taken. */
export class UnsoundArchive extends ArchiveError {
  constructor(problem: string) {
    super(problem);
    this.name = 'UnsoundArchive';
  }
}

/**
 * Checks a file and takes it in one go: all or nothing, in one transaction.
 * @throws UnsoundArchive at the first thing that does not hold; ArchiveError where it is none at all. Nothing is taken then.
 */
export async function takeSoundFile(file: Blob, going: GoingOn = unwatched): Promise<ImportResult> {
  const opened = await openArchive(file);
  const check = await checkAgainstHere();
  const parts = opened.parts(readBeside(opened));
  return takeParts(opened, parts, going, (part) => {
    const [finding] = check.ofPart(part);
    const problem = part.unread[0]?.message ?? (finding && findingWords(finding));
    if (problem !== undefined) throw new UnsoundArchive(problem);
    return part;
  });
}

/** Takes what holds of a file that was inspected: all or nothing, in one transaction. */
export async function takeFile(
  file: Blob,
  { out }: Pick<InspectedArchive, 'out'>,
  going: GoingOn = unwatched,
): Promise<ImportResult> {
  const opened = await openArchive(file);
  return takeParts(opened, opened.partsAgain(), going, ({ archive }) => ({
    archive: without(archive, out),
  }));
}

/** What is taken of a part. */
type Taken = Pick<ArchivePart, 'archive' | 'sound'>;

/** Merges a file part by part in one transaction. */
function takeParts(
  { count }: OpenedArchive,
  parts: ReturnType<OpenedArchive['parts']>,
  going: GoingOn,
  soundOf: (part: ArchivePart) => Taken,
): Promise<ImportResult> {
  // The file is read and checked beside the transaction, not within it: over the many waits of the reading it would be lost.
  const reader = soundParts(parts, soundOf).getReader();
  return database.transaction('rw', database.tables, async () => {
    const total = new Total();
    for (let done = 1; ; done++) {
      // The transaction would end while nothing is asked of it.
      const part = await waitFor(reader.read());
      if (part.done) return total.close();
      await mergePart(part.value, total);
      going.check();
      going.progress(done, count);
    }
  });
}

/** What is to be taken of each part, one ahead of whoever takes it. */
const soundParts = (
  parts: ReturnType<OpenedArchive['parts']>,
  soundOf: (part: ArchivePart) => Taken,
): ReadableStream<Taken> =>
  new ReadableStream({
    pull: async (taker) => {
      const { value, done } = await parts.next();
      if (done) taker.close();
      else taker.enqueue(soundOf(value));
    },
  });
