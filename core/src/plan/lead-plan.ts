import type { CoaxLine } from './coax-line.ts';
import { coaxLineOf } from './coax-line.ts';
import type { AnyEndInput } from '../end/end-input.ts';
import type { InsulationWanted } from '../prove/checks.ts';
import { insulationWanted } from '../prove/checks.ts';
import type { DerivedLimit } from '../prove/derived-checks.ts';
import { derivedLimits } from '../prove/derived-checks.ts';
import type { PlannedLook } from '../prove/looks.ts';
import { plannedLooks } from '../prove/looks.ts';
import type { Step } from '../recipe/step.ts';
import { compileSteps } from './compile.ts';
import type { LeadRecipe } from '../recipe/recipe.ts';
import type { LayeredCable } from '../cable/cable.ts';
import type { Connector } from '../connector/connector.ts';
import type { GaugeCardProblem } from '../connector/gauge-card.ts';
import type { GaugeCard } from '../connector/gauge-card-schema.ts';
import { gaugeCardProblems } from '../connector/gauge-card.ts';
import type { CutLength } from '../cut/cut-length.ts';
import { bendProblems } from '../cut/bend.ts';
import { cutLengthOf } from '../cut/cut-length.ts';
import type { FitCheck } from '../fit/clearance.ts';
import type { FrequencyCheck } from '../fit/frequency-limit.ts';
import { frequencyChecks } from '../fit/frequency-limit.ts';
import type { JointImpedance } from '../fit/impedance.ts';
import { jointImpedances } from '../fit/impedance.ts';
import { endInput, otherSideInput } from '../end/end-input.ts';
import { chosenStripper, strippersFor } from '../end/end-stripper.ts';
import { stripperFindings, stripperFit } from '../fit/stripper-fit.ts';
import { otherSideId } from '../lead/other-side-id.ts';
import { otherSides } from '../lead/other-side.ts';
import type { AnyMethod } from '../method/method.ts';
import { methodOf } from '../method/methods.ts';
import type { House } from '../house/house.ts';
import { coreSleeves } from './core-sleeves.ts';
import type { CoreSleeve } from '../thread/core-sleeve.ts';
import { houseFor } from '../lead/own-practice.ts';
import type { PinCheck } from '../fit/pin-check.ts';
import { pinPlanChecks } from '../fit/pin-plan-checks.ts';
import type { Lead, LeadEnd } from '../lead/lead.ts';
import { endsOfPiece } from '../lead/lead.ts';
import { checkLead } from '../lead/tree.ts';

import type { LeadMatch } from '../line/lead-match.ts';
import { matchAt } from '../line/lead-match.ts';
import type { PowerLimit } from '../line/power-rating.ts';
import { powerLimits } from '../line/power-rating.ts';
import { reflectionOf, swrOf } from '../line/reflection.ts';
import type { FamilyCheck } from '../prove/family-checks.ts';
import { familyChecks } from '../prove/family-checks.ts';
import type { ExpectedPath, PieceLengths } from '../prove/resistance.ts';
import { expectedPaths } from '../prove/resistance.ts';
import type { StripPlan } from '../strip/strip-plan.ts';
import type { BagReport } from './bag.ts';
import { bagReport } from './bag.ts';
import { leadRun, threadPreference } from './lead-run.ts';
import type { ThreadPlan } from '../thread/plan.ts';
import { planThreading } from '../thread/plan.ts';
import type { ThreadRun } from '../thread/run.ts';
import type { SignalFigure } from './signal-figures.ts';
import { signalFigures } from './signal-figures.ts';
import type { LeadPart } from '../thread/lead-part.ts';
import { threadedParts } from './threaded-parts.ts';

/** One end with everything that was worked out for it. */
export interface EndPlan {
  readonly end: LeadEnd;
  readonly input: AnyEndInput;
  readonly method: AnyMethod;
  readonly connector: Connector;
  readonly cable: LayeredCable;
  readonly card: GaugeCard;
  /** Why the method does not go on this kind of cable at all; null when it does. */
  readonly refusal: string | null;
  readonly cardProblems: readonly GaugeCardProblem[];
  readonly fit: readonly FitCheck[];
  readonly strip: StripPlan;
  readonly bag: BagReport;
}

/** Why an end has no steps: its figures would mislead. */
export interface Withheld {
  readonly endId: string;
  readonly message: string;
}

/** Everything that follows from a lead, its gauge cards and the house: the seven stages, worked out. */
export interface LeadPlan {
  readonly lead: Lead;
  /** The gauge cards of its ends, each once, as they were given. */
  readonly cards: readonly GaugeCard[];
  readonly ends: readonly EndPlan[];
  /** The cables on the other side of its splices. */
  readonly sides: readonly EndPlan[];
  /** What the pin plan does that wants a look, the gravest first. */
  readonly pinChecks: readonly PinCheck[];
  /** What a signal other than radio frequency makes of this length of this cable. */
  readonly signalFigures: readonly SignalFigure[];
  /** Cable and ends of a lead that is one coaxial line; null where it is none, and then what follows is empty. */
  readonly coaxLine: CoaxLine | null;
  readonly frequencies: readonly FrequencyCheck[];
  readonly joints: readonly JointImpedance[];
  readonly matches: readonly LeadMatch[];
  /** What the lead stands at its highest working frequency, the weakest part first. */
  readonly power: readonly PowerLimit[];
  readonly cuts: readonly CutLength[];
  /** Bends that the cable does not take, in words. */
  readonly bendProblems: readonly string[];
  readonly parts: readonly LeadPart[];
  /** Sleeves over cores, tails and joints, which are cut but not threaded. */
  readonly sleeves: readonly CoreSleeve[];
  readonly run: ThreadRun;
  readonly thread: ThreadPlan;
  /** Why there are no steps though it could be threaded: a method that the cable refuses, a card that contradicts itself. */
  readonly withheld: readonly Withheld[];
  readonly steps: readonly Step[];
  /** Cable in the finished lead by piece, metres. */
  readonly lengths: PieceLengths;
  readonly paths: readonly ExpectedPath[];
  /** What its family is proved by beside continuity, resistance and insulation. */
  readonly family: readonly FamilyCheck[];
  /** Limits on two paths together. */
  readonly derived: readonly DerivedLimit[];
  readonly insulation: InsulationWanted;
  readonly looks: readonly PlannedLook[];
}

/** The lead is too short for its ends, or a card is missing: no plan can be made, and nothing is guessed. */
export class PlanError extends Error {
  constructor(
    message: string,
    readonly code: 'too short' | 'card missing',
  ) {
    super(message);
    this.name = 'PlanError';
  }
}

/**
 * Works out the whole lead. `cards` are the gauge cards that its ends refer to.
 * @throws LeadError when the tree or the pin plan contradicts itself; PlanError when no length of cable remains.
 */
export function planLead(lead: Lead, cards: readonly GaugeCard[], ownHouse: House): LeadPlan {
  checkLead(lead);
  const house = houseFor(lead, ownHouse);
  const ends = lead.ends.map((end) => planEnd(end, endInput(lead, end, cardOf(end, cards), house)));
  const sides = otherSides(lead).map((side) =>
    planEnd(side.end, otherSideInput(side, lead, cardOf(side.of, cards), house)),
  );
  const cardsByEnd = new Map(ends.map(({ end, card }) => [end.id, card]));
  const inputs = new Map(ends.map(({ end, input }) => [end.id, input]));
  const strips = new Map(ends.map(({ end, strip }) => [end.id, strip]));
  const cuts = lead.pieces.map((piece) => cutLengthOf(lead, piece, cardsByEnd, strips, house));
  for (const { leastBetweenJackets } of cuts)
    if (!(leastBetweenJackets > 0))
      throw new PlanError(
        `The ends alone are longer than the finished length: ${(leastBetweenJackets * 1e3).toFixed(1)} mm of cable would remain between them.`,
        'too short',
      );
  const lengths = new Map(cuts.map(({ pieceId, betweenJackets }) => [pieceId, betweenJackets]));
  const parts = threadedParts(lead, inputs, house);
  const sleeves = coreSleeves(lead, ends, house);
  const run = leadRun(lead, parts, inputs, house);
  const thread = planThreading(run, threadPreference(lead, house));
  const recipes = new Map(ends.map((plan) => [plan.end.id, recipeInput(lead, plan, sides, cuts)]));
  const withheld = [...ends, ...sides].flatMap(withheldBy);
  const steps =
    withheld.length > 0 ? [] : compileSteps({ lead, house, thread, parts, sleeves, cuts, recipes });
  const betweenJackets = cuts[0]!.betweenJackets;
  return {
    lead,
    cards: cards.filter(({ id }) => lead.ends.some(({ gaugeCardId }) => gaugeCardId === id)),
    ends,
    sides,
    pinChecks: pinPlanChecks(
      lead,
      ends.map(({ end, input }) => ({ end, input })),
      house.devices,
    ),
    signalFigures: signalFigures(lead, house),
    ...radioOf(lead, ends, betweenJackets, house),
    cuts,
    bendProblems: bendProblems(lead, ends[0]!.cable),
    parts,
    sleeves,
    run,
    thread,
    withheld,
    steps,
    lengths,
    ...proofOf(lead, lengths, house),
    looks: plannedLooks(lead, steps),
  };
}

/** What the lead is proved against. */
function proofOf(
  lead: Lead,
  lengths: PieceLengths,
  house: House,
): Pick<LeadPlan, 'paths' | 'family' | 'derived' | 'insulation'> {
  const paths = expectedPaths(lead, lengths, house);
  return {
    paths,
    family: familyChecks(lead, lengths, house),
    derived: derivedLimits(lead, paths, house),
    insulation: insulationWanted(lead, house),
  };
}

function cardOf(end: LeadEnd, cards: readonly GaugeCard[]): GaugeCard {
  const card = cards.find(({ id }) => id === end.gaugeCardId);
  if (!card)
    throw new PlanError(
      `The gauge card of end ${end.name} is not here: it did not come with the lead.`,
      'card missing',
    );
  return card;
}

/** An end with the tool that was chosen for it, or with the first that takes its cable and makes its strip. */
function withStripper(end: LeadEnd, input: AnyEndInput, method: AnyMethod): AnyEndInput {
  const { house, cable } = input;
  if (chosenStripper(end, input, house)) return input;
  const strip = method.strip(input);
  const able = strippersFor(input, house);
  const makes = able.find((stripper) => stripperFindings(stripper, strip, cable).length === 0);
  return { ...input, stripper: makes ?? able.at(-1) ?? input.stripper };
}

function planEnd(end: LeadEnd, given: AnyEndInput): EndPlan {
  const method = methodOf(given.connector.method);
  const input = withStripper(end, given, method);
  const strip = method.strip(input);
  return {
    end,
    input,
    method,
    connector: input.connector,
    cable: input.cable,
    card: input.card,
    refusal: method.refuses(input.cable),
    cardProblems: gaugeCardProblems(input.card, method.rules),
    fit: [...method.fit(input), stripperFit(input, strip)],
    strip,
    bag: bagReport(end, input),
  };
}

/** What about an end would make its figures mislead. */
function withheldBy({ end, input, refusal, cardProblems }: EndPlan): Withheld[] {
  const reasons = [
    ...(refusal === null ? [] : [refusal]),
    ...(input.joints.length === 0 ? ['None of its contacts is connected: see the pin plan in Choose.'] : []),
    ...cardProblems.map(({ message }) => message),
  ];
  return reasons.map((reason) => ({ endId: end.id, message: `End ${end.name}: ${reason}` }));
}

function recipeInput(
  lead: Lead,
  plan: EndPlan,
  sides: readonly EndPlan[],
  cuts: readonly CutLength[],
): LeadRecipe {
  const piece = lead.pieces.find((candidate) => endsOfPiece(lead, candidate).includes(plan.end))!;
  const side = sides.find(({ end }) => end.id === otherSideId(plan.end.id));
  return {
    ...plan.input,
    strip: plan.strip,
    cut: cuts.find(({ pieceId }) => pieceId === piece.id)!,
    otherSide: side ? { ...side.input, strip: side.strip } : null,
  };
}

type Radio = Pick<LeadPlan, 'coaxLine' | 'frequencies' | 'joints' | 'matches' | 'power'>;

function radioOf(lead: Lead, ends: readonly EndPlan[], length: number, house: House): Radio {
  const line = coaxLineOf(ends);
  if (!line) return { coaxLine: null, frequencies: [], joints: [], matches: [], power: [] };
  const { cable, near, far } = line;
  const { frequencies } = lead.requirement;
  const { systemImpedance, load, inputPower } = lead.requirement;
  return {
    coaxLine: line,
    frequencies: frequencyChecks(cable, [near.connector, far.connector], frequencies),
    joints: jointImpedances(impedanceRow(lead, line), Math.max(...frequencies)),
    matches: frequencies.map((frequency) =>
      matchAt(
        {
          cable,
          length,
          near: near.connector,
          far: far.connector,
          systemImpedance,
          load,
          inputPower,
          celsius: house.roomCelsius,
        },
        frequency,
      ),
    ),
    power: powerOf(lead, line, house),
  };
}

/** System, near connector, cable, far connector, load side. */
function impedanceRow(lead: Lead, { cable, near, far }: CoaxLine) {
  const system = { label: 'system', impedance: lead.requirement.systemImpedance };
  const at = ({ name, connector: { series } }: CoaxLine['near']) => ({
    label: `end ${name}`,
    impedance: series.impedance,
    length: series.length / series.velocityFactor,
  });
  return [system, at(near), { label: 'cable', impedance: cable.nominalImpedance }, at(far), system];
}

/** A standing wave beyond this is as good as total. */
const mostSwr = 100;

function powerOf(lead: Lead, { cable, near, far }: CoaxLine, house: House): PowerLimit[] {
  const { frequencies, load } = lead.requirement;
  const swr = Math.min(mostSwr, swrOf(reflectionOf(load, cable.nominalImpedance)));
  return powerLimits(cable, [near.connector.series, far.connector.series], {
    frequency: Math.max(...frequencies),
    ambientCelsius: house.roomCelsius,
    duty: 1,
    swr,
    altitude: 0,
  });
}
