import { expect, test } from '@playwright/test';
import type { Page } from '@playwright/test';
import { Cook, MORNING } from './cook';

const HOUR = 3_600_000;
/** At the stove, with a timer that runs. */
async function boiling(page: Page): Promise<Cook> {
  const cook = await Cook.enter(page, 'own');
  await cook.plans('No soak');
  await cook.starts();
  await cook.goesOnUntil('Boil the beans whole');
  await cook.press(/^Start:/);
  return cook;
}
/** Sets the device's clock, while the time that only counts goes on as it was. */
async function setClock(cook: Cook, hours: number): Promise<void> {
  await cook.page.clock.setSystemTime(new Date(MORNING.getTime() + hours * HOUR));
  await cook.page.clock.runFor(2_000);
}

test('the clock set back: what runs goes on as before, and every press counts', async ({ page }) => {
  test.setTimeout(120_000);
  const cook = await boiling(page);
  const clock = page.getByRole('timer').locator('p').first();
  const before = await clock.innerText();
  await setClock(cook, -2);
  await expect(page.getByText(/was set back by 2(\.0)?\sh.*goes on as before/)).toBeVisible();
  const seconds = (t: string): number => {
    const [m = 0, s = 0] = t.replace('+', '').split(':').map(Number);
    return m * 60 + s;
  };
  await expect.poll(async () => Math.abs(seconds(await clock.innerText()) - seconds(before))).toBeLessThan(30);
  await cook.press('Pause');
  await cook.press('Go on');
  await cook.doesStep();
  await cook.goesOnUntil('Drain and rinse');
  await cook.press('Go back');
  await expect(cook.heading()).toHaveText('Hold at the boil');
});

test('a jump forward asks whether the device slept; a clock that was set moves no timer', async ({ page }) => {
  const cook = await boiling(page);
  const clock = page.getByRole('timer').locator('p').first();
  await setClock(cook, 3);
  await expect(page.getByRole('dialog', { name: 'Asleep, or clock changed?' })).toContainText('3 h');
  await expect(clock).toHaveText(/^\+/);
  await cook.press('The clock was set: go on as before');
  await expect(clock).not.toHaveText(/^\+/);
});
test('asleep: the time has passed', async ({ page }) => {
  const cook = await boiling(page);
  await setClock(cook, 3);
  await cook.press('It was asleep: the time passed');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await expect(page.getByRole('timer').locator('p').first()).toHaveText(/^\+/);
});
test('with nothing running a jump is nobody’s concern', async ({ page }) => {
  const cook = await Cook.enter(page, 'own');
  await setClock(cook, 3);
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await cook.go('/');
});
