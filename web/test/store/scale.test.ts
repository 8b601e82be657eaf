import { expect, test } from '@jest/globals';
import { progressOf } from '@ironpan/core/batch';
import { largeKitchen } from '../../src/demo/large';
import { append, oneBatch, openBatches, startBatch } from '../../src/store/batches';
import { bookRows, countBatches } from '../../src/store/book';
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
