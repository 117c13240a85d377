import { describe, expect, test } from '@jest/globals';
import { connectorById } from '../connector/catalogue/catalogue.ts';
import type { House } from '../house/house.ts';
import type { LeadRequest } from '../lead/make-lead.ts';
import { makeLead } from '../lead/make-lead.ts';
import { otherSideId } from '../lead/other-side-id.ts';
import { starters } from '../lead/starters.ts';
import { cutKey } from '../strip/cut-of.ts';
import { BenchWalk } from '../testing/bench-walk.ts';
import { counted, house, now } from '../testing/example.ts';
import { troubleOutcome } from '../unit/trouble-outcome.ts';
import { planLead } from './lead-plan.ts';
import { preparedEnds, shownPlan } from './shown-plan.ts';

function made(id: string, change: Partial<LeadRequest> = {}) {
  const { near, far, leadName, ...starter } = starters.find((each) => each.id === id)!;
  const end = <E extends { connectorId: string }>({ connectorId, ...rest }: E) => ({
    ...rest,
    connector: connectorById(connectorId),
  });
  const request = { ...starter, name: leadName, purpose: '', near: end(near), far: far.map(end), length: 40 };
  return makeLead({ ...request, ...change }, counted(), now, house);
}
const planOf = ({ lead, cards }: ReturnType<typeof made>, as: House = house) => planLead(lead, cards, as);

describe('a splice of two cables that lie there', () => {
  const splice = made('splice-lying', { slack: 0.2 });
  const plan = planOf(splice);

  test('has both ends prepared, each by its own strip, measured and tried, before either goes into the body', () => {
    expect(preparedEnds(plan).map(({ end }) => end.id)).toEqual(['B', otherSideId('B')]);
    const ofSide = (side?: 'other') => plan.steps.filter((step) => step.side === side && step.endId === 'B');
    const strip = (side?: 'other') =>
      ofSide(side).flatMap(({ role, stage }) => (stage === 'Strip' ? [role] : []));
    expect(strip('other')).toEqual(strip());
    expect(strip()).toEqual(['jacket', 'dielectric', 'tube', 'measure', 'trial-fit', 'nick-and-whisker']);
    const order = plan.steps.map(({ role, side }) => `${role}${side ? ' other' : ''}`);
    expect(order.indexOf('nick-and-whisker other')).toBeLessThan(order.indexOf('insert'));
    expect(order.indexOf('seize')).toBeLessThan(order.indexOf('insert other'));
    expect(order.indexOf('through')).toBeGreaterThan(order.indexOf('cable-tug other'));
  });

  test('has one boot, on before the first cable goes in, as long as body, bare sheath and 300 mm on either side', () => {
    const boots = plan.parts.filter(({ kind }) => kind === 'splice boot');
    expect(boots).toHaveLength(1);
    // Body of 88 mm, 3 mm of bare sheath on either side.
    expect(boots[0]!.cutLength!.value).toBeCloseTo(0.088 + 2 * (0.003 + 0.3), 9);
    const short = planOf(splice, { ...house, bootOverlap: 0.1 });
    expect(short.parts.find(({ kind }) => kind === 'splice boot')!.cutLength!.value).toBeCloseTo(0.294, 9);
    const insert = plan.steps.find(({ role }) => role === 'insert')!;
    expect(insert.requires.map(({ kind }) => kind)).toContain('splice boot');
  });

  test('is not cut off a reel, not coiled and not capped: it says what another try takes and how it is laid back', () => {
    const [first] = plan.steps;
    expect(first!.figures.map(({ label }) => label)).toEqual(
      expect.arrayContaining(['cable for another try', 'one more try at end B takes']),
    );
    expect(first!.figures.map(({ label }) => label).join()).not.toMatch(/reel/);
    const said = plan.steps.map(({ text }) => text.firstTime).join(' ');
    expect(said).not.toMatch(/[Cc]oil|Cap the connectors/);
    const last = plan.steps.at(-1)!;
    expect(last.role).toBe('lay-back');
    expect(last.figures[0]!.figure.value).toBeGreaterThan(0.1);
  });

  test('of two kinds of trunk says which of them the body does not take', () => {
    const lead = {
      ...splice.lead,
      ends: splice.lead.ends.map((end) => (end.id === 'B' ? { ...end, spliceTo: 'trunk-19' } : end)),
    };
    const mixed = planLead(lead, splice.cards, house);
    expect(mixed.ends[1]!.fit.every(({ verdict }) => verdict !== 'does not fit')).toBe(true);
    expect(mixed.sides[0]!.fit.some(({ verdict }) => verdict === 'does not fit')).toBe(true);
    const coax = planLead(
      { ...lead, ends: lead.ends.map((end) => (end.id === 'B' ? { ...end, spliceTo: 'rg-58' } : end)) },
      splice.cards,
      house,
    );
    expect(coax.withheld[0]!.message).toMatch(/^End B, other side: It is made for seamless-aluminium trunk/);
    expect(coax.steps).toEqual([]);
  });

  test('records both strips apart, and a nick on one side leaves the strip of the other standing', () => {
    const walk = new BenchWalk(splice.lead, splice.cards);
    const frozen = walk.unit.plan!;
    expect(frozen.strips.map(({ endId }) => endId)).toEqual(['A', 'B', otherSideId('B')]);
    expect(preparedEnds(shownPlan(frozen)).map(({ end }) => end.name)).toEqual(['B', 'B, other side']);
    walk.until(({ role, side }) => role === 'measure' && side === 'other');
    const step = walk.progress.current!;
    const lengths = Object.fromEntries(
      plan.sides[0]!.strip.cuts.map((cut) => [cutKey(cut), cut.position.value]),
    );
    walk.tell({ kind: 'strip measured', stepId: step.id, endId: otherSideId('B'), lengths });
    walk.until(({ role, side }) => role === 'insert' && !side);
    const jacket = walk.progress.steps.find(({ role, side }) => role === 'jacket' && !side)!;
    walk.tell({
      kind: 'rework',
      fromStepId: walk.progress.current!.id,
      toStepId: jacket.id,
      scrap: [],
      partsOff: [],
      uses: 0.04,
      reason: 'nick',
    });
    expect(walk.progress.strips.get(otherSideId('B'))).toEqual(lengths);
    expect(walk.progress.done.has(step.id)).toBe(true);
    expect(walk.progress.current!.id).toBe(jacket.id);
  });

  test('a nick on the other side goes back to the jacket of that side, a first-side one to its own', () => {
    const walk = new BenchWalk(splice.lead, splice.cards);
    const backFrom = (side?: 'other') => {
      walk.until((step) => step.role === 'nick-and-whisker' && step.side === side);
      const step = walk.progress.current!;
      return troubleOutcome(walk.unit.plan!, walk.progress, { seen: 'nick', step, endId: 'B', shortage: 0 })
        .target!;
    };
    expect([backFrom().role, backFrom().side]).toEqual(['jacket', undefined]);
    expect([backFrom('other').role, backFrom('other').side]).toEqual(['jacket', 'other']);
  });
});

describe('an end that lies in a wall', () => {
  test('is fitted already, gets no look, and the label goes near the end that is made', () => {
    const plan = planOf(made('wall-f', { slack: 0.1 }));
    expect(plan.lead.fittedEndIds).toEqual(['A']);
    expect(plan.looks.some(({ endId }) => endId === 'A')).toBe(false);
    expect(plan.looks.some(({ endId }) => endId === 'B')).toBe(true);
    expect(plan.parts.find(({ kind }) => kind === 'label sleeve')!.ends).toEqual(['B']);
    expect(plan.steps.every(({ endId }) => endId !== 'A')).toBe(true);
    expect(plan.steps.at(-1)!.title).toBe('Lay the spare back and close the box');
  });

  test('a new piece in a trench has both sides of both splices', () => {
    const plan = planOf(made('trunk-splice'));
    expect(preparedEnds(plan).map(({ end }) => end.name)).toEqual([
      'A',
      'B',
      'A, other side',
      'B, other side',
    ]);
    expect(plan.steps.filter(({ role }) => role === 'boot')).toHaveLength(2);
  });
});
