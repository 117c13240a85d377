import { sweepWords, wantedInstrument } from '../words/proof-check.ts';
import type { Instrument } from '../house/instrument.ts';
import { hasKind, uncertaintyOf } from '../house/instrument.ts';
import { readBy } from '../reading/typed-from.ts';
import type { CheckContext, ProofCheck } from './checks.ts';
import { checkOf } from './checks.ts';
import type { MethodReading } from './judge.ts';
import { judgeBetween } from './judge.ts';
import type { ProofPlan } from './proof-plan.ts';
import { lengthByCapacitance } from './family-checks.ts';
import { notAsked } from './proof-level.ts';
import { sweepWhy } from './sweep-judge.ts';

/** Length of the cable in a lead by what comes back or goes through, metres: what a hand typed beside what else was read of it. */
export function lengthCheck(
  limits: readonly [number, number],
  others: readonly MethodReading[],
  context: CheckContext,
): ProofCheck {
  const key = { kind: 'length' } as const;
  const typed = context.takes.flatMap((take): MethodReading[] => {
    const { length, typedFrom } = take;
    if (length === undefined) return [];
    const off = uncertaintyOf(length, typedFrom?.length?.length ?? usualReflectometer);
    return [{ instrument: readBy(take, 'length'), judged: judgeBetween(length, limits, off) }];
  });
  const canRead = (instruments: readonly Instrument[]) => hasKind(instruments, 'reflectometer');
  return checkOf(
    { key, label: sweepWords.length, quantity: 'distance', bound: 'between', why: sweepWhy.length },
    [...others, ...typed],
    judgeBetween(undefined, limits, 0),
    notAsked({ key, what: wantedInstrument.reflectometer, canRead, defines: false }, context),
  );
}

/** Velocity of a pair is known to this part, and where a reflection begins to so many metres. Engineering values. */
const pairVelocity = 0.05;
const pairPlane = 0.15;

/** Length of a lighting lead: by reflection as somebody read it, else by the capacitance of its pairs. */
export function lightingLength(
  { lead, lengths, family }: Pick<ProofPlan, 'lead' | 'lengths' | 'family'>,
  context: CheckContext,
): ProofCheck[] {
  const [piece] = lead.pieces;
  if (lead.signal !== 'lighting' || lead.ends.length !== 2 || lead.pieces.length !== 1 || !piece) return [];
  const planned = lengths[piece.id]!;
  const around = (off: number): [number, number] => [Math.max(0, planned - 2 * off), planned + 2 * off];
  const byCapacitance = context.takes.flatMap(({ family: read, instrument }): MethodReading[] =>
    family.flatMap((check) => {
      const farads = read?.[check.id];
      const found = typeof farads === 'number' ? lengthByCapacitance(check, farads, planned) : undefined;
      if (!found) return [];
      const { length, uncertainty } = found;
      return [
        {
          instrument: `${instrument}, by capacitance`,
          judged: judgeBetween(length, around(uncertainty), uncertainty),
        },
      ];
    }),
  );
  return [lengthCheck(around(pairVelocity * planned + pairPlane), byCapacitance, context)];
}

/** A length by reflection whose instrument does not say. Engineering value. */
const usualReflectometer = { relative: 0.01, fixed: 0.3 } as const;
