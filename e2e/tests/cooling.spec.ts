import { expect, test } from '@playwright/test';
import { Cook } from './cook';

const SOY = 'Raw ground, washed, soy milk';

test('the plan says which ways of cooling are too slow before it happens, and one press takes one that is not', async ({
  page,
}) => {
  const cook = await Cook.enter(page, 'own');
  await cook.plans(SOY);
  await cook.press('Open Cook');
  const cools = page.getByRole('region', { name: 'How it cools' });
  await expect(cools.locator('[data-chart="How it cools"] path').first()).toBeAttached();
  const counter = cools.locator('[data-way="counter pot"]');
  await expect(counter).toContainText('too slow');
  await expect(cools.locator('[data-way="fridge pot"]')).toContainText('warms what stands in the fridge to about');
  await expect(cools.locator('[data-way="water jars"]')).toContainText('hot glass cracks');
  await counter.getByRole('button', { name: 'On the counter' }).click();
  await expect(counter).toContainText('as planned');
  await expect(cook.warning('coolsTooSlowly')).toContainText('At most 2 h and 6 h');
  await cook.mends('coolsTooSlowly', /running water and then in ice/);
  await expect(cook.warning('coolsTooSlowly')).toHaveCount(0);
  await expect(cools.locator('[data-way="waterIce pot"]')).toContainText('as planned');
});

test('so much ice as there is: too little is said with what it takes', async ({ page }) => {
  const cook = await Cook.enter(page, 'own');
  await cook.plans(SOY);
  await cook.press('Open Cook');
  await expect(page.getByRole('textbox', { name: 'outside', exact: true })).toHaveCount(0);
  await cook.types('ice, 0: as it takes', '100');
  await expect(cook.warning('iceTooLittle')).toContainText('100 g of ice is gone');
  await cook.mends('iceTooLittle', /^Take/);
  await expect(cook.warning('iceTooLittle')).toHaveCount(0);
});

test('measured as it cools, the bench goes by that: the points stand on the curve, the timer is set anew', async ({
  page,
}) => {
  const cook = await Cook.enter(page, 'own');
  await cook.plans(SOY);
  await cook.starts();
  await cook.goesOnUntil(/^Cool/);
  await expect(page.getByRole('textbox', { name: 'temperature now', exact: true })).toHaveCount(0);
  await cook.press(/^Start:/);
  const left = page.getByRole('timer');
  await expect(left).toHaveAttribute('aria-label', /left/);
  const seconds = async (): Promise<number> => {
    const [m = 0, s = 0] = ((await left.locator('p').first().innerText()) || '0:0').split(':').map(Number);
    return 60 * m + s;
  };
  await page.clock.fastForward(4 * 60_000);
  const before = await seconds();
  await cook.records('temperature now', '80');
  await expect(page.getByText('It cools more slowly than usual')).toBeVisible();
  await expect.poll(seconds).toBeGreaterThan(before + 300);
  await page.clock.fastForward(4 * 60_000);
  await cook.records('temperature now', '66');
  // Mistyped, it is corrected at its own moment.
  await cook.records('temperature after 4 min', '85');
  await expect(page.getByText('recorded 85 °C')).toBeVisible();
  const points = page.locator(
    '[data-chart="How it cools"] .apexcharts-series-markers path, [data-chart="How it cools"] .apexcharts-marker',
  );
  await expect.poll(() => points.count()).toBeGreaterThanOrEqual(2);
});
