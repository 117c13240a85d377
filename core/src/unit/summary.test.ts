import { describe, expect, test } from '@jest/globals';
import { readArchive } from '../file/archive.ts';
import { archiveFile } from '../testing/old-archive.ts';
import { nextEvent } from '../record/chain.ts';
import { facetsOf, serialWords } from './facets.ts';
import { summaryOf } from './summary.ts';
import type { UnitEvent, UnitHappening } from './unit.ts';

const archive = readArchive(archiveFile('version-11'));
const bySerial = (serial: string) => {
  const unit = archive.units.find((each) => each.serial === serial)!;
  return { unit, events: archive.events.filter(({ unitId }) => unitId === unit.id) };
};
const grown = (events: readonly UnitEvent[], happening: UnitHappening, at = '2026-12-01T10:00:00.000Z') => [
  ...events,
  nextEvent(events, events[0]!.unitId, happening, { id: 'x', by: 'Mara', at }),
];

describe('a unit summed up', () => {
  test('good at once, and at the second try', () => {
    const first = bySerial('OS-0001');
    const mended = bySerial('OS-0002');
    expect(summaryOf(first.unit, first.events)).toMatchObject({
      lead: 'Receiver patch lead',
      family: 'radio',
      state: 'finished',
      verdict: 'Good',
      firstPass: true,
      faults: [],
      marks: [],
      days: ['2026-11-16'],
    });
    expect(summaryOf(mended.unit, mended.events)).toMatchObject({ verdict: 'Good', firstPass: false });
  });

  test('at work: the next step, how far, and no verdict yet', () => {
    const { unit, events } = bySerial('OS-0003');
    const summary = summaryOf(unit, events);
    expect(summary).toMatchObject({
      state: 'at work',
      stands: 'Measure the strip, end B',
      stage: 'Strip',
      done: 19,
      finished: null,
      verdict: null,
      firstPass: null,
    });
    expect(summary.seconds).toBeGreaterThan(19 * 20);
  });

  test('given up, it is no first pass; come back, its proof is stale and it is marked', () => {
    const { unit, events } = bySerial('OS-0003');
    const up = summaryOf(unit, grown(events, { kind: 'scrapped', reason: 'nick' }));
    expect(up).toMatchObject({ state: 'given up', stands: 'given up: nick', firstPass: false });
    expect(up.people).toContain('Mara');
    const good = bySerial('OS-0001');
    const back = summaryOf(good.unit, grown(good.events, { kind: 'came back', reason: 'crackles' }));
    expect(back).toMatchObject({ state: 'at work', isProofStale: true, marks: ['came back once'] });
  });

  test('not started it is found by its lead and its serial, and by nothing once it is deleted', () => {
    const { unit } = bySerial('OS-0005');
    const summary = { ...summaryOf(unit, []), order: '' };
    expect(facetsOf(summary)).toEqual([
      'state not started',
      `open ${unit.orderId}`,
      'verdict none',
      `lead ${unit.leadId}`,
      'word os',
    ]);
    expect(facetsOf({ ...summary, deleted: true })).toEqual([]);
    expect(serialWords('OS-0005')).toEqual(['os-0005', '0005', '5']);
    expect(serialWords('B1-0001/B2')).toEqual(['b1-0001/b2', '0001', '1']);
  });
});
