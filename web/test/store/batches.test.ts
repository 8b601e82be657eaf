import { expect, test } from '@jest/globals';
import { massG } from '@ironpan/core/kitchen';
import { progressOf, standing } from '@ironpan/core/batch';
import { append, readingOf, startBatch } from '../../src/store/batches';
import type { Happening } from '../../src/store/batches';
import { appendToJar, takeBack } from '../../src/store/jars';
import { readKit, saveKit } from '../../src/store/kit';
import { onePlan, planFromMethod } from '../../src/store/plans';
import { allBatches, allJars, kitchenForEach } from '../setup';

const open = kitchenForEach('batches');
const T = Date.UTC(2026, 4, 1, 9);

async function begun(): Promise<string> {
  const plan = await onePlan(await planFromMethod('soy-no-soak', T));
  if (!plan) throw new Error('no plan');
  return startBatch(plan, await readKit(), T);
}
async function finish(id: string): Promise<void> {
  const one = (await allBatches()).find((b) => b.batch.id === id);
  if (!one) throw new Error('no batch');
  const all = progressOf(one.batch, one.events).tasks.flatMap((t): Happening[] => [
    { is: 'begun', step: t.step.id, task: t.task.id },
    { is: 'ended', step: t.step.id, task: t.task.id, by: 'cook' },
  ]);
  await append(id, all, T + 60_000);
}

test('a batch is a frozen copy: changing plan or kit afterwards changes nothing of it', async () => {
  const id = await begun();
  const before = (await allBatches())[0];
  await saveKit((k) => ({ ...k, altitudeM: 3000 }), T + 1);
  await open().plans.clear();
  expect((await allBatches())[0]).toEqual(before);
  expect(before?.batch.id).toBe(id);
  expect(before?.batch.kit).not.toHaveProperty('updatedAt');
});
test('batches are numbered in order', async () => {
  const first = await begun();
  await append(first, [{ is: 'begun', step: 'sort', task: 'sort' }], T);
  await begun();
  expect((await allBatches()).map((b) => b.batch.number).sort()).toEqual([1, 2]);
});
test('the end fills the jars; a corrected reading rewrites them, and their own history stays', async () => {
  const id = await begun();
  await finish(id);
  const jars = await allJars();
  const milk = jars.find((j) => j.jar.product === 'milk');
  if (!milk) throw new Error('no milk');
  await appendToJar(milk.jar.id, { is: 'poured', ml: 100 }, T + 3_600_000);
  await append(id, [readingOf('jar', 'jar', 'filledG', 650, 'cook')], T + 7_200_000);
  const after = (await allJars()).find((j) => j.jar.id === milk.jar.id);
  expect(massG(after?.jar.stream as never)).toBeCloseTo(650, 6);
  expect(after?.events).toHaveLength(1);
  await takeBack(milk.jar.id, after?.events[0]?.id ?? '', T + 7_300_000);
  const back = (await allJars()).find((j) => j.jar.id === milk.jar.id);
  expect(back?.events.map((e) => e.is)).toEqual(['poured', 'undone']);
  expect(standing(back?.events ?? [])).toEqual([]);
});
test('lines of one press keep their order', async () => {
  const id = await begun();
  await finish(id);
  const events = (await allBatches())[0]?.events ?? [];
  expect(events.map((e) => e.seq).sort((a, b) => a - b)).toEqual(events.map((_, i) => i + 1));
});
test('fewer jars after a correction: what is no longer there takes its log along', async () => {
  const id = await begun();
  await append(id, [readingOf('grind', 'load1', 'waterG', 2200, 'cook')], T + 1000);
  await finish(id);
  const many = (await allJars()).filter((j) => j.jar.product === 'milk');
  expect(many.length).toBeGreaterThan(1);
  await appendToJar(many.at(-1)?.jar.id ?? '', { is: 'finished' }, T + 3_600_000);
  await append(id, [readingOf('grind', 'load1', 'waterG', 900, 'cook')], T + 7_200_000);
  const left = new Set((await allJars()).map((j) => j.jar.id));
  expect(left.has(many.at(-1)?.jar.id ?? '')).toBe(false);
  expect((await open().jarEvents.toArray()).every((e) => left.has(e.jar))).toBe(true);
});
