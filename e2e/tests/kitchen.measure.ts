import { readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { expect, test } from '@playwright/test';
import type { Browser, Page } from '@playwright/test';
import { strFromU8 } from 'fflate';
import { MORNING } from './cook';
import { open } from './files';

/**
 * A kitchen of ten years beside one of a month, in one run: what is told is the ratio. Run by npm run bench:kitchen,
 * after web/layLarge.ts has laid them down.
 */
const LARGE = join('..', '.cache', 'large');
const TABLES = ['kit', 'plans', 'batches', 'events', 'jars', 'jarEvents', 'traces', 'digests', 'learned', 'standing'];
const KITCHEN = 'ironpan-kitchen';
const median = (x: readonly number[]): number => [...x].sort((a, b) => a - b)[Math.floor(x.length / 2)] ?? NaN;

/** Lays rows into the open page's storage as they are, without the application; ms it took to write them. */
async function lay(page: Page, table: string, text: string): Promise<number> {
  await page.route('**/__rows', (r) => r.fulfill({ body: text, contentType: 'text/plain' }));
  const ms = await page.evaluate(
    async ([db, store]) => {
      const lines = (await (await fetch('/__rows')).text()).split('\n').filter((l) => l !== '');
      const rows = lines.map((l) => JSON.parse(l) as unknown);
      const d = await new Promise<IDBDatabase>((done) => {
        const r = indexedDB.open(db as string);
        r.onsuccess = () => done(r.result);
      });
      const from = performance.now();
      const t = d.transaction(store as string, 'readwrite');
      for (const row of rows) t.objectStore(store as string).put(row);
      await new Promise<void>((done) => (t.oncomplete = () => done()));
      const took = performance.now() - from;
      d.close();
      return took;
    },
    [KITCHEN, table],
  );
  await page.unroute('**/__rows');
  return ms;
}
async function enter(browser: Browser): Promise<Page> {
  const context = await browser.newContext();
  const page = await context.newPage();
  await page.clock.install({ time: MORNING });
  await page.clock.resume();
  await page.addInitScript(() => localStorage.setItem('ironpan-realm', 'kitchen'));
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Your shelf is empty' })).toBeVisible();
  return page;
}
const JAR = 'section[aria-label$="· milk"] button';
async function heapMB(page: Page): Promise<number> {
  const cdp = await page.context().newCDPSession(page);
  await cdp.send('HeapProfiler.collectGarbage');
  const { usedSize } = await cdp.send('Runtime.getHeapUsage');
  await cdp.detach();
  return usedSize / 1e6;
}
/** ms from a click to the first frame in which something is there. */
async function clickTo(page: Page, click: string, there: string): Promise<number> {
  return page.evaluate(
    ([from, to]) =>
      new Promise<number>((done) => {
        const begun = performance.now();
        const look = (): void => {
          if (document.querySelector(to as string)) done(performance.now() - begun);
          else requestAnimationFrame(look);
        };
        (document.querySelector(from as string) as HTMLElement).click();
        look();
      }),
    [click, there],
  );
}
interface Measured {
  readonly shelf: number;
  readonly book: number;
  readonly press: number;
  readonly heapShelf: number;
  readonly heapBook: number;
}
async function measure(page: Page): Promise<Measured> {
  const shelf: number[] = [];
  const book: number[] = [];
  for (let i = 0; i < 5; i += 1) {
    const from = Date.now();
    await page.goto('/');
    await page.locator(JAR).first().waitFor();
    shelf.push(Date.now() - from);
  }
  const heapShelf = await heapMB(page);
  for (let i = 0; i < 5; i += 1) {
    await page.goto('/');
    await page.locator(JAR).first().waitFor();
    book.push(await clickTo(page, 'header a[href="/book"]', 'tbody th[scope="row"]'));
  }
  await page.mouse.wheel(0, 1e7);
  await page.waitForTimeout(500);
  const heapBook = await heapMB(page);
  await page.locator('section[aria-label="Worktop"] a').first().click();
  const press: number[] = [];
  const primary = page.locator('section[aria-label="Now"] .btn-primary');
  await primary.waitFor();
  for (let i = 0; i < 5; i += 1) {
    press.push(
      await page.evaluate(
        (name) =>
          new Promise<number>((done) => {
            const now = document.querySelector('section[aria-label="Now"]');
            const before = now?.textContent;
            const begun = performance.now();
            const look = (): void => {
              const text = document.querySelector('section[aria-label="Now"]')?.textContent;
              if (text !== before) done(performance.now() - begun);
              else requestAnimationFrame(look);
            };
            const names = [...document.querySelectorAll('section[aria-label="Now"] button')];
            (names.find((b) => b.textContent.startsWith(name)) as HTMLElement).click();
            look();
          }),
        // To and fro between two steps, so that there is always one to press.
        i % 2 === 0 ? 'Go back' : ((await primary.textContent()) ?? ''),
      ),
    );
  }
  return { shelf: median(shelf), book: median(book), press: median(press), heapShelf, heapBook };
}

test('a kitchen of ten years beside one of a month', async ({ browser }) => {
  test.setTimeout(600_000);
  const got: Measured[] = [];
  for (const n of [50, 5000]) {
    const page = await enter(browser);
    for (const t of TABLES) await lay(page, t, readFileSync(join(LARGE, String(n), `${t}.jsonl`), 'utf8'));
    got.push(await measure(page));
    await page.context().close();
  }
  const [small, large] = got;
  if (!small || !large) throw new Error('nothing was measured');
  for (const [what, unit] of [
    ['shelf', 'ms'],
    ['book', 'ms'],
    ['press', 'ms'],
    ['heapShelf', 'MB'],
    ['heapBook', 'MB'],
  ] as const)
    console.log(
      `${what}: ${large[what].toFixed(1)} ${unit} with 5000 batches, ${(large[what] / small[what]).toFixed(2)} × that of 50 (1.5 at most)`,
    );
});

test('an import beside the bare writing of its rows', async ({ browser }) => {
  test.setTimeout(600_000);
  const zip = join(LARGE, 'kitchen.zip');
  const bare: number[] = [];
  const ours: number[] = [];
  for (let turn = 0; turn < 3; turn += 1) {
    const raw = await enter(browser);
    const byTable = new Map<string, string>();
    for (const [name, bytes] of Object.entries(open(zip))) {
      const table = name.split('/')[0] ?? '';
      if (name !== 'manifest.json') byTable.set(table, `${byTable.get(table) ?? ''}${strFromU8(bytes)}`);
    }
    let ms = 0;
    for (const [table, text] of byTable) ms += await lay(raw, table, text);
    bare.push(ms);
    await raw.context().close();
    const page = await enter(browser);
    await page.goto('/kit');
    const from = Date.now();
    await page.getByLabel('Import a kitchen’s file').setInputFiles(zip);
    await page.getByRole('button', { name: 'Merge it in' }).waitFor({ timeout: 300_000 });
    const judged = Date.now() - from;
    const begun = Date.now();
    await page.getByRole('button', { name: 'Merge it in' }).click();
    await page.getByText('The file was merged').waitFor({ timeout: 300_000 });
    ours.push(Date.now() - begun);
    if (turn === 0) console.log(`1000 batches, ${(statSync(zip).size / 1e6).toFixed(1)} MB: judged in ${judged} ms`);
    await page.context().close();
  }
  console.log(
    `import: ${median(ours).toFixed(0)} ms, ${(median(bare) / median(ours)).toFixed(2)} × the pace of bare IndexedDB (0.8 at least)`,
  );
});
