import { describe, expect, test } from '@jest/globals';
import type { PlanRecord } from '@ironpan/core/records';
import { applyEdits } from '@ironpan/core/steps';
import type { Recipe } from '@ironpan/core/steps';
import { startBatch } from '../../src/store/batches';
import { readHere } from '../../src/store/here';
import {
  addPlan,
  allPlans,
  deletePlan,
  onePlan,
  planFromMethod,
  plansMadeMost,
  restorePlan,
  savePlan,
  stepPlan,
  undoState,
} from '../../src/store/plans';
import { kitchenForEach } from '../setup';

kitchenForEach('plans');
const T = 1_000_000;
const grams = async (id: string): Promise<number | undefined> => (await onePlan(id))?.recipe.larder[0]?.grams;
/** `old`: the plan as the window that edits still shows it. */
async function set(id: string, g: number, at: number, old?: PlanRecord, touched = 'larder.0') {
  const p = old ?? (await onePlan(id));
  if (!p) throw new Error('gone');
  return savePlan(
    {
      id,
      rev: p.rev,
      base: p,
      name: p.name,
      recipe: applyEdits(p.recipe, [{ do: 'larder', index: 0, grams: g }]),
      touched,
    },
    at,
  );
}

test('each edit is written at once, with its revision', async () => {
  const id = await planFromMethod('soy-no-soak', T);
  expect(await set(id, 300, T + 1)).toEqual({ is: 'saved', rev: 2 });
  expect(await grams(id)).toBe(300);
});
test('edits of the same field in two windows keep both, and say so', async () => {
  const id = await planFromMethod('soy-no-soak', T);
  const old = await onePlan(id);
  await set(id, 300, T + 1);
  const second = await set(id, 400, T + 2, old ?? undefined);
  expect(second.is).toBe('keptApart');
  expect(await grams(id)).toBe(300);
  const all = await allPlans();
  expect(all.map((p) => p.recipe.larder[0]?.grams).sort()).toEqual([300, 400]);
  expect(all.find((p) => p.id !== id)?.name).toContain('from the other window');
});
test('edits of different fields in two windows come together', async () => {
  const id = await planFromMethod('soy-no-soak', T);
  const old = await onePlan(id);
  if (!old) throw new Error('gone');
  await set(id, 300, T + 1);
  const recipe = applyEdits(old.recipe, [{ do: 'set', step: 'grind', param: 'waterG', value: 1111 }]);
  const saved = await savePlan({ id, rev: old.rev, base: old, name: 'Renamed', recipe, touched: 'x' }, T + 2);
  expect(saved.is).toBe('merged');
  const [only, more] = await allPlans();
  const grind = only?.recipe.steps.find((s) => s.id === 'grind')?.params as { waterG?: number } | undefined;
  expect([more, only?.name, only?.recipe.larder[0]?.grams, grind?.waterG]).toEqual([undefined, 'Renamed', 300, 1111]);
});
test('an edit of a plan that was deleted meanwhile is told, not invented', async () => {
  const id = await planFromMethod('soy-no-soak', T);
  const p = await onePlan(id);
  await deletePlan(id);
  expect(
    await savePlan({ id, rev: 1, base: p as never, name: 'x', recipe: p?.recipe as never, touched: 'x' }, T),
  ).toEqual({
    is: 'gone',
  });
  await restorePlan(p as never);
  expect(await onePlan(id)).toEqual(p);
});
test('edits of one field in a row are one step back; another field, or a pause, is another', async () => {
  const id = await planFromMethod('soy-no-soak', T);
  for (let i = 1; i <= 20; i += 1) await set(id, 200 + i, T + i * 100);
  await set(id, 500, T + 60_000);
  await stepPlan(id, 'back', T + 70_000);
  expect(await grams(id)).toBe(220);
  await stepPlan(id, 'back', T + 71_000);
  expect(await grams(id)).toBe(150);
  expect(await undoState(id)).toEqual({ back: false, forward: true });
  expect(await stepPlan(id, 'back', T + 72_000)).toBeNull();
  await stepPlan(id, 'forward', T + 73_000);
  await stepPlan(id, 'forward', T + 74_000);
  expect(await grams(id)).toBe(500);
});
test('a new edit after going back forgets what was ahead', async () => {
  const id = await planFromMethod('soy-no-soak', T);
  await set(id, 300, T + 5000);
  await stepPlan(id, 'back', T + 6000);
  await set(id, 250, T + 12_000);
  expect(await undoState(id)).toEqual({ back: true, forward: false });
});
test('going back is kept to sixty steps', async () => {
  const id = await planFromMethod('soy-no-soak', T);
  for (let i = 1; i <= 70; i += 1) await set(id, 100 + i, T + i * 5000);
  let steps = 0;
  while (await stepPlan(id, 'back', T + 1e6 + steps)) steps += 1;
  expect(steps).toBe(60);
});
test('an unknown school is refused', async () => {
  await expect(planFromMethod('none', T)).rejects.toThrow(RangeError);
  await addPlan('x', null, (await onePlan(await planFromMethod('soy-washed', T)))?.recipe as never, T);
  expect(await allPlans()).toHaveLength(1);
});

describe('a way that is only looked at leaves nothing behind', () => {
  const DAY = 24 * 3_600_000;
  test('it is a draft, in no list, until it is changed, named or started', async () => {
    const looked = await planFromMethod('soy-no-soak', T);
    expect((await onePlan(looked))?.draft).toBe(true);
    expect(await allPlans()).toEqual([]);
    const plan = await onePlan(looked);
    if (!plan) throw new Error('no plan');
    await savePlan({ id: looked, rev: 1, base: plan, name: 'Mine', recipe: plan.recipe, touched: 'name' }, T + 1);
    expect((await allPlans()).map((p) => [p.name, p.draft])).toEqual([['Mine', undefined]]);
    const started = await onePlan(await planFromMethod('soy-washed', T + 2));
    if (!started) throw new Error('no plan');
    await startBatch(started, await readHere(), T + 3);
    expect((await allPlans()).map((p) => p.id).sort()).toEqual([looked, started.id].sort());
  });
  test('is swept up a day later by the next look; a younger one, and every plan, stays', async () => {
    const old = await planFromMethod('soy-no-soak', T);
    const young = await planFromMethod('soy-no-soak', T + DAY - 1);
    const plan = await addPlan('Kept', null, (await onePlan(young))?.recipe as Recipe, T - 9 * DAY);
    await planFromMethod('soy-no-soak', T + DAY + 2);
    expect([await onePlan(old), (await onePlan(young))?.id, (await onePlan(plan))?.id]).toEqual([null, young, plan]);
  });
  test('is named by the milk and the way', async () => {
    expect((await onePlan(await planFromMethod('oat-middle', T)))?.name).toBe('Oat milk, the middle way');
  });
});

test('where one plan is to be asked about, the one that is made the most comes first, and all are there', async () => {
  const make = async (plan: string, at: number): Promise<void> => {
    const p = await onePlan(plan);
    if (p) await startBatch(p, await readHere(), at);
  };
  const often = await planFromMethod('soy-no-soak', T);
  const once = await planFromMethod('oat-middle', T + 1);
  const last = await planFromMethod('rice-raw', T + 2);
  for (const [i, id] of [often, often, once, last].entries()) await make(id, T + 86_400_000 * (i + 1));
  const never = await addPlan('Never made', null, (await onePlan(once))?.recipe ?? fail(), T + 100);
  expect((await plansMadeMost()).map((p) => p.id)).toEqual([often, last, once, never]);
});
const fail = (): never => {
  throw new Error('no plan');
};
