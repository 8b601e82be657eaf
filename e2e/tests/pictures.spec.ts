import { test } from '@playwright/test';
import type { Page } from '@playwright/test';
import { Cook } from './cook';

/** The current picture of each main view, from the demo: `npm run screenshots`. */
const VIEWS: readonly (readonly [string, string, readonly [number, number], 'light' | 'dark'])[] = [
  ['shelf', '/', [1280, 800], 'light'],
  ['look', '/?jar=demo-batch-15:milk:1&do=look', [1280, 800], 'light'],
  ['lasts', '/', [1280, 800], 'light'],
  ['schools', '/plan', [1280, 800], 'light'],
  ['plan', '/plan/demo-weekday', [1280, 800], 'light'],
  ['clock', '/clock', [1280, 800], 'light'],
  ['ahead', '/clock/ahead', [1280, 800], 'dark'],
  ['moves', '/plan/demo-oat-slick/moves', [1280, 800], 'light'],
  ['bench', '/bench/demo-batch-17', [1280, 800], 'light'],
  ['book', '/book', [1280, 800], 'light'],
  ['batch', '/book/demo-batch-11', [1280, 800], 'light'],
  ['beside', '/book/beside?of=demo-batch-8&of=demo-batch-14', [1280, 800], 'light'],
  ['trial', '/book/trials/demo-trial', [1280, 800], 'light'],
  ['year', '/book/year', [1280, 800], 'light'],
  ['kit', '/kit', [1280, 800], 'light'],
  ['phone-shelf', '/', [390, 844], 'light'],
  ['rescue', '/plan/demo-oat-slick', [1280, 800], 'light'],
  ['phone-plan', '/plan/demo-weekday', [390, 844], 'light'],
  ['phone-bench', '/bench/demo-batch-17', [390, 844], 'light'],
];

for (const [name, path, [width, height], colorScheme] of VIEWS)
  test(name, async ({ page }) => {
    await page.setViewportSize({ width, height });
    await page.emulateMedia({ colorScheme });
    await Cook.enter(page, 'demo', path);
    await page.clock.runFor(2000);
    if (path.endsWith('/moves')) await page.locator('[data-map]').waitFor({ timeout: 60_000 });
    else if (path.startsWith('/plan/')) await page.locator('[data-result]').first().waitFor();
    await page.waitForTimeout(path.endsWith('/moves') ? 12_000 : 1800);
    if (path.startsWith('/plan/'))
      await page.getByText('When it could be ready is worked out').waitFor({ state: 'hidden', timeout: 60_000 });
    if (name === 'lasts') await page.getByRole('region', { name: 'How long it lasts here' }).scrollIntoViewIfNeeded();
    if (path.startsWith('/clock/')) await page.getByText('as it looks now').waitFor({ timeout: 60_000 });
    if (path === '/clock') await page.locator('[data-proof]').waitFor({ timeout: 60_000 });
    if (name === 'rescue') await toTheRescue(page);
    await page.screenshot({ path: `../docs/screenshots/${name}.png` });
  });

/** An oat milk that came out slimy, before it is cooled. */
async function toTheRescue(page: Page): Promise<void> {
  const cook = new Cook(page);
  await cook.starts();
  await cook.goesOnUntil(/^Cool|^Jar/);
  await cook.press(/^Rescue$/);
  await page.getByRole('dialog').getByRole('button', { name: 'slimy' }).click();
  await page.getByRole('region', { name: /^(Good to know|Too late to fix)$/ }).waitFor();
}
