import { describe, expect, test } from '@jest/globals';
import { coolingByProbe, coolsInS, progressOf } from '../../src/batch';
import type { BatchEvent, FrozenBatch, Progress, TaskState } from '../../src/batch';
import { inWindow } from '../../src/detect';
import { coefficientId, COEFFICIENTS } from '../../src/kitchen';
import { normal, seededRandom } from '../../src/numerics';
import { coolingNow, withParams } from '../../src/steps';
import type { Step } from '../../src/steps';
import { batchOf } from '../batch/promised';
import { times } from '../long';

/** Soy milk, boiled, at the open window in its pot: near enough to the first limit that it may go either way. */
const usual = batchOf('soy-washed');
const atWindow = (grow: number): FrozenBatch => {
  const steps = usual.recipe.steps.map((s) => (s.kind === 'cool' ? withParams(s, { how: 'window', toC: 20 }) : s));
  const more = steps.map((s) => (s.kind === 'grind' ? withParams(s, { waterG: s.params.waterG * grow }) : s));
  return { ...usual, recipe: { ...usual.recipe, steps: more } };
};
const paceIs = (batch: FrozenBatch, mean: number): FrozenBatch => ({
  ...batch,
  beliefs: { [coefficientId('cooling', 'window')]: { mean, n: 0, ...COEFFICIENTS.cooling } },
});
/** Everything before the cooling is done at once, and it begins. */
function cools(batch: FrozenBatch): { readonly p: Progress; readonly t: TaskState; readonly step: Step<'cool'> } {
  const log: BatchEvent[] = [];
  const add = (e: object): void => {
    log.push({ id: `e${log.length}`, seq: log.length + 1, batch: batch.id, at: batch.startedAt, ...e } as BatchEvent);
  };
  const of = progressOf(batch, []).tasks;
  for (const t of of) {
    if (t.step.kind === 'cool') break;
    add({ is: 'ended', step: t.step.id, task: t.task.id, by: 'cook' });
  }
  add({ is: 'begun', step: 'cool', task: 'cool' });
  const p = progressOf(batch, log);
  const t = p.tasks.find((x) => x.step.kind === 'cool');
  if (t?.step.kind !== 'cool') throw new Error('no cooling');
  return { p, t, step: t.step };
}
/** The first of the two limits (FDA Food Code 3-501.14): from 57 to 21 °C within two hours. */
const inTime = (batch: FrozenBatch, p: Progress, step: Step<'cool'>, by = p.outcome): boolean | null => {
  const way = coolingNow(p.recipe, by, { kit: batch.kit, beliefs: by.beliefs }, step);
  return way && way.to21S !== null && way.to21S <= 2 * 3600;
};

describe('too slow for the two-stage limits, told by what a probe saw so far', () => {
  test('of seeded pots cooling half to twice as fast as usual, nearly all are told right within twenty minutes', () => {
    const N = times(40, 200);
    let right = 0;
    let slow = 0;
    const toldMin: number[] = [];
    for (let seed = 1; seed <= N; seed += 1) {
      const random = seededRandom(seed);
      const batch = atWindow(1.2 + 1.6 * random());
      const truth = cools(paceIs(batch, Math.exp(0.35 * normal(random))));
      const truly = inTime(batch, truth.p, truth.step);
      if (truly === false) slow += 1;
      const here = cools(batch);
      // A reading a second with noise and an offset, whiles of silence filled with what was told last.
      const bias = 0.2 * normal(random);
      const values: number[] = [];
      let silent = 0;
      for (let s = 0; s <= 2400; s += 1) {
        if (random() < 0.002) silent = 20;
        silent -= 1;
        const last = values.at(-1);
        const c = truth.t.task.courseC?.(s) ?? NaN;
        values.push(silent > 0 && last !== undefined ? last : c + bias + 0.15 * normal(random));
      }
      const saysAt = (s: number): boolean | null => {
        const o = coolingByProbe(here.p, here.t, { everyS: 1, values: values.slice(0, s + 1) });
        return o && inTime(batch, here.p, here.step, o);
      };
      if (saysAt(1200) === truly) right += 1;
      const first = [300, 600, 900, 1800, 2400].find((s) => saysAt(s) === truly);
      if (first !== undefined) toldMin.push(first / 60);
    }
    toldMin.sort((a, b) => a - b);
    // Both happen, or nothing is tested.
    expect(slow).toBeGreaterThan(0.15 * N);
    expect(N - slow).toBeGreaterThan(0.15 * N);
    expect(right).toBeGreaterThanOrEqual(0.95 * N);
    expect(toldMin.length).toBeGreaterThanOrEqual(0.99 * N);
    expect(toldMin[Math.floor(times(0.85, 0.95) * toldMin.length)]).toBeLessThanOrEqual(15);
  });
  test('how long it still takes is told by the plan, then by the probe: never by the slope of its first minutes', () => {
    const batch = atWindow(1);
    const { p, t } = cools(batch);
    const begun = batch.startedAt;
    const planned = coolsInS(p, t, null, begun) ?? NaN;
    expect(planned).toBe(t.task.durationS);
    expect(coolsInS(p, t, null, begun + 600_000)).toBeCloseTo(planned - 600, 6);
    // A kitchen in which it truly cools at nine tenths of the pace: after a quarter of the time that is known.
    const { t: true_ } = cools(paceIs(batch, 0.9));
    const quarterS = Math.round(planned / 4);
    const told = Array.from({ length: quarterS }, (_, s) => true_.task.courseC?.(s) ?? NaN);
    const leftS = coolsInS(p, t, { everyS: 1, values: told }, begun + quarterS * 1000) ?? NaN;
    expect(leftS / (true_.task.durationS - quarterS)).toBeCloseTo(1, 1);
    expect(true_.task.durationS / planned).toBeGreaterThan(1.05);
    const slope = ((told[0] ?? NaN) - (told.at(-1) ?? NaN)) / quarterS;
    expect(((told.at(-1) ?? NaN) - 20) / slope).toBeLessThan(0.7 * leftS);
    expect(coolsInS(p, { ...t, status: 'waiting' }, null, begun)).toBeNull();
  });
  test('what stands at the edge of its window is in it: a tenth of a degree is not told apart', () => {
    const stands = (c: number) =>
      inWindow(
        Array.from({ length: 30 }, (_, i) => ({ s: i, v: c })),
        { low: 4, high: 7 },
      );
    expect([stands(7.04), stands(3.96), stands(7.1), stands(3.9)].map((w) => w?.is)).toEqual([
      'in',
      'in',
      'above',
      'below',
    ]);
  });
  test('too little seen says nothing: nor does another step, nor a probe that lies beside the pot', () => {
    const { p, t } = cools(atWindow(1));
    const falls = (n: number) => ({ everyS: 1, values: Array.from({ length: n }, (_, s) => 97 - 0.02 * s) });
    expect(coolingByProbe(p, t, falls(60))).toBeNull();
    expect(coolingByProbe(p, t, falls(600))).not.toBeNull();
    expect(coolingByProbe(p, t, { everyS: 1, values: Array.from({ length: 900 }, () => 21) })).toBeNull();
    expect(coolingByProbe(p, t, null)).toBeNull();
    const other = p.tasks.find((x) => x.step.kind === 'boil');
    expect(other && coolingByProbe(p, other, falls(600))).toBeNull();
  });
});
