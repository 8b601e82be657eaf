import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import type { Page } from '@playwright/test';
import { Cook } from './cook';

const file = (name: string, text: string, mimeType = 'text/csv') => ({ name, mimeType, buffer: Buffer.from(text) });
const PAGE = (recipe: object): string =>
  `<!doctype html><title>Milk</title><script type="application/ld+json">{"@type":"WebPage"}</script>
   <script type="application/ld+json">${JSON.stringify({ '@context': 'https://schema.org', '@graph': [recipe] })}</script><p>words`;

test('a plan on a card: one page of paper, and a recipe file that comes back as the same plan', async ({ page }) => {
  const cook = await Cook.enter(page, 'own');
  await cook.plans('The middle way');
  await page.getByRole('textbox', { name: 'Name of the plan' }).fill('Weekday oat');
  await cook.types('fresh water', '930');
  await cook.rests();
  await page.getByRole('link', { name: 'As a card' }).click();
  const card = page.getByRole('article', { name: 'Card' });
  await expect(card.getByRole('heading', { name: 'Weekday oat' })).toBeVisible();
  await expect(card.getByRole('region', { name: 'What to take' })).toContainText(/930\sg water/);
  await expect(card.getByRole('region', { name: 'What to do' }).getByRole('listitem').first()).toBeVisible();
  await expect(card).toContainText('your local food-safety authority decides');
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('button', { name: 'Print it' })).toBeHidden();
  const pdf = (await page.pdf({ format: 'A4' })).toString('latin1');
  expect(pdf.match(/\/Type\s*\/Page\b/g)).toHaveLength(1);
  await page.emulateMedia({ media: 'screen' });
  const coming = page.waitForEvent('download');
  await page.getByRole('button', { name: 'As a recipe file' }).click();
  const got = await coming;
  expect(got.suggestedFilename()).toBe('weekday-oat.recipe.json');
  const text = readFileSync(await got.path(), 'utf8');
  expect(JSON.parse(text)).toMatchObject({ '@context': 'https://schema.org', '@type': 'Recipe', name: 'Weekday oat' });
  await cook.go('/');
  await cook.go('/plan');
  await cook.press('Paste a recipe');
  await recipeFile(page, file('weekday-oat.recipe.json', text, 'application/json'));
  await page.getByRole('button', { name: 'Make it a plan' }).click();
  await expect(page.getByRole('textbox', { name: 'Name of the plan' })).toHaveValue('Weekday oat');
  await expect(cook.field('fresh water')).toHaveValue('930');
});
const recipeFile = (page: Page, f: ReturnType<typeof file>): Promise<void> =>
  page.getByLabel('Or a recipe’s file, or a web page that was saved with one in it').setInputFiles(f);

test('a foreign recipe: HTML inside is read as text, what it does not say is asked, what is none is told', async ({
  page,
}) => {
  const cook = await Cook.enter(page, 'own', '/plan');
  await cook.press('Paste a recipe');
  const alert = page.getByRole('dialog').getByRole('alert');
  await recipeFile(page, file('x.json', 'no json'));
  await expect(alert).toContainText('This is no recipe file');
  await recipeFile(page, file('x.html', '<html><p>nothing here</p></html>', 'text/html'));
  await expect(alert).toContainText('There is no recipe in this file');
  await recipeFile(page, file('x.json', JSON.stringify({ '@type': 'Recipe', name: 'x' })));
  await expect(alert).toContainText('neither what to take nor what to do');
  const german = { '@type': 'Recipe', name: 'Hafermilch', recipeIngredient: ['100 g Haferflocken', '1 l Wasser'] };
  await recipeFile(page, file('x.json', JSON.stringify(german)));
  await expect(alert).toBeVisible();
  const recipe = {
    '@type': 'Recipe',
    name: 'Oat &amp; honey <b>milk</b>',
    recipeIngredient: ['<b>Rolled oats</b>', '1&nbsp;l <i>water</i>'],
    recipeInstructions: '<p>Blend 30 seconds.</p><p>Strain gently.</p><img src=x onerror="document.title=1">',
  };
  await recipeFile(page, file('x.html', PAGE(recipe), 'text/html'));
  const read = page.getByRole('list', { name: 'What was read' });
  await expect(read.getByRole('listitem').first()).toContainText('“Rolled oats”');
  await expect(page.getByText('One line still asks something.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Make it a plan' })).toBeDisabled();
  await page.getByRole('textbox', { name: 'grams' }).fill('100');
  await page.getByRole('button', { name: 'Make it a plan' }).click();
  await expect(page.getByRole('textbox', { name: 'Name of the plan' })).toHaveValue('Oat & honey milk');
});

test('readings come in from a table: a fault takes nothing, decimal commas are read, and twice is once', async ({
  page,
}) => {
  const cook = await Cook.enter(page, 'demo', '/book');
  await cook.press('As CSV');
  const dialog = page.getByRole('dialog');
  const table = dialog.getByLabel('A table of readings');
  await table.setInputFiles(file('r.csv', 'batch,step,reading,value,unit\n14,Strain,milk that came through,8,stone'));
  await expect(dialog.getByRole('alert')).toContainText('Line 2: the unit “stone” is not known here');
  await expect(dialog.getByRole('button', { name: 'Write them down' })).toHaveCount(0);
  const good = file('r.csv', 'unit;value;batch;reading;step\ng;1012,5;8;milk that came through;Strain\n');
  await table.setInputFiles(good);
  await expect(dialog).toContainText(/(One new reading|one corrected) of one batch/);
  await dialog.getByRole('button', { name: 'Write them down' }).click();
  await expect(page.getByText(/written down\.$/)).toBeVisible();
  await cook.press('As CSV');
  await table.setInputFiles(good);
  await expect(dialog).toContainText('1 known already.');
  await page.keyboard.press('Escape');
  await cook.go('/book/demo-batch-8');
  await expect(page.getByRole('region', { name: 'Log' })).toContainText(/1.013 g|1.012\.5|1.013/);
});

test('from the dark theme a card prints black on white', async ({ page }) => {
  await page.emulateMedia({ colorScheme: 'dark', media: 'print' });
  const cook = await Cook.enter(page, 'demo');
  await cook.go('/book/demo-batch-14/card');
  const colours = await page
    .getByRole('article', { name: 'Card' })
    .getByRole('heading', { level: 1 })
    .evaluate((h) => ({
      ink: getComputedStyle(h).color,
      paper: getComputedStyle(document.documentElement).backgroundColor,
    }));
  expect(colours).toEqual({ ink: 'rgb(0, 0, 0)', paper: 'rgb(255, 255, 255)' });
});
