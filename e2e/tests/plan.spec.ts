import { expect, test } from '@playwright/test';
import { Cook } from './cook';

test('a change redraws ribbons, results and warnings at once, and is kept through a reload', async ({ page }) => {
  const cook = await Cook.enter(page, 'own');
  await cook.plans('Raw ground, washed');
  const milk = await cook.result('Milk').innerText();
  const ribbon = await page.locator('[data-ribbon="grind-tap"]').getAttribute('data-h');
  await cook.types('fresh water', '1900');
  await expect(cook.result('Milk')).not.toHaveText(milk);
  await expect(page.locator('[data-ribbon="grind-tap"]')).not.toHaveAttribute('data-h', ribbon ?? '');
  await expect(cook.warning('jugOverfull')).toBeVisible();
  const after = await cook.result('Milk').innerText();
  await cook.rests();
  await page.reload();
  await expect(cook.field('fresh water')).toHaveValue('1900');
  await expect(cook.result('Milk')).toHaveText(after);
});

test('each of the named warnings comes with a move that mends it in one press', async ({ page }) => {
  const cook = await Cook.enter(page, 'own');
  await cook.plans('Raw ground, washed');
  const cases = [
    ['fresh water', '2400', 'jugOverfull', /^Grind in/],
    ['soak for', '3', 'soakTooShort', /^Soak/],
    ['soak for', '40', 'soakTooLong', /^Soak/],
    ['hold at the boil', '5', 'holdTooShort', /^Hold/],
  ] as const;
  for (const [field, text, check, move] of cases) {
    await cook.types(field, text);
    await expect(cook.warning(check)).toBeVisible();
    await cook.mends(check, move);
    await expect(cook.warning(check)).toHaveCount(0);
  }
  await page.getByRole('button', { name: 'Open Soak' }).click();
  await cook.types('soak water', '300');
  await cook.mends('soakWater', /^Add/);
  await expect(cook.warning('soakWater')).toHaveCount(0);
  await cook.types('soybeans, dry', '900');
  await cook.types('fresh water', '6000');
  await cook.mends('potOverfull', /^Make|^Use/);
  await expect(cook.warning('potOverfull')).toHaveCount(0);
});

test('a warm room is too warm for a night’s soak, and the fridge mends it', async ({ page }) => {
  const cook = await Cook.enter(page, 'own', '/kit');
  await cook.types('room', '34');
  await cook.rests();
  await cook.plans('Raw ground, washed');
  await cook.mends('soakTooWarm', /fridge/);
  await expect(cook.warning('soakTooWarm')).toHaveCount(0);
});

test('undo and redo, also after a reload; rename; keep as new; delete and put back', async ({ page }) => {
  const cook = await Cook.enter(page, 'own');
  await cook.plans('No soak');
  await cook.types('soybeans, dry', '222');
  await expect(page.getByRole('button', { name: 'Undo' })).toBeEnabled();
  await page.reload();
  await cook.press('Undo');
  await expect(cook.field('soybeans, dry')).toHaveValue('150');
  await cook.press('Redo');
  await expect(cook.field('soybeans, dry')).toHaveValue('222');
  await cook.types('Name of the plan', 'Mine');
  await cook.press('Keep as a new plan');
  await expect(cook.field('Name of the plan')).toHaveValue('Mine, copy');
  await cook.press('Delete');
  await expect(page.getByRole('heading', { name: 'What will you make' })).toBeVisible();
  await expect(page.getByRole('link', { name: /^Mine, copy/ })).toHaveCount(0);
  await cook.press('Put it back');
  await expect(page.getByRole('link', { name: /^Mine, copy/ })).toBeVisible();
  await expect(page.getByRole('link', { name: /^Mine/ })).toHaveCount(2);
});

test('litres wanted are solved backwards', async ({ page }) => {
  const cook = await Cook.enter(page, 'own');
  await cook.plans('Raw ground, washed');
  await cook.types('I want', '2.5');
  await cook.press('Scale to it');
  await expect.poll(async () => Number.parseFloat(await cook.result('Milk').innerText())).toBeGreaterThan(2.42);
  expect(Number.parseFloat(await cook.result('Milk').innerText())).toBeLessThan(2.58);
});

test('cups stand beside grams on request, and either can be typed', async ({ page }) => {
  const cook = await Cook.enter(page, 'own');
  await cook.plans('No soak');
  await page.getByLabel('Amounts in').selectOption('us');
  await cook.types('soybeans, dry, cups', '2');
  await expect(cook.field('soybeans, dry')).toHaveValue('372');
});

test('what cannot be a number is told at the field; the last good value holds, nothing is lost', async ({ page }) => {
  const cook = await Cook.enter(page, 'own');
  await cook.plans('No soak');
  const milk = await cook.result('Milk').innerText();
  for (const [text, say] of [
    ['', /Type a number/],
    ['abc', /not a number/],
    ['NaN', /not a number/],
    ['-3', /too little/],
    ['99999999', /too much/],
    ['1e5', /not a number/],
    ['1,350', /a thousand or a decimal/],
  ] as const) {
    await cook.types('fresh water', text);
    await expect(page.getByRole('alert')).toContainText(say);
    await expect(cook.result('Milk')).toHaveText(milk);
  }
  await cook.types('fresh water', '1234,5');
  await expect(page.getByRole('alert')).toHaveCount(0);
  await expect(cook.result('Milk')).not.toHaveText(milk);
  await cook.types('soybeans, dry', '0');
  await expect(page.getByRole('heading', { name: 'What you should get' })).toBeVisible();
  await expect(page.locator('#place')).not.toContainText(/NaN|Infinity/);
});

test('a step is added and left out; sixteen passes are the most', async ({ page }) => {
  const cook = await Cook.enter(page, 'own');
  await cook.plans('Raw ground, washed');
  await page.getByRole('button', { name: 'Open Strain' }).click();
  const blocks = page.getByRole('group', { name: /^Wash the pulp/ });
  await expect(blocks).toHaveCount(1);
  for (let i = 2; i <= 16; i += 1) {
    await cook.press('Add');
    await expect(blocks).toHaveCount(i);
  }
  // Sixteen is the most: there are other steps to add, but no further pass.
  const more = page.getByRole('combobox', { name: 'Add to strain' });
  await expect(more).not.toHaveValue('wash');
  await expect(more.locator('option[value=wash]')).toHaveCount(0);
  await page.getByRole('button', { name: 'leave out Wash the pulp' }).last().click();
  await expect(blocks).toHaveCount(15);
});

test('a second window stays true, and both may edit', async ({ page, context }) => {
  const cook = await Cook.enter(page, 'own');
  await cook.plans('No soak');
  const other = await context.newPage();
  const second = new Cook(other);
  await second.go(new URL(page.url()).pathname);
  await cook.types('soybeans, dry', '180');
  await expect(second.field('soybeans, dry')).toHaveValue('180');
  await second.types('fresh water', '1300');
  await expect(cook.field('fresh water')).toHaveValue('1300');
  await expect(cook.field('soybeans, dry')).toHaveValue('180');
});

test('keys lead to the places, not while a field has the focus, and can be switched off', async ({ page }) => {
  const cook = await Cook.enter(page, 'own');
  await page.keyboard.press('k');
  await expect(page.getByRole('heading', { name: 'Kit', exact: true })).toBeVisible();
  await cook.types('name', 'kkk');
  await expect(page.getByRole('heading', { name: 'Kit', exact: true })).toBeVisible();
  await page.getByLabel(/One-letter keys/).uncheck();
  await page.getByRole('heading', { name: 'Kit', exact: true }).click();
  await page.keyboard.press('s');
  await expect(page.getByRole('heading', { name: 'Kit', exact: true })).toBeVisible();
});

test('values follow the pointer over the drawing, and the arrow keys; over the map too', async ({ page }) => {
  await Cook.enter(page, 'demo', '/plan/demo-weekday');
  const flow = page.getByRole('group', { name: /^What flows/ });
  const box = await flow.boundingBox();
  if (!box) throw new Error('no drawing');
  const readout = page.locator('[data-readout]');
  await page.mouse.move(box.x + box.width * 0.6, box.y + box.height * 0.4);
  await expect(readout).toContainText(/soy milk .*solids/);
  await page.mouse.move(box.x + box.width - 3, box.y + box.height - 3);
  await expect(readout).toHaveCount(0);
  await flow.focus();
  await page.keyboard.press('ArrowRight');
  const first = await readout.textContent();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  expect(await readout.textContent()).not.toBe(first);
  await page.keyboard.press('Escape');
  await expect(readout).toHaveCount(0);
  await page.getByRole('link', { name: 'What moves it' }).click();
  const map = page.locator('[data-map]');
  await expect(map).toBeVisible({ timeout: 30_000 });
  await map.hover();
  await expect(readout).toContainText(/yield [\d.]+.(L|ml)/);
});
