import { expect, test } from '@jest/globals';
import { progressOf } from '@ironpan/core/batch';
import { append, readingOf, startBatch } from '../../src/store/batches';
import type { Happening } from '../../src/store/batches';
import { keepDigests } from '../../src/store/digests';
import { readHere } from '../../src/store/here';
import { leaveOut, readLearned } from '../../src/store/learned';
import { onePlan, planFromMethod } from '../../src/store/plans';
import { importAll, readAll, wipe } from '../../src/store/transfer';
import { allBatches, kitchenForEach } from '../setup';

const open = kitchenForEach('learned');
const T = Date.UTC(2026, 4, 1, 9);

async function begun(at = T): Promise<string> {
  const plan = await onePlan(await planFromMethod('soy-no-soak', at));
  if (!plan) throw new Error('no plan');
  return startBatch(plan, await readHere(), at);
}
async function strained(id: string, milkG: number, at: number): Promise<void> {
  const one = (await allBatches()).find((b) => b.batch.id === id);
  if (!one) throw new Error('no batch');
  const step = one.batch.recipe.steps.find((s) => s.kind === 'strain')?.id ?? '';
  await append(id, [readingOf(step, 'strain', 'milkG', milkG, 'cook')], at);
}
async function finish(id: string, at: number): Promise<void> {
  const one = (await allBatches()).find((b) => b.batch.id === id);
  if (!one) throw new Error('no batch');
  const all = progressOf(one.batch, one.events).tasks.flatMap((t): Happening[] => [
    { is: 'begun', step: t.step.id, task: t.task.id },
    { is: 'ended', step: t.step.id, task: t.task.id, by: 'cook' },
  ]);
  await append(id, all, at);
}
const beliefs = async () => (await readHere()).beliefs;
const BAG = 'hold:fine-bag';

test('a finished batch teaches the kitchen; the next one is begun with what was learned, and keeps it', async () => {
  const id = await begun();
  await strained(id, 1080, T + 1000);
  expect(await beliefs()).toEqual({});
  await finish(id, T + 2000);
  const learned = await beliefs();
  expect(learned[BAG]?.n).toBe(1);
  const next = await begun(T + 60_000);
  const batch = await open().batches.get(next);
  expect(batch?.beliefs).toEqual(learned);
  // What is promised of it is folded with the same.
  const first = await open().batches.get(id);
  expect(batch?.promised.volumeMl).not.toBeCloseTo(first?.promised.volumeMl ?? NaN, 0);
});
test('a corrected reading teaches anew in place of the old; as if it had been right at once', async () => {
  const wrong = await begun();
  await strained(wrong, 1080, T + 1000);
  await finish(wrong, T + 2000);
  await strained(wrong, 1120, T + 3000);
  const corrected = await open().learned.toArray();
  await wipe();
  const right = await begun();
  await strained(right, 1120, T + 1000);
  await finish(right, T + 2000);
  const atOnce = await open().learned.toArray();
  expect(corrected.map((r) => [r.coefficient, r.taught?.n])).toEqual(atOnce.map((r) => [r.coefficient, r.taught?.n]));
  corrected.forEach((r, i) => expect(r.taught?.mean).toBeCloseTo(atOnce[i]?.taught?.mean ?? NaN, 9));
});
test('gone back to the bench it teaches nothing until it is finished anew', async () => {
  const id = await begun();
  await strained(id, 1080, T + 1000);
  await finish(id, T + 2000);
  const jar = (await open().batches.get(id))?.recipe.steps.at(-1)?.id ?? '';
  await append(id, [{ is: 'back', step: jar }], T + 3000);
  expect(await beliefs()).toEqual({});
});
test('what was learned follows from the batches: an import brings it, and no file holds it', async () => {
  const id = await begun();
  await strained(id, 1080, T + 1000);
  await finish(id, T + 2000);
  const before = await open().learned.toArray();
  const all = await readAll();
  expect(Object.keys(all)).not.toContain('learned');
  await importAll(all, 'replace', []);
  expect(await open().learned.toArray()).toEqual(before);
  await importAll(all, 'merge', []);
  expect(await open().learned.toArray()).toEqual(before);
  await wipe();
  expect(await beliefs()).toEqual({});
});
test('a line of the book that goes takes with it what its batch taught', async () => {
  const id = await begun();
  await strained(id, 1080, T + 1000);
  await finish(id, T + 2000);
  await keepDigests([], [id]);
  expect(await open().learned.count()).toBe(0);
});

/** A few batches of one bag, a day apart; what they brought. */
async function brewed(grams: readonly number[]): Promise<string[]> {
  const ids: string[] = [];
  for (const [i, g] of grams.entries()) {
    const id = await begun(T + i * 86_400_000);
    await strained(id, g, T + i * 86_400_000 + 1000);
    await finish(id, T + i * 86_400_000 + 2000);
    ids.push(id);
  }
  return ids;
}
test('a batch is left out: it is as if it had never taught; taken back, it teaches again', async () => {
  const [, odd = ''] = await brewed([1080, 1050, 1090]);
  const with_ = await beliefs();
  await leaveOut(BAG, (o) => ({ ...o, batches: [...o.batches, odd] }), T);
  const without = await beliefs();
  expect(without[BAG]?.n).toBe(2);
  expect(without[BAG]?.mean).toBeLessThan(with_[BAG]?.mean ?? 0);
  expect((await readLearned()).find((r) => r.coefficient === BAG)?.leftOut.batches).toEqual([odd]);
  await leaveOut(BAG, () => ({ batches: [], beforeAt: null }), T);
  expect(await beliefs()).toEqual(with_);
  expect(await open().leftOut.count()).toBe(0);
});
test('begun anew it is as usual again, until the next batch says something', async () => {
  await brewed([1080, 1090]);
  await leaveOut(BAG, (o) => ({ ...o, beforeAt: T + 5 * 86_400_000 }), T);
  expect((await beliefs())[BAG]).toBeUndefined();
  const id = await begun(T + 6 * 86_400_000);
  await strained(id, 1085, T + 6 * 86_400_000 + 1000);
  await finish(id, T + 6 * 86_400_000 + 2000);
  expect((await beliefs())[BAG]?.n).toBe(1);
});
test('what is left out goes with the file, and counts where it comes in', async () => {
  const [odd = ''] = await brewed([1050, 1080, 1090]);
  await leaveOut(BAG, (o) => ({ ...o, batches: [odd] }), T);
  const before = await beliefs();
  const all = await readAll();
  await importAll(all, 'replace', []);
  expect(await beliefs()).toEqual(before);
  await wipe();
  expect(await open().leftOut.count()).toBe(0);
  await importAll(all, 'merge', []);
  expect(await beliefs()).toEqual(before);
});
