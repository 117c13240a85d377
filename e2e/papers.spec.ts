import { readFile } from 'node:fs/promises';
import type { Download, Page } from '@playwright/test';
import { PDFDocument } from 'pdf-lib';
import { expect, expectAccessible, openPlace, test } from './desk.ts';

const millimetres = (points: number) => (points / 72) * 25.4;

/** Width and height of every page of a PDF, millimetres to the tenth. */
async function pagesOf(bytes: Uint8Array): Promise<number[][]> {
  const document = await PDFDocument.load(bytes);
  return document.getPages().map((page) => {
    const { width, height } = page.getSize();
    return [width, height].map((points) => Math.round(millimetres(points) * 10) / 10);
  });
}

async function saved(
  page: Page,
  button: string,
): Promise<{ readonly file: Download; readonly bytes: Uint8Array }> {
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: button }).click(),
  ]);
  return { file, bytes: await readFile(await file.path()) };
}

/** What the printer is given. */
const printed = (page: Page) => page.pdf({ preferCSSPageSize: true });

test('labels of a whole order on a sheet that was begun; each paper is as large as it says', async ({
  desk,
}) => {
  await openPlace(desk, 'Log');
  await desk.getByRole('link', { name: 'OS-0001' }).click();
  await desk.getByRole('link', { name: 'Proofs of its order' }).click();
  await desk.getByRole('link', { name: 'Labels' }).click();
  await expect(desk.getByRole('img', { name: /^OS-/ }).first()).toBeVisible();
  await desk.getByLabel('Stock').selectOption('Sheet A4, 3 x 8');
  await desk.getByLabel('Used already on the first sheet').fill('20');
  await expect(desk.getByText(/labels on \d sheets? of 210.0 x 297.0 mm/)).toBeVisible();
  await expectAccessible(desk);
  const sheets = await pagesOf((await saved(desk, 'PDF')).bytes);
  expect(sheets.every(([width, height]) => width === 210 && height === 297)).toBe(true);
  expect(await pagesOf(await printed(desk))).toHaveLength(sheets.length);
  await desk.getByLabel('Stock').selectOption('Wrap-around 25 x 9.5 mm, clear end 28 mm');
  await expect(desk.getByText(/pieces of 25.0 x 37.5 mm/)).toBeVisible();
  expect((await pagesOf((await saved(desk, 'PDF')).bytes))[0]).toEqual([25, 37.5]);
  const [first] = await pagesOf(await printed(desk));
  expect(Math.abs(first![0]! - 25)).toBeLessThan(0.4);
  const table = await saved(desk, 'CSV');
  expect(new TextDecoder().decode(table.bytes)).toMatch(/^serial,code,line 1.*\r\nOS-/);
  expect((await saved(desk, 'SVG')).file.suggestedFilename()).toMatch(/-svg\.zip$/);
});

test('a simple lead: certificate on one page with the house’s address, traveller on two, on letter, too', async ({
  desk,
}) => {
  await openPlace(desk, 'House');
  await desk.getByLabel('Sheets of the printer').selectOption('letter');
  await desk.getByLabel('Address on certificates').fill('Net store\nSlip two');
  await openPlace(desk, 'Log');
  await desk.getByRole('link', { name: 'OS-0001' }).click();
  await desk.getByRole('link', { name: 'Certificate' }).click();
  await expect(desk.getByText('Slip two')).toBeVisible();
  await expect(desk.getByText(/^For .*, order /)).toBeVisible();
  await expectAccessible(desk);
  expect(await pagesOf((await saved(desk, 'Certificate (PDF)')).bytes)).toEqual([[215.9, 279.4]]);
  expect(await pagesOf(await printed(desk))).toHaveLength(1);
  await desk.goBack();
  await desk.getByRole('link', { name: 'Traveller' }).click();
  await expect(desk.getByText('not to scale').first()).toBeVisible();
  await expectAccessible(desk);
  expect((await pagesOf(await printed(desk))).length).toBeLessThanOrEqual(2);
});

test('wire list, pick and cut list: found where they are wanted, on one sheet each', async ({ desk }) => {
  await openPlace(desk, 'Log');
  await desk.getByRole('link', { name: 'OS-0001' }).click();
  await desk.getByRole('link', { name: 'Wire list' }).click();
  await expect(desk.getByRole('heading', { name: /^Wire list of .*OS-0001$/ })).toBeVisible();
  await expectAccessible(desk);
  expect(await pagesOf(await printed(desk))).toHaveLength(1);
  await desk.goto('/');
  await desk.getByRole('link', { name: 'pick and cut list' }).first().click();
  await expect(desk.getByRole('heading', { name: /^Pick and cut list of / })).toBeVisible();
  await expect(desk.getByText(/^Tools:/)).toBeVisible();
  await expectAccessible(desk);
  const table = await saved(desk, 'Save CSV');
  expect(new TextDecoder().decode(table.bytes)).toMatch(/^what,amount,unit,from,for\r\n/);
  expect((await pagesOf(await printed(desk))).length).toBeLessThanOrEqual(2);
});
