import { expect, test } from '@jest/globals';
import { offerChangedFiles } from '../../test/torture-files.ts';

test('files in which something was changed are refused in words, or what is taken of them holds', async () => {
  const { harm, taken } = await offerChangedFiles({ files: 40, seed: 1 });
  expect(harm).toEqual([]);
  // Neither is all refused nor all taken.
  expect(taken).toBeGreaterThan(5);
  expect(taken).toBeLessThan(35);
});
