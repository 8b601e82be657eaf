import { afterEach, expect, test } from '@jest/globals';
import Dexie from 'dexie';
import { KitchenDb, db } from '../../src/store/db';
import { startBatch } from '../../src/store/batches';
import { readHere } from '../../src/store/here';
import { readKit, saveKit } from '../../src/store/kit';
import { onePlan, planFromMethod } from '../../src/store/plans';
import { layPractice } from '../../src/store/practice';
import { kitchenForEach } from '../setup';

kitchenForEach('practised');
const T = Date.UTC(2026, 2, 3, 7);
afterEach(() => Dexie.delete('ironpan-practice'));

async function laid(school: string): Promise<{ readonly plan: string; readonly practice: KitchenDb }> {
  const plan = await onePlan(await planFromMethod(school, T));
  if (!plan) throw new Error('no plan');
  await layPractice(plan, { speed: 10, faults: [], from: 'kitchen' });
  const practice = new KitchenDb('ironpan-practice');
  await practice.open();
  return { plan: plan.id, practice };
}

test('practice has the kit and the plan, and nothing that happened', async () => {
  await saveKit((k) => ({ ...k, altitudeM: 640 }), T);
  const other = await onePlan(await planFromMethod('oat-middle', T));
  if (!other) throw new Error('no plan');
  await startBatch(other, await readHere(), T);
  await db().settings.put({ key: 'draft b1 strain milkG', value: '90' });
  const { plan, practice } = await laid('soy-washed');
  expect((await practice.kit.get('kit'))?.altitudeM).toBe(640);
  expect((await practice.plans.toArray()).map((p) => [p.id, p.draft])).toEqual([[plan, undefined]]);
  expect([await practice.batches.count(), await practice.jars.count(), await practice.events.count()]).toEqual([
    0, 0, 0,
  ]);
  expect((await practice.settings.toCollection().primaryKeys()).filter((k) => k.startsWith('draft'))).toEqual([]);
  practice.close();
});
test('the kitchen that it is practised from stays as it was', async () => {
  const before = await readKit();
  const { practice } = await laid('soy-washed');
  await practice.plans.clear();
  practice.close();
  expect(await readKit()).toEqual(before);
  expect(await db().plans.count()).toBe(1);
});
test('what was practised before is gone when another is begun', async () => {
  const first = await laid('soy-washed');
  await first.practice.settings.put({ key: 'left over', value: 1 });
  first.practice.close();
  const second = await laid('oat-ice');
  expect(await second.practice.settings.get('left over')).toBeUndefined();
  expect((await second.practice.plans.toArray()).map((p) => p.id)).toEqual([second.plan]);
  second.practice.close();
});
