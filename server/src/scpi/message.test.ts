import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  headerMatches,
  messageLength,
  parseMessage,
  parsePairs,
  readBlock,
  textBlock,
  writeBlock,
  writePairs,
} from './message.ts';
import { ScpiFailure, ScpiSession } from './session.ts';

const message = (text: string) => Buffer.from(text, 'latin1');

describe('program messages', () => {
  test('units, queries, parameters; a header without a colon follows the path before it', () => {
    const units = parseMessage(message('SENS:FREQ:STAR 1e6;STOP 2e6;:SENS:SWE:POIN 11;*OPC?\n'));
    expect(units.map(({ header, isQuery }) => [header, isQuery])).toEqual([
      ['SENS:FREQ:STAR', false],
      ['SENS:FREQ:STOP', false],
      ['SENS:SWE:POIN', false],
      ['*OPC', true],
    ]);
    expect(units[1]!.parameters).toEqual(['2e6']);
  });

  test('a block may hold line feeds, semicolons and quotes, and is not cut at them', () => {
    const block = textBlock('a;b\n"c,#');
    const whole = Buffer.concat([message('SIM:LEAD '), block, message(';*IDN?\n')]);
    expect(messageLength(whole)).toBe(whole.length);
    expect(messageLength(whole.subarray(0, whole.length - 3))).toBeUndefined();
    const units = parseMessage(whole);
    expect(units.map(({ header }) => header)).toEqual(['SIM:LEAD', '*IDN']);
    expect(String(units[0]!.parameters[0])).toBe('a;b\n"c,#');
  });

  test.each([
    ['meas:matr', true],
    ['MEASURE:MATRIX', true],
    ['MEASU:MATR', false],
    ['MATR', false],
  ])('%s is MEASure:MATRix: %s', (written, same) =>
    expect(headerMatches(written, 'MEASure:MATRix')).toBe(same),
  );

  test('whatever numbers a block carries, they come back', () => {
    fc.assert(
      fc.property(fc.float64Array({ maxLength: 40 }), (values) => {
        const block = writeBlock(values);
        const header = 2 + Number(String.fromCharCode(block[1]!));
        expect(readBlock(block.subarray(header))).toEqual(values);
      }),
    );
  });

  test('pairs of channels, and what is none', () => {
    expect(
      parsePairs(
        writePairs([
          [1, 3],
          [12, 4],
        ]),
      ),
    ).toEqual([
      [1, 3],
      [12, 4],
    ]);
    for (const wrong of ['1!3', '(@1)', '(@1!x)', '(@)']) expect(() => parsePairs(wrong)).toThrow();
  });

  test('whatever bytes come, a message is answered or refused, never a crash', () => {
    const session = new ScpiSession('a,b,c,d', {}, () => undefined);
    fc.assert(
      fc.property(fc.uint8Array({ maxLength: 80 }), (bytes) => {
        expect(Array.isArray(session.take(Buffer.from(bytes)))).toBe(true);
      }),
    );
  });
});

describe('a session', () => {
  const make = () =>
    new ScpiSession(
      'maker,model,1,1.0',
      {
        'FAIL:NOW': () => {
          throw new ScpiFailure(-222, 'Data out of range');
        },
      },
      () => undefined,
    );
  const ask = (session: ScpiSession, text: string) => session.take(message(`${text}\n`)).map(String);

  test('errors queue up in order, are read once, and set the status bits', () => {
    const session = make();
    ask(session, 'NO:SUCH;:FAIL:NOW');
    expect(ask(session, 'SYST:ERR:COUN?')).toEqual(['2']);
    expect(ask(session, '*ESR?')).toEqual([String(32 | 16)]);
    expect(ask(session, '*STB?')).toEqual(['4']);
    expect(ask(session, 'SYST:ERR?')[0]).toMatch(/^-113,"Undefined header/);
    expect(ask(session, 'SYSTem:ERRor:NEXT?')).toEqual(['-222,"Data out of range"']);
    expect(ask(session, 'SYST:ERR?')).toEqual(['0,"No error"']);
  });

  test('a full queue says that it ran over; clearing empties it', () => {
    const session = make();
    for (let n = 0; n < 40; n++) ask(session, 'X');
    expect(ask(session, 'SYST:ERR:COUN?')).toEqual(['20']);
    ask(session, '*CLS');
    expect(ask(session, 'SYST:ERR?;*ESR?')).toEqual(['0,"No error"', '0']);
  });

  test('a service request follows its masks', () => {
    const session = make();
    ask(session, '*ESE 32;*SRE 32');
    ask(session, 'X');
    expect(Number(ask(session, '*STB?')[0]) & 64).toBe(64);
    expect(ask(session, '*ESE 300;*ESE?')).toEqual(['32']);
  });
});
