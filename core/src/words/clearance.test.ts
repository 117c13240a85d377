import { expect, test } from '@jest/globals';
import { inContactWords } from './clearance.ts';

test('solder is spoken of where something is soldered, strands where they are bare', () => {
  const said = (part: Parameters<typeof inContactWords>[2]) =>
    Object.values(inContactWords('red', 1, part, '2')).join(' ');
  for (const part of ['cup', 'lug', 'hole'] as const) expect(said(part)).toMatch(/then feed the solder/);
  for (const part of ['clamp', 'barrel', 'groove'] as const) expect(said(part)).not.toMatch(/solder/);
  expect(said('groove')).not.toMatch(/strand/);
  expect(inContactWords('red and red 2', 2, 'clamp', '1').tooTight).toMatch(
    /^2 conductors do not go into one clamp/,
  );
});
