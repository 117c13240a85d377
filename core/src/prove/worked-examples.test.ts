import { describe, expect, test } from '@jest/globals';
import { isOverdue } from '../reading/reading.ts';
import { exampleLead, house } from '../testing/example.ts';
import { signalPlan } from '../testing/signal-lead.ts';
import { derivedLimits } from './derived-checks.ts';
import { insulationWanted } from './checks.ts';
import { expectedPaths, limitAt } from './resistance.ts';

const { lead } = exampleLead({ length: 10 });
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
