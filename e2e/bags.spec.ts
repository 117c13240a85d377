import {
  buildUntil,
  emptyShopByTouch,
  expect,
  expectAccessible,
  heading,
  openLead,
  openPlace,
  openStage,
  test,
} from './desk.ts';

/** What is in the bag: asked as pictures, and what follows on the lead and at the bench. */

test('a clamp plug: insulator before the contact, sleeve under the braid, then a ring over it', async ({
  desk,
}) => {
  await openLead(desk, 'Whip lead');
  await expect(desk.getByText('Left over: the plain back cap.')).toBeVisible();
  await desk.getByRole('button', { name: 'What is in it?' }).nth(1).click();
  await desk
    .getByRole('group', { name: /^Braid clamp/ })
    .getByRole('radio', { name: /^under the braid/ })
    .check();
  await desk
    .getByRole('group', { name: /^Insulator before/ })
    .getByRole('radio', { name: /^one/ })
    .check();
  await expectAccessible(desk);
  await openStage(desk, 'Strip');
  await desk.getByText('End B', { exact: true }).click();
  await expect(desk.getByRole('rowheader', { name: 'Braid, over the sleeve' })).toBeVisible();
  await expect(
    desk.getByRole('img', { name: /stay free between the braid and the end of the dielectric/ }),
  ).toBeVisible();
  await desk.keyboard.press('Control+z');
  await desk.keyboard.press('Control+z');
  await expect(desk.getByRole('rowheader', { name: 'Braid, fanned over the cone' })).toBeVisible();
  await desk.keyboard.press('Control+y');
  await desk.keyboard.press('Control+y');
  await expect(desk.getByRole('rowheader', { name: 'Braid, over the sleeve' })).toBeVisible();
  await desk.getByRole('link', { name: /^Build / }).click();
  await expect(desk.getByRole('heading', { name: 'Look into the bags first' })).toBeVisible();
  await desk.getByText(/^UHF plugs, bag 21.*as usual/).click();
  await expectAccessible(desk);
  await desk.getByRole('button', { name: 'I have looked: the bag is as marked' }).click();
  await expect(desk.getByText('looked at')).toBeVisible();
  await desk.getByRole('button', { name: /^Start/ }).click();
  await buildUntil(desk, /^Lay the braid over the sleeve, end B/);
  await buildUntil(desk, /^Put the insulator on the conductor, end B/);
  await buildUntil(desk, /^Solder the contact, end B/);
  await expect(desk.getByText(/until its flange sits against the insulator/)).toBeVisible();
});

test('thin coax, screw-on plug: its loose ring is threaded, a captive one is not asked for', async ({
  desk,
}) => {
  await openLead(desk, 'Spare radio lead');
  await openStage(desk, 'Thread');
  const ring = desk.getByText(/^coupling, end B/).first();
  await expect(ring).toBeVisible();
  await openStage(desk, 'Choose');
  await desk.getByRole('button', { name: 'What is in it?' }).nth(1).click();
  await desk
    .getByRole('group', { name: /^Coupling ring/ })
    .getByRole('radio', { name: /^captive/ })
    .check();
  await openStage(desk, 'Thread');
  await expect(ring).toBeHidden();
});

test('Stores, in an empty shop, by touch: a bag comes in, is looked into and measured, and the next lead has it', async ({
  browser,
  baseURL,
}) => {
  const page = await emptyShopByTouch(browser, baseURL);
  await openPlace(page, 'Stores');
  await expect(page.getByText('No bags yet')).toBeVisible();
  await expectAccessible(page);
  await page.getByLabel('Connector of the new bag').selectOption('bnc-plug-50-crimp-5');
  await page.getByRole('button', { name: 'New bag' }).tap();
  await page.getByRole('group', { name: /^Boot/ }).getByRole('radio', { name: /^one/ }).tap();
  await page.getByLabel(/^Stem length/).fill('7.2');
  await page.getByLabel(/^Stem length/).press('Enter');
  await page.getByLabel('Name of the bag').fill('BNC plugs, bag 1');
  await expectAccessible(page);
  await openPlace(page, 'Stores');
  await expect(page.getByRole('row', { name: /^BNC plugs, bag 1 .*boot: one.*1 of / })).toBeVisible();
  await expect(heading(page)).toHaveText('Stores');
  await page.context().close();
});
