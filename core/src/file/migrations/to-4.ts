import type { Raw } from './raw.ts';
import { each, filled, inFrozen, inPlan } from './raw.ts';

/** Leads say where they live, what they carry, how they bend, and what their ends mean. */
const lead = (record: Raw): Raw => ({
  ...filled(record, {
    ownCables: [],
    signal: 'radio',
    joins: [],
    environment: 'indoor',
    bends: [],
    phaseMatch: null,
  }),
  ends: each(record.ends, (end) =>
    filled(end, { channel: null, deviceId: null, marker: null, quarterTurns: 0 }),
  ),
});

/** Houses have tools, devices and the practices of every method. */
const house = (record: Raw): Raw => ({
  ...filled(record, {
    tools: [
      'iron with a big tip',
      'fine iron',
      'gland spanners',
      'torque spanner',
      'flaring tool',
      'coring tool',
      'seizing spanners',
      'compression tool',
      'fine saw',
      'modular crimp tool',
    ],
    solderWire: { diameter: 0.7e-3, fluxByMass: 0.022 },
    tackAbove: 100,
    devices: [],
    lengthColours: [
      { upTo: 2, colour: 'white' },
      { upTo: 5, colour: 'yellow' },
      { upTo: 10, colour: 'green' },
      { upTo: 20, colour: 'blue' },
      { upTo: 50, colour: 'red' },
      { upTo: 1000, colour: 'black' },
    ],
  }),
  practice: filled(record.practice, {
    centreContact: 'as it is made',
    secondCrimp: 'never',
    ferruleCrimp: 'bell at the cable end',
    bodyHoles: 'all',
    braidTack: 'tack above the house power',
    screwOnCore: 'twist and tin',
    tightening: 'torque',
    coring: 'hand',
    heatSource: 'hot air',
    weatherSeal: 'shrink, and both when buried or at sea',
    cups: 'fill and reflow',
    tinning: 'tin',
    spareCore: 'fold back',
    shieldTail: 'shorter than the cores',
    lightingTail: 'twist the braid',
    secondPair: 'wire',
    innerShrink: 'clear',
    sleeveCut: 'measure first',
    sleeveHold: 'shrink',
  }),
});

/** Strips have a datum, a section and routes of cores. */
const strip = (record: Raw): Raw => {
  const { seated: _seated, ...rest } = record;
  return {
    ...filled(rest, {
      datum: 'jacket edge',
      shield: 'forward',
      contactRides: true,
      rearLip: 0,
      covered: 0,
      section: [],
      routes: [],
      planes: [],
      prepTool: [],
      strippedWith: 'prep tool',
    }),
    cuts: each(record.cuts, (cut) => filled(cut, { of: '' })),
  };
};

const unit = (record: Raw): Raw =>
  inPlan(inFrozen(record, lead, house), (plan) => ({
    ...filled(plan, { family: [] }),
    strips: each(plan.strips, strip),
  }));

/** Databases of version 3 were written before and after some of these fields existed: they are filled from there, too. */
export const endsAndSignals = { leads: lead, house, units: unit };
