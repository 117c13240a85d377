import type { Page } from '@playwright/test';
import { expect } from '@playwright/test';
import axe from 'axe-core';

/** What passed before in this worker: looking at contrast takes three times as long as all other rules together. */
const readable = new Set<string>();

/** The screen as it stands passes the accessibility rules of WCAG AA, and what is good practice beside them. */
export async function expectAccessible(page: Page): Promise<void> {
  // A page that is still on its way has no heading yet, nor anything else to look at.
  await expect(page.locator('h1').first()).toBeAttached();
  await bringAxe(page);
  const violations = await page.evaluate(async () => {
    const { run } = (window as unknown as { axe: typeof axe }).axe;
    const results = await run(document, {
      resultTypes: ['violations'],
      runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'],
      rules: { 'color-contrast': { enabled: false } },
    });
    return results.violations.map(
      ({ id, nodes }) => `${id}: ${nodes.map(({ target }) => target.join(' ')).join('; ')}`,
    );
  });
  expect(violations).toEqual([]);
  await expectContrast(page);
}

/** Every text stands out from its ground: each kind of writing on each ground until it has passed once. */
export async function expectContrast(page: Page): Promise<void> {
  await bringAxe(page);
  const { violations, passed } = await page.evaluate(
    async (before) => {
      const { run } = (window as unknown as { axe: typeof axe }).axe;
      const known = new Set(before);
      const grounds = new Map<Element, string>();
      const ground = (element: Element): string => {
        const held = grounds.get(element);
        if (held !== undefined) return held;
        const { backgroundColor, backgroundImage, opacity, filter } = getComputedStyle(element);
        const above = element.parentElement ? ground(element.parentElement) : '';
        const plain = backgroundColor === 'rgba(0, 0, 0, 0)' && backgroundImage === 'none';
        const own = plain && opacity === '1' && filter === 'none' ? '' : '/';
        const found = own && `${above}${own}${backgroundColor} ${backgroundImage} ${opacity} ${filter}`;
        grounds.set(element, found || above);
        return found || above;
      };
      const writing = (element: Element): string => {
        const { color, fontSize, fontWeight, textShadow } = getComputedStyle(element);
        return [color, fontSize, fontWeight, textShadow, ground(element)].join(' on ');
      };
      // What axe never judges by its colours is left out: options of a list, drawings, what is folded away.
      const written = [...document.body.querySelectorAll('*:not(option, style, svg *)')].filter(
        (element) =>
          (element.matches('input, textarea') ||
            [...element.childNodes].some(
              (node) => node.nodeType === Node.TEXT_NODE && node.nodeValue?.trim(),
            )) &&
          element.checkVisibility(),
      );
      const include = written.filter((element) => !known.has(writing(element)));
      if (include.length === 0) return { violations: [], passed: [] };
      const results = await run(
        { include },
        { resultTypes: ['violations', 'passes'], runOnly: ['color-contrast'], elementRef: true },
      );
      const nodes = (of: typeof results.passes) => of.flatMap((result) => result.nodes);
      return {
        violations: nodes(results.violations).map(({ target }) => target.join(' ')),
        passed: nodes(results.passes).map(({ element }) => writing(element!)),
      };
    },
    [...readable],
  );
  expect(violations, 'contrast').toEqual([]);
  passed.forEach((kind) => readable.add(kind));
}

/** The rules run in the page itself, which has no frames; they are put there once. */
async function bringAxe(page: Page): Promise<void> {
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(axe.source);
}
