import type { Lead, LeadEnd } from '../lead/lead.ts';
import { lengthInWords, longestWay } from '../lead/in-words.ts';
import { lengthColour } from '../house/length-colour.ts';
import type { FrozenPlan } from '../plan/frozen-plan.ts';
import { shownPlan } from '../plan/shown-plan.ts';
import { levelReached } from '../prove/proof-level.ts';
import { formatImperial, formatMillimetres } from '../quantity/length.ts';
import type { TimeForm } from '../quantity/time.ts';
import { formatDay } from '../quantity/time.ts';
import { checksOfProof } from '../unit/certificate.ts';
import type { UnitProgress } from '../unit/progress.ts';
import type { LabelValues } from './label-text.ts';

/** What a label of a unit is written from. */
export interface LabelSource {
  readonly serial: string;
  readonly plan: FrozenPlan;
  readonly progress: UnitProgress;
  /** Name of its order; empty where it did not come here. */
  readonly order: string;
  /** ISO time of the last entry of its record. */
  readonly at: string;
  readonly house: string;
}

/** Everything that a label can say of a unit, and of one of its ends where it is for an end. */
export function labelValues(
  { serial, plan, progress, order, at, house }: LabelSource,
  end: LeadEnd | null,
  times: TimeForm,
): LabelValues {
  const { lead } = plan;
  const shorter = progress.takenShorter.at(-1)?.shortage ?? 0;
  return {
    serial,
    name: lead.name,
    length: `${lengthInWords(lead)}${shorter > 0 ? ` less ${formatMillimetres(shorter)} mm` : ''}`,
    inches: lead.legs.length === 1 ? formatImperial(lead.legs[0]!.finishedLength, 1e-3) : '',
    colour: colourOf(plan, end),
    polarity: polarityOf(plan),
    date: formatDay(progress.proofs.at(-1)?.at ?? at, times),
    order,
    end: end ? `end ${end.name}` : '',
    'goes to': end?.called ?? '',
    house,
    proof: provedWords(plan, progress),
  };
}

/** Its ring at this end, else the one that its length has in this house. */
function colourOf({ lead, house }: FrozenPlan, end: LeadEnd | null): string {
  const ring =
    end?.marker ?? (lead.signal === 'lighting' ? lengthColour(house.lengthColours, longestWay(lead)) : null);
  return ring ? `${ring} ring` : '';
}

/** Which core a loudspeaker's contacts have at the first end: where two look alike, the label says which is which. */
function polarityOf(plan: FrozenPlan): string {
  if (plan.lead.signal !== 'speaker') return '';
  const joints = shownPlan(plan).ends[0]?.input.joints ?? [];
  return joints
    .filter(({ conductors }) => conductors.length > 0)
    .map(({ contact, conductors }) => `${contact.id} ${conductors.map(({ colour }) => colour).join(' and ')}`)
    .join(', ');
}

/** How far it was proved, where it is Good. */
function provedWords(plan: FrozenPlan, { proofs }: UnitProgress): string {
  const proof = proofs.at(-1);
  return proof?.verdict === 'Good' ? `Good ${levelReached(checksOfProof(plan, proof))}` : '';
}

/** The ends that get a label each: those that are made here. */
export const labelledEnds = ({ ends }: Lead): readonly LeadEnd[] =>
  ends.filter(({ lies }) => lies === undefined);
