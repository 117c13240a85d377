import { describe, expect, test } from '@jest/globals';
import { inReference } from '../line/network.ts';
import { sweepLoaded } from '../line/cascade.ts';
import { impulseResponse } from '../line/impulse-response.ts';
import { leadCascade } from '../line/lead-cascade.ts';
import { planLead } from '../plan/lead-plan.ts';
import { seededRandom } from '../quantity/random.ts';
import { exampleLead, house } from '../testing/example.ts';
import type { InjectedFault } from './injected-fault.ts';
import { prove } from './proof.ts';
import { proofPlanOf } from '../plan/proof-plan.ts';
import type { Readings } from '../reading/reading.ts';
import { reflectionFindings, reflectogramOf, traceReflectogramOf } from './reflection-findings.ts';
import { sweepCauses } from './sweep-cause.ts';
import { judgeSweep, sweepGridFor } from './sweep-judge.ts';
import { sweepLineOf } from './sweep-line.ts';
import { sweepVirtualLead } from './virtual-line.ts';

const { lead, card } = exampleLead({ length: 12 });
const plan = planLead(lead, [card], house);
const line = sweepLineOf(lead, plan.lengths)!;
const pieceId = lead.pieces[0]!.id;
const { frequencies } = lead.requirement;
const velocityFactor = 0.66;

function swept(faults: readonly InjectedFault[], seed = 1, to = 1e9, points = 801) {
  const virtual = { lead, lengths: plan.lengths, celsius: 20, faults };
  const grid = Float64Array.from({ length: points }, (_, n) => ((n + 1) * to) / points);
  return sweepVirtualLead(virtual, grid, seededRandom(seed));
}
const judged = (faults: readonly InjectedFault[], seed = 1) =>
  judgeSweep(line, frequencies, swept(faults, seed), house);
const causes = (faults: readonly InjectedFault[]) => {
  const { loss } = judged(faults);
  return sweepCauses(loss!.frequencies, loss!.measured, loss!.predicted, velocityFactor);
};

describe('a sweep against its prediction', () => {
  test('sound leads are Good over many seeds, with their length', () => {
    for (let seed = 1; seed <= 25; seed++) {
      const { loss, returnLoss, length } = judged([], seed);
      expect([seed, loss!.verdict, returnLoss.verdict, length!.judged.verdict]).toEqual([
        seed,
        'Good',
        'Good',
        'Good',
      ]);
      expect(Math.abs(length!.judged.reading! - line.length)).toBeLessThan(0.02 * line.length);
    }
  });

  test('a sweep in another reference is judged as in that of the lead', () => {
    const own = swept([]);
    const other = inReference(own, 75);
    expect(other.references).toEqual([75, 75]);
    expect(judgeSweep(line, frequencies, other, house).returnLoss.judged.reading).toBeCloseTo(
      judgeSweep(line, frequencies, own, house).returnLoss.judged.reading!,
      6,
    );
    const onePort = { ...own, ports: 1, references: [50], parameters: [own.parameters[0]!] };
    const back = inReference(inReference(onePort, 75), 50);
    expect(back.parameters[0]!.re[100]).toBeCloseTo(own.parameters[0]!.re[100]!, 12);
  });

  test('from one port, an open far end says nothing of the match; a load does', () => {
    const fromOne = (faults: readonly InjectedFault[]) => {
      const both = swept(faults);
      const one = { ...both, ports: 1, references: [50], parameters: [both.parameters[0]!] };
      return judgeSweep(line, frequencies, one, house);
    };
    const open = fromOne([{ kind: 'open', terminal: 2 }]);
    expect(open).toMatchObject({ unloaded: true, loss: undefined });
    expect(open.returnLoss.judged).toMatchObject({ verdict: 'Not yet', reason: 'not measured' });
    expect(fromOne([])).toMatchObject({ unloaded: false, returnLoss: { verdict: 'Good' } });
  });

  test('the worst point is named, inside the band, and its margin is what the curves say', () => {
    const { loss, band } = judged([]);
    const { worst, frequencies: at, limit, measured, margin } = loss!;
    expect(at[worst]).toBeGreaterThanOrEqual(band[0]);
    expect(at[worst]).toBeLessThanOrEqual(band[1]);
    expect(margin[worst]).toBeCloseTo(limit[worst]! - measured[worst]!, 12);
    for (let n = 0; n < at.length; n++)
      if (at[n]! >= band[0] && at[n]! <= band[1]) expect(margin[n]).toBeGreaterThanOrEqual(margin[worst]!);
  });

  test('a sweep that does not reach the band decides nothing', () => {
    const { loss } = judgeSweep(line, frequencies, swept([], 1, 100e6, 201), house);
    expect(loss!.verdict).toBe('Not yet');
    expect(loss!.worst).toBe(-1);
  });

  test('a reading at one frequency is judged as a sweep is there', () => {
    const [hertz] = frequencies;
    const take: Readings = {
      by: 'Bench one',
      instrument: 'by hand',
      celsius: 20,
      pairs: [],
      spots: [{ hertz: hertz!, loss: 1.8, returnLoss: 12 }],
    };
    const { checks, level } = prove(proofPlanOf(plan, house), [take]);
    const check = (id: string) => checks.find((each) => each.id === id)!;
    const { loss } = judged([]);
    const at = loss!.frequencies.findIndex((frequency) => frequency >= hertz!);
    expect(check(`loss at ${hertz}`).judged!.limit).toBeCloseTo(loss!.limit[at]!, 1);
    expect(check(`match at ${hertz}`).verdict).toBe('Out');
    expect(level).toBe('by meter and load');
    expect(check('length').judged!.reason).toBe('not measured');
  });

  test('another length is Out; a grid too coarse for the length says nothing of it', () => {
    const longer = judgeSweep({ ...line, length: 0.8 * line.length }, frequencies, swept([]), house);
    expect(longer.length!.judged.verdict).toBe('Out');
    expect(judgeSweep(line, frequencies, swept([], 1, 1e9, 60), house).length).toBeUndefined();
  });

  test('its grid reaches past the band and is fine enough for the length', () => {
    const grid = sweepGridFor(line, frequencies);
    expect(grid.at(-1)).toBeGreaterThanOrEqual(2 * Math.max(...frequencies));
    expect(grid[1]! - grid[0]!).toBeLessThan(3e8 / (8 * line.length));
  });

  test('a house may ask for more, never for less', () => {
    const strict = { limits: { ...house.limits, lossTolerance: 0 } };
    const usual = judged([]).loss!;
    const tight = judgeSweep(line, frequencies, swept([]), strict).loss!;
    expect(tight.limit[tight.worst]!).toBeLessThan(usual.limit[usual.worst]!);
  });

  test('in the proof each sweep is a method of its own, and a missing file decides nothing', () => {
    const take: Readings = {
      by: 'Bench one',
      instrument: 'analyser',
      celsius: 20,
      pairs: [],
      sweep: { name: 'a.s2p', hash: 'a' },
    };
    const proofOf = (sweeps: ReadonlyMap<string, ReturnType<typeof swept>>) =>
      prove(
        proofPlanOf(plan, house),
        [take, { ...take, instrument: 'another', sweep: { name: 'b.s2p', hash: 'b' } }],
        {
          sweeps,
        },
      ).checks.find(({ id }) => id === 'loss')!;
    const both = proofOf(
      new Map([
        ['a', swept([])],
        ['b', swept([], 2)],
      ]),
    );
    expect(both.methods.map(({ instrument }) => instrument)).toEqual(['analyser', 'another']);
    expect(both.verdict).toBe('Good');
    expect(proofOf(new Map()).verdict).toBe('Not yet');
    const water: InjectedFault = { kind: 'water', pieceId, at: 0.5, length: 8 };
    const disputed = proofOf(
      new Map([
        ['a', swept([])],
        ['b', swept([water])],
      ]),
    );
    expect(disputed.judged!.reason).toBe('methods disagree');
  });
});

describe('likely causes by shape', () => {
  test('a sound lead has none that is likely', () =>
    expect(causes([]).filter(({ sure }) => sure === 'likely')).toEqual([]));

  test('a resistance in a joint is constant', () =>
    expect(causes([{ kind: 'high resistance', terminal: 0, ohms: 15 }])[0]).toMatchObject({
      code: 'series resistance',
      sure: 'likely',
    }));

  test('water grows with frequency', () =>
    expect(causes([{ kind: 'water', pieceId, at: 0.5, length: 8 }])[0]).toMatchObject({
      code: 'dielectric loss',
      sure: 'likely',
    }));

  test('a thinner cable grows with the square root of frequency', () =>
    expect(causes([{ kind: 'wrong cable', pieceId, cableId: 'rg-174' }])[0]).toMatchObject({
      code: 'conductor loss',
    }));

  test('two crushes make a ripple whose period is their distance', () => {
    const crush = (at: number): InjectedFault => ({ kind: 'crush', pieceId, at, length: 0.06 });
    const ripple = causes([crush(0.25), crush(0.75)]).find(({ code }) => code === 'ripple');
    expect(ripple).toBeDefined();
    expect(ripple!.at! / (0.5 * line.length)).toBeCloseTo(1, 1);
  });
});

describe('what reflects, and where', () => {
  const findings = (faults: readonly InjectedFault[]) =>
    reflectionFindings(line, reflectogramOf(line, swept(faults, 1, 3e9, 1601)), 'on a port');
  const at = (part: number) => part * line.length;

  test('a sound lead shows nothing in its cable', () =>
    expect(findings([]).filter(({ expected }) => !expected)).toEqual([]));

  test('a trace sees the open end behind a sound lead, which is usual only on no port', () => {
    // More samples than are needed, and far beyond the lead: neither may cost anything.
    const count = 60_000;
    const [step, highest] = [1 / (count * 0.01e-9), 3e9];
    const frequencies = Float64Array.from({ length: Math.round(highest / step) + 1 }, (_, n) =>
      Math.max(1, n * step),
    );
    const open = sweepLoaded(leadCascade(line), frequencies, 50, { re: Infinity, im: 0 });
    const { impulse, timeStep } = impulseResponse({ re: open.s11Re, im: open.s11Im }, 0, step);
    let sum = 0;
    const back = impulse.map((value) => (sum += value));
    const times = Array.from(impulse, (_, n) => n * timeStep);
    const trace = traceReflectogramOf(line, {
      emf: 1,
      sourceResistance: 50,
      riseTime: 0.3e-9,
      times,
      volts: back.map((value) => (1 + value) / 2),
    });
    expect(trace.local.length).toBeLessThanOrEqual(4000);
    const [last] = reflectionFindings(line, trace, 'as it is').slice(-1);
    expect(last).toMatchObject({ place: 'far end', expected: true, event: { kind: 'open' } });
    expect(reflectionFindings(line, trace, 'on a port').at(-1)!.expected).toBe(false);
  });

  test.each<[string, InjectedFault, string]>([
    ['open', { kind: 'cable open', pieceId, conductor: 'centre', at: 0.4 }, 'open'],
    ['short', { kind: 'cable short', pieceId, conductors: ['centre', 'shield'], at: 0.4 }, 'short'],
    ['crush', { kind: 'crush', pieceId, at: 0.4, length: 0.1 }, 'crush'],
    ['water', { kind: 'water', pieceId, at: 0.5, length: 0.2 * 12 }, 'water'],
  ])('%s in the cable, found and placed', (_name, fault, kind) => {
    const [first] = findings([fault]).filter(({ expected }) => !expected);
    expect(first!.causes[0]!.kind).toBe(kind);
    expect(first!.place).toBe('cable');
    expect(Math.abs(first!.distance - at(0.4))).toBeLessThanOrEqual(first!.uncertainty + 0.05);
  });

  test('another cable from one end to the other', () => {
    const [first] = findings([{ kind: 'wrong cable', pieceId, cableId: 'rg-59' }]);
    expect(first).toMatchObject({ place: 'near end', causes: [{ kind: 'wrong cable', sure: 'likely' }] });
  });

  test('a bad joint at the near end, an open at the far one', () => {
    const joint = findings([{ kind: 'high resistance', terminal: 0, ohms: 20 }]);
    expect(joint[0]).toMatchObject({ place: 'near end', causes: [{ kind: 'bad joint', sure: 'likely' }] });
    const open = findings([{ kind: 'open', terminal: 2 }]).find(({ event }) => event.kind === 'open');
    expect(open!.place).toBe('far end');
  });
});
