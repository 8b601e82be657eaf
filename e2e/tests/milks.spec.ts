import { expect, test } from '@playwright/test';
import { Cook } from './cook';

test('the use is asked first, and it decides the order; what is not at hand comes last and says so', async ({
  page,
}) => {
  const cook = await Cook.enter(page, 'own', '/plan');
  const first = page.getByRole('list', { name: 'Methods, the best fit first' }).getByRole('listitem').first();
  await page.getByRole('button', { name: 'tofu' }).click();
  await expect(first).toContainText('Soy milk');
  await page.getByRole('button', { name: 'boil in cooking' }).click();
  await expect(first).toContainText('Coconut milk');
  await page.getByLabel('a blender is at hand').uncheck();
  await expect(first.getByRole('heading')).toContainText(/Graded extracts|Two runs by hand/);
  // The columns are those of the use; each sorts the others, once up and once down.
  const others = page.getByRole('table', { name: 'The other methods' });
  await expect(others.getByRole('columnheader', { name: 'body at 80 °C' })).toBeVisible();
  const hands = others.getByRole('columnheader', { name: 'your hands' });
  await hands.getByRole('button').click();
  await expect(hands).toHaveAttribute('aria-sort', 'ascending');
  const minutes = async (): Promise<number[]> =>
    (await others.locator('td[data-label="your hands"]').allInnerTexts()).map((x) => Number.parseInt(x));
  const up = await minutes();
  expect(up).toEqual([...up].sort((a, b) => a - b));
  await hands.getByRole('button').click();
  expect((await minutes())[0]).toBe(up.at(-1));
  await expect(page.getByText('needs a blender').first()).toBeVisible();
  await page.getByLabel('milk', { exact: true }).selectOption('oat');
  await expect(first).toContainText('Oat milk');
  await cook.rests();
});

test('a slimy oat milk: what is wrong, and one press that mends it', async ({ page }) => {
  const cook = await Cook.enter(page, 'demo', '/plan/demo-oat-slick');
  await expect(page.locator('[data-result="Body"]')).toContainText('slimy');
  await cook.mends('tooSlimy', /Blend/);
  await expect(cook.warning('tooSlimy')).toHaveCount(0);
  await expect(page.locator('[data-result="Body"]')).not.toContainText('slimy');
});

test('a batch that came out slimy: what would have helped is in the book, and is planned in one press', async ({
  page,
}) => {
  const cook = await Cook.enter(page, 'demo', '/book/demo-batch-11');
  const helped = page.getByRole('region', { name: 'What would have helped' });
  await expect(helped.getByRole('button', { name: 'slimy', exact: true })).toHaveAttribute('aria-pressed', 'true');
  await expect(helped.getByText(/throw that water away, rinse 3 times/)).toBeVisible();
  await helped.getByRole('button', { name: 'too thick', exact: true }).click();
  await expect(helped.getByText(/body, cold .* → /).first()).toBeVisible();
  await helped.getByRole('button', { name: 'slimy', exact: true }).click();
  await helped.getByRole('button', { name: /^Plan it so: Grind: each load/ }).click();
  await expect(page.locator('[data-result="Body"]')).toContainText('silky');
  await expect(cook.warning('tooSlimy')).toHaveCount(0);
  await cook.rests();
});

test('on a phone the result stays in sight while the stations are turned, and leads to what is to be mended', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  const cook = await Cook.enter(page, 'demo', '/plan/demo-oat-slick');
  const glance = page.getByRole('button', { name: /^What you should get:/ });
  await expect(glance).toContainText('slimy');
  await cook.field('each load').scrollIntoViewIfNeeded();
  await cook.types('each load', '15');
  await expect(glance).toBeInViewport();
  await expect(glance).not.toContainText('slimy');
  await cook.types('each load', '300');
  await page.getByRole('button', { name: /to mend$/ }).click();
  await expect(cook.warning('tooSlimy')).toBeInViewport();
  await cook.rests();
});

test('what moves it: bars, a map that is pressed by mouse and by keyboard, and the plan follows', async ({ page }) => {
  const cook = await Cook.enter(page, 'demo', '/plan/demo-oat-slick');
  await page.getByRole('link', { name: 'What moves it' }).click();
  const levers = page.getByRole('region', { name: 'Levers' });
  await expect(levers.getByRole('row', { name: /each load 150 s/ })).toBeVisible();
  await expect(levers.getByRole('row', { name: /water in at 34/ })).toBeVisible();
  const map = page.locator('[data-map]');
  await expect(map).toBeVisible({ timeout: 30_000 });
  const box = await map.boundingBox();
  if (!box) throw new Error('no map');
  // Down in the cold and the short, where nothing is slippery.
  await map.click({ position: { x: box.width * 0.1, y: box.height * 0.85 } });
  await expect(page.getByText(/^The plan now has each load/)).toBeVisible();
  await page.getByText('The map as a table').click();
  await page.getByRole('region', { name: 'Map' }).locator('tbody button').first().focus();
  await page.keyboard.press('Enter');
  await cook.rests();
  await page.getByRole('link', { name: 'Oat that went slick' }).click();
  await expect(cook.field('each load')).not.toHaveValue('150');
});

test('backwards: a body, a class and what is in the cupboard; what cannot be had is said', async ({ page }) => {
  const cook = await Cook.enter(page, 'demo', '/plan/demo-oat-slick');
  await page.getByRole('button', { name: 'Backwards' }).click();
  const sheet = page.getByRole('dialog', { name: 'Backwards' });
  await sheet.getByLabel('I want').selectOption('body');
  await sheet.getByLabel('which').selectOption('likeMilk');
  await sheet.getByRole('button', { name: 'Work it out' }).click();
  await sheet.getByRole('button', { name: 'Take these amounts' }).click();
  await expect(page.locator('[data-result="Body"]')).toContainText('like milk');
  await page.getByRole('button', { name: 'Backwards' }).click();
  await sheet.getByLabel('I want').selectOption('fat');
  await sheet.getByLabel('how much').fill('20');
  await sheet.getByRole('button', { name: 'Work it out' }).click();
  await expect(sheet.getByText('Not quite:')).toBeVisible();
  await sheet.getByLabel('I want').selectOption('useUp');
  await sheet.getByLabel('there is').fill('300');
  await sheet.getByRole('button', { name: 'Work it out' }).click();
  await sheet.getByRole('button', { name: 'Take these amounts' }).click();
  await expect(cook.field('rolled oats')).toHaveValue('300');
});

test('graded extracts: three jars on the plan, three jars on the shelf', async ({ page }) => {
  const cook = await Cook.enter(page, 'own');
  await cook.plans('Graded extracts');
  const results = page.getByRole('region', { name: 'What you should get' });
  for (const name of ['first extract', 'second extract', 'third extract'])
    await expect(results.getByRole('rowheader', { name })).toBeVisible();
  await cook.starts();
  await cook.finishes();
  await cook.go('/');
  for (const name of ['first extract', 'second extract', 'third extract'])
    await expect(page.getByRole('button', { name: new RegExp(`^coconut milk, ${name}, batch 1`) })).toBeVisible();
});

test('backwards for a first pressing: no button that would change nothing, and one more pass is offered', async ({
  page,
}) => {
  const cook = await Cook.enter(page, 'demo', '/plan/demo-graded');
  await page.getByRole('button', { name: 'Backwards' }).click();
  const sheet = page.getByRole('dialog', { name: 'Backwards' });
  await sheet.getByLabel('I want').selectOption('fat');
  await sheet.getByLabel('how much').fill('5');
  await sheet.getByRole('button', { name: 'Work it out' }).click();
  await expect(sheet.getByRole('status')).toContainText('goes to other jars');
  await expect(sheet.getByRole('button', { name: 'Take these amounts' })).toHaveCount(0);
  await sheet.getByRole('button', { name: 'Add it' }).click();
  await cook.rests();
  await expect(page.getByText('wash with', { exact: true }).first()).toBeVisible();
});

test('a pasted recipe becomes a plan; what is missing is asked, another language is told', async ({ page }) => {
  const cook = await Cook.enter(page, 'own', '/plan');
  await page.getByRole('button', { name: 'Paste a recipe' }).click();
  const sheet = page.getByRole('dialog', { name: 'Paste a recipe' });
  const text = sheet.getByLabel('One line for each thing');
  await text.fill('deux tasses de flocons');
  await sheet.getByRole('button', { name: 'Read it' }).click();
  await expect(sheet.getByRole('alert')).toContainText('No food with an amount');
  await expect(text).toHaveValue('deux tasses de flocons');
  await text.fill('1½ cups rolled oats, 4 cups ice water\nsalt');
  await sheet.getByRole('button', { name: 'Read it' }).click();
  await expect(sheet.getByRole('button', { name: 'Make it a plan' })).toBeDisabled();
  await sheet.getByLabel('grams').fill('1');
  await sheet.getByRole('button', { name: 'Make it a plan' }).click();
  await expect(cook.field('rolled oats')).toHaveValue('121.5');
});

test('a whole recipe, steps and all: every line is told, and its times are in the plan', async ({ page }) => {
  const cook = await Cook.enter(page, 'own', '/plan');
  await page.getByRole('button', { name: 'Paste a recipe' }).click();
  const sheet = page.getByRole('dialog', { name: 'Paste a recipe' });
  await sheet
    .getByLabel('One line for each thing')
    .fill(
      'Oat milk for Sunday\n90 g rolled oats\n800 ml ice water\n10 g maple syrup\nBlend 35 seconds, strain gently.\nEnjoy!',
    );
  await sheet.getByRole('button', { name: 'Read it' }).click();
  const lines = sheet.getByRole('list', { name: 'What was read' }).getByRole('listitem');
  await expect(lines).toHaveCount(7);
  await expect(lines.filter({ hasText: 'Oat milk for Sunday' })).toContainText('left out');
  await expect(lines.filter({ hasText: 'Enjoy' })).toContainText('left out');
  await expect(lines.filter({ hasText: 'Blend' })).toContainText('Grind: 35 s');
  await expect(lines.filter({ hasText: 'strain gently' })).toContainText('Strain: gentle');
  await expect(lines.filter({ hasText: 'maple' })).toContainText('10 g maple syrup');
  await sheet.getByRole('button', { name: 'Make it a plan' }).click();
  await expect(cook.field('each load')).toHaveValue('35');
  await expect(cook.field('maple syrup')).toHaveValue('10');
});

test('a food and a school of one’s own: made, used in a plan, kept through a reload, refused where it poisons', async ({
  page,
}) => {
  const cook = await Cook.enter(page, 'own', '/kit');
  const own = page.getByRole('region', { name: 'Your own foods and methods' });
  await own.getByLabel('a food of my own, like').selectOption('oats-rolled');
  await own.getByRole('button', { name: 'Add it' }).click();
  await own.getByRole('textbox', { name: 'name' }).fill('Hill oats');
  await own.getByText('Composition, and how much').click();
  const protein = own.getByLabel('protein, in 100 g');
  await protein.fill('90');
  await expect(own.getByRole('alert')).toContainText('too much');
  await expect(own.getByRole('alert')).toContainText('lower another first');
  await protein.fill('14');
  await cook.rests();
  await cook.plans('The middle way');
  await cook.station('Grind').getByRole('button', { name: 'Open Grind' }).click();
  await page.getByLabel('which food').first().selectOption({ label: 'Hill oats, dry' });
  await expect(cook.field('hill oats')).toBeVisible();
  await page.getByRole('button', { name: 'Save as my method' }).click();
  await cook.rests();
  await cook.go('/plan');
  await expect(page.getByText(/, your own$/).first()).toBeVisible();
  await cook.go('/kit');
  await own.getByRole('textbox', { name: 'name' }).fill('Bitter almonds');
  await expect(own.getByText('Bitter almonds are poisonous')).toBeVisible();
});

test('ounces, °F and inches stand beside grams, °C and cm; rounding to cups says what it does', async ({ page }) => {
  const cook = await Cook.enter(page, 'own', '/kit');
  await page.getByLabel('Ounces, °F and inches besides').check();
  await cook.plans('Hot and thin');
  await expect(page.getByRole('textbox', { name: 'rolled oats, ounces' })).toHaveValue('1.4');
  await cook.station('Grind').getByRole('button', { name: 'Open Grind' }).click();
  await page.getByRole('textbox', { name: 'water in at, °F' }).first().fill('185');
  await expect(page.getByRole('textbox', { name: 'water in at', exact: true }).first()).toHaveValue('85');
  await cook.types('rolled oats', '31');
  await page.getByLabel('Amounts in').selectOption('us');
  await expect(page.getByText(/Rounded so, it comes to/)).toBeVisible();
});

test('bad input of every milk: a sentence, and nothing lost', async ({ page }) => {
  const cook = await Cook.enter(page, 'own');
  await cook.plans('The middle way');
  await cook.types('rolled oats', '101 000');
  await expect(page.getByText(/is too much/)).toBeVisible();
  await cook.types('rolled oats', '90');
  await cook.station('Grind').getByRole('button', { name: 'Open Grind' }).click();
  await page.getByRole('textbox', { name: 'water in at', exact: true }).first().fill('-18');
  await expect(page.getByText(/is too little: 0/)).toBeVisible();
  await page.getByRole('textbox', { name: 'water in at', exact: true }).first().fill('15');
  await cook.types('fresh water', '0');
  await expect(cook.warning('tooThick')).toBeVisible();
  await cook.mends('tooThick', /Add .* of water/);
  await expect(cook.warning('tooThick')).toHaveCount(0);
});

test('warmed to keep, up on a mountain: what cannot be reached is told with the boil of the place', async ({
  page,
}) => {
  const cook = await Cook.enter(page, 'own', '/kit');
  await cook.types('altitude', '4500');
  await cook.rests();
  await cook.plans('Warmed to keep');
  await page.getByRole('textbox', { name: 'heat to', exact: true }).first().fill('96');
  await expect(cook.warning('cannotReach')).toContainText(/water boils at 8[45]/);
  await cook.mends('cannotReach', /Heat to/);
  await expect(cook.warning('cannotReach')).toHaveCount(0);
});
