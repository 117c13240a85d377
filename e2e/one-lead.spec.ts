import { buildUntil, expect, expectAccessible, openPlace, openStage, test, startUnit } from './desk.ts';

/** The walk of one lead through the whole product, on the demo data. */
test('one lead from end to end', async ({ desk }) => {
  await test.step('Bench shows the order, the units with their next step, and one button that continues', async () => {
    await expect(desk.getByText('Orrin Sound landing, radio rack')).toBeVisible();
    await expect(desk.getByRole('link', { name: /^Continue: Measure the strip/ })).toBeVisible();
    await expect(desk.getByText('Receiver patch lead, 2 of 6 finished')).toBeVisible();
    await expectAccessible(desk);
  });

  await test.step('a new lead in three choices', async () => {
    await desk.getByLabel('Receiver to panel').check();
    await desk.getByLabel('2. How long?').fill('3.4 m');
    await desk.getByLabel('3. How many?').fill('6');
    await desk.getByRole('button', { name: 'Make the lead' }).click();
    await expect(desk.getByRole('heading', { level: 1 })).toHaveText('Receiver patch lead');
  });

  await test.step('Choose: fit, match, loss and power at once, and why', async () => {
    await expect(desk.getByText('Every part goes together.')).toBeVisible();
    await desk.getByLabel('Working frequencies').fill('30 MHz; 1G');
    await desk.getByLabel('Power into the near end').fill('25 W');
    await expect(desk.getByRole('row', { name: /^1 GHz/ })).toContainText('W');
    await desk.getByRole('button', { name: /^Matched loss at 1 GHz/ }).click();
    await expect(desk.getByText('cable loss per 100 m x length / 100 m + both connectors')).toBeVisible();
    await expect(desk.getByText('Computed from construction, for comparison')).toBeVisible();
    await desk.keyboard.press('Escape');
    await desk.getByLabel('Load at the far end').fill('SWR 3');
    await expect(desk.getByRole('row', { name: /^1 GHz/ })).toContainText('3.00');
    await desk.getByLabel('Load at the far end').fill('50');
    // Taken over now, so that what is taken back below is the cable and not this.
    await desk.getByLabel('Load at the far end').press('Enter');
    await desk.getByRole('combobox', { name: 'Cable' }).selectOption('rg-59');
    await expect(desk.getByText(/^▲ End A: now TNC plug, 75 ohm/)).toBeVisible();
    await expect(desk.getByText('shows an SWR of 1 to 2.25')).toBeVisible();
    await desk.keyboard.press('Control+z');
    await expect(desk.getByText('Every part goes together.')).toBeVisible();
    await expectAccessible(desk);
  });

  await test.step('Cut: itemised, in both units, for six', async () => {
    await openStage(desk, 'Cut');
    await expect(desk.getByRole('row', { name: 'Cut length, square' })).toContainText('3.39 m');
    await expect(desk.getByRole('row', { name: /^Receiver patch lead 6 units/ })).toContainText('20.4 m');
    await desk.getByLabel('Spare for re-terminations').selectOption('1');
    await expect(desk.getByText('End A: spare for one re-termination')).toBeVisible();
    await expectAccessible(desk);
  });

  await test.step('Thread: order, reasons, last chance; the other end first; an end already fitted', async () => {
    await openStage(desk, 'Thread');
    const moves = desk.locator('.moves li');
    await expect(moves).toHaveCount(5);
    await expect(moves.first()).toContainText('label sleeve');
    await expect(moves.first()).toContainText('Last chance: before end A is closed');
    await desk.getByLabel('End closed first').selectOption('B');
    await expect(moves.first()).toContainText('Last chance: before end A is closed');
    await desk.getByLabel('Threading, house practice').selectOption('late');
    await expect(desk.getByRole('heading', { name: 'Before end A is closed' })).toBeVisible();
    await desk.getByLabel('Threading, house practice').selectOption('early');
    await desk.getByLabel('End A is already fitted').check();
    await expect(moves.first()).toContainText('from end B');
    await desk.getByLabel('End B is already fitted').check();
    await expect(desk.getByText('As it stands this lead cannot be threaded.')).toBeVisible();
    await expect(desk.getByText('A split or wrap-round kind of label sleeve')).toBeVisible();
    await desk.getByLabel('End A is already fitted').uncheck();
    await desk.getByLabel('End B is already fitted').uncheck();
    await desk.getByLabel('End closed first').selectOption('');
    await expect(moves).toHaveCount(5);
    await expectAccessible(desk);
  });

  await test.step('Strip: drawn to scale from the gauge card; the caliper changes it; what was cut is judged', async () => {
    await openStage(desk, 'Strip');
    const drawing = desk.getByRole('img', { name: /^Strip of end A/ });
    await expect(drawing).toHaveAccessibleName(/Braid end at 6.6 mm/);
    await desk.getByLabel('Stem length').fill('9.8');
    await expect(drawing).toHaveAccessibleName(/Braid end at 9.4 mm/);
    await expect(desk.locator('.field-row', { hasText: 'Stem length' })).toContainText('measured');
    await desk.getByRole('button', { name: /^braid end/ }).click();
    await expect(desk.getByText('j + s - g')).toBeVisible();
    await desk.keyboard.press('Escape');
    await desk.getByLabel('braid as cut').fill('10.1');
    await desk.getByLabel('braid as cut').press('Enter');
    await expect(desk.getByLabel('dielectric as cut')).toBeFocused();
    await expect(desk.getByText('Braid end is 0.7 mm long.')).toBeVisible();
    await expect(desk.getByText('trim the braid by 0.7 mm')).toBeVisible();
    await expectAccessible(desk);
  });

  await test.step('Join: joints with die, hold points and cautions', async () => {
    await openStage(desk, 'Join');
    await expect(desk.getByText('Ferrule die: hex 5.41 mm')).toBeVisible();
    await expect(desk.getByText('Safety: no waiver.')).toBeVisible();
    await expectAccessible(desk);
  });

  await test.step('Build: one step at a time, parts ticked, hold points answered', async () => {
    await startUnit(desk, 'pedal');
    await expect(desk.getByRole('heading', { level: 1 })).toHaveText('Count the parts and cut the cable');
    await expectAccessible(desk);
    await buildUntil(desk, /^Prove the lead/);
  });

  await test.step('Prove: an open centre is found, mended and proved again', async () => {
    await desk.getByRole('link', { name: 'Open Prove' }).click();
    await expect(desk.getByText('6 of 6 pairs not measured').first()).toBeVisible();
    await desk.getByText(/^Simulated lead/).click();
    await desk.getByLabel('centre open at end B').check();
    await desk.getByRole('button', { name: 'Let the instruments read' }).click();
    await expect(desk.getByText('By reflection it is at end B.')).toBeVisible();
    await desk.getByRole('button', { name: /^Take off the readings of .*analyser/ }).click();
    await expect(desk.getByText('2 explanations are equally small')).toBeVisible();
    await expect(
      desk.getByText('Capacitance between the open conductor and its neighbour, from each end'),
    ).toBeVisible();
    await expectAccessible(desk);
    await desk.getByRole('button', { name: 'Let the meter read both' }).click();
    await expect(desk.getByText('By capacitance it is at end B.')).toBeVisible();
    await desk.getByRole('button', { name: 'Go back to: Cut to the conductor, end B' }).click();
    await desk.getByRole('button', { name: 'Record it and go back to: Cut to the conductor, end B' }).click();
    await expect(desk.getByRole('heading', { level: 1 })).toHaveText('Cut to the conductor, end B');
    await buildUntil(desk, /^Prove the lead/);
    await desk.getByRole('link', { name: 'Open Prove' }).click();
    await desk.getByText(/^Simulated lead/).click();
    await desk.getByLabel('centre open at end B').uncheck();
    await desk.getByRole('button', { name: 'Let the instruments read' }).click();
    await expect(desk.getByText('Every check that was asked is within its limit.')).toBeVisible();
    await desk.getByRole('button', { name: 'Record this proof: Good' }).click();
    await expect(desk.getByRole('heading', { level: 1 })).toHaveText('Prove the lead');
    await buildUntil(desk, /is finished$/);
    await expectAccessible(desk);
  });

  await test.step('Finish: label and certificate; the unit stands in the Log', async () => {
    const serial = /OS-\d{4}/.exec((await desk.getByRole('heading', { level: 1 }).textContent()) ?? '')![0];
    await desk.getByRole('link', { name: 'Label' }).click();
    await expect(
      desk.getByRole('img', { name: new RegExp(`^${serial}, .*3\\.4 m \\(11 ft 1\\.9 in\\)`) }),
    ).toBeVisible();
    await expectAccessible(desk);
    await desk.goBack();
    await desk.getByRole('link', { name: 'Certificate' }).click();
    await expect(desk.getByRole('heading', { name: 'Proof 1: Out' })).toBeVisible();
    await expect(desk.getByRole('heading', { name: 'Proof 2: Good' })).toBeVisible();
    await expect(desk.getByText('chain whole')).toBeVisible();
    await expectAccessible(desk);
    await desk.goto('/log');
    await desk.getByLabel('Search the log').fill(serial.toLowerCase());
    await desk.getByRole('link', { name: serial }).click();
    await expect(desk.getByText('Record chain whole')).toBeVisible();
    await expectAccessible(desk);
  });

  await test.step('House: inch first is followed everywhere', async () => {
    await openPlace(desk, 'House');
    await desk.getByText('inch first').click();
    await expectAccessible(desk);
    await openPlace(desk, 'Leads');
    await expectAccessible(desk);
    await desk.getByRole('link', { name: /^Monitor patch lead/ }).click();
    await openStage(desk, 'Cut');
    await expect(desk.getByRole('row', { name: 'Finished length' })).toContainText(/47\.244".*mm/);
  });
});
