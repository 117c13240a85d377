import type { PartKind } from '../thread/part-kind.ts';
import type { Scrap } from '../recipe/scrap.ts';
import { cableScrap, tapeScrap } from '../recipe/scrap.ts';
import { leadConnector } from '../lead/lead-connector.ts';
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

/** What becomes of something that is off, at any step of a unit. A shortage that nobody said is taken as none. */
export function troubleOutcome(plan: FrozenPlan, progress: UnitProgress, sighting: Sighting): TroubleOutcome {
  const bench: Bench = { plan, progress, sighting };
  switch (sighting.seen) {
    case 'nick':
      return stripAgain(bench, 'A nick breaks in use, not today. Cut back behind it and strip again.');
    case 'melted':
      return stripAgain(
        bench,
        'A dielectric or insulation that went soft does not come back. Cut back behind it and strip again; less time, more tip.',
      );
    case 'whisker':
      return whisker(bench);
    case 'over-filled':
      return resolder(
        bench,
        'Heat it and take the excess off with wick, or scrape the outside clean when it is cold. Then look that no scraping lies across, and try it in the body again.',
      );
    case 'spike':
      return resolder(
        bench,
        'Flux, touch it with a clean tip until the spike sinks in, lift the tip straight away.',
      );
    case 'cold':
      return resolder(
        bench,
        'Flux, heat the metal until it flows and spreads, a little fresh solder, still until it dulls.',
      );
    case 'part forgotten':
    case 'wrong side':
      return partOff(bench);
    case 'crimped twice':
      return crimpedTwice(bench);
    case 'die too large':
      return dieTooLarge(bench);
    case 'die too small':
      return crimpAgain(bench, 'It cut into the part. That part is scrap; use the exact die.');
    case 'coupling stuck':
    case 'seal blistered':
      return shrinkAgain(bench);
    case 'too short':
      return tooShort(bench);
  }
}

function whisker(bench: Bench): TroubleOutcome {
  const advice = 'Brush or pick it off, then look all round again.';
  const closed = closedAt(bench);
  if (closed && sealedInside(bench) && !isReusable(bench))
    return stripAgain(bench, 'It lies inside a closed connector and cannot be reached.');
  if (closed) return here(`Open the connector. ${advice}`, closed);
  const look = behind(bench).find(({ role }) => role === 'nick-and-whisker');
  return here(advice, look && look.id !== bench.sighting.step.id ? look : null);
}

/** The joint can be heated again: back to the last solder step of this end. */
function resolder(bench: Bench, advice: string): TroubleOutcome {
  const { steps } = bench.progress;
  const joint = behind(bench)
    .filter(({ work }) => work === 'solder' || work === 'tin')
    .at(-1);
  if (!joint) return here(`${advice} Nothing of this end is soldered yet.`);
  const closed = closedAt(bench);
  const inside = closed !== undefined && steps.indexOf(closed) > steps.indexOf(joint);
  if (inside && sealedInside(bench) && !isReusable(bench))
    return stripAgain(bench, 'The joint lies inside a closed connector: it cannot be reached.');
  return here(advice, joint.id === bench.sighting.step.id ? null : joint);
}

/** What comes in a split or wrap-round kind is not lost with a closed end. Connector parts do not. */
const splitKinds: readonly PartKind[] = [
  'shrink',
  'split shrink',
  'core shrink',
  'edge shrink',
  'label sleeve',
  'splice boot',
];

const comesSplit = (part: StepPart | undefined) => part !== undefined && splitKinds.includes(part.kind);

function partOff(bench: Bench): TroubleOutcome {
  const { progress, sighting } = bench;
  const { partId, seen } = sighting;
  if (partId === undefined) return here('Say which part it is about.');
  const gate = progress.steps.find(({ requires }) => requires.some((part) => part.partId === partId));
  const part = partOf(progress.steps, partId);
  const off = seen === 'wrong side' ? [partId] : [];
  const name = part?.label ?? 'the part';
  if (!gate || !progress.done.has(gate.id))
    return {
      ...here(
        `It is not too late: ${seen === 'wrong side' ? 'take it off and put it on again' : 'put it on now'}, ${part?.how ?? 'as planned'}. It is ticked where it is asked for.`,
      ),
      partsOff: off,
    };
  if (comesSplit(part))
    return here(`It cannot pass the finished end. Fit a split or wrap-round kind of ${name}, and note it.`);
  const atGate: Bench = { ...bench, sighting: { ...sighting, endId: gate.endId, step: gate } };
  if (gate.endId === null || isReusable(atGate))
    return {
      how: 'gone back',
      advice: `The connector opens: take it off, put ${name} on, ${part?.how ?? 'as planned'}, and close it again.`,
      target: gate,
      scrap: [],
      partsOff: off,
      uses: 0,
    };
  const cost = remakeCost(progress.steps, gate.endId);
  return {
    how: 'end made again',
    advice: `It cannot pass the finished end: cut that end off, put ${name} on, and make the end again.`,
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

function crimpAgain(bench: Bench, advice: string): TroubleOutcome {
  const crimp = lastCrimp(bench);
  if (!crimp) return here('Nothing of this end is crimped yet.');
  const { progress, sighting } = bench;
  const contact = crimp.role === 'contact' && !sealedInside(bench) ? contactRework(bench) : undefined;
  return {
    how: 'end made again',
    advice,
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
  if (!crimp) return here('Nothing of this end is crimped yet.');
  const allowed = practiceOf(bench).secondCrimp !== 'never' && !isExact(bench, crimp);
  if (allowed)
    return here(
      'This house allows one more crimp, turned, where no exact die is at hand. It is recorded: tug it, and not a third time.',
    );
  return crimpAgain(
    bench,
    'A second crimp over a good one thins the metal and springs open. The part is scrap: cut it off.',
  );
}

function dieTooLarge(bench: Bench): TroubleOutcome {
  const crimp = lastCrimp(bench);
  if (!crimp) return here('Nothing of this end is crimped yet.');
  if (isExact(bench, crimp))
    return here(
      'The exact die is in the shop: crimp once more in the same flats with it, which closes the part to size. Tug it.',
      crimp.id === bench.sighting.step.id ? null : crimp,
    );
  if (practiceOf(bench).secondCrimp !== 'never')
    return here(
      'No exact die is at hand: this house allows one more crimp, turned by a flat. Tug it, and not a third time.',
      crimp.id === bench.sighting.step.id ? null : crimp,
    );
  return crimpAgain(
    bench,
    'No exact die is in the shop, and this house never crimps twice. The part is scrap.',
  );
}

function shrinkAgain(bench: Bench): TroubleOutcome {
  const { progress, sighting } = bench;
  const shrink = progress.steps
    .filter(({ id, endId }) => (progress.done.has(id) || id === sighting.step.id) && endId === sighting.endId)
    .filter(({ work }) => work === 'shrink' || work === 'tape')
    .at(-1);
  if (!shrink)
    return here(
      'Nothing of this end is shrunk yet: turn the coupling, and look for solder or adhesive on its thread.',
    );
  const tape = shrink.work === 'tape';
  return {
    how: 'gone back',
    advice: tape
      ? 'Slit the tape along its side, take it off, and wind it again clear of the coupling.'
      : 'Slit the shrink along its side while it is warm, away from the cable, and take it off. A new one passes only an open end: fit a split or wrap-round kind where both are closed.',
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
      advice:
        'A cable cannot be lengthened. Give this piece up and cut a new one; it may do for a shorter lead. Or take the lead shorter, with a name.',
      target: null,
      scrap: [cableScrap],
      partsOff: [],
      uses: 0,
    };
  if (fixed(bench).length > 0)
    return stripAgain(bench, 'What is too short inside a closed end is made again.');
  return {
    how: 'gone back',
    advice:
      `Nothing can be lengthened: take the jacket edge back by what is missing, then trim what is too long after it. ${plan.strips.length > 0 ? 'Measure the strip again.' : ''}`.trim(),
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
