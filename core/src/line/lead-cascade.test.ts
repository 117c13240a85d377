import { describe, expect, test } from '@jest/globals';
import { coaxById } from '../cable/catalogue/catalogue.ts';
import { coaxConnectorById, coaxConnectors } from '../connector/catalogue/catalogue.ts';
import { planLead } from '../plan/lead-plan.ts';
import { designStates } from '../plan/design-states.ts';
import { exampleLead, house } from '../testing/example.ts';
import { sweepCascade, sweepLoaded } from './cascade.ts';
import { chainNetwork, reversedCascade } from './chain-network.ts';
import { connectorSeriesById } from '../connector/series.ts';
import { leadCascade } from './lead-cascade.ts';
import { matchAt } from './lead-match.ts';
import type { TwoPortData } from './two-port-data.ts';

const tnc = coaxConnectorById('tnc-plug-50-crimp-5');
const lead = {
  cable: coaxById('rg-223'),
  length: 3.36,
  near: tnc,
  far: coaxConnectorById('bnc-plug-50-crimp-5'),
};

describe('a lead as a cascade', () => {
  test.each([
    [50, 0],
    [150, 0],
    [30, -45],
  ])('agrees with the figures of Choose for a load of %d %d ohm', (re, im) => {
    const frequencies = Float64Array.of(30e6, 162e6, 457.5e6, 1e9);
    const sweep = sweepLoaded(leadCascade(lead), frequencies, 50, { re, im });
    frequencies.forEach((frequency, n) => {
      const match = matchAt(
        {
          ...lead,
          systemImpedance: 50,
          load: { re, im },
          inputPower: { value: 1, assumed: true },
          celsius: 20,
        },
        frequency,
      );
      expect(sweep.totalLossDb[n]).toBeCloseTo(match.totalLossDb, 9);
      const back = Math.hypot(sweep.s11Re[n]!, sweep.s11Im[n]!);
      expect((1 + back) / (1 - back)).toBeCloseTo(match.swrInput, 9);
    });
  });

  test('every connector of the catalogue has a series that a chain knows', () => {
    for (const { series } of coaxConnectors) expect(connectorSeriesById(series.id)).toBe(series);
    expect(() => connectorSeriesById('bayonet')).toThrow(/no series "bayonet"/);
  });

  test('more power than it stands is a warning at Choose', () => {
    const { lead: design, card } = exampleLead();
    const asked = (value: number) =>
      designStates(
        planLead(
          { ...design, requirement: { ...design.requirement, inputPower: { value, assumed: false } } },
          [card],
          house,
        ),
      ).Choose;
    expect(asked(10)).toBe('open');
    expect(asked(5000)).toBe('warning');
  });
});

describe('written out', () => {
  const fixed = (re: number) => ({ re: Float64Array.of(re, re), im: Float64Array.of(0, 0) });
  /** An amplifier: passes one way. */
  const amplifier: TwoPortData = {
    name: 'amplifier',
    reference: 50,
    frequencies: Float64Array.of(1e6, 1e9),
    parameters: [fixed(0.1), fixed(3), fixed(0.01), fixed(0.2)],
  };
  const grid = Float64Array.of(10e6, 20e6);

  test('both directions are computed, not supposed', () => {
    const { parameters } = chainNetwork([{ kind: 'two-port', data: amplifier }], grid, 50);
    expect(parameters.map(({ re }) => Number(re[0]!.toFixed(9)))).toEqual([0.1, 0.01, 3, 0.2]);
  });

  test('reversing twice changes nothing', () => {
    const row = [...leadCascade(lead), { kind: 'two-port', data: amplifier } as const];
    const twice = sweepCascade(reversedCascade(reversedCascade(row)), grid, 50);
    expect(twice).toEqual(sweepCascade(row, grid, 50));
  });
});
