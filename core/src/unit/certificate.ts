import type { RecordedProof, UnitProgress } from './progress.ts';
import type { Unit, UnitEvent } from './unit.ts';
import { lengthInWords } from '../lead/in-words.ts';
import type { Lead } from '../lead/lead.ts';
import type { FrozenPlan } from '../plan/frozen-plan.ts';
import { verifyChain } from '../record/chain.ts';
import type { Verdict } from '../strip/measured.ts';
import { prove } from '../prove/proof.ts';
import type { ProofLevel } from '../house/practice.ts';
import { levelReached } from '../prove/proof-level.ts';
import type { NamedInstrument } from '../reading/typed-from.ts';
import { instrumentsOf } from '../reading/typed-from.ts';
import { isOverdue } from '../reading/overdue.ts';
import type { RecordedCheck } from '../reading/recorded-check.ts';
import { recordChecks } from '../prove/record-checks.ts';

/** An instrument of a proof, where it says who it is, and whether its calibration had run out on the day it read. */
export interface CertifiedInstrument {
  readonly name: string;
  readonly identity: NamedInstrument | undefined;
  readonly overdue: boolean | undefined;
  /** What a two-wire meter showed with its leads shorted, ohm. */
  readonly leadsOhms?: number | undefined;
}

/** One proof of a certificate. */
export interface CertifiedProof {
  readonly number: number;
  readonly verdict: Verdict;
  readonly level: ProofLevel;
  readonly at: string;
  readonly by: string;
  readonly celsius: number;
  readonly instruments: readonly CertifiedInstrument[];
  readonly checks: readonly RecordedCheck[];
}

/** What stands on the certificate of a unit: page and PDF are made from the same. */
export interface Certificate {
  readonly serial: string;
  readonly unitId: string;
  readonly orderId: string;
  readonly lead: Lead;
  readonly title: string;
  readonly verdict: Verdict;
  /** How far its last proof went. */
  readonly level: ProofLevel | undefined;
  readonly house: string;
  readonly programVersion: string;
  readonly frozenAt: string;
  readonly proofs: readonly CertifiedProof[];
  readonly progress: UnitProgress;
  readonly chain: { readonly entries: number; readonly whole: boolean; readonly hash: string };
  /** Whether the plan is the one that was frozen when it was started. */
  readonly planHolds: boolean;
}

/** The certificate of a unit that was started; `planHolds` says whether its plan is the one that was frozen then. */
export function certificateOf(
  unit: Unit,
  plan: FrozenPlan,
  progress: UnitProgress,
  events: readonly UnitEvent[],
  planHolds = true,
): Certificate {
  const { lead } = plan;
  const proofs = progress.proofs.map((proof, n) => certifiedProof(plan, proof, n + 1));
  const planes = lead.ends.map(({ name, referencePlane }) => `end ${name} to ${referencePlane}`).join(', ');
  return {
    serial: unit.serial,
    unitId: unit.id,
    orderId: unit.orderId,
    lead,
    title: `${lead.name}, ${lengthInWords(lead)}, ${planes}`,
    verdict: progress.proofs.at(-1)?.verdict ?? 'Not yet',
    level: proofs.at(-1)?.level,
    house: plan.house.name,
    programVersion: plan.programVersion,
    frozenAt: events[0]!.at,
    proofs,
    progress,
    chain: { entries: events.length, whole: verifyChain(events).length === 0, hash: events.at(-1)!.hash },
    planHolds,
  };
}

function certifiedProof(plan: FrozenPlan, proof: RecordedProof, number: number): CertifiedProof {
  const { verdict, at, by, takes } = proof;
  const checks = checksOfProof(plan, proof);
  return {
    number,
    verdict,
    level: levelReached(checks),
    at,
    by,
    celsius: takes[0]!.celsius,
    instruments: takes.flatMap((take): CertifiedInstrument[] => {
      const known = instrumentsOf(take).map((identity) => ({
        name: identity.name,
        identity,
        overdue: isOverdue(identity, at),
        ...(identity.name === take.typedFrom?.ohms?.name ? { leadsOhms: take.leadsOhms } : {}),
      }));
      return known.length > 0 ? known : [{ name: take.instrument, identity: undefined, overdue: undefined }];
    }),
    checks,
  };
}

/** The checks of a recorded proof: as they were judged then; records of earlier versions are judged again by their frozen plan. */
export function checksOfProof(plan: FrozenPlan, { checks, takes }: RecordedProof): readonly RecordedCheck[] {
  return checks ?? recordChecks(prove(plan, takes).checks);
}
