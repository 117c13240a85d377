import { describe, expect, test } from '@jest/globals';
import { planLead } from '../plan/lead-plan.ts';
import { exampleLead, house } from '../testing/example.ts';
import { formatPhaseMatch, parsePhaseMatch } from './phase-match.ts';

describe('a set that agrees in phase', () => {
  test.each([
    ['5° at 1.575 GHz', 5, 1.575e9],
    ['2.5 deg @ 100M', 2.5, 100e6],
    ['10 at 30 MHz', 10, 30e6],
  ])('reads "%s"', (text, degrees, frequency) => {
    const match = parsePhaseMatch(text)!;
    expect((match.within * 180) / Math.PI).toBeCloseTo(degrees, 9);
    expect(match.frequency).toBeCloseTo(frequency, 0);
    expect(parsePhaseMatch(formatPhaseMatch(match))!.within).toBeCloseTo(match.within, 9);
  });

  test('none is none, and nonsense is refused', () => {
    expect(parsePhaseMatch('none')).toBeNull();
    expect(parsePhaseMatch(' ')).toBeNull();
    expect(formatPhaseMatch(null)).toBe('none');
    for (const text of ['5°', '0° at 1 GHz', '200° at 1 GHz', 'close at 1 GHz'])
      expect(() => parsePhaseMatch(text)).toThrow();
  });

  test('is trimmed before the last end is closed, within the length that the angle is', () => {
    const { lead, card } = exampleLead({
      cableId: 'rg-402',
      connectorId: 'sma-plug-direct-rg-402',
      length: 0.5,
    });
    const plan = planLead({ ...lead, phaseMatch: parsePhaseMatch('5° at 1.5 GHz') }, [card], house);
    const index = plan.steps.findIndex(({ role }) => role === 'phase');
    const step = plan.steps[index]!;
    // 5/360 of a wavelength at 0.70 of the speed of light: 1.94 mm.
    expect(step.figures[0]!.figure.value).toBeCloseTo((5 / 360) * ((0.7 * 299_792_458) / 1.5e9), 5);
    const closed = plan.steps.slice(0, index).filter(({ role }) => role === 'insert');
    expect(closed.map(({ endId }) => endId)).toEqual(['A']);
    expect(plan.steps.slice(index).some(({ role, endId }) => role === 'insert' && endId === 'B')).toBe(true);
    expect(planLead(lead, [card], house).steps.some(({ role }) => role === 'phase')).toBe(false);
  });
});
