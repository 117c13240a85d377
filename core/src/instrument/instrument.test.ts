import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { planLead } from '../plan/lead-plan.ts';
import { leadWiring } from '../wiring/lead-wiring.ts';
import { prove } from '../prove/proof.ts';
import { proofPlanOf } from '../plan/proof-plan.ts';
import type { Device } from '../reading/reading.ts';
import { exampleLead, house } from '../testing/example.ts';
import { signalPlan } from '../testing/signal-lead.ts';
import { fromBrowserSchema } from './messages.ts';
import { fromBase64, toBase64 } from './number-block.ts';
import { readingPlan, wiggleReading } from './reading-plan.ts';
import { networkOfSweep, takeOfMatrix, takeOfWiggle, traceOfAnswer } from './take-of.ts';

const { lead, card } = exampleLead();
const plan = planLead(lead, [card], house);
const wiring = leadWiring(lead);
const device: Device = {
  name: 'Tester',
  kind: 'continuity tester',
  serial: '7',
  calibrated: null,
  due: null,
  correction: null,
  simulated: false,
  uncertainty: {},
};
const taken = { by: 'Bench one', celsius: 21, device };

describe('what is read of a unit', () => {
  test('coax: paths, capacitance and insulation with nothing on it, then the load, then two ports', () => {
    const read = readingPlan(proofPlanOf(plan, house), wiring);
    expect(read.map(({ request }) => request.kind)).toEqual([
      'matrix',
      'farads',
      'insulation',
      'ohms',
      'sweep',
    ]);
    expect(read[0]!.request).toEqual({ kind: 'matrix', points: 4 });
    expect(read[1]!.request).toEqual({ kind: 'farads', pair: [1, 2] });
    expect(read[3]!.request).toEqual({ kind: 'ohms', pair: [1, 2], farEnd: 50 });
    expect(read[2]!.before).toMatch(/discharge after/);
    expect(read[4]!.before).toMatch(/no transmitter/);
  });

  test('what must be put on or taken off changes as seldom as may be', () => {
    const lights = signalPlan('lighting', 'lighting-2-pair', ['xlr-5-plug', 'xlr-5-socket']);
    const read = readingPlan(proofPlanOf(lights, house), leadWiring(lights.lead));
    expect(read.map(({ request }) => request.kind)).toEqual([
      'matrix',
      'farads',
      'farads',
      'insulation',
      'ohms',
      'ohms',
    ]);
    expect(read.some(({ request }) => request.kind === 'sweep')).toBe(false);
    expect(read[4]!.before).toMatch(/^120 ohm across the far end/);
  });
});

describe('what an answer makes of a unit', () => {
  test('a matrix becomes pairs in the order of the points; one of another size is refused', () => {
    const take = takeOfMatrix(wiring, { kind: 'matrix', ohms: [null, 0.1, null, null, 0.02, null] }, taken);
    expect(take.pairs.filter(({ connected }) => connected).map(({ from, to }) => `${from} ${to}`)).toEqual([
      'A.centre B.centre',
      'A.outer B.outer',
    ]);
    expect(take).toMatchObject({ instrument: 'Tester', celsius: 21, device });
    expect(() => takeOfMatrix(wiring, { kind: 'matrix', ohms: [1] }, taken)).toThrow(/1 figures; expected 6/);
  });

  test('drop-outs stand with their path', () => {
    const { wiggle } = takeOfWiggle(
      plan.paths,
      { kind: 'wiggle', seconds: 8, reads: 90, drops: [3, 0] },
      taken,
    );
    expect(Object.values(wiggle!.drops)).toEqual([3, 0]);
    expect(Object.keys(wiggle!.drops)[0]).toBe(plan.paths[0]!.id);
  });

  test('a path that was not moved is not said to hold', () => {
    const wiggled = (drops: number[]) =>
      prove(proofPlanOf(plan, house), [
        takeOfWiggle(plan.paths, { kind: 'wiggle', seconds: 8, reads: 90, drops }, taken),
      ]).checks.find(({ id }) => id === 'wiggle')!;
    expect(wiggled([0, 0])).toMatchObject({ verdict: 'Good' });
    expect(wiggled([0])).toMatchObject({ verdict: 'Not yet', detail: 'only 1 of 2 paths were read' });
    expect(wiggled([2])).toMatchObject({ verdict: 'Out' });
  });

  test('a lead of more points than the tester has is neither read nor moved by it', () => {
    const many = { ...wiring, points: Array.from({ length: 130 }, () => wiring.points[0]!) };
    expect(wiggleReading(proofPlanOf(plan, house), many)).toBeUndefined();
    const planned = readingPlan(proofPlanOf(plan, house), many).map(({ request }) => request.kind);
    expect(planned).not.toContain('matrix');
    expect(wiggleReading(proofPlanOf(plan, house), wiring)!.request).toMatchObject({
      pairs: [
        [1, 3],
        [2, 4],
      ],
    });
  });

  test('a sweep becomes a network row by row, and a short series is refused', () => {
    const series = (value: number) => toBase64(Float64Array.of(value, 0, value, 0));
    const sweep = { kind: 'sweep' as const, from: 1e6, to: 2e6, points: 2, reference: 50 };
    const network = networkOfSweep({ ...sweep, parameters: [1, 2, 3, 4].map(series) });
    expect(network.parameters.map(({ re }) => re[0])).toEqual([1, 3, 2, 4]);
    expect([...network.frequencies]).toEqual([1e6, 2e6]);
    const short = [series(1), series(2), toBase64(Float64Array.of(1)), series(4)];
    expect(() => networkOfSweep({ ...sweep, parameters: short })).toThrow(/expected 2/);
  });

  test('a trace keeps its times and what step was sent', () => {
    const trace = traceOfAnswer({
      kind: 'trace',
      span: 1e-8,
      points: 3,
      emf: 1,
      sourceResistance: 50,
      riseTime: 1e-10,
      volts: toBase64(Float64Array.of(0, 0.5, 1)),
    });
    expect(Array.from(trace.times)).toEqual([0, 5e-9, 1e-8]);
    expect(Array.from(trace.volts)).toEqual([0, 0.5, 1]);
  });

  test('whatever numbers are sent, they come back; half a number is refused', () => {
    fc.assert(
      fc.property(fc.float64Array({ maxLength: 3000 }), (values) => {
        expect(fromBase64(toBase64(values))).toEqual(values);
      }),
      { numRuns: 30 },
    );
    expect(() => fromBase64(btoa('1234'))).toThrow(/whole numbers/);
  });
});

describe('what a browser may say', () => {
  test.each([
    [{ say: 'read', job: 'a', instrument: 'b', request: { kind: 'matrix', points: 1 } }],
    [{ say: 'read', job: 'a', instrument: 'b', request: { kind: 'wiggle', pairs: [[1, 2]], seconds: 1e6 } }],
    [{ say: 'read', job: 'a', instrument: 'b', request: { kind: 'insulation', volts: 5000 } }],
    [{ say: 'read', job: '', instrument: 'b', request: { kind: 'matrix', points: 4 } }],
    [
      {
        say: 'read',
        job: 'a',
        instrument: 'b',
        request: { kind: 'rejection', chokeId: 'x"\n*RST', frequency: 1e6 },
      },
    ],
    [{ say: 'dial', host: '10.0.0.1' }],
  ])('%j is refused', (message) => expect(fromBrowserSchema.safeParse(message).success).toBe(false));
});
