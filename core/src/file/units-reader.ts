import { planHash } from '../plan/plan-hash.ts';
import { inChainOrder } from '../record/chain-order.ts';
import { bladeCuts } from '../unit/blade-cut.ts';
import { asStored } from '../unit/as-stored.ts';
import { summaryOf } from '../unit/summary.ts';
import type { StoredUnit, Unit, UnitEvent } from '../unit/unit.ts';
import type { ArchivePart, SoundRecord, SoundUnits } from './archive-part.ts';
import { ArchivePlans } from './archive-plans.ts';
import { emptyArchive } from './archive-tables.ts';
import { ArchiveCheck } from './check-archive.ts';
import { readUnits } from './read-units.ts';
import { chainsOf, entriesByUnit } from './unit-chains.ts';

const nothing: ReadonlySet<string> = new Set();

/** Reads units and looks at all that can be said of them by themselves, so that what holds need only be put away. */
export class UnitsReader {
  private readonly plans: ArchivePlans;
  private readonly given = new Set<string>();

  /**
   * @param from The version of the records of the archive.
   * @param pack Makes the entries of a record small, as they are kept.
   */
  constructor(
    from: number,
    private readonly pack: (entries: readonly UnitEvent[]) => Promise<Uint8Array>,
  ) {
    this.plans = new ArchivePlans(from);
  }

  /** A plan of the archive under its checksum, as raw deflate; comes before the units that are built to it. */
  plan(hash: string, packed: Uint8Array): void {
    this.plans.addPacked(hash, packed);
  }

  /** @throws ArchiveError where it is no file of units. */
  async units(name: string, bytes: Uint8Array): Promise<ArchivePart> {
    const part = readUnits(name, bytes, this.plans);
    const chains = chainsOf(part.archive.events);
    if (!this.isSound({ ...part, chains })) return { ...part, chains };
    return { archive: emptyArchive(), unread: [], sound: await this.soundUnits(part.archive) };
  }

  /** Whether nothing is to be said of a file, and each plan is kept just as it stands in the archive. */
  private isSound({ archive, unread, chains }: ArchivePart): boolean {
    const check = new ArchiveCheck({ unitIds: nothing, cardIds: nothing, cableIds: nothing });
    return (
      unread.length === 0 &&
      Object.keys(archive.blobs).length === 0 &&
      archive.units.every(({ plan }) => plan === null || this.plans.packedOf(planHash(plan)) !== undefined) &&
      check.findings(archive, chains).length === 0
    );
  }

  private async soundUnits({
    units,
    events,
  }: {
    readonly units: readonly Unit[];
    readonly events: readonly UnitEvent[];
  }): Promise<SoundUnits> {
    const inOrder = [...entriesByUnit(events)].map(([id, own]) => [id, inChainOrder(own)] as const);
    const entries = new Map(inOrder);
    const stored = units.map(asStored);
    return {
      units: stored,
      summaries: units.map((unit) => summaryOf(unit, entries.get(unit.id) ?? [])),
      records: new Map(
        await Promise.all(inOrder.map(async ([id, own]) => [id, await this.record(own)] as const)),
      ),
      plans: this.plansOf(stored),
    };
  }

  private async record(entries: readonly UnitEvent[]): Promise<SoundRecord> {
    return { packed: await this.pack(entries), entries: entries.length, cuts: bladeCuts(entries) };
  }

  /** The plans of units that were not given yet. */
  private plansOf(units: readonly StoredUnit[]): Map<string, Uint8Array> {
    const plans = new Map<string, Uint8Array>();
    for (const { planHash: hash } of units) {
      const packed = hash === null || this.given.has(hash) ? undefined : this.plans.packedOf(hash);
      if (packed) plans.set(hash!, packed);
    }
    for (const hash of plans.keys()) this.given.add(hash);
    return plans;
  }
}
