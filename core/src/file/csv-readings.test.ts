import { readCsvTable } from './csv-table.ts';
import { describe, expect, test } from '@jest/globals';
import { leadWiring } from '../wiring/lead-wiring.ts';
import { traceReflectogram } from '../line/step-trace.ts';
import { reflectionEvents } from '../line/reflection-events.ts';
import { stepResponse } from '../line/step-response.ts';
import { exampleLead } from '../testing/example.ts';
import { readMatrixCsv } from './csv-matrix.ts';
import { isTraceCsv, readTraceCsv, writeTraceCsv } from './csv-trace.ts';
import { writeCsv } from './csv.ts';

const wiring = leadWiring(exampleLead().lead);
const known = { velocityFactor: 0.66, reference: 50 };

describe('a continuity matrix from a file', () => {
  const names = ['A centre', 'A outer', 'B centre', 'B outer'];
  const square = (separator: string, closed: string, open: string) =>
    [
      ['', ...names],
      [names[0], '', open, closed, open],
      [names[1], '', '', open, closed],
      [names[2], '', '', '', open],
    ]
      .map((row) => row.join(separator))
      .join('\n');
  const closed = (text: string) =>
    readMatrixCsv(text, wiring)
      .filter(
        ({ ohms, connected }) => connected === true || (ohms !== null && ohms !== undefined && ohms < 1e3),
      )
      .map(({ from, to }) => `${from} ${to}`);
  const wanted = ['A.centre B.centre', 'A.outer B.outer'];

  test.each([
    ['commas', square(',', '0.12', 'open')],
    ['semicolons and decimal commas', square(';', '0,12', 'OL')],
    ['tabs and units', square('\t', '120 mohm', '9.9E37')],
    ['words', square(',', 'x', '-')],
  ])('with %s', (_name, text) => {
    expect(closed(text)).toEqual(wanted);
    expect(readMatrixCsv(text, wiring)).toHaveLength(6);
  });

  test('a cell in quotes goes over lines, and the lines after it keep their numbers', () => {
    const { rows, notes } = readCsvTable(
      '# by: 19" rack\r\nname,value\r\n"two\r\nlines, one cell",1\r\nlast,2\r\n',
    );
    expect(notes.get('by')).toEqual({ line: 1, text: '19" rack' });
    expect(rows).toEqual([
      { line: 2, cells: ['name', 'value'] },
      { line: 3, cells: ['two\nlines, one cell', '1'] },
      { line: 5, cells: ['last', '2'] },
    ]);
  });

  test('as a list, by name or by number on the tester, with comments', () => {
    expect(
      closed('# tester 7\nfrom,to,reading\nA.centre,B.centre,0.2\nA outer,end B outer,closed\n'),
    ).toEqual(wanted);
    expect(closed('1;3;0,2\n2;4;0,3\n1;2;open')).toEqual(wanted);
  });

  test.each([
    ['A centre,A outer\n', /two or more/],
    [',A centre,A brim\nA centre,,0.1\n', /Line 1, column 3: found "A brim"; expected a point of this lead/],
    [',A centre,A outer\nA centre,,maybe\n', /Line 2, column 3: found "maybe"; expected ohms/],
    ['from,to,ohms\nA centre,A centre,1\n', /Line 2, column 2: .*another point/],
    [',A centre,A outer\nA centre,,0.1\nA outer,open,\n', /Line 3, column 2: .*mirror/],
    [',A centre,A outer\nA centre,,0.1,0.2\n', /Line 2, column 4/],
    ['from,to,ohms\nA centre,A outer,\n', /no reading/],
  ])('%j is refused with its place', (text, message) =>
    expect(() => readMatrixCsv(text, wiring)).toThrow(message),
  );
});

describe('a reflection over time from a file', () => {
  const setup = {
    emf: 1,
    sourceResistance: 50,
    riseTime: 0.5e-9,
    segments: [
      { kind: 'line', impedance: 50, velocityFactor: 0.66, length: 5 },
      { kind: 'line', impedance: 75, velocityFactor: 0.66, length: 5 },
    ] as const,
    termination: Infinity,
  };
  const times = Array.from({ length: 801 }, (_, n) => n * 0.2e-9);
  const volts = stepResponse(setup, times);
  const trace = { times, volts, emf: 1, sourceResistance: 50, riseTime: 0.5e-9 };
  const eventsOf = (text: string) => {
    const line = { velocityFactor: 0.66, velocityUncertainty: 0.02, loss: { k1: 0, k2: 0 } };
    return reflectionEvents(traceReflectogram(readTraceCsv(text, known).trace, line), 50);
  };
  const rows = (head: string, row: (time: number, volt: number) => string) =>
    `${head}\n${Array.from(times, (time, n) => row(time, volts[n]!)).join('\n')}`;

  test.each([
    ['as it is written here', writeTraceCsv(trace)],
    [
      'nanoseconds and millivolts',
      rows(
        'time (ns);voltage (mV)',
        (t, v) => `${String(t * 1e9).replace('.', ',')};${String(v * 1e3).replace('.', ',')}`,
      ),
    ],
    [
      'metres and reflection',
      rows('distance (m),rho', (t, v) => `${(t * 0.66 * 299_792_458) / 2},${2 * v - 1}`),
    ],
    ['no head at all', rows('# a trace', (t, v) => `${t},${v}`)],
    ['names in one word, and a third column', rows('time_s,v_V,trigger', (t, v) => `${t},${v},1`)],
    ['times of few digits', rows('t_ns,v_V', (t, v) => `${(t * 1e9).toFixed(1)},${v.toFixed(3)}`)],
    [
      'recorded before the step was sent, on a base of its own',
      `time (ns),voltage (V)\n${Array.from({ length: 60 }, (_, n) => `${n * 0.2 - 5},0.02`).join('\n')}\n${Array.from(
        times,
        (t, n) => `${t * 1e9 + 7},${volts[n]! + 0.02}`,
      ).join('\n')}`,
    ],
  ])('%s', (_name, text) => {
    const events = eventsOf(text);
    expect(events.map(({ kind }) => kind)).toEqual(['higher', 'open']);
    expect(events[0]!.distance).toBeCloseTo(5, 0);
    expect(events[1]!.distance).toBeCloseTo(10, 0);
  });

  test('a trace is told from a matrix and a list', () => {
    expect(isTraceCsv(writeTraceCsv(trace))).toBe(true);
    expect(isTraceCsv('time_s,v_V,trigger\n0,0,1\n')).toBe(true);
    expect(isTraceCsv(',A centre,A outer\nA centre,,0.1\n')).toBe(false);
    expect(isTraceCsv(`from,to,ohms\n${'1,2,0.1\n'.repeat(40)}`)).toBe(false);
  });

  test('says what it had to assume, and nothing where the file says it', () => {
    expect(readTraceCsv(writeTraceCsv(trace), known).assumed).toEqual([]);
    expect(
      readTraceCsv(
        rows('time (s),V', (t, v) => `${t},${v}`),
        known,
      ).assumed.join(),
    ).toMatch(/source.*emf.*rise/);
  });

  test.each([
    ['time (s),V\n0,0\n1,1\n', /2 samples; expected 16/],
    [rows('frequency (Hz),dB', (t, v) => `${t},${v}`), /Line 1, column 1: .*Touchstone/],
    [`# rise time: soon\n${rows('time (s),V', (t, v) => `${t},${v}`)}`, /Line 1, .*"soon" for rise time/],
    [rows('time (s),colour', (t, v) => `${t},${v}`), /Line 1, column 2: .*volts/],
    [rows('time (s),V', (t, v) => `${t},${t === times[3] ? 'x' : v}`), /Line 5, column 2: found "x"/],
    [rows('time (s),V', (t, v) => `${t === times[3] ? 1 : t},${v}`), /expected evenly rising times/],
  ])('a wrong file is refused with its place', (text, message) =>
    expect(() => readTraceCsv(text, known)).toThrow(message),
  );
});

test('what a spreadsheet would run is written as text; figures stay figures', () =>
  expect(
    writeCsv(
      ['name', 'value'],
      [
        ['=HYPERLINK("x")', -3.5],
        ['+44', 1],
        ['@x', null],
        ['Käfig', 2],
      ],
    ).split('\r\n'),
  ).toEqual(['name,value', `"'=HYPERLINK(""x"")",-3.5`, `"'+44",1`, `"'@x",`, 'Käfig,2', '']));
