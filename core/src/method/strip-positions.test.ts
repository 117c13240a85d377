import { describe, expect, test } from '@jest/globals';
import { braidThickness } from '../cable/braid.ts';
import type { FeatureName } from '../connector/features.ts';
import { exampleEnd } from '../testing/example.ts';
import type { CutLayer } from '../strip/strip-plan.ts';
import { findCut, stripLength } from '../strip/cut-of.ts';
import { methodOf } from './methods.ts';

type Measured = Partial<Record<FeatureName, number>>;

const stripOf = (cableId: string, connectorId: string, measured: Measured = {}) => {
  const end = exampleEnd(cableId, connectorId, { measured });
  return methodOf(end.connector.method).strip(end);
};
const positions = (cableId: string, connectorId: string, measured: Measured = {}) => {
  const strip = stripOf(cableId, connectorId, measured);
  return Object.fromEntries(
    strip.cuts.map(({ layer, position }) => [layer, Number((position.value * 1e3).toFixed(3))]),
  );
};

/** Cards with round figures, so that every position can be worked out by hand from the drawing of its method. */
const cases: readonly {
  readonly method: string;
  readonly cable: string;
  readonly connector: string;
  readonly card: Measured;
  readonly mm: Partial<Record<CutLayer, number>>;
  readonly rearLip: number;
}[] = [
  {
    method: 'contact and ferrule: xb = s - 0.4, xd = d - t, xc = xd + p - 0.3',
    cable: 'rg-58',
    connector: 'bnc-plug-50-crimp-5',
    card: { stemLength: 10e-3, stopDepth: 14e-3, pinFlange: 0.5e-3, pinBoreDepth: 4e-3 },
    mm: { braid: 9.6, dielectric: 13.5, conductor: 17.2 },
    rearLip: 0,
  },
  {
    method: 'the same with foil, which ends 1 mm behind the contact',
    cable: 'low-loss-5',
    connector: 'tnc-plug-50-crimp-5',
    card: { stemLength: 10e-3, stopDepth: 14e-3, pinFlange: 0.5e-3, pinBoreDepth: 4e-3 },
    mm: { braid: 9.6, foil: 12.5, dielectric: 13.5, conductor: 17.2 },
    rearLip: 0,
  },
  {
    method: 'captive contact: xd = d - 0.3, xc = d + k - 0.6',
    cable: 'low-loss-10',
    connector: 'n-plug-push-on-10-low-loss',
    card: { stemLength: 12e-3, stopDepth: 16e-3, contactReach: 6e-3 },
    mm: { braid: 11.6, foil: 15.7, dielectric: 15.7, conductor: 21.4 },
    rearLip: 0,
  },
  {
    method: 'hollow tip: the conductor stands 1.5 mm out of it',
    cable: 'rg-213',
    connector: 'uhf-plug-hollow-tip-10',
    card: { stemLength: 12e-3, stopDepth: 16e-3, lipToTip: 45e-3 },
    mm: { braid: 11.6, dielectric: 15.7, conductor: 46.5 },
    rearLip: 0,
  },
  {
    method: 'soldered body: jacket through the thread, braid 2 mm short of the stop',
    cable: 'rg-213',
    connector: 'uhf-plug-soldered-10-silver',
    card: { threadLength: 7e-3, holeCentre: 12e-3, holeDiameter: 3e-3, stopDepth: 18e-3, lipToTip: 44e-3 },
    mm: { braid: 9, dielectric: 10.7, conductor: 38.5 },
    rearLip: -7,
  },
  {
    method: 'soldered body with holes far back: the jacket ends 1 mm behind them',
    cable: 'rg-213',
    connector: 'uhf-plug-soldered-10-silver',
    card: { threadLength: 9e-3, holeCentre: 10e-3, holeDiameter: 3e-3, stopDepth: 18e-3, lipToTip: 44e-3 },
    mm: { braid: 8.5, dielectric: 10.2, conductor: 38 },
    rearLip: -7.5,
  },
  {
    method: 'screw-on: the jacket fills the thread, braid folded back over seven tenths of it',
    cable: 'rg-58',
    connector: 'uhf-plug-screw-on-5',
    card: { threadLength: 10e-3, holeCentre: 13e-3, stopDepth: 17e-3, lipToTip: 42e-3 },
    mm: { braid: 7, dielectric: 6.7, conductor: 33.5 },
    rearLip: -10,
  },
  {
    method: 'reducer: the jacket flush with the nose, braid folded 2.4 mm past the holes: n - e + m/2 + 2.4',
    cable: 'rg-58',
    connector: 'uhf-plug-reducer-5',
    card: {
      noseLength: 12e-3,
      holeCentre: 9e-3,
      holeDiameter: 3e-3,
      stopDepth: 18e-3,
      lipToTip: 44e-3,
    },
    mm: { braid: 6.9, dielectric: 5.7, conductor: 33.5 },
    rearLip: -12,
  },
  {
    method: 'clamp gland: through the clamp and back over its cone, 3-4-5',
    cable: 'rg-213',
    connector: 'n-plug-clamp-10',
    card: {
      coneLength: 3e-3,
      clampBore: 8e-3,
      coneRim: 16e-3,
      stackLength: 14e-3,
      insulatorSeat: 1.5e-3,
      pinFlange: 0.5e-3,
      pinBoreDepth: 5e-3,
    },
    mm: { braid: 3 + 5 - 0.5, dielectric: 4, conductor: 8.7 },
    rearLip: -11,
  },
  {
    method: 'semi-rigid: counted from the tube, dielectric flush with it',
    cable: 'rg-402',
    connector: 'sma-plug-direct-rg-402',
    card: { tubeSeat: 5e-3, pinBoreDepth: 2.5e-3 },
    mm: { dielectric: 0, conductor: 2.2 },
    rearLip: -5,
  },
  {
    method: 'feeder: ring in its valley, sawn on the crest before it',
    cable: 'corrugated-1/2',
    connector: 'n-plug-feeder-1/2',
    card: { ringValley: 12e-3, pitch: 6e-3, conductorProud: 7e-3, stopDepth: 30e-3 },
    mm: { tube: 15, dielectric: 13.5, conductor: 22 },
    rearLip: -18,
  },
  {
    method: 'trunk: cored behind the sheath end, conductor 1.5 mm beyond the seizing nut',
    cable: 'trunk-13',
    connector: 'trunk-splice-13',
    card: { jacketOffset: 3e-3, insertionDepth: 20e-3, coringDepth: 26e-3, seizingDepth: 15e-3 },
    mm: { tube: 22.5, dielectric: -3.5, conductor: 39.5 },
    rearLip: 3,
  },
  {
    method: 'compression: dielectric flush with the post, conductor 3 mm proud of the nut',
    cable: 'rg-6',
    connector: 'f-plug-compression-rg-6',
    card: { jacketOffset: -9e-3, stopDepth: 15e-3, lipToTip: 22e-3 },
    mm: { braid: 5, foil: 6, dielectric: 6, conductor: 16 },
    rearLip: -9,
  },
];

describe('positions from the connector in hand, worked out by hand', () => {
  test.each(cases)('$method', ({ cable, connector, card, mm, rearLip }) => {
    const expected = Object.fromEntries(
      Object.entries(mm).map(([layer, value]) => [layer, Number(value.toFixed(3))]),
    );
    expect(positions(cable, connector, card)).toEqual(expected);
    expect(stripOf(cable, connector, card).rearLip).toBeCloseTo(rearLip * 1e-3, 9);
  });

  test.each(cases)('$method: the sum that is shown is the figure', ({ cable, connector, card }) => {
    for (const { position } of stripOf(cable, connector, card).cuts) {
      const plain = position.terms.every(({ label }) => !/^Half|Slant/.test(label));
      if (position.terms.length < 2 || !plain || !/^[-\w() +/.]+$/.test(position.formula)) continue;
      const signed = evaluate(position.formula, position.terms);
      if (signed !== undefined) expect(signed).toBeCloseTo(position.value, 9);
    }
  });
});

/** Puts the terms into a formula of letters, pluses, minuses and brackets; undefined where a letter is a word. */
function evaluate(
  formula: string,
  terms: readonly { symbol?: string | undefined; value: number }[],
): number | undefined {
  const bySymbol = new Map(terms.map(({ symbol, value }) => [symbol, Math.abs(value)]));
  let unknown = false;
  const negative = new Set(terms.filter(({ value }) => value < 0).map(({ symbol }) => symbol));
  const numbers = formula.replace(/[A-Za-z]+/g, (letter) => {
    const value = bySymbol.get(letter);
    if (value === undefined) unknown = true;
    // A term may carry the sign of the formula, or its own (a lip that lies over the jacket).
    return String(letter === 'j' && negative.has('j') ? -(value ?? 0) : (value ?? 0));
  });
  if (unknown || /[^\d.()e+\- ]/.test(numbers)) return undefined;
  let sum = 0;
  let sign = 1;
  for (const token of numbers.replaceAll(/[()]/g, ' ').split(/\s+/).filter(Boolean)) {
    if (token === '+') sign = 1;
    else if (token === '-') sign = -1;
    else sum += sign * Number(token);
  }
  return sum;
}

describe('what a measured feature moves', () => {
  const move = (cable: string, connector: string, name: FeatureName, by = 1e-3) => {
    const end = exampleEnd(cable, connector);
    const before = positions(cable, connector);
    const after = positions(cable, connector, { [name]: end.card.features[name]!.value + by });
    return Object.fromEntries(
      Object.keys(before).map((layer) => [layer, Number((after[layer]! - before[layer]!).toFixed(3))]),
    );
  };
  test.each<[string, string, FeatureName, Record<string, number>]>([
    ['rg-58', 'n-plug-50-crimp-5', 'pinBoreDepth', { braid: 0, dielectric: 0, conductor: 1 }],
    [
      'low-loss-6',
      'uhf-plug-push-on-6-50',
      'contactReach',
      { braid: 0, foil: 0, dielectric: 0, conductor: 1 },
    ],
    ['rg-213', 'uhf-plug-soldered-10-nickel', 'lipToTip', { braid: 0, dielectric: 0, conductor: 1 }],
    ['rg-213', 'n-socket-clamp-10', 'insulatorSeat', { braid: 0, dielectric: 1, conductor: 1 }],
    ['rg-405', 'n-plug-direct-rg-405', 'pinBoreDepth', { dielectric: 0, conductor: 1 }],
    ['corrugated-7/8', '7-16-plug-feeder-7/8', 'ringValley', { tube: 1, dielectric: 1, conductor: 1 }],
    ['trunk-19', 'trunk-pin-19', 'coringDepth', { tube: 0, dielectric: -1, conductor: 0 }],
    ['rg-59', 'f-plug-compression-rg-59', 'lipToTip', { braid: 0, dielectric: 0, conductor: 1 }],
  ])('%s in %s: %s', (cable, connector, name, moved) => {
    expect(move(cable, connector, name)).toEqual(moved);
  });
});

describe('how a strip is made and shown', () => {
  test('a two-position prep tool is set from the squared end: first cut bares the conductor, second the braid', () => {
    const strip = stripOf('low-loss-10', 'n-socket-push-on-10-low-loss');
    const end = stripLength(strip).value;
    expect(strip.prepTool.map(({ label }) => label)).toEqual(['first cut', 'second cut']);
    expect(strip.prepTool[0]!.at.value).toBeCloseTo(end - findCut(strip, 'dielectric')!.position.value, 9);
    expect(strip.prepTool[1]!.at.value).toBeCloseTo(end, 9);
  });

  test('each way of cutting has its own uncertainty, and what it cannot hold is said', () => {
    const held = (cable: string, connector: string) => {
      const strip = stripOf(cable, connector);
      return [strip.strippedWith, strip.cuts.filter(({ beyondMethod }) => beyondMethod).length] as const;
    };
    expect(held('corrugated-1-1/4', 'n-plug-feeder-1-1/4')[0]).toBe('fine saw');
    expect(held('trunk-13', 'trunk-pin-13')[0]).toBe('coring tool');
    expect(held('rg-402', 'n-socket-direct-rg-402')).toEqual(['trimmed under the magnifier', 0]);
    expect(held('rg-58', 'bnc-plug-50-crimp-5')).toEqual(['prep tool', 0]);
  });

  test('a double braid lies thicker on the stem than a single one', () => {
    const over = (cable: string) =>
      stripOf(cable, 'tnc-plug-50-crimp-5').section.find(({ name }) => name === 'braid')!.outside[0];
    const double = exampleEnd('rg-223', 'tnc-plug-50-crimp-5').cable;
    expect(double.braids).toHaveLength(2);
    expect(over('rg-223') - over('rg-58')).toBeGreaterThan(1.5 * braidThickness(double.braids[0]!));
  });

  test('plug and socket of a push-on differ in length, not in strip', () => {
    const bodies = ['plug', 'socket'].map((sex) => exampleEnd('low-loss-15', `n-${sex}-push-on-15-low-loss`));
    const [plug, socket] = bodies.map(({ card }) => card.features.lipToMatingPlane!.value);
    expect(socket! - plug!).toBeGreaterThan(2e-3);
    expect(positions('low-loss-15', 'n-plug-push-on-15-low-loss')).toEqual(
      positions('low-loss-15', 'n-socket-push-on-15-low-loss'),
    );
  });
});
