import { expect, test } from '@playwright/test';
import type { Page } from '@playwright/test';
import { Cook } from './cook';

/** Damages one row of the demo as a fault of an older build might have: its kit has lost all its things. */
async function damage(page: Page, batch: string): Promise<void> {
  await page.evaluate(
    (id) =>
      new Promise<void>((done, fail) => {
        const r = indexedDB.open('ironpan-demo');
        r.onsuccess = () => {
          const t = r.result.transaction('batches', 'readwrite');
          const rows = t.objectStore('batches');
          const got = rows.get(id);
          got.onsuccess = () => {
            const row = got.result as { kit: { things: unknown[] } };
            row.kit.things = [];
            rows.put(row);
          };
          t.oncomplete = () => {
            r.result.close();
            done();
          };
          t.onerror = () => fail(new Error(t.error?.message));
        };
      }),
    batch,
  );
}

test('a batch that cannot be worked out takes down no other, nor the worktop, nor Kit and its export', async ({
  page,
}) => {
  test.setTimeout(120_000);
  const cook = await Cook.enter(page, 'demo');
  await expect(cook.jars().first()).toBeVisible();
  const jars = await cook.jars().count();
  // The batch on the bench, and one whose jars stand on the shelf.
  await damage(page, 'demo-batch-17');
  await damage(page, 'demo-batch-14');
  await cook.go('/');
  await expect(
    page.getByRole('alert').filter({ hasText: 'Batch 17, Weekday soy, one wash, cannot be worked out' }),
  ).toBeVisible();
  await expect(
    page
      .getByRole('alert')
      .filter({ hasText: /A jar of batch 14/ })
      .first(),
  ).toBeVisible();
  expect(await cook.jars().count()).toBeGreaterThan(4);
  expect(await cook.jars().count()).toBeLessThan(jars);
  await expect(page.getByRole('region', { name: 'Worktop' })).toBeVisible();
  await cook.go('/book');
  await expect(page.getByRole('row', { name: /One nut, three jars/ })).toContainText('done');
  await cook.go('/book/demo-batch-14');
  await expect(page.getByRole('heading', { name: /Batch 14, .* cannot be worked out/ })).toBeVisible();
  await cook.go('/book/demo-batch-13');
  await expect(page.getByRole('region', { name: 'Figures' })).toContainText('milk');
  await cook.go('/bench/demo-batch-17');
  await expect(page.getByRole('heading', { name: /cannot be worked out/ })).toBeVisible();
  await cook.exports();
  // And it is not taken in elsewhere: the file says which row is at fault.
  await cook.choosesFile(await cook.exports());
  await expect(page.getByRole('alert')).toContainText(/batches, row \d+: kit\.things is empty/);
  // The jar that cannot be worked out can still be cleared away.
  await cook.go('/');
  const broken = page.getByRole('alert').filter({ hasText: /A jar of batch 14/ });
  await expect(broken.first()).toBeVisible();
  const before = await broken.count();
  await broken.first().getByRole('button', { name: 'I have thrown it away' }).click();
  await expect(broken).toHaveCount(before - 1);
});
