import { readFile } from 'node:fs/promises';
import { createServer } from 'node:http';
import type { Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { extname, join } from 'node:path';
import { expect, test } from '@playwright/test';
import type { Page } from '@playwright/test';
import { MORNING } from './cook';

/** Two builds one after the other, from a server of the test's own: they differ in the page that keeps the pieces. */
const DIST = join('..', 'web', 'dist');
const TYPES: Readonly<Record<string, string>> = {
  '.js': 'text/javascript',
  '.css': 'text/css',
  '.svg': 'image/svg+xml',
  '.webmanifest': 'application/manifest+json',
  '.woff2': 'font/woff2',
};
interface Builds {
  readonly address: string;
  readonly server: Server;
  build: number;
}
async function serve(): Promise<Builds> {
  const server = createServer((req, res) => {
    const path = new URL(req.url ?? '/', 'http://x').pathname;
    const file = extname(path) === '' ? 'index.html' : path.slice(1);
    readFile(join(DIST, file)).then(
      (body) => {
        const html = file === 'index.html';
        res.setHeader('content-type', html ? 'text/html' : (TYPES[extname(file)] ?? 'application/octet-stream'));
        res.setHeader('cache-control', 'no-cache');
        if (html) res.end(body.toString().replace('data-realm=""', 'data-realm="demo"'));
        else res.end(file === 'sw.js' ? `${body.toString()}\n// build ${builds.build}` : body);
      },
      () => res.writeHead(404).end(),
    );
  });
  await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
  const { port } = server.address() as AddressInfo;
  const builds: Builds = { address: `http://127.0.0.1:${port}`, server, build: 1 };
  return builds;
}
const banner = (page: Page) => page.getByText('A newer Ironpan is ready.');
const asksAgain = (page: Page) =>
  page.evaluate(async () => {
    await (await navigator.serviceWorker.ready).update();
  });
/** Marks this very load of the page, so that another is known. */
const mark = (page: Page) => page.evaluate(() => Object.assign(window, { sameLoad: true }));
const isMarked = (page: Page) => page.evaluate(() => 'sameLoad' in window);

test.describe('a newer build under an open window', () => {
  test.use({ serviceWorkers: 'allow' });
  let builds: Builds;
  test.beforeEach(async () => {
    builds = await serve();
  });
  test.afterEach(() => {
    builds.server.closeAllConnections();
    builds.server.close();
  });
  async function opened(page: Page, path: string): Promise<void> {
    await page.clock.install({ time: MORNING });
    await page.clock.resume();
    await page.goto(builds.address + path);
    await page.waitForFunction(() => navigator.serviceWorker.controller !== null, undefined, { timeout: 60_000 });
    await expect(banner(page)).toHaveCount(0);
    await mark(page);
    builds.build = 2;
    await asksAgain(page);
    await expect(banner(page)).toBeVisible({ timeout: 30_000 });
  }
  test('says so and waits; a press takes it up, and everything is there', async ({ page }) => {
    test.setTimeout(120_000);
    await opened(page, '/book');
    expect(await isMarked(page)).toBe(true);
    await page.getByRole('button', { name: 'Update now' }).click();
    await expect.poll(() => isMarked(page).catch(() => true), { timeout: 30_000 }).toBe(false);
    await expect(page.getByRole('heading', { name: 'Book', exact: true })).toBeVisible();
    await expect(banner(page)).toHaveCount(0);
  });
  test('never by itself while a timer runs or something is half typed', async ({ page }) => {
    test.setTimeout(120_000);
    await opened(page, '/kit');
    // The demo's soak is running: a page loaded anew might not ring.
    await page.getByLabel('altitude').fill('12x');
    await page.evaluate(() => {
      Object.defineProperty(document, 'visibilityState', { value: 'hidden', configurable: true });
      document.dispatchEvent(new Event('visibilitychange'));
    });
    await page.waitForTimeout(1500);
    expect(await isMarked(page)).toBe(true);
    await expect(page.getByLabel('altitude')).toHaveValue('12x');
    await expect(banner(page)).toBeVisible();
  });
  test('one window updates; another keeps its page and what is half typed, until it chooses', async ({
    page,
    context,
  }) => {
    test.setTimeout(120_000);
    await opened(page, '/book');
    const other = await context.newPage();
    await other.goto(`${builds.address}/kit`);
    await other.getByLabel('altitude').fill('12x');
    await mark(other);
    await page.getByRole('button', { name: 'Update now' }).click();
    await expect.poll(() => isMarked(page).catch(() => true), { timeout: 30_000 }).toBe(false);
    await expect(banner(other)).toBeVisible();
    await other.waitForTimeout(1000);
    expect(await isMarked(other)).toBe(true);
    await expect(other.getByLabel('altitude')).toHaveValue('12x');
    await other.getByRole('button', { name: 'Update now' }).click();
    await expect.poll(() => isMarked(other).catch(() => true), { timeout: 30_000 }).toBe(false);
    await expect(banner(other)).toHaveCount(0);
  });
});
