import type { ChildProcess } from 'node:child_process';
import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { inflateRawSync } from 'node:zlib';
import { chromium, type Browser, type Page } from '@playwright/test';
import { seededRandom } from '@gorvane/core/quantity/random.ts';
import { verifyChain } from '@gorvane/core/record/chain.ts';
import type { UnitEvent } from '@gorvane/core/unit/unit.ts';
import { launchOptions } from './browser.ts';

/** What was found wrong after a browser had been killed. */
export interface Loss {
  readonly kill: number;
  readonly message: string;
}

interface Torture {
  readonly kills: number;
  readonly seed: number;
  /** Of a server of the built application with the demo data. */
  readonly address: string;
  /** What each kill lost is told at once: a long run may be stopped. */
  readonly onKill?: (done: number, lost: readonly Loss[]) => void;
}

/** Longest time that work goes on after its last visible result before the browser is killed, milliseconds. */
const mostDelay = 120;

/**
 * Works in a real browser, kills it with all its processes at any moment, opens it again, and looks whether what stood on
 * the screen as saved is there: steps of Build, and lengths typed into a lead. Returns what was lost or doubled.
 */
export async function killBrowsers({ kills, seed, address, onKill }: Torture): Promise<Loss[]> {
  const random = seededRandom(seed);
  const profile = mkdtempSync(join(tmpdir(), 'kills-'));
  const losses: Loss[] = [];
  let desk = await open(profile, address);
  try {
    for (let kill = 1; kill <= kills; kill++) {
      const work: Work = kill % 2 === 0 ? typeLength : passSteps;
      const check = await work(desk, random, kill);
      await new Promise((resolve) => setTimeout(resolve, mostDelay * random()));
      await desk.kill();
      desk = await open(profile, address);
      const lost = (await check(desk)).map((message) => ({ kill, message }));
      losses.push(...lost);
      onKill?.(kill, lost);
    }
  } finally {
    await desk.kill();
    rmSync(profile, { recursive: true, force: true, maxRetries: 5 });
  }
  return losses;
}

/** A browser of its own process group at the application. */
interface Desk {
  readonly page: Page;
  readonly address: string;
  readonly kill: () => Promise<void>;
}

async function open(profile: string, address: string): Promise<Desk> {
  const child = spawn(
    launchOptions.executablePath,
    [
      ...launchOptions.args,
      '--headless=new',
      '--remote-debugging-port=0',
      `--user-data-dir=${profile}`,
      'about:blank',
    ],
    { detached: true, stdio: ['ignore', 'ignore', 'pipe'] },
  );
  const browser = await chromium.connectOverCDP(await debuggingAddress(child));
  const page = await firstPage(browser);
  await page.goto(address);
  await page.getByRole('heading', { name: 'Bench', exact: true }).waitFor();
  const ended = new Promise<void>((resolve) => child.once('exit', () => resolve()));
  return {
    page,
    address,
    kill: async () => {
      process.kill(-child.pid!, 'SIGKILL');
      await ended;
      await browser.close().catch(() => undefined);
    },
  };
}

const firstPage = async (browser: Browser): Promise<Page> => {
  const [context] = browser.contexts();
  return context!.pages()[0] ?? context!.newPage();
};

/** Where the browser says that it can be reached. */
function debuggingAddress(child: ChildProcess): Promise<string> {
  return new Promise((resolve, reject) => {
    let said = '';
    child.stderr!.on('data', (bytes: Buffer) => {
      said += bytes.toString();
      const [, address] = /DevTools listening on (ws:\S+)/.exec(said) ?? [];
      if (address) resolve(address);
    });
    child.once('exit', () => reject(new Error(`The browser ended before it could be reached. ${said}`)));
  });
}

/** Looks after a restart whether all stands that was shown. */
type Check = (desk: Desk) => Promise<string[]>;
type Work = (desk: Desk, random: () => number, kill: number) => Promise<Check>;

/** Goes on with the unit in hand for some steps, by the pedal; each is shown as done once it is recorded. */
async function passSteps({ page }: Desk, random: () => number): Promise<Check> {
  await page.getByRole('link', { name: /^(Continue: |Build |Look at)/ }).click();
  await page.locator('.done-bar strong').waitFor();
  const unitId = new URL(page.url()).pathname.split('/').at(-1)!;
  for (let presses = Math.ceil(random() * 4); presses > 0; presses--) await press(page);
  const shown = await entriesOf(page, unitId);
  // One more press whose result nobody waits for: it may stand or not, but not by half.
  if (random() < 0.5) await page.keyboard.press('PageDown');
  return async (desk) => {
    const now = await entriesOf(desk.page, unitId);
    const missing = shown.filter(({ id }) => !now.some((entry) => entry.id === id)).length;
    const findings = verifyChain(now);
    const index = await indexedLast(desk.page, unitId);
    const last = now.at(-1)?.at;
    return [
      ...(missing > 0 ? [`${missing} of ${shown.length} entries that were shown are gone`] : []),
      ...(findings.length > 0 ? [`the record is not whole: ${JSON.stringify(findings)}`] : []),
      ...(index === last ? [] : [`the index says ${index}, the record ${last}`]),
    ];
  };
}

/** Presses the pedal, or answers what is asked, and waits until the screen has followed. */
async function press(page: Page): Promise<void> {
  const standing = () => page.locator('main').innerText();
  const before = await standing();
  await page.keyboard.press((await page.locator('.reading-answer').count()) > 0 ? 'g' : 'PageDown');
  for (let tries = 0; tries < 50 && (await standing()) === before; tries++)
    await new Promise((resolve) => setTimeout(resolve, 20));
}

/** Types a length into a lead and waits until what follows from it is drawn; the last key may be under way. */
async function typeLength({ page, address }: Desk, random: () => number, kill: number): Promise<Check> {
  await page.goto(`${address}/leads`);
  await page.getByRole('link', { name: /^Receiver patch lead/ }).click();
  await page.waitForURL(/\/leads\/.+\/choose/);
  const leadId = new URL(page.url()).pathname.split('/')[2]!;
  const metres = 1 + (kill % 90) / 10;
  const length = page.getByLabel('Finished length').first();
  await page.goto(`${address}/leads/${leadId}/cut`);
  await length.waitFor();
  const before = await lengthOf(page, leadId);
  await length.fill(`${metres} m`);
  const isSaved = random() < 0.7;
  if (isSaved) await waitUntil(async () => (await lengthOf(page, leadId)) === metres);
  return async (desk) => {
    await desk.page.goto(`${desk.address}/leads/${leadId}/cut`);
    const field = desk.page.getByLabel('Finished length').first();
    await field.waitFor();
    // A text that was kept is read in when the field is drawn.
    await waitUntil(async () =>
      [metres, ...(isSaved ? [] : [before])].includes(await lengthOf(desk.page, leadId)),
    );
    const stands = await lengthOf(desk.page, leadId);
    const allowed = isSaved ? [metres] : [metres, before];
    return allowed.includes(stands) ? [] : [`the length is ${stands} m; ${allowed.join(' or ')} m was typed`];
  };
}

/** Waits for something at most ten seconds; what does not come is found by the check that follows. */
async function waitUntil(isSo: () => Promise<boolean>): Promise<void> {
  for (let tries = 0; tries < 200 && !(await isSo()); tries++)
    await new Promise((resolve) => setTimeout(resolve, 50));
}

/** What stands in a table of the database itself, past the application. */
async function stored<Row>(page: Page, table: string): Promise<Row[]> {
  return page.evaluate(
    (name) =>
      new Promise<Row[]>((resolve, reject) => {
        const opening = indexedDB.open('gorvane');
        opening.onerror = () => reject(new Error('The database cannot be opened.'));
        opening.onsuccess = () => {
          const asked = opening.result.transaction(name).objectStore(name).getAll();
          asked.onsuccess = () => {
            opening.result.close();
            resolve(asked.result as Row[]);
          };
        };
      }),
    table,
  );
}

async function entriesOf(page: Page, unitId: string): Promise<UnitEvent[]> {
  const records = await stored<{ unitId: string; entries?: UnitEvent[]; packed?: Uint8Array }>(
    page,
    'records',
  );
  const kept = records.find((record) => record.unitId === unitId);
  if (kept?.packed) return JSON.parse(inflateRawSync(kept.packed).toString()) as UnitEvent[];
  return kept?.entries ?? [];
}

async function indexedLast(page: Page, unitId: string): Promise<string | undefined> {
  const summaries = await stored<{ id: string; last: { at: string } | null }>(page, 'summaries');
  return summaries.find(({ id }) => id === unitId)?.last?.at;
}

async function lengthOf(page: Page, leadId: string): Promise<number | undefined> {
  const leads = await stored<{ id: string; legs: { finishedLength: number }[] }>(page, 'leads');
  return leads.find(({ id }) => id === leadId)?.legs[0]!.finishedLength;
}
