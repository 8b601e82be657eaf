import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { fold } from '../../src/batch';
import { capacityOf, contents, massG, unlearned, USUAL_KIT, volumeMl } from '../../src/kitchen';
import type { Stream } from '../../src/kitchen';
import { MATERIALS, materialById } from '../../src/materials';
import { METHODS, recipeOf } from '../../src/methods';
import { look } from '../../src/questions';
import {
  applyEdits,
  foodLines,
  foodsOf,
  isBoiledEnough,
  KINDS,
  kindOf,
  makeStep,
  orderFaults,
  runIndex,
  runsOf,
  stepAfter,
  streamsAfter,
} from '../../src/steps';
import type { Edit, Kind, LarderLine, Params, Recipe, Step } from '../../src/steps';
import { placeFaultText, runNames, stepText } from '../../src/words';
import { SEA, stirred, withFoods } from '../batch/kitchen';

const school = (id: string): Recipe => {
  const m = METHODS.find((x) => x.id === id);
  if (!m) throw new Error(id);
  return recipeOf(m);
};
const of = (material: string, grams: number, into = 'work'): LarderLine => ({ into, material, grams });
const step = <K extends Kind>(kind: K, given: Partial<Params[K]> = {}, id: string = kind): Step =>
  makeStep(id, kind, given) as Step;
const made = (larder: readonly LarderLine[], ...steps: readonly Step[]) =>
  fold({ materials: MATERIALS, larder, steps }, unlearned(SEA));
const must = (s: Stream | undefined | null): Stream => {
  if (!s) throw new Error('no such stream');
  return s;
};
const MILK = [step('grind', { waterG: 1000, durationS: 120 }), step('strain')];

describe('any food at any moment', () => {
  test('it comes in with all it is made of, whatever it goes into', () => {
    fc.assert(
      fc.property(fc.constantFrom(...MATERIALS), fc.integer({ min: 1, max: 300 }), (m, g) => {
        const before = made([of('almonds', 200)], ...MILK);
        const after = made([of('almonds', 200)], ...MILK, step('add', { food: m.id, amountG: g }));
        const [a, b] = [must(before.products.milk), must(after.products.milk)];
        expect(massG(b) - massG(a)).toBeCloseTo(g, 6);
        for (const [c, per] of Object.entries(m.per100g))
          expect(contents(b)[c as 'fat'] - contents(a)[c as 'fat']).toBeCloseTo((per * g) / 100, 6);
      }),
      { numRuns: 60, seed: 8 },
    );
  });
  test('into the jug with the nuts, dates are ground with them and sweeten the milk; a second grain is told by its allergen', () => {
    const soaked = [step('soak', { waterG: 1000, durationS: 30 * 3600, place: 'room' }), step('drain', {})];
    const dates = made(
      [of('tiger-nuts', 250)],
      ...soaked,
      step('add', { of: 'work', food: 'dates', amountG: 60 }),
      ...MILK,
    );
    const none = made([of('tiger-nuts', 250)], ...soaked, ...MILK);
    // Dates are 66.47 % sugar (USDA, medjool): most of it comes through the cloth.
    const more = must(dates.products.milk).released.sugars - must(none.products.milk).released.sugars;
    expect(more).toBeGreaterThan(0.65 * 60 * 0.6647);
    expect(more).toBeLessThan(60 * 0.6647);
    const oats = school('oat-middle');
    const sesame = applyEdits(oats, [
      { do: 'foods', foods: [materialById(MATERIALS, 'sesame')] },
      { do: 'insert', after: null, step: step('add', { of: 'work', food: 'sesame', amountG: 10 }) },
    ]);
    expect(look(sesame, unlearned(SEA))?.warnings.map((w) => w.check)).toContain('allergen:sesame');
  });
  test('a spoon of sugar takes part in no law of the grain: beans foam and hold as without it', () => {
    const sweet = made([of('soybeans', 200)], step('add', { of: 'work', food: 'sugar', amountG: 200 }), ...MILK);
    expect(Object.keys(must(sweet.products.milk).madeFrom)).toEqual(['soybeans']);
  });
  test('raw berries after the boil make soy milk as raw as they are, and leave its beans cooked', () => {
    const soy = [
      ...MILK,
      step('boil', { holdS: 1200 }),
      step('cool', { toC: 8 }),
      step('add', { food: 'berries', amountG: 80 }),
    ];
    const s = must(made([of('soybeans', 150)], ...soy).products.milk);
    expect([s.hygiene, isBoiledEnough(s)]).toEqual(['raw', true]);
    const again = must(made([of('soybeans', 150)], ...soy, step('boil', { holdS: 90 }, 'again')).products.milk);
    expect(again.hygiene).toBe('boiled');
    const touch = must(made([of('soybeans', 150)], ...soy, step('boil', { holdS: 10 }, 'again')).products.milk);
    expect(touch.hygiene).not.toBe('boiled');
  });
});

describe('any liquid, into anything', () => {
  test('two waters are mixed by their heat: 400 g at 80 °C and 200 g at 15 °C are 58.3 °C', () => {
    const o = made(
      [],
      step('pour', { into: 'jug', amountG: 400, atC: 80 }, 'hot'),
      step('pour', { into: 'jug', amountG: 200, atC: 15 }, 'cool'),
    );
    expect(Math.abs(must(o.products.jug).temperatureC - (400 * 80 + 200 * 15) / 600)).toBeLessThan(0.2);
  });
  test('the nut’s own water brings its sugar; unboiled water touches what was boiled; boiled does not', () => {
    const nut = made(
      [of('coconut-frozen', 200)],
      step('pour', { into: 'work', liquid: 'coconut-water', amountG: 400 }),
    );
    expect(must(nut.products.work).released.sugars).toBeCloseTo(4 * 2.61, 6);
    const soy = (boiled: boolean) =>
      must(
        made([of('soybeans', 150)], ...MILK, step('boil', { holdS: 900 }), step('pour', { into: 'milk', boiled }))
          .products.milk,
      ).hygiene;
    expect([soy(true), soy(false)]).toEqual(['boiled', 'touched']);
  });
});

describe('parts, standing, straining again, milling, cubes', () => {
  test('shares are of what there was at the start; the names are the cook’s; what is left keeps its own', () => {
    const base = [of('almonds', 200)];
    const whole = must(made(base, ...MILK).products.milk);
    const parts = (...shares: readonly number[]) =>
      made(base, ...MILK, step('part', { parts: shares.map((share, i) => ({ name: `bottle ${i + 1}`, share })) }))
        .products;
    const some = parts(0.25, 0.375);
    expect(
      [massG(must(some['bottle 1'])), massG(must(some['bottle 2'])), massG(must(some.milk))].map(
        (g) => g / massG(whole),
      ),
    ).toEqual([0.25, 0.375, 0.375].map((x) => expect.closeTo(x, 9)));
    const thirds = parts(1 / 3, 1 / 3, 1 / 3);
    expect(thirds.milk).toBeUndefined();
    expect(Object.keys(thirds).sort()).toEqual(['bottle 1', 'bottle 2', 'bottle 3', 'pulp']);
  });
  test('a bowl on the worktop cools by Newton’s law, by its own width and the heat in it', () => {
    const hot = must(
      made([of('oats-rolled', 60)], step('grind', { waterG: 900, waterC: 90, durationS: 30 })).products.work,
    );
    const stood = must(
      made(
        [of('oats-rolled', 60)],
        step('grind', { waterG: 900, waterC: 90, durationS: 30 }),
        step('stand', { of: 'work', durationS: 1800 }),
      ).products.work,
    );
    const bowl = USUAL_KIT.things.find((t) => t.id === 'bowl');
    const d = bowl?.is === 'bowl' ? bowl.diameterCm / 100 : NaN;
    // A round vessel of this width, filled to V: bottom, top and wall; 12 W/m²K to the room (models §7).
    const area = (Math.PI * d * d) / 2 + (4 * volumeMl(hot)) / 1e6 / d;
    const tau = (capacityOf(hot) * 1000) / (12 * area);
    const want = 20 + (hot.temperatureC - 20) * Math.exp(-1800 / tau);
    expect(Math.abs(stood.temperatureC - want)).toBeLessThan(1.5);
  });
  test('strained again milk keeps its name and loses what the finer cloth holds; pulp pressed again gives more', () => {
    const twice = made(
      [of('oats-rolled', 90)],
      MILK[0] as Step,
      step('strain', { strainer: 'sieve' }),
      step('strain', { of: 'milk', into: 'milk', pulp: 'fines' }, 'again'),
      step('strain', { of: 'pulp', into: 'more', pulp: 'pulp', hand: 'press' }, 'pressed'),
    );
    const once = made([of('oats-rolled', 90)], MILK[0] as Step, step('strain', { strainer: 'sieve' }));
    expect(massG(must(twice.products.milk)) + massG(must(twice.products.fines))).toBeLessThan(
      massG(must(once.products.milk)),
    );
    expect(massG(must(twice.products.more))).toBeGreaterThan(10);
    expect(massG(must(twice.products.pulp))).toBeLessThan(massG(must(once.products.pulp)));
  });
  test('a mill grinds to the size that was asked, and opens as much as a jug that grinds so fine', () => {
    const jug = made(
      [of('soybeans', 200)],
      step('soak', { waterG: 1200, durationS: 36_000 }),
      step('drain'),
      MILK[0] as Step,
    );
    const size = must(jug.products.work).sizeUm;
    const mill = made(
      [of('soybeans', 200)],
      step('soak', { waterG: 1200, durationS: 36_000 }),
      step('drain'),
      step('mill', { waterG: 1000, fineUm: size }),
    );
    expect(must(mill.products.work).sizeUm).toBeCloseTo(size, 6);
    expect(must(mill.products.work).openedShare).toBeCloseTo(must(jug.products.work).openedShare, 6);
  });
  test('cubes: as many as the milk fills', () => {
    const o = made([of('coconut-grated', 300)], ...MILK, step('freeze', { cubeMl: 30 }));
    const { cubes = 0, filledMl = 0 } = o.stages.at(-1)?.figures ?? {};
    expect(cubes).toBe(Math.ceil(filledMl / 30));
  });
});

describe('steps anywhere', () => {
  const soy = school('soy-washed');
  test('a new step takes what is there: salt into the slurry, a second straining of the milk, a jar of what was made last', () => {
    expect(stepAfter(soy, 'add', 'grind').params).toMatchObject({ of: 'work' });
    expect(stepAfter(soy, 'strain', 'boil').params).toMatchObject({ of: 'milk', into: 'milk', pulp: 'pulp 2' });
    expect(stepAfter(soy, 'pour', 'soak').params).toMatchObject({ into: 'work' });
    expect(stepAfter(school('coconut-graded'), 'jar', 'strain').params).toMatchObject({ of: 'first' });
    expect(streamsAfter(soy, 'strain')).toEqual(['milk', 'pulp']);
    expect(streamsAfter(soy, null)).toEqual(['work']);
  });
  test('any kind, put in anywhere in any method, folds or is said to be impossible in a sentence', () => {
    const places = METHODS.flatMap((m) =>
      [null, ...recipeOf(m).steps.map((s) => s.id)].map((after) => [m.id, after] as const),
    );
    fc.assert(
      fc.property(fc.constantFrom(...places), fc.constantFrom(...KINDS), ([id, after], kind) => {
        const r = school(id);
        const step = stepAfter(r, kind, after);
        const next = withFoods(applyEdits(r, [{ do: 'insert', after, step }]));
        const faults = orderFaults(next);
        for (const f of faults) expect(placeFaultText(f, next)).toMatch(/^[A-Z].*\.$/);
        if (faults.length === 0) expect(look(next, unlearned(SEA))?.summary.products.length).toBeGreaterThan(0);
      }),
      { numRuns: 300, seed: 4 },
    );
  });
  test('moved, doubled, renamed and left out in any order: the runs hold every step once, and what can be made folds', () => {
    const edit = (r: Recipe, [what, a, b]: readonly [number, number, number]): readonly Edit[] => {
      const s = r.steps[a % r.steps.length];
      const t = r.steps[b % r.steps.length];
      if (!s || !t) return [];
      if (what === 0) return [{ do: 'move', step: s.id, after: t.id === s.id ? null : t.id }];
      if (what === 1) return [{ do: 'insert', after: t.id, step: { ...s, id: `${s.id}-${r.steps.length}` } }];
      if (what === 2) return [{ do: 'rename', stream: 'milk', to: b % 2 === 0 ? 'Sunday' : 'milk' }];
      return [{ do: 'remove', step: s.id }];
    };
    const any = fc.tuple(fc.integer({ min: 0, max: 3 }), fc.nat(40), fc.nat(40));
    fc.assert(
      fc.property(fc.constantFrom(...METHODS), fc.array(any, { maxLength: 6 }), (m, changes) => {
        const r = changes.reduce((now, c) => applyEdits(now, edit(now, c)), recipeOf(m));
        const runs = runsOf(r);
        expect(runs.flatMap((x) => x.steps)).toEqual(r.steps);
        expect(runIndex(runs)).toHaveLength(r.steps.length);
        expect(new Set(runNames(runs)).size).toBe(runs.length);
        for (const s of r.steps) expect(stepText(s, r)).not.toMatch(/undefined|NaN/);
        if (orderFaults(r).length === 0) expect(() => look(r, unlearned(SEA))).not.toThrow();
      }),
      { numRuns: 200, seed: 6 },
    );
  });
  test('what is wrong is said at its step: what comes later, what is gone, what nothing makes', () => {
    const early = applyEdits(soy, [{ do: 'move', step: 'boil', after: 'grind' }]);
    const [f] = orderFaults(early);
    expect(f).toMatchObject({ step: 'boil', stream: 'milk', why: 'missing', madeBy: 'strain' });
    expect(f && placeFaultText(f, early)).toBe(
      'There is no soy milk yet: “Strain” comes later. Move this after it, or choose what there is.',
    );
    const late = applyEdits(soy, [{ do: 'move', step: 'grind', after: 'strain' }]);
    expect(orderFaults(late).find((x) => x.step === 'grind')).toMatchObject({ why: 'used', by: 'strain' });
    const gone = applyEdits(soy, [{ do: 'remove', step: 'strain' }]);
    expect(orderFaults(gone)[0]).not.toHaveProperty('madeBy');
    const self = applyEdits(soy, [{ do: 'set', step: 'pool', param: 'of', value: 'milk' }]);
    expect(orderFaults(self)).toMatchObject([{ why: 'twice' }]);
    const odd = applyEdits(soy, [{ do: 'set', step: 'salt', param: 'food', value: 'nothing-known' }]);
    expect(orderFaults(odd)).toMatchObject([{ why: 'food' }]);
  });
  test('no kind is known to the order: reads and writes alone decide', () => {
    for (const k of KINDS) {
      const s = makeStep('x', k) as Step;
      const kind = kindOf(k);
      const there = [...kind.reads(s.params)].map((into) => of('soybeans', 100, into));
      const r = withFoods({
        materials: MATERIALS,
        larder: there.length > 0 ? there : [of('soybeans', 100)],
        steps: [s],
      });
      expect([k, orderFaults(r)]).toEqual([k, []]);
    }
  });
  test('foods come and go with what names them', () => {
    const more = applyEdits(soy, [
      { do: 'take', line: of('almonds', 40), foods: [materialById(MATERIALS, 'almonds')] },
    ]);
    expect(foodLines(more).map((l) => l.material)).toEqual(['soybeans', 'almonds', 'salt']);
    const less = applyEdits(more, [
      { do: 'leave', index: 1 },
      { do: 'remove', step: 'salt' },
    ]);
    expect(less.materials.map((m) => m.id)).toEqual(['soybeans']);
    expect(stirred({ salt: 1 }).flatMap(foodsOf)).toEqual(['salt']);
  });
});
