import { expect, test } from '@playwright/test';
import { findViolations } from './axe';
import { Cook } from './cook';

test('two things at once: one is begun beside the other, each keeps its own time, and a pause holds one alone', async ({
  page,
}) => {
  const cook = await Cook.enter(page, 'own');
  await cook.plans('Graded extracts');
  await cook.starts();
  await cook.goesOnUntil('Wash the pulp');
  const beside = page.getByRole('region', { name: 'Beside this' });
  await expect(beside).toContainText('can be begun');
  // The first extract can cool while the pulp is washed.
  await beside.getByRole('link', { name: /^Cool/ }).first().click();
  await expect(cook.heading()).toHaveText(/^Cool the/);
  await cook.press(/^Start/);
  await expect(beside.getByRole('link', { name: /Wash the pulp/ })).toBeVisible();
  await beside.getByRole('link', { name: /Wash the pulp/ }).click();
  await expect(cook.heading()).toHaveText('Wash the pulp');
  await expect(beside).toContainText(/\d:\d\d/);
  // The worktop is the switch: it leads to what runs.
  const worktop = page.getByRole('region', { name: 'Worktop' });
  await worktop.getByRole('link', { name: /^Cool/ }).click();
  await expect(cook.heading()).toHaveText(/^Cool the/);
  await cook.press('Pause');
  await expect(page.getByRole('timer')).toContainText('Paused');
  const held = await page.getByRole('timer').locator('p').first().innerText();
  await worktop.getByRole('link', { name: /Wash the pulp · / }).click();
  await page.clock.fastForward(60_000);
  await cook.press('Done, next');
  await expect(cook.heading()).toHaveText('Wash the pulp');
  await worktop.getByRole('link', { name: /^Paused · Cool/ }).click();
  await expect(page.getByRole('timer').locator('p').first()).toHaveText(held);
  // Chosen, it stays chosen after a reload, and once it is done whatever is next stands there.
  await page.reload();
  await expect(cook.heading()).toHaveText(/^Cool the/);
  await cook.press('Done, next');
  const asPlanned = page.getByRole('button', { name: /^As planned/ });
  if (await asPlanned.isVisible()) await asPlanned.click();
  await expect(cook.heading()).toHaveText('Wash the pulp');
  expect(await findViolations(page)).toEqual([]);
});

test('by keys alone: space starts and holds, enter says done; in a field they are letters', async ({ page }) => {
  const cook = await Cook.enter(page, 'own');
  await cook.plans('No soak');
  await cook.starts();
  await expect(cook.heading()).toHaveText('Pick over and wash');
  await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
  await page.keyboard.press('Enter');
  await expect(cook.heading()).toHaveText('Boil the beans whole');
  await page.keyboard.press(' ');
  await expect(page.getByRole('timer')).toBeVisible();
  await page.keyboard.press(' ');
  await expect(page.getByRole('timer')).toContainText('Paused');
  await page.keyboard.press(' ');
  await expect(page.getByRole('timer')).not.toContainText('Paused');
  const water = cook.field('water');
  await water.fill('88');
  await water.press('0');
  await water.press(' ');
  await expect(page.getByRole('timer')).not.toContainText('Paused');
  await expect(cook.heading()).toHaveText('Boil the beans whole');
});

test('a jug says where to stop: slime climbs, and a milk without slime shows its cells', async ({ page }) => {
  const cook = await Cook.enter(page, 'own');
  await cook.plans('The middle way');
  await cook.starts();
  const now = page.getByRole('region', { name: 'Now', exact: true });
  await expect(now).toContainText(/slip clean, at the stop silky; slippery from 1:\d\d/);
  await cook.press(/^Start/);
  await page.clock.runFor(40_000);
  await expect(now).toContainText(/slip silky, at the stop silky/);
  await cook.plans('No soak');
  await cook.starts();
  await cook.goesOnUntil(/^Grind load 1/);
  await expect(now).toContainText(/cells open 0\s%, at the stop 8\d\s%/);
});
