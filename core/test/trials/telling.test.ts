import { describe, expect, test } from '@jest/globals';
import { unlearned, usualBelief } from '../../src/kitchen';
import { daySdOf, learn } from '../../src/learning';
import { ranges } from '../../src/questions';
import { mostTelling, WORTH } from '../../src/trials';
import { batchOf } from '../batch/promised';

const soy = batchOf('soy-washed');
const here = unlearned(soy.kit);
const asked = { recipe: soy.recipe, measure: 'volumeMl' } as const;

describe('the next most informative batch', () => {
  const [first] = mostTelling(asked, [{ id: 'same', recipe: soy.recipe }], here);
  test('of a yield it is what the pot steams away and what the bag keeps that are to be read', () => {
    expect(first?.id).toBe('same');
    const kinds = first?.by.map((t) => t.coefficient.split(':')[0]);
    expect(kinds?.slice(0, 2).sort()).toEqual(['hold', 'steam']);
    expect(first?.narrower).toBeGreaterThan(WORTH);
  });
  /** Against ranges drawn from kitchens before and after: the update by `learn`, the width by sampling, neither by slopes. */
  test('it narrows as much as drawn ranges then do', () => {
    const width = (beliefs: typeof here.beliefs): number => {
      const r = ranges(soy.recipe, { kit: soy.kit, beliefs }, 5, 1500).volumeMl;
      return r.high - r.low;
    };
    const learned = (first?.by ?? []).map(({ coefficient }) => {
      const after = learn(coefficient, [{ batch: 'b', at: 1, ln: 0, sd: 0.02 }]);
      return [coefficient, { ...usualBelief(coefficient), sd: after?.sd ?? 0, n: 1 }] as const;
    });
    const ratio = width(Object.fromEntries(learned)) / width({});
    expect(Math.abs(1 - ratio - (first?.narrower ?? 0))).toBeLessThan(0.06);
  });
  test('another milk through the same bag tells of it; what is only soaked, or cannot be made, tells nothing', () => {
    const nut = batchOf('tiger-nut-cold');
    const [told] = mostTelling(asked, [{ id: 'nut', recipe: nut.recipe }], here);
    expect(told?.by.every((t) => t.coefficient.startsWith('hold:'))).toBe(true);
    expect(told?.narrower).toBeLessThan(first?.narrower ?? 0);
    const until = nut.recipe.steps.findIndex((s) => s.kind === 'strain');
    const soaked = { ...nut.recipe, steps: nut.recipe.steps.slice(0, until) };
    const broken = { ...nut.recipe, steps: nut.recipe.steps.slice(until) };
    expect(
      mostTelling(
        asked,
        [
          { id: 'soaked', recipe: soaked },
          { id: 'broken', recipe: broken },
        ],
        here,
      ),
    ).toEqual([]);
  });
  test('what is known as well as days allow is not asked again', () => {
    const known = (first?.by ?? []).map(
      ({ coefficient: id }) => [id, { ...usualBelief(id), sd: daySdOf(id), n: 40 }] as const,
    );
    expect(
      mostTelling(asked, [{ id: 'same', recipe: soy.recipe }], { ...here, beliefs: Object.fromEntries(known) }),
    ).toEqual([]);
  });
});
