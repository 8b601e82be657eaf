import { describe, expect, test } from '@jest/globals';
import { fold, holdingNow, isRawNow, progressOf, soakingNow } from '../../src/batch';
import type { BatchEvent, Progress, TaskState } from '../../src/batch';
import { unlearned } from '../../src/kitchen';
import { makeStep } from '../../src/steps';
import { sampleBatch, wholeRun } from '../records/sample';
import { kitAt, plainSteps, soyRecipe } from './kitchen';

const AT = 1_000_000;
const kit = kitAt(0);
const recipe = soyRecipe(200, [
  makeStep('soak', 'soak', { waterG: 700, durationS: 10 * 3600 }),
  ...plainSteps(1000).slice(1),
  makeStep('boil', 'boil', { holdS: 1200 }),
]);
const batch = { ...sampleBatch(), recipe, kit, beliefs: {}, startedAt: AT };
const steps = (id: string): number => recipe.steps.findIndex((s) => s.id === id);
/** All that comes before a task is done, and the task itself is running since `at`. */
function upTo(step: string, task: string, at: number): BatchEvent[] {
  const out: BatchEvent[] = [];
  const add = (e: object): void => {
    out.push({ id: `e${out.length}`, seq: out.length + 1, batch: batch.id, at, ...e } as BatchEvent);
  };
  for (const t of progressOf(batch, []).tasks) {
    if (t.step.id === step && t.task.id === task) break;
    add({ is: 'begun', step: t.step.id, task: t.task.id });
    add({ is: 'ended', step: t.step.id, task: t.task.id, by: 'cook' });
  }
  add({ is: 'begun', step, task });
  return out;
}
/** What the same plan says of a step that is given just so long. */
const planned = (step: string, param: string, s: number) => {
  const changed = recipe.steps.map((x) => (x.id === step ? { ...x, params: { ...x.params, [param]: s } } : x));
  const o = fold({ ...recipe, steps: changed as never }, { ...unlearned(kit), untilStep: steps(step) + 1 });
  return o.stages.at(-1)?.figures ?? {};
};

const taskOf = (p: Progress, step: string, task: string): TaskState => {
  const t = p.tasks.find((x) => x.step.id === step && x.task.id === task);
  if (!t) throw new Error(`no task ${step} ${task}`);
  return t;
};
const soaking = (p: Progress, now: number) => soakingNow(p, taskOf(p, 'soak', 'soak'), now);
const holding = (p: Progress, now: number) => holdingNow(p, batch, taskOf(p, 'boil', 'hold'), now);

describe('what stands soaking', () => {
  const p = progressOf(batch, upTo('soak', 'soak', AT));
  test.each([0, 600, 3600, 9.5 * 3600, 20 * 3600])('after %d s it has drunk what a soak of so long drinks', (s) => {
    const now = soaking(p, AT + s * 1000);
    const f = planned('soak', 'durationS', s);
    expect(now?.elapsedS).toBe(s);
    expect(now?.plannedS).toBe(10 * 3600);
    expect(now?.uptakeShare).toBeCloseTo(f.uptakeShare ?? NaN, 9);
    expect(now?.drunkG).toBeCloseTo(f.drunkG ?? NaN, 9);
    expect([now?.longestS, now?.aroundC]).toEqual([f.longestS, f.aroundC]);
  });
  test('it is counted for three days, no longer', () => {
    expect(soaking(p, AT + 100 * 3600_000)?.elapsedS).toBe(72 * 3600);
  });
  test('nothing before it runs, nor once something else does', () => {
    expect(soaking(progressOf(batch, []), AT)).toBeNull();
    expect(soaking(progressOf(batch, upTo('soak', 'cover', AT)), AT)).toBeNull();
    expect(soaking(progressOf(batch, upTo('boil', 'hold', AT)), AT)).toBeNull();
  });
});
describe('what is held at the boil', () => {
  const p = progressOf(batch, upTo('boil', 'hold', AT));
  test.each([0, 300, 1200])('after %d s as much is left as after a hold of so long', (s) => {
    const now = holding(p, AT + s * 1000);
    const f = planned('boil', 'holdS', s);
    expect(now?.left).toBeCloseTo(f.inhibitorLeft ?? NaN, 9);
    expect(now?.goal).toBe(f.inhibitorGoal);
    expect(now?.neededS).toBeCloseTo(f.neededHoldS ?? NaN, 9);
  });
  test('a pause holds it where it was', () => {
    const log = upTo('boil', 'hold', AT);
    const pause = {
      id: 'p',
      seq: 999,
      batch: batch.id,
      at: AT + 300_000,
      is: 'paused',
      step: 'boil',
      task: 'hold',
    } as const;
    expect(holding(progressOf(batch, [...log, pause]), AT + 900_000)).toEqual(holding(p, AT + 300_000));
  });
  test('by a probe: at the boil it is as by the clock; in the foam little is gained, and as much is still to come', () => {
    const p = progressOf(batch, upTo('boil', 'hold', AT));
    const t = taskOf(p, 'boil', 'hold');
    const trace = (c: number) => ({ everyS: 1, values: Array.from({ length: 601 }, () => c) });
    const at = (c: number | null) => holdingNow(p, batch, t, AT + 600_000, c === null ? null : trace(c));
    const [clock, boil, foam] = [at(null), at(100), at(84)];
    expect(boil?.left).toBeCloseTo(clock?.left ?? NaN, 3);
    expect(boil?.moreS).toBeCloseTo((clock?.neededS ?? NaN) - 600, -1);
    expect(foam?.left).toBeGreaterThan((clock?.left ?? NaN) * 1.5);
    // Ten minutes at 84 °C are no minute at the boil (models, done at the boil).
    expect(foam?.moreS).toBeGreaterThan((boil?.moreS ?? NaN) + 300);
  });
  test('nothing while it still heats up, nor before', () => {
    expect(holding(progressOf(batch, upTo('boil', 'heatUp', AT)), AT)).toBeNull();
    expect(holding(progressOf(batch, upTo('soak', 'soak', AT)), AT)).toBeNull();
  });
});
test('raw until its hold is done; what has no such inhibitor never is', () => {
  expect(isRawNow(progressOf(batch, upTo('boil', 'hold', AT)))).toBe(true);
  expect(isRawNow(progressOf(batch, wholeRun(batch)))).toBe(false);
  const oats = { ...recipe, materials: recipe.materials.map((m) => ({ ...m, inhibitorLabileShare: null })) };
  expect(isRawNow(progressOf({ ...batch, recipe: oats }, []))).toBe(false);
});
