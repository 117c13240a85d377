import { readFileSync } from 'node:fs';
import { expect, expectContrast, openPlace, test, testAlone, untilStored } from './desk.ts';

test('a link carries the question to another browser, which has its own data', async ({ desk, browser }) => {
  await desk.goto('/lab/line');
  await desk.getByLabel('Length', { exact: true }).fill('60 ft');
  await desk.getByLabel('Load', { exact: true }).fill('SWR 2.5');
  await expect(desk).toHaveURL(/load=SWR\+2\.5/);
  await expect(desk.locator('dt', { hasText: 'SWR at the load' }).locator('+ dd')).toHaveText('2.50');
  const context = await browser.newContext();
  const page = await context.newPage();
  await page.goto(desk.url());
  await expect(page.locator('dt', { hasText: 'SWR at the load' }).locator('+ dd')).toHaveText('2.50');
  await expect(page.getByRole('heading', { name: /18.29 m, 162 MHz/ })).toBeVisible();
  await context.close();
});

test('on the night bench every question passes the contrast rules', async ({ desk }) => {
  await openPlace(desk, 'House');
  await desk.getByText('night bench').click();
  for (const [address, words] of [
    ['line', 'Loss against frequency'],
    ['chain', 'Costs most loss'],
    ['budget', 'Longest run'],
    ['choke', 'Beads for'],
    ['bus', 'Settled level there'],
    ['cables/rg-58', 'First higher mode'],
  ] as const) {
    await desk.goto(`/lab/${address}`);
    await expect(desk.getByText(words).first()).toBeVisible();
    await expectContrast(desk);
  }
});

test('a sweep of the most points is saved whole, and printed without inputs', async ({ desk }) => {
  await desk.goto('/lab/chain?points=20001&band=1+MHz+to+2+GHz');
  await expect(desk.getByText('Costs most loss')).toBeVisible();
  const [file] = await Promise.all([
    desk.waitForEvent('download'),
    desk.getByRole('button', { name: 'Save CSV' }).first().click(),
  ]);
  expect(file.suggestedFilename()).toBe('chain-sweep.csv');
  const lines = readFileSync((await file.path())!, 'utf8')
    .trim()
    .split('\r\n');
  expect(lines).toHaveLength(20_002);
  expect(lines.at(-1)!.split(',').map(Number)[0]).toBeCloseTo(2e9, 0);
  await desk.emulateMedia({ media: 'print' });
  await expect(desk.getByRole('complementary', { name: 'Inputs' })).toBeHidden();
  await expect(desk.getByRole('heading', { name: 'Costs most loss' })).toBeVisible();
});

test.describe('offline', () => {
  testAlone.use({ serviceWorkers: 'allow' });

  testAlone(
    'what was typed and does not parse is still there after a reload; offline the lab answers',
    async ({ desk, context }) => {
      await desk.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
      await desk.waitForFunction(async () => (await caches.keys()).length > 0);
      await desk.goto('/lab/bus');
      await desk.getByRole('textbox', { name: 'Receivers' }).fill('12 and a half');
      await expect(desk.getByText(/a number of receivers, 1 to 256/)).toBeVisible();
      await untilStored(desk, 'kept', '12 and a half');
      await context.setOffline(true);
      await desk.reload();
      await expect(desk.getByRole('textbox', { name: 'Receivers' })).toHaveValue('12 and a half');
      await expect(desk.getByText(/V in the worst bit/)).toBeVisible();
      await desk.getByRole('textbox', { name: 'Receivers' }).press('Escape');
      await expect(desk.getByRole('textbox', { name: 'Receivers' })).toHaveValue('12');
      await context.setOffline(false);
    },
  );
});
