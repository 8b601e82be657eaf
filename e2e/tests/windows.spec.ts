import { expect, test } from '@playwright/test';
import type { BrowserContext, Page } from '@playwright/test';
import { Cook, MORNING } from './cook';

const KITCHEN = 'ironpan-kitchen';
/** A second window on the same kitchen, at the same address. */
async function second(context: BrowserContext, path: string): Promise<Cook> {
  const page = await context.newPage();
  return Cook.enter(page, 'own', path);
}
const rowsOf = (page: Page, table: string): Promise<Record<string, unknown>[]> =>
  page.evaluate(
    ([db, store]) =>
      new Promise<Record<string, unknown>[]>((done, fail) => {
        const r = indexedDB.open(db as string);
        r.onsuccess = () => {
          const all = r.result
            .transaction(store as string)
            .objectStore(store as string)
            .getAll();
          all.onsuccess = () => {
            r.result.close();
            done(all.result as Record<string, unknown>[]);
          };
        };
        r.onerror = () => fail(new Error(r.error?.message));
      }),
    [KITCHEN, table],
  );

test('a double click starts one batch, makes one plan, keeps one copy', async ({ page }) => {
  const cook = await Cook.enter(page, 'own', '/plan');
  await page
    .getByRole('button', { name: /^Plan this:/ })
    .first()
    .dblclick();
  await expect(page.getByRole('button', { name: 'Start this batch' })).toBeVisible();
  expect(await rowsOf(page, 'plans')).toHaveLength(1);
  await page.getByRole('button', { name: 'Keep as a new plan' }).dblclick();
  await expect(page.getByRole('textbox', { name: 'Name of the plan' })).toHaveValue(/, copy$/);
  await page.getByRole('button', { name: 'Save as my method' }).dblclick();
  await expect(page.getByText(/one of your own methods/)).toBeVisible();
  expect([(await rowsOf(page, 'plans')).length, (await rowsOf(page, 'methods')).length]).toEqual([2, 1]);
  await page.getByRole('button', { name: 'Start this batch' }).dblclick();
  await expect(cook.heading()).toBeVisible();
  expect(await rowsOf(page, 'batches')).toHaveLength(1);
  const where = await cook.where();
  await page.getByRole('button', { name: /^(Done|Start:)/ }).dblclick();
  await expect.poll(async () => (await rowsOf(page, 'events')).length).toBeGreaterThan(0);
  await cook.rests();
  expect([where, await cook.where()]).toEqual([where, expect.stringMatching(/^[12] of/)]);
});

test('done pressed in two windows counts once', async ({ page, context }) => {
  const cook = await Cook.enter(page, 'own');
  await cook.plans('No soak');
  await cook.starts();
  const other = await second(context, new URL(page.url()).pathname);
  // Both at once: neither has seen what the other says.
  await Promise.allSettled(
    [page, other.page].map((p) => p.getByRole('button', { name: /^Done/ }).click({ timeout: 3000 })),
  );
  await expect.poll(() => other.where()).not.toMatch(/^1 of/);
  await cook.rests();
  const ended = (await rowsOf(page, 'events')).filter((e) => e.is === 'ended' && e.step === 'sort');
  expect(ended).toHaveLength(1);
  expect(await cook.where()).toBe(await other.where());
});

test('two windows that pour from one jar never pour more than it held', async ({ page, context }) => {
  test.setTimeout(120_000);
  const cook = await Cook.enter(page, 'own');
  await cook.plans('No soak');
  await cook.starts();
  await cook.finishes();
  await cook.go('/');
  const other = await second(context, '/');
  const held = (await rowsOf(page, 'jars')).filter((j) => j.product === 'milk').map((j) => Number(j.filledMl));
  for (const c of [cook, other]) {
    await c.jars().first().click();
    await c.press('Pour out');
    await c.field('Another amount').fill(String(Math.floor((held[0] ?? 0) * 0.7)));
  }
  await Promise.allSettled(
    [page, other.page].map((p) => p.getByRole('button', { name: 'Pour', exact: true }).click({ timeout: 3000 })),
  );
  await cook.rests();
  const said = (await rowsOf(page, 'jarEvents')).filter((e) => e.is === 'poured');
  const poured = said.reduce((ml, e) => ml + Number(e.ml), 0);
  expect([poured > 0, poured <= (held[0] ?? 0)]).toEqual([true, true]);
});

test('edits of different fields in two windows come together', async ({ page, context }) => {
  const cook = await Cook.enter(page, 'own');
  await cook.plans('No soak');
  const other = await second(context, new URL(page.url()).pathname);
  await expect(other.field('fresh water')).toBeVisible();
  await Promise.all([cook.types('Name of the plan', 'From the first'), other.types('fresh water', '1234')]);
  await cook.rests();
  await other.rests();
  await cook.go(new URL(page.url()).pathname);
  await expect(cook.field('Name of the plan')).toHaveValue('From the first');
  await expect(cook.field('fresh water')).toHaveValue('1234');
  expect(await rowsOf(page, 'plans')).toHaveLength(1);
});

test('a field that another window changed shows the new figure, and keeps what cannot be read yet', async ({
  page,
  context,
}) => {
  const cook = await Cook.enter(page, 'own', '/kit');
  const other = await second(context, '/kit');
  await cook.types('altitude', '120');
  await expect(other.field('altitude')).toHaveValue('120');
  await other.types('altitude', '480');
  await expect(cook.field('altitude')).toHaveValue('480');
  await cook.field('altitude').pressSequentially('x');
  await other.types('altitude', '500');
  await other.rests();
  await expect(cook.field('altitude')).toHaveValue(/x$/);
});

test('a browser that never opens the storage is said to be slow, with a way on', async ({ page }) => {
  await page.addInitScript(() => {
    indexedDB.open = () => ({ addEventListener: () => undefined }) as unknown as IDBOpenDBRequest;
  });
  await page.clock.install({ time: MORNING });
  await page.goto('/');
  await expect(page.getByText('Opening your kitchen')).toBeVisible();
  await page.clock.fastForward(11_000);
  await expect(page.getByRole('heading', { name: 'Your kitchen is not open yet' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Reload' })).toBeVisible();
});

test('a storage that a newer Ironpan wrote is not opened, and says so', async ({ page }) => {
  await page.goto('/healthz');
  await page.evaluate(
    (name) =>
      new Promise<void>((done) => {
        const r = indexedDB.open(name, 990);
        r.onupgradeneeded = () => r.result.createObjectStore('future', { keyPath: 'id' });
        r.onsuccess = () => {
          r.result.close();
          done();
        };
      }),
    KITCHEN,
  );
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'This kitchen was written by a newer Ironpan' })).toBeVisible();
  const version = await page.evaluate(
    async (n) => (await indexedDB.databases()).find((d) => d.name === n)?.version,
    KITCHEN,
  );
  expect(version).toBe(990);
});

test('an old window lets go when a newer one needs the storage; a window that does not is named', async ({
  page,
  context,
}) => {
  const cook = await Cook.enter(page, 'own');
  await cook.plans('No soak');
  const newer = await context.newPage();
  await newer.goto('/healthz');
  const upgraded = await newer.evaluate(
    (name) =>
      new Promise<string>((done) => {
        const r = indexedDB.open(name, 990);
        r.onupgradeneeded = () => r.result.createObjectStore('future', { keyPath: 'id' });
        r.onsuccess = () => done('opened');
        r.onblocked = () => done('blocked');
      }),
    KITCHEN,
  );
  expect(upgraded).toBe('opened');
  await expect(page.getByRole('heading', { name: 'A newer Ironpan is open in another window' })).toBeVisible();
});

test('an older window that holds on is to be closed: the page says so, and goes on by itself', async ({
  page,
  context,
}) => {
  const old = await context.newPage();
  await old.goto('/healthz');
  await old.evaluate(
    (name) =>
      new Promise<void>((done) => {
        const r = indexedDB.open(name, 20);
        r.onupgradeneeded = () => {
          for (const [store, key] of [
            ...['kit', 'plans', 'batches', 'events', 'jars', 'jarEvents', 'materials', 'methods'].map((t) => [t, 'id']),
            ['undo', 'plan'],
            ['settings', 'key'],
          ])
            r.result.createObjectStore(store as string, { keyPath: key as string });
        };
        r.onsuccess = () => {
          (window as unknown as Record<string, unknown>).held = r.result;
          done();
        };
      }),
    KITCHEN,
  );
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Another window still holds the kitchen' })).toBeVisible();
  await old.close();
  await expect(page.getByRole('heading', { name: 'Your shelf is empty' })).toBeVisible();
});
