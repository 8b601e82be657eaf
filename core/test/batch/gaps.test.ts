import { expect, test, describe } from '@jest/globals';
import { fold, jarNow, jarsOf, progressOf } from '../../src/batch';
import type { BatchEvent, JarEvent } from '../../src/batch';
import { unlearned, USUAL_KIT } from '../../src/kitchen';
import { METHODS, recipeOf } from '../../src/methods';
import { kindOf } from '../../src/steps';
import { sampleBatch, wholeRun } from '../records/sample';

const batch = sampleBatch();
/** Five minutes a task: more than jarring takes, so that some wait is there to begin with. */
const run = wholeRun(batch, 5);
const from = run.findIndex((e) => 'step' in e && e.step === 'jar');
/** The last step comes so many seconds later. */
const late = (s: number): BatchEvent[] => run.map((e, i) => (i >= from ? { ...e, at: e.at + s * 1000 } : e));
const milkAfter = (s: number) => progressOf(batch, late(s)).outcome.products.milk;
const gapOf = (s: number): number => {
  const { stages } = progressOf(batch, late(s)).outcome;
  const at = (id: string) => stages.find((x) => x.step === id);
  return (at('jar')?.startS ?? NaN) - (at('salt')?.endS ?? NaN);
};

describe('what really passed between two steps is folded as rest, from a second to days', () => {
  const none = milkAfter(0);
  test.each([30, 600, 2400, 3500, 3 * 3600, 2 * 86_400])('%d s', (s) => {
    const milk = milkAfter(s);
    if (!milk || !none) throw new Error('no milk');
    expect(gapOf(s) - gapOf(0)).toBeCloseTo(s, 0);
    expect(milk.spentD).toBeGreaterThan(none.spentD);
    expect(milk.above21S + milk.above5S).toBeGreaterThanOrEqual(none.above21S + none.above5S);
    // The counter is 20 °C: the longer it stood, the nearer it came.
    expect(Math.abs(milk.temperatureC - 20)).toBeLessThanOrEqual(Math.abs(none.temperatureC - 20) + 1e-9);
  });
  test('a longer wait spends more', () => {
    const spent = [30, 600, 2400, 3500, 7200].map((s) => milkAfter(s)?.spentD ?? NaN);
    expect(spent).toEqual([...spent].sort((a, b) => a - b));
  });
});

test('boiled pulp is as old as its boil; of its time before it, it has back what was left', () => {
  const pulp = jarsOf(batch, progressOf(batch, run)).find((j) => j.product === 'pulp');
  if (!pulp) throw new Error('no pulp');
  const at = (h: number): number => pulp.filledAt + h * 3_600_000;
  const boiled = (h: number): JarEvent => ({ id: 'b', jar: pulp.id, seq: 1, at: at(h), is: 'boiled', forS: 1200 });
  const now = (h: number, after: number) => jarNow(pulp, [boiled(h)], batch, [], at(h + after));
  expect([now(2, 5).ageS, now(10, 5).ageS]).toEqual([5 * 3600, 5 * 3600]);
  // Raw bean pulp has one day at 4 °C: after two hours less than half of it is spent, after ten at room warmth more.
  expect(now(1, 5).keep?.leftD).toBeCloseTo(now(2, 5).keep?.leftD ?? NaN, 3);
  expect(now(20, 5).keep?.leftD).toBeLessThan(now(2, 5).keep?.leftD ?? NaN);
  expect(now(2, 30).keep?.s).toBeLessThan(now(2, 5).keep?.s ?? NaN);
});

describe('a prediction assumes no wait', () => {
  test.each(METHODS.map((m) => [m.id, m] as const))(
    '%s: every step begins when the last of what it takes is ready',
    (_, m) => {
      const r = recipeOf(m);
      const o = fold(r, unlearned(USUAL_KIT));
      const readyAt = new Map(r.larder.map((l) => [l.into, 0]));
      o.stages.forEach((stage, i) => {
        const step = r.steps[i];
        if (!step) throw new Error(stage.step);
        const reads = kindOf(step.kind).reads(step.params);
        expect([stage.step, stage.startS]).toEqual([
          stage.step,
          Math.max(0, ...reads.map((n) => readyAt.get(n) ?? NaN)),
        ]);
        for (const [n, s] of stage.writes) if (s) readyAt.set(n, s.readyAtS);
        const took = stage.tasks.reduce((sum, t) => sum + t.durationS, 0);
        expect(stage.endS).toBeCloseTo(stage.startS + took, 9);
      });
    },
  );
});

test('a task without a timer needs no beginning: it began as long before its end as it takes', () => {
  const timed = new Set(
    progressOf(batch, run).tasks.flatMap((t) => (t.task.timed ? [`${t.step.id} ${t.task.id}`] : [])),
  );
  const bare = late(1800).filter((e) => e.is !== 'begun' || timed.has(`${e.step} ${e.task}`));
  expect(bare.length).toBeLessThan(run.length);
  expect(progressOf(batch, bare).outcome.products).toEqual(progressOf(batch, late(1800)).outcome.products);
  expect(progressOf(batch, bare).outcome.products.milk).not.toEqual(milkAfter(0));
});
