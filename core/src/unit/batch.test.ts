import { ferruleScrap } from '../recipe/scrap.ts';
import { describe, expect, test } from '@jest/globals';
import { BenchWalk } from '../testing/bench-walk.ts';
import { exampleLead } from '../testing/example.ts';
import { drawnFromStock } from '../stock/drawn.ts';
import { batchStep, nextUnit } from './batch.ts';
import type { UnitHappening } from './unit.ts';
import { stepTime, timeLeft } from './step-time.ts';

const { lead, card } = exampleLead();
const walk = (steps: number, ...after: UnitHappening[]) => {
  const one = new BenchWalk(lead, [card]);
  for (let step = 0; step < steps; step++) one.doStep();
  one.tell(...after);
  return one;
};
const unitsOf = (...walks: BenchWalk[]) =>
  walks.map(({ progress }, index) => ({ id: `u${index + 1}`, progress }));

describe('working through a batch', () => {
  test('it stands at the earliest step that any unit has before it, and at every unit that waits there', () => {
    const at = batchStep(unitsOf(walk(4), walk(2), walk(2)))!;
    expect(at.unitIds).toEqual(['u2', 'u3']);
    expect(at.step.id).toBe(walk(2).progress.current!.id);
  });

  test('one step over all goes round to the next unit that waits there, then on to the next step', () => {
    const mode = 'one step over all';
    expect(nextUnit(unitsOf(walk(3), walk(2), walk(2)), 'u1', mode)).toBe('u2');
    expect(nextUnit(unitsOf(walk(3), walk(3), walk(2)), 'u2', mode)).toBe('u3');
    expect(nextUnit(unitsOf(walk(3), walk(3), walk(3)), 'u3', mode)).toBe('u1');
    // One that was put back waits first, wherever it lies.
    expect(nextUnit(unitsOf(walk(1), walk(3), walk(3)), 'u2', mode)).toBe('u1');
  });

  test('unit by unit stays until it is finished, then takes the first that waits', () => {
    expect(nextUnit(unitsOf(walk(3), walk(2)), 'u1', 'unit by unit')).toBe('u1');
    const all = walk(2).progress.steps.length;
    const finished = walk(all, { kind: 'finished' });
    expect(nextUnit(unitsOf(finished, walk(2)), 'u1', 'unit by unit')).toBe('u2');
  });

  test('what is set aside or given up is passed over until it is taken up again', () => {
    const aside = walk(1, { kind: 'set aside', reason: 'bag empty' });
    const scrapped = walk(1, { kind: 'scrapped', reason: 'too short' });
    expect(batchStep(unitsOf(aside, scrapped, walk(5)))!.unitIds).toEqual(['u3']);
    expect(batchStep(unitsOf(aside, scrapped))).toBeUndefined();
    aside.tell({ kind: 'taken up' });
    expect(batchStep(unitsOf(aside, scrapped, walk(5)))!.unitIds).toEqual(['u1']);
  });
});

describe('how long it takes', () => {
  const timed = (seconds: readonly number[]) =>
    seconds.map((value) => {
      const one = walk(0);
      one.tell({ kind: 'step done', stepId: one.progress.current!.id, seconds: value });
      return one.progress;
    });
  const [first] = walk(0).progress.steps;

  test('the median of what was timed; a usual time, assumed, before that', () => {
    expect(stepTime(first!, timed([40, 200, 60]))).toEqual({ seconds: 60, timed: 3 });
    expect(stepTime(first!, timed([40, 60]))).toEqual({ seconds: 50, timed: 2 });
    expect(stepTime(first!, []).timed).toBe(0);
  });

  test('a step done again adds its time; one that nobody timed adds none', () => {
    const one = walk(1);
    const step = one.progress.steps[0]!;
    one.tell({ kind: 'step done', stepId: step.id, seconds: 12 }, { kind: 'step done', stepId: step.id });
    expect(one.progress.seconds.get(step.id)).toBe(42);
  });

  test('what is left shrinks with every step, and says how much of it rests on taken times', () => {
    const before = walk(0).progress;
    const after = walk(5).progress;
    expect(timeLeft(after, []).seconds).toBeLessThan(timeLeft(before, []).seconds);
    expect(timeLeft(before, []).isTimed).toBe(false);
    expect(timeLeft(before, [walk(before.steps.length).progress]).isTimed).toBe(true);
  });
});

describe('what a batch drew from stock', () => {
  test('kits of started units, scrap of rework beside them, and a unit given up wholly as scrap', () => {
    const good = walk(3);
    const mended = walk(20);
    const tug = mended.progress.steps.find(({ role }) => role === 'cable-tug')!;
    mended.tell({
      kind: 'rework',
      fromStepId: tug.id,
      toStepId: mended.progress.steps.find(({ role }) => role === 'jacket')!.id,
      scrap: [{ kind: 'connector with contact', name: 'TNC plug' }, ferruleScrap],
      partsOff: ['A/ferrule'],
      uses: 0.02,
      reason: 'slides',
    });
    const gone = walk(3, { kind: 'scrapped', reason: 'too short' });
    const rows = drawnFromStock(
      [good, mended, gone].map(({ unit, progress }) => ({ plan: unit.plan!, progress })),
    );
    const row = (what: string) => rows.find((each) => each.what === what);
    expect(row('TNC plug')).toMatchObject({ built: 4, scrapped: 3 });
    expect(row('ferrule')).toMatchObject({ built: 4, scrapped: 3 });
    expect(row('rg-223')!.unit).toBe('metres');
    expect(row('rg-223')!.built).toBeCloseTo(2 * row('rg-223')!.scrapped, 6);
  });
});
