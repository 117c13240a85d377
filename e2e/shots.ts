import { fileURLToPath } from 'node:url';
import type { Locator, Page } from '@playwright/test';
import { buildUntil, expect, openPlace, openStage, openUnit, test } from './desk.ts';

const shot = async (page: Page, name: string, at?: Locator) => {
  await page.mouse.move(0, 0);
  await page.evaluate(() => {
    window.scrollTo(0, 0);
  });
  await at?.evaluate((element) => {
    element.scrollIntoView();
  });
  await page.waitForTimeout(500);
  await page.screenshot({ path: fileURLToPath(new URL(`../docs/screenshots/${name}.png`, import.meta.url)) });
};

test('pictures of every main view', async ({ desk }) => {
  await shot(desk, 'bench');
  await openPlace(desk, 'Leads');
  await shot(desk, 'leads');
  await desk.getByRole('link', { name: /^Whip lead/ }).click();
  for (const stage of ['Choose', 'Cut', 'Thread', 'Strip', 'Join']) {
    await openStage(desk, stage);
    await shot(desk, stage.toLowerCase());
  }
  await desk.goto('/lab/ends?port=n+socket&cable=low-loss-10');
  await expect(desk.getByText(/ends do; order:/)).toBeVisible();
  await shot(desk, 'lab-ends');
  await desk.goto('/lab/chain');
  await expect(desk.getByText('Costs most loss')).toBeVisible();
  await shot(desk, 'lab-chain');
  await openPlace(desk, 'Stores');
  await desk.getByRole('link', { name: 'N clamp plugs, bag 22, drawer 2' }).click();
  await expect(desk.getByRole('group', { name: /^Braid clamp/ })).toBeVisible();
  await shot(desk, 'stores');
  await openPlace(desk, 'Leads');
  await desk.getByRole('link', { name: /^Ticket-desk lead/ }).click();
  const pinPlan = desk.getByRole('heading', { name: 'Pin plan' });
  await expect(pinPlan).toBeVisible();
  await shot(desk, 'pin-plan', pinPlan);
  await openPlace(desk, 'House');
  await shot(desk, 'house');
  await desk.getByText('night bench').click();
  const openOnBench = async (serial: string) => {
    await openPlace(desk, 'Bench');
    await openUnit(desk, serial);
  };
  await openOnBench('OS-0043');
  await desk.keyboard.press('Space');
  await buildUntil(desk, /^Solder 2/);
  await shot(desk, 'build');
  await desk.getByRole('link', { name: 'Leave, all is kept' }).click();
  await openOnBench('OS-0003');
  await expect(desk.getByRole('heading', { level: 1 })).toHaveText('Measure the strip, end B');
  await buildUntil(desk, /^Prove the lead/);
  await desk.getByRole('link', { name: 'Open Prove' }).click();
  await desk.getByText(/^Simulated lead/).click();
  await desk.getByLabel('centre open at end B').check();
  await desk.getByRole('button', { name: 'Let the instruments read' }).click();
  await openPlace(desk, 'House');
  await desk.getByText('paper', { exact: true }).click();
  await desk.goBack();
  await expect(desk.getByText('By reflection it is at end B.')).toBeVisible();
  await shot(desk, 'prove');
  await openStage(desk, 'Finish');
  await shot(desk, 'finish');
  await openPlace(desk, 'Bench');
  await desk.getByRole('link', { name: 'the batch' }).first().click();
  await expect(desk.getByText('Drawn from stock')).toBeVisible();
  await shot(desk, 'batch');
  await openPlace(desk, 'Log');
  await shot(desk, 'log');
  await desk.getByRole('link', { name: 'OS-0002' }).click();
  await expect(desk.getByText('Record chain whole')).toBeVisible();
  await shot(desk, 'unit');
  await desk.getByRole('link', { name: 'Certificate' }).click();
  await expect(desk.getByRole('heading', { name: 'Proof 2: Good' })).toBeVisible();
  await shot(desk, 'certificate');
});
