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
} from './desk.ts';

/** Build at the bench: gates, waivers, the way back, touch, night; and a database that is still empty. */

test('hold points: out leads back, a waiver needs name and reason, safety takes none', async ({ desk }) => {
  await desk.getByRole('link', { name: /^Continue/ }).click();
  await expect(heading(desk)).toHaveText('Measure the strip, end B');
  await buildUntil(desk, /^Check for nicks and whiskers/);
  await desk.keyboard.press('PageDown');
  await expect(heading(desk)).toHaveText('Check for nicks and whiskers, end B');
  await desk.getByRole('button', { name: '■ Out' }).click();
  await expect(
    desk.getByText(/^Uses 19.1 mm of the cable at this end; 41.2 mm of 41.2 mm allowed/),
  ).toBeVisible();
  await expectAccessible(desk);
  await desk.getByRole('button', { name: /^Go back to: Cut to the conductor/ }).click();
  await expect(heading(desk)).toHaveText('Cut to the conductor, end B');
  await buildUntil(desk, /^Tug the contact/);
  await desk.getByRole('button', { name: 'Pass it without: waive' }).click();
  await desk.getByRole('button', { name: /^Waive: it will stand/ }).click();
  await expect(desk.getByText('A waiver needs the name of who answers for it.')).toBeVisible();
  await desk.getByLabel('Who answers for it').fill('Mara');
  await desk.getByLabel('Why').fill('pull gauge out for calibration');
  await desk.getByRole('button', { name: /^Waive: it will stand/ }).click();
  await expect(heading(desk)).toHaveText('Seat the contact in the body, end B');
  await desk.keyboard.press('PageUp');
  await expect(desk.getByText('Waived by Mara: pull gauge out for calibration')).toBeVisible();
  await desk.keyboard.press('PageDown');
  await buildUntil(desk, /^Measure centre to body/);
  await expect(desk.getByText('measured, never waived')).toBeVisible();
  await expect(desk.getByRole('button', { name: 'Pass it without: waive' })).toHaveCount(0);
  await desk.getByLabel('Centre to body').fill('often');
  await desk.getByLabel('Centre to body').press('Enter');
  await expect(desk.getByText(/Found "often"; expected a resistance/)).toBeVisible();
  await desk.getByLabel('Centre to body').fill('0.2');
  await desk.getByLabel('Centre to body').press('Enter');
  await expect(desk.getByRole('button', { name: /^Go back to: Seat the contact/ })).toBeVisible();
});

test('a part that would be too late holds the step', async ({ desk }) => {
  await openUnit(desk, 'OS-0004');
  await expect(heading(desk)).toHaveText('Build unit OS-0004');
  await desk.keyboard.press('Space');
  await expect(heading(desk)).toHaveText('Count the parts and cut the cable');
  await cutAll(desk);
  await desk.keyboard.press('Space');
  await expect(heading(desk)).toHaveText('Thread the parts');
  const parts = desk.locator('.parts button');
  await expect(parts).toHaveCount(5);
  // One press of the pedal for each part, in the order of threading.
  for (let part = 0; part < 5; part++) {
    await expect(parts.nth(part)).toHaveAttribute('aria-pressed', 'false');
    await desk.keyboard.press('Space');
    await expect(parts.nth(part)).toHaveAttribute('aria-pressed', 'true');
  }
  await buildUntil(desk, /^Seat the contact/);
  const ferrule = desk.getByRole('button', { name: /ferrule, end A/ });
  await expect(ferrule).toContainText('still on, still that way round?');
  await ferrule.click();
  await expect(ferrule).toHaveAttribute('aria-pressed', 'true');
  await ferrule.click();
  await expect(ferrule).toContainText('after this step it is too late');
  for (const part of ['label sleeve', 'shrink 9.5 mm, end A', 'ferrule, end A']) {
    await expect(bar(desk)).toContainText(`Seen: ${part}`);
    await expect(heading(desk)).toHaveText('Seat the contact in the body, end A');
    await desk.keyboard.press('PageDown');
  }
  await expect(bar(desk)).toHaveText('Done');
  await desk.keyboard.press('Space');
  await expect(heading(desk)).toHaveText('Measure where the contact stands, end A');
});

test('the night bench in portrait, by touch', async ({ browser }) => {
  const context = await browser.newContext({
    baseURL: 'http://localhost:4791',
    viewport: { width: 800, height: 1280 },
    hasTouch: true,
  });
  const desk = await context.newPage();
  await desk.goto('/house');
  await desk.getByText('night bench').tap();
  await expectAccessible(desk);
  await desk.getByRole('link', { name: 'Bench', exact: true }).tap();
  await expect(desk.getByRole('link', { name: /^Continue/ })).toBeVisible();
  await expectAccessible(desk);
  await desk.getByRole('link', { name: /^Continue/ }).tap();
  await expect(heading(desk)).toHaveText('Measure the strip, end B');
  await desk.getByRole('button', { name: /^Done/ }).tap();
  await expect(heading(desk)).toHaveText('Offer the connector up, end B');
  await desk.getByLabel('Stands off by').fill('0.3');
  await desk.getByRole('button', { name: /^It stands off/ }).tap();
  await expect(desk.getByText('Conductor end: trim 0.3 mm, a little less at first')).toBeVisible();
  await desk.getByRole('button', { name: /^It seats/ }).tap();
  await expect(heading(desk)).toHaveText('Check for nicks and whiskers, end B');
  await expectAccessible(desk);
  await desk.getByRole('button', { name: 'something is off' }).tap();
  await expectAccessible(desk);
  await desk.getByRole('button', { name: /^Nick/ }).tap();
  await expect(desk.getByText('It can be saved: go back a little.')).toBeVisible();
  await desk.getByRole('button', { name: /^Record it and go back to: Cut to the conductor/ }).tap();
  await expect(heading(desk)).toHaveText('Cut to the conductor, end B');
  const width = await desk.evaluate(() => document.documentElement.scrollWidth);
  expect(width).toBeLessThanOrEqual(800);
  await context.close();
});

for (const [width, height] of [
  [1280, 800],
  [800, 1280],
] as const)
  test(`the drawing of every step of an end is whole at ${width} x ${height}`, async ({ desk }) => {
    await desk.setViewportSize({ width, height });
    await desk.getByRole('link', { name: /^Continue/ }).click();
    await expect(heading(desk)).toHaveText('Measure the strip, end B');
    for (let step = 0; step < 4; step++) {
      const drawing = desk.locator('.whole-drawing svg').first();
      await expect(drawing).toBeVisible();
      // How far it reaches under the bar, once the room was measured.
      await expect
        .poll(() =>
          drawing.evaluate(
            (svg) =>
              svg.getBoundingClientRect().bottom - svg.closest('.build-main')!.getBoundingClientRect().bottom,
          ),
        )
        .toBeLessThanOrEqual(1);
      const before = await heading(desk).textContent();
      await desk.keyboard.press(/^Hold/.test((await bar(desk).textContent())!) ? 'g' : 'PageDown');
      await expect(heading(desk)).not.toHaveText(before!);
    }
  });

test('an empty database says what to do, and a lead of another kind is made and planned from it', async ({
  desk,
}) => {
  await openPlace(desk, 'House');
  await emptyShop(desk);
  await openPlace(desk, 'Log');
  await expect(desk.getByText('No unit has been started')).toBeVisible();
  await expectAccessible(desk);
  await openPlace(desk, 'Bench');
  await expect(desk.getByText('Nothing on the bench')).toBeVisible();
  await desk.getByRole('button', { name: 'Make the lead' }).click();
  await expect(desk.getByText('Nothing typed; expected a length')).toBeVisible();
  await desk.getByRole('button', { name: /more, among them feeder/ }).click();
  await desk.getByLabel('Picture or clock').check();
  await desk.getByLabel('2. How long?').fill('-3');
  await desk.getByLabel('3. How many?').fill('0');
  await expect(desk.getByText(/above 0 and at most 1000 m/)).toBeVisible();
  await expect(desk.getByText('a whole number from 1 to 500')).toBeVisible();
  await desk.getByLabel('2. How long?').fill('6 ft 6 in');
  await desk.getByLabel('3. How many?').fill('1');
  await desk.getByRole('button', { name: 'Make the lead' }).click();
  await expect(heading(desk)).toHaveText('75-ohm patch lead');
  await expect(desk.getByText('Every part goes together.')).toBeVisible();
  await desk.getByRole('link', { name: 'Build B1-0001' }).click();
  await expect(desk.getByText('Starting freezes the plan')).toBeVisible();
  await desk.keyboard.press('Space');
  await expect(heading(desk)).toHaveText('Count the parts and cut the cable');
});

test('Ctrl K finds a unit by its serial or by what its code says', async ({ desk }) => {
  await desk.keyboard.press('Control+k');
  await desk.getByLabel('Find a lead, a serial').fill('os-0002');
  await desk.keyboard.press('Enter');
  await expect(heading(desk)).toHaveText('OS-0002');
  const id = desk.url().split('/').at(-1)!;
  await desk.keyboard.press('Control+k');
  await desk.getByLabel('Find a lead, a serial').fill(`OS-0002 ${id}`);
  await expect(desk.locator('.finder .chosen')).toContainText('OS-0002');
  await desk.keyboard.press('Escape');
  await openPlace(desk, 'Bench');
  await desk.keyboard.press('Shift+?');
  await expect(desk.getByRole('dialog')).toContainText('Page Up');
  await expectAccessible(desk);
});

test('a first visit asks once for what it begins with; a later one asks for nothing', async ({ page }) => {
  const asked: string[] = [];
  page.on('request', (request) => {
    const { pathname } = new URL(request.url());
    if (pathname.endsWith('.json')) asked.push(pathname);
  });
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Orders' })).toBeVisible();
  expect(asked).toEqual(['/start.json', '/demo.json']);
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Orders' })).toBeVisible();
  expect(asked).toHaveLength(2);
});
