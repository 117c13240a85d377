import { z } from 'zod';
import type { CheckKey } from '../reading/check-key.ts';
import { readCheckKey, writeCheckKey } from '../reading/check-key.ts';
import { leadConnector } from '../lead/lead-connector.ts';
import type { House } from '../house/house.ts';
import type { Explained, QuantityKind } from '../quantity/explained.ts';
import type { Lead } from '../lead/lead.ts';
import type { Verdict } from '../strip/measured.ts';
import type { FamilyCheck } from './family-checks.ts';
import type { Judged, MethodReading } from './judge.ts';
import { judgeAtLeast, judgeAtMost, judgeBetween, judgeTogether, uncertaintyOf } from './judge.ts';
import type { PairMatrix } from './pair-matrix.ts';
import type { Device, Readings, Uncertainty } from '../reading/reading.ts';
import { ohmsOf, pairKey } from '../reading/reading.ts';
import { usualAnalyser } from './sweep-judge.ts';
import type { ExpectedPath } from './resistance.ts';
import { limitAt } from './resistance.ts';

/** A check of its own in the proof. A left-out check is said so on the certificate. */
export interface ProofCheck {
  readonly key: CheckKey;
  /** The key as it is written in readings and records. */
  readonly id: string;
  readonly label: string;
  readonly verdict: Verdict;
  readonly leftOut: boolean;
  readonly detail: string;
  /** What its reading and limit are measured in. */
  readonly quantity: QuantityKind;
  /** Whether the reading must not go below its limit, or not above. */
  readonly bound: 'at least' | 'at most' | 'between';
  readonly judged?: Judged;
  /** Where the limit comes from: as a sum, or in words. */
  readonly limit?: Explained;
  readonly why?: string;
  /** Every method that read it, side by side. */
  readonly methods: readonly MethodReading[];
}

/** What a proof judges by. */
export interface CheckContext {
  readonly takes: readonly Readings[];
  readonly house: House;
}

/** What a meter of the house is taken to err by where it does not say: insulation, capacitance. Engineering values. */
const usualInsulation: Uncertainty = { relative: 0.05, fixed: 0 };
const usualFarads: Uncertainty = { relative: 0.01, fixed: 1e-12 };

/** Uncertainty of the ohms of a take: its instrument's own, else that of the house's meter. */
export const ohmsUncertainty = ({ device }: Readings, { meter }: House): Uncertainty =>
  device?.uncertainty.ohms ?? meter;

/** Every pair connected that should be, none that should not. */
export function continuityCheck({ pairs, contradictions }: PairMatrix): ProofCheck {
  const count = (verdict: Verdict) => pairs.filter((pair) => pair.verdict === verdict).length;
  const [out, notYet] = [count('Out'), count('Not yet')];
  const total = pairs.length;
  const [verdict, detail]: [Verdict, string] =
    contradictions.length > 0
      ? ['Not yet', 'the readings contradict each other: read the marked pairs again']
      : out > 0
        ? ['Out', `${out} of ${total} pairs are not as planned`]
        : notYet > 0
          ? ['Not yet', `${notYet} of ${total} pairs not measured`]
          : ['Good', `${total} of ${total} pairs as planned`];
  return {
    key: { kind: 'continuity' },
    id: writeCheckKey({ kind: 'continuity' }),
    label: 'Continuity and shorts',
    leftOut: false,
    verdict,
    detail,
    quantity: 'count',
    bound: 'at most',
    methods: [],
  };
}

/** The resistance of one planned path, against its limit at the temperature of each take. */
export function resistanceCheck(path: ExpectedPath, { takes, house }: CheckContext): ProofCheck {
  const key = pairKey(path.from, path.to);
  const methods = takes.flatMap((take): MethodReading[] => {
    const ohms = ohmsOf(take.pairs.find((pair) => pairKey(pair.from, pair.to) === key));
    if (ohms === undefined) return [];
    const uncertainty = uncertaintyOf(ohms, ohmsUncertainty(take, house));
    const limit = limitAt(path, take.celsius).value;
    return [{ instrument: take.instrument, judged: judgeAtMost(ohms, limit, uncertainty) }];
  });
  const check = checkOf(
    {
      key: { kind: 'resistance', pathId: path.id },
      label: `Resistance, ${path.label}`,
      quantity: 'resistance',
      bound: 'at most',
    },
    methods,
    judgeAtMost(undefined, path.limit.value, 0),
    house.practice.leaveOut.includes('resistance'),
  );
  const limits = takes.map(({ celsius }) => limitAt(path, celsius));
  return { ...check, limit: limits.find(({ value }) => value === check.judged!.limit) ?? path.limit };
}

/** How far a reading of a family's own check may be off: as its instrument says, else as one of its kind does. */
function familyUncertainty(quantity: FamilyCheck['quantity'], device: Device | undefined): Uncertainty {
  const { ohms, farads, loss } = device?.uncertainty ?? {};
  switch (quantity) {
    case 'resistance':
      return ohms ?? { relative: 0.01, fixed: 0 };
    case 'capacitance':
      return farads ?? usualFarads;
    case 'decibel':
      return loss ?? usualAnalyser.loss;
  }
}

/** What only this family of leads is proved by. */
export function familyCheck(check: FamilyCheck, { takes, house }: CheckContext): ProofCheck {
  const { id, label, quantity, min, how, why } = check;
  const isAcrossChoke = 'choke' in check;
  const judge = (value: number | undefined, uncertainty: Uncertainty) => {
    const off = uncertaintyOf(value, uncertainty);
    return isAcrossChoke ? judgeAtLeast(value, min, off) : judgeBetween(value, [min, check.max], off);
  };
  const methods = takes.flatMap((take): MethodReading[] => {
    const found = take.family?.[id];
    if (found === undefined) return [];
    const judged = judge(found ?? Infinity, familyUncertainty(quantity, take.device));
    return [{ instrument: take.instrument, judged }];
  });
  const made = checkOf(
    { key: readCheckKey(id), label, quantity, bound: isAcrossChoke ? 'at least' : 'between', why },
    methods,
    judge(undefined, usualFarads),
    isAcrossChoke ? !house.practice.alsoAsk.includes('sweep') : house.practice.leaveOut.includes('family'),
  );
  return made.judged!.reason === 'not measured' ? { ...made, detail: `not measured: ${how}` } : made;
}

export const insulationWantedSchema = z.object({ volts: z.number().positive(), ohms: z.number().positive() });
export type InsulationWanted = z.infer<typeof insulationWantedSchema>;

/** Test voltage and least insulation of a lead: the lower rating and the higher demand of its ends, or the house's own demand. */
export function insulationWanted(lead: Lead, house: House): InsulationWanted {
  const wanted = lead.ends.map(({ connectorId }) => leadConnector(lead, connectorId).series.insulation);
  return {
    volts: Math.min(...wanted.map(({ volts }) => volts)),
    ohms: Math.max(house.limits.insulation ?? 0, ...wanted.map(({ ohms }) => ohms)),
  };
}

/** Insulation between all points planned apart. */
export function insulationCheck(
  { volts, ohms: limit }: InsulationWanted,
  { takes, house }: CheckContext,
): ProofCheck {
  const judge = (ohms: number | undefined, uncertainty: Uncertainty) =>
    judgeAtLeast(ohms, limit, uncertaintyOf(ohms, uncertainty));
  const methods = takes.flatMap((take): MethodReading[] => {
    if (take.insulationOhms === undefined) return [];
    const uncertainty = take.device?.uncertainty.insulation ?? usualInsulation;
    return [{ instrument: take.instrument, judged: judge(take.insulationOhms ?? Infinity, uncertainty) }];
  });
  return checkOf(
    {
      key: { kind: 'insulation' },
      label: `Insulation at ${volts} V`,
      quantity: 'resistance',
      bound: 'at least',
      why: 'The lowest test voltage and the highest demand of its ends, or the demand of this house.',
    },
    methods,
    judge(undefined, usualInsulation),
    house.practice.leaveOut.includes('insulation'),
  );
}

/** Reads of every path that a wiggle test needs at least before it says anything. */
const leastWiggleReads = 20;

/** Whether a path drops while the cable is moved. */
export function wiggleCheck(paths: readonly ExpectedPath[], { takes, house }: CheckContext): ProofCheck {
  const wiggle = takes.findLast((take) => take.wiggle)?.wiggle;
  const counts = Object.entries(wiggle?.drops ?? {});
  const drops = counts.filter(([, count]) => count > 0);
  const labelOf = (id: string) => paths.find((path) => path.id === id)?.label ?? id;
  const [verdict, detail]: [Verdict, string] = !wiggle
    ? ['Not yet', 'not measured: move the cable at both ends while the tester reads']
    : drops.length > 0
      ? [
          'Out',
          `intermittent: ${drops.map(([id, count]) => `${labelOf(id)} dropped ${count} ${count === 1 ? 'time' : 'times'}`).join('; ')}`,
        ]
      : counts.length < paths.length
        ? ['Not yet', `only ${counts.length} of ${paths.length} paths were read`]
        : wiggle.reads < leastWiggleReads
          ? ['Not yet', `only ${wiggle.reads} reads: expected ${leastWiggleReads} or more`]
          : ['Good', `no drop in ${wiggle.reads} reads over ${Math.round(wiggle.seconds)} s`];
  return {
    key: { kind: 'wiggle' },
    id: writeCheckKey({ kind: 'wiggle' }),
    label: 'Holds while it is moved',
    verdict,
    leftOut: !wiggle && !house.practice.alsoAsk.includes('wiggle'),
    detail,
    quantity: 'count',
    bound: 'at most',
    methods: [],
  };
}

/** What a check is, before anything is read of it. */
export type CheckBase = Pick<ProofCheck, 'key' | 'label' | 'quantity' | 'bound'> & {
  readonly why?: string | undefined;
};

/** A check from its methods; left out only where nothing was read and the house does not ask. */
export function checkOf(
  { why, ...base }: CheckBase,
  methods: readonly MethodReading[],
  none: Judged,
  mayBeLeftOut: boolean,
): ProofCheck {
  const judged = judgeTogether(methods, none);
  return {
    ...base,
    id: writeCheckKey(base.key),
    ...(why === undefined ? {} : { why }),
    verdict: judged.verdict,
    leftOut: judged.reason === 'not measured' && mayBeLeftOut,
    detail: judged.reason,
    judged,
    methods,
  };
}
