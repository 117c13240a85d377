import { connectorById } from '@gorvane/core/connector/catalogue/catalogue.ts';
import type { House } from '@gorvane/core/house/house.ts';
import type { Lead } from '@gorvane/core/lead/lead.ts';
import type { Bag, Ordered } from './design.ts';
import { design } from './design.ts';

const watts =
  (value: number) =>
  (lead: Lead): Lead => ({
    ...lead,
    requirement: { ...lead.requirement, inputPower: { value, assumed: false } },
  });

/** Clamp plugs for the masts: somebody has looked into this bag. */
const mastPlugs: Bag = {
  name: 'N clamp plugs, bag 22, drawer 2',
  contents: {
    clamp: 'over the braid',
    contact: 'solder hole',
    spacer: 'none',
    washers: 'one',
    cap: 'both',
    shrink: 'none',
  },
};

/** Seven beads for 10 mm cable, a hand's width from the feedpoint. */
const feedChoke = (lead: Lead): Lead => ({
  ...watts(25)(lead),
  extraParts: [
    ...lead.extraParts,
    {
      id: 'choke',
      kind: 'choke',
      legId: 'run',
      nearEndId: 'B',
      distance: 0.12,
      beads: 7,
      bead: { outside: 25.5e-3, bore: 13e-3, length: 28.5e-3 },
      material: 'middle',
      at: 'feedpoint',
    },
  ],
});

/** The leads of the masts, the roof and the trench: one for each way that an end is put on. */
export function coaxLeads(house: House): Ordered[] {
  const lead = (
    quantity: number,
    request: {
      name: string;
      purpose: string;
      cableId: string;
      near: string;
      far: string;
      length: number;
      frequencies: number[];
      environment: Lead['environment'];
    },
    change?: (lead: Lead) => Lead,
    bags: readonly Bag[] = [],
  ): Ordered => {
    const { near, far, ...rest } = request;
    return {
      quantity,
      finished: [],
      found: '',
      ...design(
        house,
        {
          ...rest,
          signal: 'radio',
          near: { connector: connectorById(near) },
          far: [{ connector: connectorById(far) }],
        },
        bags,
        change,
      ),
    };
  };
  return [
    lead(
      1,
      {
        name: 'Marine radio feed line',
        purpose: 'Radio room to mast head, fixed, with a choke at the feedpoint',
        cableId: 'low-loss-10',
        near: 'n-plug-push-on-10-low-loss',
        far: 'uhf-plug-hollow-tip-10-low-loss',
        length: 18,
        frequencies: [156.8e6, 162.025e6],
        environment: 'marine',
      },
      feedChoke,
    ),
    lead(
      2,
      {
        name: 'Whip lead',
        purpose: 'Radio to whip on the cabin roof',
        cableId: 'rg-213',
        near: 'uhf-plug-soldered-10-silver',
        far: 'n-plug-clamp-10',
        length: 6.5,
        frequencies: [30e6, 162.025e6],
        environment: 'outdoor',
      },
      watts(150),
      [{ name: 'UHF plugs, bag 21, drawer 2' }, mastPlugs],
    ),
    lead(2, {
      name: 'Spare radio lead',
      purpose: 'Bench radio to the test whip',
      cableId: 'rg-58',
      near: 'uhf-plug-reducer-5',
      far: 'uhf-plug-screw-on-5',
      length: 2,
      frequencies: [30e6, 156.8e6],
      environment: 'indoor',
    }),
    lead(
      4,
      {
        name: 'Timing antenna pigtail',
        purpose: 'Timing receiver to its bulkhead, bent once in the corner; a set of four',
        cableId: 'rg-402',
        near: 'sma-plug-direct-rg-402',
        far: 'sma-socket-direct-rg-402',
        length: 0.42,
        frequencies: [1.57542e9],
        environment: 'indoor',
      },
      (made) => ({
        ...made,
        extraParts: [],
        bends: [{ at: 0.15, angle: Math.PI / 2, radius: 0.012 }],
        phaseMatch: { frequency: 1.57542e9, within: (5 * Math.PI) / 180 },
      }),
    ),
    lead(1, {
      name: 'Roof repeater feeder',
      purpose: 'Repeater cabinet to the roof of the waiting hall',
      cableId: 'corrugated-1/2',
      near: '7-16-plug-feeder-1/2',
      far: 'n-socket-feeder-1/2',
      length: 32,
      frequencies: [457.5e6, 467.5e6],
      environment: 'outdoor',
    }),
    lead(
      1,
      {
        name: 'Camera trunk repair',
        purpose: 'New piece under the breakwater, spliced in at both ends',
        cableId: 'trunk-13',
        near: 'trunk-splice-13',
        far: 'trunk-splice-13',
        length: 14,
        frequencies: [55e6, 750e6],
        environment: 'buried',
      },
      (made) => ({ ...made, spareTerminations: 1 }),
    ),
    lead(2, {
      name: 'Camera drop',
      purpose: 'Trunk tap to a camera on the breakwater',
      cableId: 'rg-6',
      near: 'f-plug-compression-rg-6',
      far: 'f-plug-compression-rg-6',
      length: 9,
      frequencies: [55e6, 750e6],
      environment: 'outdoor',
    }),
    lead(1, {
      name: 'Test set adapter lead',
      purpose: 'N socket of the feeder to the SMA plug of the test set',
      cableId: 'rg-223',
      near: 'n-socket-50-crimp-5',
      far: 'sma-plug-50-crimp-5',
      length: 0.5,
      frequencies: [1e9],
      environment: 'indoor',
    }),
  ];
}
