import type { ProofPlan } from './proof-plan.ts';
import type { Verdict } from '../strip/measured.ts';
import type { CheckContext, ProofCheck } from './checks.ts';
import { continuityCheck, insulationCheck, resistanceCheck, wiggleCheck } from './checks.ts';
import type { Instrument } from '../house/instrument.ts';
import type { ProofLevel } from '../house/practice.ts';
import { houseFor } from '../lead/own-practice.ts';
import { familyCheck } from './family-reading.ts';
import { lightingLength } from './length-check.ts';
import { askedFurther, levelReached } from './proof-level.ts';
import { spotChecks } from './spot-checks.ts';
import { derivedChecks } from './derived-checks.ts';
import type { Diagnosis } from './diagnosis.ts';
import { diagnose } from './diagnosis.ts';
import { leadWiring } from '../wiring/lead-wiring.ts';
import { lookChecks } from './looks.ts';
import type { PairCheck } from './pair-matrix.ts';
import { pairMatrix } from './pair-matrix.ts';
import type { Readings } from '../reading/reading.ts';
import type { Sweeps } from './sweep-checks.ts';
import { sweepChecks } from './sweep-checks.ts';
import { sweepLineOf } from './sweep-line.ts';
import type { Contradiction, Wiring } from '../wiring/wiring.ts';

export interface Proof {
  readonly verdict: Verdict;
  /** How far it goes with what was read. */
  readonly level: ProofLevel;
  /** What decides the verdict, the first of the checks that is not Good. */
  readonly deciding: ProofCheck | undefined;
  readonly wiring: Wiring;
  readonly pairs: readonly PairCheck[];
  readonly checks: readonly ProofCheck[];
  readonly contradictions: readonly Contradiction[];
  /** Only once every pair has been read and some are wrong. */
  readonly diagnosis: Diagnosis | undefined;
}

/**
 * Judges the readings of a unit against its plan, all methods side by side. `lastEndId` is the end that was worked on last;
 * `sweeps` are the files that its readings name, by checksum; `instruments` what is there to read with now, else what was when it
 * was started: only what they can decide is asked, unless its house, the lead itself or its order (`ordered`) asks for more.
 */
export function prove(
  plan: ProofPlan,
  takes: readonly Readings[],
  {
    lastEndId,
    sweeps = new Map(),
    instruments = plan.house.instruments,
    ordered,
  }: {
    readonly lastEndId?: string | undefined;
    readonly sweeps?: Sweeps;
    readonly instruments?: readonly Instrument[] | undefined;
    readonly ordered?: ProofLevel | undefined;
  } = {},
): Proof {
  const { lead, limits, family, derived, insulation, looks } = plan;
  const wiring = leadWiring(lead);
  const matrix = pairMatrix(wiring, takes);
  const house = houseFor(lead, plan.house);
  const practice = askedFurther(house.practice, ordered);
  const context: CheckContext = { takes, house: { ...house, practice }, instruments };
  const line = sweepLineOf(lead, new Map(Object.entries(plan.lengths)));
  const checks = [
    ...lookChecks(looks, context),
    continuityCheck(matrix),
    wiggleCheck(limits, context),
    ...limits.map((path) => resistanceCheck(path, context)),
    ...derivedChecks(derived, limits, context),
    ...family.map((check) => familyCheck(check, context)),
    insulationCheck(insulation, context),
    ...lightingLength(plan, context),
    ...(line
      ? [
          ...spotChecks(line, lead.requirement.frequencies, context),
          ...sweepChecks(line, lead.requirement.frequencies, context, sweeps),
        ]
      : []),
  ];
  const wrong = matrix.pairs.some(({ planned, read }) => planned !== read);
  const deciding =
    checks.find(({ verdict }) => verdict === 'Out') ??
    checks.find(({ verdict, leftOut }) => verdict === 'Not yet' && !leftOut);
  return {
    verdict: deciding?.verdict ?? 'Good',
    level: levelReached(checks),
    deciding,
    wiring,
    pairs: matrix.pairs,
    checks,
    contradictions: matrix.contradictions,
    diagnosis:
      matrix.complete && wrong && matrix.contradictions.length === 0
        ? diagnose(wiring, matrix.partition, lastEndId)
        : undefined,
  };
}
