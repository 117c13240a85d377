import { deflateSync, inflateSync } from 'fflate';
import { completePlan } from '../plan/complete-plan.ts';
import type { FrozenPlan } from '../plan/frozen-plan.ts';
import { frozenPlanSchema } from '../plan/frozen-plan.ts';
import { PlansAtHand } from '../plan/plans-at-hand.ts';
import { parseJson, parseSchema } from './archive-json.ts';
import { migrated } from './migrations/migrations.ts';

/** The plans of an archive by their checksums, kept small: a file of years holds thousands. */
export class ArchivePlans {
  private readonly packed = new Map<string, Uint8Array>();
  private readonly atHand = new PlansAtHand();

  /** @param from The version of the records of the archive. */
  constructor(private readonly from: number) {}

  add(hash: string, bytes: Uint8Array): void {
    this.addPacked(hash, deflateSync(bytes, { level: 1 }));
  }

  /** The same of one that is raw deflate already. */
  addPacked(hash: string, packed: Uint8Array): void {
    this.packed.set(hash, packed);
  }

  /** A plan as raw deflate; undefined where the archive has none of this name. */
  packedOf(hash: string): Uint8Array | undefined {
    return this.packed.get(hash);
  }

  /** The very form in which a plan stands in the file. */
  formOf(hash: string): Uint8Array | undefined {
    const packed = this.packed.get(hash);
    return packed && inflateSync(packed);
  }

  /** A plan as one of this version; undefined where the archive has none of this name. @throws ArchiveError */
  planOf(hash: string): FrozenPlan | undefined {
    const before = this.atHand.get(hash);
    if (before) return before;
    const bytes = this.formOf(hash);
    if (!bytes) return undefined;
    const name = `plans/${hash}.json`;
    const plan = migrated('units', { plan: parseJson(name, bytes) }, this.from).plan;
    const whole = completePlan(parseSchema(name, frozenPlanSchema, plan));
    this.atHand.keep(hash, whole);
    return whole;
  }
}
