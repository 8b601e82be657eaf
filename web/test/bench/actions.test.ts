import { expect, test, describe } from '@jest/globals';
import { clockReading, endQuestionOf, inOrder, progressOf } from '@ironpan/core/batch';
import type { BatchEvent, Progress, TaskState } from '@ironpan/core/batch';
import { begin, endOf } from '../../src/bench/actions';
import { append, startBatch } from '../../src/store/batches';
import type { Happening } from '../../src/store/batches';
import { readHere } from '../../src/store/here';
import { onePlan, planFromMethod } from '../../src/store/plans';
import { soakOf, timerOf } from '../../src/live/running';
import type { Running } from '../../src/live/running';
import { allBatches, kitchenForEach } from '../setup';

kitchenForEach('bench');
const T = Date.UTC(2026, 2, 3, 7);
const MIN = 60_000;

async function bench(school: string): Promise<() => Promise<Running>> {
  const plan = await onePlan(await planFromMethod(school, T));
  if (!plan) throw new Error('no plan');
  const id = await startBatch(plan, await readHere(), T);
  return async () => {
    const b = (await allBatches()).find((x) => x.batch.id === id);
    if (!b) throw new Error('no batch');
    return { ...b, progress: progressOf(b.batch, b.events) };
  };
}
const current = (p: Progress): TaskState => {
  if (!p.current) throw new Error('over');
  return p.current;
};
/** Goes on, each timed task taking what is planned, until a task is at hand. */
async function until(at: () => Promise<Running>, step: string, task: string): Promise<Running> {
  let clock = T;
  for (let i = 0; i < 60; i += 1) {
    const r = await at();
    const t = current(r.progress);
    if (t.step.id === step && t.task.id === task) return r;
    clock += 5 * MIN;
    if (t.task.timed && t.status === 'waiting') await append(r.batch.id, [begin(t)], clock);
    const now = current((await at()).progress);
    await append(
      r.batch.id,
      endOf(await at(), now, now.task.timed ? { ranS: now.task.durationS } : null),
      clock + 1000,
    );
  }
  throw new Error(`never came to ${step} ${task}`);
}

describe('ending a task', () => {
  test('what needs no hands begins by itself: the soak after the covering, the hold after the true boil', async () => {
    const at = await bench('soy-washed');
    const r = await until(at, 'soak', 'cover');
    const done = endOf(r, current(r.progress), null);
    expect(done.map((h) => h.is)).toEqual(['ended', 'begun']);
    const boil = await until(at, 'boil', 'heatUp');
    await append(boil.batch.id, [begin(current(boil.progress))], T + 3_000 * MIN);
    const hot = await at();
    const ended = endOf(hot, current(hot.progress), { ranS: 540 });
    expect(ended.map((h) => h.is)).toEqual(['reading', 'ended', 'begun']);
  });
  test('the next load of the jug waits for the cook', async () => {
    const at = await bench('soy-washed');
    const r = await until(at, 'grind', 'load1');
    expect(endOf(r, current(r.progress), null).map((h) => h.is)).toEqual(['ended']);
  });
  test('the bench’s own clock gives soak, each load of the jug, heat-up and hold', async () => {
    const at = await bench('soy-washed');
    expect(clockReading(current((await until(at, 'soak', 'soak')).progress))).toBe('durationS');
    expect(clockReading(current((await until(at, 'grind', 'load2')).progress))).toBe('load2S');
    expect(clockReading(current((await until(at, 'boil', 'heatUp')).progress))).toBe('heatUpS');
    expect(clockReading(current((await until(at, 'boil', 'hold')).progress))).toBe('holdS');
  });
  test('far off the plan is asked about; near it is taken', async () => {
    const at = await bench('soy-washed');
    const { progress } = await until(at, 'boil', 'hold');
    const asked = (ranS: number) => endQuestionOf(progress, current(progress), ranS)?.is ?? null;
    expect([1500, 1700, 20, 4000].map(asked)).toEqual([null, null, 'safety', 'length']);
  });
  test('a timer that the cook corrects leaves both figures in the log, and the cook’s counts', async () => {
    const at = await bench('soy-washed');
    const r = await until(at, 'boil', 'hold');
    await append(r.batch.id, endOf(r, current(r.progress), { ranS: 180, saidS: 1200 }), T + 9000 * MIN);
    const after = await at();
    const held = inOrder(after.events).filter((e) => e.is === 'reading' && e.reading.what === 'holdS');
    expect(held.map((e) => (e.is === 'reading' ? [e.reading.source, e.reading.value] : []))).toEqual([
      ['clock', 180],
      ['cook', 1200],
    ]);
    expect(after.progress.readings.find((x) => x.what === 'holdS')?.value).toBe(1200);
  });
});

describe('timers', () => {
  test('come from stored instants: the same after any silence, and over when it is over', async () => {
    const at = await bench('soy-washed');
    const before = await until(at, 'soak', 'soak');
    const since = current(before.progress).begunAt ?? 0;
    const left = (min: number) => timerOf(before.progress.current, since + min * MIN)?.leftS;
    expect(left(0)).toBe(36_000);
    expect(left(90)).toBe(36_000 - 5400);
    expect(left(700)).toBe(36_000 - 42_000);
    const soak = (min: number) => soakOf(before, current(before.progress), since + min * MIN)?.uptakeShare ?? 0;
    expect(soak(60)).toBeLessThan(soak(300));
  });
  test('a wall clock set back never makes time run backwards below nothing', async () => {
    const at = await bench('soy-washed');
    const r = await until(at, 'soak', 'soak');
    expect(timerOf(r.progress.current, (current(r.progress).begunAt ?? 0) - 10 * MIN)?.ranS).toBe(0);
  });
  test('a pause stands still, and going on takes it up where it was', async () => {
    const at = await bench('soy-no-soak');
    const r = await until(at, 'blanch', 'heatUp');
    const t0 = T + 500 * MIN;
    await append(r.batch.id, [begin(current(r.progress))], t0);
    await append(r.batch.id, [{ is: 'paused' }], t0 + 2 * MIN);
    expect(timerOf((await at()).progress.current, t0 + 30 * MIN)?.ranS).toBe(120);
    await append(r.batch.id, [{ is: 'resumed' }], t0 + 30 * MIN);
    expect(timerOf((await at()).progress.current, t0 + 31 * MIN)?.ranS).toBe(180);
  });
});

test('every line of a whole run is kept, in order, and folds to jars', async () => {
  const at = await bench('soy-with-pulp');
  const last = await until(at, 'jar', 'jar');
  await append(last.batch.id, endOf(last, current(last.progress), null), T + 9000 * MIN);
  const r = await at();
  expect(r.progress.state).toBe('finished');
  const begun = r.events.filter((e): e is Extract<BatchEvent & { v: 7 }, { is: 'begun' }> => e.is === 'begun');
  const ended: readonly Happening[] = r.events.filter((e) => e.is === 'ended');
  expect(ended.length).toBe(r.progress.tasks.length);
  expect(begun.length).toBe(r.progress.tasks.filter((t) => t.task.timed).length);
});
