import { describe, expect, test } from '@jest/globals';
import type { CheckKey } from './check-key.ts';
import { readCheckKey, writeCheckKey } from './check-key.ts';

describe('the key of a check', () => {
  test.each<[string, CheckKey]>([
    ['continuity', { kind: 'continuity' }],
    ['return loss', { kind: 'return loss' }],
    ['resistance A.1-B.1', { kind: 'resistance', pathId: 'A.1-B.1' }],
    ['loop end one.1+-B.1+', { kind: 'loop', pathId: 'end one.1+-B.1+' }],
    ['match at 145000000', { kind: 'match at', hertz: 145e6 }],
    ['loss at 2400000000', { kind: 'loss at', hertz: 2.4e9 }],
    ['pair 2', { kind: 'pair', pair: 2 }],
    ['rejection choke-1', { kind: 'rejection', partId: 'choke-1' }],
    ['look A joint', { kind: 'look', endId: 'A', look: 'joint' }],
    ['look the far end coupling', { kind: 'look', endId: 'the far end', look: 'coupling' }],
    ['look whole neatness', { kind: 'look', endId: null, look: 'neatness' }],
    ['pair of shoes', { kind: 'unknown', text: 'pair of shoes' }],
    ['look A scent', { kind: 'unknown', text: 'look A scent' }],
  ])('%s is read as it is written', (text, key) => {
    expect(readCheckKey(text)).toEqual(key);
    expect(writeCheckKey(key)).toBe(text);
  });
});
