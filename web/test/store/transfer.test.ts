import { expect, test } from '@jest/globals';
import { backupBytes, readBackup } from '@ironpan/core/formats';
import { TABLES } from '@ironpan/core/records';
import type { Kitchen } from '@ironpan/core/records';
import { layDemo } from '../../src/demo/lay';
import type { KitchenDb } from '../../src/store/db';
import { planFromMethod } from '../../src/store/plans';
import { importAll, importCounts, readAll, wipe } from '../../src/store/transfer';
import { kitchenForEach } from '../setup';

const open = kitchenForEach('transfer');
const T = Date.UTC(2026, 4, 1, 9);

async function demoFile(): Promise<Kitchen> {
  await layDemo(T);
  const read = readBackup(backupBytes(await readAll(), T));
  if (!read.ok) throw new Error(read.faults.map((f) => f.say).join('\n'));
  return read.kitchen;
}

test('the demo goes out to a file, is valid as a whole, and comes back the same', async () => {
  const kitchen = await demoFile();
  await wipe();
  expect((await readAll()).plans).toEqual([]);
  await importAll(kitchen, 'merge', []);
  expect(await readAll()).toEqual(kitchen);
  await importAll(kitchen, 'replace', []);
  expect(await readAll()).toEqual(kitchen);
});

test('a fault at any row leaves the kitchen as it was', async () => {
  const kitchen = await demoFile();
  await wipe();
  await planFromMethod('soy-washed', T);
  const before = await readAll();
  const rows = TABLES.reduce((n, t) => n + kitchen[t].length, 0);
  const at = [1, 2, 7, 20, Math.floor(rows / 2), rows - 1];
  for (const n of at) {
    const stop = failAtRow(open(), n);
    await expect(importAll(kitchen, 'replace', [])).rejects.toThrow();
    stop();
    expect([n, await readAll()]).toEqual([n, before]);
  }
});
/** Makes the n-th row that is written fail, as a full disk would. */
function failAtRow(d: KitchenDb, n: number): () => void {
  let left = n;
  const hook = (): void => {
    left -= 1;
    if (left === 0) throw new Error('disk full');
  };
  const tables = d.tables;
  for (const t of tables) t.hook('creating', hook);
  return () => {
    for (const t of tables) t.hook('creating').unsubscribe(hook);
  };
}

test('merging: the same is skipped, the later of two counts, logs are united; the counts say so before', async () => {
  const kitchen = await demoFile();
  const plan = kitchen.plans[0];
  if (!plan) throw new Error('no plan');
  const mine = { ...plan, name: 'Mine, later', updatedAt: plan.updatedAt + 10 };
  await open().plans.put(mine);
  await open().events.delete(kitchen.events[3]?.id ?? '');
  const counts = await importCounts(kitchen, 'merge');
  expect(counts.find((c) => c.table === 'events')).toMatchObject({ added: 1, changed: 0 });
  expect(counts.find((c) => c.table === 'plans')).toMatchObject({ added: 0, changed: 0 });
  await importAll(kitchen, 'merge', []);
  expect((await open().plans.get(plan.id))?.name).toBe('Mine, later');
  expect(await open().events.count()).toBe(kitchen.events.length);
  const theirs = {
    ...kitchen,
    plans: kitchen.plans.map((p) => ({ ...p, name: 'Theirs', updatedAt: p.updatedAt + 99 })),
  };
  expect((await importCounts(theirs, 'merge')).find((c) => c.table === 'plans')).toMatchObject({
    changed: theirs.plans.length,
  });
  await importAll(theirs, 'merge', []);
  expect((await open().plans.toArray()).every((p) => p.name === 'Theirs')).toBe(true);
});
test('replacing counts what goes', async () => {
  const kitchen = await demoFile();
  const id = await planFromMethod('soy-washed', T);
  expect((await importCounts(kitchen, 'replace')).find((c) => c.table === 'plans')).toMatchObject({
    removed: 1,
  });
  await importAll(kitchen, 'replace', []);
  expect(await open().plans.get(id)).toBeUndefined();
});
