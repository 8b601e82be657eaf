import { expect, test } from '@playwright/test';
import type { Page } from '@playwright/test';
import { COLOUR_RULES, findViolations, WCAG_RULES } from './axe';
import { Cook } from './cook';
import { firstCases } from './long';

const PLACES = [
  '/',
  '/plan',
  '/plan/demo-big',
  '/plan/demo-graded',
  '/plan/demo-oat/moves',
  '/clock',
  '/clock/ahead',
  '/bench',
  '/book',
  '/book/demo-batch-14',
  '/book/beside?of=demo-batch-8&of=demo-batch-14',
  '/book/demo-batch-14/card',
  '/book/trials',
  '/book/trials/demo-trial',
  '/book/trials/tasting/demo-tasting',
  '/book/year',
  '/book/truth',
  '/kit',
];
const LONG = 'A very long name for a plan of soy milk that goes on and on, as some people like to write it all down 12';

/** Checks the page in the light and the dark theme. The page follows the device while it is open. */
async function clean(page: Page, where: string): Promise<void> {
  const check = async (theme: 'light' | 'dark', rules: typeof WCAG_RULES): Promise<readonly string[]> =>
    (await findViolations(page, rules)).map((v) => `${theme} ${where}: ${v}`);
  const light = await check('light', WCAG_RULES);
  // The dark theme only changes colours, so only the rules about colours are checked again.
  await page.emulateMedia({ colorScheme: 'dark' });
  const dark = await check('dark', COLOUR_RULES);
  await page.emulateMedia({ colorScheme: 'light' });
  expect([...light, ...dark]).toEqual([]);
}
/** Nothing may make the page wider than the window. */
async function fits(page: Page, where: string): Promise<void> {
  const over = await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);
  expect([where, over]).toEqual([where, 0]);
}

test('axe finds nothing on any page of the demo, light and dark', async ({ page }) => {
  test.setTimeout(240_000);
  // A sheet that is still coming in is not yet as it is to be read.
  await page.emulateMedia({ reducedMotion: 'reduce' });
  const cook = await Cook.enter(page, 'demo');
  for (const path of PLACES) {
    await cook.go(path);
    // A timetable that is still being looked for is not yet as it is to be read.
    if (path === '/clock') await expect(page.locator('[data-proof]')).toBeVisible();
    await clean(page, path);
  }
  await cook.go('/plan/demo-big');
  await page.getByRole('button', { name: 'Open Soak' }).click();
  await cook.types('soak for', 'x');
  await clean(page, 'open station with a fault');
  await cook.go('/plan/demo-weekday');
  await page.getByRole('button', { name: /^All steps/ }).click();
  await page.getByRole('button', { name: 'leave out Strain' }).last().click();
  await expect(page.getByText('cannot be made as it stands')).toBeVisible();
  await clean(page, 'steps out of order');
  await cook.go('/');
  await cook.jars().first().click();
  await clean(page, 'jar sheet');
  await cook.go('/bench');
  await page.getByRole('button', { name: 'Rescue' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'no power' }).click();
  await expect(page.getByRole('dialog').getByText(/fridge that stays shut/)).toBeVisible();
  await clean(page, 'rescue');
});

test('axe finds nothing in any part of a jar’s sheet, light and dark', async ({ page }) => {
  test.setTimeout(120_000);
  // A sheet that is still coming in is not yet as it is to be read.
  await page.emulateMedia({ reducedMotion: 'reduce' });
  const cook = await Cook.enter(page, 'demo');
  for (const part of firstCases(['look', 'move', 'pour', 'out', 'throw'], 2)) {
    await cook.go(`/?jar=demo-batch-13:milk:1&do=${part}`);
    await expect(page.getByRole('dialog')).toBeVisible();
    await clean(page, `jar sheet, ${part}`);
  }
  await cook.go('/?jar=demo-batch-15:milk:1');
  await page.getByRole('button', { name: /^Open the photograph/ }).click();
  await clean(page, 'photograph');
});

test('axe finds nothing in an empty kitchen, nor with long names', async ({ page }) => {
  test.setTimeout(240_000);
  const cook = await Cook.enter(page, 'own');
  for (const path of firstCases(['/', '/kit', '/plan', '/bench', '/book'], 2)) {
    await cook.go(path);
    await clean(page, `empty ${path}`);
  }
  await cook.plans('Scalded and long-soaked');
  await cook.types('Name of the plan', LONG);
  await clean(page, 'long plan');
  await fits(page, 'long plan');
  await cook.starts();
  await clean(page, 'long bench');
  await cook.go('/book');
  await fits(page, 'long book');
  await clean(page, 'long book');
});

test('on a phone nothing is wider than the screen, and the bench’s buttons are 56 px', async ({ page }) => {
  test.slow();
  await page.setViewportSize({ width: 390, height: 844 });
  const cook = await Cook.enter(page, 'demo');
  for (const path of [...PLACES, '/bench/demo-batch-17']) {
    await cook.go(path);
    await fits(page, path);
    if (path.startsWith('/bench/') || path === '/') await clean(page, `phone ${path}`);
  }
  for (const b of await page.getByRole('region', { name: 'Now', exact: true }).getByRole('button').all()) {
    const box = await b.boundingBox();
    expect(box?.height ?? 0).toBeGreaterThanOrEqual(56);
  }
});

test('with text at twice the size the page still fits', async ({ page }) => {
  const cook = await Cook.enter(page, 'demo');
  for (const path of ['/', '/plan/demo-weekday', '/bench/demo-batch-17', '/kit']) {
    await cook.go(path);
    await page.evaluate(() => document.documentElement.style.setProperty('font-size', '200%'));
    await fits(page, `large ${path}`);
  }
});

test('a whole step is done by keyboard alone', async ({ page }) => {
  const cook = await Cook.enter(page, 'demo', '/bench/demo-batch-17');
  const before = await cook.where();
  for (let i = 0; i < 60; i += 1) {
    await page.keyboard.press('Tab');
    if ((await page.evaluate(() => document.activeElement?.textContent)) === 'Done, next') break;
  }
  await page.keyboard.press('Enter');
  const asPlanned = page.getByRole('button', { name: /^As planned/ });
  if (await asPlanned.isVisible()) await page.keyboard.press('Tab');
  await expect(asPlanned.or(page.getByRole('heading', { name: 'Drain and rinse' })).first()).toBeVisible();
  if (await asPlanned.isVisible()) {
    await asPlanned.focus();
    await page.keyboard.press('Enter');
  }
  await expect.poll(() => cook.where()).not.toBe(before);
});
