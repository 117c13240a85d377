import { describe, expect, test } from '@jest/globals';
import { coaxById } from '../cable/catalogue/catalogue.ts';
import { connectors } from '../connector/catalogue/catalogue.ts';
import { findEnds } from './find-end.ts';
import type { House } from '../house/house.ts';
import { houseSchema } from '../house/house.ts';
import { schools } from '../house/schools.ts';
import { leadSchema } from '../lead/lead.ts';
import { exampleLead, house } from '../testing/example.ts';
import { planLead } from './lead-plan.ts';
import { practiceChange } from './practice-change.ts';

const change = (
  practice: Partial<House['practice']>,
  cableId = 'rg-213',
  connectorId = 'uhf-plug-soldered-10-silver',
) => {
  const { lead, card } = exampleLead({ cableId, connectorId });
  const after = { ...house, practice: { ...house.practice, ...practice } };
  return practiceChange(planLead(lead, [card], house), planLead(lead, [card], after));
};

describe('what a house practice changes', () => {
  test('steps that go, and steps that become others, by their titles', () => {
    expect(change({ bodyHoles: 'none' })).toEqual({
      leadName: 'Receiver patch lead',
      added: [],
      removed: ['Measure centre to body, end A', 'Measure centre to body, end B'],
      changed: ['Leave the holes, end A', 'Leave the holes, end B'],
    });
  });

  test('steps that come', () => {
    const soldered = change({ centreContact: 'solder' }, 'rg-223', 'tnc-plug-50-crimp-5')!;
    expect(soldered.added).toEqual(
      expect.arrayContaining(['Check the contact, end A', 'Dry-fit the body, end A']),
    );
    expect(soldered.removed).toContain('Tug the contact, end A');
    expect(soldered.changed).toContain('Solder the contact, end A');
  });

  test('a setting alone is a change, too', () => {
    expect(change({ tightening: 'feel' }, 'rg-213', 'n-plug-clamp-10')!.changed).toEqual([
      'Tighten the gland, end A',
      'Tighten the gland, end B',
    ]);
    expect(change({ solder: 'leaded' })!.changed).toEqual(expect.arrayContaining(['Solder the tip, end A']));
  });

  test('nothing, where the lead has none of it', () => {
    expect(change({ coring: 'drill' })).toBeUndefined();
    expect(change({ bodyHoles: 'none' }, 'rg-223', 'tnc-plug-50-crimp-5')).toBeUndefined();
  });
});

describe('the schools of shield, solder, braid and shrink', () => {
  const crimped = ['rg-223', 'tnc-plug-50-crimp-5'] as const;
  const hollow = connectors.find(({ method }) => method === 'hollow tip and ferrule')!.id;

  test('braid left under the ferrule is longer, and trimmed after the crimp', () => {
    const { added, changed } = change({ braidAtFerrule: 'leave all of it under the ferrule' }, ...crimped)!;
    expect(added).toEqual(['Trim what shows of the braid, end A', 'Trim what shows of the braid, end B']);
    expect(changed).toContain('Trim both braids, end A');
  });

  test('strips are measured, tried, or both', () => {
    expect(change({ stripLengths: 'measure to the drawing' }, ...crimped)!.removed).toEqual([
      'Offer the connector up, end A',
      'Offer the connector up, end B',
    ]);
    expect(change({ stripLengths: 'the connector as the gauge' }, ...crimped)!.removed).toEqual([
      'Measure the strip, end A',
      'Measure the strip, end B',
    ]);
  });

  test('a bead round the edge is said where a contact is soldered, and nothing changes where it is crimped', () => {
    expect(change({ contactSolder: 'a bead round the edge' }, ...crimped)).toBeUndefined();
    const { lead, card } = exampleLead({ cableId: crimped[0], connectorId: crimped[1] });
    const soldering = { ...house, practice: { ...house.practice, centreContact: 'solder' as const } };
    const bead = {
      ...soldering,
      practice: { ...soldering.practice, contactSolder: 'a bead round the edge' as const },
    };
    expect(
      practiceChange(planLead(lead, [card], soldering), planLead(lead, [card], bead))!.changed,
    ).toContain('Solder the contact, end A');
  });

  test('tip first puts the tip before the ferrule, and the order of steps says so', () => {
    const { lead, card } = exampleLead({ cableId: 'rg-58', connectorId: hollow });
    const order = (tipOrder: House['practice']['tipOrder']) =>
      planLead(lead, [card], { ...house, practice: { ...house.practice, tipOrder } })
        .steps.filter(({ endId, role }) => endId === 'A' && (role === 'tip' || role === 'ferrule'))
        .map(({ role }) => role);
    expect(order('ferrule first, then the tip')).toEqual(['ferrule', 'tip']);
    expect(order('tip first, then the ferrule')).toEqual(['tip', 'ferrule']);
  });

  test('where the heat begins is said in every shrink', () => {
    const { changed } = change({ shrinkFrom: 'the cable toward the connector' }, ...crimped)!;
    expect(changed).toEqual(['Shrink the relief, end A', 'Shrink the relief, end B']);
  });

  test('the finder puts the house’s way of fixing before others that do as well', () => {
    const first = (shieldFixing: House['practice']['shieldFixing']) =>
      findEnds({
        port: { seriesId: 'n', sex: 'socket', reversePolarity: false },
        cable: coaxById('rg-213'),
        systemImpedance: 50,
        frequency: 162e6,
        power: 25,
        environment: 'indoor',
        method: null,
        house: { ...house, practice: { ...house.practice, shieldFixing } },
      })[0]!.method.traits.shieldBy;
    expect(first('clamp gland')).toBe('clamp gland');
    expect(first('crimp')).toBe('crimp');
  });
});

describe('a lead that differs from the house', () => {
  test('is planned by its own practice, and by the house in all else', () => {
    const { lead, card } = exampleLead();
    const own = planLead({ ...lead, practice: { stripping: 'blade' } }, [card], house);
    const bladeHouse = { ...house, practice: { ...house.practice, stripping: 'blade' as const } };
    expect(own.steps).toEqual(planLead(lead, [card], bladeHouse).steps);
    expect(own.steps).not.toEqual(planLead(lead, [card], house).steps);
  });

  test('what was stored before leads had practice, or houses had a question, is read with its default', () => {
    const { lead } = exampleLead();
    const { practice: _, cutCorrection: __, ...old } = lead;
    expect(leadSchema.parse(old)).toMatchObject({ practice: {}, cutCorrection: 0 });
    expect(leadSchema.parse({ ...lead, practice: { coring: 'drill' } }).practice).toEqual({
      coring: 'drill',
    });
    const early = { ...house, practice: { stripping: 'blade', leaveOut: [] } };
    expect(houseSchema.parse(early).practice).toEqual({ ...house.practice, stripping: 'blade' });
    expect(
      houseSchema.safeParse({ ...house, practice: { ...house.practice, coring: 'teeth' } }).success,
    ).toBe(false);
  });

  test('every question of practice has its schools, the house’s default first or among them', () => {
    const asked = schools.map(({ key }) => key).sort();
    const { leaveOut: _, alsoAsk: __, ...practice } = house.practice;
    expect(asked).toEqual(Object.keys(practice).sort());
    for (const { key, options, reason } of schools) {
      expect(options.map(({ value }) => value)).toContain(practice[key]);
      expect(reason.length).toBeGreaterThan(20);
    }
  });
});
