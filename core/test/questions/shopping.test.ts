import { describe, expect, test } from '@jest/globals';
import { STIRRED_IN } from '../../src/materials';
import { METHODS, recipeOf } from '../../src/methods';
import { neededBy, shoppingList, USUAL_PACK_G } from '../../src/questions';
import type { Cupboard } from '../../src/questions';
import { makeStep } from '../../src/steps';
import type { Recipe } from '../../src/steps';

const recipe = (id: string) => {
  const m = METHODS.find((x) => x.id === id);
  if (!m) throw new Error(id);
  return recipeOf(m);
};
const oat = recipe('oat-middle');
const [food] = oat.larder;
if (!food) throw new Error('no oats');
const list = (has: Cupboard | null, times = 3, prices: Record<string, number> = {}) =>
  shoppingList(
    Array.from({ length: times }, () => oat),
    new Map(has ? [[food.material, has]] : []),
    { prices },
  ).find((l) => l.material === food.material);

describe('what a week takes', () => {
  test('the same food of several milks stands on one line; water is not bought', () => {
    const all = neededBy([oat, oat, recipe('oat-rinsed')]);
    expect(all.get(food.material)?.grams).toBeGreaterThan(2 * food.grams);
    expect(all.has('water')).toBe(false);
  });
  test('worked by hand: three times so many grams, 100 g at hand, packs of 250 g at 4 a kilogram', () => {
    const needG = 3 * food.grams;
    const packs = Math.ceil((needG - 100) / 250);
    expect(list({ haveG: 100, packG: 250 }, 3, { [food.material]: 4 })).toMatchObject({
      ...{ needG, haveG: 100, packs, buyG: 250 * packs, cost: packs },
    });
  });
  test('enough is enough: nothing is bought, and nothing costs', () => {
    expect(list({ haveG: 10_000, packG: 250 })).toMatchObject({ packs: 0, buyG: 0, cost: 0 });
  });
  test('for a few grams nobody opens another pack', () => {
    const needG = 3 * food.grams;
    expect(list({ haveG: needG * 0.985, packG: 500 })?.packs).toBe(0);
    expect(list({ haveG: needG * 0.9, packG: 500 })?.packs).toBe(1);
  });
  test('where no pack was said it is a usual one; where no price, the usual price', () => {
    const line = list(null);
    const usual = oat.materials.find((m) => m.id === food.material)?.pricePerKg ?? NaN;
    expect([line?.packG, line?.cost]).toEqual([USUAL_PACK_G.food, ((line?.buyG ?? 0) / 1000) * usual]);
  });
});
test('salt that was never counted is looked for, not bought; counted, it is bought like all else', () => {
  const salted: Recipe = {
    ...oat,
    materials: [...oat.materials, ...STIRRED_IN.filter((m) => m.id === 'salt')],
    steps: [...oat.steps, makeStep('salt', 'add', { food: 'salt', amountG: 4 })],
  };
  const salt = (had: number | null, packG: number | null = null) =>
    shoppingList([salted], new Map(had === null && packG === null ? [] : [['salt', { haveG: had, packG }]]), {
      prices: {},
    }).find((l) => l.material === 'salt');
  expect(salt(null)).toMatchObject({ needG: 4, look: true, packs: 0, cost: 0 });
  expect(salt(null, 250)).toMatchObject({ look: true, packs: 0, packG: 250 });
  expect(salt(0)).toMatchObject({ look: false, packs: 1, packG: USUAL_PACK_G.food });
  expect(salt(100)?.packs).toBe(0);
});
