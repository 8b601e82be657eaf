import { expect, test } from '@playwright/test';
import { Cook } from './cook';

test('a funnel is calibrated in Kit, and a look then says how thick a milk is beside what was expected', async ({
  page,
}) => {
  const cook = await Cook.enter(page, 'demo', '/kit');
  const funnel = page.getByRole('region', { name: 'Funnel' });
  const runs = async (of: string, all: readonly string[]): Promise<void> => {
    for (const [i, s] of all.entries())
      await page.getByRole('textbox', { name: `${of}, run ${i + 1}`, exact: true }).fill(s);
  };
  await runs('water', ['22.4', '22.5', '22.3']);
  await runs('syrup', ['22.0']);
  await expect(funnel.getByRole('status')).toContainText('must run slower than water');
  await runs('syrup', ['28.0', '28.1', '27.9']);
  await expect(funnel.getByRole('status')).toContainText('It tells milks apart');
  await cook.go('/');
  await cook.jars().nth(5).click();
  await cook.press('How is it?');
  await page.getByText('Measured: funnel, strength').click();
  // With the stopwatch once, and by hand.
  await cook.press('Start the watch, through the funnel');
  await page.clock.runFor(24_500);
  await cook.press('Stop the watch, through the funnel');
  await expect(page.getByText(/times water: like milk/)).toBeVisible();
  await cook.types('empty dish', '40.2');
  await cook.types('with the milk', '55.2');
  await cook.types('dried', '56');
  await expect(page.getByText('Dry it must be lighter than wet')).toBeVisible();
  await cook.types('dried', '41.3');
  await expect(page.getByText(/7\.3 ± \d\.\d % solids/)).toBeVisible();
  await cook.rests();
  await page.reload();
  await cook.press('How is it?');
  await expect(page.getByText(/7\.3 ± \d\.\d % solids/)).toBeVisible();
  await cook.press('Keep this look');
  await expect(page.getByRole('region', { name: 'Looks' })).toContainText(/Funnel.*times water.*expected/);
});

test('at the bench the funnel says how thick the milk is, and it waits in the first look at its jar', async ({
  page,
}) => {
  const cook = await Cook.enter(page, 'demo', '/kit');
  for (const [of, all] of [
    ['water', ['22.4', '22.5', '22.3']],
    ['syrup', ['28.0', '28.1', '27.9']],
  ] as const)
    for (const [i, s] of all.entries())
      await page.getByRole('textbox', { name: `${of}, run ${i + 1}`, exact: true }).fill(s);
  await expect(page.getByRole('region', { name: 'Funnel' }).getByRole('status')).toContainText('It tells milks apart');
  await cook.plans('Raw ground, washed, soy milk');
  await cook.starts();
  const funnel = page.getByText('How thick is it? By the funnel');
  // There is no milk to measure before it is strained.
  await expect(funnel).toHaveCount(0);
  await cook.goesOnUntil(/^Jar/);
  await funnel.click();
  await cook.press('Start the watch, through the funnel');
  await page.clock.runFor(24_500);
  await cook.press('Stop the watch, through the funnel');
  await expect(page.getByText(/times water: like milk/)).toBeVisible();
  await expect(page.getByText(/^expected: [\d.]+ times water/)).toBeVisible();
  await cook.rests();
  await page.reload();
  await expect(page.getByText(/times water: like milk/)).toBeVisible();
  await cook.finishes();
  await page.getByRole('link', { name: 'How is it? Ten seconds' }).click();
  await expect(page.getByRole('dialog').getByText(/times water: like milk/)).toBeVisible();
  await cook.press('Keep this look');
  await expect(page.getByRole('region', { name: 'Looks' })).toContainText(/Funnel.*times water.*expected/);
});
