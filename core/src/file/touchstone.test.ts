import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Network } from '../line/network.ts';
import { twoPortOf } from '../line/network.ts';
import { readTouchstone } from './touchstone.ts';
import { TouchstoneError } from './touchstone-error.ts';
import { writeTouchstone } from './touchstone-write.ts';

const two = `! a pad
# MHz S DB R 50
10 -40 0 -3 -10 -3 -10 -38 5 ! first
20 -39 1 -3.1 -20 -3.2 -21 -37 6
`;
const at = (network: Network, row: number, column: number, n = 0) => {
  const { re, im } = network.parameters[(row - 1) * network.ports + column - 1]!;
  return { re: re[n]!, im: im[n]! };
};

function refusal(text: string, name?: string): TouchstoneError {
  try {
    readTouchstone(text, name);
  } catch (error) {
    if (error instanceof TouchstoneError) return error;
  }
  throw new Error('expected a refusal');
}

describe('reading', () => {
  test('two ports run down the columns: the second pair is S21', () => {
    const network = readTouchstone(two, 'pad.s2p');
    expect([...network.frequencies]).toEqual([10e6, 20e6]);
    expect(20 * Math.log10(Math.hypot(at(network, 2, 1, 1).re, at(network, 2, 1, 1).im))).toBeCloseTo(
      -3.1,
      9,
    );
    expect(20 * Math.log10(Math.hypot(at(network, 1, 2, 1).re, at(network, 1, 2, 1).im))).toBeCloseTo(
      -3.2,
      9,
    );
  });

  test.each([
    ['Windows ends', two.replaceAll('\n', '\r\n')],
    ['old Mac ends', two.replaceAll('\n', '\r')],
    ['no final newline', two.trimEnd()],
    ['comments and blank lines everywhere', two.replaceAll('\n', ' ! why\n\n  ! more\n')],
    ['tabs', two.replaceAll(' ', '\t')],
    ['small letters', two.toLowerCase()],
    ['a byte order mark', `\ufeff${two}`],
    ['a second option line, which does not count', two.replace('20 -39', '# GHz S MA R 75\n20 -39')],
  ])('%s change nothing', (_name, text) => {
    expect(readTouchstone(text)).toEqual(readTouchstone(two));
  });

  test('without options it is GHz, magnitude and angle, 50 ohm', () => {
    const network = readTouchstone('1 0.5 90', 'x.s1p');
    expect(network.frequencies[0]).toBe(1e9);
    expect(at(network, 1, 1).im).toBeCloseTo(0.5, 12);
    expect(network.references).toEqual([50]);
  });

  test('three and four ports wrap their rows, and are told by their lines when the name does not', () => {
    const rows = (ports: number) =>
      Array.from(
        { length: ports },
        (_, row) =>
          `${row === 0 ? '1 ' : ' '}${Array.from({ length: ports }, (_, column) => `0.${row + 1}${column + 1} 0`).join(' ')}`,
      ).join('\n');
    for (const ports of [3, 4]) {
      const network = readTouchstone(`# GHz S RI R 50\n${rows(ports)}\n`);
      expect(network.ports).toBe(ports);
      expect(at(network, 2, 3).re).toBe(0.23);
      expect(at(network, ports, 1).re).toBeCloseTo(Number(`0.${ports}1`), 12);
    }
  });

  test('a noise section is skipped', () => {
    const noisy = `${two}5 1.2 0.3 40 0.2\n15 1.4 0.3 50 0.2\n`;
    expect(readTouchstone(noisy, 'x.s2p').frequencies).toHaveLength(2);
  });

  test('version 2: order, lower half, references of their own, information and noise blocks', () => {
    const text = `[Version] 2.0
# Hz S RI R 50
[Number of Ports] 2
[Two-Port Data Order] 12_21
[Number of Frequencies] 1
[Begin Information]
[Anything] goes here
[End Information]
[Reference] 50
75
[Matrix Format] Lower
[Network Data]
5 0.1 0 0.2 0 0.3 0
[Noise Data]
1 2 3 4 5
[End]`;
    const network = readTouchstone(text);
    expect(network.references).toEqual([50, 75]);
    expect([at(network, 1, 1).re, at(network, 1, 2).re, at(network, 2, 1).re, at(network, 2, 2).re]).toEqual([
      0.1, 0.2, 0.2, 0.3,
    ]);
    expect(() => twoPortOf(network, 'x')).toThrow(/50 and 75 ohm/);
  });

  test('version 2, three ports: an upper half goes row by row from the diagonal on', () => {
    const text = `[Version] 2.0
# Hz S RI R 50
[Number of Ports] 3
[Number of Frequencies] 1
[Matrix Format] Upper
[Network Data]
5 0.11 0 0.12 0 0.13 0
0.22 0 0.23 0
0.33 0
[End]`;
    const network = readTouchstone(text);
    const row = (to: number) => [1, 2, 3].map((from) => at(network, to, from).re);
    expect([row(1), row(2), row(3)]).toEqual([
      [0.11, 0.12, 0.13],
      [0.12, 0.22, 0.23],
      [0.13, 0.23, 0.33],
    ]);
  });
});

describe('refusing', () => {
  test.each([
    ['a missing column', two.replace(' -37 6', ' -37'), 4, /found 8 numbers; expected 9/],
    ['a number too many', two.replace(' 5 !', ' 5 7 !'), 3, /found 10 numbers/],
    ['not a number', two.replace('-3.1', 'NaN'), 4, /column 10: found "NaN"; expected a number/],
    ['decimal commas', two.replace('-3.1', '-3,1'), 4, /found "-3,1"/],
    ['frequencies that fall', two.replace('20 -39', '5 -39'), 4, /above the one before/],
    ['another unit', two.replace('MHz', 'furlong'), 2, /found "furlong"; expected a unit/],
    ['another parameter', two.replace(' S ', ' Z '), 2, /only scattering parameters/],
    ['no reference after R', two.replace('R 50', 'R'), 2, /reference resistance/],
    ['nothing', '! only a comment\n', 2, /no network data/],
    [
      'an end in the middle of three ports',
      '# GHz S RI R 50\n1 0 0 0 0 0 0\n0 0 0 0 0 0\n',
      3,
      /the file's end/,
    ],
    [
      'fewer points than announced',
      '[Version] 2.0\n# Hz S RI R 50\n[Number of Ports] 1\n[Number of Frequencies] 2\n[Network Data]\n1 0 0\n[End]',
      6,
      /expected 2, as the file announces/,
    ],
  ])('%s', (_name, text, line, message) => {
    const error = refusal(text);
    expect(error.line).toBe(line);
    expect(error.message).toMatch(message);
  });

  test('more ports than four, or a first line that tells nothing', () => {
    expect(refusal('1 2 3', 'x.s5p').message).toMatch(/5 ports; expected 1 to 4/);
    expect(refusal('1 2 3 4').message).toMatch(/4 numbers in the first line/);
  });
});

test('what is written is read again, in every version, format and unit', () => {
  const part = fc.double({ min: -1, max: 1, noNaN: true });
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 4 }),
      fc.constantFrom('MA', 'DB', 'RI'),
      fc.constantFrom('Hz', 'kHz', 'MHz', 'GHz'),
      fc.constantFrom(1, 2),
      fc.array(part, { minLength: 32, maxLength: 32 }),
      (ports, format, unit, version, values) => {
        const parameters = Array.from({ length: ports * ports }, (_, k) => ({
          re: Float64Array.of(values[k]!, values[k + 1]!),
          im: Float64Array.of(values[k + 2]!, values[k + 3]!),
        }));
        const network: Network = {
          ports,
          references: Array.from({ length: ports }, () => 75),
          frequencies: Float64Array.of(1e6, 2.5e6),
          parameters,
        };
        const again = readTouchstone(
          writeTouchstone(network, {
            format: format as 'MA',
            unit: unit as 'Hz',
            version: version as 1,
            comments: ['made here'],
          }),
          `x.s${ports}p`,
        );
        expect(again.references).toEqual(network.references);
        again.parameters.forEach(({ re, im }, k) =>
          re.forEach((value, n) => {
            expect(value).toBeCloseTo(parameters[k]!.re[n]!, 7);
            expect(im[n]).toBeCloseTo(parameters[k]!.im[n]!, 7);
          }),
        );
      },
    ),
    { numRuns: 60 },
  );
});
