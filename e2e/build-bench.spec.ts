import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import {
  bar,
  buildUntil,
  cutAll,
  emptyShop,
  expect,
  expectAccessible,
  heading,
  openPlace,
  openUnit,
  test,
  untilStored,
} from './desk.ts';

/** Build as a bench needs it: keys only, interruptions, batches over two benches, evidence, paper. */

const start = async (desk: Page, serial: string) => {
  await openUnit(desk, serial);
  await expect(heading(desk)).toHaveText(`Build unit ${serial}`);
  await desk.keyboard.press('Space');
  await expect(heading(desk)).toHaveText('Count the parts and cut the cable');
};
/** Everything that the record of the open unit says, from its page in the Log. */
const recordOf = async (desk: Page) => {
  await desk.goto(desk.url().replace('/build/', '/log/'));
  await expect(desk.getByText('Record chain whole')).toBeVisible();
  return desk.locator('.plain-table tbody').innerText();
};

test('a unit by keyboard only: parts, times, a joint that was cold, and on to its proof', async ({
  desk,
}) => {
  await start(desk, 'OS-0026');
  await buildUntil(desk, /^Solder 2 \(hot\)/);
  await expect(bar(desk)).toHaveText(/^Start: iron on the joint/);
  await desk.keyboard.press('Space');
  await expect(bar(desk)).toHaveText('Done');
  await expect(desk.getByText(/^(iron on the joint|let it cool) runs$/)).toBeAttached();
  await desk.keyboard.press('o');
  const dialog = desk.getByRole('dialog');
  await expect(dialog).toContainText('Something is off');
  await expectAccessible(desk);
  for (let tab = 0; tab < 12; tab++) {
    await desk.keyboard.press('Tab');
    if (await desk.evaluate(() => document.activeElement?.textContent.includes('Cold') ?? false)) break;
  }
  await desk.keyboard.press('Enter');
  await expect(dialog).toContainText('It can be saved here.');
  await dialog.getByRole('button', { name: 'Record it, and stay at this step' }).press('Enter');
  await expect(dialog).toBeHidden();
  await expect(heading(desk)).toHaveText(/^Solder 2/);
  await buildUntil(desk, /^Measure between the contacts/);
  await expectAccessible(desk);
  await buildUntil(desk, /^Prove the lead/);
  const record = await recordOf(desk);
  expect(record).toContain('Off: cold, at Solder 2 (hot)');
  expect(record).toMatch(/Done: Solder 2 \(hot\).*, \d+ s/);
  expect(record).toContain('Trial, end A: seats');
});

test('interrupted: the tab closed, the storage full, the unit open twice; nothing lost, nothing doubled', async ({
  desk,
  browserWindow,
}) => {
  await openUnit(desk, 'OS-0003');
  await expect(heading(desk)).toHaveText('Measure the strip, end B');
  await buildUntil(desk, /^Crimp the contact/);
  const address = desk.url();

  await test.step('a full storage is said, and the step stands until there is room', async () => {
    await desk.evaluate(() => {
      const put = IDBObjectStore.prototype.put;
      const holder = window as unknown as { roomAgain: () => void };
      holder.roomAgain = () => {
        IDBObjectStore.prototype.put = put;
      };
      IDBObjectStore.prototype.put = function full(...words) {
        if (this.name === 'records') throw new DOMException('full', 'QuotaExceededError');
        return put.apply(this, words);
      };
    });
    await desk.keyboard.press('PageDown');
    await expect(desk.getByRole('alert')).toContainText('the storage of this browser is full');
    await expect(heading(desk)).toHaveText('Crimp the contact, end B');
    await expectAccessible(desk);
    await desk.evaluate(() => (window as unknown as { roomAgain: () => void }).roomAgain());
    await desk.getByRole('button', { name: 'Try again' }).click();
    await expect(heading(desk)).toHaveText('Tug the contact, end B');
    await expect(desk.getByRole('alert')).toBeHidden();
  });

  await test.step('two tabs: both say so, both see the same, a step is passed once', async () => {
    const other = await browserWindow.newPage();
    await other.goto(address);
    await expect(other.getByText('This unit is open in another tab, too')).toBeVisible();
    await Promise.all([desk.keyboard.press('g'), other.keyboard.press('g')]);
    for (const page of [desk, other])
      await expect(heading(page)).toHaveText('Seat the contact in the body, end B');
    await desk.goto('/');
    await expect(other.getByText('This unit is open in another tab, too')).toBeHidden();
    await other.close();
  });

  await test.step('the tab is closed in the middle of a time: it goes on, and the screen says where it was left', async () => {
    const again = await browserWindow.newPage();
    await again.goto(address);
    await expect(
      again.getByText(/Goes on where it was left: “Tug the contact, end B” was the last/),
    ).toBeVisible();
    await buildUntil(again, /^Prove the lead/);
    await again.getByRole('button', { name: 'Pass it without: waive' }).click();
    await again.getByLabel('Who answers for it').fill('Mara');
    await again.getByLabel('Why').fill('tester at the landing');
    await again.getByRole('button', { name: /^Waive/ }).click();
    await expect(again.getByText('1 hold point waived')).toBeVisible();
    await buildUntil(again, /^Shrink the relief, end B/);
    await again.keyboard.press('PageDown');
    await expect(bar(again)).toHaveText('Done');
    await untilStored(again, 'kept', 'Shrink the relief, end B');
    await again.close();
    const third = await browserWindow.newPage();
    await third.goto(address);
    await expect(heading(third)).toHaveText('Shrink the relief, end B');
    await expect(bar(third)).toHaveText('Done');
    const record = await recordOf(third);
    for (const step of ['Crimp the contact, end B', 'Tug the contact, end B'])
      expect(record.split(`Done: ${step}`)).toHaveLength(2);
    await third.close();
  });
});

test('a batch: one step over both, one unit to another bench by its file and back, and a photograph', async ({
  desk,
  browser,
}) => {
  await start(desk, 'OS-0037');
  await desk.getByRole('link', { name: 'The batch' }).click();
  await expect(desk.getByText('OS-0037 is the first article')).toBeVisible();
  await desk.getByRole('button', { name: 'Start the other 1' }).click();
  await desk.getByRole('button', { name: /without what the first article teaches/ }).click();
  await expect(desk.getByText('Count the parts and cut the cable waits on OS-0037, OS-0038.')).toBeVisible();
  await expectAccessible(desk);
  await desk.getByRole('link', { name: 'Go on: OS-0037' }).click();
  await desk.getByText('one step over all').click();
  const serial = desk.locator('.build-head');
  for (const [now, title] of [
    ['OS-0037', 'Count the parts and cut the cable'],
    ['OS-0038', 'Count the parts and cut the cable'],
    ['OS-0037', 'Thread the parts'],
  ] as const) {
    await expect(serial).toContainText(now);
    await expect(heading(desk)).toHaveText(title);
    if (!title.startsWith('Count')) continue;
    await cutAll(desk);
    await desk.keyboard.press('PageDown');
  }
  await desk.getByText('unit by unit').click();

  await test.step('a photograph and a note stand with the step', async () => {
    await desk.keyboard.press('e');
    const picture = await desk.screenshot({ clip: { x: 0, y: 0, width: 300, height: 200 } });
    await desk.getByLabel('What the picture shows').fill('parts laid out');
    const choose = (name: string, mimeType: string, buffer: Buffer) =>
      desk.getByLabel('Picture from a file').setInputFiles({ name, mimeType, buffer });
    await choose('parts.png', 'image/png', Buffer.from('no picture at all'));
    await expect(desk.getByRole('alert')).toContainText('is not a picture that this browser reads');
    await choose('parts.png', 'image/png', picture);
    await expect(desk.getByRole('img', { name: 'parts laid out' })).toBeVisible();
    await desk.getByLabel('Note').fill('second reel begun');
    await desk.getByRole('button', { name: 'Write the note into the record' }).click();
    await expect(desk.getByText('second reel begun').first()).toBeVisible();
    await expectAccessible(desk);
    await desk.keyboard.press('Escape');
  });

  const address = desk.url();
  const file = await test.step('set aside, its file written', async () => {
    await desk.getByRole('link', { name: 'The batch' }).click();
    const [download] = await Promise.all([
      desk.waitForEvent('download'),
      desk.getByRole('button', { name: 'Set aside, write its file' }).first().click(),
    ]);
    expect(download.suggestedFilename()).toBe('OS-0037.gorvane.zip');
    return readFileSync((await download.path())!);
  });

  const back = await test.step('at another bench it is read in, taken up and goes on', async () => {
    const elsewhere = await browser.newContext({ baseURL: 'http://localhost:4791' });
    const bench = await elsewhere.newPage();
    await bench.goto('/house');
    await emptyShop(bench);
    await bench
      .getByLabel('Archive to import')
      .setInputFiles({ name: 'unit.zip', mimeType: 'application/zip', buffer: file });
    await expect(bench.getByText(/records added/)).toBeVisible();
    await bench.goto(new URL(address).pathname);
    await expect(heading(bench)).toContainText('OS-0037 is set aside');
    await bench.getByRole('button', { name: 'Take it up again here' }).click();
    await buildUntil(bench, /^Take the jacket off, end A/);
    await bench.goto(new URL(address).pathname.replace('/build/', '/log/'));
    await expect(bench.getByRole('img', { name: 'parts laid out' })).toBeVisible();
    await bench.goto(new URL(address).pathname);
    await bench.getByRole('button', { name: 'More' }).click();
    await bench.getByRole('menuitem', { name: 'Set this unit aside' }).click();
    const [download] = await Promise.all([
      bench.waitForEvent('download'),
      bench.getByRole('button', { name: 'Write its file for another bench' }).click(),
    ]);
    const bytes = readFileSync((await download.path())!);
    await elsewhere.close();
    return bytes;
  });

  await test.step('back home the record is one, and nothing is doubled', async () => {
    await openPlace(desk, 'House');
    await desk
      .getByLabel('Archive to import')
      .setInputFiles({ name: 'unit.zip', mimeType: 'application/zip', buffer: back });
    await expect(desk.getByText(/records added/)).toBeVisible();
    await desk.goto(address);
    await desk.getByRole('button', { name: 'Take it up again here' }).click();
    await expect(heading(desk)).toHaveText('Take the jacket off, end A');
    const record = await recordOf(desk);
    expect(record.split('Done: Thread the parts')).toHaveLength(2);
    expect(record).toContain('Picture: parts laid out');
  });
});

test('a first article teaches, and paper goes with the unit', async ({ desk }) => {
  await start(desk, 'OS-0010');
  await buildUntil(desk, /^Offer the connector up, end A/);
  await desk.getByLabel('What touches first').selectOption('braid');
  await desk.getByLabel('Stands off by').fill('5');
  await desk.getByLabel('Stands off by').press('Enter');
  await expect(desk.getByText(/^▲ Braid end: trimmed by 5.0 mm/)).toBeVisible();
  await desk.keyboard.press('PageDown');
  await expect(heading(desk)).toHaveText(/^Check for nicks/);
  await desk.getByRole('link', { name: 'The batch' }).click();
  await desk.getByRole('link', { name: 'Its dimensions and corrections' }).click();
  await expect(heading(desk)).toHaveText('First article OS-0010');
  await desk.getByLabel(/^Finished length of/).fill('1.493 m');
  await desk.getByLabel(/^Finished length of/).press('Enter');
  await expect(desk.getByLabel(/^Cut length: .* mm (more|less)/)).toBeChecked();
  await expectAccessible(desk);
  await desk.getByRole('button', { name: /^Correct the rest by/ }).click();
  await expect(desk.getByText('● Decided by Bench two')).toBeVisible();

  await test.step('traveller and template', async () => {
    await desk.goBack();
    await desk.getByRole('link', { name: 'OS-0011' }).click();
    await expect(heading(desk)).toHaveText('Build unit OS-0011');
    await desk.keyboard.press('Space');
    await expect(heading(desk)).toHaveText('Count the parts and cut the cable');
    await desk.getByRole('button', { name: 'More' }).click();
    await desk.getByRole('menuitem', { name: 'Traveller on paper' }).click();
    await expect(heading(desk)).toHaveText('Traveller of OS-0011');
    await expectAccessible(desk);
    const [download] = await Promise.all([
      desk.waitForEvent('download'),
      desk.getByRole('button', { name: 'Strip template, true size (PDF)' }).click(),
    ]);
    expect(download.suggestedFilename()).toBe('strip-template-whip-lead.pdf');
    const pdf = readFileSync((await download.path())!);
    expect(pdf.subarray(0, 5).toString()).toBe('%PDF-');
    expect(pdf.length).toBeGreaterThan(2000);
  });

  await test.step('the lead differs from the house in one practice', async () => {
    await openPlaceFromPaper(desk);
    await desk.getByRole('link', { name: /^Whip lead/ }).click();
    await desk.getByLabel('It differs in').selectOption('Holes of a soldered UHF body');
    await expect(desk.getByText(/steps of 1 lead change/)).toBeVisible();
    await expectAccessible(desk);
  });
});

async function openPlaceFromPaper(desk: Page): Promise<void> {
  await desk.goto('/leads');
  await expect(desk.getByRole('link', { name: /^Whip lead/ })).toBeVisible();
}
