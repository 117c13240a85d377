import { execFileSync } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import type { Page } from '@playwright/test';
import { firstVisits, median, opened } from './bench-visits.ts';
import { forgetMemory, mostMemory } from './browser-memory.ts';
import { answers, serve } from './built-server.ts';
import { stolenWords } from './stolen.ts';

/**
 * Speeds with years of units in a real browser: `npm run bench -- --units 20000`, or `--archive` with a file that
 * `npm run shop` wrote. Rows are added to `bench.json`.
 */
const { values } = parseArgs({
  options: { units: { type: 'string', default: '1000' }, archive: { type: 'string' } },
});
const folder = mkdtempSync(join(tmpdir(), 'bench-'));
const [port, demoPort] = [4794, 4795];
const [address, demoAddress] = [`http://127.0.0.1:${port}`, `http://127.0.0.1:${demoPort}`];

interface Row {
  readonly work: string;
  readonly reachMs: number;
  readonly ms: number;
}
const rows: Row[] = [];
const say = (work: string, reachMs: number, ms: number) => {
  rows.push({ work, reachMs, ms });
  console.log(`${ms.toFixed(0).padStart(8)} ms  of ${reachMs} ms  ${work}${stolenWords()}`);
};

async function timed(work: () => Promise<unknown>): Promise<number> {
  const start = performance.now();
  await work();
  return performance.now() - start;
}

/** Clicks something in the page and waits, in the page, until an XPath holds; milliseconds. */
const clicked = (page: Page, selector: string, until: string): Promise<number> =>
  page.evaluate(
    async ([what, wanted]) => {
      const start = performance.now();
      document.querySelector<HTMLElement>(what!)!.click();
      const holds = () => document.evaluate(wanted!, document, null, XPathResult.BOOLEAN_TYPE).booleanValue;
      await new Promise<void>((resolve) => {
        const observer = new MutationObserver(() => holds() && resolve());
        observer.observe(document.body, {
          childList: true,
          subtree: true,
          characterData: true,
          attributes: true,
        });
        if (holds()) resolve();
      });
      return performance.now() - start;
    },
    [selector, until],
  );

/** Sets a field as a person does and waits, in the page, until an element holds a text. */
const filled = (page: Page, label: string, value: string, within: string, text: string): Promise<number> =>
  page.evaluate(
    async ([name, typed, where, wanted]) => {
      const field = document.querySelector<HTMLInputElement | HTMLSelectElement>(`[aria-label^="${name}"]`)!;
      const start = performance.now();
      Object.getOwnPropertyDescriptor(Object.getPrototypeOf(field), 'value')!.set!.call(field, typed);
      field.dispatchEvent(
        new Event(field instanceof HTMLSelectElement ? 'change' : 'input', { bubbles: true }),
      );
      const holds = () => new RegExp(wanted!).test(document.querySelector(where!)?.textContent ?? '');
      await new Promise<void>((resolve) => {
        const observer = new MutationObserver(() => holds() && resolve());
        observer.observe(document.body, { childList: true, subtree: true, characterData: true });
        if (holds()) resolve();
      });
      return performance.now() - start;
    },
    [label, value, within, text],
  );

const sayMemory = (work: string, profile: string, reach = '') =>
  console.log(`${mostMemory(profile).toFixed(0).padStart(8)} MB  ${reach}most memory of a process, ${work}`);

async function measure(page: Page, archive: string, units: number, profile: string): Promise<void> {
  await page.goto(`${address}/house`);
  const read = page.getByText(/records added/);
  say(
    `import of ${units} units through the page`,
    units * 6,
    await timed(async () => {
      await page.getByLabel('Archive to import').setInputFiles(archive);
      await read.or(page.getByRole('alert', { name: 'What does not hold' })).waitFor({ timeout: 0 });
    }),
  );
  if (!(await read.isVisible()))
    throw new Error('The archive does not hold: make it anew with npm run shop.');
  sayMemory('import', profile);
  await places(page, units);
  await stages(page);
  await build(page, units);
  await page.goto(`${address}/house`);
  forgetMemory(profile);
  const exported = page.getByRole('button', { name: 'Export everything' });
  await exported.click();
  await page.getByRole('button', { name: 'Stop' }).click();
  say('export stopped', 1000, await timed(() => page.getByText('Stopped. Nothing was changed.').waitFor()));
  const download = page.waitForEvent('download', { timeout: 0 });
  say(
    `export of ${units} units`,
    units * 3,
    await timed(async () => {
      await exported.click();
      await (await download).saveAs(join(folder, 'out.zip'));
    }),
  );
  sayMemory('export', profile, 'of 500 MB  ');
}

async function places(page: Page, units: number): Promise<void> {
  await page.goto(address);
  await page.getByRole('heading', { name: 'Orders' }).waitFor();
  const [bench, log]: [number[], number[]] = [[], []];
  for (let n = 0; n < 5; n++) {
    log.push(await clicked(page, 'a[href="/log"]', "boolean(//h1[.='Log'] and //tbody/tr)"));
    bench.push(await clicked(page, 'a[href="/"]', "boolean(//h2[@id='orders'] and //h2[@id='in-hand'])"));
  }
  say(`Bench, of ${units} units`, 150, median(bench));
  say(`Log, first page, of ${units} units`, 150, median(log));
  await page.goto(`${address}/log?state=finished`);
  await page.locator('tbody tr').first().waitFor();
  say(
    'Log filtered by two things',
    100,
    await filled(page, 'Trouble seen', 'cold', '.page-head', '^Log\\d+ of'),
  );
  const serial = String(Math.ceil(units / 2)).padStart(6, '0');
  await page.keyboard.press('Control+k');
  await page.getByLabel(/^Find a lead/).waitFor();
  say('finder answer', 150, await filled(page, 'Find a lead', serial, '.finder', `OS-${serial}`));
  await page.keyboard.press('Escape');
  const unit: number[] = [];
  for (let n = 0; n < 5; n++) {
    unit.push(
      await clicked(page, 'tbody a[href^="/log/"]', "boolean(//*[contains(.,'Record chain whole')])"),
    );
    await clicked(page, 'a[href="/log"]', "boolean(//h1[.='Log'] and //tbody/tr)");
  }
  say('unit page of its whole record', 100, median(unit));
}

/** From the press on a stage of a lead until that stage stands there, each stage once. */
async function stages(page: Page): Promise<void> {
  await page.goto(`${address}/leads`);
  await page.locator('main a[href*="/choose"]').first().click();
  await page.locator('.bench-edge button[aria-current="page"]').waitFor();
  const changes: number[] = [];
  const count = await page.locator('.bench-edge button').count();
  for (const n of Array.from({ length: 2 * count }, (_, index) => (index % count) + 1))
    changes.push(
      await clicked(
        page,
        `.bench-edge button:nth-of-type(${n})`,
        `boolean((//nav[@aria-label='Stages']//button)[${n}][@aria-current='page'])`,
      ),
    );
  // Each stage is fetched the first time; what counts is every time after.
  say('change of stage, median', 100, median(changes.slice(count)));
}

/** Presses of the pedal in Build, up to thirty: from the key to the next step, the entry written between. */
async function build(page: Page, units: number): Promise<void> {
  await page.goto(`${address}/build/${await newestToStart(page)}`);
  await page.getByRole('button', { name: /^Start/ }).click();
  await page.getByRole('heading', { name: /^Count the parts/ }).waitFor();
  const keys = await page.evaluate(async () => {
    const textOf = (selector: string) => document.querySelector(selector)?.textContent ?? '';
    const standing = () => `${textOf('h1')} | ${textOf('.done-bar strong')}`;
    const pressed: number[] = [];
    for (let n = 0; n < 30; n++) {
      const before = standing();
      const start = performance.now();
      const key = document.querySelector('.reading-answer') ? 'g' : 'PageDown';
      document.body.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }));
      const followed = await new Promise<boolean>((resolve) => {
        const observer = new MutationObserver(() => standing() !== before && resolve(true));
        observer.observe(document.body, { childList: true, subtree: true, characterData: true });
        setTimeout(() => resolve(false), 2000);
      });
      if (!followed) break;
      pressed.push(performance.now() - start);
      await new Promise((resolve) => setTimeout(resolve, 150));
    }
    return pressed;
  });
  if (keys.length === 0) return;
  say(`key to next step in Build, median of ${keys.length}, of ${units} units`, 50, median(keys));
  say('the same, worst', 150, Math.max(...keys));
  say(`write of one entry, of ${units} units`, 15, median(await writesOf(page)));
}

/** The newest unit that is not started: a bench of many open orders does not show it. */
const newestToStart = (page: Page): Promise<string> =>
  page.evaluate(
    () =>
      new Promise((resolve, reject) => {
        const opening = indexedDB.open('gorvane');
        opening.onerror = () => reject(new Error('The database does not open.'));
        opening.onsuccess = () => {
          const rows = opening.result.transaction('summaries').objectStore('summaries');
          const newest = rows.openCursor(null, 'prev');
          newest.onsuccess = () => {
            const cursor = newest.result;
            if (!cursor) return reject(new Error('No unit is left to be started.'));
            if (cursor.value.state !== 'not started') return cursor.continue();
            opening.result.close();
            resolve(cursor.value.id);
          };
        };
      }),
  );

/** Runs in the page before anything else: notes how long each transaction that writes a record is open. */
function watchWrites(): void {
  const writes: number[] = [];
  Object.assign(window, { writes });
  const begin = IDBDatabase.prototype.transaction;
  IDBDatabase.prototype.transaction = function (this: IDBDatabase, ...given: Parameters<typeof begin>) {
    const started = performance.now();
    const transaction = begin.apply(this, given);
    if (transaction.mode === 'readwrite' && transaction.objectStoreNames.contains('records'))
      transaction.addEventListener('complete', () => writes.push(performance.now() - started));
    return transaction;
  };
}

const writesOf = (page: Page) =>
  page.evaluate(() => (window as unknown as { readonly writes: readonly number[] }).writes);

const servers = await Promise.all([serve(port), serve(demoPort, '--demo')]);
try {
  const units = Number(values.units);
  const archive = values.archive ?? join(folder, 'shop.zip');
  if (!values.archive)
    execFileSync(
      process.execPath,
      ['--import', 'tsx', 'scripts/shop.ts', '--units', String(units), '--out', archive],
      { stdio: 'inherit' },
    );
  await answers(address);
  await answers(demoAddress);
  for (const [shop, at] of [
    ['an empty shop', address],
    ['the demo', demoAddress],
  ] as const)
    say(
      `first visit to ${shop}, until Bench stands there, median of 5 browsers`,
      1500,
      await firstVisits(folder, shop, at),
    );
  const profile = join(folder, 'profile');
  const context = await opened(profile);
  await context.addInitScript(watchWrites);
  try {
    const page = context.pages()[0] ?? (await context.newPage());
    await measure(page, archive, units, profile);
  } finally {
    await context.close();
  }
  const file = new URL('../bench.json', import.meta.url);
  const before = existsSync(file) ? (JSON.parse(readFileSync(file, 'utf8')) as Row[]) : [];
  writeFileSync(file, `${JSON.stringify([...before, ...rows], null, 2)}\n`);
} finally {
  for (const server of servers) server.kill();
  rmSync(folder, { recursive: true, force: true, maxRetries: 5 });
}
