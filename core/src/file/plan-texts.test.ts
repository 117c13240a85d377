import { expect, test } from '@jest/globals';
import { house } from '../testing/example.ts';
import { everyEnd, planBothEnds } from '../plan/every-end.ts';
import { textsOf } from './plan-texts.ts';

test('every text is printed once, with who says it, what it was seen at, its drawings and its way back', () => {
  const pairs = everyEnd(house).filter(([, { method }]) => /ferrule$/.test(method));
  const texts = textsOf(
    pairs
      .slice(0, 12)
      .map((pair) => ({ of: pair[1].id, method: pair[1].method, plan: planBothEnds(pair, house) })),
  );
  const said = (text: string) => text.split('\n').slice(2).join('\n');
  expect(new Set(texts.map(said)).size).toBe(texts.length);
  const crimp = texts.find((text) => text.includes('Crimp the contact, end A'))!;
  expect(crimp).toMatch(/^# pin and ferrule\n# first: \S+; \d+ times/);
  expect(crimp).toMatch(/drawn: contact: good, not home, stands off/);
  expect(texts.some((text) => /way back: .*The contact is scrap/.test(text))).toBe(true);
  expect(texts.every((text) => !text.includes(', end B'))).toBe(true);
});
