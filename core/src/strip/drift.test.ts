import { describe, expect, test } from '@jest/globals';
import { planLead } from '../plan/lead-plan.ts';
import { seededRandom } from '../quantity/random.ts';
import { exampleLead, house } from '../testing/example.ts';
import { signalPlan } from '../testing/signal-lead.ts';
import { adaptStrip } from './adapt.ts';
import { stripDrift } from './drift.ts';
import { cutKey } from './cut-of.ts';
import { stripTemplate } from './template.ts';
import { afterTrim, trialAdvice } from './trial.ts';

const { lead, card } = exampleLead();
const [end] = planLead(lead, [card], house).ends;
const { strip } = end!;
const wanted = (key: string) => strip.cuts.find((cut) => cutKey(cut) === key)!.position.value;
const cups = signalPlan('balanced', 'mic-pair', ['xlr-3-socket', 'xlr-3-plug']).ends[0]!.strip;

describe('a tool over a batch', () => {
  const batch = (deviation: (index: number) => number, count = 8) =>
    Array.from({ length: count }, (_, index) => ({ braid: wanted('braid') + deviation(index) }));

  test('cuts that are long by the same are answered with that offset', () => {
    const random = seededRandom(3);
    const [braid] = stripDrift(
      strip,
      batch(() => 0.3e-3 + (random() - 0.5) * 0.1e-3),
    );
    expect(braid!.cut.layer).toBe('braid');
    expect(braid!.offset).toBeCloseTo(-0.3e-3, 4);
    expect(braid!.perUnit).toBe(0);
  });

  test('scatter about the right place is left alone, and two strips say nothing yet', () => {
    const random = seededRandom(5);
    const [braid] = stripDrift(
      strip,
      batch(() => (random() - 0.5) * 0.6e-3),
    );
    expect(braid!.offset).toBe(0);
    expect(
      stripDrift(
        strip,
        batch(() => 0.3e-3, 2),
      ),
    ).toEqual([]);
  });

  test('a stop that creeps is told from one that stands wrong', () => {
    const [braid] = stripDrift(
      strip,
      batch((index) => index * 0.05e-3),
    );
    expect(braid!.perUnit).toBeCloseTo(0.05e-3, 7);
  });
});

describe('a trial fit', () => {
  test('what touches is trimmed by the gap, and the record follows', () => {
    const measured = { conductor: wanted('conductor') + 0.4e-3 };
    const advice = trialAdvice(strip, measured, 'conductor', 0.3e-3);
    expect(advice.words).toMatch(/trim 0\.3 mm, to \d+\.\d mm/);
    expect(afterTrim(measured, advice).conductor).toBeCloseTo(wanted('conductor') + 0.1e-3, 9);
  });

  test('a trim below what the card allows doubts the card, not the strip', () => {
    const advice = trialAdvice(strip, { dielectric: wanted('dielectric') }, 'dielectric', 1e-3);
    expect(advice.cardDoubted).toBe(true);
    expect(advice.words).toMatch(/Measure the connector again/);
  });

  test('a layer that was not measured is trimmed all the same', () => {
    const advice = trialAdvice(strip, {}, 'braid', 0.5e-3);
    expect(advice.leaves).toBeUndefined();
    expect(afterTrim({}, advice)).toEqual({});
  });

  test.each([0, -1e-3, NaN, 0.2])('a gap of %d m is refused', (gap) => {
    expect(() => trialAdvice(strip, {}, 'braid', gap)).toThrow(/A gap above 0/);
  });

  test('a layer that this strip does not cut is refused', () => {
    expect(() => trialAdvice(strip, {}, 'tube', 1e-3)).toThrow(/does not cut "tube"/);
  });
});

describe('figures that follow what was cut', () => {
  test('the conductor counts from where the dielectric really ends', () => {
    const [conductor] = adaptStrip(strip, { dielectric: wanted('dielectric') + 0.3e-3 });
    expect(conductor!.cut.layer).toBe('conductor');
    expect(conductor!.position).toBeCloseTo(wanted('conductor') + 0.3e-3, 9);
    expect(conductor!.because).toMatch(/was cut long/);
  });

  test('nothing moves for the last digit of a caliper, nor for what is measured already', () => {
    expect(adaptStrip(strip, { dielectric: wanted('dielectric') + 0.04e-3 })).toEqual([]);
    expect(
      adaptStrip(strip, { dielectric: wanted('dielectric') + 1e-3, conductor: wanted('conductor') }),
    ).toEqual([]);
  });

  test('a core is bared from where its own insulation ends', () => {
    const insulation = cups.cuts.find(({ layer }) => layer === 'insulation')!;
    const moved = adaptStrip(cups, { [cutKey(insulation)]: insulation.position.value - 0.5e-3 });
    expect(moved.map(({ cut }) => [cut.layer, cut.of])).toEqual([['core', insulation.of]]);
    expect(moved[0]!.shift).toBeCloseTo(-0.5e-3, 9);
  });
});

describe('a template at true size', () => {
  test('lines are counted from the cut end, the jacket edge last, tolerances turned round with them', () => {
    const template = stripTemplate(strip, 5.4e-3, 'End A');
    const places = template.lines.map(({ fromCutEnd }) => fromCutEnd);
    expect(places).toEqual([...places].sort((a, b) => a - b));
    expect(template.title).toMatch(/^End A; tool: first cut \d\.\d mm, second cut \d+\.\d mm$/);
    expect(template.lines[0]).toMatchObject({ label: 'conductor', fromCutEnd: 0 });
    expect(template.lines.at(-1)!.label).toBe('jacket edge');
    expect(template.lines.at(-1)!.fromCutEnd).toBeCloseTo(wanted('conductor'), 9);
    const braid = strip.cuts.find(({ layer }) => layer === 'braid')!;
    const line = template.lines.find(({ label }) => label === 'braid')!;
    expect(line.fromCutEnd + braid.position.value).toBeCloseTo(wanted('conductor'), 9);
    expect([line.plus, line.minus]).toEqual([braid.minus, braid.plus]);
  });

  test('cuts at one place share a line', () => {
    const template = stripTemplate(cups, 6e-3, 'End A');
    const keys = template.lines.map(({ fromCutEnd }) => fromCutEnd.toFixed(5));
    expect(new Set(keys).size).toBe(keys.length);
    expect(template.lines.some(({ label }) => label.includes(', '))).toBe(true);
  });
});

test('an offset must lie beyond twice the standard error, which falls with the root of the count', () => {
  const batchOf = (deviations: readonly number[]) =>
    deviations.map((by) => ({ braid: wanted('braid') + by * 1e-3 }));
  // Mean 0.2 mm, spread 0.2 mm: 2 x 0.2 / sqrt(3) = 0.23 mm with three, 0.12 mm with ten.
  expect(stripDrift(strip, batchOf([0, 0.2, 0.4]))[0]!.offset).toBe(0);
  const ten = stripDrift(strip, batchOf([0, 0.4, 0, 0.4, 0.2, 0.2, 0, 0.4, 0, 0.4]))[0]!;
  expect(ten.offset).toBeCloseTo(-0.2e-3, 9);
});
