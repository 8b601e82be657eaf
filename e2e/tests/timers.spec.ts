import { expect, test } from '@playwright/test';
import { Cook, MORNING } from './cook';

test('a timer goes on while the window is closed, and rings once when it is over while it is open', async ({
  page,
  context,
}) => {
  const cook = await Cook.enter(page, 'own');
  await cook.plans('Raw ground, washed');
  await cook.starts();
  await cook.goesOnUntil('Soak');
  await expect(page.getByRole('timer')).toContainText('9:59');
  await page.close();

  const later = await context.newPage();
  await later.clock.install({ time: new Date(MORNING.getTime() + 4 * 3_600_000) });
  const again = new Cook(later);
  await again.go('/bench');
  await expect(later.getByRole('timer')).toContainText(/5:5\d/);
  await expect(later.getByRole('region', { name: 'Worktop' })).toContainText(/4\sh.* of 10\sh/);
  await expect(later).toHaveTitle('Ironpan');
  await again.waits(6.1);
  await expect(later.getByRole('timer')).toContainText('Time is up');
  await expect(later).toHaveTitle('Time: Soak');
  await expect(later.locator('[data-time-up]')).toHaveText('Time is up: Soak.');
  await again.press(/^Done/);
  await expect(again.heading()).toHaveText('Drain and rinse');
  await expect(again.heading()).toBeFocused();
  await expect(later).toHaveTitle('Ironpan');
});

test('the hold shows what is left of the inhibitor, falling', async ({ page }) => {
  const cook = await Cook.enter(page, 'own');
  await cook.plans('Raw ground, washed');
  await cook.starts();
  await cook.goesOnUntil('Hold at the boil');
  const left = async (): Promise<number> =>
    Number(/left now\s+(\d+)/.exec(await page.getByRole('timer').innerText())?.[1]);
  await cook.waits(0.05);
  const first = await left();
  await cook.waits(0.2);
  await expect.poll(left).toBeLessThan(first);
});

test('two batches at once: both stand on the worktop, each with its own bench', async ({ page }) => {
  const cook = await Cook.enter(page, 'own');
  await cook.plans('Raw ground, washed');
  await cook.starts();
  await cook.goesOnUntil('Soak');
  await cook.plans('No soak');
  await cook.starts();
  const worktop = page.getByRole('region', { name: 'Worktop' });
  await expect(worktop.getByRole('link', { name: /Soak/ })).toBeVisible();
  await expect(worktop.getByRole('link', { name: /Pick over/ }).first()).toBeVisible();
  await cook.go('/bench');
  await expect(page.getByRole('heading', { name: 'On the bench' })).toBeVisible();
  await expect(page.locator('#place').getByRole('link')).toHaveCount(2);
  await worktop.getByRole('link', { name: /Soak/ }).click();
  await expect(cook.heading()).toHaveText('Soak');
});

test('on a phone a whole milk is made with one thumb: the big button is always within reach', async ({ page }) => {
  test.setTimeout(120_000);
  await page.setViewportSize({ width: 390, height: 844 });
  const cook = await Cook.enter(page, 'own');
  await cook.plans('No soak');
  await cook.starts();
  for (let i = 0; i < 30 && (await cook.where()) !== 'over'; i += 1) {
    const now = page.getByRole('region', { name: 'Now', exact: true });
    const big = now.getByRole('button', { name: /^(Done|Start)/ });
    const box = await big.boundingBox();
    expect(box?.height ?? 0).toBeGreaterThanOrEqual(56);
    expect(box?.width ?? 0).toBeGreaterThan(250);
    await cook.doesStep();
  }
  await expect(page.getByText(/is in its jars/)).toBeVisible();
});
