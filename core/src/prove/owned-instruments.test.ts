import { describe, expect, test } from '@jest/globals';
import type { Instrument } from '../house/instrument.ts';
import { newInstrument } from '../house/new-instrument.ts';
import { planLead } from '../plan/lead-plan.ts';
import { proofPlanOf } from '../plan/proof-plan.ts';
import { seededRandom } from '../quantity/random.ts';
import type { Readings } from '../reading/reading.ts';
import { readWith } from '../reading/typed-from.ts';
import { exampleLead, house, newShop } from '../testing/example.ts';
import { signalPlan } from '../testing/signal-lead.ts';
import { leadWiring } from '../wiring/lead-wiring.ts';
import { badJoints } from './bad-joint.ts';
import type { InjectedFault } from './injected-fault.ts';
import { placeFault } from './place.ts';
import { prove } from './proof.ts';
import { spotLimits } from './sweep-judge.ts';
import { sweepLineOf } from './sweep-line.ts';
import { testVirtualLead } from './virtual-lead.ts';

const { lead, card } = exampleLead({ cableId: 'rg-58', connectorId: 'bnc-plug-50-crimp-5', length: 3 });
const plan = planLead(lead, [card], newShop);
const proofPlan = proofPlanOf(plan, newShop);
const own = (...kinds: Parameters<typeof newInstrument>[0][]): Instrument[] =>
  kinds.map((kind) => newInstrument(kind, kind));
const multimeter = newInstrument('multimeter', 'multimeter');

const bare: Readings = { by: 'Bench one', instrument: 'by hand', celsius: 20, pairs: [] };
/** Every pair ticked as planned, and the first path read in ohms. */
const ticked = (ohms?: number): Readings => ({
  ...bare,
  pairs: prove(proofPlan, []).pairs.map(({ from, to, planned }) => {
    const { points } = leadWiring(lead);
    const ends = { from: points[from]!.id, to: points[to]!.id };
    const isFirst = proofPlan.limits[0]!.from === ends.from && proofPlan.limits[0]!.to === ends.to;
    return isFirst && ohms !== undefined ? { ...ends, ohms } : { ...ends, connected: planned };
  }),
});
const checkOf = (proof: ReturnType<typeof prove>, id: string) => proof.checks.find((each) => each.id === id)!;
const resistanceId = `resistance ${proofPlan.limits[0]!.id}`;

describe('a multimeter alone', () => {
  test('ticks make the lead Good by look and meter; what it cannot decide is not asked, with why', () => {
    const proof = prove(proofPlan, [ticked()]);
    expect([proof.verdict, proof.level]).toEqual(['Good', 'by look and meter']);
    const unasked = Object.fromEntries(
      proof.checks.flatMap(({ id, notAsked, leftOut }) => (leftOut ? [[id, notAsked]] : [])),
    );
    expect(unasked).toMatchObject({
      [resistanceId]: 'no ohm meter fine enough for it in Stores',
      insulation: 'no insulation tester of 500 V in Stores',
      load: 'no 50 ohm load in Stores',
      capacitance: 'no capacitance meter in Stores',
      loss: 'no network analyser that reaches 162 MHz in Stores',
      length: 'no reflectometer in Stores',
    });
    // Without it not even its pairs were read: the proof is open.
    expect(prove(proofPlan, []).verdict).toBe('Not yet');
  });

  test.each([
    ['leads taken off, near the limit: it cannot decide, and stays out', 0.3, 0.42, 'Not yet', true, 'Good'],
    ['leads taken off, far beyond: Out', 0.3, 2.4, 'Out', false, 'Out'],
    ['leads in it, far beyond: never Out', undefined, 2.4, 'Not yet', false, 'Not yet'],
    ['leads in it, open: Out, whatever they have', undefined, Infinity, 'Out', false, 'Out'],
  ] as const)('%s', (_name, leads, shown, verdict, leftOut, whole) => {
    const take = readWith(ticked(shown === Infinity ? undefined : shown), { ohms: multimeter }, leads);
    const open =
      shown === Infinity
        ? { ...take, typedFrom: { ohms: multimeter }, pairs: take.pairs.map((p) => opened(p)) }
        : take;
    const proof = prove(proofPlan, [open]);
    const check = checkOf(proof, resistanceId);
    expect([check.verdict, check.leftOut, proof.verdict]).toEqual([verdict, leftOut, whole]);
  });

  test('what its leads show is taken off, and the uncertainty of both readings and of the probes is kept', () => {
    const { judged } = checkOf(
      prove(proofPlan, [readWith(ticked(0.42), { ohms: multimeter }, 0.3)]),
      resistanceId,
    );
    expect(judged!.reading).toBeCloseTo(0.12, 9);
    // 0.8 % + 0.2 ohm of 0.42 and of 0.30, and 0.02 ohm of two probes: sqrt(0.20336^2 + 0.2024^2 + 0.02^2).
    expect(judged!.uncertainty).toBeCloseTo(0.28762, 4);
    expect(judged!.reason).toBe('this meter cannot decide');
  });

  test('a path of many ohms it can decide, and is asked to', () => {
    const long = exampleLead({ cableId: 'rg-174', connectorId: 'bnc-plug-50-crimp-2.5', length: 150 });
    const far = proofPlanOf(planLead(long.lead, [long.card], newShop), newShop);
    const asked = prove(far, []).checks.filter(({ key, leftOut }) => key.kind === 'resistance' && !leftOut);
    expect(asked).toHaveLength(2);
  });
});

const opened = (pair: Readings['pairs'][number]): Readings['pairs'][number] =>
  pair.from === proofPlan.limits[0]!.from && pair.to === proofPlan.limits[0]!.to
    ? { from: pair.from, to: pair.to, ohms: null }
    : pair;

describe('more is asked', () => {
  const asking = (proofLevel: (typeof newShop)['practice']['proofLevel']) => ({
    ...proofPlan,
    house: { ...newShop, practice: { ...newShop.practice, proofLevel } },
  });

  test('by the house: what is missing is named, and the proof is open until it is read', () => {
    const proof = prove(asking('by meter and load'), [ticked()]);
    expect(proof.verdict).toBe('Not yet');
    expect(['load', resistanceId].map((id) => checkOf(proof, id).leftOut)).toEqual([false, false]);
    expect(checkOf(proof, 'loss').notAsked).toBe('only a proof by meter and load is asked for');
  });

  test('by the order, and never less for an order than the house asks', () => {
    const open = prove(proofPlan, [ticked()], { ordered: 'by sweep' });
    expect([open.verdict, open.deciding!.leftOut]).toEqual(['Not yet', false]);
    expect(checkOf(open, 'return loss').leftOut).toBe(false);
    const strict = prove(asking('by meter and load'), [ticked()], { ordered: 'by look and meter' });
    expect(checkOf(strict, 'load').leftOut).toBe(false);
  });

  test('by the lead itself', () => {
    const strict = {
      ...proofPlan,
      lead: { ...lead, practice: { proofLevel: 'by meter and load' as const } },
    };
    expect(checkOf(prove(strict, [ticked()]), 'load').leftOut).toBe(false);
  });

  test('what is in Stores now is asked, whatever was there when the unit was started', () => {
    const instruments = own('multimeter', 'insulation tester', 'dummy load');
    const proof = prove(proofPlan, [ticked()], { instruments });
    expect(['insulation', 'load', 'capacitance'].map((id) => checkOf(proof, id).leftOut)).toEqual([
      false,
      false,
      true,
    ]);
  });
});

describe('an analyser and a load', () => {
  const line = sweepLineOf(lead, plan.lengths)!;
  const ordinary = own('multimeter', 'antenna analyser', 'dummy load');
  const [multi, analyser, load] = ordinary;
  const fine = [multi!, { ...analyser!, match: 42 }, { ...load!, match: 38 }];
  const spot = ([, with_, into]: readonly Instrument[], returnLoss: number) =>
    readWith(
      { ...ticked(), family: { load: 50.1 }, spots: [{ hertz: 162e6, returnLoss, loss: 0.75 }] },
      { match: with_!, loss: with_!, load: into! },
      undefined,
    );
  const matchOf = (instruments: Instrument[], db: number) =>
    checkOf(prove(proofPlan, [spot(instruments, db)], { instruments }), 'match at 162000000');

  test('the match at every working frequency is asked of those that can decide it', () => {
    const asked = (instruments: Instrument[]) =>
      prove(proofPlan, [ticked()], { instruments }).checks.flatMap(({ key, leftOut }) =>
        key.kind === 'match at' && !leftOut ? [key.hertz] : [],
      );
    expect(asked(fine)).toEqual([162e6]);
    expect(asked(ordinary)).toEqual([]);
    expect(asked([...fine, ...own('network analyser')])).toEqual([]);
  });

  test.each([
    [34, 'Good'],
    [12, 'Out'],
    [24, 'Not yet'],
  ])(
    'a return loss of %s dB is %s: the load and the directivity are both in the guard band',
    (db, verdict) => {
      const check = matchOf(fine, db);
      expect([check.verdict, check.leftOut]).toEqual([verdict, false]);
      const limits = spotLimits(line, 162e6, newShop);
      // 42 dB of directivity, and a load of 38 dB behind twice the loss.
      const off = Math.sqrt(10 ** (-42 / 10) + 10 ** (-(38 + 2 * limits.predictedLoss) / 10));
      const reflection = 10 ** (-db / 20);
      expect(check.judged!.uncertainty).toBeCloseTo(Math.abs(db + 20 * Math.log10(reflection + off)), 6);
    },
  );

  test('an ordinary load is in the reading of a sound lead: it decides only what is plainly Out', () => {
    expect(matchOf(ordinary, 26)).toMatchObject({ leftOut: true, detail: 'this meter cannot decide' });
    expect(matchOf(ordinary, 12).verdict).toBe('Out');
  });

  test('decided, the proof is one by meter and load; a loss of which the meter says nothing stays out', () => {
    const proof = prove(proofPlan, [spot(fine, 34)], { instruments: fine });
    expect([proof.verdict, proof.level]).toEqual(['Good', 'by meter and load']);
    expect(checkOf(proof, 'loss at 162000000')).toMatchObject({
      leftOut: true,
      detail: 'this meter cannot decide',
    });
  });
});

describe('paralleled cores', () => {
  const quad = signalPlan('speaker', 'speaker-star-quad-4x2.5', ['banana-pair', 'spade-pair-6']);
  const { terminals } = leadWiring(quad.lead);
  const found = (faults: readonly InjectedFault[], seed: number) => {
    const virtual = { lead: quad.lead, lengths: quad.lengths, celsius: 20, faults };
    const quadPlan = proofPlanOf(quad, house);
    const proof = prove(quadPlan, [testVirtualLead(virtual, 'b', 't', seededRandom(seed), quad.family)]);
    return { proof, joints: badJoints(quadPlan, proof) };
  };

  test('a broken one is Out, and called so before any joint: every end of the two it may be', () => {
    const at = terminals.findIndex(({ endId, strand }) => endId === 'B' && strand !== null);
    for (let seed = 1; seed <= 10; seed++) {
      const { proof, joints } = found([{ kind: 'open', terminal: at }], seed);
      expect(proof.verdict).toBe('Out');
      const cores = joints[0]!.filter(({ fault }) => fault.kind === 'open');
      expect(cores).toHaveLength(4);
      expect(cores.some(({ fault }) => fault.kind === 'open' && fault.terminal === at)).toBe(true);
      expect(joints[0]!.slice(0, 4)).toEqual(cores);
    }
  });

  test('far more on both than a core has is no broken core', () => {
    const both = terminals.flatMap(({ point, endId }, terminal): InjectedFault[] =>
      endId === 'A' && point === terminals[0]!.point
        ? [{ kind: 'high resistance', terminal, ohms: 0.5 }]
        : [],
    );
    expect(both).toHaveLength(2);
    const { joints } = found(both, 3);
    expect(joints[0]!.every(({ fault }) => fault.kind === 'high resistance')).toBe(true);
  });
});

test('next to nothing read at one end, less than strays even: broken at that end, and the tie is settled', () => {
  const subject = { lead, wiring: leadWiring(lead), lengths: plan.lengths };
  const [near, far] = ['A', 'B'].map((endId) => ({
    ...bare,
    farads: [{ from: `${endId}.centre`, to: `${endId}.outer`, farads: 0.3e-12 }],
  }));
  const terminal = subject.wiring.terminals.findIndex(({ endId }) => endId === 'A');
  const fault = { kind: 'open', terminal } as const;
  expect(placeFault(subject, fault, [near!])!.where).toBe('from end');
  expect(placeFault(subject, fault, [far!])!.where).toBe('to end');
});

describe('the length of a lighting lead', () => {
  const lights = signalPlan('lighting', 'lighting-2-pair', ['xlr-5-plug', 'xlr-5-socket']);
  const lightsPlan = proofPlanOf(lights, house);
  const [planned] = Object.values(lightsPlan.lengths);

  test('by reflection within what velocity is known to; by the capacitance of its pair roughly', () => {
    const read = (change: Partial<Readings>) =>
      checkOf(prove(lightsPlan, [{ ...bare, ...change }], { instruments: own('reflectometer') }), 'length');
    expect(read({}).leftOut).toBe(false);
    expect(read({ length: 1.03 * planned! }).verdict).toBe('Good');
    expect(read({ length: 0.6 * planned! }).verdict).toBe('Out');
    const check = lights.family.find(({ id }) => id === 'pair 1')!;
    const whole = 'max' in check ? (check.min + check.max) / 2 : 0;
    const rough = read({ family: { 'pair 1': whole } });
    expect(rough.judged!.reading).toBeCloseTo(planned!, 0);
    expect(read({ family: { 'pair 1': 0.1 * whole } }).verdict).toBe('Out');
  });
});
