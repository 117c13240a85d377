import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { emptyShop, expect, expectAccessible, openPlace, openStage, test } from './desk.ts';

/** Opens a question of the lab at its address and waits for its answer. */
async function ask(desk: Page, address: string, answer: string | RegExp): Promise<void> {
  await desk.goto(`/lab/${address}`);
  await expect(desk.getByText(answer).first()).toBeVisible();
}

test('every question of the Line lab answers, is accessible, and reads by keyboard', async ({ desk }) => {
  await openPlace(desk, 'Line lab');
  await expect(desk.getByText('Which cable keeps the loss within the limit?')).toBeVisible();
  await expectAccessible(desk);
  const questions: [string, string | RegExp][] = [
    ['line', 'Loss against frequency'],
    ['chain', 'Costs most loss'],
    ['budget', /cables do; the cheapest is/],
    ['power', /limited by/],
    ['choke', /the least of the working frequencies/],
    ['set', /The set spreads over/],
    ['audio', /upper corner/],
    ['audio?ask=pickup&cable=instrument', /resonance/],
    ['speaker', /lost$/],
    ['speaker?ask=line', /at the weakest tap/],
    ['bus', /V in the worst bit/],
    ['cables', 'RG-213 class'],
    ['cables/corrugated-7%2F8', 'First higher mode'],
  ];
  for (const [address, answer] of questions) {
    await ask(desk, address, answer);
    await expectAccessible(desk);
  }
  await ask(desk, 'line', 'Loss against frequency');
  const chart = desk.locator('.chart svg.recharts-surface').first();
  await chart.focus();
  await desk.keyboard.press('ArrowRight');
  await expect(desk.locator('.recharts-tooltip-wrapper').first()).toContainText('frequency');
  const plane = desk.getByRole('slider', { name: /^Input impedance over the band/ });
  await plane.focus();
  const before = await plane.getAttribute('aria-valuetext');
  await desk.keyboard.press('ArrowRight');
  await expect(plane).not.toHaveAttribute('aria-valuetext', before!);
});

test('the chain: order by keyboard, live length, a file in, compared and out, bad files refused', async ({
  desk,
}) => {
  await ask(desk, 'chain', 'Costs most loss');
  const order = () => desk.locator('.chain-place > button:first-child').allInnerTexts();
  const first = (await order())[0]!;
  await desk
    .getByRole('button', { name: /^N pair/ })
    .first()
    .focus();
  await desk.keyboard.press('Alt+ArrowRight');
  await expect.poll(async () => (await order())[1]).toBe(first);
  await expect(desk.getByRole('button', { name: /^N pair/ }).first()).toBeFocused();
  await desk.getByRole('button', { name: 'Move N pair' }).focus();
  await desk.keyboard.press('Space');
  await expect(desk.getByText('Now over place 2 of 4')).toBeAttached();
  // The item listens a moment after it was picked up; further left than the first it does not go.
  await expect(async () => {
    await desk.keyboard.press('ArrowLeft');
    await expect(desk.getByText('Now over place 1 of 4')).toBeAttached({ timeout: 2000 });
  }).toPass();
  await desk.keyboard.press('Space');
  await expect.poll(async () => (await order())[0]).toBe(first);
  await expect(desk.getByRole('button', { name: 'Move N pair' })).toBeFocused();
  await expect(desk.getByRole('heading', { name: 'Over the band', exact: true })).toBeVisible();

  const worst = desk.locator('dt', { hasText: 'Worst insertion loss' }).locator('+ dd');
  const loss = await worst.innerText();
  await desk.getByRole('button', { name: /^low-loss foam 10/ }).click();
  await desk.getByRole('slider', { name: 'Length, metres' }).focus();
  for (let press = 0; press < 20; press++) await desk.keyboard.press('ArrowRight');
  await expect.poll(() => worst.innerText()).not.toBe(loss);
  await desk.getByRole('button', { name: 'Undo' }).click();
  // Points too far apart for the length: refused, with what would do.
  const length = desk.getByRole('textbox', { name: 'Length', exact: true });
  await length.fill('300 m');
  await expect(
    desk.getByText(/too coarse for this length: .* needs at most [\d.]+ MHz \(\d+ points up to/),
  ).toBeVisible();
  await length.fill('18 m');
  await expect(desk.getByRole('heading', { name: 'Reflection against distance' })).toBeVisible();

  const [file] = await Promise.all([
    desk.waitForEvent('download'),
    desk.getByRole('button', { name: 'Save Touchstone' }).click(),
  ]);
  const saved = { name: 'chain.s2p', mimeType: 'text/plain', buffer: readFileSync((await file.path())!) };
  const upload = async (button: string, content: { name: string; mimeType: string; buffer: Buffer }) => {
    const [chooser] = await Promise.all([
      desk.waitForEvent('filechooser'),
      desk.getByRole('button', { name: button }).click(),
    ]);
    await chooser.setFiles(content);
  };
  const broken = {
    name: 'broken.s2p',
    mimeType: 'text/plain',
    buffer: Buffer.from('# MHz S RI R 50\n1 0 0 1 0 1 0 0\n'),
  };
  await upload('Add a Touchstone file', broken);
  await expect(desk.getByRole('alert')).toContainText('Line 2, column 16: found 8 numbers; expected 9');
  await upload('Compare with a file', saved);
  await expect(desk.locator('.chart-keys').first()).toContainText('.s2p');
  await upload('Add a Touchstone file', saved);
  await expect(desk.locator('.chain-place')).toHaveCount(5);
  await expect(worst).toContainText('dB');
  const address = desk.url();
  await desk.reload();
  await expect(desk.locator('.chain-place')).toHaveCount(5);
  expect(desk.url()).toBe(address);
  await expectAccessible(desk);

  await desk.getByLabel('Band').fill('500 MHz to 1 MHz');
  await expect(desk.getByText(/from the lower to the higher frequency/)).toBeVisible();
  await expect(desk.getByText('figures are from the last values that did')).toBeVisible();
  await desk.getByLabel('Band').fill('1 MHz to 5 GHz');
  await expect(desk.getByRole('alert')).toContainText(/covers 1 to 500 MHz/);
});

test('the longest sweep does not hold up typing', async ({ desk }) => {
  await ask(desk, 'chain?points=20001', 'Costs most loss');
  await desk.getByLabel('Band').fill('1 MHz to 900 MHz');
  await desk.getByLabel('Reference impedance').fill('75');
  await expect(desk.getByText('reference 75 ohm').first()).toBeVisible();
  await expect(desk).toHaveURL(/band=1\+MHz\+to\+900\+MHz.*ref=75|ref=75.*band=1\+MHz\+to\+900\+MHz/);
  await expect(desk.getByText(/working it out/)).toHaveCount(0);
});

test('a lead asks the lab, the lab puts a choke on the lead, and the lead is built with it', async ({
  desk,
}) => {
  await openPlace(desk, 'Leads');
  await desk.getByRole('link', { name: /^Receiver patch lead/ }).click();
  await expect(desk.getByRole('heading', { name: 'Power it stands' })).toBeVisible();
  await desk.getByRole('link', { name: 'look at it as a chain' }).click();
  await expect(desk.locator('.chain-place')).toHaveCount(3);
  await desk.goBack();
  await desk.getByRole('link', { name: 'Compare every cable for this run' }).click();
  await expect(desk.getByLabel('Length')).toHaveValue(/^3\.\d+ m$/);
  await ask(desk, 'choke?beads=6', /^6 beads/);
  await desk.getByLabel('Lead that gets the choke').selectOption({ label: 'Receiver patch lead' });
  await desk.getByRole('button', { name: 'Near end B' }).click();
  await expect(desk.locator('.moves li', { hasText: /^choke, 6 beads/ })).toContainText(
    'Last chance: before end',
  );
  await openStage(desk, 'Prove');
  await expect(desk.getByRole('heading', { name: 'What a sweep should show' })).toBeVisible();
  await expectAccessible(desk);
  await desk.getByRole('link', { name: /^Build OS-0004|^Build OS-/ }).click();
  await expect(desk.getByRole('heading', { level: 1 })).toBeVisible();
});

test('with no leads the lab still answers, and a cable is entered from its sheet by touch', async ({
  browser,
}) => {
  const context = await browser.newContext({ hasTouch: true, viewport: { width: 800, height: 1280 } });
  const page = await context.newPage();
  await page.goto('/house');
  await emptyShop(page);
  await page.goto('/lab/choke');
  await expect(
    page.getByText('When there is a lead, this stack can be put on its run from here.'),
  ).toBeVisible();
  await page.goto('/lab/cables');
  await page.getByRole('button', { name: 'Enter a cable from its data sheet' }).tap();
  await page.getByLabel('Loss points, dB per 100 m').fill('100 MHz 3.9; 450 MHz 8.6; 1 GHz 13.1');
  await page.getByLabel('Name').fill('Reel nine');
  await page.getByLabel('Name').press('Enter');
  await expect(page.getByRole('heading', { name: 'Reel nine' })).toBeVisible();
  await expect(page.getByRole('row', { name: /^450 MHz/ })).toContainText('%');
  await page.getByRole('button', { name: 'Enter its layers too' }).tap();
  await expect(page.getByText('dielectric', { exact: true }).first()).toBeVisible();
  await page.goto('/lab/budget?place=indoor&near=none&far=none');
  await expect(page.getByRole('row', { name: /^Reel nine/ })).toBeVisible();
  await context.close();
});
