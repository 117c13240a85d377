import {
  buildUntil,
  expect,
  expectAccessible,
  heading,
  openLead,
  openPlace,
  openStage,
  startUnit,
  test,
  testAlone,
} from './desk.ts';

/** What is stripped with: the tool that is owned decides order, figures and what is trimmed by hand; its blades wear. */

test('three blades in one spin: chosen for the lead, judged against its strip, counted as they cut', async ({
  desk,
}) => {
  await openLead(desk, 'Monitor patch lead');
  await openStage(desk, 'Strip');
  const tool = desk.getByLabel('Stripped with, end A');
  await expect(desk.getByText('The rotary tool, 4.5 to 8 mm makes this strip.')).toBeVisible();
  await tool.selectOption({ label: '■ rotary tool, 9 to 16 mm' });
  await expect(desk.getByText(/It takes 9\.0 mm to 16\.0 mm; this cable is 5\.0 mm/)).toBeVisible();
  await tool.selectOption({ label: '● three-blade tool, bayonet set' });
  await expect(desk.getByText('The three-blade tool, bayonet set makes this strip.')).toBeVisible();
  await desk.getByRole('button', { name: 'Take it for every end of this cable' }).click();
  await desk.getByText('End B', { exact: true }).click();
  await expect(desk.getByLabel('Stripped with, end B')).toHaveValue('three-blade-5');
  await expectAccessible(desk);
  await desk.keyboard.press('Control+z');
  await expect(desk.getByLabel('Stripped with, end B')).toHaveValue('');

  await desk.getByRole('link', { name: /^Build / }).click();
  await expect(desk.getByRole('heading', { name: 'Take the tool' })).toBeVisible();
  await expect(desk.getByLabel('End A is stripped with')).toHaveValue('three-blade-5');
  await expectAccessible(desk);
  await desk.getByRole('button', { name: /^Start/ }).click();
  await buildUntil(desk, /^Strip in one spin, end A/);
  await expect(desk.getByText('red stop, four turns')).toBeVisible();
  await expect(desk.getByRole('img', { name: /^Strip of end A/ })).toBeVisible();
  await buildUntil(desk, /^Trim the braid, end A/);
  await buildUntil(desk, /^Cut to the conductor, end B/);

  await desk.goto('/stores');
  await expect(desk.getByText('1 cut of about 400')).toBeVisible();
});

test.describe('by touch', () => {
  testAlone.use({ hasTouch: true, viewport: { width: 800, height: 1280 } });

  testAlone(
    'blades that have made what they are good for say so at the step that cuts, until new ones are in',
    async ({ desk }) => {
      await openPlace(desk, 'Stores');
      await desk.getByText('14 cuts of about 500').tap();
      const life = desk.getByLabel('Blades are good for').and(desk.locator(':visible'));
      await life.fill('14');
      await life.press('Enter');
      await expect(desk.getByText('▲ 14 cuts of about 14')).toBeVisible();
      await expectAccessible(desk);
      await openLead(desk, 'Monitor patch lead');
      await startUnit(desk, 'touch');
      await buildUntil(desk, /^Cut to the conductor, end A/);
      await expect(desk.getByText(/have made 14 cuts; they are good for about 14/)).toBeVisible();
      await expectAccessible(desk);
      await desk.getByRole('button', { name: 'New blades are in' }).tap();
      await expect(desk.getByText(/they are good for about 14/)).toBeHidden();
      await expect(heading(desk)).toHaveText('Cut to the conductor, end A');
    },
  );
});
