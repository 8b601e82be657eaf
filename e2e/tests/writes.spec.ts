import { expect, test } from '@playwright/test';
import type { Page } from '@playwright/test';
import { Cook } from './cook';

/** From now on the browser's storage is full, or no longer so: every write of a row fails as a full disk makes it fail. */
async function disk(page: Page, full: boolean): Promise<void> {
  await page.evaluate((isFull) => {
    const p = IDBObjectStore.prototype as unknown as Record<string, unknown> & { was?: Record<string, unknown> };
    p.was ??= { put: p.put, add: p.add, delete: p.delete };
    const fail = (): never => {
      throw new DOMException('the disk is full', 'QuotaExceededError');
    };
    for (const name of ['put', 'add', 'delete']) p[name] = isFull ? fail : p.was[name];
  }, full);
}
const notSaved = (page: Page) => page.locator('[data-not-saved]').first();
/** Does a thing with the disk full: it must be told, and be kept when it is tried again with space. */
async function toldAndKept(page: Page, act: () => Promise<unknown>, kept: () => Promise<unknown>): Promise<void> {
  await disk(page, true);
  await act();
  await expect(notSaved(page)).toContainText(/Not saved: .*The disk is full\. Free some space, then try again\./);
  await disk(page, false);
  await notSaved(page).getByRole('button', { name: 'Try again' }).click();
  await expect(page.locator('[data-not-saved]')).toHaveCount(0);
  await kept();
}

test('a full disk: at the bench every press says that it was not kept, the figure stays, and trying again keeps it', async ({
  page,
}) => {
  test.setTimeout(120_000);
  const cook = await Cook.enter(page, 'own');
  await cook.plans('No soak');
  const bench = page.getByRole('region', { name: 'Now', exact: true });
  await toldAndKept(
    page,
    () => cook.press('Start this batch'),
    () => expect(bench).toBeVisible(),
  );
  const first = await cook.heading().innerText();
  await toldAndKept(
    page,
    () => cook.press(/^Done/),
    () => expect(cook.heading()).not.toHaveText(first),
  );
  await toldAndKept(
    page,
    async () => {
      await cook.press('Note');
      await page.getByRole('textbox', { name: 'Something else' }).fill('A long note that took typing');
      await cook.press('Keep the note');
      await expect(page.getByRole('dialog')).toBeVisible();
      await expect(page.getByRole('textbox', { name: 'Something else' })).toHaveValue('A long note that took typing');
    },
    () => expect(page.getByRole('dialog')).toHaveCount(0),
  );
  await cook.goesOnUntil('Strain');
  const milk = page.getByRole('textbox', { name: 'milk that came through', exact: true });
  await toldAndKept(
    page,
    async () => {
      await milk.fill('900');
      await cook.press('Record milk that came through');
      await expect(notSaved(page)).toContainText('900');
      await expect(milk).toHaveValue('900');
    },
    () => expect(milk).toHaveValue(''),
  );
});

test('a full disk: plan, kit, own food, preference and shelf say so too', async ({ page }) => {
  test.setTimeout(120_000);
  const cook = await Cook.enter(page, 'demo', '/plan');
  await toldAndKept(
    page,
    () =>
      page
        .getByRole('button', { name: /^Plan this:/ })
        .first()
        .click(),
    () => expect(page.getByRole('button', { name: 'Start this batch' })).toBeVisible(),
  );
  const name = page.getByRole('textbox', { name: 'Name of the plan' });
  await toldAndKept(
    page,
    async () => {
      await name.fill('Changed on a full disk');
      await expect(notSaved(page)).toBeVisible();
    },
    async () => {
      await expect(name).toHaveValue('Changed on a full disk');
      await page.reload();
      await expect(name).toHaveValue('Changed on a full disk');
    },
  );
  await toldAndKept(
    page,
    () => cook.press('Keep as a new plan'),
    () => expect(name).toHaveValue('Changed on a full disk, copy'),
  );
  await cook.go('/kit');
  await toldAndKept(
    page,
    () => cook.types('altitude', '1234'),
    async () => {
      await cook.go('/kit');
      await expect(cook.field('altitude')).toHaveValue('1234');
    },
  );
  await toldAndKept(
    page,
    () => cook.press('Add it'),
    () => expect(page.getByRole('textbox', { name: 'a US cup of it weighs' })).toHaveCount(1),
  );
  const cup = page.getByRole('textbox', { name: 'a US cup of it weighs' });
  await toldAndKept(
    page,
    async () => {
      await cup.fill('91');
      await cup.blur();
      await expect(cup).toHaveValue('91');
    },
    async () => {
      await cook.go('/kit');
      await expect(cup).toHaveValue('91');
    },
  );
  const ounces = page.getByRole('checkbox', { name: /^Ounces/ });
  await toldAndKept(
    page,
    () => ounces.check(),
    async () => {
      await cook.go('/kit');
      await expect(ounces).toBeChecked();
    },
  );
  await cook.go('/');
  await cook.jars().first().click();
  await cook.press('Pour out');
  const before = await page.getByRole('dialog').innerText();
  await toldAndKept(
    page,
    () => cook.press('100 ml'),
    () => expect.poll(() => page.getByRole('dialog').innerText()).not.toBe(before),
  );
});

test('a storage that is deleted under the page is told, and a reload begins anew', async ({ page }) => {
  const cook = await Cook.enter(page, 'own');
  await cook.plans('No soak');
  await page.evaluate(
    () =>
      new Promise<void>((done) => {
        const r = indexedDB.deleteDatabase('ironpan-kitchen');
        r.onsuccess = () => done();
      }),
  );
  await expect(page.getByRole('heading', { name: /storage was taken away/ })).toBeVisible();
  await cook.press('Reload');
  await expect(page.getByRole('heading', { name: 'This plan is not here' })).toBeVisible();
});
