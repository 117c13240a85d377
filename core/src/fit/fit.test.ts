import type { MeasuredFit } from './clearance.ts';
import { describe, expect, test } from '@jest/globals';
import { coaxById } from '../cable/catalogue/catalogue.ts';
import { coaxConnectorById, connectors } from '../connector/catalogue/catalogue.ts';
import { gaugeCardProblems, nominalGaugeCard } from '../connector/gauge-card.ts';
import { exampleEnd, house, measuredCard, now } from '../testing/example.ts';
import { judgeClearance } from './clearance.ts';
import { judgeDie } from './die.ts';
import { frequencyChecks } from './frequency-limit.ts';
import { chooseShrink } from './heat-shrink.ts';
import { jointImpedances, swrRangeOfPiece } from './impedance.ts';
import { methodOf } from '../method/methods.ts';

const fitOf = (cableId: string, connectorId: string, measured = {}) => {
  const end = exampleEnd(cableId, connectorId, { measured });
  return methodOf(end.connector.method).fit(end);
};
const measuredOf = (...of: Parameters<typeof fitOf>) =>
  fitOf(...of).filter((check): check is MeasuredFit => check.kind === 'measured');
const failing = (cableId: string, connectorId: string) =>
  fitOf(cableId, connectorId)
    .filter(({ verdict }) => verdict === 'does not fit')
    .map(({ id }) => id);

describe('pin and ferrule', () => {
  test.each([
    ['rg-223', 'tnc-plug-50-crimp-5'],
    ['rg-58', 'bnc-plug-50-crimp-5'],
    ['rg-59', 'bnc-plug-75-crimp-6'],
    ['rg-316', 'tnc-plug-50-crimp-2.5'],
  ])('%s fits %s throughout', (cable, connector) => expect(failing(cable, connector)).toEqual([]));

  test('a thick cable does not enter, and a thin one is not gripped', () => {
    expect(failing('rg-59', 'tnc-plug-50-crimp-5')).toContain('entry');
    expect(failing('rg-59', 'tnc-plug-50-crimp-5')).toContain('dielectric');
    const thin = measuredOf('rg-316', 'tnc-plug-50-crimp-5').find(({ id }) => id === 'conductor')!;
    expect(thin.verdict).toBe('does not fit');
    expect(thin.margin).toBeGreaterThan(0);
    expect(thin.consequence).toMatch(/thicker conductor/);
  });

  test('what the caliper says decides, with both dimensions and the margin', () => {
    const check = measuredOf('rg-223', 'tnc-plug-50-crimp-5', { pinBore: 0.9e-3 }).find(
      ({ id }) => id === 'conductor',
    )!;
    expect(check.verdict).toBe('tight');
    expect(check.hole).toMatchObject({ value: 0.9e-3, assumed: false });
    expect(check.shaft.value).toBeCloseTo(0.89e-3, 9);
    expect(check.margin).toBeCloseTo(0.01e-3, 9);
  });

  test('the right die is within a tenth; otherwise the nearest is named with what it does', () => {
    expect(judgeDie('d', 'die', 5.41e-3, [5.5e-3]).verdict).toBe('fits');
    expect(judgeDie('d', 'die', 5.41e-3, [5.6e-3]).consequence).toMatch(/larger die leaves the crimp loose/);
    expect(judgeDie('d', 'die', 5.41e-3, [5.2e-3]).consequence).toMatch(/cuts into/);
    expect(judgeDie('d', 'die', 5.41e-3, []).consequence).toMatch(/add them in Stores/);
  });

  test('the edge between fits, tight and not is where it is said to be', () => {
    const rule = {
      id: 'x',
      label: 'x',
      free: 0.1e-3,
      loose: 1e-3,
      tooTight: 'tight',
      tight: 'push',
      tooLoose: 'loose',
    };
    const verdict = (hole: number) =>
      judgeClearance({
        ...rule,
        hole: { label: 'h', value: hole, kind: 'length' },
        shaft: { label: 's', value: 5e-3, kind: 'length' },
      }).verdict;
    expect([4.99e-3, 5e-3, 5.09e-3, 5.1e-3, 6e-3, 6.01e-3, NaN].map(verdict)).toEqual([
      'does not fit',
      'tight',
      'tight',
      'fits',
      'fits',
      'does not fit',
      'does not fit',
    ]);
  });
});

test('50 against 75 ohm: 1.5 at the joint, 1 to 2.25 for a piece in between', () => {
  const joints = jointImpedances(
    [
      { label: 'system', impedance: 50 },
      { label: 'cable', impedance: 75 },
      { label: 'load', impedance: 75 },
    ],
    1e9,
  );
  expect(joints.map(({ swr, verdict }) => [swr, verdict])).toEqual([
    [1.5, 'mismatch'],
    [1, 'match'],
  ]);
  expect(swrRangeOfPiece(75, 50)).toEqual({ min: 1, max: 2.25 });
});

test('the highest working frequency is held against connector and cable', () => {
  const bnc = coaxConnectorById('bnc-plug-50-crimp-5');
  const checks = frequencyChecks(coaxById('rg-58'), [bnc, bnc], [1e9, 6e9]);
  expect(checks.map(({ label, limit, verdict }) => [label, limit, verdict])).toEqual([
    [bnc.name, 4e9, 'does not fit'],
    ['RG-58 class, rated', 3e9, 'does not fit'],
  ]);
  expect(frequencyChecks(coaxById('rg-402'), [], [18e9])[0]).toMatchObject({ limit: 20e9, verdict: 'fits' });
  // Nobody rates it, or higher than its first mode: 2 c / (pi (D + d) sqrt er).
  const unrated = { ...coaxById('rg-213'), ratedFrequency: null };
  const [mode] = frequencyChecks(unrated, [], [1e9]);
  expect(mode!.label).toBe('RG-213 class, first higher mode');
  expect(mode!.limit / 1e9).toBeCloseTo(13.1, 1);
  expect(frequencyChecks({ ...unrated, ratedFrequency: 40e9 }, [], [1e9])[0]!.limit).toBe(mode!.limit);
});

describe('heat shrink', () => {
  test('the smallest tube that passes and grips', () => {
    const choice = chooseShrink(house.shrink, {
      largest: 6.25e-3,
      smallest: 5.38e-3,
      covered: 18e-3,
      adhesive: false,
    })!;
    expect(choice.shrink.name).toBe('shrink 9.5 mm');
    expect(choice.cutLength.value).toBeCloseTo(20e-3, 9);
  });
  test('none, when nothing both passes and grips', () => {
    expect(
      chooseShrink(house.shrink, { largest: 14e-3, smallest: 3e-3, covered: 0.02, adhesive: false }),
    ).toBeUndefined();
  });
});

describe('gauge cards', () => {
  test('nominal cards of the catalogue contradict nothing', () => {
    for (const connector of connectors)
      expect(
        gaugeCardProblems(nominalGaugeCard(connector, 'card', 'bag', now), methodOf(connector.method).rules),
      ).toEqual([]);
  });
  test('a card that cannot be is said at its field', () => {
    const connector = coaxConnectorById('tnc-plug-50-crimp-5');
    const card = nominalGaugeCard(connector, 'card', 'bag', now);
    const { rules } = methodOf(connector.method);
    expect(
      gaugeCardProblems(measuredCard(card, { stopDepth: 6e-3 }), rules).map(({ feature }) => feature),
    ).toEqual(['stopDepth']);
    expect(gaugeCardProblems(measuredCard(card, { stemLength: NaN }), rules)[0]!.feature).toBe('stemLength');
    expect(gaugeCardProblems(measuredCard(card, { inspectionHoleFar: 5e-3 }), rules)[0]!.message).toMatch(
      /the hole lies within the bore/,
    );
  });
});
