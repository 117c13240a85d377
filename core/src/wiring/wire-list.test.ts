import { describe, expect, test } from '@jest/globals';
import { signalLead } from '../testing/signal-lead.ts';
import { wireList } from './wire-list.ts';

const rowsOf = (...asked: Parameters<typeof signalLead>) =>
  wireList(signalLead(...asked).lead).map(({ pieceId, conductor, at, joined, shares }) => ({
    wire: `${pieceId} ${conductor.label}`,
    at,
    with: [...joined, ...shares],
  }));

describe('the wire list', () => {
  test('goes from contact to contact, conductor by conductor', () => {
    expect(rowsOf('balanced', 'mic-pair', ['xlr-3-socket', 'xlr-3-plug'])).toEqual([
      { wire: 'cable white', at: ['2', '2'], with: [] },
      { wire: 'cable blue', at: ['3', '3'], with: [] },
      { wire: 'cable shield', at: ['1', '1'], with: [] },
    ]);
  });

  test('says a core that is left spare', () => {
    const loop = rowsOf('unbalanced', 'mic-pair', ['jack-6-ts', 'phono-spring']);
    expect(loop.find(({ wire }) => wire === 'cable blue')!.at).toEqual([null, null]);
  });

  test('of a split has a row for each cable, and no entry where a cable does not go', () => {
    const rows = rowsOf('stereo', 'twin-phono', [
      'jack-3-trs-large',
      { id: 'jack-6-ts', channel: 'left', legLength: 0.4 },
      { id: 'jack-6-ts', channel: 'right', legLength: 0.4 },
    ]);
    const left = rows.find(({ at }) => at[0] === 'tip')!;
    expect(left.at).toEqual(['tip', 'tip', undefined]);
    expect(rows.find(({ at }) => at[0] === 'ring')!.at).toEqual(['ring', undefined, 'tip']);
    const shields = rows.filter(({ at }) => at[0] === 'sleeve');
    expect(shields.map((row) => row.with)).toEqual([['shield of cable C'], ['shield of cable B']]);
  });

  test('says what is joined to what at a joined split', () => {
    const rows = rowsOf(
      'stereo',
      'mic-pair',
      [
        'jack-3-trs-large',
        { id: 'jack-6-ts', channel: 'left', legLength: 0.4 },
        { id: 'jack-6-ts', channel: 'right', legLength: 0.4 },
      ],
      { split: 'joined' },
    );
    const joined = rows.filter((row) => row.with.length > 0);
    expect(joined.length).toBeGreaterThanOrEqual(4);
    for (const row of joined) for (const name of row.with) expect(name).toMatch(/ of (trunk )?cable/);
  });
});
