import type { Page } from '@playwright/test';
import { buildUntil, emptyShop, expect, expectAccessible, heading, test } from './desk.ts';

/** Everything without a mouse: a lead is planned, its end stripped by caliper, and a unit begun. */

/** Presses Tab until the element that has the focus is the one wanted. */
async function tabTo(page: Page, name: RegExp): Promise<void> {
  for (let press = 0; press < 120; press++) {
    await page.keyboard.press('Tab');
    const focused = await page.evaluate(() => {
      const element = document.activeElement as HTMLInputElement | null;
      if (!element) return '';
      const label = element.labels?.[0]?.textContent ?? '';
      return `${element.getAttribute('aria-label') ?? ''} ${label} ${element.textContent}`.trim();
    });
    if (name.test(focused)) return;
  }
  throw new Error(`Nothing called ${name.source} takes the focus.`);
}

test('a lead is opened, moved through its stages, measured and undone by keyboard only', async ({ desk }) => {
  await desk.keyboard.press('Control+k');
  await expect(desk.getByLabel('Find a lead, a serial')).toBeFocused();
  await desk.keyboard.type('receiver patch');
  await desk.keyboard.press('Enter');
  await expect(desk.getByRole('heading', { level: 1 })).toHaveText('Receiver patch lead');

  await tabTo(desk, /^Matched loss at 457.5 MHz/);
  await desk.keyboard.press('Enter');
  await expect(desk.getByText('cable loss per 100 m x length / 100 m + both connectors')).toBeVisible();
  await desk.keyboard.press('Escape');
  await expect(desk.getByText('cable loss per 100 m x length / 100 m + both connectors')).toBeHidden();

  await desk.evaluate(() => document.querySelector<HTMLElement>('.bench-edge button')!.focus());
  await tabTo(desk, /^Strip/);
  await desk.keyboard.press('Enter');
  await tabTo(desk, /^Stem length/);
  await desk.keyboard.type('10.0');
  await desk.keyboard.press('Enter');
  await expect(desk.getByRole('img', { name: /^Strip of end A/ })).toHaveAccessibleName(
    /Braid end at 9.6 mm/,
  );
  await expect(desk.getByRole('button', { name: 'Undo “gauge card”' })).toBeEnabled();
  await desk.keyboard.press('Control+z');
  await expect(desk.getByRole('img', { name: /^Strip of end A/ })).toHaveAccessibleName(
    /Braid end at 9.1 mm/,
  );
  await desk.keyboard.press('Control+y');
  await expect(desk.getByRole('img', { name: /^Strip of end A/ })).toHaveAccessibleName(
    /Braid end at 9.6 mm/,
  );
  await desk.keyboard.press('Control+z');

  await tabTo(desk, /^braid as cut/);
  await desk.keyboard.type('9.1');
  await desk.keyboard.press('Enter');
  await desk.keyboard.type('13.9');
  await desk.keyboard.press('Enter');
  await expect(desk.getByText('Dielectric end is 0.7 mm long.')).toBeVisible();
  await expect(desk.getByText('The contact will stand too far forward')).toBeVisible();
  await expectAccessible(desk);
});

test('the run’s parts are reached and opened by keyboard', async ({ desk }) => {
  await desk.keyboard.press('Control+k');
  await expect(desk.getByLabel('Find a lead, a serial')).toBeFocused();
  await desk.keyboard.type('monitor');
  await desk.keyboard.press('Enter');
  await expect(desk.getByRole('heading', { level: 1 })).toHaveText('Monitor patch lead');
  await tabTo(desk, /^label sleeve.*opens Thread/);
  await desk.keyboard.press('Enter');
  await expect(desk.getByRole('heading', { name: 'Before the first cut' })).toBeVisible();
  await expect(desk.locator('.moves li')).toHaveCount(5);
});

test('a newcomer, in an empty shop: one lead from its start to its label, by keyboard only', async ({
  desk,
}) => {
  await desk.goto('/house');
  await emptyShop(desk);
  await desk.goto('/');
  await expectAccessible(desk);
  const go = async (name: RegExp) => {
    await tabTo(desk, name);
    await desk.keyboard.press('Enter');
  };
  await tabTo(desk, /How long/);
  await desk.keyboard.type('2 m');
  await go(/^Make the lead/);
  await expect(desk.getByText('Every part goes together.')).toBeVisible();
  await go(/^Build /);
  await expect(desk.getByText('Starting freezes the plan')).toBeVisible();
  await desk.keyboard.press('Space');
  await buildUntil(desk, /^Prove the lead/);
  await go(/Open Prove/);
  await expect(desk.getByRole('button', { name: 'Let the instruments read' })).toBeVisible();
  await go(/^Let the instruments read/);
  await expect(desk.getByText('Every check that was asked is within its limit.')).toBeVisible();
  await go(/^Record this proof: Good/);
  await expect(heading(desk)).toHaveText('Prove the lead');
  await buildUntil(desk, /is finished$/);
  await go(/Label/);
  await expect(heading(desk)).toHaveText(/^Label of /);
  await expect(desk.getByRole('img', { name: /^B1-0001/ }).first()).toBeVisible();
});
