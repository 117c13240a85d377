import { troubleAdvice as advice } from '../words/trouble.ts';
import { comesSplit } from '../thread/part-kind.ts';
import type { Scrap } from '../recipe/scrap.ts';
import { cableScrap, tapeScrap } from '../recipe/scrap.ts';
import { leadConnector } from '../lead/lead-connector.ts';
import type { JointKind } from '../recipe/joint.ts';
import { joints } from '../recipe/joint.ts';
import type { TroubleId } from '../recipe/trouble-id.ts';
import { dieTolerance, nearestDie } from '../fit/die.ts';
import { endById } from '../lead/lead.ts';
import type { FrozenPlan } from '../plan/frozen-plan.ts';
import { firstStepOfEnd, remakeCost } from '../prove/repair.ts';
import type { UnitProgress } from './progress.ts';
import type { Step, StepPart } from '../recipe/step.ts';
import type { UnitHappening } from './unit.ts';
import type { Sighting, TroubleOutcome, Bench } from './trouble-bench.ts';
import {
  here,
  behind,
  fixed,
  closedAt,
  isReusable,
  practiceOf,
  contactRework,
  stripAgain,
  sealedInside,
} from './trouble-bench.ts';

/** What is done about each trouble. */
const outcomes: Readonly<Record<TroubleId, (bench: Bench) => TroubleOutcome>> = {
  nick: (bench) => stripAgain(bench, advice.nick),
  melted: (bench) => stripAgain(bench, advice.melted),
  whisker: (bench) => whisker(bench),
  'over-filled': (bench) => resolder(bench, advice.overFilled),
  spike: (bench) => resolder(bench, advice.spike),
  cold: (bench) => resolder(bench, advice.cold),
  'short fill': (bench) => jointFault(bench, 'short fill'),
  'one-sided': (bench) => jointFault(bench, 'one-sided'),
  'strand out': (bench) => jointFault(bench, 'strand out'),
  'on insulation': (bench) => jointFault(bench, 'on insulation'),
  'not home': (bench) => jointFault(bench, 'not home'),
  'stands off': (bench) => jointFault(bench, 'stands off'),
  'on the cores': (bench) => jointFault(bench, 'on the cores'),
  loose: (bench) => jointFault(bench, 'loose'),
  'cut in': (bench) => jointFault(bench, 'cut in'),
  askew: (bench) => jointFault(bench, 'askew'),
  turned: (bench) => jointFault(bench, 'turned'),
  'part forgotten': (bench) => partOff(bench),
  'wrong side': (bench) => partOff(bench),
  'crimped twice': (bench) => crimpedTwice(bench),
  'die too large': (bench) => dieTooLarge(bench),
  'die too small': (bench) => crimpAgain(bench, advice.dieTooSmall),
  'coupling stuck': (bench) => shrinkAgain(bench),
  'seal blistered': (bench) => shrinkAgain(bench),
  'too short': (bench) => tooShort(bench),
};

/** What becomes of something that is off, at any step of a unit. A shortage that nobody said is taken as none. */
export function troubleOutcome(plan: FrozenPlan, progress: UnitProgress, sighting: Sighting): TroubleOutcome {
  return outcomes[sighting.seen]({ plan, progress, sighting });
}

function whisker(bench: Bench): TroubleOutcome {
  const closed = closedAt(bench);
  if (closed && sealedInside(bench) && !isReusable(bench)) return stripAgain(bench, advice.whiskerInside);
  if (closed) return here(advice.openFirst(advice.whisker), closed);
  const look = behind(bench).find(({ role }) => role === 'nick-and-whisker');
  return here(advice.whisker, look && look.id !== bench.sighting.step.id ? look : null);
}

/** The joint can be heated again: back to the last solder step of this end. */
function resolder(bench: Bench, how: string): TroubleOutcome {
  const { steps } = bench.progress;
  const joint = behind(bench)
    .filter(({ work }) => work === 'solder' || work === 'tin')
    .at(-1);
  if (!joint) return here(advice.notSoldered(how));
  const closed = closedAt(bench);
  const inside = closed !== undefined && steps.indexOf(closed) > steps.indexOf(joint);
  if (inside && sealedInside(bench) && !isReusable(bench)) return stripAgain(bench, advice.jointInside);
  return here(how, joint.id === bench.sighting.step.id ? null : joint);
}

/** A fault that only a joint has: mended as joints of its family are. */
function jointFault(bench: Bench, seen: TroubleId): TroubleOutcome {
  const joint = jointSpokenOf(bench, seen);
  if (!joint) return here(advice.noneYet);
  if (seen === 'cut in') return stripAgain(bench, advice.jacketCut);
  if (seen === 'turned') return stripAgain(bench, advice.bodyTurned);
  switch (joints[joint].family) {
    case 'soldered':
      return resolder(bench, solderedAdvice[seen] ?? advice.shortFill);
    case 'crimped':
      return lastCrimp(bench)
        ? crimpAgain(bench, advice.crimpOff)
        : madeAgain(bench, joint, advice.seatAgain);
    default:
      return madeAgain(bench, joint, openedHow(seen, joint));
  }
}

/** The joint of the step, or the last one of its end that can have this fault. */
const jointSpokenOf = (bench: Bench, seen: TroubleId): JointKind | null | undefined =>
  [...behind(bench), bench.sighting.step]
    .filter(({ joint }) => joint !== null && joints[joint].faults.includes(seen))
    .at(-1)?.joint;

/** How a soldered joint is mended that is not simply short of solder. */
const solderedAdvice: Readonly<Partial<Record<TroubleId, string>>> = {
  'one-sided': advice.oneSided,
  'strand out': advice.strandSoldered,
  'stands off': advice.standsOffSoldered,
};

/** How a joint that opens is mended, where seating it again is not all. */
const openedAdvice: Readonly<Partial<Record<TroubleId, string>>> = {
  'one-sided': advice.screwsInTurn,
  'strand out': advice.clampAgain,
  'on insulation': advice.bareMore,
  'on the cores': advice.openHolder,
  loose: advice.packJacket,
  askew: advice.squareAgain,
};

function openedHow(seen: TroubleId, joint: JointKind): string {
  if (seen === 'not home' && joints[joint].family === 'screwed') return advice.clampAgain;
  return openedAdvice[seen] ?? advice.seatAgain;
}

/** What opens, or is not crimped yet, is made again: back to the last step of this end that makes a joint of the kind. */
function madeAgain(bench: Bench, joint: JointKind, how: string): TroubleOutcome {
  const made = behind(bench)
    .filter((step) => step.joint === joint && step.work !== 'look' && step.work !== 'tug')
    .at(-1);
  return here(how, made && made.id !== bench.sighting.step.id ? made : null);
}

function partOff(bench: Bench): TroubleOutcome {
  const { progress, sighting } = bench;
  const { partId, seen } = sighting;
  if (partId === undefined) return here(advice.whichPart);
  const gate = progress.steps.find(({ requires }) => requires.some((part) => part.partId === partId));
  const part = partOf(progress.steps, partId);
  const off = seen === 'wrong side' ? [partId] : [];
  const name = part?.label ?? 'the part';
  if (!gate || !progress.done.has(gate.id))
    return {
      ...here(advice.notTooLate(seen === 'wrong side', part?.how)),
      partsOff: off,
    };
  if (part && comesSplit(part.kind)) return here(advice.fitSplitKind(name));
  const atGate: Bench = { ...bench, sighting: { ...sighting, endId: gate.endId, step: gate } };
  if (gate.endId === null || isReusable(atGate))
    return {
      how: 'gone back',
      advice: advice.openAndPutOn(name, part?.how),
      target: gate,
      scrap: [],
      partsOff: off,
      uses: 0,
    };
  const cost = remakeCost(progress.steps, gate.endId);
  return {
    how: 'end made again',
    advice: advice.cutOffAndPutOn(name),
    target: firstStepOfEnd(progress.steps, gate.endId) ?? gate,
    scrap: cost.scrap,
    partsOff: [...new Set([...cost.partsOff, ...off])],
    uses: cost.uses,
  };
}

function partOf(steps: readonly Step[], partId: string): StepPart | undefined {
  return steps.flatMap(({ threads }) => threads).find((part) => part.partId === partId);
}

/** The last crimp of this end that is done or under way. */
const lastCrimp = (bench: Bench): Step | undefined =>
  behind(bench)
    .filter(({ work }) => work === 'crimp')
    .at(-1);

/** The die that a crimp wants, metres; null where the crimp has none of its own. */
function dieWanted(bench: Bench, crimp: Step): number | null {
  const { plan, sighting } = bench;
  if (sighting.endId === null) return null;
  const connector = leadConnector(plan.lead, endById(plan.lead, sighting.endId).connectorId);
  return crimp.role === 'contact' ? connector.pinDie : connector.ferruleDie;
}

function crimpAgain(bench: Bench, why: string): TroubleOutcome {
  const crimp = lastCrimp(bench);
  if (!crimp) return here(advice.nothingCrimped);
  const { progress, sighting } = bench;
  const contact = crimp.role === 'contact' && !sealedInside(bench) ? contactRework(bench) : undefined;
  return {
    how: 'end made again',
    advice: why,
    target: firstStepOfEnd(progress.steps, sighting.endId!) ?? crimp,
    ...(contact
      ? { scrap: contact.scrap, partsOff: [], uses: contact.uses }
      : remakeCost(progress.steps, sighting.endId!)),
  };
}

function isExact(bench: Bench, crimp: Step): boolean {
  const wanted = dieWanted(bench, crimp);
  const nearest = wanted === null ? undefined : nearestDie(wanted, bench.plan.house.dies);
  return nearest !== undefined && Math.abs(nearest - wanted!) <= dieTolerance + 1e-8;
}

function crimpedTwice(bench: Bench): TroubleOutcome {
  const crimp = lastCrimp(bench);
  if (!crimp) return here(advice.nothingCrimped);
  const allowed = practiceOf(bench).secondCrimp !== 'never' && !isExact(bench, crimp);
  if (allowed) return here(advice.secondCrimpAllowed);
  return crimpAgain(bench, advice.secondCrimp);
}

function dieTooLarge(bench: Bench): TroubleOutcome {
  const crimp = lastCrimp(bench);
  if (!crimp) return here(advice.nothingCrimped);
  if (isExact(bench, crimp)) return here(advice.exactDie, crimp.id === bench.sighting.step.id ? null : crimp);
  if (practiceOf(bench).secondCrimp !== 'never')
    return here(advice.turnedCrimp, crimp.id === bench.sighting.step.id ? null : crimp);
  return crimpAgain(bench, advice.noExactDie);
}

function shrinkAgain(bench: Bench): TroubleOutcome {
  const { progress, sighting } = bench;
  const shrink = progress.steps
    .filter(({ id, endId }) => (progress.done.has(id) || id === sighting.step.id) && endId === sighting.endId)
    .filter(({ work }) => work === 'shrink' || work === 'tape')
    .at(-1);
  if (!shrink) return here(advice.nothingShrunk);
  const tape = shrink.work === 'tape';
  return {
    how: 'gone back',
    advice: tape ? advice.tapeAgain : advice.shrinkAgain,
    target: shrink.id === sighting.step.id && !progress.done.has(shrink.id) ? null : shrink,
    scrap: [tape ? tapeScrap : shrinkOf(bench)],
    partsOff: [],
    uses: 0,
  };
}

/** The shrink of this end, by what it is kept as. */
function shrinkOf({ progress, sighting: { endId } }: Bench): Scrap {
  const shrink = progress.steps
    .flatMap(({ threads }) => threads)
    .find(({ kind, ends }) => kind === 'shrink' && ends.some((id) => id === endId));
  return { kind: 'shrink', name: shrink?.name ?? 'shrink' };
}

function tooShort(bench: Bench): TroubleOutcome {
  const { sighting, progress, plan } = bench;
  const shortage = sighting.shortage ?? 0;
  const first = sighting.endId === null ? undefined : firstStepOfEnd(progress.steps, sighting.endId);
  const isWhole = sighting.endId === null || sighting.step.stage === 'Cut' || !first;
  if (isWhole)
    return {
      how: 'lead given up',
      advice: advice.cableTooShort,
      target: null,
      scrap: [cableScrap],
      partsOff: [],
      uses: 0,
    };
  if (fixed(bench).length > 0) return stripAgain(bench, advice.tooShortInside);
  return {
    how: 'gone back',
    advice: advice.takeJacketBack(plan.strips.length > 0),
    target: first,
    scrap: [],
    partsOff: [],
    uses: shortage,
  };
}

/** What goes into the record: the sighting, and the way back where there is one. */
export function troubleHappenings(sighting: Sighting, outcome: TroubleOutcome): UnitHappening[] {
  const trouble: UnitHappening = {
    kind: 'trouble',
    stepId: sighting.step.id,
    seen: sighting.seen,
    outcome: outcome.how,
    advice: outcome.advice,
    scrap: outcome.target ? [] : [...outcome.scrap],
  };
  const off = outcome.target
    ? []
    : outcome.partsOff.map((partId): UnitHappening => ({ kind: 'part off', partId, reason: sighting.seen }));
  if (!outcome.target) return [trouble, ...off];
  return [
    trouble,
    {
      kind: 'rework',
      fromStepId: sighting.step.id,
      toStepId: outcome.target.id,
      scrap: [...outcome.scrap],
      partsOff: [...outcome.partsOff],
      uses: outcome.uses,
      reason: sighting.seen,
    },
  ];
}
