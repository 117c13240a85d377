import { describe, expect, test } from '@jest/globals';
import type { House } from '../house/house.ts';
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
      expect.arrayContaining(['Look at the contact, end A', 'Dry-fit the body, end A']),
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
