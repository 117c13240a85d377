import { leftByHouse } from '../words/proof-check.ts';
import type { Instrument, Uncertainty } from '../house/instrument.ts';
import { reads, uncertaintyOf } from '../house/instrument.ts';
import { readCheckKey } from '../reading/check-key.ts';
import { ohmReading } from '../reading/ohms.ts';
import { readBy } from '../reading/typed-from.ts';
import type { Readings } from '../reading/reading.ts';
import type { CheckContext, ProofCheck } from './checks.ts';
import { checkOf } from './checks.ts';
import type { FamilyCheck } from './family-checks.ts';
import type { MethodReading } from './judge.ts';
import { judgeAtLeast, judgeBetween, judgeOhms } from './judge.ts';
import { networkAnalyser } from './network-analyser.ts';
import { notAsked } from './proof-level.ts';
import { usualAnalyser } from './sweep-judge.ts';

/** What a meter of capacitance is taken to err by where it does not say. Engineering value. */
const usualFarads: Uncertainty = { relative: 0.01, fixed: 1e-12 };

/** How far a reading of a family's own check may be off: as its instrument says, else as one of its kind does. */
function familyUncertainty(quantity: 'capacitance' | 'decibel', take: Readings): Uncertainty {
  const { farads, loss } = take.device?.uncertainty ?? {};
  return quantity === 'capacitance'
    ? (take.typedFrom?.farads?.farads ?? farads ?? usualFarads)
    : (take.typedFrom?.loss?.loss ?? loss ?? usualAnalyser.loss);
}

/** What only this family of leads is proved by. */
export function familyCheck(check: FamilyCheck, context: CheckContext): ProofCheck {
  const { id, label, quantity, min, how, why } = check;
  const isAcrossChoke = 'choke' in check;
  const judge = (value: number | undefined, off: number) =>
    isAcrossChoke ? judgeAtLeast(value, min, off) : judgeBetween(value, [min, check.max], off);
  const methods = context.takes.flatMap((take): MethodReading[] => {
    const found = take.family?.[id];
    if (found === undefined) return [];
    const value = found ?? Infinity;
    const judged =
      quantity === 'resistance'
        ? judgeOhms(ohmReading(take, value), judge)
        : judge(value, uncertaintyOf(value, familyUncertainty(quantity, take)));
    const by = ({ resistance: 'ohms', capacitance: 'farads', decibel: 'loss' } as const)[quantity];
    return [{ instrument: readBy(take, by), judged }];
  });
  const made = checkOf(
    { key: readCheckKey(id), label, quantity, bound: isAcrossChoke ? 'at least' : 'between', why },
    methods,
    judge(undefined, 0),
    familyNotAsked(check, context),
  );
  return made.judged!.reason === 'not measured' ? { ...made, detail: `not measured: ${how}` } : made;
}

/** What stands at the far end is one of this impedance, within this part. */
const sameImpedance = 0.1;

function familyNotAsked(check: FamilyCheck, context: CheckContext): string | undefined {
  const key = readCheckKey(check.id);
  if ('choke' in check) return notAsked({ key, ...networkAnalyser(check.choke.frequency) }, context);
  if (context.house.practice.leaveOut.includes('family')) return leftByHouse;
  const { farEnd } = check;
  if (farEnd === null)
    return notAsked(
      {
        key,
        what: 'capacitance meter',
        canRead: (instruments) => instruments.some((each) => reads(each, 'farads')),
        defines: false,
      },
      context,
    );
  const hasMeter = context.instruments.some((each) => reads(each, 'ohms'));
  const isThere = ({ impedance }: Instrument) =>
    impedance !== null && Math.abs(impedance - farEnd) <= sameImpedance * farEnd;
  const farEndWord = `${farEnd} ohm ${key.kind === 'terminator' ? 'terminator' : 'load'}`;
  return notAsked(
    {
      key,
      what: hasMeter ? farEndWord : 'ohm meter',
      canRead: (instruments) => hasMeter && instruments.some(isThere),
      defines: true,
    },
    context,
  );
}
