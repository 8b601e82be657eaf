import { expect, test } from '@playwright/test';
import type { Page } from '@playwright/test';
import { findViolations } from './axe';
import { Cook } from './cook';
import { Killable, secondsOf } from './killed';

const bar = (page: Page) => page.getByRole('region', { name: 'Practice', exact: true });

test('a plan is practised sixty times as fast, what needs nobody is skipped, and the kitchen knows nothing of it', async ({
  page,
}) => {
  const cook = await Cook.enter(page, 'own');
  await cook.plans('Raw, soaked');
  await cook.practises('60 times as fast');
  await cook.doesStep();
  await cook.doesStep();
  await expect(cook.heading()).toHaveText('Soak');
  const clock = page.getByRole('timer').locator('p').first();
  await expect(clock).toHaveText(/^\d:\d\d:\d\d$|^\d\d:\d\d$/);
  const before = secondsOf(await clock.innerText());
  await page.clock.runFor(10_000);
  await expect.poll(async () => before - secondsOf(await clock.innerText())).toBeGreaterThanOrEqual(590);
  expect(await findViolations(page)).toEqual([]);
  await bar(page)
    .getByRole('button', { name: /^Skip .* to the end of: soak/ })
    .click();
  await expect(page.getByRole('timer')).toContainText('Time is up');
  await cook.doesStep();
  await cook.goesOnUntil(/^Grind/);
  // A jug is stopped by the second: no faster than a hand can follow.
  await expect(bar(page)).toContainText('×10 while your hands are busy');
  await cook.finishes();
  await expect(page.locator('#place')).toContainText('is in its jars');
  await expect(page.getByRole('region', { name: 'How it went' })).toContainText(/Food and power come to [\d.]+/);
  await bar(page).getByRole('button', { name: 'Leave practice' }).click();
  await expect(bar(page)).toHaveCount(0);
  await cook.go('/');
  await expect(page.getByText('Nothing soaks, nothing runs.')).toBeVisible();
  await cook.go('/book');
  await expect(page.locator('#place')).not.toContainText('Rice');
});

test('killed at random in the middle of practice, it goes on at the right second', async ({ baseURL }) => {
  test.setTimeout(180_000);
  const browser = new Killable(baseURL);
  const left = async (c: Cook): Promise<number> =>
    secondsOf(await c.page.getByRole('timer').locator('p').first().innerText());
  try {
    let cook = await browser.open();
    await cook.plans('No soak');
    await cook.practises('10 times as fast');
    await cook.press(/^Done/);
    await expect(cook.heading()).toHaveText('Boil the beans whole');
    await cook.press(/^Start/);
    await expect(cook.page.getByRole('timer')).toBeVisible();
    for (const waitMs of [700, 1900, 300]) {
      await cook.page.waitForTimeout(waitMs);
      const before = await left(cook);
      const since = Date.now();
      await browser.kill();
      cook = await browser.open();
      await cook.go('/bench');
      await expect(cook.heading()).toHaveText('Boil the beans whole');
      const gone = before - (await left(cook));
      const passed = (Date.now() - since) / 1000;
      expect(gone).toBeGreaterThanOrEqual(5);
      expect(gone).toBeLessThanOrEqual(10 * (passed + 1));
    }
  } finally {
    await browser.end();
  }
});

test('called away once the jug has run, and a pot that foams over: both are met at the bench, and rescued', async ({
  page,
}) => {
  const cook = await Cook.enter(page, 'own');
  await cook.plans('No soak');
  await cook.practises('60 times as fast', [/foams over/, /called away/]);
  for (let i = 0; i < 12; i += 1) {
    if (await page.getByRole('dialog', { name: 'The door bell' }).isVisible()) break;
    await cook.doesStep();
    await page.waitForTimeout(300);
  }
  const bell = page.getByRole('dialog', { name: 'The door bell' });
  await bell.getByRole('button', { name: /^I am back/ }).click();
  await expect(bell).toHaveCount(0);
  await cook.press(/^Rescue$/);
  const rescue = page.getByRole('dialog', { name: 'What is wrong?' });
  await rescue.getByRole('button', { name: 'called away' }).click();
  await expect(rescue.getByText(/It has stood 5\d\s*min/)).toBeVisible();
  await rescue.getByRole('button', { name: 'Close' }).click();
  await cook.goesOnUntil('Bring it to the boil');
  // It rings once in a practice.
  await expect(bell).toHaveCount(0);
  await cook.press(/^Start/);
  await page.clock.fastForward(20_000);
  const now = page.getByRole('region', { name: 'Now', exact: true });
  await expect(now.locator('[data-said]')).toContainText('foam run over the rim');
  await expect(now.locator('.btn-primary').first()).toHaveText('Off the heat');
  await cook.press(/^Rescue$/);
  await rescue.getByRole('button', { name: 'boiled over' }).click();
  await rescue.getByRole('textbox', { name: /^ran over or out/ }).fill('120');
  await rescue.getByRole('button', { name: /^Record/ }).click();
  await expect(rescue.getByText('recorded 120 g')).toBeVisible();
  await rescue.getByRole('button', { name: 'Close' }).click();
  await expect(rescue).toHaveCount(0);
  await expect(now).not.toContainText('foam run over the rim');
});
