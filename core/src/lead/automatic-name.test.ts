import { describe, expect, test } from '@jest/globals';
import { connectorById } from '../connector/catalogue/catalogue.ts';
import { automaticName } from './automatic-name.ts';

const nameOf = (cable: string, ...ids: string[]) => automaticName(ids.map(connectorById), { name: cable });

describe('the name of a lead that has been given none', () => {
  test('says its ends and its cable', () => {
    expect(nameOf('low-loss foam 10 mm', 'n-plug-push-on-10-low-loss', 'n-plug-push-on-10-low-loss')).toBe(
      'N plug to N plug, low-loss foam 10 mm',
    );
    expect(nameOf('microphone pair', 'bare-pair', 'xlr-3-plug')).toMatch(
      /^Bare .* to 3-pin XLR plug, microphone pair$/,
    );
  });

  test('counts far ends that are alike, names those that are not', () => {
    expect(nameOf('twin', 'jack-3-trs', 'jack-6-ts', 'jack-6-ts')).toBe(
      '3.5 mm TRS plug to two 6.35 mm TS plugs, twin',
    );
    expect(nameOf('twin', 'jack-3-trs', 'jack-6-ts', 'xlr-3-plug')).toBe(
      '3.5 mm TRS plug to 6.35 mm TS plug and 3-pin XLR plug, twin',
    );
  });
});
