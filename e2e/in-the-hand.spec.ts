import {
  buildUntil,
  emptyShopByTouch,
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

/** Leads as they lie in the hand: what is added, sleeved, twisted in, spliced in a trench. */

test('semi-rigid gets its shrink: threaded before the second end, shrunk after the proof', async ({
  desk,
}) => {
  await openLead(desk, 'Timing antenna pigtail');
  await openStage(desk, 'Thread');
  await expect(desk.getByText(/^shrink [\d.]+ mm, end A/).first()).toBeVisible();
  await startUnit(desk);
  await buildUntil(desk, /^Thread the parts/);
  await expect(desk.getByRole('button', { name: /^shrink [\d.]+ mm, end A/ })).toBeVisible();
  await buildUntil(desk, /^Prove the lead/);
  await proveGood(desk);
  await buildUntil(desk, /^Shrink the relief, end A/);
  await buildUntil(desk, /is finished$/);
});

test('a speaker pair: a colour sleeve for every barrel, sleeves and rings in the cut list, and in the steps', async ({
  desk,
}) => {
  await openLead(desk, 'Lounge speaker lead');
  await openStage(desk, 'Cut');
  const toCut = desk.getByRole('region', { name: 'Tubes and sleeves to cut' });
  await expect(toCut.getByRole('row', { name: /^red shrink/ }).first()).toContainText(/barrel \+, end A/);
  await expect(toCut.getByRole('row', { name: /^black shrink/ }).first()).toContainText(/barrel -, end A/);
  await expect(toCut.getByRole('rowheader', { name: /^braided sleeve 12 mm/ })).toBeVisible();
  await startUnit(desk);
  await expect(desk.getByText(/red sleeve over the barrel \+, end A/).first()).toBeVisible();
  await buildUntil(desk, /^Clamp .*, end A/);
  await expect(desk.getByText(/colour sleeve on the core first/i).first()).toBeVisible();
  await buildUntil(desk, /^Prove the lead/);
  await proveGood(desk);
  await buildUntil(desk, /is finished$/);
});

test('a stereo Y lead: legs of microphone cable, both cores twisted in, a sleeve on each leg up to the split', async ({
  desk,
}) => {
  await openPlace(desk, 'Bench');
  // With a lead in hand above it, and a long list of starters.
  await expect(desk.getByRole('button', { name: 'Make the lead' })).toBeInViewport({ ratio: 1 });
  await desk.getByText('from what to what').click();
  await desk.getByLabel('What goes through it?').selectOption('stereo');
  await desk.getByLabel('From which socket?').selectOption('jack-6-stereo');
  await desk.getByLabel('To which socket?').selectOption('phono');
  await desk.getByLabel('And to a second one?').selectOption('phono');
  await desk.getByLabel('At the split').selectOption('joined');
  await desk.getByLabel('How long, tip to tip?').fill('2 m');
  await desk.getByRole('button', { name: 'Make this lead' }).click();
  await desk.getByLabel('Cable, legs').selectOption('mic-pair');
  for (const end of ['B', 'C']) {
    await desk.getByLabel(`Connector, end ${end}`).selectOption('phono-half-shell');
    await desk.getByLabel(`Second core, end ${end}`).selectOption('twisted in');
    await expect(desk.getByText(/half the resistance/).first()).toBeVisible();
  }
  await expect(desk.getByText('Every part goes together.')).toBeVisible();
  await expectAccessible(desk);
  await openStage(desk, 'Thread');
  for (const end of ['B', 'C'])
    await desk.getByRole('combobox', { name: `Braided sleeve, leg to end ${end}` }).selectOption('sleeve-6');
  await openStage(desk, 'Cut');
  const toCut = desk.getByRole('region', { name: 'Tubes and sleeves to cut' });
  await expect(toCut.getByRole('row', { name: /^braided sleeve 6 mm/ }).first()).toBeVisible();
  await expect(toCut.getByRole('row', { name: /joint sleeve/ }).first()).toBeVisible();
  await startUnit(desk);
  await buildUntil(desk, /^Prove the lead/);
  await proveGood(desk);
  await buildUntil(desk, /^Shrink the split/);
  await buildUntil(desk, /is finished$/);
});

test('two cables in a trench, an empty shop, by touch: both sides prepared, one boot, no coil', async ({
  browser,
  baseURL,
}) => {
  const page = await emptyShopByTouch(browser, baseURL);
  await page.goto('/');
  await page.getByLabel('Two cables that lie in a trench').tap();
  await page.getByLabel('2. How long is what lies there?').fill('60 m');
  await page.getByRole('button', { name: 'Make the lead' }).tap();
  await expect(page.getByText(/expected/)).toBeVisible();
  await page.getByLabel('How much cable is there for another try?').fill('-5');
  await expect(page.getByText(/0 to 10 m/)).toBeVisible();
  await page.getByLabel('How much cable is there for another try?').fill('100 mm');
  await page.getByRole('button', { name: 'Make the lead' }).tap();
  await expect(page.getByText('Every part goes together.')).toBeVisible();
  await expectAccessible(page);
  await page.getByLabel('Cable on the other side, end B').selectOption('trunk-19');
  await expect(page.getByText('does not fit').first()).toBeVisible();
  await page.getByLabel('Cable on the other side, end B').selectOption('trunk-13');
  await openStage(page, 'Cut');
  await expect(page.getByText('2 more tries')).toBeVisible();
  await openStage(page, 'Strip');
  await page.getByText('End B, other side', { exact: true }).tap();
  await expect(page.getByRole('img', { name: /^Strip of end B, other side/ })).toBeVisible();
  await expectAccessible(page);
  await startUnit(page, 'touch');
  await expect(heading(page)).toHaveText('Look over the cable that lies there');
  await buildUntil(page, /^Measure the strip, end B, other side/);
  const row = page.locator('.recorded-strip tbody tr').first();
  await row.getByRole('textbox').fill('21.5');
  await row.getByRole('textbox').press('Enter');
  await expect(row).toContainText('Good');
  await buildUntil(page, /^Shrink the splice boot/);
  await expect(page.getByText('694')).toBeVisible();
  await buildUntil(page, /^Prove the lead/);
  await proveGood(page);
  await buildUntil(page, /^Lay the cable back/);
  await expectAccessible(page);
  await buildUntil(page, /is finished$/);
  await page.context().close();
});

test('a feeder with a choke that was added: filled, sealed and built to the end', async ({ desk }) => {
  await openLead(desk, 'Roof repeater feeder');
  await openStage(desk, 'Thread');
  await desk.getByRole('button', { name: 'Add choke' }).click();
  await expect(desk.getByRole('group', { name: /^choke of 6 beads, end A/ })).toBeVisible();
  await openStage(desk, 'Cut');
  const toCut = desk.getByRole('region', { name: 'Tubes and sleeves to cut' });
  await expect(toCut.getByRole('row', { name: /^end tube of the choke/ })).toContainText(
    /near side.*far side/,
  );
  await startUnit(desk);
  await buildUntil(desk, /choke/i);
  await buildUntil(desk, /^Prove the lead/);
  await proveGood(desk);
  await buildUntil(desk, /is finished$/);
});

test('choosing: a radio run from its sockets, a search over connectors, a terminal block by what tells it apart', async ({
  desk,
}) => {
  await openPlace(desk, 'Bench');
  await desk.getByText('from what to what').click();
  const make = desk.getByRole('button', { name: 'Make this lead' });
  await expect(make).toBeInViewport({ ratio: 1 });
  await desk.getByLabel('What goes through it?').selectOption('radio');
  await expect(make).toBeInViewport({ ratio: 1 });
  await desk.getByLabel('To which socket?').selectOption('f socket');
  await desk.getByLabel('How long, between mating planes?').fill('20 m');
  await expect(desk.getByText(/is 50 ohm and .* 75 ohm/)).toBeVisible();
  await desk.getByLabel('To which socket?').selectOption('n socket');
  await desk.getByLabel('Loss allowed').fill('-1');
  await expect(desk.getByText(/a loss above 0 dB/)).toBeVisible();
  await desk.getByLabel('Loss allowed').fill('1 dB');
  const why = desk.getByRole('list', { name: 'Proposed, because' });
  await expect(why.getByText(/It mates with N, socket/).first()).toBeVisible();
  await desk.getByRole('radio', { name: /corrugated feeder 1\/2 inch/ }).check();
  await expect(why.getByText(/^corrugated feeder 1\/2 inch loses/)).toBeVisible();
  await desk.getByText('Why nothing cheaper').click();
  await expect(desk.getByText(/^low-loss foam 10 mm: loses/)).toBeVisible();
  await expectAccessible(desk);
  await make.click();
  await expect(desk.getByText('Every part goes together.')).toBeVisible();
  await expect(desk.getByLabel('Power into the near end')).toHaveValue('25 W');
  await desk.getByLabel('Search the connectors').fill('7-16 socket');
  const connector = desk.getByLabel('Connector, end B');
  await expect(connector.locator('option')).toContainText([/^N plug/, /^7-16 socket/]);
  await connector.selectOption('7-16-socket-feeder-7/8');
  await expect(desk.getByText(/there is 7-16 socket, feeder clamp, 1\/2 inch/)).toBeVisible();
  await desk.keyboard.press('Control+z');
  await expect(desk.getByText('Every part goes together.')).toBeVisible();
  await openLead(desk, 'Announcement controller tail');
  await desk.getByLabel('Pitch, end B').selectOption('terminal-5.08');
  await desk.getByLabel('Positions, end B').selectOption('4');
  await desk.getByLabel('Cable leaves, end B').selectOption('right-angle');
  await expect(
    desk.getByText('End B terminal block 5.08 mm, 4 positions, rising clamp, right-angle'),
  ).toBeVisible();
  await desk.getByLabel('Device at end B').selectOption('');
  await desk.getByLabel('Take a whole plan').selectOption('ground - +');
  await expect(desk.getByLabel('red, end B')).toHaveValue('3');
});
