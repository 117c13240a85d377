import { writeArchive } from '@gorvane/core/file/archive.ts';
import { emptyArchive, joined } from '@gorvane/core/file/archive-tables.ts';
import { yearsOfShop } from '@gorvane/demo/years.ts';
import { emptyShop, expect, expectAccessible, openPlace, test } from './desk.ts';

const years = yearsOfShop(400, 5);
const orders = [...years.orders()];
const archive = joined([years.head, ...orders.map((order) => ({ ...emptyArchive(), ...order }))]);

test('years of units: read in beside the screen, found by any two things, worked at as ever', async ({
  desk,
}) => {
  await openPlace(desk, 'House');
  await emptyShop(desk);
  // Held by the test, so that it does not matter how long the file takes.
  const holder = await desk.context().newPage();
  await holder.goto('/');
  await holder.evaluate(() => {
    void navigator.locks.request(
      'gorvane reads a file in',
      () => new Promise((resolve) => window.addEventListener('dblclick', resolve)),
    );
  });
  await desk.getByLabel('Archive to import').setInputFiles({
    name: 'years.zip',
    mimeType: 'application/zip',
    buffer: Buffer.from(writeArchive(archive, '2026-11-24T07:00:00.000Z')),
  });
  await test.step('meanwhile every page of this browser says that it waits', async () => {
    const other = await desk.context().newPage();
    await other.goto('/');
    const waits = other.getByText(/^Another tab of this browser reads a file in/);
    await expect(waits).toBeVisible();
    await expect(desk.getByText(/^Reading years.zip in, .*pages and steps wait/)).toBeVisible();
    await expectAccessible(desk);
    await holder.evaluate(() => void window.dispatchEvent(new Event('dblclick')));
    await expect(desk.getByText(/records added, \d+ replaced/)).toBeVisible();
    await expect(waits).toBeHidden();
    await other.close();
    await holder.close();
  });

  await test.step('the log shows the newest and says how many there are', async () => {
    await openPlace(desk, 'Log');
    const started = archive.units.filter(({ plan }) => plan !== null).length;
    await expect(desk.getByText(`${started} units`, { exact: true })).toBeVisible();
    await expect(desk.locator('tbody tr')).toHaveCount(50);
    await desk.getByRole('button', { name: /^Show 50 more of/ }).click();
    await expect(desk.locator('tbody tr')).toHaveCount(100);
  });

  await test.step('two things at once leave what is both, and the address holds them', async () => {
    await desk.getByLabel('State').selectOption('given up');
    const givenUp = archive.events.filter(({ happening }) => happening.kind === 'scrapped').length;
    await expect(desk.getByText(`${givenUp} of`)).toBeVisible();
    await expectAccessible(desk);
    await desk.getByLabel('State').selectOption('');
    await desk.getByLabel('Trouble seen').selectOption('cold');
    await desk.getByLabel('First pass').selectOption('later');
    const mended = new Set(
      archive.events.filter(({ happening }) => happening.kind === 'trouble').map(({ unitId }) => unitId),
    ).size;
    await expect(desk.getByText(`${mended} of`)).toBeVisible();
    await desk.reload();
    await expect(desk.getByText(`${mended} of`)).toBeVisible();
    await desk.getByLabel('Search the log').fill('nobody has this');
    await expect(desk.getByText(/No unit is all of this, with “nobody has this”/)).toBeVisible();
  });

  await test.step('the finder knows a serial by its number, also when a scanner enters at once', async () => {
    await desk.keyboard.press('Control+k');
    const find = desk.getByLabel(/^Find a lead/);
    await find.fill('OS-000123');
    await find.press('Enter');
    await expect(desk.getByRole('heading', { name: 'OS-000123' })).toBeVisible();
    await expect(desk.getByText('Record chain whole')).toBeVisible();
  });

  await test.step('the bench has what is begun and waits, and what is still to be made', async () => {
    await openPlace(desk, 'Bench');
    await expect(desk.getByRole('heading', { name: 'Orders' })).toBeVisible();
    await expect(desk.getByRole('button', { name: /^Show \d+ more orders$/ })).toBeVisible();
    await expectAccessible(desk);
  });
});
