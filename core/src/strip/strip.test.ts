import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { usualStrippers } from '../house/usual-strippers.ts';
import { exampleEnd, measuredCard } from '../testing/example.ts';
import { judgeStrip } from './measured.ts';
import { stripPinAndFerrule } from '../method/pin-and-ferrule.ts';
import type { StripPlan } from './strip-plan.ts';
import { cutOf } from './cut-of.ts';

type Strip = Record<'braid' | 'dielectric' | 'conductor', number>;

const end = exampleEnd('rg-223', 'tnc-plug-50-crimp-5');
const plan = stripPinAndFerrule(end);
const nominal = Object.fromEntries(plan.cuts.map(({ layer, position }) => [layer, position.value])) as Strip;

test('typing what the caliper says moves every cut that depends on it', () => {
  const longer = stripPinAndFerrule({
    ...end,
    card: measuredCard(end.card, { stopDepth: 12.2e-3, stemLength: 7.6e-3 }),
  });
  expect(cutOf(longer, 'braid').position.value - nominal.braid).toBeCloseTo(0.6e-3, 9);
  expect(cutOf(longer, 'dielectric').position.value - nominal.dielectric).toBeCloseTo(1e-3, 9);
  expect(cutOf(longer, 'conductor').position.value - nominal.conductor).toBeCloseTo(1e-3, 9);
  expect(cutOf(longer, 'braid').position.terms.find(({ symbol }) => symbol === 's')!.assumed).toBe(false);
});

test('a blade cannot hold the tolerances that a prep tool holds', () => {
  expect(plan.cuts.some(({ beyondMethod }) => beyondMethod)).toBe(false);
  const blade = stripPinAndFerrule({
    ...end,
    stripper: usualStrippers.find(({ kind }) => kind === 'blade')!,
  });
  expect(blade.cuts.every(({ beyondMethod }) => beyondMethod)).toBe(true);
});

/** Does what the advice says to the lengths. */
function recut(measured: Strip, strip: StripPlan): Strip {
  const after = { ...measured };
  for (const step of judgeStrip(strip, measured).recuts) {
    if (step.action === 'trim') after[step.cut as keyof Strip] -= step.by;
    else for (const layer of ['braid', 'dielectric', 'conductor'] as const) after[layer] += step.by;
  }
  return after;
}

describe('a strip that was measured', () => {
  test('nothing typed is Not yet, nominal is Good', () => {
    expect(judgeStrip(plan, {}).verdict).toBe('Not yet');
    expect(judgeStrip(plan, nominal)).toMatchObject({ verdict: 'Good', recuts: [], uses: 0 });
  });

  test('a long braid is trimmed and the next blade set nearer', () => {
    const judged = judgeStrip(plan, { ...nominal, braid: nominal.braid + 0.7e-3 });
    expect(judged.verdict).toBe('Out');
    expect(judged.cuts[0]!.reason).toMatch(/against the shoulder/);
    expect(judged.recuts).toHaveLength(1);
    expect(judged.recuts[0]).toMatchObject({ action: 'trim', cut: 'braid' });
    expect(judged.offsets[0]!.by).toBeCloseTo(-0.7e-3, 9);
  });

  test('a short dielectric takes the jacket back, and that costs length', () => {
    const judged = judgeStrip(plan, { ...nominal, dielectric: nominal.dielectric - 0.8e-3 });
    expect(judged.recuts[0]).toMatchObject({ action: 'take back' });
    expect(judged.uses).toBeCloseTo(0.8e-3, 9);
  });

  test('the conductor is judged from where the dielectric really ends', () => {
    const shifted = {
      ...nominal,
      dielectric: nominal.dielectric + 0.25e-3,
      conductor: nominal.conductor + 0.45e-3,
    };
    expect(judgeStrip(plan, shifted).verdict).toBe('Good');
    expect(judgeStrip(plan, { ...nominal, conductor: nominal.conductor + 0.45e-3 }).verdict).toBe('Out');
  });

  test('whatever was cut, following the advice ends in a Good strip', () => {
    const off = fc.double({ min: -3e-3, max: 3e-3, noNaN: true });
    fc.assert(
      fc.property(off, off, off, (braid, dielectric, conductor) => {
        const measured = {
          braid: nominal.braid + braid,
          dielectric: nominal.dielectric + dielectric,
          conductor: nominal.conductor + conductor,
        };
        return judgeStrip(plan, recut(measured, plan)).verdict === 'Good';
      }),
    );
  });
});
