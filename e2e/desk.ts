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

/** Answers every step of the unit on the build screen by keyboard until a step with this title stands there. */
export async function buildUntil(page: Page, title: RegExp): Promise<void> {
  const heading = page.getByRole('heading', { level: 1 });
  for (let step = 0; step < 60; step++) {
    const now = (await heading.textContent()) ?? '';
    if (title.test(now)) return;
    await passStep(page);
    await expect(heading).not.toHaveText(now);
  }
  throw new Error(`No step "${title.source}" was reached.`);
}

/** Ticks what is asked, answers a hold point the good way, and goes on. */
async function passStep(page: Page): Promise<void> {
  const untickedPart = page.locator('.parts button[aria-pressed="false"]');
  for (let left = await untickedPart.count(); left > 0; left--) {
    await untickedPart.first().click();
    await expect(untickedPart).toHaveCount(left - 1);
  }
  const good = page.getByRole('button', { name: '● Good' });
  const reading = page.getByLabel(
    /^(Contact before|Centre to body|Rejection|Between contacts|Insulation surface)/,
  );
  if (await good.isVisible()) await good.click();
  else if (await reading.isVisible()) {
    const asked = (await page.locator('.reading-answer label').textContent()) ?? '';
    await reading.fill(
      /^(Centre|Between|Insulation)/.test(asked) ? 'open' : asked.startsWith('Rejection') ? '60' : '0.05',
    );
    await reading.press('Enter');
  } else await page.keyboard.press('PageDown');
}

/** Lets the simulated tester read the unit that stands at its proof, and records that it is Good. */
export async function proveGood(page: Page): Promise<void> {
  await page.getByRole('link', { name: 'Open Prove' }).click();
  await page.getByRole('button', { name: 'Let the tester read' }).click();
  await expect(page.getByText('Every check is within its limit.')).toBeVisible();
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
