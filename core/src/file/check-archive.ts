import { cableById } from '../cable/catalogue/catalogue.ts';
import { connectorById } from '../connector/catalogue/catalogue.ts';
import type { Lead } from '../lead/lead.ts';
import { checksum } from '../record/checksum.ts';
import type { ChainFinding } from '../record/chain.ts';
import { startedOf } from '../unit/started.ts';
import type { Unit, UnitEvent } from '../unit/unit.ts';
import type { ArchivePart } from './archive-part.ts';
import type { Archive, TableName } from './archive-tables.ts';
import { chainWords } from './chain-words.ts';
import { planHolds } from './frozen-form.ts';
import type { Chains } from './unit-chains.ts';
import { chainsOf, entriesByUnit } from './unit-chains.ts';

/** A record of an archive that does not hold, and why. */
export interface ArchiveFinding {
  readonly table: TableName | 'blobs';
  readonly id: string;
  /** As a person calls it. */
  readonly name: string;
  readonly message: string;
}

/** What this bench has already: a file may lean on it. */
export interface KnownHere {
  readonly unitIds: ReadonlySet<string>;
  readonly cardIds: ReadonlySet<string>;
  readonly cableIds: ReadonlySet<string>;
}

/** What a bench can mean: lengths in metres, revisions of one record, letters of one text, of one name and of a serial, which a code on a label holds. House defaults, far above what any has. */
const most = { length: 1000, revision: 1e7, text: 200_000, name: 400, serial: 60 } as const;

/** Every record of an archive that does not hold by itself or with what it leans on, before anything is taken. */
export const checkArchive = (archive: Archive, here: KnownHere): ArchiveFinding[] =>
  new ArchiveCheck(here).findings(archive);

/** The same for an archive that comes in parts: each may lean on those before it. */
export class ArchiveCheck {
  private readonly seen = new Set<string>();
  private readonly known: { [Name in keyof KnownHere]: Set<string> };

  constructor({ unitIds, cardIds, cableIds }: KnownHere) {
    this.known = { unitIds: new Set(unitIds), cardIds: new Set(cardIds), cableIds: new Set(cableIds) };
  }

  /** Of units that hold by themselves it is only asked whether they stood in the file before. */
  ofPart({ archive, chains, sound }: ArchivePart): ArchiveFinding[] {
    const units = sound?.units ?? [];
    units.forEach(({ id }) => this.known.unitIds.add(id));
    return [...this.findings(archive, chains), ...units.flatMap((unit) => this.again('units', unit))];
  }

  /** @param chains What is wrong with its record chains, where somebody looked already. */
  findings(part: Archive, chains: Chains = chainsOf(part.events)): ArchiveFinding[] {
    const { unitIds, cardIds, cableIds } = this.known;
    part.units.forEach(({ id }) => unitIds.add(id));
    part.gaugeCards.forEach(({ id }) => cardIds.add(id));
    part.cables.forEach(({ id }) => cableIds.add(id));
    return [
      ...enveloped.flatMap((table) =>
        part[table].flatMap((record) => [...this.again(table, record), ...recordFindings(table, record)]),
      ),
      ...leadFindings(part.leads, this.known),
      ...unitFindings(part, this.known, chains),
      ...blobFindings(part),
    ];
  }

  /** A record of each id. */
  private again(table: TableName, record: Named): ArchiveFinding[] {
    const key = leftOut({ table, id: record.id });
    if (this.seen.has(key)) return [finding(table, record, 'its id stands twice in the file')];
    this.seen.add(key);
    return [];
  }
}

/** A record as it is named where it is to be left out. */
export const leftOut = ({ table, id }: Pick<ArchiveFinding, 'table' | 'id'>): string => `${table} ${id}`;

/** The part of an archive that holds: without what was found, and without the entries of units that are left out. */
export function soundPart(archive: Archive, findings: readonly ArchiveFinding[]): Archive {
  return without(archive, new Set(findings.map(leftOut)));
}

/** An archive without the records named. */
export function without(archive: Archive, out: ReadonlySet<string>): Archive {
  const sound = <Row extends { readonly id: string }>(table: TableName, rows: readonly Row[]) =>
    rows.filter(({ id }) => !out.has(`${table} ${id}`));
  return {
    leads: sound('leads', archive.leads),
    gaugeCards: sound('gaugeCards', archive.gaugeCards),
    orders: sound('orders', archive.orders),
    units: sound('units', archive.units),
    events: sound('events', archive.events).filter(({ unitId }) => !out.has(`units ${unitId}`)),
    house: sound('house', archive.house),
    bench: archive.bench,
    papers: sound('papers', archive.papers),
    cables: sound('cables', archive.cables),
    blobs: Object.fromEntries(Object.entries(archive.blobs).filter(([hash]) => !out.has(`blobs ${hash}`))),
  };
}

const enveloped = ['leads', 'gaugeCards', 'orders', 'units', 'house', 'papers', 'cables'] as const;

/** What can be said of any record: a revision that somebody can have made, texts that somebody can have typed. */
function recordFindings(table: TableName, record: Named & { readonly revision: number }): ArchiveFinding[] {
  const found: string[] = [];
  const { length } = nameOf(record);
  if (record.revision > most.revision)
    found.push(`its revision is ${record.revision}; it can be at most ${most.revision}`);
  if (length > most.name) found.push(`its name has ${length} letters; at most ${most.name} are taken`);
  const long = longestText(record);
  if (long > most.text) found.push(`it holds a text of ${long} letters; at most ${most.text} are taken`);
  return found.map((message) => finding(table, record, message));
}

interface Named {
  readonly id: string;
}

const finding = (table: TableName, record: Named, message: string): ArchiveFinding => ({
  table,
  id: record.id,
  name: nameOf(record).slice(0, 80),
  message,
});

function nameOf(record: Named): string {
  const { name, serial } = record as { name?: unknown; serial?: unknown };
  return String(name ?? serial ?? record.id);
}

/** What was found of objects that many records share, plans above all. */
const lengths = new WeakMap<object, number>();

/** Letters of the longest text anywhere in a record. */
function longestText(value: unknown): number {
  if (typeof value === 'string') return value.length;
  if (typeof value !== 'object' || value === null) return 0;
  const before = lengths.get(value);
  if (before !== undefined) return before;
  const longest = Object.values(value).reduce<number>((most, part) => Math.max(most, longestText(part)), 0);
  lengths.set(value, longest);
  return longest;
}

function leadFindings(leads: readonly Lead[], { cardIds, cableIds }: KnownHere): ArchiveFinding[] {
  return leads.flatMap((lead) =>
    problemsOf(lead, cardIds, cableIds).map((message) => ({
      table: 'leads' as const,
      id: lead.id,
      name: lead.name.slice(0, 80),
      message,
    })),
  );
}

function problemsOf(lead: Lead, cards: ReadonlySet<string>, own: ReadonlySet<string>): string[] {
  const carried = new Set([...lead.ownCables, ...lead.ownConnectors].map(({ id }) => id));
  const isKnown = (find: (id: string) => unknown, id: string) => {
    try {
      return Boolean(find(id));
    } catch {
      return false;
    }
  };
  return [
    ...lead.legs.flatMap(({ finishedLength }) =>
      finishedLength > 0 && finishedLength <= most.length
        ? []
        : [`it is ${finishedLength} m long; a lead has at most ${most.length} m`],
    ),
    ...lead.pieces.flatMap(({ cableId }) =>
      carried.has(cableId) || own.has(cableId) || isKnown(cableById, cableId)
        ? []
        : [`its cable “${cableId.slice(0, 60)}” is in no catalogue here`],
    ),
    ...lead.ends.flatMap(({ connectorId, gaugeCardId, name }) => [
      ...(carried.has(connectorId) || isKnown(connectorById, connectorId)
        ? []
        : [`the connector “${connectorId.slice(0, 60)}” of end ${name} is in no catalogue here`]),
      ...(cards.has(gaugeCardId) ? [] : [`the bag of end ${name} is neither in the file nor here`]),
    ]),
  ];
}

/** Records of units hold together: entries, plan, and the unit that they are of. */
function unitFindings({ units, events, blobs }: Archive, here: KnownHere, chains: Chains): ArchiveFinding[] {
  const byUnit = entriesByUnit(events);
  const ids = new Set<string>();
  const twice: ArchiveFinding[] = [];
  for (const event of events) {
    if (ids.has(event.id))
      twice.push({
        table: 'units',
        id: event.unitId,
        name: event.unitId,
        message: 'an entry of its record stands twice in the file',
      });
    ids.add(event.id);
  }
  const orphans = [...byUnit].flatMap(([unitId, own]): ArchiveFinding[] =>
    here.unitIds.has(unitId)
      ? []
      : own.map(({ id }) => ({
          table: 'events',
          id,
          name: `entry of unit ${unitId.slice(0, 40)}`,
          message: 'its unit is neither in the file nor here',
        })),
  );
  const own = (unit: Unit) => ofUnit(unit, byUnit.get(unit.id) ?? [], chains.get(unit.id) ?? [], blobs);
  return [...twice, ...units.flatMap(own), ...orphans];
}

function ofUnit(
  unit: Unit,
  events: readonly UnitEvent[],
  chain: readonly ChainFinding[],
  blobs: Archive['blobs'],
): ArchiveFinding[] {
  const started = startedOf(events);
  const form = started && blobs[started.planChecksum];
  const found = [
    ...(unit.serial.length > most.serial
      ? [`its serial has ${unit.serial.length} letters; a label holds ${most.serial}`]
      : []),
    ...chain
      // Two benches may go on with one unit: that is a matter of merging, not of trust.
      .filter(({ code }) => code !== 'two continuations')
      .map(chainWords),
    ...(unit.plan && !started ? ['it has a plan, and no entry that says that it was started.'] : []),
    ...(started && !unit.plan ? ['it was started, and its plan is missing.'] : []),
    ...(started && unit.plan && !planHolds(unit, events, form)
      ? ['its plan is not the one that was frozen when it was started.']
      : []),
  ];
  return found.map((message) => ({ table: 'units', id: unit.id, name: unit.serial.slice(0, 80), message }));
}

const blobFindings = ({ blobs }: Archive): ArchiveFinding[] =>
  Object.entries(blobs).flatMap(([hash, bytes]) =>
    checksum(bytes) === hash
      ? []
      : [
          {
            table: 'blobs' as const,
            id: hash,
            name: hash.slice(0, 12),
            message: 'a kept file is not what its name says',
          },
        ],
  );
