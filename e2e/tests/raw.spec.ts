import { expect, test } from '@playwright/test';
import type { Page } from '@playwright/test';
import { Cook } from './cook';

const box = (page: Page) => page.locator('[data-raw]');
/** A soy batch at its hold, with the timer running since `minutes`. */
async function holding(page: Page, minutes: number): Promise<Cook> {
  const cook = await Cook.enter(page, 'own');
  await cook.plans('No soak');
  await cook.starts();
  await cook.goesOnUntil('Bring it to the boil');
  await cook.doesStep();
  await expect(cook.heading()).toHaveText('Hold at the boil');
  await page.clock.fastForward(minutes * 60_000 + 5000);
  await cook.press(/^Done/);
  return cook;
}
const question = (page: Page) => page.getByRole('dialog', { name: /^Did it really boil for/ });

for (const [name, size] of [
  ['a laptop', { width: 1280, height: 800 }],
  ['a phone', { width: 390, height: 844 }],
] as const)
  test(`on ${name}: a hold cut at three minutes stays a danger at every step, until it is boiled`, async ({ page }) => {
    await page.setViewportSize(size);
    const cook = await holding(page, 3);
    // The main button keeps the milk on the heat; the plan’s own time comes last.
    const buttons = await question(page).getByRole('button').allInnerTexts();
    expect(buttons.slice(1)).toEqual([
      expect.stringMatching(/^No, keep boiling \(\d+.min more\)$/),
      'Record these minutes',
      expect.stringMatching(/^Yes, \d+.min: I timed it myself$/),
    ]);
    await expect(question(page).locator('.btn-primary')).toHaveCount(1);
    await question(page).locator('.btn-primary').click();
    await expect(question(page)).toHaveCount(0);
    await expect(cook.heading()).toHaveText('Hold at the boil');
    // Said by the cook herself, it is recorded as it was.
    await cook.press(/^Done/);
    await expect(page.getByRole('textbox', { name: 'It boiled for' })).toHaveValue('3');
    await cook.press('Record these minutes');
    for (let steps = 0; steps < 2; steps += 1) {
      await expect(box(page)).toContainText('Not boiled long enough. Do not taste it');
      await expect(box(page).getByRole('button', { name: /^Back to the heat: \d+.min more$/ })).toBeVisible();
      const says = (await page.locator('#place').innerText()).replace('Do not taste it', '');
      expect(says).not.toMatch(/\btaste\b|safe to drink|(?<!not )boiled enough/i);
      await cook.doesStep();
    }
    await box(page)
      .getByRole('button', { name: /^Back to the heat/ })
      .click();
    await expect(cook.heading()).toHaveText('Bring it to the boil');
    await expect(box(page)).toContainText('Do not taste');
    await expect(box(page).getByRole('button')).toHaveCount(0);
    await cook.doesStep();
    await page.clock.fastForward(15 * 60_000);
    // While it boils the box goes as soon as it is true.
    await expect(page.getByRole('timer')).toContainText('boiled enough');
    await expect(box(page)).toHaveCount(0);
    await cook.doesStep();
    await expect(box(page)).toHaveCount(0);
    await cook.finishes();
    await expect(page.getByText('Boiled enough: safe to drink.')).toBeVisible();
  });

test('pressed after one second and finished so, nothing says it is safe', async ({ page }) => {
  const cook = await holding(page, 0);
  await question(page).getByRole('textbox').fill('0');
  await cook.press('Record these minutes');
  await expect(cook.heading()).not.toHaveText('Hold at the boil');
  await cook.finishes();
  await expect(page.getByText(/has not been boiled enough/)).toBeVisible();
  await expect(page.getByText(/safe to drink/)).toHaveCount(0);
  await page.getByRole('link', { name: 'To the shelf' }).click();
  await expect(page.getByRole('button', { name: /not boiled enough: do not drink it/ }).first()).toBeVisible();
});

test('gone back from a hold cut short, the timer is the planned one, and Undo brings the time back', async ({
  page,
}) => {
  const cook = await holding(page, 3);
  await cook.press('Record these minutes');
  await expect(box(page)).toContainText('Not boiled long enough');
  await cook.press('Go back');
  await expect(cook.heading()).toHaveText('Hold at the boil');
  const start = page.getByRole('button', { name: /^Start: \d+.min$/ });
  const planned = await start.innerText();
  await expect(page.getByText(`Keep it boiling ${planned.replace('Start: ', '')}`)).toBeVisible();
  await cook.press('Undo');
  await expect(cook.heading()).not.toHaveText('Hold at the boil');
  await expect(box(page)).toContainText('Not boiled long enough');
});
