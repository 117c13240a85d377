import { cutList } from '../thread/cut-list.ts';
import type { Lead, LeadEnd } from '../lead/lead.ts';
import { leadCable } from '../lead/lead-cable.ts';
import type { House } from '../house/house.ts';
import type { CutLength } from '../cut/cut-length.ts';
import type { ThreadMoment, ThreadMove, ThreadPlan } from '../thread/plan.ts';
import type { CoreSleeve } from '../thread/core-sleeve.ts';
import type { LeadPart } from '../thread/lead-part.ts';
import { closeEventId, fixEventId, joinEventId, shrinkEventId, splitEventId } from '../thread/event-id.ts';
import { sealFor } from '../fit/seal.ts';
import { methodOf } from '../method/methods.ts';
import type { LeadRecipe, RecipeInput } from '../recipe/recipe.ts';
import type { LayeredCable } from '../cable/cable.ts';
import type { Step, StepPart } from '../recipe/step.ts';
import { completeSteps } from '../recipe/step-draft.ts';
import { addedSteps } from '../recipe/added-steps.ts';
import { chokeSteps } from '../recipe/choke-steps.ts';
import { sleeveSteps } from '../recipe/sleeve-steps.ts';
import { joinSteps, splitShrinkSteps } from '../recipe/split-steps.ts';
import { finishSteps, phaseStep, proveStep, sealSteps, threadStep } from '../recipe/whole-lead.ts';
import { cutSteps } from '../recipe/cut-steps.ts';

/** What the sequence of a whole lead is compiled from. `recipes` are by end id. */
export interface CompileInput {
  readonly lead: Lead;
  readonly house: House;
  readonly thread: ThreadPlan;
  readonly parts: readonly LeadPart[];
  readonly sleeves: readonly CoreSleeve[];
  readonly cuts: readonly CutLength[];
  readonly recipes: ReadonlyMap<string, LeadRecipe>;
}

/**
 * One sequence for the whole lead: cut, then for every event of the threading plan the parts that go on before it and
 * the recipe that makes it. Empty when the threading plan says that it cannot be.
 */
export function compileSteps(input: CompileInput): Step[] {
  const { lead, thread } = input;
  if (!thread.possible) return [];
  const cut = completeSteps(
    lead.id,
    null,
    cutSteps(lead, input.cuts, cutList(input.parts, thread, input.sleeves)),
  );
  return thread.moments.reduce<Step[]>((steps, moment, index) => {
    const threaded = threadSteps(input, moment, index, steps);
    return [...steps, ...threaded, ...eventSteps(input, moment, [...steps, ...threaded])];
  }, cut);
}

function threadSteps(
  input: CompileInput,
  moment: ThreadMoment,
  index: number,
  before: readonly Step[],
): Step[] {
  if (moment.moves.length === 0) return [];
  const { lead } = input;
  const title = index === 0 ? 'Thread the parts' : `Thread the parts before ${moment.event.label}`;
  const threads = moment.moves.map((move) => stepPart(input, move));
  return completeSteps(lead.id, null, [threadStep(moment.event.id, title, threads)], lastOf(before));
}

function lastOf(steps: readonly Step[]): string[] {
  const last = steps.at(-1);
  return last ? [last.id] : [];
}

/** How a part goes on, in words for the bench. */
export function stepPart({ lead, parts }: Pick<CompileInput, 'lead' | 'parts'>, move: ThreadMove): StepPart {
  const end = lead.ends.find(({ nodeId }) => nodeId === move.entryNodeId);
  const from = `from end ${end?.name ?? move.entryNodeId}`;
  const facing = move.leadingFace
    ? `, ${move.leadingFace.face} ${move.leadingFace.leads ? 'first' : 'last'}`
    : ', either way round';
  const { id, kind, name, ends, label } = parts.find((part) => part.id === move.part.id)!;
  return { partId: id, kind, name, ends: [...ends], label, how: `${from}${facing}` };
}

function eventSteps(input: CompileInput, { event }: ThreadMoment, before: readonly Step[]): Step[] {
  const { lead } = input;
  const closing = lead.ends.find(({ id }) => closeEventId(id) === event.id);
  if (closing) return closingSteps(input, closing, event.id, before);
  const sealed = lead.ends.find(({ id }) => shrinkEventId(id) === event.id);
  if (sealed) {
    const part = input.parts.find(({ fixedBy }) => fixedBy === event.id);
    const { cable, house, connector, card } = input.recipes.get(sealed.id)!;
    const seal = sealFor(lead.environment, cable.jacket.diameter, house);
    const couples = connector.series.coupling !== 'none';
    return completeSteps(
      `${lead.id}/${sealed.id}`,
      sealed.id,
      sealSteps(sealed, part, seal, house, { couples, crotch: card.features.breakout !== undefined }),
      lastOf(before),
    );
  }
  const node = lead.nodes.find(({ id }) => joinEventId(id) === event.id || splitEventId(id) === event.id);
  if (node) {
    const shrink = input.parts.find(({ fixedBy }) => fixedBy === event.id);
    const drafts =
      joinEventId(node.id) === event.id
        ? joinSteps(lead, node.id, input.house)
        : splitShrinkSteps(lead, node.id, shrink, input.house);
    const required = requiredBefore(input, event.id);
    return completeSteps(
      lead.id,
      null,
      drafts.map((draft, index) => (index === 0 ? { ...draft, requires: required } : draft)),
      lastOf(before),
    );
  }
  const extra = lead.extraParts.find(({ id }) => fixEventId(id) === event.id);
  if (extra?.kind === 'choke')
    return completeSteps(`${lead.id}/${extra.id}`, null, chokeSteps(lead, extra), lastOf(before));
  if (extra?.kind === 'added')
    return completeSteps(`${lead.id}/${extra.id}`, null, addedSteps(lead, extra), lastOf(before));
  if (extra) {
    const sleeve = input.parts.find(({ id }) => id === extra.id)!;
    const shrinks = input.parts.filter(
      ({ kind, fixedBy }) => kind === 'sleeve shrink' && fixedBy === event.id,
    ).length;
    const drafts = sleeveSteps(sleeve, shrinks, input.house);
    return completeSteps(`${lead.id}/${extra.id}`, null, drafts, lastOf(before));
  }
  const sleeves = input.parts.filter(({ kind }) => kind === 'label sleeve');
  const drafts =
    event.id === 'prove'
      ? [proveStep()]
      : finishSteps(lead, input.house, sleeves, leadCable(lead, lead.pieces[0]!.cableId), input.cuts[0]!);
  return completeSteps(lead.id, null, drafts, lastOf(before));
}

/** The recipe of an end; before the last end of a phase-matched lead is closed, its length is trimmed by delay. */
function closingSteps(input: CompileInput, end: LeadEnd, eventId: string, before: readonly Step[]): Step[] {
  const { lead, thread, parts } = input;
  const known = input.recipes.get(end.id)!;
  const closings = thread.possible
    ? thread.moments.filter(({ event }) => lead.ends.some(({ id }) => closeEventId(id) === event.id))
    : [];
  const recipe: RecipeInput<LayeredCable> = {
    ...known,
    requires: requiredBefore(input, eventId),
    othersClosed: closings[0]?.event.id !== eventId || lead.fittedEndIds.length > 0,
    partIds: parts.filter(({ ofMethod, ends }) => ofMethod && ends.includes(end.id)).map(({ id }) => id),
  };
  const isLast = closings.at(-1)?.event.id === eventId;
  const phase =
    isLast && lead.phaseMatch && known.cable.structure === 'coax'
      ? [phaseStep(lead.phaseMatch, known.cable)]
      : [];
  const { method } = known.connector;
  return completeSteps(
    `${lead.id}/${end.id}/${method}`,
    end.id,
    [...phase, ...methodOf(method).steps(recipe)],
    lastOf(before),
  );
}

/** Parts whose last chance is an event: they are on the cable before the step that makes it. */
function requiredBefore(input: CompileInput, eventId: string): StepPart[] {
  const { thread } = input;
  if (!thread.possible) return [];
  return thread.moments.flatMap(({ moves }) =>
    moves.filter(({ lastChance }) => lastChance.id === eventId).map((move) => stepPart(input, move)),
  );
}
