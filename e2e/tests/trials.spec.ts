import { expect, test } from '@playwright/test';
import type { Locator, Page } from '@playwright/test';
import { Cook } from './cook';

const changed = (page: Page): Locator => page.getByRole('region', { name: 'What is changed' });
/** A trial of a plan without a soak in the cook's own kitchen, with nothing changed yet. */
async function trial(page: Page): Promise<Cook> {
  const cook = await Cook.enter(page, 'own');
  await cook.plans('No soak');
  await page.getByRole('textbox', { name: 'Name of the plan' }).fill('Weekday soy');
  await cook.rests();
  await page.getByRole('button', { name: 'Make a trial of it' }).click();
  await page.getByRole('button', { name: 'Choose what to change' }).click();
  await expect(page.getByRole('combobox', { name: 'thing 1' })).toBeVisible();
  return cook;
}
/** Plans the next batch of the open trial, makes it, weighs it, and comes back. */
async function makes(page: Page, cook: Cook, batch: number, weighs: string, before?: () => Promise<void>) {
  await page.getByRole('button', { name: `Plan batch ${batch}` }).click();
  await expect(page.getByRole('button', { name: 'Start this batch' })).toBeVisible();
  await before?.();
  await cook.starts();
  await cook.goesOnUntil('Jar');
  await cook.records('weight in the jars, all together', weighs);
  await cook.finishes();
  await cook.go('/book/trials');
  await page.getByRole('link', { name: 'Weekday soy, a trial', exact: true }).click();
}

test('one thing changed: what it can tell is said before, its batches are planned by a press, and the effect is told', async ({
  page,
}) => {
  const cook = await trial(page);
  await expect(changed(page)).toContainText(
    /An effect under \d+\sml would be lost in what days do\. Expected is \d+\sml/,
  );
  await page.getByRole('button', { name: 'Each once' }).click();
  await expect(page.getByRole('heading', { name: '2 batches, in the order to make them' })).toBeVisible();
  // The same as in the plan is no trial.
  const plan = await changed(page).locator('b.num').innerText();
  await page.getByRole('textbox', { name: 'instead' }).fill(plan.replace(/\D/g, ''));
  await expect(changed(page)).toContainText('nothing would be changed');
  await expect(page.getByRole('button', { name: 'Plan batch 1' })).toHaveCount(0);
  await page.getByRole('textbox', { name: 'instead' }).fill('90');
  await cook.rests();
  await page.reload();
  await expect(page.getByRole('textbox', { name: 'instead' })).toHaveValue('90');
  await makes(page, cook, 1, '800');
  // What is laid out stays as it is from here on.
  await expect(changed(page)).toHaveCount(0);
  const told = page.getByRole('region', { name: 'What it told' });
  await expect(told).toContainText('1 of 2 are known');
  await expect(told).toContainText('does not tell yet');
  await makes(page, cook, 2, '700');
  await expect(told.getByRole('list', { name: 'Effects' })).toContainText(
    /Grind: each load 90\ss instead of \d+\ss: \d+\sml (more|less) \(between .*four times in five\)/,
  );
  await expect(told).not.toContainText('More was changed');
  await page.getByRole('combobox', { name: 'What is asked' }).selectOption({ label: 'Sweet, as it is said' });
  await expect(told).toContainText('Say the word of it in a look at its jar');
});

test('several at once: half of the combinations cannot tell all, and that is said; changed by hand, that is said too', async ({
  page,
}) => {
  const cook = await trial(page);
  for (const n of [2, 3]) {
    await page.getByRole('button', { name: 'Change one more' }).click();
    await expect(page.getByRole('combobox', { name: `thing ${n}` })).toBeVisible();
  }
  await page.getByRole('button', { name: 'Each once' }).click();
  await expect(page.getByRole('heading', { name: /^8 batches/ })).toBeVisible();
  await page.getByRole('button', { name: 'Half of them, 4' }).click();
  await expect(page.getByRole('heading', { name: /^4 batches/ })).toBeVisible();
  await expect(changed(page)).toContainText('Half of the combinations cannot tell');
  for (const n of [3, 2]) {
    await page
      .getByRole('button', { name: /^Do not change/ })
      .last()
      .click();
    await expect(page.getByRole('combobox', { name: `thing ${n}` })).toHaveCount(0);
  }
  await makes(page, cook, 1, '800', () => cook.types('fresh water', '1300'));
  const told = page.getByRole('region', { name: 'What it told' });
  await expect(told).toContainText('More was changed than this trial changes.');
  await expect(told).toContainText(/Batch 1 \(1\): grind: fresh water 1.300\sg instead of/);
  // Deleted, it comes back by a press.
  await page.getByRole('button', { name: 'Delete this trial' }).click();
  await expect(page.getByRole('link', { name: 'Weekday soy, a trial', exact: true })).toHaveCount(0);
  await page.getByRole('button', { name: 'Put it back' }).click();
  await expect(page.getByRole('link', { name: 'Weekday soy, a trial', exact: true })).toBeVisible();
});

test('cups tasted blind: too few are refused, codes alone are shown, a reload keeps them, and the count claims no more', async ({
  page,
}) => {
  const cook = await Cook.enter(page, 'demo', '/book/trials');
  await expect(
    page
      .getByText(/not offered: past the time, or not boiled enough/)
      .or(page.getByRole('button', { name: 'New tasting' }))
      .first(),
  ).toBeVisible();
  await page.getByRole('button', { name: 'New tasting' }).click();
  const n = page.getByRole('textbox', { name: 'how many tastings' });
  await n.fill('2');
  await expect(page.getByRole('alert')).toContainText(
    /2 tastings can show nothing: all of them would come right by guessing 11 times in 100\. Take 3 at the least/,
  );
  await expect(page.getByRole('group', { name: 'The cups' })).toHaveCount(0);
  await n.fill('5');
  await expect(page.getByText(/5 tastings find a difference that six in ten can tell/)).toBeVisible();
  const cups = page.getByRole('group', { name: 'The cups' }).getByRole('button');
  await expect(cups).toHaveCount(3);
  for (const cup of await cups.all()) await expect(cup).toHaveText(/^\d{3}$/);
  // Whoever pours sees what is in each; the odd one is chosen every time.
  await page.getByRole('button', { name: 'Show what is in the cups' }).click();
  const row = page.getByRole('region', { name: 'For who pours' }).getByRole('row');
  const odd = async (i: number): Promise<string> => {
    const all = (await row.nth(i).locator('span').allInnerTexts()).map((t) => ({
      code: t.slice(0, 3),
      of: t.slice(4),
    }));
    return all.find((x) => all.filter((y) => y.of === x.of).length === 1)?.code ?? '';
  };
  const who = page.getByRole('textbox', { name: /^who tastes/ });
  for (const i of [1, 2, 3, 4, 5]) {
    await who.fill(i < 4 ? 'Ada' : 'Ben');
    await page.getByRole('button', { name: await odd(i), exact: true }).click();
    if (i === 2) {
      await cook.rests();
      await page.reload();
      await expect(page.getByText('3 of 5')).toBeVisible();
      await page.getByRole('button', { name: 'Show what is in the cups' }).click();
    } else if (i < 5) await expect(page.getByText(`${i + 1} of 5`)).toBeVisible();
  }
  const told = page.getByRole('region', { name: 'What was tasted' });
  await expect(told.getByRole('status')).toHaveText(
    /^5 of 5 found the odd one\. Guessing alone gives as many 4 times in 1000\. They can be told apart: between \d+ and 100 in 100/,
  );
  await told.getByText('By person').click();
  await expect(told.getByRole('row', { name: 'Ada 3 3' })).toBeVisible();
});

test('the next batch that would tell most is named with what to write down and how much it narrows', async ({
  page,
}) => {
  const cook = await Cook.enter(page, 'own');
  await cook.plans('No soak');
  await page.getByRole('textbox', { name: 'Name of the plan' }).fill('Weekday soy');
  await cook.rests();
  await cook.go('/book/trials');
  const next = page.getByRole('region', { name: 'What to make next to know more' });
  await expect(next.getByRole('listitem').first()).toContainText(
    /Make “Weekday soy”, and write down .*: the range of the yield becomes about \d+\s% narrower\./,
  );
});

test('what words mean here: a word said of a jar moves it, it can begin anew, and plans speak so', async ({ page }) => {
  const cook = await Cook.enter(page, 'demo', '/?jar=demo-batch-14:milk:1&do=look');
  await page.getByRole('button', { name: 'creamy', exact: true }).click();
  await cook.press('Keep this look');
  await expect(page.getByText('The look is kept.')).toBeVisible();
  await cook.go('/kit');
  const words = page.getByRole('region', { name: 'What your words mean' });
  const thick = words.getByRole('listitem').filter({ has: page.getByRole('heading', { name: 'Thickness' }) });
  await expect(thick).toContainText(/From 16 words of one person/);
  await expect(thick).toContainText(/“creamy” begins at 3\.\d\s× water here, at 3\.0\s× water as shipped/);
  await thick.getByText('As a table').click();
  await expect(thick.getByRole('row').nth(1)).toContainText('creamy');
  await thick.getByRole('button', { name: 'Begin anew from today: Thickness' }).click();
  await expect(thick).toContainText('As shipped: no word counts.');
  await thick.getByRole('button', { name: 'Count all of it again: Thickness' }).click();
  await expect(thick).toContainText('From 16 words');
});
