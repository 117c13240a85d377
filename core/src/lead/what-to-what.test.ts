import { describe, expect, test } from '@jest/globals';
import { planLead } from '../plan/lead-plan.ts';
import { counted, house, now } from '../testing/example.ts';
import { makeLead } from './make-lead.ts';
import { signals } from '../connector/signal.ts';
import type { WhatToWhat } from './what-to-what.ts';
import { proposeLead } from './what-to-what.ts';
import { deviceSockets } from './device-sockets.ts';

const planOf = (what: WhatToWhat) => {
  const { lead, cards } = makeLead(proposeLead(what).request, counted(), now, house);
  return planLead(lead, cards, house);
};

/** Every two sockets that carry one signal; of stereo those that take both halves. */
const pairs = signals.flatMap((signal) => {
  const mine = deviceSockets.filter(
    ({ id, signals: carried }) =>
      carried.includes(signal) && !(signal === 'stereo' && ['jack-6', 'phono'].includes(id)),
  );
  return mine.flatMap((near) => mine.map((far) => [signal, near.id, far.id] as const));
});

describe('from what to what', () => {
  test.each(pairs)('%s from %s to %s fits and can be threaded', (signal, near, far) => {
    const plan = planOf({ signal, near, far: [far], length: 5 });
    expect(plan.ends.flatMap(({ fit }) => fit.filter(({ verdict }) => verdict === 'does not fit'))).toEqual(
      [],
    );
    expect(plan.withheld).toEqual([]);
    expect(plan.thread.possible).toBe(true);
    expect(plan.pinChecks.filter(({ weight }) => weight === 'wrong')).toEqual([]);
  });

  test('a terminal header takes the block that is asked for; ferrules follow the copper', () => {
    const ends = (what: WhatToWhat) =>
      [proposeLead(what).request.near, ...proposeLead(what).request.far].map(({ connector }) => connector.id);
    const block = {
      seriesId: 'terminal-5.08',
      positions: 6,
      clamp: 'spring',
      orientation: 'right-angle',
    } as const;
    expect(ends({ signal: 'balanced', near: 'xlr-3-pins', far: ['header'], length: 5, block })).toEqual([
      'xlr-3-socket',
      'terminal-5.08-spring-right-angle-6',
    ]);
    const ferrules = (length: number) =>
      ends({ signal: 'speaker', near: 'posts', far: ['ferrules'], length })[1];
    expect([ferrules(2), ferrules(25), ferrules(60)]).toEqual(
      ['1.5', '2.5', '4'].map((area) => `wire-ferrule-pair-${area}`),
    );
  });

  test('three sockets make a lead with a split, left white and right red', () => {
    const { request, reasons } = proposeLead({
      signal: 'stereo',
      near: 'jack-3',
      far: ['phono', 'phono'],
      length: 2,
    });
    expect(request.far.map(({ channel, marker, legLength }) => [channel, marker, legLength])).toEqual([
      ['left', 'white', 0.5],
      ['right', 'red', 0.5],
    ]);
    expect(request.length).toBe(1.5);
    expect(reasons.join(' ')).toMatch(/uncut.*told apart by their rings/);
    const short = proposeLead({ signal: 'stereo', near: 'jack-3', far: ['phono', 'phono'], length: 0.6 });
    expect(short.request.far[0]!.legLength).toBeCloseTo(0.18, 9);
  });

  test('or one cable is joined at the split, its cores to the legs in turn', () => {
    const plan = planOf({
      signal: 'stereo',
      near: 'jack-3',
      far: ['phono', 'phono'],
      length: 2,
      split: 'joined',
    });
    expect(plan.lead.pieces.map(({ cableId }) => cableId)).toEqual(['mic-pair', 'twin-phono', 'twin-phono']);
    expect(plan.lead.joins).toHaveLength(3);
    expect(plan.steps.some(({ title }) => title === 'Join the conductors at the split')).toBe(true);
    const both = planOf({
      signal: 'balanced',
      near: 'xlr-3-pins',
      far: ['xlr-3-holes', 'xlr-3-holes'],
      length: 3,
      split: 'joined',
    });
    expect(both.pinChecks.filter(({ weight }) => weight === 'wrong')).toEqual([]);
    expect(both.lead.joins.map(({ conductors }) => conductors.length)).toEqual([3, 3, 3]);
  });

  test('every end says what it mates with, and the cable why it was taken', () => {
    const { reasons, request } = proposeLead({
      signal: 'lighting',
      near: 'xlr-5-holes',
      far: ['xlr-5-pins'],
      length: 10,
    });
    expect(reasons[0]).toBe('End A: 5-pin XLR plug, because it mates with 5-pin with holes (lighting out).');
    expect(reasons[2]).toMatch(/120 ohm/);
    expect(request.frequencies).toEqual([250e3]);
  });

  test('a speaker cable grows with the run', () => {
    const cable = (length: number) =>
      proposeLead({ signal: 'speaker', near: 'speaker-2', far: ['speaker-2'], length }).request.cableId;
    expect([5, 25, 40, 400].map(cable)).toEqual([
      'speaker-2x1.5',
      'speaker-2x2.5',
      'speaker-2x4',
      'speaker-2x4',
    ]);
  });

  test('half a stereo signal is no lead: two sockets are asked for', () => {
    expect(() => proposeLead({ signal: 'stereo', near: 'jack-3', far: ['phono'], length: 2 })).toThrow(
      /phono carries one channel.*choose two/,
    );
    expect(() =>
      proposeLead({ signal: 'stereo', near: 'phono', far: ['phono', 'phono'], length: 2 }),
    ).toThrow(RangeError);
  });

  test('a socket that does not carry the signal is refused', () => {
    expect(() => proposeLead({ signal: 'speaker', near: 'phono', far: ['posts'], length: 2 })).toThrow(
      /phono does not carry speaker/,
    );
    expect(() => proposeLead({ signal: 'speaker', near: 'wall', far: ['posts'], length: 2 })).toThrow(
      /no socket "wall"/,
    );
  });
});
