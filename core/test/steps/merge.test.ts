import { expect, test, describe } from '@jest/globals';
import fc from 'fast-check';
import { METHODS, recipeOf } from '../../src/methods';
import { applyEdits, makeStep, mergePlans } from '../../src/steps';
import type { Edit, Recipe } from '../../src/steps';

const recipe = recipeOf(METHODS[4] as (typeof METHODS)[number]);
const base = { name: 'Plan', recipe };
const set = (step: string, param: string, value: number): Edit => ({ do: 'set', step, param, value });
const edited = (...edits: Edit[]): { name: string; recipe: Recipe } => ({
  name: 'Plan',
  recipe: applyEdits(recipe, edits),
});

describe('two edits of one plan', () => {
  test('of different fields come together, whichever comes first', () => {
    const a = edited(set('grind', 'waterG', 1111));
    const b = { ...edited({ do: 'larder', index: 0, grams: 321 }), name: 'Renamed' };
    const both = { name: 'Renamed', recipe: applyEdits(a.recipe, [{ do: 'larder', index: 0, grams: 321 }]) };
    expect(mergePlans(base, a, b)).toEqual({ plan: both, conflict: false });
    expect(mergePlans(base, b, a)).toEqual({ plan: both, conflict: false });
  });
  test('of two parameters of one step too', () => {
    const m = mergePlans(base, edited(set('grind', 'waterG', 1111)), edited(set('grind', 'durationS', 77)));
    const grind = m.plan.recipe.steps.find((s) => s.id === 'grind')?.params;
    expect([m.conflict, grind]).toEqual([false, expect.objectContaining({ waterG: 1111, durationS: 77 })]);
  });
  test('of the same field to the same value are no conflict; to another they are', () => {
    const a = edited(set('grind', 'waterG', 1111));
    expect(mergePlans(base, a, a)).toEqual({ plan: a, conflict: false });
    expect(mergePlans(base, a, edited(set('grind', 'waterG', 2222))).conflict).toBe(true);
    expect(mergePlans(base, { ...base, name: 'A' }, { ...base, name: 'B' }).conflict).toBe(true);
  });
  test('a step put in here and a figure changed there', () => {
    const step = makeStep('more', 'add', { of: 'milk', amountG: 2 });
    const put = edited({ do: 'insert', after: 'boil', step });
    const m = mergePlans(base, edited(set('grind', 'waterG', 1111)), put);
    expect([m.conflict, m.plan.recipe.steps.some((s) => s.id === 'more')]).toEqual([false, true]);
    expect(m.plan.recipe.steps.find((s) => s.id === 'grind')?.params).toMatchObject({ waterG: 1111 });
  });
  test('a step taken out here stays out, though a figure of another changed there', () => {
    const m = mergePlans(base, edited(set('grind', 'waterG', 1111)), edited({ do: 'remove', step: 'skim' }));
    expect([m.conflict, m.plan.recipe.steps.some((s) => s.id === 'skim')]).toEqual([false, false]);
  });
  test('both put something in: a conflict, nothing is guessed', () => {
    const put = (id: string) => edited({ do: 'insert', after: 'boil', step: makeStep(id, 'add', { of: 'milk' }) });
    expect(mergePlans(base, put('a'), put('b')).conflict).toBe(true);
  });
  test('who changed nothing takes over all that the other did', () => {
    const fields = recipe.steps.flatMap((s) =>
      Object.entries(s.params).flatMap(([p, v]) => (typeof v === 'number' ? [[s.id, p] as const] : [])),
    );
    const anyEdit = fc.tuple(fc.constantFrom(...fields), fc.double({ min: 1, max: 9, noNaN: true }));
    fc.assert(
      fc.property(fc.array(anyEdit, { maxLength: 6 }), (edits) => {
        const other = edited(...edits.map(([[s, p], v]) => set(s, p, v)));
        expect(mergePlans(base, other, base)).toEqual({ plan: other, conflict: false });
        expect(mergePlans(base, base, other)).toEqual({ plan: other, conflict: false });
      }),
      { numRuns: 60, seed: 5 },
    );
  });
});
