import {
  buildUntil,
  cutAll,
  emptyShopByTouch,
  expect,
  expectAccessible,
  goBackTo,
  heading,
  openLead,
  openPlace,
  openStage,
  proveGood,
  test,
  startUnit,
} from './desk.ts';

/** Every way that an end is put on a coaxial cable: planned, built to a Good verdict, with its classic mistake on the way. */

interface Family {
  readonly lead: string;
  /** Parts of the section that tell the method of end A. */
  readonly section: RegExp;
  readonly mistake: {
    /** The step at which it shows. */
    readonly step: RegExp;
    /** A reading that says so; a look otherwise. */
    readonly reading?: string;
    readonly advice: RegExp;
    readonly back: RegExp;
  };
}

const families: readonly Family[] = [
  {
    lead: 'Test set adapter lead',
    section: /contact flange|ferrule bell/,
    mistake: {
      step: /^Check for nicks and whiskers, end A/,
      advice: /A nick: cut off the strip and take it again/,
      back: /^Cut to the conductor, end A/,
    },
  },
  {
    lead: 'Marine radio feed line',
    section: /captive contact/,
    mistake: {
      step: /^Check that it is seated, end A/,
      advice: /look at its fingers/,
      back: /^Cut to the conductor, end A/,
    },
  },
  {
    lead: 'Whip lead',
    section: /solder hole.*hollow tip/,
    mistake: {
      step: /^Solder the holes, end A/,
      advice: /more tip mass. Do not hold longer/,
      back: /^Solder the holes, end A/,
    },
  },
  {
    lead: 'Spare radio lead',
    section: /reducer nose/,
    mistake: {
      step: /^Check the holes, end A/,
      advice: /take the strip again with more braid/,
      back: /^Take the jacket off, end A/,
    },
  },
  {
    lead: 'Timing antenna pigtail',
    section: /rear of the body/,
    mistake: {
      step: /^Dry-fit the body, end A/,
      advice: /Wick or scrape the excess/,
      back: /^Solder the contact, end A/,
    },
  },
  {
    lead: 'Roof repeater feeder',
    section: /compression ring.*seized contact/,
    mistake: {
      step: /^Tighten the back nut, end A/,
      advice: /The body turned: open it/,
      back: /^Clean the foam and flare, end A/,
    },
  },
  {
    lead: 'Camera trunk repair',
    section: /mandrel.*seizing nut/,
    mistake: {
      step: /^Tighten seizing nut, then sheath nut, end A/,
      advice: /The body turned: open both nuts/,
      back: /^Square the cable and bare the sheath, end A/,
    },
  },
  {
    lead: 'Camera drop',
    section: /post flange/,
    mistake: {
      step: /^Measure centre to body, end A/,
      reading: '0.3',
      advice: /look for a wire at the conductor/,
      back: /^Push the plug on, end A/,
    },
  },
];

for (const { lead, section, mistake } of families)
  test(`${lead}: planned, built with its classic mistake, and proved Good`, async ({ desk }) => {
    await openLead(desk, lead);
    await expect(desk.getByText('does not fit')).toHaveCount(0);
    // Pages are alike for every family but for the drawing of the strip.
    if (lead === families[0]!.lead) await expectAccessible(desk);
    await openStage(desk, 'Strip');
    await expect(desk.getByRole('img', { name: /^Strip of end A/ })).toBeVisible();
    await expect(desk.getByRole('img', { name: /^Section of the seated joint/ })).toHaveAccessibleName(
      section,
    );
    await expectAccessible(desk);
    await openStage(desk, 'Join');
    await expect(desk.getByText('Safety: no waiver.').first()).toBeVisible();
    await startUnit(desk, 'pedal');
    await expect(heading(desk)).toHaveText('Count the parts and cut the cable');
    await buildUntil(desk, mistake.step);
    if (mistake.reading === undefined) await desk.getByRole('button', { name: '■ Out' }).click();
    else {
      await desk.getByLabel('Centre to body').fill(mistake.reading);
      await desk.getByLabel('Centre to body').press('Enter');
    }
    await expect(desk.getByText(mistake.advice)).toBeVisible();
    await expectAccessible(desk);
    await goBackTo(desk, mistake.back);
    await buildUntil(desk, /^Prove the lead/);
    await proveGood(desk);
    await buildUntil(desk, /is finished$/);
  });

test('melted dielectric after the holes: the plug is cut off, and its coupling has to be threaded again', async ({
  desk,
}) => {
  await openLead(desk, 'Whip lead');
  await startUnit(desk, 'pedal');
  await buildUntil(desk, /^Solder the holes, end A/);
  await desk.getByRole('button', { name: '● Good' }).click();
  await expect(heading(desk)).toHaveText('Measure centre to body, end A');
  await desk.getByLabel('Centre to body').fill('0.4');
  await desk.getByLabel('Centre to body').press('Enter');
  await expect(desk.getByText(/has melted and the centre has wandered/)).toBeVisible();
  await expect(desk.getByText(/Scrap: UHF plug/)).toBeVisible();
  await goBackTo(desk, /^Cut to the conductor, end A/);
  await buildUntil(desk, /^Screw the body on, end A/);
  const coupling = desk.getByRole('button', { name: /^coupling, end A/ });
  await expect(coupling).toHaveAttribute('aria-pressed', 'false');
});

test('a foreign die is said where it matters, and house practice changes the way back', async ({ desk }) => {
  await openPlace(desk, 'Stores');
  await desk.getByLabel('Hex dies, mm across flats').fill('1.73; 6.48');
  await desk.getByLabel('Hex dies, mm across flats').press('Enter');
  await openPlace(desk, 'House');
  await desk.getByLabel('Second crimp').selectOption('once more, turned, with an inexact die');
  await expect(desk.getByText(/steps? of \d+ leads? change|no step of any lead changes/)).toBeVisible();
  await desk.getByLabel('Holes of a soldered UHF body').selectOption('none');
  await expect(desk.getByText(/Whip lead\. .*Leave the holes, end A/)).toBeVisible();
  await expectAccessible(desk);
  await openLead(desk, 'Receiver patch lead');
  await expect(desk.getByText('No exact die. A larger die leaves the crimp loose')).toBeVisible();
  await openStage(desk, 'Join');
  await expect(desk.getByText(/nearest in the shop hex 6.48 mm, not exact: crimps loosely/)).toBeVisible();
  await expect(desk.getByText(/crimp once more, turned by a flat/)).toBeVisible();
});

test('the finder says which end to order, what else is in the bag, and puts it on the lead', async ({
  desk,
}) => {
  await openLead(desk, 'Test set adapter lead');
  await desk.getByRole('link', { name: 'Find another end' }).first().click();
  await expect(desk.getByRole('heading', { name: /ends do; order:/ })).toBeVisible();
  await desk.getByLabel('Port it has to mate with').selectOption('sma socket rp');
  await expect(desk.getByRole('heading', { name: /order: RP-SMA plug/ })).toBeVisible();
  await desk.getByText(/^Why the other/).click();
  await expect(desk.getByText(/It screws on and makes no contact/).first()).toBeVisible();
  await desk.getByRole('button', { name: 'Compare' }).first().click();
  await expect(desk.getByRole('region', { name: 'Side by side' })).toContainText('hex die 5.41 mm');
  await expectAccessible(desk);
  await desk.getByRole('button', { name: 'Use for end A' }).first().click();
  await expect(desk.getByRole('combobox', { name: 'Connector, end A' })).toHaveValue(/^rp-sma-plug/);
  await desk.keyboard.press('Control+z');
  await expect(desk.getByRole('combobox', { name: 'Connector, end A' })).toHaveValue('n-socket-50-crimp-5');
});

test('what cannot be is said at its field: a card, a bend, a cable without an end', async ({ desk }) => {
  await openLead(desk, 'Timing antenna pigtail');
  await openStage(desk, 'Cut');
  await expect(desk.getByText(/^Bend 1, 90° at 12.0 mm radius/)).toBeVisible();
  await desk.getByLabel('Bends').fill('150 mm 90° r3');
  await desk.getByLabel('Bends').press('Enter');
  await expect(desk.getByRole('alert')).toHaveText(/takes no less than 7.2 mm/);
  await desk.getByLabel('Bends').fill('round the corner');
  await expect(desk.getByText(/expected bends such as/)).toBeVisible();
  await desk.getByLabel('Bends').fill('none');
  await desk.getByLabel('Bends').press('Enter');
  await expect(desk.getByRole('alert')).toHaveCount(0);
  await openStage(desk, 'Strip');
  await desk.getByLabel('Contact bore depth').fill('20');
  await desk.getByLabel('Contact bore depth').press('Enter');
  await expect(desk.getByRole('alert')).toHaveText(/the contact is shorter than the body/);
  await openStage(desk, 'Choose');
  await desk.getByRole('combobox', { name: 'Cable' }).selectOption('rg-58');
  await expect(desk.getByText(/^▲ End A: now SMA plug.*, which fits this cable\.$/)).toBeVisible();
  await expect(desk.getByText('Every part goes together.')).toBeVisible();
});

test('an empty shop, by touch: a trunk repair is started, planned, and its boot put on before the splice', async ({
  browser,
  baseURL,
}) => {
  const page = await emptyShopByTouch(browser, baseURL);
  await page.goto('/');
  await page.getByRole('button', { name: /more, among them feeder/ }).tap();
  await page.getByLabel('New piece in a buried trunk').tap();
  await page.getByLabel('2. How long?').fill('14 m');
  await page.getByRole('button', { name: 'Make the lead' }).tap();
  await expect(page.getByText('Every part goes together.')).toBeVisible();
  await expect(page.getByRole('combobox', { name: 'Where it lives' })).toHaveValue('buried');
  await expectAccessible(page);
  await openStage(page, 'Thread');
  await expect(page.getByText(/^splice boot, end A/).first()).toBeVisible();
  await startUnit(page, 'touch');
  await expect(heading(page)).toHaveText('Count the parts and cut the cable');
  await cutAll(page);
  await page.getByRole('button', { name: /^Done/ }).tap();
  await expect(heading(page)).toHaveText('Thread the parts');
  const boot = page.getByRole('button', { name: /^splice boot, end A/ });
  await boot.tap();
  await expect(boot).toHaveAttribute('aria-pressed', 'true');
  await expectAccessible(page);
  await page.context().close();
});
