import { AxeBuilder } from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { expect, test as base } from '@playwright/test';

/** A browser with its own empty database, at a page that must stay free of console errors. */
export const test = base.extend<{ desk: Page }>({
  desk: async ({ page }, use) => {
    const errors: string[] = [];
    page.on('console', (message) => {
      if (message.type() === 'error') errors.push(message.text());
    });
    page.on('pageerror', (error) => errors.push(error.message));
    await page.goto('/');
    await expect(page.getByRole('heading', { name: 'Bench', exact: true })).toBeVisible();
    await use(page);
    expect(errors, 'console errors').toEqual([]);
  },
});

export { expect };

/** The screen as it stands passes the accessibility rules of WCAG AA. */
export async function expectAccessible(page: Page): Promise<void> {
  const results = await new AxeBuilder({ page })
    .withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'])
    .analyze();
  expect(
    results.violations.map(
      ({ id, nodes }) => `${id}: ${nodes.map(({ target }) => target.join(' ')).join('; ')}`,
    ),
  ).toEqual([]);
}

export async function openStage(page: Page, stage: string): Promise<void> {
  await page.getByRole('navigation', { name: 'Stages' }).getByRole('button', { name: stage }).click();
}

export async function openPlace(page: Page, place: string): Promise<void> {
  await page.getByRole('navigation', { name: 'Places' }).getByRole('link', { name: place }).click();
}

/** What the big bar of the build screen says it does. */
export const bar = (page: Page) => page.locator('.done-bar strong');

/** Does the next thing by keyboard, again and again, until a step with this title stands there. */
export async function buildUntil(page: Page, title: RegExp): Promise<void> {
  for (let press = 0; press < 300; press++) {
    const now = (await heading(page).textContent()) ?? '';
    if (title.test(now)) return;
    const stood = await standing(page);
    await doNext(page);
    await expect.poll(() => standing(page)).not.toBe(stood);
  }
  throw new Error(`No step "${title.source}" was reached.`);
}

/** Step and bar: one of them changes whenever something was done. */
async function standing(page: Page): Promise<string> {
  const texts = await page.locator('h1, .done-bar strong').allTextContents();
  return texts.join(' | ');
}

/** Answers a hold point the good way, reads every cut of a first article as planned, else presses the pedal. */
async function doNext(page: Page): Promise<void> {
  const says = (await bar(page).textContent()) ?? '';
  if (says.startsWith('First article')) return measureAsPlanned(page);
  if (!says.startsWith('Hold:')) return page.keyboard.press('PageDown');
  const good = page.getByRole('button', { name: '● Good' });
  if (await good.isVisible()) return page.keyboard.press('g');
  const asked = (await page.locator('.reading-answer label').textContent()) ?? '';
  const reading = page.locator('.reading-answer input');
  await reading.fill(
    /^(Centre|Between|Insulation)/.test(asked) ? 'open' : asked.startsWith('Rejection') ? '60' : '0.05',
  );
  await reading.press('Enter');
}

/** Goes back after a hold point that was Out; where the cable is then too short for it, somebody takes it shorter. */
export async function goBackTo(page: Page, title: RegExp): Promise<void> {
  const back = page.getByRole('button', { name: /^Go back to: / });
  await expect(back).toBeVisible();
  if (await page.getByLabel('Who takes it shorter').isVisible()) {
    await page.getByLabel('Who takes it shorter').fill('Mara');
    await page.getByLabel('Why', { exact: true }).fill('long enough where it goes');
  }
  await back.click();
  await expect(heading(page)).toHaveText(title);
}

/** Every dimension of a first article as it was planned. */
async function measureAsPlanned(page: Page): Promise<void> {
  const lengths = page.locator('.article-length');
  for (let leg = 0; leg < (await lengths.count()); leg++) {
    const asked = /asked (.*)/.exec(
      (await lengths.nth(leg).locator('span').first().textContent()) ?? '',
    )![1]!;
    await lengths.nth(leg).getByRole('textbox').fill(asked);
    await lengths.nth(leg).getByRole('textbox').press('Enter');
  }
  const rows = page.locator('.recorded-strip tbody tr');
  for (let row = 0; row < (await rows.count()); row++) {
    const planned = await rows.nth(row).locator('td').first().textContent();
    await rows.nth(row).getByRole('textbox').fill(planned!);
    await rows.nth(row).getByRole('textbox').press('Enter');
  }
}

/** Lets the simulated tester read the unit that stands at its proof, and records that it is Good. */
export async function proveGood(page: Page): Promise<void> {
  await page.getByRole('link', { name: 'Open Prove' }).click();
  await page.getByRole('button', { name: 'Let the instruments read' }).click();
  await expect(page.getByText('Every check that was asked is within its limit.')).toBeVisible();
  await page.getByRole('button', { name: 'Record this proof: Good' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Prove the lead');
}

export const heading = (page: Page) => page.getByRole('heading', { level: 1 });

/** Opens a lead by its name from the list. */
export async function openLead(page: Page, name: string): Promise<void> {
  await openPlace(page, 'Leads');
  await page.getByRole('link', { name: new RegExp(`^${name}`) }).click();
  await expect(heading(page)).toHaveText(name);
}
