import type { Kit } from '../../src/kitchen';
import { METHODS, recipeOf } from '../../src/methods';
import { makeStep } from '../../src/steps';
import type { Recipe, Step } from '../../src/steps';
import { kitAt, SEA } from '../batch/kitchen';
import { MORE_CASES } from './cases';

export const washed = recipeOf(METHODS[4] as (typeof METHODS)[number]);
export const withStep = (r: Recipe, id: string, params: Partial<Record<string, unknown>>): Recipe => ({
  ...r,
  steps: r.steps.map((s) => (s.id === id ? ({ ...s, params: { ...s.params, ...params } } as Step) : s)),
});

/** Each check with a plan that must set it off, and the kitchen it is made in. */
export const CASES: readonly (readonly [string, Recipe, Kit])[] = [
  ['soakTooShort', withStep(washed, 'soak', { durationS: 3 * 3600 }), SEA],
  ['soakTooLong', withStep(washed, 'soak', { durationS: 30 * 3600 }), SEA],
  ['soakTooWarm', withStep(washed, 'soak', { durationS: 10 * 3600, waterC: 20 }), { ...SEA, roomC: 38 }],
  ['soakWater', withStep(washed, 'soak', { waterG: 300 }), SEA],
  [
    'bowlTooSmall',
    withStep(washed, 'soak', { waterG: 3500 }),
    {
      ...SEA,
      things: [
        ...SEA.things,
        { id: 'tub', is: 'bowl', name: 'Tub', ml: 9000, diameterCm: 30, massG: 900, made: 'steel' },
      ],
    },
  ],
  ['jugOverfull', withStep(washed, 'grind', { loads: 1 }), SEA],
  [
    'hotInSealedJug',
    withStep(washed, 'grind', { waterC: 95 }),
    { ...SEA, things: SEA.things.map((t) => (t.is === 'jug' ? { ...t, lid: 'sealed' as const } : t)) },
  ],
  ['hotInJug', withStep(washed, 'grind', { waterC: 98, loads: 4 }), SEA],
  ['tooThick', withStep(washed, 'grind', { waterG: 80 }), SEA],
  ['groundTooLittle', withStep(washed, 'grind', { durationS: 20 }), SEA],
  ['notGround', withStep(washed, 'grind', { durationS: 0 }), SEA],
  ['potOverfull', washed, { ...SEA, things: SEA.things.map((t) => (t.is === 'pot' ? { ...t, ml: 2000 } : t)) }],
  ['holdTooShort', withStep(washed, 'boil', { holdS: 600 }), kitAt(3000)],
  ['neverBoiled', { ...washed, steps: washed.steps.filter((s) => s.kind !== 'boil') }, SEA],
  ['foamIsNotTheBoil', washed, SEA],
  ['scorches', recipeOf(METHODS[3] as (typeof METHODS)[number]), SEA],
  ['boilsDry', withStep(washed, 'boil', { holdS: 3 * 3600, vigour: 'medium' }), SEA],
  [
    'hobTooWeak',
    withStep(washed, 'boil', { vigour: 'hard' }),
    { ...SEA, things: SEA.things.map((t) => (t.is === 'hob' ? { ...t, watts: 900 } : t)) },
  ],
  [
    'neverReaches',
    washed,
    {
      ...SEA,
      things: [
        ...SEA.things.map((t) => (t.is === 'hob' ? { ...t, watts: 400, heat: 'gas' as const } : t)),
        { id: 'ring', is: 'hob', name: 'Big ring', watts: 2000, heat: 'induction' },
      ],
    },
  ],
  ['groundDry', { ...washed, steps: washed.steps.filter((s) => s.kind !== 'soak') }, SEA],
  ['neverCools', withStep(washed, 'cool', { how: 'counter', toC: 10 }), SEA],
  ['coolsTooSlowly', withStep(washed, 'cool', { how: 'counter', toC: 22 }), SEA],
  ['iceTooLittle', withStep(washed, 'cool', { how: 'iceBath', toC: 8, iceG: 500 }), SEA],
  ['hotGlass', withStep(washed, 'cool', { how: 'water', vessel: 'jars', toC: 20 }), SEA],
  ['warmsFridge', withStep(washed, 'cool', { how: 'fridge', toC: 12 }), SEA],
  [
    'coldTooLate',
    withStep(washed, 'cool', { toC: 20 }),
    { ...SEA, things: SEA.things.map((t) => (t.is === 'jar' ? { ...t, ml: 3000 } : t)) },
  ],
  ['touchedAfter', withStep(washed, 'jar', { scalded: false }), SEA],
  ['hotJar', withStep(washed, 'cool', { toC: 70 }), SEA],
  ['rawUntilBoiled', washed, SEA],
  ['rawPulp', washed, SEA],
  ['allergen:soy', washed, SEA],
  ['infants', washed, SEA],
  [
    'emptyPass',
    {
      ...washed,
      steps: washed.steps.flatMap((s) =>
        s.id === 'wash'
          ? Array.from({ length: 6 }, (_, i) => makeStep(`w${i}`, 'wash', { waterG: 900, into: 'milk' }))
          : [s],
      ),
    },
    SEA,
  ],
  ...MORE_CASES,
];
