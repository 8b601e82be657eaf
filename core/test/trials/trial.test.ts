import { describe, expect, test } from '@jest/globals';
import { MEASURES } from '../../src/batch';
import { comesOf, plannedAs } from '../../src/comparing';
import { unlearned } from '../../src/kitchen';
import { OF_THE_DAY } from '../../src/learning';
import { seededRandom } from '../../src/numerics';
import { doubted, leversOf, sampleBeliefs } from '../../src/questions';
import { daySpread, designFor, effectsOf, expectedRuns, reachOf, runRecipe, strayedOf } from '../../src/trials';
import type { Factor, Trial } from '../../src/trials';
import { batchOf } from '../batch/promised';
import { brewed } from '../comparing/brewed';

const batch = batchOf('soy-washed');
const levers = leversOf(batch.recipe);
function factor(key: string, by: number): Factor {
  const l = levers.find((x) => x.key === key);
  if (!l) throw new Error(`no lever ${key}: ${levers.map((x) => x.key).join(', ')}`);
  return { at: l.at, from: l.now, to: l.now * by };
}
const trial = (factors: readonly Factor[], more: Partial<Trial> = {}): Trial => ({
  ...{ base: batch.recipe, factors, design: '2^1', times: 2, seed: 7 },
  ...more,
});
const BEANS = 'larder.0';
const GRIND = levers.find((l) => l.key.endsWith('.durationS') && l.key.startsWith('grind'))?.key ?? '';

describe('a trial', () => {
  test('one thing changed, twice: each way once before any comes again', () => {
    const d = designFor(trial([factor(BEANS, 1.2)]));
    expect(d.runs).toEqual([[-1], [1], [-1], [1]]);
    expect(
      d.order
        .slice(0, 2)
        .map((i) => d.runs[i]?.[0])
        .sort(),
    ).toEqual([-1, 1]);
    expect([...d.order].sort()).toEqual([0, 1, 2, 3]);
    expect(() => designFor(trial([]))).toThrow('1 factors, 0 named');
  });
  test('the plan of a run: as it is, or with what is up put where it is otherwise', () => {
    const t = trial([factor(BEANS, 1.2), factor(GRIND, 1.5)], { design: '2^2', times: 1 });
    const was = batch.recipe.larder[0]?.grams ?? 0;
    expect(runRecipe(t, [-1, -1])).toBe(t.base);
    expect(runRecipe(t, [1, -1]).larder[0]?.grams).toBeCloseTo(1.2 * was, 9);
    const grown = leversOf(runRecipe(t, [-1, 1])).find((l) => l.key === GRIND);
    expect(grown?.now).toBeCloseTo(1.5 * (levers.find((l) => l.key === GRIND)?.now ?? 0), 9);
  });
  test('more beans in the same water: stronger, as the fold says beforehand', () => {
    const t = trial([factor(BEANS, 1.25)]);
    const d = designFor(t);
    const [by] = effectsOf(d, expectedRuns(t, d, unlearned(batch.kit)).solids, 0);
    const at = (levels: readonly (-1 | 1)[]): number =>
      MEASURES.solids(comesOf(plannedAs(runRecipe(t, levels), unlearned(batch.kit)))) ?? 0;
    expect(by?.by).toBeCloseTo(at([1]) - at([-1]), 12);
    expect(by?.by).toBeGreaterThan(0);
  });
  /** Kitchens whose days nobody sees: the interval that is told holds what more beans truly do, four times in five. */
  test('in a hundred trials with days of their own the interval holds the truth as often as it says', () => {
    const t = trial([factor(BEANS, 1.15)]);
    const here = unlearned(batch.kit);
    const d = designFor(t);
    const [truth] = effectsOf(d, expectedRuns(t, d, here).solids, 0);
    const sd = daySpread(t.base, here).solids;
    const random = seededRandom(12);
    const recipes = [runRecipe(t, [-1]), runRecipe(t, [1])] as const;
    let held = 0;
    for (let i = 0; i < 100; i += 1) {
      const came = d.runs.map(([level]) => {
        const drawn = Object.entries(sampleBeliefs(here, doubted(t.base), random));
        const beliefs = Object.fromEntries(drawn.map(([k, b]) => [k, { ...b, mean: b.mean ** OF_THE_DAY }] as const));
        const made = plannedAs(recipes[level === 1 ? 1 : 0], { kit: batch.kit, beliefs });
        return MEASURES.solids(comesOf(made, 'keep')) ?? 0;
      });
      const [e] = effectsOf(d, came, sd);
      if (e && truth && e.low <= truth.by && truth.by <= e.high) held += 1;
    }
    expect(held).toBeGreaterThanOrEqual(70);
    expect(held).toBeLessThanOrEqual(92);
  });
  test('twice as often tells an effect smaller by the root of two', () => {
    const [once, twice] = [1, 2].map((times) => designFor(trial([factor(BEANS, 1.2)], { times })));
    expect((once ? reachOf(once, 3) : 0) / (twice ? reachOf(twice, 3) : 1)).toBeCloseTo(Math.SQRT2, 9);
  });
});

describe('two things changed by hand', () => {
  const edit = (key: string, value: number) =>
    ({ do: 'set', step: key.split('.')[0] ?? '', param: 'durationS', value }) as const;
  const usual = levers.find((l) => l.key === GRIND)?.now ?? 0;
  test('ground three times as long in a run about beans: it is named', () => {
    const b = brewed('soy-washed', { done: [edit(GRIND, 3 * usual)] });
    const [s] = strayedOf(batch.recipe, b.batch, b.progress);
    expect(s?.of.at).toMatchObject({ of: 'param', param: 'durationS' });
  });
  test('changed in its plan before it was begun: it is named too', () => {
    const b = brewed('soy-washed', { planned: [{ do: 'larder', index: 0, grams: 300 }] });
    expect(strayedOf(batch.recipe, b.batch, b.progress).map((s) => s.of.at.of)).toContain('amount');
  });
  test('made as it was laid out, whatever the bag did that day: nothing is named', () => {
    const bag = batch.kit.use.strainer;
    const b = brewed('soy-washed', { truly: { [`hold:${bag}`]: 1.6 }, done: [edit(GRIND, 1.01 * usual)] });
    expect(strayedOf(batch.recipe, b.batch, b.progress)).toEqual([]);
  });
});
