import { describe, expect, test } from '@jest/globals';
import type { AddedKind } from '../lead/added-part.ts';
import { addedKinds, addedPart } from '../lead/added-part.ts';
import type { ExtraPart, Lead } from '../lead/lead.ts';
import { cutList } from '../thread/cut-list.ts';
import { exampleLead, house, withChoke } from '../testing/example.ts';
import type { Happening } from '../testing/thread-simulator.ts';
import { simulate } from '../testing/thread-simulator.ts';
import type { LeadPlan } from './lead-plan.ts';
import { planLead } from './lead-plan.ts';

const { lead, card } = exampleLead({ cableId: 'rg-213', connectorId: 'n-plug-clamp-10' });

const added = (what: AddedKind, change: Partial<Extract<ExtraPart, { kind: 'added' }>> = {}): ExtraPart => ({
  id: what,
  kind: 'added',
  what,
  legId: lead.legs[0]!.id,
  nearEndId: 'B',
  distance: addedPart(what).distance,
  colour: null,
  length: null,
  ...change,
});
const planWith = (...extraParts: ExtraPart[]): LeadPlan =>
  planLead({ ...lead, extraParts: [...lead.extraParts, ...extraParts] } as Lead, [card], house);

function pushed(plan: LeadPlan): string | undefined {
  if (!plan.thread.possible) return 'cannot be threaded';
  return simulate(
    plan.run,
    plan.thread.moments.flatMap(({ event, moves }): Happening[] => [
      ...moves.map(({ part, entryNodeId }) => ({ part: part.id, sideNodeId: entryNodeId })),
      { event: event.id },
    ]),
  );
}

describe.each(addedKinds)('a %s that the technician adds', (what) => {
  const plan = planWith(added(what, { colour: addedPart(what).coloured ? 'red' : null }));
  const part = plan.parts.find(({ id }) => id === what);

  test('is threaded where it must be, passes, and is put in its place by a step after the proof', () => {
    expect(part === undefined).toBe(what === 'tie');
    expect(pushed(plan)).toBeUndefined();
    const roles = plan.steps.map(({ role }) => role);
    const step = plan.steps.find(({ role }) => role === 'added')!;
    expect(roles.indexOf('added')).toBeGreaterThan(roles.indexOf('prove'));
    expect(step.title).toMatch(new RegExp(`${what} in its place, near end B$`));
    expect(step.figures[0]!.figure.value).toBe(addedPart(what).distance);
  });

  test('stands in the cut list with its colour and length where it is cut from stock', () => {
    const row = cutList(plan.parts, plan.thread, plan.sleeves).find(({ parts }) =>
      parts.some(({ id }) => id === what),
    );
    expect(row !== undefined).toBe(addedPart(what).length !== null);
    if (!row) return;
    expect(row.colour).toBe(addedPart(what).coloured ? 'red' : null);
    expect(row.cutLength.value).toBeGreaterThanOrEqual(addedPart(what).length!);
  });
});

test('like pieces are counted together, others apart', () => {
  const plan = planWith(
    added('colour band', { id: 'one', colour: 'red' }),
    added('colour band', { id: 'two', colour: 'red', distance: 0.2 }),
    added('colour band', { id: 'three', colour: 'blue' }),
  );
  const bands = cutList(plan.parts, plan.thread, plan.sleeves).filter(({ name }) => /colour band/.test(name));
  expect(bands.map(({ colour, parts }) => [colour, parts.length])).toEqual([
    ['red', 2],
    ['blue', 1],
  ]);
});

test('a shrink over the rear of a connector passes it; one that no size passes is a shortage', () => {
  const plan = planWith(added('relief shrink'));
  const part = plan.parts.find(({ id }) => id === 'relief shrink')!;
  expect(part.opening).toBeGreaterThan(18e-3);
  const poor = planLead({ ...lead, extraParts: [added('jacket seal')] }, [card], {
    ...house,
    shrink: house.shrink.filter(({ supplied }) => supplied < 12e-3),
  });
  expect(poor.parts.find(({ id }) => id === 'jacket seal')!.missing).toBe(true);
});

test('a seal far from its end lies on the jacket alone: it is smaller, and nothing is said of a connector', () => {
  const [near, far] = [8e-3, 0.5].map((distance) => planWith(added('jacket seal', { distance })));
  const sizeIn = (plan: LeadPlan) => plan.parts.find(({ id }) => id === 'jacket seal')!.opening;
  expect(sizeIn(far!)).toBeLessThan(sizeIn(near!));
  const said = (plan: LeadPlan) => plan.steps.find(({ role }) => role === 'added')!.text.firstTime;
  expect(said(near!)).toMatch(/rear of the connector/);
  expect(said(far!)).not.toMatch(/connector/);
});

test('a choke brings its two end tubes and the shrink that seals it, all threaded and used', () => {
  const choked = withChoke(lead, { beads: 7, bead: { outside: 25.5e-3, bore: 13e-3, length: 28.5e-3 } });
  const plan = planLead(choked, [card], house);
  const kinds = plan.parts.filter(({ id }) => id.startsWith('choke')).map(({ kind }) => kind);
  expect(kinds).toEqual(['choke', 'choke tube', 'choke tube', 'choke shrink']);
  expect(plan.parts.filter(({ id, missing }) => id.startsWith('choke') && missing)).toEqual([]);
  expect(pushed(plan)).toBeUndefined();
  const shrink = plan.parts.find(({ kind }) => kind === 'choke shrink')!;
  expect(shrink.cutLength!.value).toBeGreaterThan(7 * 28.5e-3);
  expect(plan.steps.find(({ role }) => role === 'choke')!.text.firstTime).toMatch(/tube.*shrink/i);
});
