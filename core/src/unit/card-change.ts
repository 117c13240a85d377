import type { FeatureName } from '../connector/features.ts';
import { featureDefinition } from '../connector/features.ts';
import { completeCard, contentsOf } from '../connector/gauge-card.ts';
import type { GaugeCard } from '../connector/gauge-card-schema.ts';
import { leadConnector } from '../lead/lead-connector.ts';
import { endById } from '../lead/lead.ts';
import type { FrozenPlan } from '../plan/frozen-plan.ts';
import type { LeadPlan } from '../plan/lead-plan.ts';
import { replannedWith } from '../plan/replan.ts';
import { canonicalJson } from '../record/canonical-json.ts';
import { checksum } from '../record/checksum.ts';
import type { Step } from '../recipe/step.ts';
import { stripIdOf } from '../recipe/strip-id.ts';
import { cutKey } from '../strip/cut-of.ts';
import type { StripPlan } from '../strip/strip-plan.ts';
import type { UnitProgress } from './progress.ts';
import type { UnitHappening } from './unit.ts';

/** A figure that moves: of a card, or a cut that is still to be made. Metres. */
export interface Moved {
  readonly label: string;
  readonly before: number;
  readonly after: number;
}

/** A gauge card that says something else now than when the unit was started, and what would follow from it. */
export interface CardChange {
  readonly card: GaugeCard;
  readonly features: readonly Moved[];
  /** The bag holds something else: only a unit that is started anew can follow that. */
  readonly otherContents: boolean;
  /** Cuts still to be made that move by more than a caliper reads. */
  readonly cuts: readonly Moved[];
  /** Ends whose strip stands: what was cut there stays as it is. */
  readonly settled: readonly string[];
  /** What goes into the record when it is used from here; null where no plan follows from it, with the reason. */
  readonly use: UnitHappening | null;
  readonly refusal: string | null;
}

/** Less than this is the last digit of a caliper, metres. */
const noticeable = 0.05e-3;

/** What a card says that cuts hang on: its figures and what lies in the bag. */
const sayings = ({ features, contents }: GaugeCard) =>
  checksum(canonicalJson({ features, contents: contents ?? {} }));

/** Cards of a unit that were changed since, unless somebody has decided about just that change. */
export function cardChanges(
  plan: FrozenPlan,
  progress: UnitProgress,
  cardsNow: readonly GaugeCard[],
): CardChange[] {
  if (progress.current === undefined) return [];
  const ids = [...new Set(plan.cards.map(({ id }) => id))];
  return ids.flatMap((cardId): CardChange[] => {
    const card = plan.cards.find(({ id }) => id === cardId)!;
    const now = cardsNow.find(({ id, deleted }) => id === cardId && !deleted);
    if (!now || sayings(now) === sayings(card) || progress.cardsKept.get(cardId) === sayings(now)) return [];
    const connector = leadConnector(plan.lead, card.connectorId);
    const features = movedFeatures(
      completeCard(card, connector),
      completeCard({ ...now, contents: card.contents }, connector),
    );
    const otherContents =
      canonicalJson(contentsOf(card, connector)) !== canonicalJson(contentsOf(now, connector));
    if (features.length === 0 && !otherContents) return [];
    return [
      {
        card: now,
        features,
        otherContents,
        ...followingFrom(plan, progress, { ...card, features: now.features }),
      },
    ];
  });
}

/** The old figures stay: what the card says now is not asked about again. */
export const keepCard = (card: GaugeCard): UnitHappening => ({
  kind: 'card kept',
  cardId: card.id,
  saying: sayings(card),
});

function movedFeatures(before: GaugeCard, after: GaugeCard): Moved[] {
  const names = Object.keys(after.features) as FeatureName[];
  return names.flatMap((name): Moved[] => {
    const [was, is] = [before.features[name]?.value, after.features[name]?.value];
    if (was === undefined || is === undefined || Math.abs(is - was) < noticeable / 5) return [];
    return [{ label: featureDefinition(name).label, before: was, after: is }];
  });
}

/** What follows from a card as it is now. What lies in the bag decides parts that may be threaded already: only figures are taken. */
function followingFrom(
  plan: FrozenPlan,
  progress: UnitProgress,
  used: GaugeCard,
): Pick<CardChange, 'cuts' | 'settled' | 'use' | 'refusal'> {
  const open = openEnds(plan, progress, used.id);
  const settled = plan.lead.ends
    .filter(({ id, gaugeCardId }) => gaugeCardId === used.id && !open.includes(id))
    .map(({ name }) => name);
  const planned = replannedWith(plan, used);
  if ('refusal' in planned) return { cuts: [], settled, use: null, refusal: planned.refusal };
  const strips = stripsOf(planned).filter(({ endId }) => open.includes(endId));
  const use: UnitHappening = {
    kind: 'card used',
    cardId: used.id,
    card: used,
    strips,
    steps: openSteps(plan, progress, planned.steps, open),
    cuts: isCut(progress) ? [] : [...planned.cuts],
  };
  return { cuts: movedCuts(plan, progress, strips), settled, use, refusal: null };
}

const stripsOf = ({ ends, sides }: LeadPlan): StripPlan[] => [...ends, ...sides].map(({ strip }) => strip);

/** Ends of a card, and their other sides, at which something is still to be cut. */
function openEnds({ lead }: FrozenPlan, { steps, done }: UnitProgress, cardId: string): string[] {
  const open = steps.filter(
    ({ id, stage, endId }) =>
      stage === 'Strip' && !done.has(id) && endId !== null && endById(lead, endId).gaugeCardId === cardId,
  );
  return [...new Set(open.flatMap((step) => stripIdOf(step) ?? []))];
}

function movedCuts({ strips }: FrozenPlan, progress: UnitProgress, after: readonly StripPlan[]): Moved[] {
  return after.flatMap((strip) => {
    const before = strips.find(({ endId }) => endId === strip.endId);
    const measured = progress.strips.get(strip.endId) ?? {};
    return strip.cuts.flatMap((cut): Moved[] => {
      const was = before?.cuts.find((each) => cutKey(each) === cutKey(cut));
      if (!was || measured[cutKey(cut)] !== undefined) return [];
      const [from, to] = [was.position.value, cut.position.value];
      return Math.abs(to - from) < noticeable
        ? []
        : [{ label: `${cut.label}, end ${strip.endId}`, before: from, after: to }];
    });
  });
}

const isCut = ({ steps, done }: UnitProgress) =>
  steps.filter(({ role }) => role === 'cut').every(({ id }) => done.has(id));

/** Steps not done yet at ends that are still open, and of the whole lead before its cable is cut, with their new figures. */
function openSteps(
  plan: FrozenPlan,
  progress: UnitProgress,
  planned: readonly Step[],
  open: readonly string[],
): Step[] {
  return planned.filter((step) => {
    const was = plan.steps.find(({ id }) => id === step.id);
    if (!was || progress.done.has(step.id)) return false;
    return step.endId === null ? step.role === 'cut' : open.includes(stripIdOf(step) ?? step.endId);
  });
}
