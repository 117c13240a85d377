import { readFileSync } from 'node:fs';
import { readArchive, writeArchive } from '@gorvane/core/file/archive.ts';
import {
  bar,
  emptyShop,
  expect,
  expectAccessible,
  openLead,
  openPlace,
  openStage,
  openUnit,
  test,
  testAlone,
  untilStored,
} from './desk.ts';

/** Nothing is lost: reloads, closed tabs, two tabs, no network, files out and in. */

test('a build goes on where it was left, also with half a reading typed and the tab closed', async ({
  desk,
  browserWindow,
}) => {
  await openUnit(desk, 'OS-0003');
  await expect(desk.getByRole('heading', { level: 1 })).toHaveText('Measure the strip, end B');
  await desk.getByLabel('braid as cut').fill('9.2');
  await desk.getByLabel('braid as cut').press('Enter');
  await expect(desk.getByRole('row', { name: /^braid/ })).toContainText('Good');
  const stands = (title: string) =>
    expect(desk.getByRole('heading', { level: 1 })).toHaveText(`${title}, end B`);
  await desk.keyboard.press('PageDown');
  await stands('Offer the connector up');
  await desk.keyboard.press('PageDown');
  await stands('Check for nicks and whiskers');
  await desk.getByRole('button', { name: '● Good' }).click();
  await stands('Crimp the contact');
  await desk.keyboard.press('PageDown');
  await stands('Tug the contact');
  await desk.getByRole('button', { name: '● Good' }).click();
  await stands('Seat the contact in the body');
  for (const part of ['shrink 9.5 mm, end B', 'ferrule, end B']) {
    await expect(bar(desk)).toHaveText(`Seen: ${part}`);
    await desk.keyboard.press('PageDown');
  }
  await expect(bar(desk)).toHaveText('Done');
  await desk.keyboard.press('PageDown');
  await stands('Measure where the contact stands');
  await desk.getByLabel('Contact before').fill('0.1');
  await untilStored(desk, 'kept', '0.1');
  const address = desk.url();
  await desk.close();
  const again = await browserWindow.newPage();
  await again.goto(address);
  await expect(again.getByRole('heading', { level: 1 })).toHaveText(
    'Measure where the contact stands, end B',
  );
  await expect(again.getByLabel('Contact before')).toHaveValue('0.1');
  await again.getByLabel('Contact before').press('Enter');
  await expect(again.getByRole('heading', { level: 1 })).toHaveText('Measure centre to body, end B');
  await again.goto(address.replace('/build/', '/log/'));
  await expect(again.getByText('Record chain whole')).toBeVisible();
  await expect(again.getByText('Strip of end B: braid 9.20 mm')).toBeVisible();
  await expect(again.getByText('Done: Measure the strip, end B')).toHaveCount(1);
});

test('an edit is saved by itself; a text that does not parse is still there after a reload', async ({
  desk,
}) => {
  await openPlace(desk, 'Leads');
  await desk.getByRole('link', { name: /^Receiver patch lead/ }).click();
  await openStage(desk, 'Cut');
  await desk.getByLabel('Finished length').fill('2.47 m');
  await untilStored(desk, 'leads', '"finishedLength":2.47');
  await desk.reload();
  await expect(desk.getByLabel('Finished length')).toHaveValue('2.47 m');
  await desk.getByLabel('Finished length').fill('2.47 mx');
  await expect(desk.getByText(/Found "2.47 mx"; expected a length/)).toBeVisible();
  await expect(desk.getByText('figures are from the last values that did')).toBeVisible();
  await expect(desk.getByRole('row', { name: 'Finished length' })).toContainText('470.0 mm');
  await untilStored(desk, 'kept', '2.47 mx');
  await desk.reload();
  await expect(desk.getByLabel('Finished length')).toHaveValue('2.47 mx');
  await desk.getByLabel('Finished length').press('Escape');
  await expect(desk.getByLabel('Finished length')).toHaveValue('2.47 m');
});

test('two open tabs see each other’s changes and both survive', async ({ desk, browserWindow }) => {
  await openPlace(desk, 'Leads');
  await desk.getByRole('link', { name: /^Receiver patch lead/ }).click();
  await openStage(desk, 'Cut');
  const other = await browserWindow.newPage();
  await other.goto(desk.url());
  await other.getByLabel('Finished length').fill('5 m');
  await expect(desk.getByLabel('Finished length')).toHaveValue('5 m');
  await desk.getByLabel('Slack').fill('30');
  await expect(other.getByLabel('Slack')).toHaveValue('30 mm');
  await expect(other.getByLabel('Finished length')).toHaveValue('5 m');
});

test.describe('offline', () => {
  testAlone.use({ serviceWorkers: 'allow' });

  testAlone('after the first load it opens with the network cut', async ({ desk, context }) => {
    await desk.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
    await desk.waitForFunction(async () => (await caches.keys()).length > 0);
    await desk.reload();
    await context.setOffline(true);
    await desk.goto('/leads');
    await expect(desk.getByRole('link', { name: /^Receiver patch lead/ })).toBeVisible();
    await desk.getByRole('link', { name: /^Receiver patch lead/ }).click();
    await openStage(desk, 'Strip');
    await expect(desk.getByRole('img', { name: /^Strip of end A/ })).toBeVisible();
    await context.setOffline(false);
  });
});

test('everything goes out to a file, the database is emptied, the file is read, all is back', async ({
  desk,
}) => {
  await openPlace(desk, 'House');
  const [file] = await Promise.all([
    desk.waitForEvent('download'),
    desk.getByRole('button', { name: 'Export everything' }).click(),
  ]);
  const bytes = readFileSync((await file.path())!);
  await emptyShop(desk);
  await openPlace(desk, 'Leads');
  await expect(desk.getByText('No leads yet')).toBeVisible();
  await openPlace(desk, 'House');

  const choose = (name: string, buffer: Buffer) =>
    desk.getByLabel('Archive to import').setInputFiles({ name, mimeType: 'application/zip', buffer });
  const refusal = desk.getByRole('alert').filter({ hasText: 'Nothing was changed' });
  await choose('cut.zip', bytes.subarray(0, bytes.length / 2));
  await expect(refusal).toContainText('cut off');
  await choose('other.zip', Buffer.from('not a zip'));
  await expect(refusal).toContainText('not a zip file');
  await choose('good.zip', bytes);
  await expect(desk.getByText(/records added/)).toBeVisible();

  await openPlace(desk, 'Log');
  await desk.getByRole('link', { name: 'OS-0002' }).click();
  await expect(desk.getByText('Record chain whole')).toBeVisible();
  await openPlace(desk, 'House');
  await desk.getByRole('button', { name: 'Start again with the demo data' }).click();
  await desk.getByRole('button', { name: 'Remove all and load the demo data' }).click();
  await expect(desk.getByText('The demo data are in.')).toBeVisible();
});

testAlone('the same field changed in two tabs asks which value stands', async ({ desk, context }) => {
  await openPlace(desk, 'Leads');
  await desk.getByRole('link', { name: /^Receiver patch lead/ }).click();
  await openStage(desk, 'Choose');
  const other = await context.newPage();
  await other.goto(desk.url());
  await expect(other.getByLabel('Name of the lead')).toHaveValue('Receiver patch lead');
  // The clock stands still while both are typed, so that neither change is saved before the other is made.
  await context.clock.install();
  await context.clock.pauseAt(Date.now() + 60_000);
  const names = new Map([
    [desk, 'Named here'],
    [other, 'Named there'],
  ]);
  for (const [page, name] of names) {
    await page.getByLabel('Name of the lead').fill(name);
    await page.getByLabel('Name of the lead').press('Enter');
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(name);
  }
  await context.clock.resume();
  const asked = await Promise.race(
    [desk, other].map(async (page) => {
      await page.getByText('Another tab changed the same field').waitFor();
      return page;
    }),
  );
  await asked.getByRole('button', { name: 'Keep what is here' }).click();
  for (const page of [desk, other])
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(names.get(asked)!);
});

test('a full storage is said where the person is; nothing is shown as saved, and it is once there is room', async ({
  desk,
}) => {
  await openLead(desk, 'Receiver patch lead');
  await openStage(desk, 'Cut');
  const length = desk.getByLabel('Finished length').first();
  await expect(length).toBeVisible();
  await desk.evaluate(() => {
    const stores = IDBObjectStore.prototype as unknown as { put: unknown; real: unknown };
    stores.real = stores.put;
    stores.put = () => {
      throw new DOMException('no room', 'QuotaExceededError');
    };
  });
  await length.fill('3.6 m');
  await length.press('Enter');
  const alert = desk.getByRole('alert').filter({ hasText: 'Not saved' });
  await expect(alert).toContainText('the storage of this browser is full');
  await expectAccessible(desk);
  await desk.evaluate(() => {
    const stores = IDBObjectStore.prototype as unknown as { put: unknown; real: unknown };
    stores.put = stores.real;
  });
  await alert.getByRole('button', { name: 'Try again' }).click();
  await expect(alert).toBeHidden();
  await desk.reload();
  await expect(desk.getByLabel('Finished length').first()).toHaveValue(/3[.,]6/);
});

test('a file in which something does not hold is told record by record before anything is changed', async ({
  desk,
}) => {
  await openPlace(desk, 'House');
  const download = desk.waitForEvent('download');
  await desk.getByRole('button', { name: 'Export everything' }).click();
  const { leads, ...rest } = readArchive(readFileSync((await (await download).path())!));
  const [first, ...others] = leads;
  const endless = { ...first!, legs: first!.legs.map((leg) => ({ ...leg, finishedLength: 1e308 })) };
  const changed = writeArchive({ ...rest, leads: [endless, ...others] }, '2026-11-24T08:00:00.000Z');
  await desk
    .getByLabel('Archive to import')
    .setInputFiles({ name: 'changed.zip', mimeType: 'application/zip', buffer: Buffer.from(changed) });
  const found = desk.getByRole('alert', { name: 'What does not hold' });
  await expect(found).toContainText(/it is 1e\+308 m long; a lead has at most 1000 m/);
  await expectAccessible(desk);
  await found.getByRole('button', { name: /^Take the \d+ that hold/ }).click();
  await expect(desk.getByText(/^0 records added, 0 replaced/)).toBeVisible();
});
