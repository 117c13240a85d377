import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Lead } from '../lead/lead.ts';
import { planLead } from '../plan/lead-plan.ts';
import { designStates } from '../plan/design-states.ts';
import { exampleLead, house } from '../testing/example.ts';
import { bendAllowance, formatBends, parseBends, setbackOf } from './bend.ts';

const quarter = { at: 0.15, angle: Math.PI / 2, radius: 0.012 };
const pigtail = (bends: Lead['bends']) => {
  const { lead, card } = exampleLead({
    cableId: 'rg-402',
    connectorId: 'sma-plug-direct-rg-402',
    length: 0.4,
  });
  return planLead({ ...lead, bends }, [card], house);
};

describe('developed length', () => {
  test('a quarter bend saves two radii less a quarter of the circle', () => {
    expect(bendAllowance(quarter)).toBeCloseTo(2 * 0.012 - (Math.PI / 2) * 0.012, 12);
    expect(setbackOf(quarter)).toBeCloseTo(0.012, 12);
  });

  test('the centre line drawn step by step is as long as the finished length less the allowance', () => {
    // Straight to the bend, round it in a thousand chords, straight on: an independent measure of the same tube.
    const length = 0.4;
    const straight = length - 2 * setbackOf(quarter);
    const chords = Array.from({ length: 1000 }, () => 2 * quarter.radius * Math.sin(quarter.angle / 2000));
    const arc = chords.reduce((sum, chord) => sum + chord, 0);
    expect(straight + arc).toBeCloseTo(length - bendAllowance(quarter), 6);
  });

  test('the cut is shorter by it, each bend an item of the sum', () => {
    const bent = pigtail([quarter]).cuts[0]!.cut;
    const plain = pigtail([]).cuts[0]!.cut;
    expect(plain.value - bent.value).toBeCloseTo(bendAllowance(quarter), 12);
    expect(bent.terms.some(({ label }) => label.startsWith('Bend 1, 90°'))).toBe(true);
    expect(bent.formula).toMatch(/^finished - bends/);
  });

  test('it is bent before the ends, from where each bend begins', () => {
    const step = pigtail([quarter]).steps.find(({ role }) => role === 'bend')!;
    expect(step.stage).toBe('Cut');
    expect(step.figures[0]!.figure.value).toBeCloseTo(0.15 - 0.012, 12);
    expect(pigtail([]).steps.some(({ role }) => role === 'bend')).toBe(false);
  });

  test('allowance and setback never grow smaller with the angle', () => {
    const angle = fc.double({ min: 0.05, max: 3, noNaN: true });
    fc.assert(
      fc.property(angle, angle, (a, b) => {
        const [small, large] = [Math.min(a, b), Math.max(a, b)].map((value) => ({
          ...quarter,
          angle: value,
        }));
        return bendAllowance(small!) <= bendAllowance(large!) + 1e-12 && bendAllowance(small!) >= 0;
      }),
    );
  });
});

describe('bends that the cable does not take', () => {
  const problems = (bends: Lead['bends']) => pigtail(bends).bendProblems.join(' ');
  test('sharper than allowed, with both figures', () => {
    expect(problems([{ ...quarter, radius: 0.004 }])).toMatch(/radius 4.0 mm; RG-402.* no less than 7.2 mm/);
    expect(problems([quarter])).toBe('');
  });
  test('too near a connector or another bend', () => {
    expect(problems([{ ...quarter, at: 0.015 }])).toMatch(/only 3.0 mm straight before it; expected 7.2 mm/);
    expect(problems([{ ...quarter, at: 0.395 }])).toMatch(/straight after it/);
    expect(problems([quarter, { ...quarter, at: 0.16 }])).toMatch(/^Bend 2: only 0.0 mm straight before it/);
  });
  test('are a warning at Cut', () => {
    expect(designStates(pigtail([{ ...quarter, radius: 0.004 }])).Cut).toBe('warning');
    expect(designStates(pigtail([quarter])).Cut).toBe('open');
  });
});

describe('as typed', () => {
  test.each([
    ['150 mm 90° r12', [{ at: 0.15, angle: Math.PI / 2, radius: 0.012 }]],
    ['150 90 r 12', [{ at: 0.15, angle: Math.PI / 2, radius: 0.012 }]],
    ['6 in 45 deg r1/2 in', [{ at: 0.1524, angle: Math.PI / 4, radius: 0.0127 }]],
    ['none', []],
    ['', []],
  ])('"%s"', (text, bends) => {
    const read = parseBends(text);
    expect(read).toHaveLength(bends.length);
    read.forEach((bend, index) => {
      expect(bend.at).toBeCloseTo(bends[index]!.at, 9);
      expect(bend.angle).toBeCloseTo(bends[index]!.angle, 9);
      expect(bend.radius).toBeCloseTo(bends[index]!.radius, 9);
    });
  });

  test('several are put in order, and what is written is read again', () => {
    const bends = parseBends('300 mm 45° r20; 150 mm 90° r12');
    expect(formatBends(bends)).toBe('150.0 mm 90° r12.0; 300.0 mm 45° r20.0');
    expect(parseBends(formatBends(bends))).toEqual(bends);
    expect(formatBends([])).toBe('none');
  });

  test.each(['150 mm', '150 mm 190° r12', '150 mm 0° r12', 'round r3', '150 90 r-4'])(
    '"%s" is refused with what was expected',
    (text) => {
      expect(() => parseBends(text)).toThrow();
    },
  );
});
