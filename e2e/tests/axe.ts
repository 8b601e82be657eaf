import axe from 'axe-core';
import type { Page } from '@playwright/test';

/** The rules of WCAG 2.2, levels A and AA. */
export const WCAG_RULES: axe.RunOnly = {
  type: 'tag',
  values: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'],
};
/** The rules whose result depends on the colours of the theme. */
export const COLOUR_RULES: axe.RunOnly = { type: 'rule', values: ['color-contrast', 'link-in-text-block'] };

/** The violations that axe finds on the page, as “rule: elements”. It checks all rules unless some are given. */
export async function findViolations(page: Page, rules?: axe.RunOnly): Promise<readonly string[]> {
  // The script is half a megabyte. It stays in the page until the page is loaded again.
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(axe.source);
  const options: axe.RunOptions = { resultTypes: ['violations'], ...(rules === undefined ? {} : { runOnly: rules }) };
  return page.evaluate(async (o) => {
    const { violations } = await (window as unknown as { axe: typeof axe }).axe.run(document, o);
    return violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(' ')).join(', ')}`);
  }, options);
}
