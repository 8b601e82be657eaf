import type { Kit } from '../../src/kitchen';
import { materialById, MATERIALS, ownMaterial } from '../../src/materials';
import { methodById, recipeOf } from '../../src/methods';
import { makeStep } from '../../src/steps';
import type { Params, Recipe, Step } from '../../src/steps';
import { SEA, stood, withFoods } from '../batch/kitchen';

const school = (id: string): Recipe => {
  const m = methodById(id);
  if (!m) throw new Error(id);
  return recipeOf(m);
};
const set = (id: string, step: string, params: Partial<Record<string, unknown>>): Recipe => {
  const r = school(id);
  return {
    ...r,
    steps: r.steps.map((s) => (s.id === step ? ({ ...s, params: { ...s.params, ...params } } as Step) : s)),
  };
};
const without = (r: Recipe, ...ids: readonly string[]): Recipe => ({
  ...r,
  steps: r.steps.filter((s) => !ids.includes(s.id)),
});
const after = (r: Recipe, id: string, ...steps: readonly Step[]): Recipe => ({
  ...r,
  steps: r.steps.flatMap((s) => (s.id === id ? [s, ...steps] : [s])),
});
/** Something stirred into the milk before a step. */
const added = (id: string, before: string, p: Partial<Params['add']>): Recipe => {
  const r = school(id);
  const add = makeStep('added', 'add', p);
  return withFoods({ ...r, steps: r.steps.flatMap((s) => (s.id === before ? [add, s] : [s])) });
};
const grams = (r: Recipe, g: number): Recipe => ({
  ...r,
  larder: r.larder.map((l, i) => (i === 0 ? { ...l, grams: g } : l)),
});
const BOXES: Kit = {
  ...SEA,
  things: [...SEA.things, { id: 'box', is: 'jar', name: 'Freezer box', ml: 500, glass: false }],
};
const FITTING: Kit = {
  ...BOXES,
  things: BOXES.things.map((t) => (t.id === 'box' && t.is === 'jar' ? { ...t, ml: 700 } : t)),
};
const STRONG: Kit = { ...SEA, things: SEA.things.map((t) => (t.is === 'jug' ? { ...t, watts: 2200 } : t)) };
const named = (name: string): Recipe => {
  const oats = materialById(MATERIALS, 'oats-rolled');
  const { per100g, canLeave, cupG } = oats;
  const own = ownMaterial(oats, { id: 'own', name, per100g, canLeave, cupG });
  const r = school('oat-middle');
  return { ...r, materials: [own], larder: [{ into: 'work', material: 'own', grams: 90 }] };
};

/** Plans that must set off the checks of every milk but soy. */
export const MORE_CASES: readonly (readonly [string, Recipe, Kit])[] = [
  ['soakedNotRinsed', without(school('oat-rinsed'), 'drain'), SEA],
  ['enzymeTooHot', set('oat-enzyme', 'enzyme', { atC: 78 }), SEA],
  ['enzymeDoesNothing', set('oat-enzyme', 'enzyme', { with: 'pure' }), SEA],
  ['enzymeCapsules', set('oat-enzyme', 'enzyme', { with: 'capsules' }), SEA],
  ['enzymeMakesSugar', school('oat-enzyme'), SEA],
  ['riceTooDry', set('rice-cooked', 'cook', { waterG: 160 }), SEA],
  ['riceTooWet', set('rice-cooked', 'cook', { waterG: 2600 }), SEA],
  ['riceKeeps', school('rice-cooked'), SEA],
  ['riceNotCooled', without(school('rice-cooked'), 'coolRice'), SEA],
  ['tooHotForStarch', grams(set('oat-hot-thin', 'grind', { waterC: 97 }), 70), SEA],
  ['blendWarmsStarch', set('oat-middle', 'grind', { durationS: 400 }), STRONG],
  ['tooSlimy', grams(set('oat-middle', 'grind', { durationS: 240, waterC: 35 }), 130), SEA],
  ['noFood', grams(school('oat-middle'), 0), SEA],
  ['nothingThrough', set('oat-middle', 'grind', { waterG: 60 }), SEA],
  ['setsInCloth', grams(set('oat-hot-thin', 'grind', { waterC: 99 }), 120), SEA],
  [
    'stillFrozen',
    after(
      after(school('oat-middle'), 'cool', makeStep('freeze', 'freeze')),
      'freeze',
      makeStep('again', 'strain', { of: 'milk', pulp: 'rest' }),
    ),
    BOXES,
  ],
  ['pressedSlime', set('oat-middle', 'strain', { hand: 'press' }), SEA],
  ['iceLeft', set('oat-ice', 'grind', { waterG: 500, waterC: 5, iceG: 300 }), SEA],
  ['cupTooCoarse', school('oat-hot-thin'), SEA],
  ['watery', grams(school('oat-middle'), 40), SEA],
  ['coldFat', set('coconut-one-blend', 'grind', { waterC: 5 }), SEA],
  ['handsScald', set('coconut-two-runs', 'knead', { waterC: 98, waterG: 500 }), SEA],
  ['meshTooOpen', set('rice-raw', 'strain', { strainer: 'sieve' }), SEA],
  ['thickensInThePot', set('tiger-nut-cooked', 'heat', { toC: 95 }), SEA],
  ['cannotReach', set('tiger-nut-cooked', 'heat', { toC: 96 }), { ...SEA, altitudeM: 4500 }],
  ['pasteurisedShort', set('tiger-nut-cooked', 'heat', { toC: 68, holdS: 60 }), SEA],
  [
    'richBoils',
    after(school('coconut-graded'), 'washAgain', makeStep('boilIt', 'boil', { of: 'first', holdS: 60 })),
    SEA,
  ],
  [
    'fatDoesNotSet',
    after(set('coconut-dried', 'cool', { toC: 20 }), 'cool', makeStep('lift', 'lift', { standS: 60 })),
    { ...SEA, fridgeC: 6 },
  ],
  ['cocoaDry', added('oat-hot-thin', 'jar', { food: 'cocoa', amountG: 20 }), SEA],
  ['syrupAfterBoil', added('soy-washed', 'jar', { food: 'maple-syrup', amountG: 30 }), SEA],
  ['rawAfterBoil', added('soy-washed', 'jar', { food: 'berries', amountG: 60 }), SEA],
  ['wholePieces', added('oat-middle', 'jar', { food: 'berries', amountG: 60 }), SEA],
  ['honey', added('rice-raw', 'jar', { food: 'honey', amountG: 30 }), SEA],
  ['driesTooSlowly', after(school('oat-middle'), 'strain', makeStep('dry', 'dry', { ovenC: 60, layerCm: 3 })), SEA],
  ['driedRaw', after(school('soy-washed'), 'wash', makeStep('dry', 'dry')), SEA],
  ['glassFreezes', after(school('oat-middle'), 'cool', makeStep('freeze', 'freeze', { box: 'jar' })), BOXES],
  [
    'frozenIntoJar',
    after(after(school('coconut-raw'), 'jar', makeStep('freeze', 'freeze')), 'freeze', makeStep('again', 'jar', {})),
    BOXES,
  ],
  [
    'freezerTooFull',
    after(school('oat-middle'), 'cool', makeStep('freeze', 'freeze', { box: 'box', fill: 1 })),
    FITTING,
  ],
  ['warmJar', without(school('oat-middle'), 'cool'), SEA],
  ['keptWarm', after(school('oat-middle'), 'jar', stood({ placeC: 22, durationS: 48 * 3600 })), SEA],
  ['keptTooLong', after(school('oat-middle'), 'jar', stood({ durationS: 9 * 24 * 3600 })), SEA],
  ['noJar:milk', without(school('soy-washed'), 'jar'), SEA],
  [
    'neverUsed:Almonds, whole',
    {
      ...school('almond-soaked'),
      larder: [...school('almond-soaked').larder, { into: 'more', material: 'almonds', grams: 40 }],
    },
    SEA,
  ],
  ['noKillStep', school('coconut-raw'), SEA],
  ['openingNut', school('coconut-one-blend'), SEA],
  ['underFive', school('rice-raw'), SEA],
  ['mayHoldGluten', school('oat-middle'), SEA],
  ['unstatedAllergens:Hill oats', named('Hill oats'), SEA],
  ['refused:bitterAlmond', named('Bitter almonds'), SEA],
  ['refused:apricotKernel', named('Apricot kernels'), SEA],
  ['refused:cassava', named('Cassava meal'), SEA],
  ['refused:lupin', named('Bitter lupin'), SEA],
  ['refused:phaseolus', named('Red kidney beans'), SEA],
];
