import { expect, test } from '@playwright/test';
import type { Page } from '@playwright/test';
import { Cook } from './cook';

const COCONUT = '/?jar=demo-batch-16:first:1';
const SOY = '/?jar=demo-batch-14:milk:1';
const sheet = (page: Page) => page.getByRole('dialog');
const clearLine = (page: Page) => page.getByRole('slider', { name: /^Line between cream and / });

test('a look in ten seconds, without typing: seen beside expected, in the sheet, the batch and the book', async ({
  page,
}) => {
  const cook = await Cook.enter(page, 'demo', SOY);
  await cook.press('How is it?');
  await expect(page.getByRole('button', { name: /Press what you see/ })).toBeDisabled();
  await page.getByRole('button', { name: 'fine', exact: true }).click();
  await page.getByRole('button', { name: 'slippery', exact: true }).click();
  await page.getByRole('button', { name: 'more, please', exact: true }).click();
  await page
    .getByRole('group', { name: 'How it came back when shaken' })
    .getByRole('button', { name: 'wholly' })
    .click();
  await cook.press('Keep this look');
  const looks = page.getByRole('region', { name: 'Looks' });
  await expect(looks).toContainText('fine');
  await expect(looks).toContainText(/Slip\s*slippery\s*expected: clean/);
  await cook.go('/book/demo-batch-14');
  await expect(page.getByRole('region', { name: 'Jars' })).toContainText(/Slip\s*slippery/);
  await expect(page.getByRole('region', { name: 'What would have helped' })).toContainText(
    'Seen: slippery, worked out as clean; this goes by what was seen.',
  );
  await cook.go('/book');
  await expect(page.getByRole('row', { name: /14 · Weekday soy/ })).toContainText('liked much, slippery');
});

test('half a look survives a closed tab; kept, it is taken back by a press', async ({ page }) => {
  const cook = await Cook.enter(page, 'demo', `${SOY}&do=look`);
  await page.getByRole('button', { name: 'creamy', exact: true }).click();
  await cook.rests();
  await cook.go(`${SOY}&do=look`);
  await expect(page.getByRole('button', { name: 'creamy', exact: true })).toHaveAttribute('aria-pressed', 'true');
  const before = await page.getByRole('region', { name: 'Looks' }).count();
  await cook.press('Keep this look');
  await expect(page.getByRole('region', { name: 'Looks' })).toContainText(/Thickness\s*creamy/);
  await page.keyboard.press('Escape');
  await cook.press('Take it back');
  await cook.rests();
  await cook.go(SOY);
  await expect(sheet(page)).toBeVisible();
  expect(await page.getByText(/Thickness\s*creamy/).count()).toBe(0);
  expect(before).toBe(0);
});

test('layers are said by dragging their line, by keys and by figures, and are drawn as seen from then on', async ({
  page,
}) => {
  const cook = await Cook.enter(page, 'demo', `${COCONUT}&do=look`);
  const line = clearLine(page);
  // To the top: at the foot of a sheet its buttons stand over what scrolls.
  await page.getByRole('heading', { name: /^Layers, before/ }).evaluate((h) => h.scrollIntoView());
  const at = async (): Promise<number> => Number(await line.getAttribute('aria-valuenow'));
  const begun = await at();
  const box = await line.boundingBox();
  if (!box) throw new Error('no line');
  const hold = { x: box.x + box.width - 20, y: box.y + box.height / 2 };
  await page.mouse.move(hold.x, hold.y);
  await page.mouse.down();
  await page.mouse.move(hold.x, hold.y + 15, { steps: 3 });
  await page.mouse.move(hold.x, hold.y + 40, { steps: 3 });
  await page.mouse.up();
  const dragged = await at();
  expect(dragged).toBeLessThan(begun - 8);
  await line.focus();
  await page.keyboard.press('ArrowUp');
  await expect.poll(at).toBe(dragged + 1);
  await cook.field('cream, of the height').fill('25');
  await expect.poll(at).toBe(75);
  await cook.field('cream, of the height').fill('250');
  await expect(page.getByText(/The layers together are the whole jar/)).toBeVisible();
  await cook.press('Keep this look');
  await expect(sheet(page)).toContainText(/Layers, as seen\s*cream 25\s%/);
  await page.keyboard.press('Escape');
  await expect(page.getByRole('button', { name: /^coconut milk, first extract/ })).toHaveAccessibleName(
    /seen: cream 25\s%/,
  );
});

test('a sign that it has turned makes it the first thing to do, and says so from across the kitchen', async ({
  page,
}) => {
  const cook = await Cook.enter(page, 'demo', `${SOY}&do=look`);
  await page.getByRole('button', { name: 'sour', exact: true }).click();
  await expect(
    page.getByRole('group', { name: 'Smell and looks' }).getByText(/it has turned\. Throw it away/),
  ).toBeVisible();
  await cook.press('Keep this look');
  await expect(sheet(page)).toContainText('A check found that it has gone off. Throw it away');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('button', { name: /^soy milk, batch 14, .*turned: throw it away/ })).toBeVisible();
  const first = page.getByRole('region', { name: 'Next' }).getByRole('listitem').first();
  await expect(first).toContainText('Throw away soy milk, batch 14');
  await first.getByRole('button').first().click();
  // Turned is already pressed: it is asked between when and when.
  await expect(page.getByRole('group', { name: 'It turned between' })).toBeVisible();
  await page.getByLabel('or last fine').fill('2026-03-01T08:00');
  await expect(page.getByRole('alert')).toContainText('It cannot have been tried before it was made');
  await cook.press('It is thrown away');
  await expect(page.getByRole('button', { name: /^soy milk, batch 14, .*turned: throw it away/ })).toHaveCount(0);
});

test('a check that found it gone off has one way back: that it was a mistake', async ({ page }) => {
  const cook = await Cook.enter(page, 'demo', `${SOY}&do=look`);
  await page.getByRole('button', { name: 'sour', exact: true }).click();
  await cook.press('Keep this look');
  await expect(sheet(page)).toContainText('gone off');
  for (const gone of ['Pour out', 'Given away', 'Finished, all used', 'Pour it over'])
    await expect(sheet(page).getByRole('button', { name: gone })).toHaveCount(0);
  await expect(sheet(page).getByRole('button', { name: 'Thrown away' })).toHaveClass(/btn-primary/);
  await cook.press('I said that by mistake');
  await expect(sheet(page)).toContainText(/Use by.*left\)/);
  await expect(sheet(page).getByRole('button', { name: 'Pour out' })).toBeVisible();
});

test('a while on the table is told with what it cost, and refused before the jar was filled', async ({ page }) => {
  const cook = await Cook.enter(page, 'demo', SOY);
  await cook.press('It stood out');
  await expect(page.getByRole('status').filter({ hasText: 'of its time went' })).toContainText('on the table');
  await page.getByRole('dialog').getByLabel('from', { exact: true }).fill('2026-03-01T08:00');
  await expect(page.getByRole('alert')).toContainText('It was not yet in its jar');
  await page.getByRole('dialog').getByLabel('from', { exact: true }).fill('2026-03-14T01:30');
  await cook.press('Keep that it stood out');
  const account = page.locator('details', { hasText: 'Why this use-by time' });
  await account.locator('summary').click();
  await expect(account).toContainText(/\d+\sh of its time went while it stood on the table/);
  await cook.press('Put it elsewhere');
  await expect(sheet(page)).toContainText('Not two days, whatever some say');
});

test('how long milk lasts here: curve, words and table, and how it parts', async ({ page }) => {
  const cook = await Cook.enter(page, 'demo');
  const errors: string[] = [];
  page.on('console', (m) => {
    if (m.type() === 'error') errors.push(m.text());
  });
  const lasts = page.getByRole('region', { name: 'How long it lasts here' });
  await expect(lasts).toContainText(/\d+ jars, \d+ turned/);
  await expect(lasts.locator('[data-chart="How long it lasts"] svg')).toBeVisible();
  await lasts.getByText('As a table').click();
  await expect(lasts.getByRole('row').nth(1)).toContainText('100 %');
  await lasts.getByRole('combobox', { name: 'milk' }).selectOption({ label: 'Raw oat milk' });
  await expect(lasts).toContainText('cannot say yet');
  await expect(page.getByRole('region', { name: 'How it parts' })).toContainText('clear in the end');
  expect(errors).toEqual([]);
  await cook.go('/kit');
});

test('a batch just jarred is asked how it is; the shelf asks for a look a day', async ({ page }) => {
  const cook = await Cook.enter(page, 'own');
  await cook.plans('No soak');
  await cook.starts();
  await cook.finishes();
  await page.getByRole('link', { name: 'How is it? Ten seconds' }).click();
  await page.getByRole('button', { name: 'fine', exact: true }).click();
  await cook.press('Keep this look');
  await page.keyboard.press('Escape');
  const next = page.getByRole('region', { name: 'Next' });
  await expect(next).not.toContainText('Look at the soy milk');
  await cook.waits(26);
  await expect(next).toContainText('Look at the soy milk, batch 1');
});
