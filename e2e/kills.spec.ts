import { expect, test } from '@playwright/test';
import { killBrowsers } from './kills.ts';

test('ten kills at any moment lose nothing that was shown as saved, and double nothing', async ({
  baseURL,
}) => {
  expect(await killBrowsers({ kills: 10, seed: 17, address: baseURL! })).toEqual([]);
});
