import {
  buildUntil,
  expect,
  expectAccessible,
  heading,
  openLead,
  openStage,
  test,
  startUnit,
} from './desk.ts';

/** Parts that the technician adds: by drag on the run, by keyboard, from the list; and what follows at once. */

test('a feeder gets a boot, a ring and a choke: dragged, chosen, placed, taken off, and built with', async ({
  desk,
}) => {
  await openLead(desk, 'Roof repeater feeder');
  await openStage(desk, 'Thread');
  const run = desk.getByRole('group', { name: /^Run of Roof repeater feeder/ });
  const ring = desk.getByRole('button', { name: 'Add marker ring' });
  const [from, to] = [(await ring.boundingBox())!, (await run.boundingBox())!];
  await desk.mouse.move(from.x + 20, from.y + 12);
  await desk.mouse.down();
  await desk.mouse.move(from.x - 40, from.y - 40, { steps: 6 });
  await expect(desk.getByText('near end B', { exact: true })).toBeVisible();
  await desk.mouse.move(to.x + to.width * 0.75, to.y + to.height / 2, { steps: 10 });
  await desk.mouse.up();
  const rings = desk.getByRole('group', { name: 'marker ring, end B' });
  await expect(rings).toBeVisible();
  await rings.getByLabel('colour').selectOption('red');
  await rings.getByLabel('from the jacket edge').fill('80');
  await rings.getByLabel('from the jacket edge').press('Enter');
  await expect(rings.getByText(/^Last chance: before end B is closed/)).toBeVisible();
  await expect(run.getByRole('button', { name: /^red marker ring, end B/ })).toBeVisible();
  await desk.getByRole('button', { name: 'Add colour band' }).focus();
  await desk.keyboard.press('Enter');
  await expect(desk.getByRole('group', { name: 'colour band, end A' })).toBeVisible();
  await desk.getByRole('button', { name: 'Add choke' }).click();
  const choke = desk.getByRole('group', { name: /^choke of 6 beads, end A/ });
  await choke.getByLabel('beads').fill('none');
  await expect(choke.getByText(/1 to 200 beads/)).toBeVisible();
  await choke.getByLabel('beads').fill('6');
  await expectAccessible(desk);
  await openStage(desk, 'Cut');
  const toCut = desk.getByRole('region', { name: 'Tubes and sleeves to cut' });
  await expect(toCut.getByRole('rowheader', { name: /^white colour band/ })).toBeVisible();
  await expect(toCut.getByRole('rowheader', { name: 'end tube of the choke' })).toBeVisible();
  await openStage(desk, 'Thread');
  await choke.getByRole('button', { name: 'Take off' }).click();
  await expect(choke).toBeHidden();
  await desk.keyboard.press('Control+z');
  await expect(desk.getByRole('group', { name: /^choke of 6 beads, end A/ })).toBeVisible();
});

test('an added ring is threaded and put in its place at the bench', async ({ desk }) => {
  await openLead(desk, 'Spare radio lead');
  await openStage(desk, 'Thread');
  await desk.getByRole('button', { name: 'Add marker ring' }).click();
  await expect(desk.getByRole('group', { name: 'marker ring, end A' })).toBeVisible();
  await startUnit(desk);
  await buildUntil(desk, /^Thread the parts/);
  await expect(desk.getByRole('button', { name: /^white marker ring, end A/ })).toBeVisible();
  await buildUntil(desk, /^Prove the lead/);
  await expect(heading(desk)).toHaveText('Prove the lead');
  await desk.goto('/leads');
  await desk.getByRole('link', { name: /^Spare radio lead/ }).click();
  await openStage(desk, 'Finish');
  await expect(desk.getByText(/white marker ring in its place, near end A/).first()).toBeVisible();
});

test('a speaker pair: a breakout of its own at each end, what the ends go to, a sleeve over the cable', async ({
  desk,
}) => {
  await openLead(desk, 'Lounge speaker lead');
  const near = desk.getByLabel('Breakout of end A');
  await expect(near).toHaveValue('200.0 mm');
  await expect(desk.getByLabel('Breakout of end B')).toHaveValue('150.0 mm');
  await expect(desk.getByText('End A, amplifier')).toBeVisible();
  await near.fill('-20');
  await expect(desk.getByText(/expected a length above 0/)).toBeVisible();
  await near.fill('180');
  await near.press('Enter');
  await desk.getByLabel('End B goes to').fill('left loudspeaker');
  await desk.getByLabel('End B goes to').press('Enter');
  await expect(desk.getByText('End B, left loudspeaker')).toBeVisible();
  await openStage(desk, 'Thread');
  await expect(desk.getByRole('combobox', { name: 'Braided sleeve' })).toHaveValue('sleeve-12');
  await expect(desk.getByRole('group', { name: 'marker ring, end A' })).toBeVisible();
  await openStage(desk, 'Cut');
  await expect(desk.getByRole('rowheader', { name: /^braided sleeve 12 mm/ })).toBeVisible();
  await expectAccessible(desk);
});
