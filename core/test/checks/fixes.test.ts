import { unlearned } from '../../src/kitchen';
import { expect, test, describe } from '@jest/globals';
import fc from 'fast-check';
import { look } from '../../src/questions';
import { CHECKS } from '../../src/checks';
import type { Warning } from '../../src/checks';
import type { Kit } from '../../src/kitchen';
import { METHODS, recipeOf } from '../../src/methods';
import { applyEdits, makeStep } from '../../src/steps';
import type { Recipe, Step } from '../../src/steps';
import { fixText, SPOKEN, warningText } from '../../src/words';
import { kitAt, SEA, soyRecipe } from '../batch/kitchen';
import { MORE_CASES } from './cases';

const washed = recipeOf(METHODS[4] as (typeof METHODS)[number]);
const withStep = (r: Recipe, id: string, params: Partial<Record<string, unknown>>): Recipe => ({
  ...r,
  steps: r.steps.map((s) => (s.id === id ? ({ ...s, params: { ...s.params, ...params } } as Step) : s)),
});
const found = (r: Recipe, kit: Kit, check: string): Warning | undefined =>
  look(r, unlearned(kit))?.warnings.find((w) => w.check === check);

/** Each check with a plan that must set it off, and the kitchen it is made in. */
const CASES: readonly (readonly [string, Recipe, Kit])[] = [
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
  ['neverCools', withStep(washed, 'cool', { how: 'counter', toC: 10 }), SEA],
  ['coolsTooSlowly', withStep(washed, 'cool', { how: 'counter', toC: 22 }), SEA],
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
const heavy = { know: 0, mend: 1, danger: 2 };

describe('every check', () => {
  test('has a case here', () => {
    const covered = new Set(CASES.map(([c]) => c.split(':')[0]));
    for (const c of CHECKS) expect([c.id, covered.has(c.id === 'allergens' ? 'allergen' : c.id)]).toEqual([c.id, true]);
  });
  test.each(CASES)('%s is found and said in a plain sentence', (check, r, kit) => {
    const w = found(r, kit, check);
    expect(w?.check).toBe(check);
    if (!w) return;
    const say = warningText(w);
    expect(say).not.toMatch(/NaN|undefined|– |Infinity/);
    expect(say.endsWith('.')).toBe(true);
  });
  test.each(CASES)('%s: each mend, applied and folded again, ends it and brings nothing heavier', (check, r, kit) => {
    const before = look(r, unlearned(kit))?.warnings ?? [];
    const w = before.find((x) => x.check === check);
    for (const fix of w?.fixes ?? []) {
      const after = look(applyEdits(r, fix.edits), unlearned(kit))?.warnings ?? [];
      expect([fixText(fix), after.some((x) => x.check === check && x.step === w?.step)]).toEqual([fixText(fix), false]);
      const worst = (l: readonly Warning[]) =>
        l.filter((x) => !before.some((b) => b.check === x.check)).reduce((m, x) => Math.max(m, heavy[x.weight]), 0);
      expect([fixText(fix), worst(after)]).toEqual([fixText(fix), Math.min(worst(after), heavy[w?.weight ?? 'know'])]);
    }
  });
  test('the issue’s five have a mend', () => {
    for (const check of [
      'jugOverfull',
      'potOverfull',
      'soakTooShort',
      'soakTooLong',
      'soakTooWarm',
      'soakWater',
      'holdTooShort',
    ]) {
      const c = CASES.find(([id]) => id === check);
      expect([check, c ? (found(c[1], c[2], check)?.fixes.length ?? 0) : 0]).not.toEqual([check, 0]);
    }
  });
  test('no words are left over', () => {
    const said = new Set<string>(CASES.map(([c]) => c));
    for (const c of SPOKEN.warnings) expect([c, said.has(c)]).toEqual([c, true]);
  });
});

test('over the whole range of altitude, strength and hold, the hold’s mend makes the milk safe', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 3500 }),
      fc.integer({ min: 100, max: 900 }),
      fc.integer({ min: 0, max: 2400 }),
      (altitude, grams, holdS) => {
        const r = withStep(soyRecipe(grams, washed.steps), 'boil', { holdS });
        const w = found(r, kitAt(altitude), 'holdTooShort');
        for (const f of w?.fixes ?? [])
          expect(look(applyEdits(r, f.edits), unlearned(kitAt(altitude)))?.summary.main?.done).toBe(true);
      },
    ),
    { numRuns: 60, seed: 7 },
  );
});
