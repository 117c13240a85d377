import type { Page } from '@playwright/test';
import { bar, expect, expectAccessible, heading, openLead, openUnit, proveGood, test } from './desk.ts';

/** What a reading is typed as: an open circuit, or a tenth of the allowance. */
const typed = (label: string) => (/short|layer is off/i.test(label) ? 'open' : '0.05');

/** Works by moments until a heading stands there; returns how often something was pressed. */
async function byMoments(page: Page, until: RegExp): Promise<number> {
  let presses = 0;
  while (!until.test((await heading(page).textContent())!)) {
    const stood = await heading(page).textContent();
    const fields = page.locator('.build-side .mantine-TextInput-root');
    const count = await fields.count();
    for (let field = 0; field < count; field++) {
      const input = fields.nth(field).getByRole('textbox');
      const asked = /asked ([\d.]+ m)/.exec((await fields.nth(field).textContent())!)?.[1];
      await input.fill(asked ?? typed((await fields.nth(field).textContent())!));
      await input.press('Enter');
      presses += 1;
    }
    if (count === 0) {
      await page.keyboard.press('Space');
      presses += 1;
    }
    await expect(heading(page)).not.toHaveText(stood!);
  }
  return presses;
}

test('a crimped lead with two ends takes at most 20 presses by moments, and is finished with a whole record', async ({
  desk,
}) => {
  await openUnit(desk, 'OS-0004');
  await expect(heading(desk)).toHaveText('Build unit OS-0004');
  await expect(desk.getByText('Starting freezes the plan')).toBeVisible();
  await desk.keyboard.press('Space');
  await expect(heading(desk)).toHaveText('Count the parts and cut the cable');
  await desk.getByText('experienced', { exact: true }).click();
  await expect(bar(desk)).toHaveText(/^Done: Count the parts/);
  await expectAccessible(desk);
  const made = await byMoments(desk, /^Strip, end B/);
  await expectAccessible(desk);
  const closed = await byMoments(desk, /^Prove the lead/);
  await proveGood(desk);
  await desk.keyboard.press('Space');
  await expect(heading(desk)).toHaveText('Finish the lead');
  const finished = await byMoments(desk, /is finished$/);
  expect(made + closed + 4 + finished).toBeLessThanOrEqual(20);
});

test('by touch: what is not right is touched, its way back comes next, and the moment is folded again', async ({
  browser,
  baseURL,
}) => {
  const context = await browser.newContext({
    baseURL: baseURL!,
    hasTouch: true,
    viewport: { width: 390, height: 844 },
  });
  const page = await context.newPage();
  await page.goto('/');
  await openLead(page, 'Waiting-hall microphone lead');
  await page.getByRole('link', { name: /^Build / }).tap();
  await page.getByRole('button', { name: /^Start/ }).tap();
  await page.getByText('experienced', { exact: true }).tap();
  // In either depth it is called the same: the bar tells that a whole moment stands there.
  await expect(bar(page)).toHaveText(/^Done: Count the parts/);
  await page.locator('.done-bar').tap();
  await expect(heading(page)).toHaveText('Thread the parts');
  const boot = page.getByRole('button', { name: /^boot, end A/ });
  await boot.tap();
  await expect(bar(page)).toHaveText('One thing is not right');
  await boot.tap();
  await page.getByRole('button', { name: 'Step by step' }).tap();
  await expect(bar(page)).toHaveText(/^On: /);
  await page.getByRole('button', { name: 'Whole moment' }).tap();
  await page.locator('.done-bar').tap();
  await expect(heading(page)).toHaveText('Strip, end A');
  // On a phone nothing stands beside the screen.
  expect(await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)).toBe(0);
  await expectAccessible(page);
  await context.close();
});

test('a jack is closed over its joints, which are still drawn as they lie', async ({ desk }) => {
  await openLead(desk, 'Deck-band patch lead');
  await desk.getByRole('link', { name: /^Build / }).click();
  await desk.getByRole('button', { name: /^Start/ }).click();
  await expect(heading(desk)).toHaveText('Count the parts and cut the cable');
  await desk.getByText('experienced', { exact: true }).click();
  await expect(bar(desk)).toHaveText(/^Done: Count the parts/);
  await byMoments(desk, /^Join the cores, end A/);
  const lugs = desk.getByRole('img', { name: /^Lugs from above, in order: 1 sleeve, .*; 2 tip, / });
  await expect(lugs).toBeVisible();
  await byMoments(desk, /^Close it and pull, end A/);
  await expect(lugs).toBeVisible();
});
