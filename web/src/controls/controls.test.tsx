import { afterEach, describe, expect, jest, test } from '@jest/globals';
import type { Explained } from '@gorvane/core/quantity/explained.ts';
import { leadWiring } from '@gorvane/core/wiring/lead-wiring.ts';
import type { LengthUnit } from '@gorvane/core/quantity/length.ts';
import { exampleEnd } from '@gorvane/core/testing/example.ts';
import { stripPinAndFerrule } from '@gorvane/core/method/pin-and-ferrule.ts';
import { judgeStrip } from '@gorvane/core/strip/measured.ts';
import { cutOf } from '@gorvane/core/strip/cut-of.ts';
import type { HoldPoint } from '@gorvane/core/recipe/step.ts';
import { cleanup, render, screen } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import type { ReactNode } from 'react';
import { Component } from 'react';
import { Around, demo, receiver } from '../../test/open-at.tsx';
import { wordFault, wordPlace } from './fault-words.ts';
import { Figure } from './figure.tsx';
import { HoldLimits } from './hold-limits.tsx';
import { Length } from './length.tsx';
import { MeasuredStripTable } from './measured-strip.tsx';
import { partOf, usePart } from './part.ts';
import { VerdictMark } from './verdict.tsx';
import { FirstUnit, useWriting } from './writing.ts';

const show = (what: ReactNode, first: LengthUnit = 'mm') =>
  render(
    <Around>
      <FirstUnit value={first}>{what}</FirstUnit>
    </Around>,
  ).container;

afterEach(cleanup);

describe('writing', () => {
  test('both figures of a length, the preferred one first, a fraction only where the tolerance is wide', () => {
    const written = (first: LengthUnit, tolerance: number) =>
      show(<Length metres={9.4e-3} tolerance={tolerance} />, first).querySelector('.length')!.textContent;
    expect(written('mm', 0.4e-3)).toBe('9.4 mm 3/8"');
    cleanup();
    expect(written('in', 0.3e-3)).toBe('0.370" 9.4 mm');
  });

  test('every kind of figure has its own rule', () => {
    function All() {
      const write = useWriting();
      const texts = [
        write(162.025e6, 'frequency'),
        write(0.61, 'decibel'),
        write(13.24, 'dB per 100 m'),
        write(0.869, 'power'),
        write(0.107, 'resistance'),
        write(345e-12, 'capacitance'),
        write(0.1, 'ratio'),
        write(20, 'temperature'),
        write(45.2, 'force'),
        write(0.2e-3, 'length'),
      ];
      return <p>{texts.join('; ')}</p>;
    }
    expect(show(<All />).textContent).toContain(
      '162.025 MHz; 0.61 dB; 13.2 dB per 100 m; 869 mW; 107 mohm; 345 pF; 0.1; 20 °C; 45 N; 0.20 mm (0.008")',
    );
  });

  test('a verdict is a word and a shape, not only a colour', () => {
    show(
      <>
        <VerdictMark verdict="Good" />
        <VerdictMark verdict="Out" />
        <VerdictMark verdict="Not yet" />
      </>,
    );
    expect(screen.getAllByText(/Good|Out|Not yet/).map(({ textContent }) => textContent)).toEqual([
      '● Good',
      '■ Out',
      '◌ Not yet',
    ]);
  });
});

describe('why', () => {
  const figure: Explained = {
    value: 9.4e-3,
    kind: 'length',
    formula: 'j + s - g',
    terms: [
      { label: 'Stem length', symbol: 's', value: 9.8e-3, kind: 'length', assumed: true },
      { label: 'Braid clearance', symbol: 'g', value: 0.4e-3, kind: 'length' },
    ],
    source: 'seated joint',
  };

  test('a figure opens its sum, with what was assumed and where it comes from, and closes again', async () => {
    show(<Figure figure={figure} label="braid end" />);
    const button = screen.getByRole('button', { name: /^braid end: 9.40 mm \(0.370"\). How it came about/ });
    await userEvent.click(button);
    expect(await screen.findByText('j + s - g')).toBeTruthy();
    expect(screen.getByRole('row', { name: /^Stem length s 9.80 mm .* assumed/ })).toBeTruthy();
    expect(screen.getByRole('row', { name: /^Braid clearance/ }).textContent).not.toContain('assumed');
    expect(screen.getByText('seated joint')).toBeTruthy();
    await userEvent.keyboard('{Escape}');
    expect(screen.queryByText('j + s - g')).toBeNull();
  });

  test('only what rests on an assumption is marked so', () => {
    const container = show(
      <Figure
        figure={{ ...figure, terms: figure.terms.map((term) => ({ ...term, assumed: false })) }}
        label="x"
      />,
    );
    expect(container.querySelector('.assumed-dot')).toBeNull();
  });
});

describe('hold points in words', () => {
  const hold = (change: Partial<HoldPoint>): HoldPoint => ({
    label: 'x',
    kind: 'look',
    reading: null,
    safety: false,
    safetyReason: '',
    rework: { backTo: null, advice: '', scrap: [], partsOff: [], uses: 0 },
    ...change,
  });
  test.each<[Partial<HoldPoint>, string]>([
    [{}, 'Answered Good or Out.'],
    [{ kind: 'proof' }, 'Answered by the proof of the unit.'],
    [
      {
        kind: 'reading',
        safety: true,
        reading: { label: 'Centre to body', quantity: 'resistance', min: 1e6, max: null },
      },
      'Centre to body: at least 1 Mohm. Safety: no waiver.',
    ],
    [
      { kind: 'reading', reading: { label: 'Setback', quantity: 'length', min: -0.3e-3, max: 0.3e-3 } },
      'Setback: at least -0.30 mm (-0.012"), at most 0.30 mm (0.012").',
    ],
  ])('%j', (change, words) => {
    expect(show(<HoldLimits hold={hold(change)} />).textContent).toContain(words);
  });
});

describe('what was cut', () => {
  const plan = stripPinAndFerrule({
    ...exampleEnd('rg-223', 'tnc-plug-50-crimp-5', { house: demo.house[0]! }),
    card: demo.gaugeCards[0]!,
  });
  const table = (measured: Parameters<typeof judgeStrip>[1], onCut = jest.fn()) => {
    show(
      <MeasuredStripTable
        field="f"
        plan={plan}
        measured={measured}
        judged={judgeStrip(plan, measured)}
        onCut={onCut}
      />,
    );
    return onCut;
  };

  test('long: what is long, why that matters, what to trim, and how to set the next', () => {
    table({ braid: cutOf(plan, 'braid').position.value + 0.7e-3 });
    const advice = screen.getByRole('status').textContent;
    expect(advice).toContain('Braid end is 0.7 mm long.');
    expect(advice).toContain('against the shoulder');
    expect(advice).toContain('trim the braid by 0.7 mm.');
    expect(advice).toContain('set the stop for the braid 0.7 mm nearer');
  });

  test('short: the jacket goes back first, and what that uses is said', () => {
    table({ dielectric: cutOf(plan, 'dielectric').position.value - 0.8e-3 });
    const advice = screen.getByRole('status').textContent;
    expect(advice).toContain('take the jacket back by 0.8 mm');
    expect(advice).toContain('That uses 0.8 mm of the cable at this end.');
  });

  test('an emptied field takes its reading back', async () => {
    const onCut = table({ braid: 9.1e-3, conductor: 17.1e-3 });
    await userEvent.clear(screen.getByLabelText('braid as cut, from the jacket edge'));
    await userEvent.tab();
    expect(onCut).toHaveBeenLastCalledWith('braid', undefined);
  });

  test('a length that cannot be is refused', async () => {
    const onCut = table({});
    await userEvent.type(screen.getByLabelText('braid as cut, from the jacket edge'), '-');
    expect(await screen.findByText(/expected a length/)).toBeTruthy();
    expect(onCut).not.toHaveBeenCalled();
  });
});

describe('faults in words', () => {
  const wiring = leadWiring(receiver);
  test.each([
    [{ kind: 'open', terminal: 2 } as const, 'centre open at end B'],
    [{ kind: 'short', points: [0, 1] } as const, 'centre and outer touch at end A'],
    [{ kind: 'swap', terminals: [0, 1] } as const, 'centre and shield changed over at end A'],
    [{ kind: 'wrong contact', terminal: 1, point: 0 } as const, 'shield on the centre contact at end A'],
    [
      { kind: 'high resistance', terminal: 3, ohms: 0.4 } as const,
      'shield joint with 400 mohm too much at end B',
    ],
    [{ kind: 'mirrored', endId: 'B' } as const, 'all contacts counted from the other side at end B'],
  ])('%j', (fault, words) => expect(wordFault(receiver, wiring, fault)).toBe(words));

  test('an open and a short may sit in the cable as well; a swap may not', () => {
    expect(wordPlace(receiver, wiring, { kind: 'open', terminal: 0 }, false)).toContain(
      'Less likely: the cable itself',
    );
    expect(wordPlace(receiver, wiring, { kind: 'short', points: [2, 3] }, false)).toContain(
      'Less likely: the cable itself',
    );
    expect(wordPlace(receiver, wiring, { kind: 'open', terminal: 0 }, true)).not.toContain('cable itself');
    expect(wordPlace(receiver, wiring, { kind: 'swap', terminals: [0, 1] }, false)).not.toContain(
      'cable itself',
    );
  });
});

describe('a part of the program', () => {
  afterEach(() => {
    jest.restoreAllMocks();
  });

  test('is fetched once, is there at once the next time, and after a failure comes when it is asked for again', async () => {
    const answers = [Promise.reject(new Error('lost')), Promise.resolve('here')];
    answers[0]!.catch(() => undefined);
    const load = jest.fn(() => answers.shift()!);
    const part = partOf(load);
    const Shown = ({ isWanted = true }) => usePart(part, isWanted) ?? 'not yet';
    show(<Shown isWanted={false} />);
    expect(load).not.toHaveBeenCalled();
    cleanup();
    jest.spyOn(console, 'error').mockImplementation(() => undefined);
    show(
      <Caught>
        <Shown />
      </Caught>,
    );
    expect(await screen.findByText('lost')).toBeTruthy();
    cleanup();
    show(<Shown />);
    expect(screen.queryByText('here')).toBeNull();
    expect(await screen.findByText('here')).toBeTruthy();
    cleanup();
    show(<Shown />);
    expect(screen.getByText('here')).toBeTruthy();
    expect(load).toHaveBeenCalledTimes(2);
  });
});

class Caught extends Component<{ readonly children: ReactNode }, { readonly message?: string }> {
  override state: { readonly message?: string } = {};
  static getDerivedStateFromError = ({ message }: Error) => ({ message });
  override render() {
    return this.state.message ?? this.props.children;
  }
}
