import type { AnyEndInput, PieceConductor } from '../end/end-input.ts';
import type { GaugeCard } from '../connector/gauge-card-schema.ts';
import type { House } from '../house/house.ts';
import type { Lead, LeadEnd } from '../lead/lead.ts';
import { endInput } from '../end/end-input.ts';
import type { Practice } from '../house/practice.ts';
import { connect } from './connect.ts';

/** What becomes of the second core of a pair whose first goes on a contact and whose own has no use here. */
export const secondCores = ['twisted in', 'fold back', 'cut flush'] as const;
export type SecondCore = (typeof secondCores)[number];

interface Mate {
  readonly core: PieceConductor;
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
  const spare = spares.flatMap((core) => {
    const first = onContact.find((other) => samePair(other.core, core));
    return first ? [{ core, contact: first.contact, twisted: false }] : [];
  });
  const twisted = onContact.filter((second, index) =>
    onContact
      .slice(0, index)
      .some((first) => first.contact === second.contact && samePair(first.core, second.core)),
  );
  return [...spare, ...twisted.map((second) => ({ ...second, twisted: true }))];
}

/** What is done with second cores at an end; null where it has none. */
export function secondCoreOf(input: AnyEndInput): SecondCore | null {
  const mates = matesAt(input);
  if (mates.length === 0) return null;
  return mates.every(({ twisted }) => twisted) ? 'twisted in' : input.house.practice.spareCore;
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
  if (choice === 'twisted in') return joined;
  const spareCore: Practice['spareCore'] = choice;
  return {
    ...joined,
    ends: joined.ends.map((other) => (other.id === end.id ? { ...other, spareCore } : other)),
  };
}
