import { expect, test } from '@jest/globals';
import { backupBytes, readBackup } from '@ironpan/core/formats';
import { massG } from '@ironpan/core/kitchen';
import { TABLES } from '@ironpan/core/records';
import type { Kitchen } from '@ironpan/core/records';
import { keepDraft, readDraft } from '../../src/store/drafts';
import { takeBack } from '../../src/store/jars';
import { readSettings, saveSettings } from '../../src/store/kit';
import { onePlan, planFromMethod, savePlan, stepPlan } from '../../src/store/plans';
import { importAll, importCounts, readAll, wipe } from '../../src/store/transfer';
import { copyDemo, kitchenForEach } from '../setup';

const open = kitchenForEach('transfer');
const T = Date.UTC(2026, 4, 1, 9);

async function demoFile(): Promise<Kitchen> {
  await copyDemo(T);
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
    const stop = failAtRow(n);
    await expect(importAll(kitchen, 'replace', [])).rejects.toThrow();
    stop();
    expect([n, await readAll()]).toEqual([n, before]);
  }
});
/** Makes the n-th row that is written fail, as a full disk would. */
function failAtRow(n: number): () => void {
  let left = n;
  const store = IDBObjectStore.prototype as unknown as Record<'put' | 'add', (...args: unknown[]) => unknown>;
  const was = { ...Object.fromEntries((['put', 'add'] as const).map((k) => [k, store[k]])) } as typeof store;
  for (const k of ['put', 'add'] as const)
    store[k] = function (...args) {
      left -= 1;
      if (left === 0) throw new DOMException('the disk is full', 'QuotaExceededError');
      return was[k].apply(this, args);
    };
  return () => Object.assign(store, was);
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
test('merging an older file brings nothing back that was taken back, and refolds the jars of a log that grew', async () => {
  const kitchen = await demoFile();
  const jar = kitchen.jarEvents.find((e) => e.is === 'finished')?.jar ?? '';
  const end = kitchen.jarEvents.find((e) => e.jar === jar && e.is === 'finished');
  await takeBack(jar, [end?.id ?? ''], T + 1000);
  await importAll(kitchen, 'merge', []);
  expect(await open().standing.get(jar)).toEqual({ jar });
  const reading = kitchen.events.find((e) => e.is === 'reading' && e.reading.what === 'filledG');
  if (reading?.is !== 'reading') throw new Error('nothing was weighed');
  const batch = reading.batch;
  const before = await open().jars.where('batch').equals(batch).toArray();
  const heavier = {
    ...reading,
    id: 'later',
    seq: 1e6,
    reading: { ...reading.reading, value: reading.reading.value + 60 },
  };
  await importAll({ ...kitchen, events: [...kitchen.events, heavier] }, 'merge', []);
  const after = await open().jars.where('batch').equals(batch).toArray();
  const massOf = (rows: typeof after): number => rows.reduce((g, j) => g + massG(j.stream), 0);
  expect(massOf(after) - massOf(before)).toBeCloseTo(60, 3);
  expect((await open().digests.get(batch))?.lines).toBe(await open().events.where('batch').equals(batch).count());
});
test('preferences and steps back travel with the kitchen; half-typed figures stay where they are', async () => {
  await copyDemo(T);
  await saveSettings({ cups: 'own', us: true, keys: false });
  await keepDraft('half', '12');
  const id = await planFromMethod('soy-washed', T);
  const p = await onePlan(id);
  if (!p) throw new Error('no plan');
  await savePlan({ id, rev: p.rev, base: p, name: 'Renamed', recipe: p.recipe, touched: 'name' }, T + 1);
  const all = await readAll();
  expect(all.settings).toEqual([{ v: 1, id: 'settings', cups: 'own', us: true, keys: false }]);
  await saveSettings({ cups: 'none', us: false, keys: true });
  await importAll(all, 'replace', []);
  expect(await readSettings()).toEqual({ cups: 'own', us: true, keys: false });
  expect(await readDraft('half')).toBe('12');
  expect((await stepPlan(id, 'back', T + 2))?.name).toBe(p.name);
});
test('what came in with the file’s own digests, and without them, is one book', async () => {
  await copyDemo(T);
  const read = readBackup(backupBytes(await readAll(), T));
  if (!read.ok) throw new Error('not whole');
  const before = await open().digests.toArray();
  const standing = await open().standing.toArray();
  await importAll(read.kitchen, 'replace', read.digests);
  expect(await open().digests.toArray()).toEqual(before);
  expect(await open().standing.toArray()).toEqual(standing);
});
