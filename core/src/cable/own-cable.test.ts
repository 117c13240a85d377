import { describe, expect, test } from '@jest/globals';
import { exampleLead, house, now } from '../testing/example.ts';
import { freezePlan, frozenPlanSchema } from '../plan/frozen-plan.ts';
import { planLead } from '../plan/lead-plan.ts';
import { stepPart } from '../plan/compile.ts';
import { computedAttenuation, fittedAttenuation } from './attenuation.ts';
import { bendRadius, massPerMetre, outsideDiameter } from './body.ts';
import { loadCable } from './cable.ts';
import { cableEntries } from './catalogue/catalogue.ts';
import type { CoaxEntry, SheetEntry } from './construction.ts';
import { cableEntrySchema } from './construction.ts';
import { computedImpedance, velocityFactor } from './electrical.ts';
import { lineFigures } from './line-figures.ts';
import { copyOfCable, newOwnCable, ownCableSchema, withLayers } from './own-cable.ts';

const sheet = newOwnCable('own', now).entry as SheetEntry;

describe('a cable from its data sheet', () => {
  test('gives a line its figures; what needs layers is not known', () => {
    const cable = loadCable({ ...sheet, jacketDiameterMm: 10.3 });
    const { impedance, fit, capacitance } = lineFigures(cable);
    expect(impedance).toBe(50);
    expect(fittedAttenuation(fit, 100e6)).toBeCloseTo(4, 6);
    expect(capacitance * 1e12).toBeCloseTo(78.5, 0);
    expect(massPerMetre(cable)).toBeUndefined();
    expect(bendRadius(cable)!.once).toBeCloseTo(0.0515, 6);
    expect(outsideDiameter(loadCable(sheet))).toBeUndefined();
    expect(bendRadius(loadCable(sheet))).toBeUndefined();
  });

  test.each([
    [50, 0.66, 5],
    [50, 0.85, 10.3],
    [75, 0.83, 6.9],
  ])('layers made for %d ohm, %d and %d mm give those figures back', (impedance, factor, jacket) => {
    const entry = withLayers({
      ...sheet,
      nominalImpedanceOhm: impedance,
      velocityFactor: factor,
      jacketDiameterMm: jacket,
    });
    const cable = loadCable(cableEntrySchema.parse(entry) as CoaxEntry);
    expect(computedImpedance(cable)).toBeCloseTo(impedance, 0);
    expect(velocityFactor(cable)).toBeCloseTo(factor, 2);
    expect(computedAttenuation(cable, 100e6).total).toBeGreaterThan(0);
  });

  test('a copy is a record of its own with all figures', () => {
    const copy = copyOfCable(cableEntries[0]!, 'copy', now);
    expect(ownCableSchema.parse(copy)).toEqual(copy);
    expect(copy.entry).toMatchObject({
      id: 'copy',
      name: 'RG-58 class, copy',
      source: cableEntries[0]!.source,
    });
  });

  test.each([
    ['a negative impedance', { nominalImpedanceOhm: -50 }],
    ['a velocity over that of light', { velocityFactor: 1.2 }],
    ['one attenuation point', { nominalAttenuationMHz: [[100, 4]] }],
    [
      'a loss of 0',
      {
        nominalAttenuationMHz: [
          [100, 0],
          [200, 1],
        ],
      },
    ],
    ['no name', { name: '' }],
    ['no structure', { structure: 'rope' }],
  ])('%s is refused', (_name, change) => {
    expect(cableEntrySchema.safeParse({ ...sheet, ...change }).success).toBe(false);
  });
});

describe('a lead on a cable of its own', () => {
  const { lead, card } = exampleLead();
  const own = {
    ...(withLayers({ ...sheet, jacketDiameterMm: 5.3 }) as CoaxEntry),
    id: 'own',
    name: 'Reel nine',
  };
  const onOwn = {
    ...lead,
    ownCables: [own],
    pieces: lead.pieces.map((piece) => ({ ...piece, cableId: 'own' })),
  };

  test('is planned with it, and its frozen plan carries the cable', () => {
    const plan = planLead(onOwn, [card], house);
    expect(plan.ends[0]!.cable.name).toBe('Reel nine');
    const frozen = frozenPlanSchema.parse(JSON.parse(JSON.stringify(freezePlan(plan, house))));
    const again = planLead(frozen.lead, frozen.cards, frozen.house);
    expect(again.matches[0]!.totalLossDb).toBeCloseTo(plan.matches[0]!.totalLossDb, 12);
  });

  test('a coaxial end refuses a cable of cores, by reason and without steps', () => {
    const cores = {
      ...lead,
      pieces: lead.pieces.map((piece) => ({ ...piece, cableId: 'mic-pair' })),
      pinPlan: [],
    };
    const plan = planLead(cores, [card], house);
    expect(plan.withheld[0]!.message).toMatch(/^End A: It is made for coaxial cable/);
    expect(plan.steps).toEqual([]);
  });

  test('what it stands is named, weakest first, and more is a warning', () => {
    const plan = planLead(lead, [card], house);
    const parts = plan.power.map(({ part }) => part);
    expect(parts).toEqual(expect.arrayContaining(['RG-223 class', 'TNC pair, 50 ohm']));
    expect(plan.power.map(({ power }) => power)).toEqual(
      plan.power.map(({ power }) => power).toSorted((a, b) => a - b),
    );
    const hot = planLead(
      { ...lead, requirement: { ...lead.requirement, load: { re: 1e9, im: 0 } } },
      [card],
      house,
    );
    expect(hot.power[0]!.power).toBeLessThan(plan.power[0]!.power / 20);
  });
});

describe('a choke on the run', () => {
  const { lead, card } = exampleLead();
  const bead = { outside: 28e-3, bore: 13.8e-3, length: 28.6e-3 };
  const choke = {
    id: 'choke',
    kind: 'choke',
    legId: 'run',
    nearEndId: 'B',
    distance: 0.1,
    beads: 5,
    material: null,
    at: 'feedpoint' as const,
    bead,
  } as const;
  const plan = planLead({ ...lead, extraParts: [...lead.extraParts, choke] }, [card], house);

  test('is threaded before the end that it cannot pass is closed', () => {
    if (!plan.thread.possible) throw new Error('expected a plan');
    const move = plan.thread.moments.flatMap(({ moves }) => moves).find(({ part }) => part.id === 'choke')!;
    expect(move.lastChance.id).toMatch(/close$/);
    expect(stepPart(plan, move).label).toBe('choke, 5 beads');
  });

  test('is fixed before the proof, with its place and the length of its shrink', () => {
    const names = plan.steps.map(({ role }) => role);
    expect(names.indexOf('choke')).toBeGreaterThan(names.lastIndexOf('setback'));
    expect(names.indexOf('choke')).toBeLessThan(names.indexOf('prove'));
    const step = plan.steps.find(({ role }) => role === 'choke')!;
    expect(step.figures.map(({ figure }) => Number(figure.value.toFixed(3)))).toEqual([0.1, 0.014, 0.221]);
    expect(step.title).toBe('Fix the choke near end B');
  });

  test('beads too wide of bore to be stopped by the plug may wait', () => {
    const wide = { ...choke, bead: { ...bead, outside: 60e-3, bore: 40e-3 } };
    const { thread } = planLead({ ...lead, extraParts: [wide] }, [card], house);
    if (!thread.possible) throw new Error('expected a plan');
    const move = thread.moments.flatMap(({ moves }) => moves).find(({ part }) => part.id === 'choke')!;
    expect(move.lastChance.id).toBe('choke/fix');
  });

  test('with both ends fitted it cannot go on, and a split kind is named', () => {
    const closed = planLead({ ...lead, extraParts: [choke], fittedEndIds: ['A', 'B'] }, [card], house);
    expect(closed.thread.possible).toBe(false);
    if (closed.thread.possible) return;
    expect(JSON.stringify(closed.thread)).toContain('split part');
    expect(closed.steps).toEqual([]);
  });
});
