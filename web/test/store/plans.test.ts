import { expect, test } from '@jest/globals';
import { applyEdits } from '@ironpan/core/steps';
import {
  addPlan,
  allPlans,
  deletePlan,
  onePlan,
  planFromMethod,
  restorePlan,
  savePlan,
  stepPlan,
  undoState,
} from '../../src/store/plans';
import { kitchenForEach } from '../setup';

kitchenForEach('plans');
const T = 1_000_000;
const grams = async (id: string): Promise<number | undefined> => (await onePlan(id))?.recipe.larder[0]?.grams;
async function set(id: string, g: number, at: number, rev?: number, touched = 'larder.0') {
  const p = await onePlan(id);
  if (!p) throw new Error('gone');
  return savePlan(
    {
      id,
      rev: rev ?? p.rev,
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
test('an edit on an older revision keeps both, and says so', async () => {
  const id = await planFromMethod('soy-no-soak', T);
  await set(id, 300, T + 1);
  const second = await set(id, 400, T + 2, 1);
  expect(second.is).toBe('keptApart');
  expect(await grams(id)).toBe(300);
  const all = await allPlans();
  expect(all.map((p) => p.recipe.larder[0]?.grams).sort()).toEqual([300, 400]);
  expect(all.find((p) => p.id !== id)?.name).toContain('from the other window');
});
test('an edit of a plan that was deleted meanwhile is told, not invented', async () => {
  const id = await planFromMethod('soy-no-soak', T);
  const p = await onePlan(id);
  await deletePlan(id);
  expect(await savePlan({ id, rev: 1, name: 'x', recipe: p?.recipe as never, touched: 'x' }, T)).toEqual({
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
  expect(await allPlans()).toHaveLength(2);
});
