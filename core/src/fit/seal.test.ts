import { tapeScrap } from '../recipe/scrap.ts';
import { describe, expect, test } from '@jest/globals';
import type { House } from '../house/house.ts';
import type { Lead } from '../lead/lead.ts';
import { planLead } from '../plan/lead-plan.ts';
import { exampleLead, house } from '../testing/example.ts';
import { sealFor } from './seal.ts';

const seals = (weatherSeal: House['practice']['weatherSeal']) => ({
  ...house,
  practice: { ...house.practice, weatherSeal },
});

describe('how an end is sealed', () => {
  test.each<[Lead['environment'], House['practice']['weatherSeal'], string, boolean, number]>([
    ['indoor', 'both', 'plain', false, 10],
    ['outdoor', 'shrink, and both when buried or at sea', 'adhesive', false, 25],
    ['marine', 'shrink, and both when buried or at sea', 'adhesive', true, 25],
    ['buried', 'shrink, and both when buried or at sea', 'adhesive', true, 75],
    ['outdoor', 'self-amalgamating tape', 'none', true, 25],
    ['buried', 'adhesive shrink', 'adhesive', false, 75],
    ['outdoor', 'both', 'adhesive', true, 25],
  ])('%s, house practice %s', (environment, practice, shrink, tape, overlapMm) => {
    const seal = sealFor(environment, 10e-3, seals(practice));
    expect([seal.shrink, seal.tape]).toEqual([shrink, tape]);
    expect(seal.overlap).toBeCloseTo(overlapMm * 1e-3, 9);
  });

  test('a thick cable is overlapped by its diameter', () => {
    expect(sealFor('outdoor', 50e-3, house).overlap).toBeCloseTo(50e-3, 9);
  });
});

describe('in a lead', () => {
  const finish = (environment: Lead['environment'], as: House, shrink = true) => {
    const { lead, card } = exampleLead();
    const plan = planLead(
      { ...lead, environment, ends: lead.ends.map((end) => ({ ...end, shrink })) },
      [card],
      as,
    );
    return {
      steps: plan.steps.filter(({ stage, endId }) => stage === 'Finish' && endId === 'A'),
      shrink: plan.parts.find(({ id }) => id === 'A/shrink'),
    };
  };

  test('indoors a plain relief, outdoors lined, at sea taped over it, the coupling looked at last', () => {
    expect(finish('indoor', house).steps.map(({ role }) => role)).toEqual(['seal', 'coupling']);
    expect(finish('outdoor', house).shrink!.label).toMatch(/^adhesive shrink/);
    const marine = finish('marine', house).steps;
    expect(marine.map(({ role }) => role)).toEqual(['seal', 'tape', 'coupling']);
    expect(marine[0]!.good).toContain('adhesive shows all round');
    expect(marine[1]!.text.firstTime).toMatch(/^When the shrink is cold/);
  });

  test('where tape alone does it nothing has to be threaded, and a stuck coupling goes back to the tape', () => {
    const taped = finish('outdoor', seals('self-amalgamating tape'));
    expect(taped.shrink).toBeUndefined();
    expect(taped.steps.map(({ role }) => role)).toEqual(['tape', 'coupling']);
    expect(taped.steps[1]!.hold!.rework).toMatchObject({ backTo: 'tape', scrap: [tapeScrap] });
  });

  test('an end that is not to be sealed has none of it', () => {
    expect(finish('marine', house, false)).toEqual({ steps: [], shrink: undefined });
  });

  test('lined shrink is cut longer than plain, and a flame warns', () => {
    const cut = (environment: Lead['environment']) => finish(environment, house).shrink!.cutLength!;
    expect(cut('outdoor').terms[1]!.value).toBeGreaterThan(cut('indoor').terms[1]!.value);
    const flame = { ...house, practice: { ...house.practice, heatSource: 'open flame' as const } };
    expect(finish('indoor', flame).steps[0]!.caution).toMatch(/gel, dust and sleeve/);
  });
});
