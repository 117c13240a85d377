import { describe, expect, test } from '@jest/globals';
import { beadMaterials, chokeAt } from '../line/choke.ts';
import { planLead } from './lead-plan.ts';
import type { Choke } from '../fit/choke-rejection.ts';
import { exampleBead, exampleLead, house, withChoke } from '../testing/example.ts';
import { answerHold, RefusedAnswer } from '../unit/advance.ts';

const planWith = (change: Partial<Choke> = {}) => {
  const { lead, card } = exampleLead();
  return planLead(withChoke(lead, change), [card], house);
};
const stepOf = (change: Partial<Choke>, name: string) =>
  planWith(change).steps.find((step) => step.role === name)!;

describe('a choke on the run', () => {
  test('names its material, its place and why it stands there', () => {
    expect(stepOf({}, 'choke').text.firstTime).toMatch(/6 beads \(NiZn class, 20 to 250 MHz\)/);
    expect(stepOf({}, 'choke').why).toMatch(
      /^At the feedpoint it keeps the feeder from becoming part of the antenna/,
    );
    expect(stepOf({ at: 'radio end' }, 'choke').why).toMatch(/^At the radio end/);
  });

  test('has the same free tube at both ends, and shrink over all of it', () => {
    const [from, tube, shrink] = stepOf({}, 'choke').figures.map(({ figure }) => figure.value);
    expect(from).toBe(0.1);
    expect(tube).toBeCloseTo(exampleBead.outside / 2, 12);
    expect(shrink).toBeCloseTo(6 * exampleBead.length + 2 * (exampleBead.outside / 2 + 0.025), 12);
  });

  test('is measured in its stated fixture against its class, less what beads differ by', () => {
    const step = stepOf({}, 'choke-measure');
    const reading = step.hold!.reading!;
    expect(step.text.firstTime).toMatch(/two 50-ohm ports in series \(100 ohm\) at 162 MHz/);
    const source = {
      kind: 'class' as const,
      bead: exampleBead,
      material: beadMaterials.find(({ id }) => id === 'middle')!,
    };
    expect(reading.min).toBeCloseTo(chokeAt(source, 6, 100, 162e6).rejectionDb - 3, 9);
    expect(reading.quantity).toBe('decibel');
    expect(answerHold(step, { reading: reading.min! + 0.1 })).toMatchObject({ good: true });
    expect(answerHold(step, { reading: reading.min! - 0.1 })).toMatchObject({ good: false });
    expect(() => answerHold(step, { good: true })).toThrow(RefusedAnswer);
  });

  test('of beads whose class nobody stated is answered by a look', () => {
    expect(stepOf({ material: null }, 'choke-measure').hold).toMatchObject({ kind: 'look', reading: null });
  });

  test('comes after both ends and before the proof, its beads on before the end that would stop them', () => {
    const names = planWith().steps.map(({ role }) => role);
    expect(names.lastIndexOf('setback')).toBeLessThan(names.indexOf('choke'));
    expect(names.indexOf('choke-measure')).toBeLessThan(names.indexOf('prove'));
    const threads = planWith().steps.find(({ stage }) => stage === 'Thread')!.threads;
    expect(threads.map(({ partId }) => partId)).toContain('choke');
  });

  test('whose bore does not pass the jacket is refused, naming both', () => {
    const { thread, steps } = planWith({ bead: { ...exampleBead, bore: 0.005 } });
    expect(thread.possible).toBe(false);
    expect(steps).toEqual([]);
  });
});
