import { describe, expect, test } from '@jest/globals';
import type { Connection, Lead } from '../lead/lead.ts';
import { planLead } from './lead-plan.ts';
import { house } from '../testing/example.ts';
import { signalLead } from '../testing/signal-lead.ts';
import type { PinCheck } from '../fit/pin-check.ts';

type Made = ReturnType<typeof signalLead>;

const mic: Made = signalLead('balanced', 'mic-pair', ['xlr-3-socket', 'xlr-3-plug']);
const lights: Made = signalLead('lighting', 'lighting-2-pair', ['xlr-5-plug', 'xlr-5-socket']);

/** The pin plan with a conductor of an end on another contact, or on none. */
function moved(
  lead: Lead,
  ...moves: readonly [endId: string, conductor: string, contact: string | null][]
): Lead {
  return moves.reduce(
    (now, [endId, conductor, contact]) => ({
      ...now,
      pinPlan: now.pinPlan.flatMap((connection): Connection[] => {
        if (connection.endId !== endId || connection.conductor !== conductor) return [connection];
        return contact === null ? [] : [{ ...connection, contact }];
      }),
    }),
    lead,
  );
}

const checksOf = ({ cards }: Made, lead: Lead): readonly PinCheck[] => planLead(lead, cards, house).pinChecks;
const codes = (made: Made, lead: Lead = made.lead) =>
  checksOf(made, lead).map(({ code, weight }) => `${weight}: ${code}`);

describe('nothing against it', () => {
  test.each([
    ['microphone', mic],
    ['lighting', lights],
    ['speaker', signalLead('speaker', 'speaker-2x2.5', ['speaker-2-cable', 'speaker-2-cable'])],
    ['instrument', signalLead('unbalanced', 'instrument', ['jack-6-ts', 'jack-6-ts-low-profile'])],
    ['two-core with a spare', signalLead('unbalanced', 'mic-pair', ['jack-6-ts', 'phono-spring'])],
  ])('%s', (_name, made) => expect(codes(made)).toEqual([]));
});

describe('what will not work', () => {
  test('hot and cold changed over at one end', () => {
    const turned = moved(mic.lead, ['B', 'white', '3'], ['B', 'blue', '2']);
    expect(codes(mic, turned)).toEqual(['wrong: polarity', 'wrong: polarity']);
    expect(checksOf(mic, turned)[0]!.message).toMatch(
      /end A 2 \(hot\), end B 3 \(cold\).*Swap the two cores/,
    );
  });

  test('the second lighting pair reversed, in the words of lighting', () => {
    const turned = moved(lights.lead, ['B', 'red', '4'], ['B', 'green', '5']);
    expect(checksOf(lights, turned)[0]!.message).toMatch(/data 2-.*data 2\+.*garbage or nothing/);
  });

  test('a core of each pair for one role and its opposite: a split pair tests through and fails', () => {
    const split = moved(
      lights.lead,
      ['A', 'black', '4'],
      ['A', 'green', '2'],
      ['B', 'black', '4'],
      ['B', 'green', '2'],
    );
    expect(codes(lights, split)).toContain('wrong: split pair');
  });

  test('screen on the shell of a lighting lead', () => {
    expect(codes(lights, moved(lights.lead, ['B', 'shield', 'shell']))).toContain(
      'wrong: shield on the shell',
    );
    expect(codes(mic, moved(mic.lead, ['B', 'shield', 'shell']))).toContain('risk: shield on the shell');
  });

  test('signal and shield on one contact', () => {
    expect(codes(mic, moved(mic.lead, ['A', 'white', '1']))).toContain('wrong: roles meet');
  });

  test('an unbalanced lead without its return', () => {
    const made = signalLead('unbalanced', 'instrument', ['jack-6-ts', 'jack-6-ts']);
    expect(codes(made, moved(made.lead, ['B', 'shield', null]))).toContain('wrong: shield missing');
  });

  test('one core on two contacts', () => {
    const twice = {
      ...mic.lead,
      pinPlan: [...mic.lead.pinPlan, { pieceId: 'cable', conductor: 'white', endId: 'A', contact: '3' }],
    };
    expect(codes(mic, twice)).toContain('wrong: double');
  });

  test('nothing connected at all', () => {
    expect(codes(mic, { ...mic.lead, pinPlan: [] })).toEqual(['wrong: nothing connected']);
  });

  test('left and right into a balanced input', () => {
    expect(codes(signalLead('stereo', 'mic-pair', ['jack-3-trs-large', 'xlr-3-plug']))).toContain(
      'wrong: stereo into balanced',
    );
  });

  test('a loudspeaker turned over, and why that matters', () => {
    const made = signalLead('speaker', 'speaker-2x2.5', ['speaker-2-cable', 'speaker-2-cable']);
    const turned = moved(made.lead, ['B', 'red', '1-'], ['B', 'black', '1+']);
    expect(checksOf(made, turned)[0]!.message).toMatch(/cancel the bass/);
  });
});

describe('what works with a risk, or wants to be known', () => {
  test('phantom power reaches unbalanced ends', () => {
    const made = signalLead('balanced', 'mic-pair', ['xlr-3-socket', 'jack-6-ts']);
    expect(codes(made)).toEqual(['risk: phantom', 'note: cold tied']);
    const open = signalLead('balanced', 'mic-pair', ['xlr-3-socket', 'jack-6-ts'], {
      choices: { cold: 'open' },
    });
    expect(codes(open)).toContain('note: cold open');
    expect(codes(signalLead('balanced', 'mic-pair', ['xlr-3-socket', 'jack-6-trs']))).toContain(
      'risk: phantom',
    );
  });

  test('the shield at one end of a balanced lead is a choice', () => {
    expect(codes(mic, moved(mic.lead, ['B', 'shield', null]))).toContain('note: shield missing');
  });

  test('a core that leads nowhere', () => {
    expect(codes(mic, moved(mic.lead, ['B', 'blue', null]))).toContain('risk: no way on');
  });

  test('four-pole sockets, ring colours, the second pair', () => {
    const y = (marker: string) =>
      signalLead('stereo', 'twin-phono', [
        'jack-3-trs-large',
        { id: 'phono-spring', channel: 'left', marker: 'white', legLength: 0.3 },
        { id: 'phono-spring', channel: 'right', marker, legLength: 0.3 },
      ]);
    expect(codes(y('red'))).toEqual(['note: four-pole']);
    expect(codes(y('blue'))).toContain('note: channel colour');
    const empty = signalLead('lighting', 'lighting-2-pair', ['xlr-5-plug', 'xlr-5-socket'], {
      choices: { secondPair: 'leave empty' },
    });
    expect(codes(empty)).toContain('note: second pair');
    expect(codes(signalLead('lighting', 'lighting-1-pair', ['xlr-3-plug', 'xlr-3-socket']))).toEqual([]);
  });

  test('the gravest stands first', () => {
    const made = signalLead('balanced', 'mic-pair', ['xlr-3-socket', 'jack-6-ts']);
    const order = { wrong: 0, risk: 1, note: 2 };
    const weights = checksOf(made, moved(made.lead, ['A', 'white', '1'])).map(({ weight }) => order[weight]);
    expect(weights).toEqual([...weights].sort());
    expect(weights.length).toBeGreaterThan(2);
  });
});
