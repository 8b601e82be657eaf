import { describe, expect, test } from '@jest/globals';
import { METHODS, methodById, recipeOf } from '../../src/methods';
import { MATERIALS, materialById, ownMaterial } from '../../src/materials';
import { applyEdits, exchangeFood } from '../../src/steps';
import { planNameAfter, planNameOf } from '../../src/words';

const almond = methodById('almond-soaked');
if (!almond) throw new Error('no almond method');
const recipe = recipeOf(almond);
const sunflower = ownMaterial(materialById(MATERIALS, 'almonds'), {
  ...materialById(MATERIALS, 'almonds'),
  id: 'own-sun',
  name: 'Sunflower seeds',
  milk: 'sunflower',
  allergens: [],
});

describe('a plan made from a method with another food', () => {
  const after = applyEdits(recipe, exchangeFood(recipe, 0, sunflower));

  test('is named after the milk it makes', () => {
    expect(planNameAfter(planNameOf(almond), recipe, after, planNameOf(almond))).toBe('Sunflower milk');
    expect(planNameAfter('Sunday almond milk, thick', recipe, after, planNameOf(almond))).toBe(
      'Sunday sunflower milk, thick',
    );
    expect(planNameAfter('For Ada', recipe, after, planNameOf(almond))).toBe('For Ada');
  });
  test('slips no skins off a food of which none are known', () => {
    expect(recipe.steps.some((s) => s.kind === 'hull')).toBe(true);
    expect(after.steps.some((s) => s.kind === 'hull')).toBe(false);
  });
  test('keeps its name and steps for another form of the same milk', () => {
    const same = applyEdits(recipe, exchangeFood(recipe, 0, materialById(MATERIALS, 'almonds')));
    expect(same.steps).toEqual(recipe.steps);
    expect(planNameAfter(planNameOf(almond), recipe, same, planNameOf(almond))).toBe('Almond milk, soaked and skinned');
  });
  test.each(METHODS.map((m) => [m.id, m] as const))('%s never names its milk after the food is another', (_, m) => {
    const r = recipeOf(m);
    const most = r.larder.reduce((i, l, j) => (l.grams > (r.larder[i]?.grams ?? 0) ? j : i), 0);
    const other = applyEdits(r, exchangeFood(r, most, sunflower));
    const name = planNameAfter(planNameOf(m), r, other, planNameOf(m));
    expect(name).toBe('Sunflower milk');
  });
});
