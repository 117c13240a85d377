import type { Browser, BrowserContext, ConsoleMessage, Page } from '@playwright/test';
import { expect, test as base } from '@playwright/test';
import { windowOptions } from './browser.ts';

/**
 * A shop in the window that all tests of a worker use one after another, so that it keeps what it has compiled: emptied of
 * data before each, at a page that must stay free of console errors.
 */
export const test = base.extend<{ desk: Page }, { browserWindow: BrowserContext }>({
  browserWindow: [
    async ({ browser }, use) => {
      const opened = await browser.newContext({ ...windowOptions, ...windowOptions.contextOptions });
      await use(opened);
      await opened.close();
    },
    { scope: 'worker' },
  ],
  desk: async ({ browserWindow }, use) => atBench(await emptied(browserWindow), use),
});

/** For what changes a whole window, its clock, network or touch: one of its own. */
export const testAlone = base.extend<{ desk: Page }>({ desk: ({ page }, use) => atBench(page, use) });

async function atBench(page: Page, use: (desk: Page) => Promise<void>): Promise<void> {
  const errors: string[] = [];
  const onConsole = (message: ConsoleMessage) => {
    if (message.type() === 'error') errors.push(message.text());
  };
  const onError = (error: Error) => errors.push(error.message);
  page.on('console', onConsole).on('pageerror', onError);
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Bench', exact: true })).toBeVisible();
  await use(page);
  page.off('console', onConsole).off('pageerror', onError);
  expect(errors, 'console errors').toEqual([]);
}

/** A page without anything of the test before: neither data nor size, light, medium or a place of the mouse. */
async function emptied(browserWindow: BrowserContext): Promise<Page> {
  const [page = await browserWindow.newPage(), ...others] = browserWindow.pages();
  await Promise.all(others.map((other) => other.close()));
  await page.goto('about:blank');
  const session = await browserWindow.newCDPSession(page);
  await session.send('Storage.clearDataForOrigin', { origin: windowOptions.baseURL, storageTypes: 'all' });
  await session.detach();
  await page.setViewportSize(windowOptions.viewport);
  await page.emulateMedia({
    media: null,
    colorScheme: null,
    forcedColors: null,
    ...windowOptions.contextOptions,
  });
  await page.mouse.move(0, 0);
  return page;
}

export { expect };
export { expectAccessible, expectContrast } from './accessible.ts';

/** A unit of the orders on Bench; one that was begun stands above them as well. */
export const openUnit = (desk: Page, serial: string) =>
  desk
    .getByRole('region', { name: 'Orders' })
    .getByRole('row', { name: new RegExp(serial) })
    .getByRole('link')
    .click();

/** Opens a stage of the lead, and goes on only when it stands there: what is then looked for is looked for in it. */
export async function openStage(page: Page, stage: string): Promise<void> {
  const button = page
    .getByRole('navigation', { name: 'Stages' })
    .getByRole('button', { name: new RegExp(`^${stage}`) });
  await button.click();
  await expect(button).toHaveAttribute('aria-current', 'page');
}

/** Opens a place, and goes on only when it stands there: the place that is left has links of the same names. */
export async function openPlace(page: Page, place: string): Promise<void> {
  const link = page.getByRole('navigation', { name: 'Places' }).getByRole('link', { name: place });
  const address = (await link.getAttribute('href'))!;
  await link.click();
  await page.waitForURL(({ pathname }) => pathname === address);
  await expect(page.getByRole('heading', { level: 1, name: place, exact: true })).toBeVisible();
}

/** Opens Build from the lead that stands there, and starts its next unit. */
export async function startUnit(page: Page, by: 'mouse' | 'touch' | 'pedal' = 'mouse'): Promise<void> {
  const build = page.getByRole('link', { name: /^Build / });
  const start = page.getByRole('button', { name: /^Start/ });
  await (by === 'touch' ? build.tap() : build.click());
  await expect(page.getByText('Starting freezes the plan')).toBeVisible();
  if (by === 'pedal') await page.keyboard.press('Space');
  else await (by === 'touch' ? start.tap() : start.click());
}

/** What the big bar of the build screen says it does. */
export const bar = (page: Page) => page.locator('.done-bar strong');

/** Ticks every piece that the step has cut, one press each, until the bar says something else. */
export async function cutAll(page: Page): Promise<void> {
  await expect(bar(page)).toHaveText(/^(Cut: |Done)/);
  for (let said = await bar(page).textContent(); said!.startsWith('Cut: ');) {
    await page.keyboard.press('PageDown');
    await expect(bar(page)).not.toHaveText(said!);
    said = await bar(page).textContent();
  }
}

/** Does the next thing, again and again, until a step with this title stands there. */
export async function buildUntil(page: Page, title: RegExp): Promise<void> {
  while ((await page.evaluate(buildOn, title.source)) === 'first article') await measureAsPlanned(page);
}

/**
 * Runs in the page, so that hundreds of steps need no journey each: presses the pedal, answers a hold point the good way, and
 * waits until the screen has followed. Stops at the title that is wanted, and where every dimension is asked for.
 */
async function buildOn(title: string): Promise<'there' | 'first article'> {
  const wanted = new RegExp(title);
  const textOf = (selector: string) => document.querySelector(selector)?.textContent ?? '';
  const standing = () => `${textOf('h1')} | ${textOf('.done-bar strong')}`;
  const followed = (stood: string) =>
    new Promise<void>((resolve, reject) => {
      setTimeout(() => reject(new Error(`Nothing followed for two minutes: ${stood}`)), 120_000);
      const look = () => {
        if (standing() === stood) return;
        observer.disconnect();
        resolve();
      };
      const observer = new MutationObserver(look);
      observer.observe(document.body, { childList: true, subtree: true, characterData: true });
      look();
    });
  const answerOf = (asked: string) =>
    /^Finished length, asked (.*)$/.exec(asked)?.[1] ??
    (/^(Centre|Between|Insulation)/.test(asked) ? 'open' : asked.startsWith('Rejection') ? '60' : '0.05');
  const type = (field: HTMLInputElement) => {
    const write = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')!.set!;
    write.call(field, answerOf(textOf('.reading-answer label')));
    field.dispatchEvent(new Event('input', { bubbles: true }));
    setTimeout(() => field.form!.requestSubmit());
  };
  const press = (key: string) =>
    document.body.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }));
  for (;;) {
    if (wanted.test(textOf('h1'))) return 'there';
    const stood = standing();
    const says = textOf('.done-bar strong');
    if (says.startsWith('First article')) return 'first article';
    const field = document.querySelector<HTMLInputElement>('.reading-answer input');
    if (!says.startsWith('Hold:')) press('PageDown');
    else if (field) type(field);
    else press('g');
    await followed(stood);
    // Effects of what was just drawn come after it; no frame is waited for, a busy machine may paint none.
    await new Promise((resolve) => setTimeout(resolve));
  }
}

/** Goes back after a hold point that was Out; where the cable is then too short for it, somebody takes it shorter. */
export async function goBackTo(page: Page, title: RegExp): Promise<void> {
  const back = page.getByRole('button', { name: /^Go back to: / });
  await expect(back).toBeVisible();
  if (await page.getByLabel('Who takes it shorter').isVisible()) {
    await page.getByLabel('Who takes it shorter').fill('Mara');
    await page.getByLabel('Why', { exact: true }).fill('long enough where it goes');
  }
  await back.click();
  await expect(heading(page)).toHaveText(title);
}

/** Every dimension of a first article as it was planned. */
async function measureAsPlanned(page: Page): Promise<void> {
  const lengths = page.locator('.article-length');
  for (let leg = 0; leg < (await lengths.count()); leg++) {
    const asked = /asked (.*)/.exec(
      (await lengths.nth(leg).locator('span').first().textContent()) ?? '',
    )![1]!;
    await lengths.nth(leg).getByRole('textbox').fill(asked);
    await lengths.nth(leg).getByRole('textbox').press('Enter');
  }
  const rows = page.locator('.recorded-strip tbody tr');
  for (let row = 0; row < (await rows.count()); row++) {
    const planned = await rows.nth(row).locator('td').first().textContent();
    await rows.nth(row).getByRole('textbox').fill(planned!);
    await rows.nth(row).getByRole('textbox').press('Enter');
  }
  await expect(bar(page)).not.toHaveText(/^First article/);
}

/** Lets the simulated tester read the unit that stands at its proof, and records that it is Good. */
export async function proveGood(page: Page): Promise<void> {
  await page.getByRole('link', { name: 'Open Prove' }).click();
  await page.getByRole('button', { name: 'Let the instruments read' }).click();
  await expect(page.getByText('Every check that was asked is within its limit.')).toBeVisible();
  await page.getByRole('button', { name: 'Record this proof: Good' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Prove the lead');
}

/** From House, open or not yet: nothing is in the database any more. */
export async function emptyShop(page: Page): Promise<void> {
  await page.getByRole('button', { name: /^Empty the database/ }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Remove all' }).click();
  await expect(page.getByText('The database is empty.')).toBeVisible();
}

/** A browser of its own in portrait, with touch and nothing in its database. */
export async function emptyShopByTouch(browser: Browser, baseURL: string | undefined): Promise<Page> {
  const context = await browser.newContext({
    baseURL: baseURL!,
    hasTouch: true,
    viewport: { width: 800, height: 1280 },
  });
  const page = await context.newPage();
  await page.goto('/house');
  await emptyShop(page);
  return page;
}

/** Everything in a table of the browser's own database, as text. */
const tableText = (page: Page, table: string): Promise<string> =>
  page.evaluate(
    (store) =>
      new Promise<string>((resolve, reject) => {
        const opening = indexedDB.open('gorvane');
        opening.onerror = () => reject(opening.error!);
        opening.onsuccess = () => {
          const reading = opening.result.transaction(store).objectStore(store).getAll();
          reading.onsuccess = () => {
            opening.result.close();
            resolve(JSON.stringify(reading.result));
          };
        };
      }),
    table,
  );

/** Waits until a text stands in a table of the browser's own database. */
export async function untilStored(page: Page, table: string, text: string): Promise<void> {
  await expect.poll(() => tableText(page, table)).toContain(text);
}

export const heading = (page: Page) => page.getByRole('heading', { level: 1 });

/** Opens a lead by its name from the list. */
export async function openLead(page: Page, name: string): Promise<void> {
  await openPlace(page, 'Leads');
  await page.getByRole('link', { name: new RegExp(`^${name}`) }).click();
  await expect(heading(page)).toHaveText(name);
}

/** A unit of a lead at its Prove stage, with an empty table of readings; one is started where none was. */
export async function openProof(desk: Page, lead: string): Promise<void> {
  await openLead(desk, lead);
  await openStage(desk, 'Prove');
  const unit = desk.getByRole('button', { name: /^OS-\d{4}, / }).first();
  await expect(unit.or(desk.getByText(/No unit of this lead has been started/))).toBeVisible();
  if (!(await unit.isVisible())) {
    await desk.getByRole('link', { name: /^Build OS-/ }).click();
    await expect(desk.getByText('Starting freezes the plan')).toBeVisible();
    await bar(desk).click();
    await expect(heading(desk)).not.toHaveText(/unit OS-/);
    await openProofOf(desk, lead);
  }
  await unit.click();
  const again = desk.getByRole('button', { name: 'Prove it again' });
  await expect(again.or(desk.getByRole('button', { name: /^Record this proof/ }))).toBeVisible();
  if (await again.isVisible()) await again.click();
  await expect(desk.getByRole('button', { name: 'Let the instruments read' })).toBeVisible();
  await desk.getByText(/^Simulated lead/).click();
}

async function openProofOf(desk: Page, lead: string): Promise<void> {
  await desk.getByRole('link', { name: 'Leave, all is kept' }).click();
  await openLead(desk, lead);
  await openStage(desk, 'Prove');
}
