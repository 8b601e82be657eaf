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
const TABLES = [
  'kit',
  'plans',
  'batches',
  'events',
  'jars',
  'jarEvents',
  'traces',
  'photos',
  'digests',
  'learned',
  'standing',
  'fates',
];
const KITCHEN = 'ironpan-kitchen';
const median = (x: readonly number[]): number => [...x].sort((a, b) => a - b)[Math.floor(x.length / 2)] ?? NaN;

/** Letters that go over to the page at once: photographs are more than it takes in one piece. */
const AT_ONCE = 20_000_000;
function inParts(text: string): readonly string[] {
  const out: string[] = [];
  for (let from = 0; from < text.length;) {
    const end = from + AT_ONCE < text.length ? text.lastIndexOf('\n', from + AT_ONCE) : text.length;
    out.push(text.slice(from, end));
    from = end + 1;
  }
  return out;
}
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
/** In the page: counts what comes out of IndexedDB, rows and keys, in `window.entriesRead`. */
function countEntries(): void {
  const of = window as unknown as { entriesRead: number };
  of.entriesRead = 0;
  type Read = (...args: unknown[]) => IDBRequest;
  for (const proto of [IDBObjectStore.prototype, IDBIndex.prototype] as unknown as Record<string, Read>[])
    for (const name of ['get', 'getKey', 'getAll', 'getAllKeys', 'openCursor', 'openKeyCursor']) {
      const was = proto[name] as Read;
      proto[name] = function (this: unknown, ...args) {
        const request = was.apply(this, args);
        request.addEventListener('success', () => {
          const got: unknown = request.result;
          if (Array.isArray(got)) of.entriesRead += got.length;
          else if (got !== null && got !== undefined) of.entriesRead += 1;
        });
        return request;
      };
    }
}
const entriesRead = (page: Page): Promise<number> =>
  page.evaluate(() => (window as unknown as { entriesRead: number }).entriesRead);
async function enter(browser: Browser): Promise<Page> {
  const context = await browser.newContext();
  const page = await context.newPage();
  await page.clock.install({ time: MORNING });
  await page.clock.resume();
  await page.addInitScript(() => localStorage.setItem('ironpan-realm', 'kitchen'));
  await page.addInitScript(countEntries);
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
/** The second work of opening begins so long after the first page, ms; then it is left to end. */
const SETTLED_MS = 5000;
/** One turn of each. Both kitchens take turns, so that whatever else the machine does falls on both. */
async function openShelf(page: Page): Promise<number> {
  const from = Date.now();
  await page.goto('/');
  await page.locator(JAR).first().waitFor();
  return Date.now() - from;
}
async function openBook(page: Page): Promise<number> {
  await openShelf(page);
  return clickTo(page, 'header a[href="/book"]', 'tbody th[scope="row"]');
}
/** To and fro between two steps, so that there is always one to press. */
async function pressOnce(page: Page, turn: number): Promise<number> {
  const primary = page.locator('section[aria-label="Now"] .btn-primary');
  await primary.waitFor();
  const name = turn % 2 === 0 ? 'Go back' : ((await primary.textContent()) ?? '');
  return page.evaluate(
    (starts) =>
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
        (names.find((b) => b.textContent.startsWith(starts)) as HTMLElement).click();
        look();
      }),
    name,
  );
}
const TURNS = 8;

test('a kitchen of ten years beside one of a month', async ({ browser }) => {
  test.setTimeout(600_000);
  const kitchens: Page[] = [];
  for (const n of [50, 5000]) {
    const page = await enter(browser);
    for (const t of TABLES)
      for (const some of inParts(readFileSync(join(LARGE, String(n), `${t}.jsonl`), 'utf8'))) await lay(page, t, some);
    kitchens.push(page);
  }
  const inTurn = async (what: string, unit: string, turns: number, one: (p: Page, turn: number) => Promise<number>) => {
    const got: number[][] = [[], []];
    for (let turn = 0; turn < turns; turn += 1)
      for (const [k, page] of kitchens.entries()) {
        await page.bringToFront();
        got[k]?.push(await one(page, turn));
      }
    const [small, large] = got.map(median);
    console.log(
      `${what}: ${large?.toFixed(1)} ${unit} with 5000 batches, ${((large ?? NaN) / (small ?? NaN)).toFixed(2)} × that of 50 (1.5 at most)`,
    );
  };
  /** One after the other without a pause, as somebody goes on at once: what still runs in the background is waited for too. */
  const backToBack = async (what: string, one: (p: Page, turn: number) => Promise<number>) => {
    const got: number[] = [];
    for (const page of kitchens) {
      await page.bringToFront();
      const all: number[] = [];
      for (let turn = 0; turn < TURNS; turn += 1) all.push(await one(page, turn));
      got.push(median(all));
    }
    const [small = NaN, large = NaN] = got;
    console.log(
      `${what}, back to back: ${large.toFixed(1)} ms with 5000 batches, ${(large / small).toFixed(2)} × (1.5 at most)`,
    );
  };
  await inTurn('rows and keys read on opening', 'entries', 1, async (page) => {
    await openShelf(page);
    await page.waitForTimeout(SETTLED_MS);
    return entriesRead(page);
  });
  await backToBack('shelf', openShelf);
  await inTurn('shelf', 'ms', TURNS, openShelf);
  await inTurn('heap at the shelf', 'MB', 1, heapMB);
  await inTurn('book', 'ms', TURNS, openBook);
  await inTurn('heap at the book, scrolled to its end', 'MB', 1, async (page) => {
    await page.mouse.wheel(0, 1e7);
    await page.waitForTimeout(500);
    return heapMB(page);
  });
  for (const page of kitchens) await page.locator('section[aria-label="Worktop"] a').first().click();
  await inTurn('press', 'ms', TURNS, pressOnce);
  await backToBack('press', pressOnce);
  await inTurn('rows and keys read by a press', 'entries', 2, async (page, turn) => {
    const before = await entriesRead(page);
    await pressOnce(page, turn);
    await page.waitForTimeout(1000);
    return (await entriesRead(page)) - before;
  });
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
