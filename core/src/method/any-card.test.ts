import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { coaxConnectors } from '../connector/catalogue/catalogue.ts';
import { hasTool } from '../house/house.ts';
import type { FeatureName } from '../connector/features.ts';
import { gaugeCardProblems } from '../connector/gauge-card.ts';
import { connectorsFor } from '../plan/find-end.ts';
import { coaxCables } from '../cable/catalogue/catalogue.ts';
import { exampleEnd, house, measuredCard } from '../testing/example.ts';
import type { MeasuredStrip } from '../strip/strip-plan.ts';
import { toleranceNow } from '../strip/joint-window.ts';
import { judgeStrip } from '../strip/measured.ts';
import type { CutLayer, StripPlan } from '../strip/strip-plan.ts';
import { methodOf } from './methods.ts';

/** The first pair that goes together, for each method. */
const ends = [...new Set(coaxConnectors.map(({ method }) => method))].map((name) => {
  for (const cable of coaxCables) {
    const connector = connectorsFor(cable, house).find(({ method }) => method === name);
    if (connector) return [name, exampleEnd(cable.id, connector.id)] as const;
  }
  throw new Error(`no pair for ${name}`);
});

const nominal = (strip: StripPlan) =>
  Object.fromEntries(strip.cuts.map(({ layer, position }) => [layer, position.value])) as Record<
    CutLayer,
    number
  >;

/** Does what the advice says to the lengths. */
function recut(measured: Record<CutLayer, number>, strip: StripPlan): MeasuredStrip {
  const after = { ...measured };
  for (const step of judgeStrip(strip, measured).recuts) {
    if (step.action === 'trim') after[step.cut as CutLayer] -= step.by;
    else for (const { layer } of strip.cuts) after[layer] += step.by;
  }
  return after;
}

describe.each(ends)('%s', (_name, end) => {
  const method = methodOf(end.connector.method);
  const strip = method.strip(end);

  test('as planned it is Good, unmeasured Not yet', () => {
    expect(judgeStrip(strip, nominal(strip)).verdict).toBe('Good');
    expect(judgeStrip(strip, {}).verdict).toBe('Not yet');
    const { conductor, ...rest } = nominal(strip);
    expect(conductor).toBeGreaterThan(0);
    expect(judgeStrip(strip, rest).verdict).toBe('Not yet');
  });

  test('whatever was cut, following the advice ends in a Good strip', () => {
    const off = fc.double({ min: -3e-3, max: 3e-3, noNaN: true });
    fc.assert(
      fc.property(fc.array(off, { minLength: 5, maxLength: 5 }), (offsets) => {
        const measured = nominal(strip);
        strip.cuts.forEach(({ layer }, index) => (measured[layer] += offsets[index]!));
        return judgeStrip(strip, recut(measured, strip)).verdict === 'Good';
      }),
      { numRuns: 60 },
    );
  });

  test('what is out says by how much, what it does, and how to set the tool for the next', () => {
    for (const cut of strip.cuts) {
      const { plus } = toleranceNow(strip, cut, nominal(strip));
      const long = judgeStrip(strip, {
        ...nominal(strip),
        [cut.layer]: cut.position.value + plus + 0.5e-3,
      });
      const judged = long.cuts.find(({ cut: { layer } }) => layer === cut.layer)!;
      expect(judged).toMatchObject({ verdict: 'Out', reason: cut.tooLong });
      expect(long.offsets.find((offset) => offset.cut === cut.layer)!.by).toBeCloseTo(-(plus + 0.5e-3), 9);
      const short = judgeStrip(strip, {
        ...nominal(strip),
        [cut.layer]: cut.position.value - (cut.alone ?? cut).minus - 0.5e-3,
      });
      expect(short.cuts.find(({ cut: { layer } }) => layer === cut.layer)!.reason).toBe(cut.tooShort);
    }
  });

  test('a caliper a little off moves the strip a little; no figure is ever lost', () => {
    const names = [...method.firstFeatures, ...method.foldedFeatures].filter(
      (name) => end.card.features[name],
    );
    const shift = fc.double({ min: -0.3e-3, max: 0.3e-3, noNaN: true });
    fc.assert(
      fc.property(fc.constantFrom(...names), shift, (name: FeatureName, by) => {
        const card = measuredCard(end.card, { [name]: end.card.features[name]!.value + by });
        const moved = method.strip({ ...end, card });
        const whole = moved.section.every(({ from, to, inside, outside }) =>
          [from, to, ...inside, ...outside].every(Number.isFinite),
        );
        const near = moved.cuts.every(
          ({ position }, index) => Math.abs(position.value - strip.cuts[index]!.position.value) < 1.5e-3,
        );
        return whole && near;
      }),
      { numRuns: 80 },
    );
  });

  test('a card turned upside down is contradicted at a field of its own', () => {
    for (const { smaller, larger, at } of method.rules) {
      const features = end.card.features;
      if (!features[smaller] || !features[larger]) continue;
      const card = measuredCard(end.card, {
        [smaller]: features[larger].value,
        [larger]: features[smaller].value,
      });
      const problems = gaugeCardProblems(card, method.rules);
      expect(problems.map(({ feature }) => feature)).toContain(at);
      expect(problems.every(({ message }) => message.length > 20)).toBe(true);
    }
  });

  test('its parts pass the jacket, and lie behind one another where they belong', () => {
    const parts = method.parts(end);
    for (const { opening, outside, fixedOutside } of parts) {
      expect(opening).toBeGreaterThan(end.cable.jacket.diameter);
      expect(Math.min(outside, fixedOutside)).toBeGreaterThan(0);
    }
    const backs = parts.map(({ back }) => back);
    expect(new Set(backs).size).toBe(backs.length);
    expect(new Set(parts.map(({ kind }) => kind)).size).toBe(parts.length);
  });

  test('says why one would take it and what it needs', () => {
    const { because, needs, shopTools } = method.traits;
    expect(because.length).toBeGreaterThan(20);
    expect(needs.length).toBeGreaterThan(0);
    expect(shopTools.every((tool) => hasTool(house, tool))).toBe(true);
  });
});
