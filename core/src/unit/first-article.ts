import { methodOf } from '../method/methods.ts';
import type { TrialFit, UnitProgress } from './progress.ts';
import type { FeatureName } from '../connector/features.ts';
import { featureDefinition } from '../connector/features.ts';
import type { GaugeCard } from '../connector/gauge-card-schema.ts';
import { featureValue } from '../connector/gauge-card.ts';
import type { Lead } from '../lead/lead.ts';
import type { StripCut } from '../strip/strip-plan.ts';
import { cutKey } from '../strip/cut-of.ts';
import type { ShownEnd, ShownPlan } from '../plan/shown-plan.ts';

/** A finished length of a first article. Metres. */
export interface ArticleLength {
  readonly legId: string;
  readonly wanted: number;
  readonly measured: number | undefined;
}

/**
 * What a difference says of the plan, offered for the rest of the batch. Metres. It is supported where a trial touched there or
 * the cut lies outside its tolerance; else it may be the scatter of the hand.
 */
export type Correction = { readonly supported: boolean; readonly words: string } & (
  | {
      readonly kind: 'gauge card';
      readonly cardId: string;
      readonly endId: string;
      readonly feature: FeatureName;
      readonly from: number;
      readonly to: number;
    }
  | { readonly kind: 'cut length'; readonly from: number; readonly to: number }
);

/** Every finished length of a first article beside what was asked. */
export function articleLengths({ legs }: Lead, progress: UnitProgress): ArticleLength[] {
  return legs.map(({ id, finishedLength }) => ({
    legId: id,
    wanted: finishedLength,
    measured: progress.lengths.get(id),
  }));
}

/** A difference below this is the caliper and the hand, metres. */
const worthCorrecting = 0.15e-3;
/** A finished length is corrected from here on, metres: a tape on a lead reads no finer. */
const worthCutting = 2e-3;
/** By how much a feature is moved to see what follows it, metres. */
const nudge = 0.1e-3;
const mm = (metres: number) => (metres * 1e3).toFixed(2);

/**
 * What the first article says of gauge cards and cut length. Where the connector seated with a layer cut otherwise than
 * planned, the feature that places that layer is what was wrong: it is found by moving each feature a little and looking
 * which cut follows one to one, the outermost cut first.
 */
export function articleCorrections(plan: ShownPlan, progress: UnitProgress): Correction[] {
  const cards = new Set<string>();
  const ofCards = plan.ends.flatMap((end) => {
    if (cards.has(end.card.id) || !seated(progress, end.end.id)) return [];
    cards.add(end.card.id);
    return cardCorrections(end, progress);
  });
  return [...ofCards, ...lengthCorrection(plan, progress)];
}

/** The trial said that it seats; where no trial is made, the strip as measured went into the connector. */
function seated(progress: UnitProgress, endId: string): boolean {
  const { steps, done } = progress;
  if (steps.some((step) => step.trialFit && step.endId === endId))
    return trialsOf(progress, endId).at(-1)?.touches === null;
  return steps.some((step) => step.recordsStrip && step.endId === endId && done.has(step.id));
}

const trialsOf = ({ steps, trials }: UnitProgress, endId: string): readonly TrialFit[] =>
  steps.filter((step) => step.trialFit && step.endId === endId).flatMap(({ id }) => trials.get(id) ?? []);

function cardCorrections(end: ShownEnd, progress: UnitProgress): Correction[] {
  const { card, connector, strip } = end;
  const measured = progress.strips.get(end.end.id) ?? {};
  const residual = new Map(
    strip.cuts.map((cut) => {
      const value = measured[cutKey(cut)];
      return [cutKey(cut), value === undefined ? 0 : value - cut.position.value];
    }),
  );
  const asked = methodOf(connector.method).firstFeatures.filter((name) => card.features[name] !== undefined);
  const follows = new Map(asked.map((name) => [name, followers(end, name)]));
  const reach = (name: FeatureName) =>
    [...follows.get(name)!.values()].filter((share) => Math.abs(share) >= 0.01).length;
  // The one that moves least besides says most about the cut.
  const features = [...asked].sort((a, b) => reach(a) - reach(b));
  const touched = new Set(trialsOf(progress, end.end.id).map(({ touches }) => touches));
  const found: Correction[] = [];
  const settled: string[] = [];
  for (const cut of strip.cuts) {
    const key = cutKey(cut);
    const off = residual.get(key)!;
    if (Math.abs(off) >= worthCorrecting) {
      const placing = features.filter(
        (name) =>
          Math.abs(Math.abs(follows.get(name)!.get(key) ?? 0) - 1) < 0.01 &&
          !found.some((other) => other.kind === 'gauge card' && other.feature === name),
      );
      // A feature that leaves alone what seated as planned comes first; another is offered with what it moves besides.
      const movesToo = (name: FeatureName) =>
        settled.filter((other) => Math.abs(follows.get(name)!.get(other) ?? 0) >= 0.01);
      const alone = placing.find((name) => movesToo(name).length === 0);
      const feature = alone ?? (found.length === 0 ? placing[0] : undefined);
      if (feature) {
        const by = off * follows.get(feature)!.get(key)!;
        for (const [other, share] of follows.get(feature)!)
          residual.set(other, residual.get(other)! - share * by);
        const besides = movesToo(feature);
        const supported = besides.length === 0 && (touched.has(key) || isOutside(cut, off));
        found.push(cardCorrection(end, feature, by, supported, besides));
      }
    }
    settled.push(key);
  }
  return found;
}

/** How far each cut moves for each metre that a feature grows. */
function followers(end: ShownEnd, feature: FeatureName): Map<string, number> {
  const card: GaugeCard = {
    ...end.card,
    features: {
      ...end.card.features,
      [feature]: { value: featureValue(end.card, feature) + nudge, state: 'measured' },
    },
  };
  const moved = methodOf(end.connector.method).strip({ ...end.input, card });
  return new Map(
    end.strip.cuts.map((cut) => {
      const after = moved.cuts.find((candidate) => cutKey(candidate) === cutKey(cut));
      return [cutKey(cut), after ? (after.position.value - cut.position.value) / nudge : 0];
    }),
  );
}

const isOutside = ({ plus, minus }: StripCut, off: number) => off > plus || off < -minus;

function cardCorrection(
  { card, end }: ShownEnd,
  feature: FeatureName,
  by: number,
  supported: boolean,
  besides: readonly string[],
): Correction {
  const from = featureValue(card, feature);
  return {
    kind: 'gauge card',
    supported,
    cardId: card.id,
    endId: end.id,
    feature,
    from,
    to: from + by,
    words: `Gauge card "${card.name}": ${featureDefinition(feature).label} ${mm(from)} to ${mm(from + by)} mm${besides.length > 0 ? `; it moves ${besides.join(' and ')}, too: measure the connector before` : ''}`,
  };
}

/** A lead of one leg that came out long or short is cut otherwise from the next one on. */
function lengthCorrection({ lead }: ShownPlan, { lengths }: UnitProgress): Correction[] {
  const [leg] = lead.legs;
  const measured = leg && lead.legs.length === 1 ? lengths.get(leg.id) : undefined;
  if (!leg || measured === undefined) return [];
  const wanted = leg.finishedLength + lead.slack;
  const missing = wanted - measured;
  if (Math.abs(missing) < worthCutting) return [];
  const to = lead.cutCorrection + missing;
  return [
    {
      kind: 'cut length',
      supported: true,
      from: lead.cutCorrection,
      to,
      words: `Cut length: ${mm(Math.abs(missing))} mm ${missing > 0 ? 'more' : 'less'} from the next one on`,
    },
  ];
}

/** A gauge card with corrections taken over: the features are now measured. */
export function correctedFeatures(
  card: GaugeCard,
  corrections: readonly Correction[],
): GaugeCard['features'] {
  return corrections.reduce<GaugeCard['features']>(
    (features, correction) =>
      correction.kind === 'gauge card' && correction.cardId === card.id
        ? { ...features, [correction.feature]: { value: correction.to, state: 'measured' } }
        : features,
    card.features,
  );
}

/** What is added to the cut length once corrections are taken over, metres. */
export function correctedCut(lead: Lead, corrections: readonly Correction[]): number {
  return corrections.find(({ kind }) => kind === 'cut length')?.to ?? lead.cutCorrection;
}
