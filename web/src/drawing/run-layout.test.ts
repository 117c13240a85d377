import { planLead } from '@gorvane/core/plan/lead-plan.ts';
import { demo } from '../../test/open-at.tsx';
import { leastWidth, scaleFor, sidesOf } from './run-side.ts';
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { LeadPart } from '@gorvane/core/thread/lead-part.ts';
import { nameRise, namesAbove, runLayout } from './run-layout.ts';

const forms = ['ferrule', 'nut', 'ring', 'coupling', 'boot', 'tube', 'sleeve', 'beads'] as const;
const part = (id: string, form: LeadPart['form']) => ({ id, form }) as LeadPart;
const sides = (
  near: readonly LeadPart['form'][],
  far: readonly LeadPart['form'][],
  width: number,
  closed = true,
) => [
  {
    origin: 90,
    direction: 1 as const,
    closed,
    parts: near.map((form, n) => part(`near ${n} ${form}`, form)),
  },
  {
    origin: width - 90,
    direction: -1 as const,
    closed,
    parts: far.map((form, n) => part(`far ${n} ${form}`, form)),
  },
];

describe('parts along the run', () => {
  const some = fc.array(fc.constantFrom(...forms), { maxLength: 7 });
  const widths = fc.integer({ min: 420, max: 1400 });

  test('find room on their side of the middle, at any width, loose or closed', () => {
    fc.assert(
      fc.property(some, some, widths, fc.boolean(), (near, far, width, closed) => {
        const places = runLayout(sides(near, far, width, closed), width / 2, 1, () => 'name');
        return [...places.values()].every(({ x, length }) => 90 + x + length <= width / 2);
      }),
    );
  });

  test('no two names lie on each other, nor on the finished length', () => {
    fc.assert(
      fc.property(some, some, widths, (near, far, width) => {
        const all = sides(near, far, width);
        const nameOf = (id: string) => id;
        const places = runLayout(all, width / 2, 1, nameOf);
        const spans = all.flatMap(({ origin, direction, parts }) =>
          parts.map(({ id }) => {
            const { x, length, row } = places.get(id)!;
            const centre = origin + direction * (x + length / 2);
            const half = (id.length * 6.8) / 2;
            return { row, from: centre - half, to: centre + half };
          }),
        );
        spans.push({ row: 0, from: width / 2 - 50, to: width / 2 + 50 });
        return spans.every((a, n) =>
          spans.slice(n + 1).every((b) => a.row !== b.row || a.to <= b.from || b.to <= a.from),
        );
      }),
    );
  });

  test('keep the order in which they lie on the cable', () => {
    const places = runLayout(sides(['ring', 'ring', 'nut', 'tube', 'sleeve'], [], 1060), 530, 1, () => 'x');
    const xs = [...places.entries()]
      .filter(([id]) => id.startsWith('near'))
      .sort()
      .map(([, { x }]) => x);
    expect(xs).toEqual([...xs].sort((a, b) => a - b));
  });

  test('names in many rows get room above: none stands higher than the drawing then reaches', () => {
    const near = [...forms, ...forms].map((form, n) => part(`near ${n} ${form}`, form));
    const side = { origin: 90, direction: 1 as const, closed: false, parts: near, y: 102 };
    const places = runLayout([side], 250, 1, () => 'a name of twenty letters');
    const rows = near.map(({ id }) => places.get(id)!.row);
    expect(Math.max(...rows)).toBeGreaterThan(4);
    const above = namesAbove([side], places);
    for (const row of rows) expect(side.y - nameRise(row)).toBeGreaterThan(-above);
    expect(namesAbove([{ ...side, parts: near.slice(0, 1) }], places)).toBe(0);
  });

  test('a coupling is drawn with its connector once that is closed', () => {
    const at = (closed: boolean) =>
      runLayout(sides(['coupling'], [], 1060, closed), 530, 1, () => 'x').get('near 0 coupling')!.x;
    expect(at(true)).toBeLessThan(0);
    expect(at(false)).toBeGreaterThan(0);
  });
});

describe('a run in little room', () => {
  test.each(demo.leads.map((lead) => [lead.name, lead] as const))(
    '%s: cable is seen between its ends, never less than none',
    (_name, lead) => {
      const plan = planLead(lead, demo.gaugeCards, demo.house[0]!);
      for (const small of [false, true]) {
        const scale = scaleFor(plan, small);
        const sides = sidesOf(plan, leastWidth(plan, scale, small), 200, scale);
        const [near, ...far] = sides;
        for (const { origin, meets } of sides) expect(Math.abs(meets - origin)).toBeGreaterThan(50);
        for (const { origin } of far) expect(origin - near!.origin).toBeGreaterThan(100);
      }
    },
  );
});
