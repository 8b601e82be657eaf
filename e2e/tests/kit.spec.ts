import { expect, test } from '@playwright/test';
import { Cook } from './cook';

test('a thing is added, named, used, and removed; plans follow', async ({ page }) => {
  const cook = await Cook.enter(page, 'own', '/kit');
  const jugs = page.getByRole('group', { name: 'Jugs' });
  await cook.press('Add a jug');
  await expect(jugs.getByRole('listitem')).toHaveCount(2);
  const second = jugs.getByRole('listitem').nth(1);
  await second.getByRole('textbox', { name: 'name' }).fill('Tiny cup');
  await second.getByRole('textbox', { name: 'rated volume' }).fill('500');
  await second.getByRole('combobox', { name: 'lid' }).selectOption('sealed');
  await second.getByRole('radio', { name: 'Use Tiny cup' }).check();
  await cook.rests();
  await cook.plans('Raw ground, washed');
  await expect(cook.warning('jugOverfull')).toContainText('500 ml jug');
  await cook.mends('jugOverfull', /^Grind in/);
  await expect(cook.warning('jugOverfull')).toHaveCount(0);
  await page.getByRole('button', { name: 'Open Grind' }).click();
  await cook.types('water in at', '95');
  await expect(cook.warning('hotInSealedJug')).toBeVisible();
  await cook.mends('hotInSealedJug', /^Water in/);
  await expect(cook.warning('hotInSealedJug')).toHaveCount(0);
  await cook.go('/kit');
  await cook.press('Remove Tiny cup');
  await expect(jugs.getByRole('listitem')).toHaveCount(1);
  await expect(jugs.getByRole('button', { name: /^Remove/ })).toHaveCount(0);
});

test('a name typed before the storage has answered is kept with its new thing', async ({ page }) => {
  const cook = await Cook.enter(page, 'own', '/kit');
  await page.getByRole('button', { name: 'Add a jug' }).waitFor();
  // In one breath, as no hand can: added and named while the write is still under way.
  await page.evaluate(async () => {
    const press = [...document.querySelectorAll('button')].find((b) => b.textContent === 'Add a jug');
    press?.click();
    for (let i = 0; i < 5; i += 1) await Promise.resolve();
    const name = [...(press?.closest('fieldset')?.querySelectorAll('input') ?? [])].find(
      (x) => x.value === 'Another jug',
    );
    Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')?.set?.call(name, 'Quick jug');
    name?.dispatchEvent(new Event('input', { bubbles: true }));
  });
  await cook.rests();
  await page.reload();
  await expect(page.getByRole('radio', { name: 'Use Quick jug' })).toBeVisible();
});

test('a warm fridge is told, and shortens what a plan keeps', async ({ page }) => {
  const cook = await Cook.enter(page, 'own');
  await cook.plans('Scalded and long-soaked');
  const plan = page.url();
  const cold = await cook.result('Keeps in your fridge').innerText();
  await cook.go('/kit');
  await cook.types('fridge', '9');
  await expect(page.getByText(/Above 5 °C milk keeps much shorter/)).toBeVisible();
  await cook.rests();
  await page.goto(plan);
  await expect(cook.result('Keeps in your fridge')).not.toHaveText(cold);
});

test('a name may not be left empty; the last one holds', async ({ page }) => {
  const cook = await Cook.enter(page, 'own', '/kit');
  await cook.types('name', '');
  await expect(page.getByRole('alert')).toContainText('It needs a name');
  await cook.rests();
  await page.reload();
  await expect(cook.field('name')).toHaveValue('My kitchen');
});

test('light or dark is chosen, and kept', async ({ page }) => {
  await Cook.enter(page, 'own', '/kit');
  await page.getByLabel('Light or dark').selectOption('iron');
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'iron');
  await page.reload();
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'iron');
  await page.getByLabel('Light or dark').selectOption('system');
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'enamel');
});

test('a batch that is running keeps the kit it began with', async ({ page }) => {
  const cook = await Cook.enter(page, 'own');
  await cook.plans('No soak');
  await cook.starts();
  await cook.goesOnUntil('Boil the beans whole');
  await expect(page.getByRole('region', { name: 'Now', exact: true })).toContainText(/100(\.0)?\s°C/);
  await cook.go('/kit');
  await cook.types('altitude', '3000');
  await cook.rests();
  await cook.go('/bench');
  await expect(page.getByRole('region', { name: 'Now', exact: true })).toContainText(/100(\.0)?\s°C/);
});

test('the demo, half a day old, offers to be laid out afresh', async ({ page }) => {
  const cook = await Cook.enter(page, 'demo');
  await expect(cook.jars().first()).toBeVisible();
  await expect(page.getByRole('button', { name: 'Lay it out afresh' })).toHaveCount(0);
  await cook.waits(14);
  await page.reload();
  await cook.press('Lay it out afresh');
  await expect(page.getByRole('button', { name: 'Lay it out afresh' })).toHaveCount(0);
  await expect(cook.jars().first()).toBeVisible();
});

test('the notices of every library ship with the application', async ({ page }) => {
  const cook = await Cook.enter(page, 'own', '/kit');
  await expect(page.getByRole('link', { name: /^Licences/ })).toBeVisible();
  const text = await (await cook.page.request.get('/licences.md')).text();
  for (const name of ['ical.js', 'joi', 'react', '@fontsource-variable/bricolage-grotesque'])
    expect([name, text.includes(`\n## ${name} - `)]).toEqual([name, true]);
  expect(text).toContain('Mozilla Public License');
});

test('a fault that stopped no page is shown in Kit, and can be cleared', async ({ page }) => {
  await page.addInitScript(() => {
    if (localStorage.getItem('ironpan-reports') === null)
      localStorage.setItem(
        'ironpan-reports',
        JSON.stringify([{ what: 'Saving a half-typed figure', why: 'the disk is full', at: 1, times: 3 }]),
      );
  });
  const cook = await Cook.enter(page, 'own', '/kit');
  const list = page.getByRole('region', { name: 'Recent faults' });
  await expect(list).toContainText('Saving a half-typed figure failed.');
  await expect(list).toContainText('the disk is full · 3 times');
  await cook.press('Clear the list');
  await expect(list).toHaveCount(0);
});
