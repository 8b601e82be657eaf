import { expect, test } from '@playwright/test';
import { Cook } from './cook';

test('the year: litres, cost beside bought, what was poured away and why, pulp, the best and the worst', async ({
  page,
}) => {
  await Cook.enter(page, 'demo', '/book/year');
  const all = page.getByRole('region', { name: 'All together' });
  await expect(all).toContainText(/from \d+ batches/);
  await expect(all).toContainText(/kWh/);
  const litres = page.getByRole('region', { name: 'Litres by milk' });
  await expect(litres.locator('[data-chart] svg').first()).toBeVisible();
  await litres.getByText('By milk, as a table').click();
  // By milk together they are all that was made.
  const cells = await litres.getByRole('row').locator('td:nth-child(3)').allInnerTexts();
  const inL = (text: string): number => Number(text.replace(/[^\d.]/g, '')) * (/ml/.test(text) ? 0.001 : 1);
  const sum = cells.reduce((s, c) => s + inL(c), 0);
  expect(Math.abs(sum - inL(await all.locator('dd').first().innerText()))).toBeLessThan(0.02);
  await expect(page.getByRole('region', { name: 'Made, and bought' })).toContainText(/bought at 2\.40\s€ a litre/);
  const away = page.getByRole('region', { name: 'Poured away' });
  await away.getByText('As a table').click();
  await expect(away.getByRole('row', { name: /It turned/ })).toBeVisible();
  await expect(away).toContainText('Given up at the bench: one batch (scorched).');
  await expect(away).toContainText(/used, given or dried/);
  const best = page.getByRole('region', { name: 'Best and worst' });
  await expect(best.getByRole('link')).toHaveCount(2);
  await page.getByRole('combobox', { name: 'of which year' }).selectOption('2026');
  await expect(all).toContainText(/from \d+ batches/);
});
test('before the first batch there is no year', async ({ page }) => {
  await Cook.enter(page, 'own', '/book/year');
  await expect(page.getByRole('heading', { name: 'No year yet' })).toBeVisible();
});
