import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect, test } from '@playwright/test';
import { Cook } from './cook';

/** The file that a place was built into: names of files are the builder's own. */
function placeFile(source: string): string {
  const manifest = readFileSync(join('..', 'web', 'dist', '.vite', 'manifest.json'), 'utf8');
  const file = (JSON.parse(manifest) as Readonly<Record<string, { readonly file: string }>>)[source]?.file;
  if (file === undefined) throw new Error(`no file of ${source}`);
  return file;
}

test.describe('with the server gone', () => {
  test.use({ serviceWorkers: 'allow' });
  test('after the first visit every place opens, a reload included, and a worker works', async ({ page, context }) => {
    test.setTimeout(120_000);
    const cook = await Cook.enter(page, 'demo');
    // The worker takes the page over when all pieces are kept.
    await page.waitForFunction(() => navigator.serviceWorker.controller !== null, undefined, { timeout: 60_000 });
    await context.setOffline(true);
    for (const [path, heading] of [
      ['/', 'Next'],
      ['/plan', 'What will you make'],
      ['/book', 'Book'],
      ['/kit', 'Kit'],
      ['/plan/demo-oat/moves', ''],
    ] as const) {
      await cook.go(path);
      if (heading !== '') await expect(page.getByRole('heading', { name: heading, exact: true }).first()).toBeVisible();
    }
    await expect(page.getByText(/Least of it|Most of it/)).toBeVisible({ timeout: 60_000 });
    await cook.go('/kit');
    await expect(page.getByText('Demo kitchen.')).toBeVisible();
    await cook.exports();
  });
  test('it can be installed: a manifest with name, start and icon', async ({ page }) => {
    await page.goto('/');
    const href = await page.locator('link[rel="manifest"]').getAttribute('href');
    const manifest = (await (await page.request.get(href ?? '')).json()) as Record<string, unknown>;
    expect(manifest).toMatchObject({ name: 'Ironpan', start_url: '/', display: 'standalone' });
    expect(manifest.icons).toHaveLength(1);
  });
});

test('an old window whose next place is gone from the server says so, and its timers go on', async ({ page }) => {
  const cook = await Cook.enter(page, 'demo');
  const gone = `**/${placeFile('src/kit/index.ts')}`;
  await page.route(gone, (r) => r.fulfill({ status: 404, body: 'gone' }));
  // It tries once by itself, with a fresh page at the same place; there the piece is still missing.
  const anew = page.waitForEvent('load');
  await page.getByRole('link', { name: 'Kit' }).first().click();
  await anew;
  await expect(page.getByRole('alert').filter({ hasText: 'This place is not loaded yet' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Worktop' })).toContainText('Soak');
  await page.unroute(gone);
  await cook.press('Reload');
  await expect(page.getByRole('heading', { name: 'Kit', exact: true })).toBeVisible();
});

test('a worker that cannot be loaded is told: the file could not be made, nothing else stops', async ({ page }) => {
  const cook = await Cook.enter(page, 'demo', '/kit');
  await page.route(/kitchen\.worker/, (r) => r.abort());
  await cook.press('Export everything');
  await expect(page.getByText(/The file could not be made.*reload the page/)).toBeVisible();
  await cook.choosesFile({ name: 'x.zip', mimeType: 'application/zip', buffer: Buffer.from('PK') });
  await expect(page.getByRole('alert')).toContainText('Nothing was changed');
});
