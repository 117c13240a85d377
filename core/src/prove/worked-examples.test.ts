import { describe, expect, test } from '@jest/globals';
import { isOverdue } from '../reading/overdue.ts';
import { exampleLead, house } from '../testing/example.ts';
import { signalPlan } from '../testing/signal-lead.ts';
import { derivedLimits } from './derived-checks.ts';
import { insulationWanted } from './checks.ts';
import { expectedPaths, limitAt } from './resistance.ts';
import { familyChecks } from './family-checks.ts';
import { lineFigures } from '../cable/line-figures.ts';
import { leadCable } from '../lead/lead-cable.ts';
import { planLead } from '../plan/lead-plan.ts';
import { proofPlanOf } from '../plan/proof-plan.ts';
import { withChoke } from '../testing/example.ts';
import { promisedRejection } from '../fit/choke-rejection.ts';
import type { ProvedUnit } from './spread.ts';
import { spreads } from './spread.ts';
import { prove } from './proof.ts';
import { leastOfAssembly } from '../line/connector-line.ts';
import { lengthLimits, spotLimits } from './sweep-judge.ts';
import { sweepLineOf } from './sweep-line.ts';

const { lead, card } = exampleLead({ length: 10 });
const tenMetres = new Map(lead.pieces.map(({ id }) => [id, 10]));
const paths = expectedPaths(lead, tenMetres, house);
const path = (contact: string) => paths.find(({ from }) => from.endsWith(contact))!;

describe('limits of a TNC lead of ten metres, worked by hand', () => {
  test('the centre: silvered copper of 0.89 mm, and two contacts of 1.5 mohm', () => {
    // 1.7241e-8 / (pi 0.445e-3 ^ 2) = 27.7 mohm a metre; silver on it changes less than 1 %.
    const { cable, expected, limit } = path('centre');
    expect(Math.abs(cable / 0.277 - 1)).toBeLessThan(0.01);
    expect(expected - cable).toBeCloseTo(3e-3, 9);
    // Drawn copper: 2 %.
    expect(limit.value).toBeCloseTo(1.02 * cable + 3e-3, 9);
  });

  test('the shield is allowed 1 mohm at each contact, not what the centre is', () => {
    const { cable, expected } = path('outer');
    expect(expected - cable).toBeCloseTo(2e-3, 9);
  });

  test('ten kelvin more: copper 3.93 % more, contacts as they were', () => {
    const { cable, limit, celsius } = path('centre');
    expect(celsius).toBe(20);
    expect(limitAt(path('centre'), 30).value).toBeCloseTo(1.02 * cable * 1.0393 + 3e-3, 9);
    expect(limitAt(path('centre'), 20)).toBe(limit);
  });
});

describe('insulation', () => {
  test('is tested at the lower rating of both ends and must reach the higher demand', () => {
    // SMA stands 480 V: 250 V test. N stands 1400 V: 500 V. Both ask 1 gigohm.
    const { lead: small } = exampleLead({ connectorId: 'sma-plug-50-crimp-5' });
    const { lead: large } = exampleLead({ cableId: 'rg-213', connectorId: 'n-plug-clamp-10' });
    const both = { ...large, ends: [small.ends[0]!, large.ends[1]!] };
    expect(insulationWanted(large, house)).toEqual({ volts: 500, ohms: 1e9 });
    expect(insulationWanted(both, house).volts).toBe(250);
  });

  test('a house asks for more, never for less', () => {
    const asks = (insulation: number) =>
      insulationWanted(lead, { ...house, limits: { ...house.limits, insulation } }).ohms;
    expect(asks(5e9)).toBe(5e9);
    expect(asks(1e6)).toBe(1e9);
  });
});

test('balanced cores agree within 1 % of one of them, plus what their contacts are allowed', () => {
  const plan = signalPlan('balanced', 'mic-pair', ['xlr-3-socket', 'xlr-3-plug']);
  const lengths = new Map(plan.lead.pieces.map(({ id }) => [id, 10]));
  const cores = expectedPaths(plan.lead, lengths, house);
  const [balance] = derivedLimits(plan.lead, cores, house);
  const [hot, cold] = balance!.paths.map((id) => cores.find((core) => core.id === id)!);
  const contacts = hot!.expected - hot!.cable + cold!.expected - cold!.cable;
  expect(balance!.limit).toBeCloseTo(0.01 * ((hot!.expected + cold!.expected) / 2) + contacts, 9);
});

test('a calibration holds on the day it is due, and no longer', () => {
  const device = { due: '2026-11-29' } as Parameters<typeof isOverdue>[0];
  expect(isOverdue(device, '2026-11-29T23:59:00.000Z')).toBe(false);
  expect(isOverdue(device, '2026-11-30')).toBe(true);
});

describe('what a family is proved by, worked by hand', () => {
  const checkOf = (id: string) => familyChecks(lead, tenMetres, house).find((each) => each.id === id)!;

  test('a 50 ohm load within 3 %, and the loop of conductors and contacts at most', () => {
    const load = checkOf('load');
    const loop = path('centre').limit.value + path('outer').limit.value;
    expect(load.min).toBeCloseTo(48.5, 9);
    expect('max' in load && load.max).toBeCloseTo(51.5 + loop, 6);
  });

  test('ten metres of coax within a tenth, and 8 pF of connectors', () => {
    const whole = 10 * lineFigures(leadCable(lead, lead.pieces[0]!.cableId)).capacitance;
    const check = checkOf('capacitance');
    // Strays of two connectors are 2 pF each.
    expect(check.min * 1e12).toBeCloseTo((0.9 * (whole + 4e-12) - 4e-12) * 1e12, 1);
    expect('max' in check && check.max * 1e12).toBeCloseTo((1.1 * (whole + 4e-12) + 8e-12) * 1e12, 1);
  });

  test('a terminator of 120 ohm within 5 %', () => {
    const lights = signalPlan('lighting', 'lighting-2-pair', ['xlr-5-plug', 'xlr-5-socket']);
    const [terminator] = lights.family;
    expect(terminator!.min).toBeCloseTo(114, 9);
    expect('max' in terminator! && terminator.max).toBeGreaterThan(126);
    expect('max' in terminator! && terminator.max).toBeLessThan(128);
  });

  test('a choke may reject 3 dB less than its class promises', () => {
    const choked = withChoke(lead);
    const [choke] = choked.extraParts.flatMap((part) => (part.kind === 'choke' ? [part] : []));
    const check = familyChecks(choked, tenMetres, house).find(({ id }) => id.startsWith('rejection'))!;
    expect(check.min).toBeCloseTo(promisedRejection(choked, choke!)!.db - 3, 9);
  });
});

describe('limits of a sweep, worked by hand', () => {
  const line = { ...sweepLineOf(lead, tenMetres)! };
  const hertz = 162e6;
  const limits = spotLimits(line, hertz, house);

  test('loss: the prediction, a tenth of the cable, and 0.05 dB for each connector', () => {
    const { fit } = lineFigures(line.cable);
    const cable = ((fit.k1 * Math.sqrt(hertz) + fit.k2 * hertz) * 10) / 100;
    expect(limits.loss).toBeCloseTo(limits.predictedLoss + 0.1 * cable + 0.1, 9);
  });

  test('match: tolerances of cable and connectors less 3 dB, or the class of its connectors where that is tighter', () => {
    // Nominal 50 ohm, 2 ohm off: 2 x 2 / (100 + 2) from both faces; two connectors of 0.02 a gigahertz at 162 MHz.
    const off = Math.abs(lineFigures(line.cable).impedance - 50) + 2;
    const sum = (2 * off) / (100 + off) + 2 * 0.02 * 0.162;
    const model = -20 * Math.log10(sum) - 3;
    const byClass = leastOfAssembly([line.near.series, line.far.series], hertz, limits.predictedReturnLoss)!;
    expect(limits.returnLoss).toBeCloseTo(Math.max(model, byClass), 9);
  });

  test('length by delay: twice 2 % of velocity, and 5 mm at each plane', () =>
    expect(lengthLimits(line).map((length) => Math.round(length * 1e6) / 1e6)).toEqual([9.59, 10.41]));
});

test('a wiggle of twenty reads says something, one of nineteen nothing', () => {
  const plan = planLead(lead, [card], house);
  const proofPlan = proofPlanOf(plan, house);
  const wiggled = (reads: number) => {
    const drops = Object.fromEntries(proofPlan.limits.map(({ id }) => [id, 0]));
    const take = { by: 'b', instrument: 't', celsius: 20, pairs: [], wiggle: { seconds: 8, reads, drops } };
    return prove(proofPlan, [take]).checks.find(({ id }) => id === 'wiggle')!.verdict;
  };
  expect([wiggled(19), wiggled(20)]).toEqual(['Not yet', 'Good']);
});

test('an outlier is further than 3.5 times the scatter of its likes: 1.4826 times the middle distance', () => {
  const units = (last: number): ProvedUnit[] =>
    [1, 2, 3, 4, 5, last].map((reading, n) => ({
      unitId: `u${n}`,
      serial: `S${n}`,
      verdict: 'Good',
      checks: [
        {
          id: 'capacitance',
          label: 'C',
          verdict: 'Good',
          leftOut: false,
          detail: '',
          quantity: 'capacitance',
          bound: 'between',
          reading,
          uncertainty: 0.1,
          methods: [],
        },
      ],
    }));
  const isOutlier = (last: number) => spreads(units(last))[0]!.readings.at(-1)!.outlier;
  // Middle 3.5; distances 2.5, 1.5, 0.5, 0.5, 1.5 and the last: their middle is 1.5. 3.5 x 1.4826 x 1.5 = 7.784.
  expect([isOutlier(3.5 + 7.7), isOutlier(3.5 + 7.9)]).toEqual([false, true]);
});
