import {
  continuityWords,
  insulationWords,
  leftByHouse,
  wantedInstrument,
  wiggleWords,
} from '../words/proof-check.ts';
import { z } from 'zod';
import type { CheckKey } from '../reading/check-key.ts';
import { writeCheckKey } from '../reading/check-key.ts';
import { leadConnector } from '../lead/lead-connector.ts';
import type { House } from '../house/house.ts';
import type { Explained, QuantityKind } from '../quantity/explained.ts';
import type { Lead } from '../lead/lead.ts';
import type { Verdict } from '../strip/measured.ts';
import type { Instrument, Uncertainty } from '../house/instrument.ts';
import { uncertaintyOf } from '../house/instrument.ts';
import { readBy } from '../reading/typed-from.ts';
import { meterOff, ohmReading } from '../reading/ohms.ts';
import type { Judged, MethodReading } from './judge.ts';
import { judgeAtLeast, judgeAtMost, judgeOhms, judgeTogether, orCannotDecide } from './judge.ts';
import { notAsked } from './proof-level.ts';
import type { PairMatrix } from './pair-matrix.ts';
import type { Readings } from '../reading/reading.ts';
import { ohmsOf, pairKey } from '../reading/reading.ts';
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
  /** Why it stays out of the verdict, where it does. */
  readonly notAsked?: string;
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
  /** As the lead has it. */
  readonly house: House;
  /** What is there to read with now. */
  readonly instruments: readonly Instrument[];
}

/** What a meter of insulation is taken to err by where it does not say. Engineering value. */
const usualInsulation: Uncertainty = { relative: 0.05, fixed: 0 };

/** Every pair connected that should be, none that should not. */
export function continuityCheck({ pairs, contradictions }: PairMatrix): ProofCheck {
  const count = (verdict: Verdict) => pairs.filter((pair) => pair.verdict === verdict).length;
  const [out, notYet] = [count('Out'), count('Not yet')];
  const total = pairs.length;
  const [verdict, detail]: [Verdict, string] =
    contradictions.length > 0
      ? ['Not yet', continuityWords.contradict]
      : out > 0
        ? ['Out', continuityWords.out(out, total)]
        : notYet > 0
          ? ['Not yet', continuityWords.notYet(notYet, total)]
          : ['Good', continuityWords.good(total)];
  return {
    key: { kind: 'continuity' },
    id: writeCheckKey({ kind: 'continuity' }),
    label: continuityWords.label,
    leftOut: false,
    verdict,
    detail,
    quantity: 'count',
    bound: 'at most',
    methods: [],
  };
}

/** The resistance of one planned path, against its limit at the temperature of each take. */
export function resistanceCheck(path: ExpectedPath, context: CheckContext): ProofCheck {
  const { takes } = context;
  const between = pairKey(path.from, path.to);
  const methods = takes.flatMap((take): MethodReading[] => {
    const shown = ohmsOf(take.pairs.find((pair) => pairKey(pair.from, pair.to) === between));
    if (shown === undefined) return [];
    const limit = limitAt(path, take.celsius).value;
    const sound = path.expected * (limit / path.limit.value);
    const reading = ohmReading(take, shown);
    const judged = judgeOhms(reading, (ohms, uncertainty) => judgeAtMost(ohms, limit, uncertainty));
    return [
      {
        instrument: readBy(take, 'ohms'),
        judged: orCannotDecide(judged, judgeAtMost(sound, limit, reading.uncertainty)),
      },
    ];
  });
  const key = { kind: 'resistance', pathId: path.id } as const;
  const check = checkOf(
    { key, label: `Resistance, ${path.label}`, quantity: 'resistance', bound: 'at most' },
    methods,
    judgeAtMost(undefined, path.limit.value, 0),
    ohmsNotAsked(key, path.expected, path.limit.value, context),
  );
  const limits = takes.map(({ celsius }) => limitAt(path, celsius));
  return { ...check, limit: limits.find(({ value }) => value === check.judged!.limit) ?? path.limit };
}

/** Why a resistance that must not be above a limit is not asked; a meter that could not call a sound one Good reads none. */
export function ohmsNotAsked(
  key: CheckKey,
  sound: number,
  limit: number,
  context: CheckContext,
): string | undefined {
  if (context.house.practice.leaveOut.includes('resistance')) return leftByHouse;
  const canRead = (instruments: readonly Instrument[]) =>
    instruments.some(({ ohms }) => ohms !== null && sound + meterOff(ohms, sound) <= limit);
  return notAsked({ key, what: wantedInstrument.ohms, canRead, defines: true }, context);
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
export function insulationCheck({ volts, ohms: limit }: InsulationWanted, context: CheckContext): ProofCheck {
  const { takes, house } = context;
  const judge = (ohms: number | undefined, uncertainty: Uncertainty) =>
    judgeAtLeast(ohms, limit, uncertaintyOf(ohms, uncertainty));
  const methods = takes.flatMap((take): MethodReading[] => {
    if (take.insulationOhms === undefined) return [];
    const { device, typedFrom } = take;
    const uncertainty =
      typedFrom?.insulation?.insulation ?? device?.uncertainty.insulation ?? usualInsulation;
    return [
      { instrument: readBy(take, 'insulation'), judged: judge(take.insulationOhms ?? Infinity, uncertainty) },
    ];
  });
  const key = { kind: 'insulation' } as const;
  const canRead = (instruments: readonly Instrument[]) =>
    instruments.some(({ insulation }) => insulation !== null && insulation.volts >= volts);
  return checkOf(
    {
      key,
      label: insulationWords.label(volts),
      quantity: 'resistance',
      bound: 'at least',
      why: insulationWords.why,
    },
    methods,
    judge(undefined, usualInsulation),
    house.practice.leaveOut.includes('insulation')
      ? leftByHouse
      : notAsked({ key, what: wantedInstrument.insulation(volts), canRead, defines: false }, context),
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
    ? ['Not yet', wiggleWords.notMeasured]
    : drops.length > 0
      ? ['Out', wiggleWords.dropped(drops.map(([id, count]) => ({ path: labelOf(id), count })))]
      : counts.length < paths.length
        ? ['Not yet', wiggleWords.fewPaths(counts.length, paths.length)]
        : wiggle.reads < leastWiggleReads
          ? ['Not yet', wiggleWords.fewReads(wiggle.reads, leastWiggleReads)]
          : ['Good', wiggleWords.held(wiggle.reads, wiggle.seconds)];
  return {
    key: { kind: 'wiggle' },
    id: writeCheckKey({ kind: 'wiggle' }),
    label: wiggleWords.label,
    verdict,
    ...outOfVerdict(!wiggle && !house.practice.alsoAsk.includes('wiggle') ? leftByHouse : undefined),
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

/** Whether a check stays out of the verdict, and why. */
export const outOfVerdict = (why: string | undefined): Pick<ProofCheck, 'leftOut' | 'notAsked'> =>
  why === undefined ? { leftOut: false } : { leftOut: true, notAsked: why };

/** A check from its methods; out of the verdict where nothing was read and it is not asked, or where its meter cannot decide. */
export function checkOf(
  { why, ...base }: CheckBase,
  methods: readonly MethodReading[],
  none: Judged,
  unasked: string | undefined,
): ProofCheck {
  const judged = judgeTogether(methods, none);
  const isAsked = unasked === undefined;
  return {
    ...base,
    id: writeCheckKey(base.key),
    ...(why === undefined ? {} : { why }),
    verdict: judged.verdict,
    ...outOfVerdict(
      judged.reason === 'not measured'
        ? unasked
        : judged.reason === 'this meter cannot decide' && !isAsked
          ? judged.reason
          : undefined,
    ),
    detail: judged.reason,
    judged,
    methods,
  };
}
