import { expect, test } from '@playwright/test';
import { Cook } from './cook';

test('a corrected reading reckons the batch and its jars anew; the log keeps both', async ({ page }) => {
  const cook = await Cook.enter(page, 'own');
  await cook.plans('No soak');
  await cook.starts();
  await cook.goesOnUntil('Jar');
  await cook.records('weight in the jars, all together', '800');
  await cook.finishes();
  const before = await cook.shelf();
  await cook.go('/book');
  await page.getByRole('link', { name: /no soak/ }).click();
  const readings = page.getByRole('region', { name: 'Readings' });
  await readings.locator('summary').filter({ hasText: 'Jar' }).click();
  await cook.records('weight in the jars, all together', '700');
  await expect(page.getByRole('region', { name: 'Log' })).toContainText('800 g');
  await expect(page.getByRole('region', { name: 'Log' })).toContainText('700 g');
  const after = await cook.shelf();
  expect(after).not.toEqual(before);
  expect(after[0]?.replace(/\s/g, ' ')).toMatch(/^soy milk, batch 1, 6\d\d ml/);
});

test('a finished batch is opened again at the bench, and its jars are filled anew at the end', async ({ page }) => {
  const cook = await Cook.enter(page, 'own');
  await cook.plans('No soak');
  await cook.starts();
  await cook.finishes();
  await page.getByRole('link', { name: 'In the book' }).click();
  await cook.press('Open it again at the bench');
  await expect(cook.heading()).toHaveText('Jar');
  // Pressed twice at one step, it goes back one: what comes before is waited for.
  for (const before of ['Add salt', 'Cool']) {
    await cook.press('Go back');
    await expect(cook.heading()).toHaveText(before);
  }
  await cook.finishes();
  await expect(page.getByRole('link', { name: 'To the shelf' })).toBeVisible();
  expect((await cook.shelf()).filter((j) => j.startsWith('soy milk'))).toHaveLength(1);
});

test('milk that was not held long enough is a danger everywhere, until it is boiled for what it still needs', async ({
  page,
}) => {
  const cook = await Cook.enter(page, 'own');
  await cook.plans('No soak');
  await cook.types('hold at the boil', '4');
  await cook.starts();
  await cook.finishes();
  await expect(page.getByText(/has not been boiled enough/)).toBeVisible();
  await page.getByRole('link', { name: 'In the book' }).click();
  await expect(page.getByText(/was not boiled enough/)).toBeVisible();
  await cook.go('/book');
  await expect(page.getByRole('row', { name: /no soak/ })).toContainText('not boiled enough');
  await cook.go('/');
  await expect(page.getByRole('button', { name: /not boiled enough: do not drink it/ })).toHaveCount(2);
  await expect(page.getByRole('region', { name: 'Next' })).toContainText(/more at the true boil/);
  await page
    .getByRole('button', { name: /now, or throw it away/ })
    .first()
    .click();
  const sheet = page.getByRole('dialog', { name: /^Not boiled enough/ });
  await expect(sheet).toContainText('do not drink it');
  await expect(page.getByRole('button', { name: 'Pour out' })).toHaveCount(0);
  await sheet.getByRole('button', { name: /^I have boiled it/ }).click();
  await expect(page.getByRole('dialog')).not.toContainText('do not drink it');
  await expect(page.getByRole('button', { name: 'Pour out' })).toBeVisible();
});

test('leaving out the boil is allowed only after reading what that means', async ({ page }) => {
  const cook = await Cook.enter(page, 'own');
  await cook.plans('No soak');
  await cook.starts();
  await cook.goesOnUntil('Bring it to the boil');
  await cook.press('Leave out');
  await expect(page.getByRole('dialog')).toContainText(/never boils the milk/);
});

test('promised, reckoned and measured stand apart; the demo’s batches scatter about their promise', async ({
  page,
}) => {
  const cook = await Cook.enter(page, 'demo', '/book');
  const rows = page.getByRole('row').filter({ hasText: 'done' });
  await expect(rows.first()).toBeVisible();
  expect(await rows.count()).toBeGreaterThanOrEqual(12);
  const words = await rows.evaluateAll((all) =>
    all.map((r) => [...r.querySelectorAll('td')].map((c) => c.textContent)),
  );
  const differ = words.filter((w) => w[2] !== w[3]);
  expect(differ.length).toBeGreaterThan(6);
  await expect(page.getByRole('row').filter({ hasText: 'abandoned' })).toHaveCount(1);
  await cook.go('/book/demo-batch-7');
  await expect(page.getByRole('region', { name: 'Log' })).toContainText('Abandoned: scorched');
});

test('a way that is only looked at is in no list; a batch is made again, as planned and as it went', async ({
  page,
}) => {
  const cook = await Cook.enter(page, 'own');
  await cook.plans('No soak');
  await expect(page.getByText(/a draft: kept once/)).toBeVisible();
  await cook.go('/plan');
  await expect(page.getByRole('region', { name: 'Your plans' })).toHaveCount(0);
  await cook.plans('No soak');
  await cook.types('fresh water', '1210');
  await cook.rests();
  await cook.go('/plan');
  await expect(page.getByRole('region', { name: 'Your plans' }).getByRole('link')).toHaveCount(1);
  await page.getByRole('link', { name: /Soy milk, no soak/ }).click();
  await cook.starts();
  await cook.goesOnUntil(/^Grind load 1/);
  await cook.records('fresh water', '1300');
  await cook.finishes();
  await page.getByRole('link', { name: 'In the book' }).click();
  const batch = page.url();
  await page.getByRole('button', { name: 'Make it again', exact: true }).click();
  await expect(cook.field('fresh water')).toHaveValue('1210');
  await page.goto(batch);
  await cook.press('Make it again, as it really went');
  await expect(cook.field('fresh water')).toHaveValue('1300');
});

test('the book is searched by name, milk or number, and read in another order', async ({ page }) => {
  const cook = await Cook.enter(page, 'demo', '/book');
  const batches = page.getByRole('region', { name: 'Batches' });
  const names = async (): Promise<string[]> =>
    (await batches.getByRole('rowheader').allInnerTexts()).map((x) => x.trim());
  await expect(batches.getByRole('rowheader').first()).toBeVisible();
  const all = await names();
  await page.getByRole('searchbox', { name: 'Find a batch by name, milk or number' }).fill('oat');
  await expect.poll(async () => (await names()).length).toBeLessThan(all.length);
  expect((await names()).length).toBeGreaterThan(0);
  await page.getByRole('searchbox').fill('nothing is called so');
  await expect(page.getByText('No batch is called so.')).toBeVisible();
  await page.getByRole('searchbox').fill('');
  await expect.poll(async () => (await names()).length).toBe(all.length);
  // By milk, by what became of it, and both; what is nowhere is said.
  await page.getByLabel('of which milk').selectOption('oat');
  await expect.poll(async () => (await names()).length).toBeLessThan(all.length);
  const oats = (await names()).length;
  await page.getByLabel('which of them').selectOption('turned');
  await expect.poll(async () => (await names()).length).toBeLessThan(oats);
  await page.getByLabel('of which milk').selectOption('');
  await expect(batches.locator('tbody td', { hasText: /turned/ }).first()).toBeVisible();
  await page.getByLabel('which of them').selectOption('shelf');
  await expect.poll(async () => (await names()).length).toBeGreaterThan(0);
  await page.getByRole('searchbox').fill('nothing is called so');
  await expect(page.getByText('No batch is all of that.')).toBeVisible();
  await page.getByRole('searchbox').fill('');
  await page.getByLabel('which of them').selectOption('all');
  await expect.poll(async () => (await names()).length).toBe(all.length);
  await page.getByLabel('order', { exact: true }).selectOption('oldest');
  await expect.poll(async () => (await names())[0]).toBe(all.at(-1));
  await cook.rests();
});
