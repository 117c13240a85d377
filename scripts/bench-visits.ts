import { join } from 'node:path';
import type { BrowserContext, Page } from '@playwright/test';
import { chromium } from '@playwright/test';
import { launchOptions } from '../e2e/browser.ts';

export const median = (times: readonly number[]) =>
  [...times].sort((a, b) => a - b)[Math.floor(times.length / 2)]!;

/** When a thing stood on the page that was opened, by the page itself: milliseconds since it was asked for. */
const stoodAt = (page: Page, selector: string): Promise<number> =>
  page.evaluate(
    (what) =>
      new Promise<number>((resolve) => {
        const look = () => document.querySelector(what) && resolve(performance.now());
        new MutationObserver(look).observe(document.body, { childList: true, subtree: true });
        look();
      }),
    selector,
  );

/** When Bench stands there, median of five browsers that were never at the application, ms. */
export async function firstVisits(folder: string, shop: string, at: string): Promise<number> {
  const usable: number[] = [];
  for (let n = 0; n <= 5; n++) {
    const context = await opened(join(folder, `never-${shop}-${n}`));
    const page = context.pages()[0]!;
    if (n === 0) await weigh(page, shop, at);
    else usable.push(await firstVisit(page, at));
    await context.close();
  }
  return median(usable);
}

async function firstVisit(page: Page, at: string): Promise<number> {
  await page.goto(at);
  return stoodAt(page, '#orders');
}

/** Tells what is sent. Of a visit that is not timed: to watch the network takes its time. */
async function weigh(page: Page, shop: string, at: string): Promise<void> {
  const session = await page.context().newCDPSession(page);
  await session.send('Network.enable');
  const scripts = new Set<string>();
  let bytes = 0;
  session.on(
    'Network.responseReceived',
    ({ requestId, type }) => type === 'Script' && scripts.add(requestId),
  );
  session.on('Network.loadingFinished', ({ requestId, encodedDataLength }) => {
    if (scripts.has(requestId)) bytes += encodedDataLength;
  });
  await firstVisit(page, at);
  // Long enough for what Bench fetches after it stands, too short for what is kept for later.
  await page.waitForTimeout(800);
  const sent = (bytes / 1000).toFixed(0).padStart(8);
  console.log(`${sent} kB  of 250 kB  JavaScript sent at the first visit to ${shop}`);
}

export async function opened(profile: string): Promise<BrowserContext> {
  const viewport = { width: 1280, height: 800 };
  const context = await chromium.launchPersistentContext(profile, { ...launchOptions, viewport });
  // Functions that are sent to the page name themselves by a helper of the loader, which the page has not.
  await context.addInitScript({ content: 'globalThis.__name = (named) => named;' });
  return context;
}
