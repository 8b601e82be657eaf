import { expect, test } from '@jest/globals';
import { leversOf } from '@ironpan/core/questions';
import { designFor } from '@ironpan/core/trials';
import { startBatch } from '../../src/store/batches';
import { readHere } from '../../src/store/here';
import { allPlans, onePlan } from '../../src/store/plans';
import { answerTasting, addTasting, changeTasting, oneTasting, unanswer } from '../../src/store/tastings';
import { addTrial, allTrials, changeTrial, deleteTrial, madeFrom, oneTrial, planRun } from '../../src/store/trials';
import { copyDemo, kitchenForEach } from '../setup';

const open = kitchenForEach('trials');
const T = Date.UTC(2026, 4, 1, 9);

async function laid(): Promise<string> {
  await copyDemo(T);
  const plan = (await allPlans())[0];
  const lever = plan && leversOf(plan.recipe)[0];
  if (!plan || !lever) throw new Error('no plan');
  const id = await addTrial(plan, T);
  await changeTrial(id, (t) => ({ ...t, factors: [{ at: lever.at, from: lever.now, to: 2 * lever.now }] }), T + 1);
  return id;
}
test('a run is planned once, however often it is pressed; from then on what is changed stays', async () => {
  const id = await laid();
  const t = await oneTrial(id);
  const run = t ? (designFor(t).order[0] ?? 0) : 0;
  const [first, again] = await Promise.all([planRun(id, run, 'x', T + 2), planRun(id, run, 'x', T + 2)]);
  expect(again).toBe(first);
  expect((await oneTrial(id))?.runs).toEqual([{ run, plan: first }]);
  await changeTrial(id, (x) => ({ ...x, name: 'renamed', factors: [], times: 4 }), T + 3);
  const after = await oneTrial(id);
  expect([after?.name, after?.factors.length, after?.times]).toEqual(['renamed', 1, 2]);
  // A plan that was deleted is made anew for its run.
  await open().plans.delete(first);
  expect(await planRun(id, run, 'x', T + 4)).not.toBe(first);
});
test('batches are found by the plan of their run; the trial deleted, plans and batches stay', async () => {
  const id = await laid();
  const planId = await planRun(id, 0, 'run 1', T + 2);
  const plan = await onePlan(planId);
  if (!plan) throw new Error('no plan');
  await startBatch(plan, await readHere(), T + 3);
  expect((await madeFrom([planId])).get(planId)).toHaveLength(1);
  await deleteTrial(id);
  expect((await allTrials()).map((t) => t.id)).toEqual(['demo-trial']);
  expect(await onePlan(planId)).not.toBeNull();
  await expect(planRun(id, 1, 'x', T + 4)).rejects.toThrow('this trial');
});
test('a cup chosen in two windows counts once, and once tasted the cups stay as they were poured', async () => {
  const id = await addTasting({ jar: 'a', name: 'A' }, { jar: 'b', name: 'B' }, T);
  await Promise.all([answerTasting(id, 0, 'Ada', 1, T), answerTasting(id, 0, 'Ada', 2, T)]);
  expect((await oneTasting(id))?.answers).toEqual([{ serving: 0, by: 'Ada', cup: 1 }]);
  await changeTasting(id, (t) => ({ ...t, kind: 'paired', seed: 1, n: 3 }), T);
  const t = await oneTasting(id);
  expect([t?.kind, t?.n]).toEqual(['triangle', 3]);
  await unanswer(id, T);
  expect((await oneTasting(id))?.answers).toEqual([]);
});
