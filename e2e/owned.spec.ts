import type { Page } from '@playwright/test';
import {
  bar,
  buildUntil,
  emptyShop,
  expect,
  expectAccessible,
  heading,
  openLead,
  openPlace,
  openProof,
  openStage,
  startUnit,
  test,
} from './desk.ts';

/** A proof with what is owned: a multimeter alone, then tester, meter and analyser; what each of them can decide and what not. */

/** Every pair ticked as it is planned. */
async function tickAll(desk: Page): Promise<void> {
  const rows = desk.getByRole('row').filter({ has: desk.getByRole('radiogroup', { name: /^Tick, / }) });
  for (const row of await rows.all()) {
    const isPlanned = (await row.textContent())!.includes('planned connected');
    await row.getByText(isPlanned ? 'beeps' : 'silent', { exact: true }).click();
    await expect(row.getByText('Good')).toBeVisible();
  }
}

async function type(desk: Page, label: string | RegExp, text: string): Promise<void> {
  await desk.getByLabel(label).fill(text);
  await desk.getByLabel(label).press('Enter');
}

const verdict = (desk: Page) => desk.locator('.verdict-large');
const check = (desk: Page, name: RegExp) =>
  desk
    .locator('.check-table')
    .getByRole('row')
    .filter({ has: desk.getByRole('rowheader', { name }) });

test('a new shop with a multimeter: its leads zeroed, a BNC lead is Good by look and meter; with more instruments by more', async ({
  desk,
}) => {
  await openPlace(desk, 'House');
  await emptyShop(desk);
  await test.step('Stores says what is assumed, and what it is', async () => {
    await openPlace(desk, 'Stores');
    await desk.getByText('assumed: say what yours is').click();
    await type(desk, 'Ohms, off by at most', '0.5 % + 0.1 ohm');
    await expect(desk.getByText('assumed: say what yours is')).toBeHidden();
    await expectAccessible(desk);
  });
  await openPlace(desk, 'Bench');
  await desk.getByRole('radio', { name: /^Instruments, BNC sockets/ }).check({ force: true });
  await desk.getByLabel('2. How long?').fill('3 m');
  await desk.getByRole('button', { name: 'Make the lead' }).click();
  await startUnit(desk);
  await buildUntil(desk, /^Prove the lead/);
  await desk.getByRole('link', { name: 'Open Prove' }).click();

  await test.step('before its leads are zeroed nothing is Out for too many ohms; after, what is far beyond is', async () => {
    await type(desk, 'Ohms, end A centre to end B centre', '2.4');
    await expect(check(desk, /^Resistance, centre/)).toContainText('short them and type what it shows');
    await expect(verdict(desk)).toHaveText(/Not yet/);
    await type(desk, 'Its leads on each other show', '0.3');
    await expect(check(desk, /^Resistance, centre/)).toContainText('Out');
    await expect(verdict(desk)).toHaveText(/Out/);
    await type(desk, 'Ohms, end A centre to end B centre', '0.4');
    await expect(check(desk, /^Resistance, centre/)).toContainText('this meter cannot decide');
  });
  await test.step('ticked, it is Good at its level, and says what was not asked and why', async () => {
    await tickAll(desk);
    await expect(verdict(desk)).toHaveText(/Good/);
    await expect(desk.getByText('A proof by look and meter.')).toBeVisible();
    await expect(desk.getByText(/no insulation tester of 500 V in Stores/).first()).toBeVisible();
    await expectAccessible(desk);
    await desk.getByRole('button', { name: 'Record this proof: Good' }).click();
    await expect(heading(desk)).toHaveText('Prove the lead');
  });
  await test.step('label and certificate say the level, the meter and its leads', async () => {
    await buildUntil(desk, /is finished$/);
    await desk.getByRole('link', { name: 'Label' }).click();
    await expect(desk.getByRole('img', { name: /Good by look and meter/ })).toBeVisible();
    await desk.goBack();
    await desk.getByRole('link', { name: 'Certificate' }).click();
    await expect(desk.getByRole('heading', { name: 'Proof 1: Good, by look and meter' })).toBeVisible();
    await expect(desk.getByText(/Read with multimeter.*its leads shorted show 300 mohm/)).toBeVisible();
    await expect(desk.getByText(/^Not asked \(no insulation tester.*Insulation at 500 V/)).toBeVisible();
    await expectAccessible(desk);
    await desk.goto('/');
  });
  await test.step('read by tester, meter and analyser the same lead is Good by sweep', async () => {
    await openLead(desk, 'Instrument patch lead');
    await openStage(desk, 'Prove');
    await desk.getByRole('button', { name: /^B1-0001, / }).click();
    await desk.getByRole('button', { name: 'Prove it again' }).click();
    await desk.getByRole('button', { name: 'Let the instruments read' }).click();
    await expect(desk.getByText('A proof by sweep.')).toBeVisible();
    await expect(verdict(desk)).toHaveText(/Good/);
  });
});

test('an order asks for a sweep: it is Not yet until one is there; match and loss are read at any frequency', async ({
  desk,
}) => {
  await openProof(desk, 'Receiver patch lead');
  await desk.getByRole('link', { name: 'Compare the whole order' }).click();
  await desk.getByLabel('Proof that this order asks for').selectOption('a proof by sweep');
  await expectAccessible(desk);
  await desk.goBack();
  await expect(check(desk, /^Return loss over the band/)).toContainText('not measured');
  await desk.getByRole('button', { name: 'Read more than is asked' }).click();
  await desk.getByRole('button', { name: 'Add a frequency' }).click();
  await type(desk, 'Another frequency', '500 MHz');
  await type(desk, 'Match into a load, 500 MHz', '3');
  await expect(check(desk, /^Match into a load at 500 MHz/)).toContainText('Out');
  await type(desk, 'Loss, 500 MHz', '0.1 dB');
  await expect(check(desk, /^Loss at 500 MHz/)).toContainText('Good');
  await desk.getByRole('button', { name: /Take the last reading back/ }).click();
  await expect(check(desk, /^Loss at 500 MHz/)).toBeHidden();
});

test('one of two paralleled cores of a loudspeaker lead is broken: it is called so, and the way back can be taken back', async ({
  desk,
}) => {
  await openLead(desk, 'Lounge speaker lead');
  await startUnit(desk);
  await buildUntil(desk, /^Prove the lead/);
  await desk.getByRole('link', { name: 'Open Prove' }).click();
  await desk.getByText(/^Simulated lead/).click();
  await desk
    .getByLabel(/^red open at end B/)
    .first()
    .check();
  await desk.getByRole('button', { name: 'Let the instruments read' }).click();
  await expect(verdict(desk)).toHaveText(/Out/);
  const joints = desk.getByRole('region', { name: 'Bad joints' });
  await expect(joints.getByText(/^One of several side by side: red open at end/).first()).toBeVisible();
  await expectAccessible(desk);
  const back = joints.getByRole('button', { name: /^Go back to: / }).first();
  await back.click();
  await expect(joints.getByText(/This records the proof as it stands, goes back to Build/)).toBeVisible();
  await joints.getByRole('button', { name: 'Stay here' }).click();
  await expect(verdict(desk)).toHaveText(/Out/);
  await back.click();
  await desk.getByLabel('Who takes it shorter').fill('Mara');
  await desk.getByLabel('Why', { exact: true }).fill('long enough where it goes');
  await joints.getByRole('button', { name: /^Record it and go back to: / }).click();
  await expect(heading(desk)).not.toHaveText(/^Prove the lead/);
  await desk.getByRole('button', { name: 'Do not go back after all' }).click();
  await expect(heading(desk)).toHaveText(/^Prove the lead/);
  await expect(bar(desk)).toBeVisible();
});

test('an open is placed by capacitance typed from one end alone: next to nothing is broken there', async ({
  desk,
}) => {
  await openProof(desk, 'Receiver patch lead');
  await desk.getByLabel('centre open at end B', { exact: true }).check();
  await desk.getByRole('button', { name: 'Let the instruments read' }).click();
  await desk.getByRole('button', { name: /^Take off the readings of .*analyser/ }).click();
  const explained = desk.getByRole('region', { name: 'What explains it' });
  await expect(explained.getByText('2 explanations are equally small')).toBeVisible();
  await expect(explained.getByText(/this end was worked on last/)).toBeVisible();
  await type(desk, /^end B centre to end B outer$/, '0.4 pF');
  await expect(explained.getByText('By capacitance it is at end B.')).toBeVisible();
  await expect(explained.getByText('Centre open at end A')).toBeHidden();
  await expectAccessible(desk);
});
