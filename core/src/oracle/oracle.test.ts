import { readFileSync } from 'node:fs';
import { describe, expect, test } from '@jest/globals';
import type { OracleFile } from './evaluate.ts';
import { oracleDeviation } from './evaluate.ts';

const read = (name: string) =>
  JSON.parse(
    readFileSync(new URL(`../../test-data/${name}.public.json`, import.meta.url), 'utf8'),
  ) as OracleFile;

describe.each([
  'line-distortionless',
  'line-rlgc',
  'chain',
  'tdr',
  'lighting-bus',
  'pickup',
  'pairs',
  'reflection',
  'speaker',
])('reference cases: %s', (name) => {
  const file = read(name);
  const { limits } = file.tolerance;

  test.each(file.cases.map((each) => [each.id, each] as const))('%s', (_id, each) => {
    const beyond = Object.entries(oracleDeviation(each)).filter(
      ([quantity, deviation]) => !(deviation <= (limits[quantity] ?? -1)),
    );
    expect(beyond).toEqual([]);
  });

  test('every stated quantity is compared in some case', () => {
    const compared = new Set(file.cases.flatMap((each) => Object.keys(oracleDeviation(each))));
    expect(Object.keys(limits).filter((quantity) => !compared.has(quantity))).toEqual([]);
  });
});

test('a case of no known kind is refused with what was found', () => {
  expect(() => oracleDeviation({ id: 'x', input: { colour: 'red' }, expected: {} })).toThrow(
    /found inputs colour/,
  );
});
