import { describe, expect, test } from '@jest/globals';
import { coaxById } from '../cable/catalogue/catalogue.ts';
import { coaxConnectorById, coaxConnectors } from '../connector/catalogue/catalogue.ts';
import { house } from '../testing/example.ts';
import type { EndWant } from './find-end.ts';
import { connectorsFor, findEnds, judgeEnd } from './find-end.ts';

const want = (change: Partial<EndWant> & { cableId?: string } = {}): EndWant => {
  const { cableId = 'rg-58', ...rest } = change;
  return {
    port: null,
    cable: coaxById(cableId),
    systemImpedance: 50,
    frequency: 160e6,
    power: 5,
    environment: 'indoor',
    method: null,
    house,
    ...rest,
  };
};
const socket = (seriesId: 'sma' | 'n' | 'bnc' | 'uhf' | 'f', reversePolarity = false) => ({
  seriesId,
  sex: 'socket' as const,
  reversePolarity,
});
const good = (asked: EndWant) =>
  findEnds(asked)
    .filter(({ verdict }) => verdict !== 'does not fit')
    .map(({ connector }) => connector);
const reasonsOf = (asked: EndWant, id: string) => {
  const { verdict, reasons } = judgeEnd(asked, coaxConnectorById(id));
  return { verdict, text: reasons.map(({ text }) => text).join(' ') };
};

describe('mating', () => {
  test('a socket wants the plug of its series, whatever the method', () => {
    const found = good(want({ port: socket('bnc') }));
    expect(found.length).toBeGreaterThan(1);
    expect(new Set(found.map(({ series, sex }) => `${series.series} ${sex}`))).toEqual(new Set(['BNC plug']));
    expect(new Set(found.map(({ method }) => method))).toEqual(new Set(['pin and ferrule', 'clamp gland']));
  });

  test('a plug wants the socket', () => {
    const found = good(want({ port: { seriesId: 'n', sex: 'plug', reversePolarity: false } }));
    expect(found.every(({ sex }) => sex === 'socket')).toBe(true);
    expect(reasonsOf(want({ port: socket('n') }), 'n-socket-50-crimp-5').text).toContain(
      'The port is a socket and so is this',
    );
  });

  test('reverse polarity screws on and makes no contact: both ways round', () => {
    expect(good(want({ port: socket('sma', true) })).map(({ id }) => id)).toEqual(['rp-sma-plug-50-crimp-5']);
    const straight = reasonsOf(want({ port: socket('sma') }), 'rp-sma-plug-50-crimp-5');
    expect(straight).toMatchObject({ verdict: 'does not fit' });
    expect(straight.text).toContain('makes no contact');
    expect(reasonsOf(want({ port: socket('sma', true) }), 'sma-plug-50-crimp-5').text).toContain('has a pin');
  });

  test('a 75-ohm BNC is another series to a 50-ohm port', () => {
    expect(reasonsOf(want({ port: socket('bnc'), cableId: 'rg-59' }), 'bnc-plug-75-crimp-6').text).toContain(
      'another series',
    );
  });
});

describe('what stands against an end', () => {
  test('the cable: too thick, too thin, a tube', () => {
    expect(reasonsOf(want({ cableId: 'rg-213' }), 'n-plug-50-crimp-5').text).toMatch(
      /will not go on the jacket/,
    );
    expect(reasonsOf(want({ cableId: 'rg-316' }), 'n-plug-50-crimp-10').text).toMatch(/thicker cable/);
    expect(reasonsOf(want({ cableId: 'corrugated-1/2' }), 'n-plug-50-crimp-10').text).toMatch(/is a tube/);
    expect(reasonsOf(want({ cableId: 'rg-58' }), 'n-plug-feeder-1/2').text).toMatch(/corrugated feeder/);
  });

  test('frequency: above what the series does', () => {
    expect(reasonsOf(want({ frequency: 6e9 }), 'bnc-plug-50-crimp-5').text).toContain('goes up to 4 GHz');
    expect(reasonsOf(want({ frequency: 6e9 }), 'sma-plug-50-crimp-5').verdict).not.toBe('does not fit');
  });

  test('the UHF pattern has no class limit: its own mismatch decides', () => {
    const uhf = (frequency: number) => reasonsOf(want({ frequency }), 'uhf-plug-reducer-5');
    expect(uhf(30e6).verdict).not.toBe('does not fit');
    expect(uhf(1e9).text).toMatch(/35 ohm in 50: SWR/);
  });

  test('power: more than the series stands', () => {
    expect(reasonsOf(want({ power: 1000, frequency: 1e9 }), 'sma-plug-50-crimp-5').text).toMatch(
      /It stands \d+ W/,
    );
    expect(
      reasonsOf(want({ power: 1000, frequency: 1e9, cableId: 'corrugated-7/8' }), '7-16-plug-feeder-7/8')
        .verdict,
    ).not.toBe('does not fit');
  });

  test('weather is a care, not a refusal, where the mated pair can be wrapped', () => {
    const outdoors = judgeEnd(want({ environment: 'marine' }), coaxConnectorById('bnc-plug-50-crimp-5'));
    expect(outdoors.verdict).toBe('tight');
    expect(outdoors.reasons[0]!.text).toContain('not sealed');
    expect(judgeEnd(want({ environment: 'marine' }), coaxConnectorById('n-plug-50-crimp-5')).reasons).toEqual(
      [],
    );
  });

  test('tools: a die or a tool that the shop lacks', () => {
    const bare = { ...house, dies: [1.73e-3], tools: [] };
    expect(reasonsOf(want({ house: bare }), 'n-plug-50-crimp-5').text).toMatch(
      /Die for the ferrule: No exact die/,
    );
    expect(reasonsOf(want({ house: bare }), 'n-plug-clamp-5').text).toContain('no gland spanners (Stores)');
    expect(good(want({ house: bare }))).toEqual([]);
    expect(connectorsFor(coaxById('rg-58'), bare).length).toBe(
      connectorsFor(coaxById('rg-58'), house).length,
    );
  });

  test('a method that is not wanted is set aside', () => {
    const only = good(want({ method: 'clamp gland' }));
    expect(only.length).toBeGreaterThan(0);
    expect(only.every(({ method }) => method === 'clamp gland')).toBe(true);
  });
});

describe('what is found', () => {
  test('all are judged, those that do first, then by how little stands against them', () => {
    const all = findEnds(want());
    expect(all).toHaveLength(coaxConnectors.length);
    const ranks = all.map(({ verdict }) => ['fits', 'tight', 'does not fit'].indexOf(verdict));
    expect(ranks).toEqual([...ranks].sort((a, b) => a - b));
    for (const { verdict, reasons } of all)
      expect(verdict === 'does not fit').toBe(reasons.some(({ weight }) => weight === 'against'));
  });

  test('the bag holds connector, parts, shrink, dies and tools', () => {
    const bag = (id: string, change: Partial<EndWant> & { cableId?: string } = {}) =>
      judgeEnd(want(change), coaxConnectorById(id)).bag;
    expect(bag('bnc-plug-50-crimp-5')).toEqual([
      'BNC plug',
      'ferrule',
      'shrink 9.5 mm',
      'hex die 5.41 mm',
      'hex die 1.73 mm',
    ]);
    expect(bag('uhf-plug-reducer-5')).toEqual(
      expect.arrayContaining(['UHF plug', 'reducer', 'coupling', 'iron with a big tip']),
    );
    expect(bag('n-plug-clamp-10', { cableId: 'rg-213', environment: 'marine' })).toEqual(
      expect.arrayContaining(['gasket', 'washer', 'gland nut', 'self-amalgamating tape', 'gland spanners']),
    );
    expect(bag('n-plug-feeder-1/2')).toEqual([]);
  });

  test('every cable of the trade has an end of its impedance', () => {
    for (const id of ['rg-174', 'rg-59', 'rg-6', 'low-loss-13', 'rg-405', 'corrugated-1-5/8', 'trunk-19']) {
      const cable = coaxById(id);
      const found = connectorsFor(cable, house);
      expect([id, found.length > 0]).toEqual([id, true]);
      for (const { series } of found)
        expect(series.id === 'uhf' || Math.abs(series.impedance - cable.nominalImpedance) < 3).toBe(true);
    }
  });
});
