import { unlearned } from '../../src/kitchen';
import { expect, test, describe } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { fold } from '../../src/batch';
import { look } from '../../src/questions';
import { checksDocs, planFileDocs, readPlan, readPlanFile, writeOutcome, writePlan } from '../../src/formats';
import { METHODS, recipeOf } from '../../src/methods';
import { KIND_FIGURES, makeStep } from '../../src/steps';
import type { Kind, Params, Recipe } from '../../src/steps';
import { kitAt, stood } from '../batch/kitchen';

type Json = Record<string, unknown>;
const school = METHODS[4] as (typeof METHODS)[number];
const plan = (): Json =>
  JSON.parse(JSON.stringify(writePlan({ name: 'A plan', method: school.id, recipe: recipeOf(school) }))) as Json;
/** The plan with one thing changed, and the faults that brings. */
const faultsOf = (change: (p: Json) => void): readonly { path: string; say: string }[] => {
  const p = plan();
  change(p);
  const r = readPlan(p);
  return r.ok ? [] : r.faults;
};
const steps = (p: Json): Json[] => p.steps as Json[];
const step = (p: Json, id: string): Json => steps(p).find((s) => s.id === id) as Json;

describe('a plan file', () => {
  test('goes out and comes back the same, for every school', () => {
    for (const m of METHODS) {
      const given = { name: m.name, method: m.id, recipe: recipeOf(m) };
      const r = readPlan(JSON.parse(JSON.stringify(writePlan(given, kitAt(640)))));
      if (!r.ok) throw new Error(r.faults.map((f) => f.say).join(' '));
      expect(r.plan.recipe.larder).toEqual(given.recipe.larder);
      expect(r.plan.recipe.steps).toEqual(given.recipe.steps);
      expect(r.plan.kit).toEqual(kitAt(640));
    }
  });
  test('units are read: 0.2 kg, 86 F, 600 min, 1 l of water', () => {
    const p = plan();
    (p.larder as Json[])[0] = { into: 'work', material: 'soybeans', amount: { value: 0.2, unit: 'kg', basis: 'dry' } };
    Object.assign(step(p, 'soak'), {
      water: { value: 1, unit: 'l' },
      waterTemperature: { value: 86, unit: 'F' },
      duration: { value: 600, unit: 'min' },
    });
    const r = readPlan(p);
    if (!r.ok) throw new Error(r.faults.map((f) => f.say).join(' '));
    expect(r.plan.recipe.larder[0]?.grams).toBeCloseTo(200, 9);
    const soak = r.plan.recipe.steps.find((s) => s.id === 'soak')?.params as unknown as Record<string, number>;
    expect(soak.waterG).toBeCloseTo(998.2, 6);
    expect(soak.waterC).toBeCloseTo(30, 9);
    expect(soak.durationS).toBe(36_000);
  });
  test.each<[string, (p: Json) => void, RegExp]>([
    [
      'a bare number',
      (p) => (step(p, 'grind').water = 1100),
      /steps\[4\]\.water is the bare number 1100; say its unit/,
    ],
    ['a missing unit', (p) => (step(p, 'grind').water = { value: 3 }), /steps\[4\]\.water has no unit/],
    [
      'a wrong unit',
      (p) => (step(p, 'grind').water = { value: 3, unit: 'cups' }),
      /unit “cups”; use g, kg, oz, lb, ml, l/,
    ],
    ['too much', (p) => (step(p, 'grind').water = { value: 90, unit: 'kg' }), /must be 0 g to 50.000 g/],
    ['too little', (p) => (step(p, 'grind').water = { value: -1, unit: 'g' }), /is -1 g; it must be 0 g/],
    ['no number', (p) => (step(p, 'grind').water = { value: 'NaN', unit: 'g' }), /needs a number/],
    ['half a load', (p) => (step(p, 'grind').loads = { value: 1.5, unit: 'count' }), /whole number/],
    [
      'an unknown step',
      (p) => (steps(p)[1] = { id: 'x', kind: 'fry' }),
      /steps\[1\]\.kind is “fry”; it must be one of/,
    ],
    ['an unknown key', (p) => (step(p, 'soak').colour = 'red'), /steps\[1\]\.colour is not a parameter of soak/],
    ['an unknown key above', (p) => (p.colour = 'red'), /colour is not known here/],
    ['a choice that is none', (p) => (step(p, 'soak').place = 'roof'), /use room, fridge/],
    ['a thing not in the kitchen', (p) => (step(p, 'boil').pot = 'cauldron'), /use in use, pot/],
    ['a newer version', (p) => (p.version = 3), /newer Ironpan/],
    ['no version', (p) => delete p.version, /version is missing/],
    ['another format', (p) => (p.format = 'x'), /format is “x”/],
    [
      'the wrong basis',
      (p) =>
        ((p.larder as Json[])[0] = {
          into: 'work',
          material: 'soybeans',
          amount: { value: 1, unit: 'g', basis: 'soaked' },
        }),
      /basis “dry”/,
    ],
    [
      'an unknown material',
      (p) =>
        ((p.larder as Json[])[0] = { into: 'work', material: 'gravel', amount: { value: 1, unit: 'g', basis: 'dry' } }),
      /“gravel”; known are soybeans/,
    ],
    [
      'strain before anything',
      (p) => (p.steps = [{ id: 's', kind: 'strain', of: 'nothing' }]),
      /takes “nothing”, which nothing before it has made/,
    ],
    [
      'strain before grind',
      (p) => {
        const all = steps(p);
        const g = all.findIndex((s) => s.id === 'grind');
        const s = all.findIndex((x) => x.id === 'strain');
        [all[g], all[s]] = [all[s] as Json, all[g] as Json];
      },
      /step “grind” takes “work”, which step “strain” before it has used up: put “grind” before “strain”/,
    ],
    ['one stream for two things', (p) => (step(p, 'strain').pulp = 'milk'), /for two things/],
    ['two steps of one id', (p) => (steps(p)[1] = { ...step(p, 'soak'), id: 'sort' }), /stands there twice/],
    [
      'a kitchen beyond the earth',
      (p) => (p.kitchen = { altitude: { value: 9000, unit: 'm' } }),
      /kitchen\.altitude is 9000 m; it must be/,
    ],
    ['an unknown thing of the kitchen', (p) => (p.kitchen = { oven: 1 }), /kitchen\.oven is not known/],
    [
      'a composition over 100 g',
      (p) =>
        (p.materials = [{ id: 'own', name: 'Own', like: 'soybeans', per100g: { protein: { value: 90, unit: 'g' } } }]),
      /adds up to/,
    ],
    [
      'an extractability above 1',
      (p) =>
        (p.materials = [
          { id: 'own', name: 'Own', like: 'soybeans', canLeave: { protein: { value: 120, unit: '%' } } },
        ]),
      /must be 0 % to 100 %/,
    ],
  ])('%s: a path and a plain sentence', (_, change, say) => {
    const faults = faultsOf(change);
    expect(faults.map((f) => f.say).join('\n')).toMatch(say);
    expect(faults.every((f) => f.say.endsWith('.'))).toBe(true);
  });
  test('all faults are told at once, wherever they stand', () => {
    const faults = faultsOf((p) => {
      p.colour = 'red';
      (p.larder as Json[])[0] = { into: 'work', material: 'soybeans', amount: 200 };
      steps(p)[1] = { id: 'x', kind: 'fry' };
      step(p, 'grind').water = 5;
    });
    expect(faults.map((f) => f.path).sort()).toEqual(['colour', 'larder[0].amount', 'steps[1].kind', 'steps[4].water']);
  });
  test('text that is not JSON', () => {
    const r = readPlanFile('{ "format": ');
    expect(r.ok ? '' : r.faults[0]?.say).toMatch(/not JSON/);
  });
  test('an own material is used, and comes back from a file whole', () => {
    const p = plan();
    p.materials = [{ id: 'lean', name: 'Lean bean', like: 'soybeans', per100g: { fat: { value: 10, unit: 'g' } } }];
    p.larder = [{ into: 'work', material: 'lean', amount: { value: 200, unit: 'g', basis: 'dry' } }];
    const r = readPlan(p);
    if (!r.ok) throw new Error(r.faults.map((f) => f.say).join(' '));
    const again = readPlan(JSON.parse(JSON.stringify(writePlan(r.plan, r.plan.kit))));
    expect(again.ok && again.plan.recipe.materials[0]?.per100g).toEqual(r.plan.recipe.materials[0]?.per100g);
    const usual = look(recipeOf(school), unlearned(r.plan.kit))?.summary.main?.fat ?? 0;
    expect(look(r.plan.recipe, unlearned(r.plan.kit))?.summary.main?.fat).toBeLessThan(0.6 * usual);
  });
});

describe('the result', () => {
  test('holds no NaN, no Infinity, no null figure, for every school and an empty plan', () => {
    for (const m of METHODS)
      for (const by of [1, 0]) {
        const recipe = { ...recipeOf(m), larder: m.larder.map((l) => ({ ...l, grams: l.grams * by })) };
        const seen = look(recipe, unlearned(kitAt(640)));
        if (!seen) throw new Error(m.id);
        const text = JSON.stringify(writeOutcome({ name: m.name, method: m.id, recipe, kit: kitAt(640) }, seen));
        expect(text).not.toMatch(/NaN|Infinity|"value":null/);
      }
  });
  test('every figure that a stage tells is declared by its kind, and every one declared is told by some plan', () => {
    const told = new Map<string, Set<string>>();
    const fromFreezer = [...recipeOf(school).steps, makeStep('f', 'freeze'), stood({ placeC: -18, durationS: 3600 })];
    const cools = (p: Partial<Params['cool']>): Recipe => ({
      ...recipeOf(school),
      steps: recipeOf(school).steps.map((s) => (s.kind === 'cool' ? { ...s, params: { ...s.params, ...p } } : s)),
    });
    const ways = [cools({ how: 'fridge' }), cools({ how: 'iceBath', vessel: 'jars', iceG: 100 })];
    const warmed = {
      ...recipeOf(school),
      steps: [...recipeOf(school).steps, makeStep('warm', 'enzyme', { of: 'milk', atC: 95 })],
    };
    const weak = { ...kitAt(0), things: kitAt(0).things.map((t) => (t.is === 'hob' ? { ...t, watts: 40 } : t)) };
    const plans = [...METHODS.map(recipeOf), { ...recipeOf(school), steps: fromFreezer }, warmed, ...ways];
    for (const [recipe, kit] of plans.flatMap((r) => [[r, kitAt(0)] as const, [r, weak] as const]))
      fold(recipe, unlearned(kit)).stages.forEach((s, i) => {
        const kind = recipe.steps[i]?.kind ?? 'sort';
        for (const f of Object.keys(s.figures)) {
          expect([kind, f, (KIND_FIGURES[kind] as readonly string[]).includes(f)]).toEqual([kind, f, true]);
          told.set(kind, (told.get(kind) ?? new Set()).add(f));
        }
      });
    for (const [kind, seen] of told) {
      const silent = KIND_FIGURES[kind as Kind].filter((f) => !seen.has(f));
      expect([kind, silent]).toEqual([kind, kind === 'cool' ? ['readC'] : []]);
    }
  });
  test('docs/checks.md is what the code says', () => {
    expect(readFileSync(join(__dirname, '../../../docs/checks.md'), 'utf8')).toBe(checksDocs());
  });
  test('docs/plan-file.md is what the code says (npm run docs writes it)', () => {
    expect(readFileSync(join(__dirname, '../../../docs/plan-file.md'), 'utf8')).toBe(planFileDocs());
  });
});
