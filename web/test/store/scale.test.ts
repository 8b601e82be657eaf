import { expect, test } from '@jest/globals';
import { MODEL, progressOf } from '@ironpan/core/batch';
import { largeKitchen } from '../../src/demo/large';
import { append, oneBatch, openBatches, startBatch } from '../../src/store/batches';
import { bookRows, countBatches, countClosed } from '../../src/store/book';
import { digestMissing, digestStale } from '../../src/store/digests';
import { countFates, fatesMissing } from '../../src/store/fates';
import { countStale } from '../../src/store/learned';
import { appendToJar, jarsFilledSince, standingJars } from '../../src/store/jars';
import { readHere } from '../../src/store/here';
import { onePlan } from '../../src/store/plans';
import { layLarge } from '../large';
import { kitchenForEach } from '../setup';

const open = kitchenForEach('scale');
const T = Date.UTC(2026, 4, 1, 9);
const SMALL = 20;
const LARGE = 100;

/** Rows that came out of the storage while something was done, by table. */
async function rowsRead(act: () => Promise<unknown>): Promise<number> {
  let n = 0;
  const count = <R>(row: R): R => {
    n += 1;
    return row;
  };
  for (const t of open().tables) t.hook('reading', count);
  try {
    await act();
  } finally {
    for (const t of open().tables) t.hook('reading').unsubscribe(count);
  }
  return n;
}
type Read = (...of: unknown[]) => IDBRequest;
/** Rows and keys that came out of IndexedDB itself while something was done: also those that Dexie hands on as keys. */
async function entriesRead(act: () => Promise<unknown>): Promise<number> {
  let n = 0;
  const back: (() => void)[] = [];
  for (const proto of [IDBObjectStore.prototype, IDBIndex.prototype] as unknown as Record<string, Read>[])
    for (const name of ['get', 'getKey', 'getAll', 'getAllKeys', 'openCursor', 'openKeyCursor']) {
      const own = { was: proto[name] };
      if (!own.was) continue;
      proto[name] = function (this: unknown, ...of) {
        const request = (own.was as Read).apply(this, of);
        request.addEventListener('success', () => {
          const got: unknown = request.result;
          if (Array.isArray(got)) n += got.length;
          else if (got !== null && got !== undefined) n += 1;
        });
        return request;
      };
      back.push(() => {
        proto[name] = own.was as Read;
      });
    }
  try {
    await act();
  } finally {
    for (const undo of back) undo();
  }
  return n;
}
/** What is read once a kitchen is opened and left alone: what is missing, stale, or changed. */
async function opened(): Promise<void> {
  await digestMissing();
  await digestStale(() => Promise.resolve());
  await fatesMissing(() => Promise.resolve());
  await countClosed();
  await countStale(MODEL);
  await countFates();
}
/** Everything a page or a press reads, once; how many rows each took. */
async function costs(): Promise<Record<string, number>> {
  const bench = (await openBatches())[0];
  const jar = (await standingJars())[0];
  const plan = await onePlan((await open().plans.toCollection().primaryKeys())[0] ?? '');
  if (!bench || !jar || !plan) throw new Error('the kitchen is not as it should be');
  const kit = await readHere();
  const t = progressOf(bench.batch, bench.events).current;
  if (!t) throw new Error('nothing is at hand');
  return {
    worktop: await rowsRead(openBatches),
    shelf: await rowsRead(standingJars),
    book: await rowsRead(() => bookRows(0, 15)),
    'far down the book': await rowsRead(async () => bookRows((await countBatches()) - 15, 15)),
    'one batch': await rowsRead(() => oneBatch(bench.batch.id)),
    done: await rowsRead(() =>
      append(bench.batch.id, [{ is: 'ended', step: t.step.id, task: t.task.id, by: 'cook' }], T + 1),
    ),
    pour: await rowsRead(() => appendToJar(jar.jar.id, { is: 'poured', ml: 10 }, T + 2)),
    start: await rowsRead(() => startBatch(plan, kit, T + 60_000)),
  };
}

test('what a page or a press reads does not grow with the years', async () => {
  await layLarge(SMALL, T);
  const small = await costs();
  await Promise.all(open().tables.map((t) => t.clear()));
  await layLarge(LARGE, T);
  const large = await costs();
  for (const [what, rows] of Object.entries(small)) {
    expect([what, rows > 0]).toEqual([what, true]);
    expect([what, (large[what] ?? NaN) <= 1.25 * rows + 2]).toEqual([what, true]);
  }
});
test('what is read on opening, and again after a write, does not grow with the years', async () => {
  const read = async (batches: number): Promise<readonly number[]> => {
    await Promise.all(open().tables.map((t) => t.clear()));
    await layLarge(batches, T);
    const bench = (await openBatches())[0];
    if (!bench) throw new Error('no open batch');
    // What the laying left to be worked out is worked out once.
    await opened();
    const onOpening = await entriesRead(opened);
    await append(bench.batch.id, [{ is: 'note', text: 'x' }], T + 1);
    return [onOpening, await entriesRead(opened)];
  };
  const small = await read(SMALL);
  const large = await read(LARGE);
  large.forEach((n, i) => expect(n).toBeLessThanOrEqual(1.25 * (small[i] ?? 0) + 2));
});
test('thirty days are thirty days, whatever came before', async () => {
  await layLarge(LARGE, T);
  const month = await jarsFilledSince(T - 30 * 86_400_000);
  expect(month.length).toBeGreaterThan(0);
  expect(month.length).toBeLessThan(0.2 * (await open().jars.count()));
});
test('the book shows every batch once, the newest first', async () => {
  await layLarge(SMALL, T);
  const rows = [...(await bookRows(0, 7)), ...(await bookRows(7, 7)), ...(await bookRows(14, 100))];
  expect(new Set(rows.map((r) => r.batch)).size).toBe(SMALL);
  const began = rows.map((r) => r.startedAt);
  expect(began).toEqual([...began].sort((a, b) => b - a));
});
test('a large kitchen is the same for the same seed, and another for another', () => {
  const of = (seed: number) => JSON.stringify(largeKitchen(30, seed, T).made.map((m) => [m.batch.startedAt, m.events]));
  expect(of(1)).toBe(of(1));
  expect(of(2)).not.toBe(of(1));
});
