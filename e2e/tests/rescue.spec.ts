import { expect, test } from '@playwright/test';
import type { Locator } from '@playwright/test';
import { Cook } from './cook';

const rescue = async (cook: Cook, what: string): Promise<Locator> => {
  await cook.press(/^Rescue$/);
  const dialog = cook.page.getByRole('dialog', { name: 'What is wrong?' });
  await dialog.getByRole('button', { name: what, exact: true }).click();
  return dialog;
};
const steps = (cook: Cook): Promise<string[]> =>
  cook.page.getByRole('navigation', { name: 'Steps of this batch' }).getByRole('listitem').allInnerTexts();

test('too thick: water comes in as a step, with how much; a reload keeps it; taken back, the batch is as it was', async ({
  page,
}) => {
  const cook = await Cook.enter(page, 'own');
  await cook.plans('Ice cold, brief');
  await cook.starts();
  await cook.goesOnUntil('Jar');
  const before = await steps(cook);
  const dialog = await rescue(cook, 'too thick');
  const move = dialog.getByRole('button', { name: /^Do it: Stir in \d+\s*g of water/ });
  await expect(dialog.getByRole('region', { name: 'Next time' })).toBeVisible();
  const grams = /in (\d+)\s*g/.exec((await move.getAttribute('aria-label')) ?? '')?.[1];
  await move.click();
  await expect(cook.heading()).toHaveText('Add water');
  await expect(page.getByRole('list', { name: 'How much' })).toHaveText(new RegExp(`${grams}\\s*g water`));
  await cook.rests();
  await page.reload();
  await expect(cook.heading()).toHaveText('Add water');
  // Beside the steps it says what it is against, and is taken back there as well as at the step.
  await expect(page.getByRole('region', { name: 'Rescues' })).toContainText('Against too thick: Add water');
  await cook.press('Take back: against too thick');
  await expect(cook.heading()).toHaveText('Jar');
  expect(await steps(cook)).toEqual(before);
});

test('boiled over: what went is told, the litres follow, and the book says what was done against it', async ({
  page,
}) => {
  const cook = await Cook.enter(page, 'own');
  await cook.plans('Raw ground, washed');
  await cook.starts();
  await cook.goesOnUntil('Hold at the boil');
  const milk = page.getByRole('region', { name: 'What it should bring' }).getByRole('row', { name: /^milk/ });
  const litres = async (): Promise<number> => Number(/([\d.]+)\s*L/.exec(await milk.innerText())?.[1]);
  const before = await litres();
  const dialog = await rescue(cook, 'boiled over');
  await dialog.getByRole('textbox', { name: /^ran over or out/ }).fill('300');
  await dialog.getByRole('button', { name: /^Record/ }).click();
  await expect(dialog.getByText('recorded 300 g')).toBeVisible();
  await expect(dialog.getByRole('button', { name: /^Do it: Stir in \d+\s*g of water/ })).toBeVisible();
  await dialog
    .getByRole('button', { name: /^Do it/ })
    .first()
    .click();
  await expect(dialog).toHaveCount(0);
  await expect(page.getByRole('region', { name: 'Rescues' })).toContainText('Against boiled over');
  expect(await litres()).toBeLessThanOrEqual(before);
  await cook.finishes();
  await page.getByRole('link', { name: 'In the book' }).click();
  const log = page.getByRole('region', { name: 'Log' });
  await expect(log).toContainText(/ran over or out, about: 300 g/);
  await expect(log).toContainText('Against boiled over:');
});

test('called away for three hours: open milk is not to be saved, and nothing is offered that would', async ({
  page,
}) => {
  const cook = await Cook.enter(page, 'own');
  await cook.plans('Ice cold, brief');
  await cook.starts();
  await cook.goesOnUntil('Jar');
  await cook.waits(3);
  const dialog = await rescue(cook, 'called away');
  await expect(dialog.getByText(/throw it away/)).toBeVisible();
  await expect(dialog.getByRole('button', { name: /^Do it/ })).toHaveCount(0);
});

test('a pot that nobody stirs is said to catch; a press says it was stirred, and a reload knows it', async ({
  page,
}) => {
  const cook = await Cook.enter(page, 'own');
  await cook.plans('No soak');
  await cook.starts();
  await cook.goesOnUntil('Bring it to the boil');
  await cook.doesStep();
  await expect(cook.heading()).toHaveText('Hold at the boil');
  const caught = page.locator('[data-stirring]');
  await expect(caught).toHaveCount(0);
  await page.clock.fastForward(180_000);
  await expect(caught).toContainText(/Not stirred for 3\s*min/);
  await cook.press(/^Stirred$/);
  await expect(caught).toHaveCount(0);
  await cook.rests();
  await page.reload();
  await expect(cook.heading()).toHaveText('Hold at the boil');
  await expect(caught).toHaveCount(0);
});

test('milk in a jar that is too salty: so much water to a hundred grams', async ({ page }) => {
  const cook = await Cook.enter(page, 'demo');
  await cook.jars().first().click();
  await cook.press('Something is wrong');
  await cook.press('too salty');
  await expect(page.getByRole('dialog').getByText(/Stir 35\s*g of water into each 100 g/)).toBeVisible();
  await cook.press('Back to the jar');
  await expect(page.getByRole('button', { name: 'How is it?' })).toBeVisible();
});
