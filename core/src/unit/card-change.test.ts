import { describe, expect, test } from '@jest/globals';
import type { GaugeCard } from '../connector/gauge-card-schema.ts';
import { featureValue } from '../connector/gauge-card.ts';
import { BenchWalk } from '../testing/bench-walk.ts';
import { exampleLead, house } from '../testing/example.ts';
import { calledOf } from '../testing/step-called.ts';
import { cutOf } from '../strip/cut-of.ts';
import { cardChanges, keepCard } from './card-change.ts';

const { lead, card } = exampleLead();
const deeper = (by: number): GaugeCard => ({
  ...card,
  features: {
    ...card.features,
    stopDepth: { value: featureValue(card, 'stopDepth') + by, state: 'measured' },
  },
});

/** A patch lead with its first end made, before the jacket of the other is cut. */
function atSecondEnd(): BenchWalk {
  const walk = new BenchWalk(lead, [card], house);
  walk.until((step) => calledOf(step) === 'dielectric' && step.endId === 'B');
  return walk;
}
const changesAt = (walk: BenchWalk, now: GaugeCard) => cardChanges(walk.progress.plan!, walk.progress, [now]);
const dielectricOf = (walk: BenchWalk, endId: string) =>
  cutOf(
    walk.progress.plan!.strips.find((strip) => strip.endId === endId)!,
    'dielectric',
  ).position.value;

describe('a card that changes after the start', () => {
  test('is said with the cuts that move; what was cut stays', () => {
    const [change] = changesAt(atSecondEnd(), deeper(0.3e-3));
    expect(change!.features).toEqual([
      {
        label: expect.any(String),
        before: featureValue(card, 'stopDepth'),
        after: expect.closeTo(featureValue(card, 'stopDepth') + 0.3e-3, 9),
      },
    ]);
    expect(change!.cuts.map(({ label }) => label)).toContain('Dielectric end, end B');
    expect(change!.cuts.every(({ label }) => label.endsWith('end B'))).toBe(true);
    expect(change!.settled).toEqual(['A']);
    expect(changesAt(atSecondEnd(), card)).toEqual([]);
    // A caliper that confirms the class value moves nothing: nobody is asked.
    expect(changesAt(atSecondEnd(), deeper(0))).toEqual([]);
  });

  test('used from here, steps and strip of the open end follow it, and nothing that was done is touched', () => {
    const walk = atSecondEnd();
    const before = walk.progress;
    const [atA, atB] = [dielectricOf(walk, 'A'), dielectricOf(walk, 'B')];
    walk.tell(changesAt(walk, deeper(0.3e-3))[0]!.use!);
    expect(dielectricOf(walk, 'B') - atB).toBeCloseTo(0.3e-3, 9);
    expect(dielectricOf(walk, 'A')).toBe(atA);
    const figureOf = (steps: typeof before.steps, endId: string) =>
      steps.find((step) => calledOf(step) === 'jacket' && step.endId === endId)!.figures[0]!.figure.value;
    expect(figureOf(walk.progress.steps, 'B') - figureOf(before.steps, 'B')).toBeCloseTo(0.3e-3, 9);
    expect(figureOf(walk.progress.steps, 'A')).toBe(figureOf(before.steps, 'A'));
    expect(walk.progress.steps.map(({ id }) => id)).toEqual(before.steps.map(({ id }) => id));
    expect([...walk.progress.done]).toEqual([...before.done]);
    expect(walk.unit.plan!.cards[0]).toEqual(card);
    expect(changesAt(walk, deeper(0.3e-3))).toEqual([]);
    expect(changesAt(walk, deeper(0.5e-3))).toHaveLength(1);
  });

  test('kept, it is not asked again until the card says something else once more', () => {
    const walk = atSecondEnd();
    walk.tell(keepCard(deeper(0.3e-3)));
    expect(changesAt(walk, deeper(0.3e-3))).toEqual([]);
    expect(changesAt(walk, deeper(0.4e-3))).toHaveLength(1);
  });

  test('other contents are said, and follow only in a unit that is started anew', () => {
    const walk = atSecondEnd();
    const [change] = changesAt(walk, { ...deeper(0.3e-3), contents: { boot: 'one' } });
    expect(change!.otherContents).toBe(true);
    walk.tell(change!.use!);
    expect(walk.progress.plan!.cards[0]!.contents).toEqual(card.contents);
  });

  test('a card that contradicts itself cannot be used: the reason is said, the old figures stay', () => {
    const [change] = changesAt(atSecondEnd(), deeper(-30e-3));
    expect(change!.use).toBeNull();
    expect(change!.refusal).toMatch(/./);
  });

  test('before the cable is cut its length follows, too', () => {
    const walk = new BenchWalk(lead, [card], house);
    const lengthen = (by: number): GaugeCard => ({
      ...card,
      features: {
        ...card.features,
        lipToMatingPlane: { value: featureValue(card, 'lipToMatingPlane') + by, state: 'measured' },
      },
    });
    const was = walk.progress.plan!.cuts[0]!.cut.value;
    walk.tell(changesAt(walk, lengthen(1e-3))[0]!.use!);
    expect(walk.progress.plan!.cuts[0]!.cut.value - was).toBeCloseTo(-2e-3, 6);
  });
});
