import { expect, test } from '@jest/globals';
import { jarNow, progressOf } from '@ironpan/core/batch';
import { layDemo } from '../src/demo/lay';
import { KitchenDb, setDatabase } from '../src/store/db';
import { readKit } from '../src/store/kit';
import { soakingNow } from '@ironpan/core/batch';
import { allBatches, allJars, kitchenForEach } from './setup';

const open = kitchenForEach('lay');
const T = Date.UTC(2026, 6, 1, 18);

test('a kitchen at 640 m, several plans, a dozen past batches with scatter, jars on the shelf, one soak running', async () => {
  await layDemo(T);
  expect((await readKit()).altitudeM).toBe(640);
  expect(await open().plans.count()).toBeGreaterThanOrEqual(4);
  const batches = await allBatches();
  const past = batches.map((b) => ({ ...b, p: progressOf(b.batch, b.events) }));
  const done = past.filter((b) => b.p.state === 'finished');
  expect(done.length).toBeGreaterThanOrEqual(12);
  const miss = done.map((b) => b.p.summary.jarredMl / b.batch.promised.volumeMl - 1);
  expect(new Set(miss.map((x) => x.toFixed(4))).size).toBeGreaterThan(8);
  expect(Math.max(...miss.map(Math.abs))).toBeLessThan(0.2);
  const soaks = past
    .filter((b) => b.p.state === 'open')
    .flatMap((b) => b.p.atHand.flatMap((t) => soakingNow(b.p, t, T) ?? []));
  expect(soaks).toHaveLength(1);
  expect(soaks[0]?.uptakeShare).toBeGreaterThan(0.5);
  const fridge = await open().fridge.toArray();
  const jars = await allJars();
  const here = jars
    .map((j) => jarNow(j.jar, j.events, j.batch, fridge, T))
    .filter((j) => j.over === null && j.leftMl > 1);
  expect(here.length).toBeGreaterThan(4);
  expect(here.every((j) => (j.keep?.s ?? 1) > 0)).toBe(true);
  expect(batches.every((b) => b.events.every((e) => e.at <= T))).toBe(true);
});
test('the same instant lays out the same kitchen', async () => {
  await layDemo(T);
  const first = await open().events.toArray();
  await layDemo(T);
  expect(await open().events.toArray()).toEqual(first);
});
test('a cook’s own kitchen is never laid over', async () => {
  const own = new KitchenDb('someone-kitchen');
  setDatabase(own);
  await expect(layDemo(T)).rejects.toThrow(/only the demo/);
  own.close();
});
