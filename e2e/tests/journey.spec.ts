import { expect, test } from '@playwright/test';
import { Cook } from './cook';
import { manifestOf } from './files';

test('a soy milk from plan to jar, through a reload, out to a file and back', async ({ page }) => {
  test.setTimeout(120_000);
  const cook = await Cook.enter(page, 'own');
  await expect(page.getByRole('heading', { name: 'Your shelf is empty' })).toBeVisible();
  await cook.plans('No soak');
  await cook.starts();

  await cook.goesOnUntil('Strain');
  const promised = await page.getByRole('row', { name: /^milk/ }).getByRole('cell').first().innerText();
  await cook.records('milk that came through', '900');
  await expect(page.locator('[data-changed]')).toContainText(/instead of/);
  await expect(page.getByRole('row', { name: /^milk/ }).getByRole('cell').first()).not.toHaveText(promised);

  await page.reload();
  await expect(cook.heading()).toHaveText('Strain');
  await expect(page.locator('[data-changed]')).toContainText(/instead of/);

  await cook.goesOnUntil('Jar');
  await cook.records('weight in the jars, all together', '780');
  await cook.finishes();

  const shelf = await cook.shelf();
  expect(shelf.map((j) => j.replace(/\s/g, ' '))).toEqual([
    expect.stringMatching(/^soy milk, batch 1, 7\d\d ml, .* left$/),
    expect.stringMatching(/^pulp, batch 1, \d+ g, .*not boiled enough$/),
  ]);

  await cook.jars().first().click();
  await cook.press('Pour out');
  await cook.press('200 ml');
  await expect(page.getByRole('dialog')).toContainText('How was it?');
  await cook.press('Not now');
  await expect(page.getByRole('dialog')).toContainText(/5\d\d\sml/);
  await page.keyboard.press('Escape');
  const poured = await cook.shelf();

  const file = await cook.exports();
  expect(manifestOf(file)).toMatchObject({ format: 'ironpan-kitchen', version: 3, counts: { batches: 1 } });
  await cook.empties();
  await cook.go('/');
  await expect(page.getByRole('heading', { name: 'Your shelf is empty' })).toBeVisible();

  await cook.go('/kit');
  await cook.choosesFile(file);
  await expect(page.getByText(/is a whole kitchen/)).toBeVisible();
  await cook.press('Merge it in');
  await expect(page.getByText('The file was merged into this kitchen.')).toBeVisible();
  expect(await cook.shelf()).toEqual(poured);

  await cook.go('/book');
  await expect(page.getByRole('row', { name: /no soak/ })).toContainText('done');
  await page.getByRole('link', { name: /no soak/ }).click();
  await expect(page.getByRole('region', { name: 'Figures' })).toContainText('measured');
  await expect(page.getByRole('region', { name: 'Log' })).toContainText('weight in the jars, all together: 780 g');
});

test('a jar is finished or thrown away with a reason, and that can be taken back', async ({ page }) => {
  const cook = await Cook.enter(page, 'demo');
  await expect(cook.jars().first()).toBeVisible();
  const before = await cook.jars().count();
  expect(before).toBeGreaterThan(3);
  await cook.jars().first().click();
  await cook.press('Thrown away');
  await cook.press('Nobody liked it');
  await cook.press('It was still fine');
  await cook.press('It is thrown away');
  await expect(cook.jars()).toHaveCount(before - 1);
  await cook.press('Take it back');
  await expect(cook.jars()).toHaveCount(before);
  await cook.jars().first().click();
  await cook.press('Finished, all used');
  await expect(cook.jars()).toHaveCount(before - 1);
});

test('raw pulp is told raw until it has been boiled', async ({ page }) => {
  const cook = await Cook.enter(page, 'own');
  await cook.plans('No soak');
  await cook.starts();
  await cook.finishes();
  await cook.go('/');
  await page.getByRole('button', { name: /^pulp, batch 1/ }).click();
  await expect(page.getByRole('dialog')).toContainText('This pulp is raw');
  await cook.press(/^I have boiled it/);
  await expect(page.getByRole('dialog')).not.toContainText('This pulp is raw');
  await expect(page.getByRole('dialog')).toContainText('boiled');
});

test('what soaks is shown drinking, on the shelf and on the worktop of every page', async ({ page }) => {
  const cook = await Cook.enter(page, 'demo');
  const soaking = page.getByRole('region', { name: 'Soaking' });
  const drunk = async (): Promise<number> => Number(/drunk\s+(\d+)/.exec(await soaking.innerText())?.[1]);
  const first = await drunk();
  expect(first).toBeGreaterThan(50);
  await cook.waits(2);
  await expect.poll(drunk).toBeGreaterThan(first);
  for (const path of ['/plan', '/book', '/kit']) {
    await cook.go(path);
    await expect(page.getByRole('region', { name: 'Worktop' })).toContainText(/of\s10\sh/);
  }
});
