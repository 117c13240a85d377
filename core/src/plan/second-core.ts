import type { AnyEndInput, PieceConductor } from '../end/end-input.ts';
import type { GaugeCard } from '../connector/gauge-card-schema.ts';
import type { House } from '../house/house.ts';
import type { Join, Lead, LeadEnd } from '../lead/lead.ts';
import { endInput } from '../end/end-input.ts';
import type { Practice } from '../house/practice.ts';
import { connect } from './connect.ts';

/** What becomes of the second core of a pair whose first goes on a contact and whose own has no use here. */
export const secondCores = ['twisted in', 'fold back', 'cut flush'] as const;
export type SecondCore = (typeof secondCores)[number];

interface Mate {
  readonly core: PieceConductor;
  readonly first: PieceConductor;
  /** Where the first core of its pair is. */
  readonly contact: string;
  readonly twisted: boolean;
}

const samePair = (a: PieceConductor, b: PieceConductor) =>
  a.pair !== null && a.pair === b.pair && a.pieceId === b.pieceId && a.id !== b.id;

/** Second cores at an end: spare beside a joined mate, or on one contact with it. */
function matesAt({ joints, spares }: AnyEndInput): Mate[] {
  const onContact = joints.flatMap(({ contact, conductors }) =>
    conductors.map((core) => ({ core, contact: contact.id })),
  );
  const spare = spares.flatMap((core): Mate[] => {
    const first = onContact.find((other) => samePair(other.core, core));
    return first ? [{ core, first: first.core, contact: first.contact, twisted: false }] : [];
  });
  const twisted = onContact.flatMap((second, index): Mate[] => {
    const first = onContact
      .slice(0, index)
      .find((other) => other.contact === second.contact && samePair(other.core, second.core));
    return first ? [{ ...second, first: first.core, twisted: true }] : [];
  });
  return [...spare, ...twisted];
}

/** What is done with second cores at an end; null where it has none. */
export function secondCoreOf(input: AnyEndInput): SecondCore | null {
  const mates = matesAt(input);
  if (mates.length === 0) return null;
  return mates.every(({ twisted }) => twisted) ? 'twisted in' : input.house.practice.spareCore;
}

/** A joint at a split takes the second core beside the first, or lets it go. */
function withMates(join: Join, mates: readonly Mate[], twisted: boolean): Join {
  const second = mates.filter(({ first }) =>
    join.conductors.some(({ pieceId, conductor }) => pieceId === first.pieceId && conductor === first.id),
  );
  const others = join.conductors.filter(
    ({ pieceId, conductor }) => !second.some(({ core }) => core.pieceId === pieceId && core.id === conductor),
  );
  const conductors = twisted
    ? [...others, ...second.map(({ core }) => ({ pieceId: core.pieceId, conductor: core.id }))]
    : others;
  return { ...join, conductors };
}

/**
 * The lead with the second cores of an end twisted in with their mates, folded back under a shrink, or cut flush.
 * @throws PinPlanError when the contact cannot hold both.
 */
export function withSecondCore(
  lead: Lead,
  end: LeadEnd,
  card: GaugeCard,
  house: House,
  choice: SecondCore,
): Lead {
  const mates = matesAt(endInput(lead, end, card, house));
  const joined = mates
    .filter(({ twisted }) => twisted !== (choice === 'twisted in'))
    .reduce(
      (now, { core, contact }) =>
        connect(
          now,
          end,
          card,
          house,
          { pieceId: core.pieceId, conductor: core.id },
          choice === 'twisted in' ? contact : null,
        ),
      lead,
    );
  const whole = {
    ...joined,
    joins: joined.joins.map((join) => withMates(join, mates, choice === 'twisted in')),
  };
  if (choice === 'twisted in') return whole;
  const spareCore: Practice['spareCore'] = choice;
  return {
    ...whole,
    ends: whole.ends.map((other) => (other.id === end.id ? { ...other, spareCore } : other)),
  };
}
