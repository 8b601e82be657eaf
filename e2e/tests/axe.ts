import axe from 'axe-core';
import type { Page } from '@playwright/test';

/** What WCAG 2.2 AA asks for. */
export const WCAG: axe.RunOnly = { type: 'tag', values: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'] };
/** What the colours of a theme decide. */
export const COLOURS: axe.RunOnly = { type: 'rule', values: ['color-contrast', 'link-in-text-block'] };

/** What axe finds wrong on the page, “rule: where”; by all of its rules, or by some. It is put into a page only once. */
export async function faults(page: Page, runOnly?: axe.RunOnly): Promise<readonly string[]> {
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(axe.source);
  const options: axe.RunOptions = { resultTypes: ['violations'], ...(runOnly === undefined ? {} : { runOnly }) };
  return page.evaluate(async (o) => {
    const { violations } = await (window as unknown as { axe: typeof axe }).axe.run(document, o);
    return violations.map((v) => `${v.id} ${v.nodes.map((n) => n.target.join(' ')).join(', ')}`);
  }, options);
}
