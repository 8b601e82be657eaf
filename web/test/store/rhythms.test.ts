import { expect, test } from '@jest/globals';
import { instantOf, stampOf } from '@ironpan/core/schedule';
import { append } from '../../src/store/batches';
import { buyFood, countFood, readCupboard, sayPack, unbuyFood } from '../../src/store/cupboard';
import { deletePlan, onePlan, planFromMethod } from '../../src/store/plans';
import { addRhythm, allRhythms, changeRhythm, leaveOut, removeRhythm, restoreRhythm } from '../../src/store/rhythms';
import { importAll, readAll } from '../../src/store/transfer';
import { allWishes, beginWish, changeWish, fixStep, removeWish, restoreWish } from '../../src/store/wishes';
import { kitchenForEach } from '../setup';

const open = kitchenForEach('rhythms');
const DAY = 86_400_000;
const T = new Date(2026, 10, 27, 20).getTime();
const FIRST = '2026-11-28T07:30';
async function rhythm(rule = 'FREQ=DAILY;INTERVAL=2') {
  const plan = await onePlan(await planFromMethod('oat-middle', T));
  if (!plan) throw new Error('no plan');
  return { plan, id: await addRhythm(plan, rule, FIRST, T) };
}
const stamps = async (at = T): Promise<string[]> => (await allWishes(at)).map((w) => stampOf(w.byAt ?? 0));

test('the next times are on the clock by themselves, and nothing is written for it', async () => {
  const { id, plan } = await rhythm();
  const [first, second, ...more] = await allWishes(T);
  expect([first?.id, first?.byAt, first?.name, first?.kept]).toEqual([
    `${id}:${FIRST}`,
    instantOf(FIRST),
    plan.name,
    false,
  ]);
  expect([second?.id, more]).toEqual([`${id}:2026-11-30T07:30`, []]);
  expect((await readAll()).wishes).toEqual([]);
  // Two days later the first is past, and the next has come near.
  expect(await stamps(T + 2 * DAY)).toEqual(['2026-11-30T07:30', '2026-12-02T07:30']);
});
test('a time that is touched has a record of its own, and stands there once', async () => {
  const { id } = await rhythm();
  const time = `${id}:${FIRST}`;
  await changeWish(time, { ml: 700 }, T);
  await fixStep(time, 'jar', T + 5, T);
  const all = await allWishes(T);
  expect(all.map((w) => [w.id, w.ml, w.kept])).toEqual([
    [time, 700, true],
    [`${id}:2026-11-30T07:30`, null, false],
  ]);
  expect(all[0]?.fixed).toEqual({ jar: T + 5 });
});
test('a time is left out, by the clock or by the fortnight, and taken in again', async () => {
  const { id } = await rhythm();
  const [first] = await allWishes(T);
  if (!first) throw new Error('none');
  await removeWish(first.id, T);
  expect(await stamps()).toEqual(['2026-11-30T07:30']);
  await restoreWish(first, T);
  expect(await stamps()).toEqual([FIRST, '2026-11-30T07:30']);
  await leaveOut(`${id}:2026-11-30T07:30`, true, T);
  expect(await stamps()).toEqual([FIRST]);
  await leaveOut(`${id}:2026-11-30T07:30`, false, T);
  expect((await allRhythms())[0]?.without).toEqual([]);
  // One that had been touched goes with its record.
  await changeWish(first.id, { ml: 500 }, T);
  await removeWish(first.id, T);
  expect([await stamps(), (await readAll()).wishes]).toEqual([['2026-11-30T07:30'], []]);
});
test('begun and made, it is on the clock no more; begun and going on, it is', async () => {
  await rhythm();
  const [first] = await allWishes(T);
  if (!first) throw new Error('none');
  const batch = await beginWish(first, first.recipe, T);
  expect((await allWishes(T)).map((w) => w.batch)).toEqual([batch, null]);
  await append(batch, [{ is: 'abandoned', why: 'other', text: 'no oats' }], T + 1000);
  expect(await stamps()).toEqual(['2026-11-30T07:30']);
});
test('another rhythm, its end, its way back, and a plan that is deleted', async () => {
  const { id, plan } = await rhythm();
  await changeRhythm(id, { rule: 'FREQ=DAILY', ml: 500 }, T);
  expect((await allWishes(T)).map((w) => w.ml)).toEqual([500, 500, 500]);
  await deletePlan(plan.id);
  const [r] = await allRhythms();
  expect([r?.planNow, r?.recipe.steps.length]).toEqual([null, plan.recipe.steps.length]);
  await removeRhythm(id);
  expect(await allWishes(T)).toEqual([]);
  if (r) await restoreRhythm(r);
  expect(await stamps()).toHaveLength(3);
});
test('what was counted, less what was begun since, and what came home', async () => {
  const { plan } = await rhythm();
  const [food] = plan.recipe.larder;
  if (!food) throw new Error('no food');
  const has = async (): Promise<number | null | undefined> => (await readCupboard()).get(food.material)?.haveG;
  // A pack that is said counts nothing.
  await sayPack(food.material, 250, T - 1);
  expect((await readCupboard()).get(food.material)).toMatchObject({ haveG: null, packG: 250 });
  await countFood(food.material, 1000, T);
  await sayPack(food.material, 500, T + 1);
  const [first] = await allWishes(T);
  if (!first) throw new Error('none');
  await beginWish(first, first.recipe, T + 2000);
  expect(await has()).toBeCloseTo(1000 - food.grams, 6);
  await buyFood(food.material, 500, T + 3000);
  expect(await has()).toBeCloseTo(1500 - food.grams, 6);
  await unbuyFood(food.material, 500, T + 4000);
  expect(await has()).toBeCloseTo(1000 - food.grams, 6);
  await countFood(food.material, 20, T + 5000);
  expect((await readCupboard()).get(food.material)).toMatchObject({ haveG: 20, packG: 500 });
});
test('rhythms and the cupboard go out with a kitchen and come back', async () => {
  const { id } = await rhythm('FREQ=WEEKLY;BYDAY=SU');
  await countFood('oats-rolled', 400, T);
  const k = await readAll();
  await open().delete();
  await open().open();
  await importAll(k, 'replace', []);
  expect((await allRhythms()).map((r) => r.id)).toEqual([id]);
  expect((await readCupboard()).get('oats-rolled')?.haveG).toBe(400);
});
