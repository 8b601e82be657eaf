import { expect, test } from '@playwright/test';
import { Cook } from './cook';
import { Killable, secondsOf } from './killed';

test('pause, go back, leave out with a reason, abandon; the log keeps all of it', async ({ page }) => {
  const cook = await Cook.enter(page, 'own');
  await cook.plans('No soak');
  await cook.starts();
  await cook.goesOnUntil('Boil the beans whole');
  await cook.press(/^Start:/);
  const clock = page.getByRole('timer').locator('p').first();
  await cook.press('Pause');
  await expect(page.getByRole('button', { name: 'Go on' })).toBeVisible();
  const paused = await clock.innerText();
  await cook.waits(0.2);
  await expect(clock).toHaveText(paused);
  await cook.press('Go on');
  await cook.waits(0.02);
  await expect(clock).not.toHaveText(paused);
  await cook.goesOnUntil('Drain and rinse');
  await cook.press('Go back');
  await expect(cook.heading()).toHaveText('Hold at the boil');
  await cook.goesOnUntil('Stir in skin and foam');
  await cook.press('Leave out');
  await cook.press('Not needed this time');
  await expect(cook.heading()).toHaveText('Cool');
  await cook.press('Abandon');
  await cook.press('Spilt');
  await expect(page.getByRole('heading', { name: /was abandoned/ })).toBeVisible();
  await page.getByRole('link', { name: 'See it in the book' }).click();
  const log = page.getByRole('region', { name: 'Log' });
  for (const line of [
    'Up to the boil: paused',
    'Up to the boil: went on',
    'Back to',
    'left out, not needed this time',
    'Abandoned: spilt',
  ])
    await expect(log).toContainText(line);
});

test('a step that others need cannot be left out', async ({ page }) => {
  const cook = await Cook.enter(page, 'own');
  await cook.plans('No soak');
  await cook.starts();
  await cook.goesOnUntil('Strain');
  await expect(page.getByRole('button', { name: 'Leave out' })).toHaveCount(0);
});

test('a timer pressed late asks which time counts, and the answer changes what is left of the inhibitor', async ({
  page,
}) => {
  const cook = await Cook.enter(page, 'own');
  await cook.plans('No soak');
  await cook.starts();
  await cook.goesOnUntil('Bring it to the boil');
  await cook.doesStep();
  await expect(cook.heading()).toHaveText('Hold at the boil');
  await cook.waits(1);
  await expect(page.getByRole('timer')).toContainText('Time is up');
  await cook.press(/^Done/);
  await cook.press(/^As timed, 60/);
  await expect(page.locator('[data-changed]')).toContainText(/inhibitor left instead of/);
});

test('milk that came out light: how much more water in the wash still brings what was promised', async ({ page }) => {
  const cook = await Cook.enter(page, 'own');
  await cook.plans('Raw ground, washed');
  await cook.starts();
  await cook.goesOnUntil('Strain');
  const field = page.getByRole('textbox', { name: 'milk that came through' });
  const hint = await page.getByText(/^about \d+ g expected$/).innerText();
  await field.fill(String(Number(/\d+/.exec(hint)?.[0] ?? 0) - 90));
  await cook.press(/^Record/);
  await expect(page.locator('[data-changed]')).toContainText(
    /To reach 1\.\d\d\sL all the same, take \d+\sg more water to wash the pulp/,
  );
});

test('bad readings get a sentence at the field, and nothing is recorded', async ({ page }) => {
  const cook = await Cook.enter(page, 'own');
  await cook.plans('No soak');
  await cook.starts();
  await cook.goesOnUntil('Strain');
  for (const [text, say] of [
    ['x', /not a number/],
    ['-5', /too little/],
    ['999999', /too much/],
    ['1,350', /a thousand or a decimal/],
  ] as const) {
    await page.getByRole('textbox', { name: 'milk that came through' }).fill(text);
    await expect(page.getByRole('alert')).toContainText(say);
    await expect(page.getByRole('button', { name: 'Record milk that came through' })).toBeDisabled();
  }
  await expect(page.locator('[data-changed]')).not.toContainText('1 350');
});

test('the browser is killed in the middle of a step: the timer, the figure half typed and the step are still there', async ({
  baseURL,
}) => {
  test.setTimeout(120_000);
  const browser = new Killable(baseURL);
  try {
    const cook = await browser.open();
    await cook.plans('No soak');
    await cook.starts();
    await cook.goesOnUntil('Strain');
    const milk = (c: Cook) => c.page.getByRole('textbox', { name: 'milk that came through' });
    await milk(cook).fill('98');
    await milk(cook).fill('987');
    await expect(milk(cook)).toHaveValue('987');
    await cook.page.waitForTimeout(400);
    await browser.kill();

    const again = await browser.open();
    await again.go('/bench');
    await expect(again.heading()).toHaveText('Strain');
    await expect(milk(again)).toHaveValue('987');
    await again.goesOnUntil('Bring it to the boil');
    await again.press(/^Start:/);
    await again.page.waitForTimeout(3000);
    const before = await again.page.getByRole('timer').locator('p').first().innerText();
    await browser.kill();
    await new Promise((r) => setTimeout(r, 2500));

    const last = await browser.open();
    await last.go('/bench');
    await expect(last.heading()).toHaveText('Bring it to the boil');
    const after = await last.page.getByRole('timer').locator('p').first().innerText();
    expect(secondsOf(before) - secondsOf(after)).toBeGreaterThanOrEqual(2);
  } finally {
    await browser.end();
  }
});

test('the jug by the clock: body moves while it turns, and stopped at two seconds it is what it is, unasked', async ({
  page,
}) => {
  const cook = await Cook.enter(page, 'own');
  await cook.plans('The middle way');
  await cook.starts();
  await cook.goesOnUntil('Grind');
  const bring = page.getByRole('region', { name: 'What it should bring' });
  await expect(bring.getByRole('row', { name: /^body/ })).toContainText('like milk');
  await cook.press(/^Start/);
  await page.clock.runFor(2000);
  await expect(bring.getByRole('columnheader', { name: 'if it stops now' })).toBeVisible();
  await expect(bring.getByRole('row', { name: /^body/ }).getByRole('cell').first()).toContainText(/watery|thin/);
  await cook.press(/^Done/);
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await expect(cook.heading()).toHaveText('Strain');
  await expect(bring.getByRole('row', { name: /^body/ }).getByRole('cell').first()).toContainText(/watery|thin/);
});

test('a reading that cannot be is asked about; milk is told in ml; a note is confirmed', async ({ page }) => {
  const cook = await Cook.enter(page, 'own');
  await cook.plans('No soak');
  await cook.starts();
  await cook.goesOnUntil('Strain');
  const milk = page.getByRole('textbox', { name: 'milk that came through' });
  await milk.fill('5000');
  await page.getByRole('button', { name: 'Record milk that came through' }).click();
  await expect(page.getByRole('alert')).toContainText('More than there can be');
  await expect(page.locator('[data-changed]')).not.toContainText(/5.000|more than/);
  await page.getByLabel('milk that came through, in').selectOption('ml');
  await milk.fill('1000');
  await expect(page.getByRole('alert')).toHaveCount(0);
  await page.getByRole('button', { name: 'Record milk that came through' }).click();
  await expect(page.getByText('recorded 1000 ml')).toBeVisible();
  await page.getByLabel('milk that came through, in').selectOption('g');
  await expect(page.getByText(/recorded 10[12]\d(\.\d+)? g/)).toBeVisible();
  await cook.press('Note');
  await page.getByRole('dialog').getByRole('textbox').fill('Frothy');
  await page.getByRole('dialog').getByRole('button', { name: 'Keep the note' }).click();
  await expect(page.getByText('Noted. It is in the log of this batch.')).toBeVisible();
});

test('the caution for hot liquid stands at the jug', async ({ page }) => {
  const cook = await Cook.enter(page, 'own');
  await cook.plans('Hot and thin');
  await cook.starts();
  await cook.goesOnUntil('Grind load 1 of 2');
  await expect(page.getByRole('region', { name: 'Now' }).getByRole('note')).toContainText('lifts the lid');
});
