import { expect, test } from '@playwright/test';
import { gzipSync } from 'node:zlib';
import { Cook } from './cook';

test('the first page loads no validation, and nothing from elsewhere', async ({ page, baseURL }) => {
  const loaded = new Set<string>();
  const elsewhere: string[] = [];
  page.on('response', (r) => {
    if (!r.url().startsWith(baseURL ?? '') && !/^(data|blob):/.test(r.url())) elsewhere.push(r.url());
    if (r.url().endsWith('.js') && r.status() === 200) loaded.add(r.url());
  });
  const errors: string[] = [];
  page.on('pageerror', (e) => errors.push(e.message));
  page.on('console', (m) => {
    if (m.type() === 'error') errors.push(m.text());
  });
  const cook = await Cook.enter(page, 'own');
  await cook.go('/plan');
  await cook.go('/kit');
  expect(errors).toEqual([]);
  expect(elsewhere).toEqual([]);
  // Read afterwards: the body of a response is gone once its page has been left.
  const bodies = await Promise.all([...loaded].map(async (url) => (await page.request.get(url)).body()));
  const all = bodies.map((b) => b.toString());
  expect(all.length).toBeGreaterThan(2);
  expect(all.filter((t) => t.includes('any.required'))).toEqual([]);
  const gz = bodies.reduce((n, b) => n + gzipSync(b).length, 0);
  console.log(`first-load JavaScript of shelf, plan and kit together: ${(gz / 1000).toFixed(0)} kB gzip`);
});
