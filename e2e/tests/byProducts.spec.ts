import { expect, test } from '@playwright/test';
import { Cook } from './cook';

test('boiled pulp is dried to flour, raw pulp is not; and what it will do is said', async ({ page }) => {
  const cook = await Cook.enter(page, 'demo');
  const board = page.getByRole('region', { name: 'Pulp and by-products' });
  const sheet = page.getByRole('dialog');
  await board.getByRole('button', { name: /batch 12/ }).click();
  await expect(sheet).toContainText('Water in it');
  await expect(sheet).toContainText('In porridge, patties and dough');
  await cook.press('Dry it');
  await expect(sheet.getByRole('status')).toContainText(/About \d+\sh/);
  await cook.types('layer', '4');
  await expect(sheet.getByRole('status')).toContainText('it moulds before it is dry');
  await expect(page.getByRole('button', { name: 'It is dry' })).toBeDisabled();
  await cook.types('layer', '0.8');
  await cook.press('It is dry');
  await expect(sheet).toContainText('For a fifth of the flour');
  await expect(sheet).not.toContainText('Time left');
  await sheet.getByRole('button', { name: 'Close' }).click();
  await expect(board.getByRole('button', { name: /dried/ })).toBeVisible();
});

test('frozen in bricks, one is taken out at a time', async ({ page }) => {
  const cook = await Cook.enter(page, 'demo');
  const sheet = page.getByRole('dialog');
  await page
    .getByRole('region', { name: 'Pulp and by-products' })
    .getByRole('button', { name: /batch 12/ })
    .click();
  await cook.press('Put it elsewhere');
  await cook.types('in bricks of, if you like', '60');
  await sheet.locator('li', { hasText: 'In the freezer' }).getByRole('button', { name: 'Put it there' }).click();
  await expect(sheet).toContainText(/In bricks\s*4 of 60\sg/);
  await cook.press(/^Take out 60/);
  await expect(sheet).toContainText(/In bricks\s*3 of 60\sg/);
});
