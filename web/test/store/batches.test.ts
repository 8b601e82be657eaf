import { expect, test } from '@jest/globals';
import { massG } from '@ironpan/core/kitchen';
import { inOrder, progressOf, standing } from '@ironpan/core/batch';
import { backupBytes, readBackup } from '@ironpan/core/formats';
import { append, readingOf, startBatch } from '../../src/store/batches';
import type { Happening } from '../../src/store/batches';
import { appendToJar, fridgeLog, standingJars, takeBack } from '../../src/store/jars';
import { keepPhoto } from '../../src/store/photos';
import { readHere } from '../../src/store/here';
import { saveKit } from '../../src/store/kit';
import { onePlan, planFromMethod } from '../../src/store/plans';
import { readAll } from '../../src/store/transfer';
import { allBatches, allJars, kitchenForEach } from '../setup';

const open = kitchenForEach('batches');
const T = Date.UTC(2026, 4, 1, 9);

async function begun(): Promise<string> {
  const plan = await onePlan(await planFromMethod('soy-no-soak', T));
  if (!plan) throw new Error('no plan');
  return startBatch(plan, await readHere(), T);
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
  await takeBack(milk.jar.id, [after?.events[0]?.id ?? ''], T + 7_300_000);
  const back = (await allJars()).find((j) => j.jar.id === milk.jar.id);
  expect(inOrder(back?.events ?? []).map((e) => e.is)).toEqual(['poured', 'undone']);
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
test('and its photographs: what goes out to a file comes in again', async () => {
  const id = await begun();
  await append(id, [readingOf('grind', 'load1', 'waterG', 2200, 'cook')], T + 1000);
  await finish(id);
  const many = (await allJars()).filter((j) => j.jar.product === 'milk');
  for (const j of many) await keepPhoto(j.jar.id, { width: 2, height: 3, jpeg: '/9j/AAAA' }, T + 3_600_000);
  await append(id, [readingOf('grind', 'load1', 'waterG', 900, 'cook')], T + 7_200_000);
  const left = new Set((await allJars()).map((j) => j.jar.id));
  const photos = await open().photos.toArray();
  expect(photos.length).toBeLessThan(many.length);
  expect(photos.every((p) => left.has(p.jar))).toBe(true);
  const read = readBackup(backupBytes(await readAll(), T));
  expect(read.ok ? [] : read.faults).toEqual([]);
});
test('the same press from two windows is one line; a press that saw the first is another', async () => {
  const id = await begun();
  const done = { is: 'ended', step: 'sort', task: 'sort', by: 'cook' } as const;
  await Promise.all([append(id, [done], T + 1, 0), append(id, [done], T + 2, 0)]);
  expect(await open().events.count()).toBe(1);
  const paused = { is: 'paused' } as const;
  await append(id, [paused], T + 3, 1);
  await append(id, [{ is: 'resumed' }], T + 4, 2);
  await append(id, [paused], T + 5, 3);
  expect((await allBatches())[0]?.events.map((e) => [e.seq, e.is]).sort()).toEqual([
    [1, 'ended'],
    [2, 'paused'],
    [3, 'resumed'],
    [4, 'paused'],
  ]);
});
test('a plan started twice at one moment is one batch; a minute later it is another', async () => {
  const plan = await onePlan(await planFromMethod('soy-no-soak', T));
  if (!plan) throw new Error('no plan');
  const kit = await readHere();
  const [a, b] = await Promise.all([startBatch(plan, kit, T), startBatch(plan, kit, T + 40)]);
  expect([a === b, await open().batches.count()]).toEqual([true, 1]);
  await startBatch(plan, kit, T + 60_000);
  expect(await open().batches.count()).toBe(2);
});
test('two pours at once never take more than the jar holds; the last of it finishes the jar', async () => {
  const id = await begun();
  await finish(id);
  const milk = (await allJars()).find((j) => j.jar.product === 'milk');
  if (!milk) throw new Error('no milk');
  const ml = Math.floor(milk.jar.filledMl * 0.7);
  const at = milk.jar.filledAt + 60_000;
  const said = await Promise.all([
    appendToJar(milk.jar.id, { is: 'poured', ml }, at, 0),
    appendToJar(milk.jar.id, { is: 'poured', ml: ml - 1 }, at, 0),
  ]);
  const poured = said.reduce((sum, s) => sum + (s.pouredMl ?? 0), 0);
  expect(poured).toBeCloseTo(milk.jar.filledMl, 3);
  expect(said.map((s) => s.empty).sort()).toEqual([false, true]);
  expect(await standingJars()).toHaveLength(1);
  const none = await appendToJar(milk.jar.id, { is: 'poured', ml: 5 }, at + 1);
  expect([none.ids, none.pouredMl]).toEqual([[], 0]);
});
test('what is taken back stands on the shelf again', async () => {
  const id = await begun();
  await finish(id);
  const jar = (await standingJars())[0]?.jar.id ?? '';
  const end = await appendToJar(jar, { is: 'given' }, T + 100_000);
  expect((await standingJars()).map((j) => j.jar.id)).not.toContain(jar);
  await takeBack(jar, end.ids, T + 101_000);
  expect((await standingJars()).map((j) => j.jar.id)).toContain(jar);
});
test('a batch or a jar that was deleted meanwhile is told, not passed over', async () => {
  await expect(append('nobody', [{ is: 'paused' }], T)).rejects.toThrow(/this batch/);
  await expect(appendToJar('nobody', { is: 'given' }, T)).rejects.toThrow(/this jar/);
});
test('a fridge set to another temperature is written into its log once a turn, with what it was before', async () => {
  await saveKit((k) => ({ ...k, altitudeM: 640 }), T);
  expect(await open().fridge.count()).toBe(0);
  for (const [i, fridgeC] of [1, 12, 6].entries()) await saveKit((k) => ({ ...k, fridgeC }), T + 1000 * (i + 1));
  await saveKit((k) => ({ ...k, fridgeC: 5 }), T + 3_600_000);
  expect((await fridgeLog()).map((f) => [f.at, f.placeC])).toEqual([
    [T, 4],
    [T + 1000, 6],
    [T + 3_600_000, 5],
  ]);
});
