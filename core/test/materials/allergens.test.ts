import { describe, expect, test } from '@jest/globals';
import {
  ALLERGENS,
  allergensIn,
  behaviourOf,
  MATERIALS,
  materialById,
  ownMaterial,
  particlesOf,
} from '../../src/materials';
import type { OwnParts } from '../../src/materials';
import { METHODS, recipeOf } from '../../src/methods';
import { look } from '../../src/questions';
import { unlearned } from '../../src/kitchen';
import { allergensText, milkName, milkOf, warningText } from '../../src/words';
import { SEA } from '../batch/kitchen';

const almonds = materialById(MATERIALS, 'almonds');
const oats = materialById(MATERIALS, 'oats-rolled');
const cashews = (more: Partial<OwnParts> = {}) => {
  const { per100g, canLeave, cupG } = almonds;
  return ownMaterial(almonds, { id: 'own-cashew', name: 'Cashews', per100g, canLeave, cupG, ...more });
};
/** The soaked almond method with another food in place of its almonds. */
const withFood = (food: ReturnType<typeof cashews>) => {
  const m = METHODS.find((x) => x.id === 'almond-soaked');
  if (!m) throw new Error('no method');
  const r = recipeOf(m);
  return {
    ...r,
    materials: [food, ...r.materials.filter((x) => x.id !== almonds.id)],
    larder: r.larder.map((l) => ({ ...l, material: l.material === almonds.id ? food.id : l.material })),
  };
};

test('the lists of the laws: fourteen of Regulation (EU) 1169/2011 annex II, nine of US law', () => {
  expect(ALLERGENS.filter((a) => a.eu)).toHaveLength(14);
  expect(ALLERGENS.filter((a) => a.us)).toHaveLength(9);
  expect(new Set(ALLERGENS.map((a) => a.id)).size).toBe(ALLERGENS.length);
});
describe('an own food like another', () => {
  // A fault that was found: cashews like almonds were “almond milk” that “contains almond”, and cashew stood nowhere.
  test('takes over neither allergens nor the name of its milk; until they are stated, that is said', () => {
    const r = withFood(cashews());
    expect(milkName(milkOf(r))).toBe('milk');
    expect(allergensIn(r.materials)).toMatchObject({ contains: [], unstated: ['Cashews'] });
    expect(allergensText(allergensIn(r.materials))).toBe('Allergens of “Cashews” not stated.');
    const said = (look(r, unlearned(SEA))?.warnings ?? []).map(warningText).join(' ');
    expect(said).toContain('Nobody has stated which allergens “Cashews” holds.');
    expect(said).not.toMatch(/almond/i);
  });
  test('stated, they are its own', () => {
    const r = withFood(cashews({ milk: 'cashew', allergens: ['tree nuts'] }));
    expect(milkName(milkOf(r))).toBe('cashew milk');
    expect(allergensText(allergensIn(r.materials))).toBe('Contains tree nuts.');
    expect(allergensText(allergensIn([cashews({ allergens: [] })]))).toBe('');
  });
  test('of an older kitchen, what it took over does not count as stated, nor as its name', () => {
    const { behavesAs: _behaves, allergensStated: _stated, ...old } = cashews();
    const before = { ...old, milk: 'almond', allergens: ['almond (a tree nut)'] };
    expect(milkOf(withFood(before))).toBe('');
    expect(allergensIn([before])).toMatchObject({ contains: [], unstated: ['Cashews'] });
  });
  test('it still behaves like the food it is like', () => {
    const own = cashews({ milk: 'cashew', allergens: [] });
    expect(behaviourOf(own)).toBe('almond');
    expect(particlesOf(own)).toEqual(particlesOf(almonds));
  });
});
test('gluten of oats is a “may”, beside any that is certain', () => {
  expect(allergensText(allergensIn([oats]))).toBe('May contain gluten unless labelled gluten-free.');
  const spelt = { ...oats, allergens: ['gluten'] };
  expect(allergensText(allergensIn([oats, spelt]))).toBe('Contains gluten.');
});
