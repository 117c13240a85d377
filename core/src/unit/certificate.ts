import type { RecordedProof, UnitProgress } from './progress.ts';
import type { Unit, UnitEvent } from './unit.ts';
import { lengthInWords } from '../lead/in-words.ts';
import type { Lead } from '../lead/lead.ts';
import type { FrozenPlan } from '../plan/frozen-plan.ts';
import { verifyChain } from '../record/chain.ts';
import type { Verdict } from '../strip/measured.ts';
import { prove } from '../prove/proof.ts';
import type { Device } from '../reading/reading.ts';
import { isOverdue } from '../reading/reading.ts';
import type { RecordedCheck } from '../reading/recorded-check.ts';
import { recordChecks } from '../prove/record-checks.ts';

/** An instrument of a proof, and whether its calibration had run out on the day it read. */
export interface CertifiedInstrument {
  readonly name: string;
  readonly device: Device | undefined;
  readonly overdue: boolean | undefined;
}

/** One proof of a certificate. */
export interface CertifiedProof {
  readonly number: number;
  readonly verdict: Verdict;
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
  readonly lead: Lead;
  readonly title: string;
  readonly verdict: Verdict;
  readonly house: string;
  readonly programVersion: string;
  readonly frozenAt: string;
  readonly proofs: readonly CertifiedProof[];
  readonly progress: UnitProgress;
  readonly chain: { readonly entries: number; readonly whole: boolean; readonly hash: string };
}

/** The certificate of a unit that was started. */
export function certificateOf(
  unit: Unit,
  plan: FrozenPlan,
  progress: UnitProgress,
  events: readonly UnitEvent[],
): Certificate {
  const { lead } = plan;
  const planes = lead.ends.map(({ name, referencePlane }) => `end ${name} to ${referencePlane}`).join(', ');
  return {
    serial: unit.serial,
    unitId: unit.id,
    lead,
    title: `${lead.name}, ${lengthInWords(lead)}, ${planes}`,
    verdict: progress.proofs.at(-1)?.verdict ?? 'Not yet',
    house: plan.house.name,
    programVersion: plan.programVersion,
    frozenAt: events[0]!.at,
    proofs: progress.proofs.map((proof, n) => certifiedProof(plan, proof, n + 1)),
    progress,
    chain: { entries: events.length, whole: verifyChain(events).length === 0, hash: events.at(-1)!.hash },
  };
}

function certifiedProof(plan: FrozenPlan, proof: RecordedProof, number: number): CertifiedProof {
  const { verdict, at, by, takes } = proof;
  return {
    number,
    verdict,
    at,
    by,
    celsius: takes[0]!.celsius,
    instruments: takes.map(({ instrument, device }) => ({
      name: instrument,
      device,
      overdue: device && isOverdue(device, at),
    })),
    checks: checksOfProof(plan, proof),
  };
}

/** The checks of a recorded proof: as they were judged then; records of earlier versions are judged again by their frozen plan. */
export function checksOfProof(plan: FrozenPlan, { checks, takes }: RecordedProof): readonly RecordedCheck[] {
  return checks ?? recordChecks(prove(plan, takes).checks);
}
