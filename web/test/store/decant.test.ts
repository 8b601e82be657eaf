import { expect, test } from '@jest/globals';
import { jarNow, jarsOf, lastSeq, progressOf } from '@ironpan/core/batch';
import { append, oneBatch, readingOf } from '../../src/store/batches';
import { decant, liftCap, pourTogether, takePouringBack } from '../../src/store/decant';
import { appendToJar, fridgeLog, standingJars } from '../../src/store/jars';
import { keepPhoto } from '../../src/store/photos';
import type { JarWithLog } from '../../src/store/jars';
import { copyDemo, kitchenForEach } from '../setup';

const open = kitchenForEach('decant');
const T = Date.UTC(2026, 4, 1, 9);
const BOX = { name: 'Freezer box', ml: 300, glass: false, scalded: true };

async function milks(): Promise<readonly JarWithLog[]> {
  return (await standingJars()).filter((j) => j.jar.product === 'milk');
}
const left = async (id: string, at = T + 1000): Promise<number> => {
  const j = (await standingJars()).find((x) => x.jar.id === id);
  return j ? jarNow(j.jar, j.events, j.batch, await fridgeLog(), at).leftMl : 0;
};

test('some of a jar is a jar of its own; taken back, all is as it was', async () => {
  await copyDemo(T);
  const [j] = await milks();
  if (!j) throw new Error('no jar');
  const before = await left(j.jar.id);
  const p = await decant(j.jar.id, 120, BOX, T);
  await keepPhoto(p.into, { width: 2, height: 3, jpeg: '/9j/AAAA' }, T + 100);
  expect(await left(p.into)).toBeCloseTo(120, 0);
  expect(await left(j.jar.id)).toBeCloseTo(before - 120, 0);
  expect((await open().jars.get(p.into))?.vessel).toBe('Freezer box');
  expect(await open().fates.get(p.into)).toBeDefined();
  await takePouringBack(p, T + 500);
  expect(await open().jars.get(p.into)).toBeUndefined();
  expect(await open().photos.where('jar').equals(p.into).count()).toBe(0);
  expect(await open().fates.get(p.into)).toBeUndefined();
  expect(await left(j.jar.id)).toBeCloseTo(before, 0);
});
test('no more than there is and no more than it holds; the last of it finishes the jar', async () => {
  await copyDemo(T);
  const [j] = await milks();
  if (!j) throw new Error('no jar');
  const had = await left(j.jar.id);
  expect((await decant(j.jar.id, 9999, { ...BOX, ml: 200 }, T)).ml).toBe(200);
  expect(had).toBeGreaterThan(200);
  const p = await decant(j.jar.id, 9999, { ...BOX, ml: 5000 }, T + 10);
  expect(await open().standing.get(j.jar.id)).toBeUndefined();
  expect(await open().standing.get(p.into)).toBeDefined();
  await takePouringBack(p, T + 20);
  expect(await open().standing.get(j.jar.id)).toBeDefined();
});
test('two jars together: one is empty, the other holds both and says what was poured in', async () => {
  await copyDemo(T);
  const all = await milks();
  const a = all[0];
  const b = all.find((x) => x.batch.id !== a?.batch.id);
  if (!a || !b) throw new Error('no two');
  const [wasA, wasB] = [await left(a.jar.id), await left(b.jar.id)];
  const ml = Math.min(100, wasA, b.jar.vesselMl - wasB);
  const p = await pourTogether(a.jar.id, b.jar.id, ml, 'soy milk, batch 1', T);
  expect(await left(b.jar.id)).toBeCloseTo(wasB + ml, 0);
  expect(await left(a.jar.id)).toBeCloseTo(wasA - ml, 0);
  await takePouringBack(p, T + 500);
  expect(await left(b.jar.id)).toBeCloseTo(wasB, 0);
  expect(await left(a.jar.id)).toBeCloseTo(wasA, 0);
});
test('what is poured over from a mixed jar knows the foods of both milks', async () => {
  await copyDemo(T);
  const all = await milks();
  const a = all[0];
  const b = all.find((x) => x.batch.recipe.larder[0]?.material !== a?.batch.recipe.larder[0]?.material);
  if (!a || !b) throw new Error('no two milks');
  await pourTogether(a.jar.id, b.jar.id, 50, 'another milk', T);
  const p = await decant(b.jar.id, 60, BOX, T + 10);
  const into = (await standingJars()).find((x) => x.jar.id === p.into);
  const food = a.batch.recipe.larder[0]?.material ?? '';
  expect(into?.jar.foods?.map((m) => m.id)).toContain(food);
  // Before, the part could not be reckoned at all: a food of it was unknown to its batch.
  expect(into && jarNow(into.jar, into.events, into.batch, await fridgeLog(), T + 1000).leftMl).toBeCloseTo(60, 0);
});
test('a corrected reading rewrites the jars of its batch and what was poured over from them; none is lost', async () => {
  await copyDemo(T);
  const found = (await milks()).find((x) => jarsOf(x.batch, progressOf(x.batch, [])).length >= 0);
  if (!found) throw new Error('no jar');
  const p = await decant(found.jar.id, 100, BOX, T);
  const log = await oneBatch(found.batch.id);
  const step = found.batch.recipe.steps.find((s) => s.kind === 'jar');
  if (!log || !step) throw new Error('no batch');
  const before = await open().jars.get(p.into);
  const whole = (await open().jars.where('batch').equals(found.batch.id).toArray())
    .filter((j) => j.from === null && j.product === 'milk')
    .reduce((ml, j) => ml + j.filledMl, 0);
  const reading = readingOf(step.id, 'jar', 'filledG', whole * 0.9, 'cook');
  await append(found.batch.id, [reading], T + 1000, lastSeq(log.events));
  const after = await open().jars.get(p.into);
  expect(after?.from).toBe(found.jar.id);
  expect(after?.filledMl).toBeCloseTo(before?.filledMl ?? NaN, 0);
  expect(await open().standing.get(p.into)).toBeDefined();
  expect((await open().jars.get(found.jar.id))?.filledMl).toBeLessThan(found.jar.filledMl);
});
test('a cap lifted on the worktop stands on the worktop, as what is poured over does', async () => {
  await copyDemo(T);
  const all = await standingJars();
  const j = all.find((x) => x.jar.product === 'first');
  if (!j) throw new Error('no first pressing');
  await appendToJar(j.jar.id, { is: 'moved', place: 'room', placeC: 8 }, T);
  for (const p of [await liftCap(j.jar.id, null, T + 1000), await decant(j.jar.id, 10, BOX, T + 2000)]) {
    const jar = (await standingJars()).find((x) => x.jar.id === p.into);
    if (!jar) throw new Error('gone');
    expect(jarNow(jar.jar, jar.events, jar.batch, await fridgeLog(), T + 3000).place).toBe('room');
  }
});
