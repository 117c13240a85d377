import { describe, expect, test } from '@jest/globals';
import { endById } from '../lead/lead.ts';
import { connectorById } from '../connector/catalogue/catalogue.ts';
import { makeLead } from '../lead/make-lead.ts';
import { counted, house, now } from '../testing/example.ts';
import { inWords, signalLead } from '../testing/signal-lead.ts';
import { connect, PinPlanError, refitPinPlan } from './connect.ts';

const mic = signalLead('balanced', 'mic-pair', ['xlr-3-socket', 'xlr-3-plug']);

function put(made: typeof mic, endId: string, conductor: string, contact: string | null, pieceId = 'cable') {
  const end = endById(made.lead, endId);
  const card = made.cards.find(({ id }) => id === end.gaugeCardId)!;
  return connect(made.lead, end, card, house, { pieceId, conductor }, contact);
}

describe('a conductor on a contact', () => {
  test('moves there, and the lead it came from stays as it was', () => {
    const before = inWords(mic.lead);
    expect(inWords(put(mic, 'B', 'white', 'shell'))).toContain('B white shell');
    expect(inWords(mic.lead)).toEqual(before);
  });

  test('on the one it is on already changes nothing', () => {
    expect(put(mic, 'A', 'white', '2')).toBe(mic.lead);
  });

  test('taken off is spare; taken off again changes nothing', () => {
    const off = put(mic, 'A', 'blue', null);
    expect(inWords(off)).not.toContain('A blue 3');
    const end = endById(off, 'A');
    expect(connect(off, end, mic.cards[0]!, house, { pieceId: 'cable', conductor: 'blue' }, null)).toBe(off);
  });
});

describe('refused with its reason, and nothing is changed', () => {
  test('a contact that the end does not have', () => {
    expect(() => put(mic, 'A', 'white', '4')).toThrow(
      /End A has no contact "4": 3-pin XLR socket has 1, 2, 3, shell/,
    );
    expect(() => put(mic, 'A', 'white', '4')).toThrow(PinPlanError);
  });

  test('two conductors on a cup that cannot hold them', () => {
    const thick = signalLead('lighting', 'speaker-4x2.5', [
      'xlr-5-plug-large-entry',
      'xlr-5-socket-large-entry',
    ]);
    expect(() => put(thick, 'A', 'black', '3')).toThrow(
      /Contact 3 of end A cannot hold both\. 2 conductors do not go into one cup/,
    );
    // Two thin ones do.
    expect(inWords(put(mic, 'A', 'white', '3'))).toContain('A white 3');
  });

  test('the last connection taken away', () => {
    const [only] = mic.lead.pinPlan;
    const bare = { ...mic, lead: { ...mic.lead, pinPlan: [only!] } };
    expect(() => put(bare, only!.endId, only!.conductor, null)).toThrow(
      /Nothing would be connected any more/,
    );
  });
});

describe('a pin plan after its lead was changed', () => {
  test('stands while all of it exists', () => {
    const other = {
      ...mic.lead,
      pieces: mic.lead.pieces.map((piece) => ({ ...piece, cableId: 'star-quad-mic' })),
    };
    expect(refitPinPlan(other, house)).toBe(other);
  });

  test('is made anew when conductors or contacts are gone, or nothing was connected', () => {
    const coloured = {
      ...mic.lead,
      pieces: mic.lead.pieces.map((piece) => ({ ...piece, cableId: 'install-pair' })),
    };
    expect(inWords(refitPinPlan(coloured, house))).toContain('A red 2');
    const ends = mic.lead.ends.map((end) => (end.id === 'B' ? { ...end, connectorId: 'jack-6-trs' } : end));
    expect(inWords(refitPinPlan({ ...mic.lead, ends }, house))).toContain('B white tip');
    expect(inWords(refitPinPlan({ ...mic.lead, pinPlan: [] }, house))).toEqual(inWords(mic.lead));
  });

  test('follows house practice for what is made now', () => {
    const lights = signalLead('lighting', 'lighting-2-pair', ['xlr-5-plug', 'xlr-5-socket']).lead;
    const as = { ...house, practice: { ...house.practice, secondPair: 'leave empty' as const } };
    expect(refitPinPlan({ ...lights, pinPlan: [] }, as).pinPlan).toHaveLength(6);
    expect(refitPinPlan(lights, as)).toBe(lights);
  });

  test('a split is joined anew when a leg gets another cable', () => {
    const { lead } = makeLead(
      {
        name: 'Y',
        purpose: '',
        signal: 'stereo',
        cableId: 'mic-pair',
        legCableId: 'twin-phono',
        split: 'joined',
        near: { connector: connectorById('jack-6-trs') },
        far: ['left', 'right'].map((channel) => ({
          connector: connectorById('phono-half-shell'),
          channel: channel as 'left',
          legLength: 0.5,
        })),
        length: 1,
        frequencies: [20e3],
      },
      counted(),
      now,
    );
    expect(refitPinPlan(lead, house).joins).toBe(lead.joins);
    const other = refitPinPlan(
      {
        ...lead,
        pieces: lead.pieces.map((piece) =>
          piece.id === 'cable C' ? { ...piece, cableId: 'mic-pair' } : piece,
        ),
      },
      house,
    );
    expect(other.joins.map(({ conductors }) => conductors.map(({ conductor }) => conductor))).toEqual([
      ['white', 'centre'],
      ['blue', 'white'],
      ['shield', 'shield', 'shield'],
    ]);
  });
});
