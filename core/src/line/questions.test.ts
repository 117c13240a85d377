import { describe, expect, test } from '@jest/globals';
import { cableById, cables, coaxById } from '../cable/catalogue/catalogue.ts';
import { lineFigures } from '../cable/line-figures.ts';
import { alongLine, largestInputReflection, loadFromInput } from './along-line.ts';
import { exampleWant } from '../testing/example.ts';
import type { BudgetWant } from './budget.ts';
import { budget } from './budget.ts';
import { sweepCurves } from './band.ts';
import { frequencyGrid, sweepCascade } from './cascade.ts';
import { ChainError, chainElements, chainExtent, chainItemLabel, chainSchema } from './chain.ts';
import {
  beadHeat,
  beadImpedance,
  beadMaterials,
  beadsNeeded,
  chokeAt,
  commonModeCurrent,
  stackLength,
} from './choke.ts';
import { magnitude } from '../quantity/complex.ts';
import { connectorSeries, connectorSeriesById } from '../connector/series.ts';
import { connectorElement, leastOfAssembly, leastReturnLoss } from './connector-line.ts';
import { decimated } from './decimate.ts';
import { solveLine } from './line.ts';
import { delayOfLength, phaseSet } from './phase-set.ts';
import { hotSpotFactor, powerLimits } from './power-rating.ts';

const n = connectorSeriesById('n');
const want: BudgetWant = { ...exampleWant, environment: 'outdoor' };

describe('budget', () => {
  test('those that do come first, cheapest first; every other says why', () => {
    const rows = budget(cables, want);
    const good = rows.filter(({ reasons }) => reasons.length === 0);
    expect(good[0]!.cable.id).toBe('low-loss-10');
    expect(rows.slice(0, good.length)).toEqual(good);
    expect(good.map(({ cost }) => cost)).toEqual(good.map(({ cost }) => cost).sort((a, b) => a - b));
    for (const row of rows) expect(row.marginDb < 0).toBe(row.reasons.some(({ code }) => code === 'loss'));
  });

  test('the longest run of each just meets the limit', () => {
    for (const { cable, longest } of budget(cables, want).filter((row) => row.longest > 0)) {
      const again = budget([cable], { ...want, length: longest })[0]!;
      expect(again.lossDb).toBeCloseTo(1, 9);
    }
  });

  test.each([
    ['environment', { environment: 'buried' }, 'rg-213'],
    ['power', { power: 5000 }, 'rg-58'],
    ['frequency', { frequencies: [15e9], ends: [] }, 'corrugated-1-5/8'],
    ['temperature', { ambientCelsius: 120 }, 'rg-58'],
    ['impedance', {}, 'rg-59'],
  ] as const)('a cable fails by %s', (code, change, id) => {
    const [row] = budget([cableById(id)], { ...want, ...change });
    expect(row!.reasons.map((reason) => reason.code)).toContain(code);
  });

  test('says from where a loss is to be trusted, and refuses an absurd want', () => {
    const [row] = budget([cableById('rg-174')], { ...want, frequencies: [1e6] });
    expect(row!.lossTrustedFrom).toBeGreaterThan(10e6);
    const beyond = (frequency: number) =>
      budget([cableById('rg-402')], { ...want, frequencies: [frequency], ends: [] })[0]!.tableEnds;
    expect([10e9, 12e9].map(beyond)).toEqual([undefined, 10e9]);
    expect(() => budget(cables, { ...want, length: 0 })).toThrow(/above 0/);
    expect(() => budget(cables, { ...want, frequencies: [] })).toThrow(/at least one frequency/);
  });
});

describe('power', () => {
  const use = { frequency: 100e6, ambientCelsius: 40, duty: 1, swr: 1, altitude: 0 };
  const heat = (id: string, change: Partial<typeof use> = {}) =>
    powerLimits(coaxById(id), [], { ...use, ...change }).find(({ kind }) => kind === 'heat')!.power;

  test('class ratings at 100 MHz: some 230 W for RG-58, 900 W for RG-213, and PTFE carries more than its size', () => {
    // By convection and radiation of the jacket: sheets of the classes say 200 to 300 W, and 800 to 1 000 W.
    expect(Math.abs(heat('rg-58') / 230 - 1)).toBeLessThan(0.15);
    expect(Math.abs(heat('rg-213') / 880 - 1)).toBeLessThan(0.15);
    expect(heat('rg-316')).toBeGreaterThan(heat('rg-174') * 2);
  });

  // Peak powers that feeders and foam cables are rated for, kW.
  test.each([
    ['low-loss-10', 16],
    ['corrugated-1/2', 40],
    ['corrugated-7/8', 90],
    ['corrugated-1-1/4', 200],
    ['corrugated-1-5/8', 310],
  ])('gas at the conductor of %s breaks down at some %d kW', (id, kilowatts) => {
    const peak = powerLimits(coaxById(id), [], use).find(({ kind }) => kind === 'voltage')!.power / 1e3;
    expect(Math.abs(peak / kilowatts - 1)).toBeLessThan(0.16);
  });

  test('falls with frequency, warmth and standing wave; half the duty carries twice', () => {
    expect(heat('rg-213', { frequency: 1e9 })).toBeLessThan(heat('rg-213') / 3);
    // Convection and radiation fall a little faster than the warmth that drives them.
    const warm = heat('rg-213', { ambientCelsius: 60 }) / heat('rg-213');
    expect(warm).toBeGreaterThan(0.4);
    expect(warm).toBeLessThan(0.5);
    expect(heat('rg-213', { duty: 0.5 })).toBeCloseTo(2 * heat('rg-213'), 6);
    expect(heat('rg-213') / heat('rg-213', { swr: 3 })).toBeCloseTo(hotSpotFactor(3), 9);
    expect(heat('rg-58', { ambientCelsius: 90 })).toBe(0);
  });

  test('the weakest part is named first; height weakens connectors, not cable', () => {
    const limits = powerLimits(coaxById('low-loss-10'), [n, connectorSeriesById('uhf')], use);
    expect(limits.map(({ power }) => power)).toEqual(limits.map(({ power }) => power).sort((a, b) => a - b));
    expect(limits[0]!.part).toBe('UHF pair');
    const volts = (altitude: number, part: string) =>
      powerLimits(coaxById('rg-58'), [n], { ...use, altitude }).find(
        (limit) => limit.kind === 'voltage' && limit.part.startsWith(part),
      )!.power;
    expect(volts(3000, 'N')).toBeLessThan(0.6 * volts(0, 'N'));
    expect(volts(3000, 'RG')).toBe(volts(0, 'RG'));
    expect(() => powerLimits(coaxById('rg-58'), [], { ...use, swr: 0.5 })).toThrow(/SWR of 1 or more/);
  });
});

describe('connectors', () => {
  test('the UHF pattern has the return loss that is read of it', () => {
    const at = Float64Array.of(30e6, 162e6, 285e6);
    const { returnLossDb } = sweepCurves(
      sweepCascade([connectorElement(connectorSeriesById('uhf'))], at, 50),
    );
    const limits = [
      [41, 45],
      [26, 30],
      [21, 25],
    ] as const;
    limits.forEach(([low, high], k) => {
      expect(returnLossDb[k]).toBeGreaterThan(low);
      expect(returnLossDb[k]).toBeLessThan(high);
    });
  });
  test('an assembly may match less well the higher the frequency, and beyond its series nothing is promised', () => {
    const tnc = connectorSeriesById('tnc');
    expect([0.5e9, 2e9, 5e9, 8e9].map((frequency) => leastReturnLoss(tnc, frequency))).toEqual([
      23,
      20,
      17,
      undefined,
    ]);
    expect(leastReturnLoss(connectorSeriesById('uhf'), 1e8)).toBeUndefined();
    // The UHF pattern has no class: what is computed of it less 3 dB, or the class of the other end where that is lower.
    const [uhf, n] = [connectorSeriesById('uhf'), connectorSeriesById('n')];
    expect(leastOfAssembly([uhf, uhf], 162e6, 24)).toBe(21);
    expect(leastOfAssembly([uhf, n], 162e6, 40)).toBe(23);
    expect(leastOfAssembly([uhf, n], 162e6, 20)).toBe(17);
    expect(leastOfAssembly([uhf, uhf], 162e6, 1)).toBe(0);
    expect(leastOfAssembly([connectorSeriesById('trunk')], 162e6, 30)).toBeUndefined();
  });
  test('a constant-impedance pair loses what its series says', () => {
    for (const series of connectorSeries.filter(({ limit }) => limit !== null)) {
      const curves = sweepCurves(
        sweepCascade([connectorElement(series)], frequencyGrid(1e9, 2e9, 2), series.impedance),
      );
      expect(Math.abs(curves.insertionLossDb[0]! / series.lossDbAt1GHz - 1)).toBeLessThan(0.02);
    }
  });
});

describe('choke', () => {
  const bead = { outside: 28e-3, bore: 13.8e-3, length: 28.6e-3 };
  const broad = { kind: 'class', bead, material: beadMaterials.find(({ id }) => id === 'broad')! } as const;

  test('the class for 20 to 250 MHz goes on rising to 200 MHz, mostly as resistance', () => {
    const middle = {
      kind: 'class',
      bead,
      material: beadMaterials.find(({ id }) => id === 'middle')!,
    } as const;
    const size = (frequency: number) => Math.hypot(...Object.values(beadImpedance(middle, frequency)));
    const rising = [5e6, 10e6, 25e6, 50e6, 100e6, 200e6].map(size);
    expect(rising).toEqual([...rising].sort((a, b) => a - b));
    // Above its relaxation |Z| goes with f ^ (1 - 0.7): four times the frequency makes 1.52.
    expect(size(100e6) / size(25e6)).toBeCloseTo(1.52, 0);
    const at = beadImpedance(middle, 100e6);
    expect(at.re).toBeGreaterThan(1.3 * at.im);
    expect(at.im).toBeGreaterThan(0);
  });

  test('low in its band a bead is its inductance, above it a resistance', () => {
    const inductance =
      2e-7 * bead.length * Math.log(bead.outside / bead.bore) * broad.material.initialPermeability;
    expect(beadImpedance(broad, 10e3).im / (2 * Math.PI * 10e3 * inductance)).toBeCloseTo(1, 3);
    const high = beadImpedance(broad, 30e6);
    expect(high.re).toBeGreaterThan(3 * high.im);
  });

  test('beads add up, and the fewest that do are found', () => {
    const five = chokeAt(broad, 5, 100, 14e6);
    expect(magnitude(five.impedance) / magnitude(beadImpedance(broad, 14e6))).toBeCloseTo(5, 9);
    const needed = beadsNeeded(broad, 20, 100, [7e6, 28e6])!;
    expect(chokeAt(broad, needed, 100, 7e6).rejectionDb).toBeGreaterThanOrEqual(20);
    expect(chokeAt(broad, needed - 1, 100, 7e6).rejectionDb).toBeLessThan(20);
    expect(beadsNeeded(broad, 80, 100, [7e6])).toBeUndefined();
  });

  test('typed points are met, joined by straight lines and held beyond', () => {
    const points = {
      kind: 'points',
      points: [
        { frequency: 1e7, resistance: 60, reactance: 80 },
        { frequency: 1e9, resistance: 260, reactance: 0 },
      ],
    } as const;
    expect(beadImpedance(points, 1e7)).toEqual({ re: 60, im: 80 });
    expect(beadImpedance(points, 1e8)).toEqual({ re: 160, im: 40 });
    expect(beadImpedance(points, 5e9)).toEqual({ re: 260, im: 0 });
    expect(chokeAt(points, 1, 100, 1e7).reactive).toBe(true);
  });

  test('heat goes with the square of the current; the stack is its beads', () => {
    const current = commonModeCurrent(10, 100, chokeAt(broad, 5, 100, 14e6).impedance);
    expect(
      beadHeat(broad, bead, 2 * current, 14e6).power / beadHeat(broad, bead, current, 14e6).power,
    ).toBeCloseTo(4, 9);
    expect(stackLength(bead, 5).stack).toBeCloseTo(0.143, 9);
    expect(() => stackLength({ ...bead, bore: 30e-3 }, 5)).toThrow(/larger than the bore/);
    expect(() => chokeAt(broad, 2.5, 100, 1e6)).toThrow(/1 to 200 beads/);
  });
});

describe('phase-matched set', () => {
  test('trimming as told leaves no spread', () => {
    const members = ['A', 'B', 'C'].map((name, k) => ({ name, delay: delayOfLength(3.4 + 0.004 * k, 0.7) }));
    const set = phaseSet(members, 1.5e9, 0.7, 1);
    expect(set.withinTolerance).toBe(false);
    expect(set.members.map(({ trim }) => Number((trim * 1e3).toFixed(6)))).toEqual([0, 4, 8]);
    const trimmed = set.members.map(({ name, delay, trim }) => ({
      name,
      delay: delay - delayOfLength(trim, 0.7),
    }));
    expect(phaseSet(trimmed, 1.5e9, 0.7, 1).spreadDegrees).toBeLessThan(1e-6);
    expect(() => phaseSet(members.slice(1, 2), 1e9, 0.7, 1)).toThrow(/two or more/);
  });
});

describe('along one line', () => {
  const line = { impedance: 50, velocityFactor: 0.66, attenuation: 0.01, length: 7 };
  test('begins with the input impedance and ends with the load', () => {
    const load = { re: 20, im: 35 };
    const planes = alongLine(line, 145e6, load);
    const { inputImpedance } = solveLine(line, 145e6, load);
    expect(planes[0]!.impedance.re).toBeCloseTo(inputImpedance.re, 9);
    expect(planes.at(-1)!.impedance.im).toBeCloseTo(35, 9);
  });
  test('a reading at the near end leads back to the load', () => {
    const load = { re: 120, im: -15 };
    const found = loadFromInput(line, 145e6, solveLine(line, 145e6, load).inputImpedance);
    expect(found.re).toBeCloseTo(120, 6);
    expect(found.im).toBeCloseTo(-15, 6);
    expect(largestInputReflection(line)).toBeCloseTo(Math.exp(-0.14), 9);
  });
});

describe('chain of the lab', () => {
  const items = chainSchema.parse([
    { kind: 'connector', seriesId: 'n' },
    { kind: 'cable', cableId: 'rg-213', length: 12 },
    { kind: 'section', impedance: 75, length: 0.1, velocityFactor: 0.7 },
    { kind: 'series inductor', value: 2e-9 },
    { kind: 'shunt resistor', value: 1000 },
  ]);
  test('becomes a cascade with the figures of its cables', () => {
    const elements = chainElements(items, cables, new Map());
    expect(elements[1]).toMatchObject({
      impedance: 50,
      length: 12,
      velocityFactor: lineFigures(coaxById('rg-213')).velocityFactor,
    });
    expect(chainExtent(elements).length).toBeCloseTo(12.126, 6);
    expect(items.map((item) => chainItemLabel(item, cables))).toEqual([
      'N pair',
      'RG-213 class',
      'section of 75 ohm',
      'series inductor',
      'shunt resistor',
    ]);
  });
  test('names what is not there', () => {
    expect(() => chainElements([{ kind: 'cable', cableId: 'gone', length: 1 }], cables, new Map())).toThrow(
      ChainError,
    );
    expect(() => chainElements([{ kind: 'file', name: 'x.s2p', hash: 'h' }], cables, new Map())).toThrow(
      /x.s2p is not kept/,
    );
    expect(chainSchema.safeParse([{ kind: 'cable', cableId: 'rg-58', length: 0 }]).success).toBe(false);
    expect(chainSchema.safeParse([{ kind: 'shunt resistor', value: 0 }]).success).toBe(false);
  });
});

test('a thinned curve keeps its ends and every spike', () => {
  const values = Array.from({ length: 5000 }, (_, k) =>
    k === 1234 ? 9 : k === 4321 ? -9 : Math.sin(k / 50),
  );
  const places = decimated(values, 100);
  expect(places.length).toBeLessThanOrEqual(202);
  expect(places).toEqual(expect.arrayContaining([0, 1234, 4321, 4999]));
  expect(decimated([1, 2, 3], 100)).toEqual([0, 1, 2]);
});
