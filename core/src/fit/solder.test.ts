import { describe, expect, test } from '@jest/globals';
import { connectorById } from '../connector/catalogue/catalogue.ts';
import { usualSignal } from '../connector/signal.ts';
import { stepRuns } from '../recipe/step.ts';
import { house } from '../testing/example.ts';
import { signalPlan } from '../testing/signal-lead.ts';
import { calledOf } from '../testing/step-called.ts';
import { gapVolume, solderFeed, solderHeat, solderLength } from './solder.ts';

const leaded = { ...house, practice: { ...house.practice, solder: 'leaded' as const } };

describe('solder to feed', () => {
  test('a 1.6 x 3.2 mm cup with 0.25 mm2 in it takes about 17 mm of 0.7 mm wire with 2.2 % flux', () => {
    const conductor = 2 * Math.sqrt(0.25e-6 / Math.PI);
    const volume = gapVolume(1.6e-3, conductor, 3.2e-3);
    expect(solderLength(volume, { diameter: 0.7e-3, fluxByMass: 0.022 }) * 1e3).toBeCloseTo(17, 0);
  });

  test('flux of 2.2 % by mass is about 13 % of the volume', () => {
    const solid = solderLength(1e-9, { diameter: 1e-3, fluxByMass: 0 });
    const cored = solderLength(1e-9, { diameter: 1e-3, fluxByMass: 0.022 });
    expect(1 - solid / cored).toBeCloseTo(0.13, 1);
    expect(solid).toBeCloseTo(1e-9 / ((Math.PI / 4) * 1e-6), 12);
  });

  test('thinner wire is fed longer, a fuller bore shorter, a full one not at all', () => {
    const feed = (inside: number, diameter: number) =>
      solderFeed([{ label: 'tip', bore: 2e-3, inside, depth: 5e-3 }], {
        ...house,
        solderWire: { diameter, fluxByMass: 0.022 },
      }).value;
    const exact = (inside: number, diameter: number) =>
      solderLength(gapVolume(2e-3, inside, 5e-3), { diameter, fluxByMass: 0.022 });
    expect(exact(1e-3, 0.5e-3)).toBeCloseTo(4 * exact(1e-3, 1e-3), 9);
    expect(feed(1e-3, 1e-3)).toBeCloseTo(15e-3, 9);
    expect(feed(1.5e-3, 1e-3)).toBeLessThan(feed(1e-3, 1e-3));
    expect(feed(2e-3, 1e-3)).toBe(0);
    expect(feed(3e-3, 1e-3)).toBe(0);
  });

  test('several gaps add up and each stands in the sum', () => {
    const gap = { label: 'a', bore: 2e-3, inside: 1e-3, depth: 4e-3 };
    const one = solderFeed([gap], house);
    const two = solderFeed([gap, { ...gap, label: 'b' }], house);
    expect(two.terms[0]!.value).toBeCloseTo(2 * one.terms[0]!.value, 12);
    expect(two.terms.filter(({ label }) => label.endsWith('bore'))).toHaveLength(2);
  });
});

describe('heat of a joint', () => {
  const pin = { length: 5e-3, outside: 2e-3 };
  const body = { length: 23e-3, outside: 11.9e-3 };

  test('contact time is till it wets, the wire at 10 mm/s, and a second to flow through', () => {
    // 5 x 2 mm of brass, 0.8 of it metal: 0.1068 g, 40.6 mJ/K, and 50 mJ/K along; 0.1 W/K from 350 C to wetting at 235 C in a room of 20 C.
    const wet = ((0.0406 + 0.05) / 0.1) * Math.log(330 / 115);
    expect(solderHeat('pin', pin, house, 5e-3).contact.value).toBeCloseTo(wet + 0.5 + 1, 2);
    const terms = solderHeat('pin', pin, house, 5e-3).contact.terms.map(({ label }) => label);
    expect(terms.slice(0, 3)).toEqual(['Till it wets', 'Wire fed at 10 mm/s', 'To flow through']);
  });

  test('over 12 s the tip becomes a bigger one, not the time longer', () => {
    const usual = solderHeat('body hole', body, house, 35e-3);
    const heavy = solderHeat('body hole', { ...body, length: 60e-3 }, house, 35e-3);
    expect(usual.tip).toBe('chisel 6 mm');
    expect(heavy.tip).toMatch(/8 mm or wider/);
    expect(heavy.contact.value).toBeLessThan(12);
  });

  test('a large body stays hot for minutes, a pin for seconds', () => {
    expect(solderHeat('body hole', body, house).cool.value).toBeGreaterThan(90);
    expect(solderHeat('pin', pin, house).cool.value).toBeLessThan(20);
  });

  test('leaded solder is set thirty degrees lower', () => {
    for (const kind of ['body hole', 'pin'] as const)
      expect(solderHeat(kind, body, house).celsius - solderHeat(kind, body, leaded).celsius).toBe(30);
  });

  test('more metal takes longer and cools longer, in a warmer room less of the first', () => {
    const heat = (scale: number, roomCelsius = 20) =>
      solderHeat('body hole', { ...body, length: body.length * scale }, { ...house, roomCelsius });
    expect(heat(1.5).contact.value).toBeGreaterThan(heat(1).contact.value);
    expect(heat(1.5).cool.value).toBeGreaterThan(heat(1).cool.value);
    expect(heat(1, 35).contact.value).toBeLessThan(heat(1).contact.value);
  });
});

/** Contact times and wire as they are at the bench, with 1.0 mm wire: ranges of the trade. Seconds and millimetres. */
const ranges = {
  cup: { seconds: [3, 5], wire: [10, 20] },
  lug: { seconds: [2, 3], wire: [5, 10] },
  pin: { seconds: [2, 4], wire: [5, 15] },
  tip: { seconds: [8, 10], wire: [5, 35] },
  hole: { seconds: [8, 10], wire: [20, 35] },
  tube: { seconds: [4, 8], wire: [5, 15] },
} as const;

describe('worked cases', () => {
  test.each([
    ['xlr-3-plug', 'mic-pair', 'joint 2', 'cup'],
    ['xlr-3-socket', 'mic-pair', 'joint 1', 'cup'],
    ['xlr-3-plug', 'star-quad-mic', 'joint 2', 'cup'],
    ['xlr-3-plug-right-angle', 'mic-pair', 'joint 3', 'cup'],
    ['xlr-5-plug', 'lighting-2-pair', 'joint 2', 'cup'],
    ['xlr-5-socket', 'lighting-2-pair', 'joint 5', 'cup'],
    ['jack-6-ts', 'instrument', 'joint tip', 'lug'],
    ['jack-6-ts', 'instrument', 'joint sleeve', 'lug'],
    ['jack-6-trs', 'mic-pair', 'joint ring', 'lug'],
    ['jack-6-trs-chuck', 'mic-pair', 'joint tip', 'lug'],
    ['jack-6-ts-half-shell', 'mic-pair', 'joint tip', 'lug'],
    ['jack-3-trs-large', 'mic-pair', 'joint ring', 'lug'],
    ['tnc-plug-50-solder-5', 'rg-58', 'contact', 'pin'],
    ['n-plug-clamp-5', 'rg-223', 'contact', 'pin'],
    ['n-plug-clamp-10', 'rg-213', 'contact', 'pin'],
    ['n-plug-clamp-10-low-loss', 'low-loss-10', 'contact', 'pin'],
    ['sma-plug-direct-rg-402', 'rg-402', 'contact', 'pin'],
    ['uhf-plug-soldered-10-silver', 'rg-213', 'tip', 'tip'],
    ['uhf-plug-soldered-10-silver', 'rg-213', 'holes', 'hole'],
    ['uhf-plug-soldered-10-nickel', 'low-loss-10-stranded', 'holes', 'hole'],
    ['uhf-plug-hollow-tip-5', 'rg-58', 'tip', 'tip'],
    ['uhf-plug-reducer-5', 'rg-58', 'tip', 'tip'],
    ['uhf-plug-reducer-5', 'rg-58', 'holes', 'hole'],
    ['uhf-plug-screw-on-5', 'rg-58', 'tip', 'tip'],
    ['sma-plug-direct-rg-402', 'rg-402', 'body', 'tube'],
  ] as const)('%s on %s: %s takes the time and the wire of a %s', (connector, cable, called, kind) => {
    const signal = usualSignal(connectorById(connector));
    const { steps } = signalPlan(signal, cable, [connector, connector]);
    const step = steps.find((each) => each.endId === 'A' && calledOf(each) === called)!;
    const { seconds, wire } = ranges[kind];
    const [first] = step.figures.filter(({ figure }) => figure.kind === 'seconds');
    const [fed] = step.figures.filter(({ label }) => label.startsWith('solder wire 1.0 mm'));
    expect(first!.figure.value).toBeGreaterThanOrEqual(seconds[0]);
    expect(first!.figure.value).toBeLessThanOrEqual(seconds[1]);
    const millimetres = fed!.figure.value * 1e3;
    expect(millimetres).toBeGreaterThanOrEqual(wire[0]);
    expect(millimetres).toBeLessThanOrEqual(wire[1]);
    expect(millimetres % 5).toBeCloseTo(0, 9);
  });

  test('each hole has a time of its own, opposite ones in turn, and the body cools after the last', () => {
    const { steps } = signalPlan('radio', 'rg-213', [
      'uhf-plug-soldered-10-silver',
      'uhf-plug-soldered-10-silver',
    ]);
    const runs = stepRuns(steps.find(({ role }) => role === 'holes')!);
    expect(runs.map((run) => run.map(({ label }) => label))).toEqual([
      ['hole 1'],
      ['hole 2, opposite'],
      ['hole 3, between them'],
      ['hole 4, opposite', 'let it cool'],
    ]);
  });
});
