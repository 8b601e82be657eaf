import { describe, expect, test } from '@jest/globals';
import { climbAt, climbOf, climbReaches, fold, progressOf, summarise } from '../../src/batch';
import type { BatchEvent, FrozenBatch, Happening, TaskState } from '../../src/batch';
import { withParams } from '../../src/steps';
import { batchOf } from './promised';

const load = (b: FrozenBatch): TaskState => {
  const t = progressOf(b, []).tasks.find((x) => x.task.id === 'load1');
  if (!t) throw new Error('no load');
  return t;
};
const climbed = (b: FrozenBatch) => climbOf(progressOf(b, []), b, load(b)) ?? [];
/** What the same plan brings when each load is planned to run so long. */
function planned(b: FrozenBatch, s: number) {
  const recipe = {
    ...b.recipe,
    steps: b.recipe.steps.map((x) => (x.kind === 'grind' ? withParams(x, { durationS: s }) : x)),
  };
  const o = fold(recipe, b);
  const opened = o.stages[recipe.steps.findIndex((x) => x.kind === 'grind')]?.figures.openedShare;
  return { slime: summarise(recipe, o, b.kit).main?.body?.glucan, opened };
}

describe('what climbs while the jug turns', () => {
  test.each(['oat-middle', 'oat-hot-thin', 'soy-washed', 'coconut-one-blend'])(
    '%s: each point is the plan that stops there',
    (school) => {
      const b = batchOf(school);
      for (const p of climbed(b).filter((_, i) => i % 5 === 0)) {
        expect(p.slime).toBeCloseTo(planned(b, p.s).slime ?? NaN, 6);
        expect(p.opened).toBeCloseTo(planned(b, p.s).opened ?? NaN, 6);
      }
    },
  );
  test('of the second load nothing is open before it turns, whatever the first did; its milk knows of both', () => {
    const b = batchOf('soy-no-soak');
    const log: BatchEvent[] = [];
    const add = (e: Happening): void => {
      log.push({ id: `e${log.length}`, seq: log.length + 1, batch: b.id, at: b.startedAt, ...e });
    };
    for (const t of progressOf(b, []).tasks) {
      if (t.task.id === 'load2') break;
      const of = { step: t.step.id, task: t.task.id };
      add({ is: 'begun', ...of });
      if (t.task.id === 'load1')
        add({ is: 'reading', reading: { id: 'r', ...of, what: 'load1S', value: 130, source: 'clock' } });
      add({ is: 'ended', ...of, by: 'cook' });
    }
    const p = progressOf(b, log);
    const second = p.tasks.find((x) => x.task.id === 'load2');
    const c = (second && climbOf(p, b, second)) ?? [];
    expect(c[0]?.opened).toBe(0);
    expect(c[6]?.s).toBe(120);
    expect(c[6]?.opened).toBeCloseTo(climbed(b)[6]?.opened ?? NaN, 6);
  });
  test('it never falls, from nothing to twice the plan', () => {
    for (const b of [batchOf('oat-middle'), batchOf('soy-no-soak')]) {
      const c = climbed(b);
      expect([c[0]?.s, c[0]?.opened]).toEqual([0, 0]);
      c.slice(1).forEach((p, i) => expect(p.slime).toBeGreaterThanOrEqual((c[i]?.slime ?? 0) - 1e-9));
    }
  });
  test('between points it is read off, beyond the ends it stays; when it reaches a word is said, or that it never does', () => {
    const c = climbed(batchOf('oat-middle'));
    const [a, b] = [c[2], c[3]];
    if (!a || !b) throw new Error('short');
    expect(climbAt(c, 'slime', (a.s + b.s) / 2)).toBeCloseTo((a.slime + b.slime) / 2, 9);
    expect(climbAt(c, 'slime', 1e6)).toBe(c.at(-1)?.slime);
    const at = climbReaches(c, 'slime', 1.5) ?? NaN;
    expect(climbAt(c, 'slime', at)).toBeCloseTo(1.5, 9);
    expect(climbReaches(c, 'slime', 50)).toBeNull();
  });
  test('where nothing is ground there is no climb', () => {
    const b = batchOf('oat-middle');
    const p = progressOf(b, []);
    const strain = p.tasks.find((t) => t.step.kind === 'strain');
    expect(strain && climbOf(p, b, strain)).toBeNull();
  });
});
