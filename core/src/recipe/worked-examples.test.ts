import { describe, expect, test } from '@jest/globals';
import { bendAllowance, bendProblems, setbackOf } from '../cut/bend.ts';
import { coaxById } from '../cable/catalogue/catalogue.ts';
import { judgeDie } from '../fit/die.ts';
import { exampleEnd, exampleLead } from '../testing/example.ts';
import { cableTugStep } from './join-steps.ts';
import { contactPull, ferrulePull, productionTug } from './pull.ts';
import type { RecipeInput } from './recipe.ts';
import { goBack } from './recipe.ts';

const mm = 1e-3;

describe('pulls', () => {
  test('a production tug is a quarter of the least pull', () => {
    expect(productionTug).toBe(0.25);
    // A 5.4 mm jacket: between 180 N at 5 mm and 400 N at 10 mm, 197.6 N; a quarter is 49.4 N.
    expect(ferrulePull(5.4 * mm)).toBeCloseTo(197.6, 6);
    const input = exampleEnd('rg-223', 'tnc-plug-50-crimp-5') as unknown as RecipeInput;
    const { text } = cableTugStep(input, 'ferrule', 'ferrule', goBack('ferrule', ''));
    const pull = ferrulePull(input.cable.jacket.diameter);
    expect(text.firstTime).toContain(`${Math.round(pull / 4)} N`);
  });

  test('a conductor of 0.9 mm is 19 AWG and pulled as 20 AWG is', () =>
    expect(contactPull(0.9 * mm)).toBe(58));
});

test('a die is the right one within a tenth of a millimetre either way', () => {
  const verdict = (die: number) => judgeDie('die', 'die', 5.41 * mm, [die * mm]).verdict;
  expect([5.31, 5.41, 5.51].map(verdict)).toEqual(['fits', 'fits', 'fits']);
  expect([5.3, 5.52].map(verdict)).toEqual(['does not fit', 'does not fit']);
});

describe('a bend of 90 degrees at 12 mm', () => {
  const bend = { at: 0.1, angle: Math.PI / 2, radius: 12 * mm };

  test('takes 2 R less a quarter turn off the two straight legs', () => {
    expect(setbackOf(bend)).toBeCloseTo(12 * mm, 12);
    expect(bendAllowance(bend)).toBeCloseTo(5.1504 * mm, 7);
  });

  test('wants two diameters of straight cable before it, and a radius that the cable takes', () => {
    const cable = coaxById('rg-402');
    const straight = 2 * cable.jacket.diameter;
    const { lead } = exampleLead();
    const problems = (at: number, radius = 12 * mm) =>
      bendProblems({ ...lead, bends: [{ ...bend, at, radius }] }, cable);
    expect(problems(12 * mm + straight + 0.1 * mm)).toEqual([]);
    expect(problems(12 * mm + straight - 0.1 * mm)[0]).toMatch(/straight before it/);
    expect(problems(0.1, 1 * mm)[0]).toMatch(/takes no less than/);
  });
});
