import { z } from 'zod';
import { explainedSchema } from '../quantity/explained.ts';
import type { FeatureName } from '../connector/features.ts';
import type { GaugeCard } from '../connector/gauge-card-schema.ts';
import { featureValue } from '../connector/gauge-card.ts';
import type { House } from '../house/house.ts';
import type { Lead, LeadEnd, Piece, ReferencePlane } from '../lead/lead.ts';
import { endById, endsOfPiece } from '../lead/lead.ts';
import type { Explained, Term } from '../quantity/explained.ts';
import { asCutOff } from '../quantity/made.ts';
import { bendTerms } from './bend.ts';
import type { StripPlan } from '../strip/strip-plan.ts';
import { stripLength } from '../strip/cut-of.ts';

/** The cut of one piece: what it must be, what comes off the reel, and what each figure is made of. */
export const cutLengthSchema = z.object({
  pieceId: z.string(),
  cableId: z.string(),
  /** From cut end to cut end once squared, metres. */
  cut: explainedSchema,
  /** Cable between the two jacket edges in the finished lead, metres. */
  betweenJackets: z.number(),
  /** The same once spare and slack are used up: what the finished length itself leaves. */
  leastBetweenJackets: z.number(),
  /** As taken from the reel, with the squaring cuts, metres. */
  offTheReel: explainedSchema,
  /** What one more termination of each end uses, by end. */
  retermination: z.array(z.object({ endId: z.string(), length: explainedSchema })),
});
export type CutLength = z.infer<typeof cutLengthSchema>;

const source = 'everything counted from the jacket edge: cut = finished - sum (r + j - xc) + slack + spare';

const planeFeature: Readonly<Record<Exclude<ReferencePlane, 'jacket'>, FeatureName>> = {
  tip: 'lipToTip',
  shoulder: 'lipToShoulder',
  'mating plane': 'lipToMatingPlane',
};

/** The plane a finished length is measured to, as metres from the rear lip. */
function lipToPlane(card: GaugeCard, plane: ReferencePlane, strip: StripPlan): number {
  return plane === 'jacket' ? -strip.rearLip : featureValue(card, planeFeature[plane]);
}

function endTerms(end: LeadEnd, card: GaugeCard, strip: StripPlan): Term[] {
  const assumed = Object.values(card.features).some(({ state }) => state === 'assumed');
  return [
    {
      label: `End ${end.name}: ${strip.datum} to ${end.referencePlane}, taken off`,
      symbol: 'r + j',
      value: -(lipToPlane(card, end.referencePlane, strip) + strip.rearLip),
      kind: 'length',
      assumed,
    },
    {
      label: `End ${end.name}: strip beyond the ${strip.datum}, put on`,
      symbol: 'xc',
      value: stripLength(strip).value,
      kind: 'length',
      assumed,
    },
  ];
}

/** What cutting a connector off and fitting another takes: the cable in it, a squaring cut and a new strip. */
function reterminationLength(strip: StripPlan, house: House): Explained {
  const terms: Term[] = [
    {
      label: 'Cable in the connector behind the strip',
      value: strip.covered,
      kind: 'length',
      assumed: true,
    },
    { label: 'Squaring cut', value: house.squaring, kind: 'length' },
    { label: 'New strip', symbol: 'xc', value: stripLength(strip).value, kind: 'length' },
  ];
  return {
    value: sum(terms),
    kind: 'length',
    formula: 'cable in the connector + squaring cut + xc',
    terms,
    source,
  };
}

const sum = (terms: readonly Term[]) => terms.reduce((total, { value }) => total + value, 0);

/** What is cut beyond the lead itself: slack, and cable for ends that are made again. */
function extraTerms(lead: Lead, retermination: CutLength['retermination']): Term[] {
  const count = lead.spareTerminations;
  const spare: Term[] = retermination.map(({ endId, length }) => ({
    label: `End ${endById(lead, endId).name}: spare for ${count === 1 ? 'one re-termination' : `${count} re-terminations`}`,
    value: count * length.value,
    kind: 'length',
  }));
  const slack: Term = { label: 'Slack', value: lead.slack, kind: 'length' };
  return [slack, ...spare].filter(({ value }) => value > 0);
}

/**
 * Itemised cut length of one piece, `finished - sum over ends of (r + j - xc) + slack + spare`, metres.
 * `cards` and `strips` are by end id.
 */
export function cutLengthOf(
  lead: Lead,
  piece: Piece,
  cards: ReadonlyMap<string, GaugeCard>,
  strips: ReadonlyMap<string, StripPlan>,
  house: House,
): CutLength {
  const finished: Term[] = piece.legIds.map((legId) => ({
    label: lead.legs.length === 1 ? 'Finished length' : `Finished length of ${legId}`,
    value: lead.legs.find(({ id }) => id === legId)!.finishedLength,
    kind: 'length',
  }));
  const ends = endsOfPiece(lead, piece);
  const atEnds = ends.flatMap((end) => endTerms(end, cards.get(end.id)!, strips.get(end.id)!));
  const retermination = ends.map((end) => ({
    endId: end.id,
    length: reterminationLength(strips.get(end.id)!, house),
  }));
  const extras = extraTerms(lead, retermination);
  const corrections: Term[] =
    lead.cutCorrection === 0
      ? []
      : [{ label: 'Correction by the first article', value: lead.cutCorrection, kind: 'length' }];
  const bends = bendTerms(lead.bends);
  const terms = [...finished, ...bends, ...atEnds, ...corrections, ...extras];
  const cut: Explained = {
    value: sum(terms),
    kind: 'length',
    formula: `finished${bends.length > 0 ? ' - bends' : ''} - sum (r + j - xc) + slack + spare`,
    terms,
    source,
  };
  const betweenJackets = ends.reduce((left, end) => left - stripLength(strips.get(end.id)!).value, cut.value);
  const reel: Term[] = [
    { label: 'Cut length', value: cut.value, kind: 'length' },
    {
      label: `Squaring, ${ends.length} ends`,
      value: ends.length * house.squaring,
      kind: 'length',
      assumed: true,
    },
  ];
  const squared = sum(reel);
  const pulled = asCutOff(squared);
  return {
    pieceId: piece.id,
    cableId: piece.cableId,
    cut,
    betweenJackets,
    leastBetweenJackets: betweenJackets - sum(extras),
    offTheReel: {
      value: pulled,
      kind: 'length',
      formula: 'cut length + squaring, up to what a tape reads',
      terms: [...reel, { label: 'Up to the next mark', value: pulled - squared, kind: 'length' }],
      source: 'house setting',
    },
    retermination,
  };
}
