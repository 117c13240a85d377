import { describe, expect, test } from '@jest/globals';
import { signalLead, signalPlan } from '../testing/signal-lead.ts';
import { house } from '../testing/example.ts';
import { planLead } from './lead-plan.ts';
import type { SignalFigure } from './signal-figures.ts';

const named = (figures: readonly SignalFigure[], label: string) =>
  figures.find((figure) => figure.label === label)!;

describe('audio', () => {
  test('the corner is 1 / (2 pi R C) of this length, and the longest run is where it droops', () => {
    const { signalFigures } = signalPlan('unbalanced', 'mic-pair', ['jack-6-ts', 'phono-spring'], {
      length: 100,
    });
    const corner = named(signalFigures, 'Upper corner').figure;
    const [source, load, capacitance] = corner.terms.map(({ value }) => value) as [number, number, number];
    const driven = (source * load) / (source + load);
    expect(corner.value / (1 / (2 * Math.PI * driven * capacitance))).toBeCloseTo(1, 2);
    const longest = named(signalFigures, 'Longest run').figure.value;
    const there = signalPlan('unbalanced', 'mic-pair', ['jack-6-ts', 'phono-spring'], {
      length: longest * 1.02,
    });
    expect(named(there.signalFigures, 'Upper corner').verdict).toBe('tight');
    const short = signalPlan('unbalanced', 'mic-pair', ['jack-6-ts', 'phono-spring'], {
      length: longest * 0.98,
    });
    expect(named(short.signalFigures, 'Upper corner').verdict).toBe('fits');
  });

  test('instrument cable resonates with a pickup, lower the longer it is; others are not asked', () => {
    const peak = (length: number) =>
      named(
        signalPlan('unbalanced', 'instrument', ['jack-6-ts', 'jack-6-ts'], { length }).signalFigures,
        'Resonance with a pickup',
      ).figure.value;
    expect(peak(3)).toBeGreaterThan(peak(6));
    expect(peak(6)).toBeGreaterThan(2000);
    expect(
      named(
        signalPlan('balanced', 'mic-pair', ['xlr-3-socket', 'xlr-3-plug']).signalFigures,
        'Resonance with a pickup',
      ),
    ).toBeUndefined();
  });

  test('a Y lead counts trunk and leg', () => {
    const y = (legLength: number) =>
      named(
        signalPlan('stereo', 'twin-phono', [
          'jack-3-trs-large',
          { id: 'phono-spring', channel: 'left', legLength },
          { id: 'phono-spring', channel: 'right', legLength },
        ]).signalFigures,
        'Upper corner',
      ).figure.value;
    expect(y(0.5) / y(6.5)).toBeCloseTo((6 + 6.5) / (6 + 0.5), 1);
  });
});

describe('loudspeakers', () => {
  const figures = (length: number, cableId = 'speaker-2x2.5') =>
    signalPlan('speaker', cableId, ['speaker-4-cable', 'speaker-4-cable'], { length }).signalFigures;

  test('loop, loss and damping of 20 m of 2.5 mm2 into 8 ohm', () => {
    const all = figures(20);
    const loop = named(all, 'Loop resistance').figure.value;
    expect(loop).toBeCloseTo(2 * 20 * 0.00798, 4);
    expect(named(all, 'Level loss').figure.value).toBeCloseTo(20 * Math.log10((8 + loop + 0.05) / 8.05), 3);
    expect(named(all, 'Damping at the loudspeaker').figure.value).toBeCloseTo(8 / (loop + 0.05), 3);
    expect(named(all, 'Loop resistance').note).toMatch(/AWG 13/);
    // Cores side by side: some 0.4 to 0.7 uH a metre of the loop, so 20 m make about 1.5 ohm at 20 kHz, across the load.
    const treble = named(all, 'Level loss at 20 kHz').figure;
    const microhenry = treble.terms.find(({ symbol }) => symbol === 'L')!.value;
    expect(microhenry / 20).toBeGreaterThan(0.4);
    expect(microhenry / 20).toBeLessThan(0.75);
    const across = 2 * Math.PI * 20e3 * microhenry * 1e-6;
    expect(treble.value).toBeCloseTo(20 * Math.log10(Math.hypot(8.05 + loop, across) / 8.05), 2);
  });

  test('too thin for the run is tight, then does not fit', () => {
    const verdicts = [10, 60, 120].map(
      (length) => named(figures(length, 'speaker-2x1.5'), 'Level loss').verdict,
    );
    expect(verdicts).toEqual(['fits', 'does not fit', 'does not fit']);
    expect(named(figures(35, 'speaker-2x1.5'), 'Level loss').verdict).toBe('tight');
  });

  test('a constant-voltage line is its taps: 20 W at 100 V are 500 ohm, and thin cable does', () => {
    const { lead, cards } = signalLead('speaker', 'speaker-2x1.5', ['speaker-2-cable', 'speaker-2-cable'], {
      length: 100,
    });
    const load = { re: 500, im: 0 };
    const plan = planLead({ ...lead, requirement: { ...lead.requirement, load } }, cards, house);
    expect(named(plan.signalFigures, 'Level loss').verdict).toBe('fits');
  });
});

describe('lighting', () => {
  const figures = (cableId: string, length = 12) =>
    signalPlan('lighting', cableId, ['xlr-5-plug', 'xlr-5-socket'], { length }).signalFigures;

  test('the line is at most 300 m, and a cable of another impedance echoes', () => {
    expect(named(figures('lighting-2-pair'), 'Echo of the cable').verdict).toBe('fits');
    expect(named(figures('star-quad-mic'), 'Echo of the cable').verdict).not.toBe('fits');
    expect(named(figures('lighting-2-pair', 299), 'Length of the bus').verdict).toBe('fits');
    expect(named(figures('lighting-2-pair', 301), 'Length of the bus').verdict).toBe('does not fit');
  });
});

test('terminal work and radio have none', () => {
  expect(
    signalPlan('control', 'install-pair', ['terminal-3.81-screw-3', 'terminal-3.81-screw-3']).signalFigures,
  ).toEqual([]);
});
