import type { LayeredCable } from '../cable/cable.ts';
import { layeredCables } from '../cable/catalogue/catalogue.ts';
import type { Connector } from '../connector/connector.ts';
import type { AnsweredContents } from '../connector/contents.ts';
import { answersFor } from '../connector/contents.ts';
import { contentsSchema } from '../connector/contents-schema.ts';
import { usualSignal } from '../connector/signal.ts';
import { standsForItsLikes } from '../connector/terminal-block.ts';
import type { House } from '../house/house.ts';
import { stripperKinds } from '../house/stripper.ts';
import { newStripper } from '../house/stripper-text.ts';
import { makeLead } from '../lead/make-lead.ts';
import { methodOf } from '../method/methods.ts';
import { connectorsFor } from './find-end.ts';
import type { LeadPlan } from './lead-plan.ts';
import { planLead } from './lead-plan.ts';
import { pinEndsFor } from './pin-ends.ts';

/** A cable with a connector that goes on it. */
export type CableAndEnd = readonly [cable: LayeredCable, connector: Connector];

/** Every cable with every connector that goes on it; a few terminal blocks stand for their likes. */
export const everyEnd = (house: House): CableAndEnd[] =>
  layeredCables.flatMap((cable) =>
    [...(cable.structure === 'coax' ? connectorsFor(cable, house) : []), ...pinEndsFor(cable, house)]
      .filter(standsForItsLikes)
      .map((connector) => [cable, connector] as const),
  );

/** One pair for each value of a key, the last of each. */
export const onePerKey = (
  pairs: readonly CableAndEnd[],
  keyOf: (connector: Connector) => string,
): CableAndEnd[] => [...new Map(pairs.map((pair) => [keyOf(pair[1]), pair])).values()];

/** One bag for each answer to each question about a connector, and the usual one. */
export const bagsOf = (connector: Connector): AnsweredContents[] => [
  {},
  ...(methodOf(connector.method).contents ?? []).flatMap((name) =>
    answersFor(name, connector).map((answer) => contentsSchema.parse({ [name]: answer })),
  ),
];

/** Houses that have one kind of stripping tool only, for every size of cable. */
export const houseOfEachTool = (house: House): House[] =>
  stripperKinds.map((kind) => ({
    ...house,
    strippers: [{ ...newStripper(kind, kind), takes: { least: 1e-3, most: 80e-3 } }],
  }));

/** Six metres of a cable with a connector at both ends, planned whole. `power` in watts. */
export function planBothEnds(
  [cable, connector]: CableAndEnd,
  house: House,
  contents: AnsweredContents = {},
  power = 1,
): LeadPlan {
  let count = 0;
  const { lead, cards } = makeLead(
    {
      name: 'Lead',
      purpose: '',
      signal: usualSignal(connector),
      cableId: cable.id,
      near: { connector },
      far: [{ connector }],
      length: 6,
      frequencies: [20e3],
    },
    () => `record-${++count}`,
    '2000-01-01T00:00:00.000Z',
    house,
  );
  return planLead(
    { ...lead, requirement: { ...lead.requirement, inputPower: { value: power, assumed: false } } },
    cards.map((card) => ({ ...card, contents })),
    house,
  );
}
