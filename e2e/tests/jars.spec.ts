import { expect, test } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { Cook } from './cook';

const SOY = 'Raw ground, washed, soy milk';

test('a batch is filled into the cook’s own vessels; what finds no place is said', async ({ page }) => {
  const cook = await Cook.enter(page, 'demo');
  await cook.plans(SOY);
  await cook.starts();
  await cook.goesOnUntil(/^Jar/);
  const fill = page.getByRole('region', { name: 'Into which jars' });
  await expect(fill).toContainText('Litre jar');
  await fill.getByRole('button', { name: 'one Litre jar less' }).click();
  await expect(fill).toContainText('find no place');
  await fill.getByRole('button', { name: 'one Half-litre jar more' }).click();
  await expect(fill.getByLabel('1 of Half-litre jar')).toBeVisible();
  await fill.getByRole('button', { name: 'one Half-litre jar more' }).click();
  await expect(fill).not.toContainText('find no place');
  // Written at once: a reload forgets nothing.
  await page.reload();
  await expect(fill.getByLabel('2 of Half-litre jar')).toBeVisible();
  await cook.finishes();
  await cook.go('/');
  const mine = page.getByRole('button', { name: /batch 18/ }).filter({ hasNotText: 'pulp' });
  await expect(mine).toHaveCount(3);
});

test('a jar is poured over into a box for the freezer, and taken back; glass is warned of', async ({ page }) => {
  const cook = await Cook.enter(page, 'demo');
  await expect(cook.jars().nth(3)).toBeVisible();
  const jars = await cook.jars().count();
  await cook.jars().nth(3).click();
  await cook.press('Put it elsewhere');
  await expect(page.getByRole('dialog')).toContainText('This is glass: it cracks in the freezer.');
  await page.getByRole('dialog').getByRole('button', { name: 'Pour it over' }).click();
  await page.getByRole('combobox', { name: 'into' }).selectOption({ label: 'Freezer box, empty' });
  await cook.types('how much', '150');
  await page.getByRole('dialog').getByRole('button', { name: 'Pour it over' }).click();
  await expect(page.getByText('150 ml poured over.')).toBeVisible();
  await page.getByRole('dialog').getByRole('button', { name: 'Close' }).click();
  await expect(cook.jars()).toHaveCount(jars + 1);
  await cook.press('Take it back');
  await expect(cook.jars()).toHaveCount(jars);
});

test('a label says what it is, and its code finds the jar', async ({ page }) => {
  const cook = await Cook.enter(page, 'demo');
  await cook.jars().first().click();
  const sheet = page.getByRole('dialog');
  const code = await sheet.locator('dt', { hasText: 'Code' }).locator('xpath=following-sibling::dd').innerText();
  const coming = page.waitForEvent('download');
  await cook.press('Its label');
  const pdf = readFileSync(await (await coming).path(), 'latin1');
  expect(pdf.startsWith('%PDF-')).toBe(true);
  for (const words of [`(${code})`, 'Use by', 'Made', 'Contains soy.', 'solids']) expect(pdf).toContain(words);
  await sheet.getByRole('button', { name: 'Close' }).click();
  await page.getByRole('searchbox', { name: 'Find a jar by its code' }).fill('zzzzz');
  await expect(page.getByRole('alert').filter({ hasText: 'No jar with the code' })).toBeVisible();
  await page.getByRole('searchbox', { name: 'Find a jar by its code' }).fill(` ${code.toLowerCase()}`);
  await expect(sheet).toContainText(code);
});

test('an old label leads to what became of its jar, and a strange one to a plain word', async ({ page }) => {
  const cook = await Cook.enter(page, 'demo');
  await cook.jars().first().click();
  await expect(page.getByRole('dialog')).toBeVisible();
  const id = new URL(page.url()).searchParams.get('jar') ?? '';
  await cook.press('Finished, all used');
  await expect(page.getByRole('button', { name: 'Take it back' })).toBeVisible();
  await cook.go(`/?jar=${encodeURIComponent(id)}`);
  await expect(page.getByText(/This jar stands here no more: it was finished/)).toBeVisible();
  await page.getByRole('link', { name: 'Its batch, in the book' }).click();
  await expect(page).toHaveURL(/\/book\//);
  await cook.go('/?jar=nobody');
  await expect(page.getByText('This label is of no jar of this kitchen.')).toBeVisible();
});

test('a jar that was heated says so, and what that does to its time before it is recorded', async ({ page }) => {
  const cook = await Cook.enter(page, 'demo', '/?jar=demo-batch-14:milk:1');
  const sheet = page.getByRole('dialog');
  await cook.press('I heated it');
  await cook.types('How long it stayed so hot', 'x');
  await expect(sheet.getByRole('alert')).toContainText('x');
  await expect(page.getByRole('button', { name: 'Record the heating' })).toBeDisabled();
  await cook.types('How hot it was', '99');
  await expect(sheet.getByText(/Water boils at that here/)).toBeVisible();
  await cook.types('How hot it was', '58');
  await cook.types('How long it stayed so hot', '1');
  await expect(sheet.getByRole('status')).toContainText('This heating gives it no time back.');
  await cook.press('Record the heating');
  await expect(page.getByText(/^Heated to 58/)).toBeVisible();
  await sheet.getByRole('button', { name: 'Close' }).click();
  await cook.press('Take it back');
  await expect(page.getByRole('button', { name: 'Take it back' })).toHaveCount(0);
});

test('milk that a check found gone off has no time left, heated or not, until that is taken back', async ({ page }) => {
  const cook = await Cook.enter(page, 'demo', '/?jar=demo-batch-14:milk:1&do=look');
  const sheet = page.getByRole('dialog');
  await sheet.getByRole('button', { name: 'sour', exact: true }).click();
  await cook.press('Keep this look');
  await expect(sheet).toContainText('Throw it away. Heat does not make it good again');
  await expect(sheet.locator('.rowline').filter({ hasText: 'Use by' })).toContainText('gone off');
  await expect(sheet).not.toContainText('past its time');
  await cook.press('I heated it');
  await cook.press('I boiled it');
  await cook.types('How long it boiled', '10');
  await expect(sheet.getByRole('status')).toContainText('heat does not make spoiled food good again');
});

test('frozen jars stand on a board of their own, and nothing is poured from ice', async ({ page }) => {
  const cook = await Cook.enter(page, 'demo', '/?jar=demo-batch-14:milk:1&do=move');
  const sheet = page.getByRole('dialog');
  const row = sheet.getByRole('listitem').filter({ hasText: 'In the freezer' });
  await row.getByRole('button', { name: 'Put it there' }).click();
  await expect(page.getByText('In the freezer now.')).toBeVisible();
  await cook.waits(20);
  await cook.go('/');
  const freezer = page.getByRole('region', { name: /^Freezer −?-?18/ });
  await expect(freezer.getByRole('button')).toHaveCount(1);
  await freezer.getByRole('button').click();
  await expect(sheet).toContainText(/In the fridge it is liquid after about \d+.h/);
  await expect(sheet).toContainText('Move to the fridge by');
  await expect(sheet.getByRole('button', { name: 'Pour out' })).toHaveCount(0);
  await cook.press('Put it elsewhere');
  await sheet
    .getByRole('listitem')
    .filter({ hasText: 'In the fridge' })
    .getByRole('button', { name: 'Put it there' })
    .click();
  await expect(page.getByText('In the fridge now.')).toBeVisible();
  await cook.go('/');
  await expect(page.getByRole('button', { name: /thawing, liquid in about/ })).toHaveCount(1);
});
