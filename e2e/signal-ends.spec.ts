import type { Page } from '@playwright/test';
import {
  buildUntil,
  emptyShop,
  expect,
  expectAccessible,
  heading,
  openLead,
  openPlace,
  openStage,
  proveGood,
  test,
  startUnit,
} from './desk.ts';

/** Audio, lighting, speaker and terminal leads: planned, built with their classic mistakes, and proved. */

async function startBuild(desk: Page): Promise<void> {
  await startUnit(desk, 'pedal');
  await expect(heading(desk)).toHaveText('Count the parts and cut the cable');
}

/** Sets a fault on the simulated tester, or takes it away again. */
async function setFault(desk: Page, label: string, wrong: boolean): Promise<void> {
  const faults = desk.getByText(/^Simulated lead/);
  const box = desk.getByLabel(label, { exact: true });
  if (!(await box.isVisible())) await faults.click();
  await box.setChecked(wrong);
}

/** At the proof with a fault on the unit: reads it, goes back to the joint that is wrong, and comes to the proof again. */
async function findAndMend(desk: Page, fault: string, said: RegExp, back: RegExp): Promise<void> {
  await desk.getByRole('link', { name: 'Open Prove' }).click();
  await setFault(desk, fault, true);
  await desk.getByRole('button', { name: 'Let the instruments read' }).click();
  await expect(desk.getByText(said).first()).toBeVisible();
  await expectAccessible(desk);
  await desk.getByRole('button', { name: back }).first().click();
  await desk
    .getByRole('button', { name: /^Record it and go back to: / })
    .first()
    .click();
  await expect(heading(desk)).toHaveText(new RegExp(back.source.replace('^Go back to: ', '^')));
  await buildUntil(desk, /^Prove the lead/);
  await desk.getByRole('link', { name: 'Open Prove' }).click();
  await setFault(desk, fault, false);
  await desk.getByRole('button', { name: 'Let the instruments read' }).click();
  await expect(desk.getByText('Every check that was asked is within its limit.')).toBeVisible();
  await desk.getByRole('button', { name: 'Record this proof: Good' }).click();
  await expect(heading(desk)).toHaveText('Prove the lead');
  await buildUntil(desk, /is finished$/);
}

test('a 5-pin lighting lead: the second pair reversed is found, named and mended', async ({ desk }) => {
  await openLead(desk, 'Gangway lighting lead');
  await expect(desk.getByText('Nothing against this pin plan')).toBeVisible();
  await expectAccessible(desk);
  await openStage(desk, 'Strip');
  await expect(desk.getByRole('img', { name: /^Strip of end A.*shield to 1.*white to 3/ })).toBeVisible();
  await expectAccessible(desk);
  await openStage(desk, 'Join');
  await expect(desk.getByText(/Neither braid nor tail may reach the shell/).first()).toBeVisible();
  await startBuild(desk);
  await buildUntil(desk, /^Solder 4/);
  await expect(desk.getByRole('img', { name: /^5-pin XLR plug, solder side, keyway on top/ })).toBeVisible();
  await expectAccessible(desk);
  await buildUntil(desk, /^Prove the lead/);
  await findAndMend(
    desk,
    'red and green changed over at end B',
    /^Red and green changed over at end B/,
    /^Go back to: Solder 4/,
  );
});

test('a Y lead to two phono plugs: left and right swapped at the split end are told and put right', async ({
  desk,
}) => {
  await openLead(desk, 'Ticket-desk recorder lead');
  await expect(desk.getByRole('group', { name: /end A to end B and C/ })).toBeVisible();
  await expectAccessible(desk);
  await openStage(desk, 'Cut');
  await expect(desk.getByRole('heading', { name: 'Cut length, cable C' })).toBeVisible();
  await openStage(desk, 'Thread');
  await expect(desk.getByText(/adhesive shrink.*, split/).first()).toBeVisible();
  await startBuild(desk);
  await buildUntil(desk, /^Prove the lead/);
  await findAndMend(
    desk,
    'centre of cable B and centre of cable C changed over at end A',
    /^Centre of cable B and centre of cable C changed over at end A/,
    /^Go back to: Solder ring/,
  );
});

test('a hearing-loop lead from two-core cable: the spare core is folded back and connected to nothing', async ({
  desk,
}) => {
  await openLead(desk, 'Hearing-loop lead');
  const end = desk.locator('.pin-end').first();
  await expect(end.locator('.contact', { hasText: /^spare/ })).toContainText('blue');
  await openStage(desk, 'Strip');
  await expect(desk.getByRole('img', { name: /blue spare/ })).toBeVisible();
  await startBuild(desk);
  await buildUntil(desk, /^Fold back the spare core, end A/);
  await buildUntil(desk, /^Prove the lead/);
  await proveGood(desk);
  await buildUntil(desk, /is finished$/);
});

test('a loudspeaker pair from star quad: a stray strand is measured before it can burn anything', async ({
  desk,
}) => {
  await openLead(desk, 'Lounge speaker lead');
  await expect(desk.getByRole('row', { name: /Loop resistance.*like one core of AWG 10/ })).toBeVisible();
  await startBuild(desk);
  await buildUntil(desk, /^Measure between the contacts, end A/);
  await desk.getByLabel('Between contacts').fill('0.2');
  await desk.getByLabel('Between contacts').press('Enter');
  await expect(desk.getByText(/Find the strand or tail that lies across/)).toBeVisible();
  await expect(desk.getByText(/it is measured, never waived/)).toBeVisible();
  await desk.getByRole('button', { name: /^Go back to: Clamp \+/ }).click();
  await buildUntil(desk, /^Fix the braided sleeve/);
  await buildUntil(desk, /^Prove the lead/);
  await proveGood(desk);
  await buildUntil(desk, /is finished$/);
});

test('a terminal tail wired in the order that was remembered: the device profile says what is wrong', async ({
  desk,
}) => {
  await openLead(desk, 'Announcement controller tail');
  await desk.getByRole('combobox', { name: 'red, end B' }).selectOption('1');
  await desk.getByRole('combobox', { name: 'drain, end B' }).selectOption('3');
  await expect(desk.getByText(/What must stay apart meets/).first()).toBeVisible();
  await expect(desk.getByText('does not fit').first()).toBeVisible();
  await expectAccessible(desk);
  await desk.keyboard.press('Control+z');
  await desk.getByLabel('Take a whole plan').selectOption('usual');
  await expect(desk.getByText('Nothing against this pin plan')).toBeVisible();
  await desk.getByLabel('Device at end B').selectOption({ label: 'Hall message player, line out' });
  await expect(desk.getByRole('combobox', { name: 'red, end B' })).toHaveValue('1');
  await startBuild(desk);
  await buildUntil(desk, /^Clamp 1 \(hot\): red, end B/);
  await buildUntil(desk, /^Prove the lead/);
  await findAndMend(
    desk,
    'red and drain changed over at end B',
    /red and drain changed over|drain and red changed over/i,
    /^Go back to: Clamp 1/,
  );
});

test('a right-angle patch lead: the conductive layer left on is a leak, found by the meter and again by the tester', async ({
  desk,
}) => {
  await openLead(desk, 'Deck-band patch lead');
  await expect(desk.getByRole('combobox', { name: 'End B points' })).toHaveValue('2');
  await startBuild(desk);
  await buildUntil(desk, /^Take the conductive layer off, end A/);
  await desk.getByLabel('Insulation surface to shield').fill('22k');
  await desk.getByLabel('Insulation surface to shield').press('Enter');
  await expect(desk.getByText(/Peel and wipe again/)).toBeVisible();
  await desk.getByRole('button', { name: /^Go back to: / }).click();
  await buildUntil(desk, /^Prove the lead/);
  await desk.getByRole('link', { name: 'Open Prove' }).click();
  await setFault(desk, 'tip and sleeve leak, 22 kohm, at end A', true);
  await desk.getByRole('button', { name: 'Let the instruments read' }).click();
  await expect(desk.getByText('leak', { exact: true }).first()).toBeVisible();
  await expect(desk.locator('.verdict-large')).toHaveText(/Out/);
  await setFault(desk, 'tip and sleeve leak, 22 kohm, at end A', false);
  await desk.getByRole('button', { name: 'Let the instruments read' }).click();
  await expect(desk.getByText('Every check that was asked is within its limit.')).toBeVisible();
});

test('from what to what, in an empty shop: proposed with reasons, mains refused, a contact that is full refused', async ({
  desk,
}) => {
  await openPlace(desk, 'House');
  await emptyShop(desk);
  await desk.getByRole('button', { name: 'Add a device' }).click();
  await desk.getByLabel('Contact 1 of New device').selectOption('shield');
  await desk.getByLabel('Contact 3 of New device').selectOption('hot');
  await expectAccessible(desk);
  await openPlace(desk, 'Bench');
  await desk.getByText('from what to what').click();
  // Who asks for less movement, as this window does, sees the choice stand there at once.
  await expect(desk.locator('.new-lead .mantine-SegmentedControl-indicator')).toHaveCSS(
    'transition-duration',
    '0s',
  );
  await desk.getByLabel('What goes through it?').selectOption('speaker');
  await desk.getByLabel('Voltage on it?').fill('230 V');
  await expect(desk.getByText(/Gorvane plans no mains leads/)).toBeVisible();
  await desk.getByLabel('Voltage on it?').fill('');
  await desk.getByLabel('What goes through it?').selectOption('stereo');
  await desk.getByLabel('From which socket?').selectOption('jack-3');
  await desk.getByLabel('To which socket?').selectOption('phono');
  await desk.getByLabel('And to a second one?').selectOption('phono');
  await desk.getByLabel('How long, tip to tip?').fill('1.5 m');
  await expect(desk.getByText(/Two cables run through the split uncut/)).toBeVisible();
  await expectAccessible(desk);
  await desk.getByRole('button', { name: 'Make this lead' }).click();
  await expect(desk.getByText('Every part goes together.')).toBeVisible();
  await desk.getByRole('combobox', { name: 'shield of cable B, end A' }).selectOption('tip');
  await expect(desk.getByText(/What must stay apart meets/).first()).toBeVisible();
  await desk.keyboard.press('Control+z');
  await expect(desk.getByText(/What must stay apart meets/)).toHaveCount(0);
});

test('a conductor is put on another contact by drag, by keyboard and by touch', async ({
  browser,
  baseURL,
}) => {
  const context = await browser.newContext({
    baseURL,
    hasTouch: true,
    viewport: { width: 1000, height: 1200 },
  });
  const page = await context.newPage();
  await page.goto('/leads');
  await page.getByRole('link', { name: /^Hearing-loop lead/ }).tap();
  const end = page.locator('.pin-end').nth(1);
  const contact = (name: RegExp) => end.locator('.contact', { hasText: name });
  const chip = end.getByRole('button', { name: 'blue: drag to a contact' });
  await chip.scrollIntoViewIfNeeded();
  const from = (await chip.boundingBox())!;
  const to = (await contact(/^sleeve/).boundingBox())!;
  await page.mouse.move(from.x + 8, from.y + 8);
  await page.mouse.down();
  await page.mouse.move(from.x + 30, from.y - 20, { steps: 4 });
  await page.mouse.move(to.x + 60, to.y + 12, { steps: 8 });
  await page.mouse.up();
  await expect(contact(/^sleeve/)).toContainText('blue');
  await end.getByRole('combobox', { name: 'blue, end B' }).selectOption('spare');
  await expect(contact(/^spare/)).toContainText('blue');
  await context.close();
});
