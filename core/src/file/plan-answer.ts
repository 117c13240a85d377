import type { CutLength } from '../cut/cut-length.ts';
import { LeadError } from '../lead/tree.ts';
import type { EndPlan, LeadPlan } from '../plan/lead-plan.ts';
import { PlanError, planLead } from '../plan/lead-plan.ts';
import { whatWouldGo } from '../plan/what-would-go.ts';
import { proofPlanOf } from '../plan/proof-plan.ts';
import type { ProofCheck } from '../prove/checks.ts';
import { prove } from '../prove/proof.ts';
import type { QuantityKind } from '../quantity/explained.ts';
import type { Refusal } from '../thread/refusal.ts';
import type { Step } from '../recipe/step.ts';
import { asMade, cableGrain } from '../quantity/made.ts';
import { madeAt } from '../strip/strip-plan.ts';
import { stepTime } from '../unit/step-time.ts';
import type { PlanRequest } from './plan-request.ts';

/** Why there is nothing to build to: the plan cannot be made, its figures would mislead, or it cannot be threaded. */
export interface RefusalAnswer {
  readonly code: 'cannot be planned' | 'withheld' | 'cannot be threaded';
  readonly message: string;
}

/** One plan as scripts read it; the form stands in the README. */
export type PlanAnswer = ReturnType<typeof answerOf> | { readonly refusal: RefusalAnswer };

/** Plans a request. A lead that cannot be is an answer with its refusal, not an error. */
export function planAnswer({ lead, cards, house }: PlanRequest): PlanAnswer {
  try {
    return answerOf(planLead(lead, cards, house), house);
  } catch (error) {
    if (!(error instanceof PlanError || error instanceof LeadError || error instanceof RangeError))
      throw error;
    return { refusal: { code: 'cannot be planned', message: error.message } };
  }
}

function answerOf(plan: LeadPlan, house: PlanRequest['house']) {
  return {
    refusal: refusalOf(plan),
    ends: plan.ends.map((end) => endAnswer(end, plan.lead, house)),
    cutLengthMm: cutLengths(plan.cuts, ({ cut }) => asMade(cut.value, cableGrain(cut.value))),
    cutLengthExactMm: cutLengths(plan.cuts, ({ cut }) => cut.value),
    parts: plan.parts.map(({ id, kind, ends, label, cutLength, colour }) => ({
      id,
      kind,
      end: ends.map((endId) => nameOfEnd(plan, endId))[0] ?? null,
      label,
      lengthMm: cutLength ? mm(asMade(cutLength.value, cableGrain(cutLength.value))) : null,
      colour: colour ?? null,
    })),
    sleeves: plan.sleeves.map(({ label, ends, cutLength, colour }) => ({
      label,
      end: ends.map((endId) => nameOfEnd(plan, endId))[0] ?? null,
      lengthMm: mm(asMade(cutLength.value, cableGrain(cutLength.value))),
      colour: colour ?? null,
    })),
    thread: threadAnswer(plan),
    steps: plan.steps.map((step) => stepAnswer(plan, step)),
    checks: prove(proofPlanOf(plan, house), []).checks.map(checkAnswer),
    loss: plan.matches.map(({ frequency, matchedLoss }) => ({
      hertz: frequency,
      matchedDb: matchedLoss.value,
    })),
  };
}

const mm = (metres: number) => Number((metres * 1e3).toFixed(4));

const nameOfEnd = ({ lead }: LeadPlan, endId: string | null) =>
  lead.ends.find(({ id }) => id === endId)?.name ?? null;

function refusalOf({ withheld, thread, steps }: LeadPlan): RefusalAnswer | null {
  const [reason] = withheld;
  if (reason) return { code: 'withheld', message: reason.message };
  if (steps.length > 0) return null;
  return {
    code: 'cannot be threaded',
    message: thread.possible ? 'There is nothing to do: every end is fitted.' : blockedWords(thread),
  };
}

const blockedWords = ({ pairs }: Refusal): string =>
  pairs.length === 0
    ? 'The order that is asked for cannot be.'
    : pairs
        .map(({ part, obstacle }) => `${part.label} cannot pass ${obstacle?.label ?? 'what is in its way'}`)
        .join('; ');

function endAnswer(plan: EndPlan, { signal }: LeadPlan['lead'], house: PlanRequest['house']) {
  const { end, input, connector, refusal, fit, strip, bag } = plan;
  const instead = whatWouldGo(plan, signal, house);
  return {
    name: end.name,
    connector: connector.id,
    method: connector.method,
    refusal: refusal === null ? null : { message: refusal },
    wouldGo: instead && {
      connectors: instead.connectors.map(({ id }) => id),
      cables: instead.cables.map(({ id }) => id),
    },
    bag,
    strippedWith: { name: input.stripper.name, kind: input.stripper.kind },
    fit: fit.map((check) => ({
      check: check.id,
      opensMm: check.kind === 'measured' ? mm(check.hole.value) : null,
      goesInMm: check.kind === 'measured' ? mm(check.shaft.value) : null,
      marginMm: check.kind === 'measured' ? mm(check.margin) : null,
      verdict: check.verdict,
    })),
    cuts: strip.cuts.map((cut) => ({
      layer: cut.layer,
      ...(cut.of ? { of: cut.of } : {}),
      fromJacketMm: mm(madeAt(strip, cut)),
      exactMm: mm(cut.position.value),
      plusMm: mm(cut.plus),
      minusMm: mm(cut.minus),
    })),
  };
}

/** One figure where the lead is of one piece; else by piece. */
function cutLengths(
  cuts: readonly CutLength[],
  lengthOf: (cut: CutLength) => number,
): number | Record<string, number> {
  const [only, second] = cuts;
  if (only && !second) return mm(lengthOf(only));
  return Object.fromEntries(cuts.map((cut) => [cut.pieceId, mm(lengthOf(cut))]));
}

function threadAnswer({ lead, thread }: LeadPlan) {
  if (!thread.possible) return [];
  return thread.moments.flatMap(({ moves }) =>
    moves.map(({ part, entryNodeId, leadingFace, lastChance }) => ({
      part: part.id,
      fromEnd: lead.ends.find(({ nodeId }) => nodeId === entryNodeId)?.name ?? entryNodeId,
      facing: leadingFace ? { face: leadingFace.face, goesOn: leadingFace.leads ? 'first' : 'last' } : null,
      lastChance: lastChance.id,
    })),
  );
}

/** Units in which figures are written: lengths in millimetres, everything else in SI. */
const unitOf: Readonly<Partial<Record<QuantityKind, string>>> = {
  length: 'mm',
  distance: 'm',
  frequency: 'Hz',
  decibel: 'dB',
  'dB per 100 m': 'dB per 100 m',
  power: 'W',
  resistance: 'ohm',
  capacitance: 'F',
  temperature: 'degC',
  force: 'N',
  voltage: 'V',
  seconds: 's',
  torque: 'N m',
};

const figureIn = (value: number, kind: QuantityKind) => ({
  value: kind === 'length' ? mm(value) : value,
  unit: unitOf[kind] ?? '',
});

function stepAnswer(plan: LeadPlan, step: Step) {
  const { id, stage, endId, work, role, about, title, text, tools, figures, threads, requires, hold } = step;
  return {
    id,
    stage,
    end: nameOfEnd(plan, endId),
    work,
    role,
    about,
    title,
    firstTime: text.firstTime,
    experienced: text.experienced,
    tool: tools.map(({ label, setting }) => (setting === '' ? label : `${label}: ${setting}`)).join('; '),
    figures: figures.map(({ label, figure }) => ({ name: label, ...figureIn(figure.value, figure.kind) })),
    uses: [...threads, ...requires].map(({ partId }) => partId),
    hold: hold && {
      label: hold.label,
      kind: hold.kind,
      ...(hold.reading ? { min: hold.reading.min, max: hold.reading.max } : {}),
      safety: hold.safety,
      backTo: hold.rework.backTo,
    },
    seconds: stepTime(step, []).seconds,
  };
}

function checkAnswer({ id, label, judged, quantity, bound, leftOut, notAsked, limit, why }: ProofCheck) {
  const limits = judged && (judged.between ?? [judged.limit]);
  const written = limits?.map((value) => figureIn(value, quantity).value);
  return {
    check: id,
    label,
    limit: written ? (written.length === 1 ? written[0]! : written) : null,
    bound,
    unit: judged ? figureIn(0, quantity).unit : '',
    asked: !leftOut,
    notAsked: notAsked ?? null,
    because: why ?? limit?.formula ?? '',
  };
}
