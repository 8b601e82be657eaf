import { unlearned } from '../../src/kitchen';
import { expect, test, describe } from '@jest/globals';
import { fold, MEASURES } from '../../src/batch';
import {
  BODY_AIM,
  freshWater,
  bestSplit,
  fitLoads,
  leverEdits,
  leverMap,
  leversOf,
  look,
  nextPass,
  rankFor,
  reachOf,
  roundForKitchen,
  roundingEffect,
  roundToCups,
  solveFor,
  summaryAt,
  tellingLevers,
  USE_IDS,
  valuesOf,
  whatMoves,
} from '../../src/questions';
import type { Target, Use } from '../../src/questions';
import { METHODS, methodById, recipeOf } from '../../src/methods';
import { applyEdits, kindOf, orderFaults } from '../../src/steps';
import type { Recipe } from '../../src/steps';
import { US_CUP_ML } from '../../src/units';
import { stopText } from '../../src/words';
import { SEA } from '../batch/kitchen';

const school = (id: string): Recipe => {
  const m = methodById(id);
  if (!m) throw new Error(id);
  return recipeOf(m);
};
const after = (r: Recipe, t: Target) => {
  const solved = solveFor(r, unlearned(SEA), t);
  return { solved, s: summaryAt(applyEdits(r, solved.edits), unlearned(SEA), [], 'all') };
};

describe('backwards: the edits, folded again, bring what was asked', () => {
  test.each(METHODS.map((m) => [m.id]))('%s: 1.7 litres, within 60 folds', (id) => {
    const { solved, s } = after(school(id), { litres: 1.7 });
    expect(solved.reached).toBe(true);
    expect(s.jarredMl / 1700).toBeCloseTo(1, 2);
    expect(solved.folds).toBeLessThanOrEqual(60);
  });
  test.each([
    ['soy-washed', { solids: 0.08 }, (s: ReturnType<typeof after>['s']) => s.main?.solids, 0.08],
    ['soy-washed', { protein: 0.03 }, (s: ReturnType<typeof after>['s']) => s.main?.protein, 0.03],
    ['coconut-one-blend', { fat: 0.1 }, (s: ReturnType<typeof after>['s']) => s.main?.fat, 0.1],
    ['oat-ice', { solids: 0.035 }, (s: ReturnType<typeof after>['s']) => s.main?.solids, 0.035],
  ] as const)('%s: %j', (id, target, pick, want) => {
    const { solved, s } = after(school(id), target);
    expect(solved.reached).toBe(true);
    expect((pick(s) ?? 0) / want).toBeCloseTo(1, 2);
    expect(solved.folds).toBeLessThanOrEqual(60);
  });
  test('a first pressing without water is what it is: met as it stands, or said that its water goes elsewhere', () => {
    const graded = school('coconut-graded');
    const met = solveFor(graded, unlearned(SEA), { classId: 'coconut-cream' });
    expect([met.reached, met.edits]).toEqual([true, []]);
    const own = look(graded, unlearned(SEA))?.summary.main?.fat ?? 0;
    expect(solveFor(graded, unlearned(SEA), { fat: own })).toMatchObject({ reached: true, stop: null });
    const strong = solveFor(graded, unlearned(SEA), { classId: 'coconut-concentrate' });
    expect([strong.reached, strong.stop?.by, strong.edits]).toEqual([false, 'minimum', []]);
    const thin = solveFor(graded, unlearned(SEA), { fat: 0.05 });
    expect([thin.reached, thin.stop, thin.edits]).toEqual([false, { by: 'apart' }, []]);
    expect(thin.value).toBeCloseTo(look(graded, unlearned(SEA))?.summary.main?.fat ?? 0, 9);
    expect(stopText({ by: 'apart' })).toMatch(/other jars/);
  });
  test('a body: from slimy cream to something like milk; the word that comes out is the one asked for', () => {
    for (const body of ['likeMilk', 'creamy'] as const) {
      const { solved, s } = after(school('oat-middle'), { body });
      expect([body, solved.reached, s.main?.body?.word]).toEqual([body, true, body]);
      expect(solved.folds).toBeLessThanOrEqual(60);
    }
  });
  test('a class: the most water that still meets every minimum; a tenth more fails', () => {
    const r = school('coconut-one-blend');
    const { solved, s } = after(r, { classId: 'coconut-milk' });
    expect(solved.reached).toBe(true);
    expect(s.main?.classes.find((c) => c.id === 'coconut-milk')?.met).toBe(true);
    const grind = solved.edits.find((e) => e.do === 'set');
    const more = summaryAt(
      r,
      unlearned(SEA),
      [{ ...(grind as never as object), value: 1.1 * (grind as { value: number }).value } as never],
      'all',
    );
    expect(more.main?.classes.find((c) => c.id === 'coconut-milk')?.met).toBe(false);
    expect(solved.folds).toBeLessThanOrEqual(60);
  });
  test('unreachable: the nearest, and what stands in the way, in words', () => {
    const thin = solveFor(school('coconut-raw'), unlearned(SEA), { classId: 'coconut-concentrate' });
    expect(thin.reached).toBe(false);
    expect(thin.stop?.by).toBe('minimum');
    expect(stopText(thin.stop as never)).toMatch(/least water/);
    const fat = solveFor(school('oat-middle'), unlearned(SEA), { fat: 0.2 });
    expect([fat.reached, fat.stop]).toEqual([false, { by: 'water', way: 'least' }]);
    expect(solveFor(school('oat-middle'), unlearned(SEA), { useUp: { material: 'almonds', grams: 100 } }).stop).toEqual(
      {
        by: 'absent',
      },
    );
  });
  test('use up 500 g of coconut; loads follow the jug', () => {
    const r = school('coconut-one-blend');
    const { solved } = after(r, { useUp: { material: 'coconut-fresh', grams: 900 } });
    const big = applyEdits(r, solved.edits);
    expect(big.larder[0]?.grams).toBeCloseTo(900, 9);
    const fitted = applyEdits(big, fitLoads(big, unlearned(SEA)));
    expect(look(fitted, unlearned(SEA))?.warnings.some((w) => w.check === 'jugOverfull')).toBe(false);
  });
});

describe('passes', () => {
  test('the best split of a given water gives no less than any of ten others', () => {
    const r = school('soy-washed');
    const best = bestSplit(r, unlearned(SEA), 3);
    if (!best) throw new Error('no split');
    const washes = r.steps.filter((s) => s.kind === 'wash');
    const total = 1100 + washes.reduce((g, w) => g + w.params.waterG, 0);
    expect(best.firstG + 2 * best.eachG).toBeCloseTo(total, 6);
    const jug = look(r, unlearned(SEA))?.outcome.stages.find((s) => s.step === 'grind')?.figures;
    const grind = r.steps.find((s) => s.kind === 'grind');
    if (grind?.kind !== 'grind') throw new Error('no grind');
    const { waterG, durationS, loads } = grind.params;
    const inJugG = ((jug?.powerW ?? 0) * durationS * loads) / (jug?.energyJPerG ?? 0);
    const yieldOf = (first: number): number => {
      const base = applyEdits(r, best.edits);
      const each = (total - first) / 2;
      const edits = base.steps.flatMap((s) =>
        s.kind === 'grind'
          ? [
              { do: 'set' as const, step: s.id, param: 'waterG', value: first },
              // As many joules a gram as the plan’s own: a fuller jug runs longer.
              {
                do: 'set' as const,
                step: s.id,
                param: 'durationS',
                value: (durationS * (inJugG + first - waterG)) / inJugG,
              },
            ]
          : s.kind === 'wash'
            ? [{ do: 'set' as const, step: s.id, param: 'waterG', value: each }]
            : [],
      );
      const m = summaryAt(base, unlearned(SEA), edits, 'all').main;
      return (m?.solids ?? 0) * (m?.massG ?? 0);
    };
    const mine = yieldOf(best.firstG);
    for (let i = 1; i <= 10; i += 1) expect(yieldOf((total * (i + 2)) / 14)).toBeLessThanOrEqual(mine * 1.001);
  });
  test('more passes of the same water bring more (leaching: 1/4, 4/25, 1/8 left); one more is told with its minutes', () => {
    const r = school('soy-washed');
    const solids = [1, 2, 3].map((n) => bestSplit(r, unlearned(SEA), n)?.solidsG ?? 0);
    expect(solids[1]).toBeGreaterThan(solids[0] ?? 0);
    expect(solids[2]).toBeGreaterThan(solids[1] ?? 0);
    const next = nextPass(r, unlearned(SEA));
    expect(next?.more).toBeGreaterThan(0);
    expect(next?.minutes).toBeGreaterThan(1);
    expect(nextPass(applyEdits(r, next?.edits ?? []), unlearned(SEA))?.more).toBeLessThan(next?.more ?? 0);
  });
});

describe('what moves it', () => {
  test('for oats: seconds, warmth and strength all move the slime up; ice moves it down', () => {
    const moved = whatMoves(school('oat-middle'), unlearned(SEA));
    const up = (key: string): number => {
      const m = moved.find((x) => x.lever.key === key);
      const [low, , high] = m?.values.slime ?? [0, 0, 0];
      return (high ?? 0) - (low ?? 0);
    };
    for (const key of ['larder.0', 'grind.durationS', 'grind.waterC']) expect([key, up(key) > 0]).toEqual([key, true]);
    for (const key of ['grind.waterG', 'grind.iceG']) expect([key, up(key) < 0]).toEqual([key, true]);
  });
  test('every lever stays in its bounds, keeps the plan in order and has a reach that is a number', () => {
    for (const m of METHODS) {
      const r = recipeOf(m);
      for (const l of leversOf(r)) {
        expect([m.id, l.key, l.low >= l.least - 1e-9 && l.high <= l.most + 1e-9]).toEqual([m.id, l.key, true]);
        for (const v of [l.low, l.high])
          expect([l.key, orderFaults(applyEdits(r, leverEdits(r, l.at, v)))]).toEqual([l.key, []]);
      }
    }
    for (const x of whatMoves(school('coconut-graded'), unlearned(SEA)))
      expect(Number.isFinite(reachOf(x, 'volumeMl'))).toBe(true);
  });
  test('a map: its cells are the folds themselves, its shares are shares, the same seed is the same map', () => {
    const r = school('oat-middle');
    const [x, y] = tellingLevers(r, leversOf(r));
    if (!x || !y) throw new Error('no levers');
    expect([x.key, y.key]).toEqual(['grind.durationS', 'grind.waterC']);
    const asked = { ground: 'body' as const, x, y, xs: valuesOf(x, 4), ys: valuesOf(y, 3), seed: 3, kitchens: 4 };
    const map = leverMap(r, unlearned(SEA), asked);
    const here = summaryAt(r, unlearned(SEA), [
      ...leverEdits(r, x.at, asked.xs[1] ?? 0),
      ...leverEdits(r, y.at, asked.ys[2] ?? 0),
    ]);
    expect(map.ground[2]?.[1]).toBeCloseTo(MEASURES.body(here) ?? NaN, 9);
    for (const g of [map.slimy, map.watery, map.thick]) for (const v of g.flat()) expect(v >= 0 && v <= 1).toBe(true);
    expect(leverMap(r, unlearned(SEA), asked)).toEqual(map);
    expect(map.thick[2]?.[3]).toBe(1);
  });
});

describe('the use decides the school', () => {
  const all = METHODS.map((m) => ({ id: m.id, milk: m.milk, recipe: recipeOf(m) }));
  const rank = (use: Use, at = { hours: null as number | null, blender: true }) =>
    rankFor(use, all, unlearned(SEA), at);
  test.each([
    ['tofu', 'soy'],
    ['yoghurt', 'soy'],
    ['cooking', 'coconut'],
  ] as const)('%s: a %s milk comes first (common practice)', (use, milk) => expect(rank(use)[0]?.milk).toBe(milk));
  test('one cup now: nothing that soaks a night is among the first five', () => {
    for (const r of rank('oneCup').slice(0, 5)) expect(r.summary.elapsedS).toBeLessThan(2 * 3600);
  });
  test('what cannot be done with what is at hand comes last, and why is said', () => {
    const late = rank('cold', { hours: 1, blender: true });
    expect(late.filter((r) => r.out === 'time').every((r) => r.summary.elapsedS > 3600)).toBe(true);
    const cut = late.findIndex((r) => r.out !== null);
    expect(late.slice(cut).every((r) => r.out !== null)).toBe(true);
    const byHand = rank('cooking', { hours: null, blender: false }).filter((r) => r.out === null);
    expect(byHand.map((r) => r.id).sort()).toEqual(['coconut-graded', 'coconut-two-runs']);
  });
  test('every use ranks every school with a fit between 0 and 1, and figures for what it says', () => {
    for (const use of USE_IDS)
      for (const r of rank(use)) {
        expect(r.fit >= 0 && r.fit <= 1).toBe(true);
        for (const p of [...r.good, ...r.bad]) expect(Number.isFinite(p.value)).toBe(true);
      }
  });
});

describe('rounding that a kitchen can do', () => {
  test('to 5 g and 10 s: nothing that matters', () => {
    for (const m of METHODS) {
      const r = recipeOf(m);
      const e = roundingEffect(r, unlearned(SEA), roundForKitchen(r));
      expect([m.id, e.matters]).toEqual([m.id, false]);
    }
  });
  test('to quarter cups: hot oats change character, soy does not', () => {
    const oat = applyEdits(school('oat-hot-thin'), [{ do: 'larder', index: 0, grams: 31 }]);
    expect(roundingEffect(oat, unlearned(SEA), roundToCups(oat, US_CUP_ML)).matters).toBe(true);
    const soy = school('soy-washed');
    expect(roundingEffect(soy, unlearned(SEA), roundToCups(soy, US_CUP_ML)).matters).toBe(false);
    const grams = applyEdits(soy, roundToCups(soy, US_CUP_ML)).larder[0]?.grams ?? 0;
    expect((grams / 186) * 4).toBeCloseTo(Math.round((grams / 186) * 4), 9);
  });
});

test('another food in the same plan keeps the steps and brings its cooked form', () => {
  const rice = school('rice-cooked');
  const brown = school('rice-toasted').materials;
  const r = applyEdits(rice, [{ do: 'food', index: 0, food: brown[0] as never, cooked: brown.slice(1) }]);
  expect(r.steps).toEqual(rice.steps);
  expect(r.materials.map((m) => m.id).sort()).toEqual(['rice-brown', 'rice-brown-cooked', 'salt']);
  expect(fold(r, unlearned(SEA)).products.milk?.madeFrom['rice-brown-cooked']).toBeGreaterThan(0);
});

describe('fresh water by a factor', () => {
  const values = (id: string, by: number): readonly number[] =>
    freshWater(school(id), by).map((e) => (e.do === 'set' ? Number(e.value) : NaN));
  test('every water that reaches the milk, ice among it, by the same factor; what there is none of stays none', () => {
    const once = values('oat-ice', 1);
    expect(once.length).toBeGreaterThan(1);
    expect(values('oat-ice', 2)).toEqual(once.map((x) => 2 * x));
    expect(values('oat-ice', 0.5)).toEqual(once.map((x) => x / 2));
    expect(values('soy-washed', 1)).not.toContain(0);
  });
  test('never beyond what a step can take', () => {
    for (const e of freshWater(school('soy-washed'), 1e6)) {
      if (e.do !== 'set') throw new Error(e.do);
      const step = school('soy-washed').steps.find((s) => s.id === e.step);
      const spec = step && kindOf(step.kind).params[e.param];
      expect(spec?.type === 'number' && e.value === spec.high).toBe(true);
    }
  });
});

test.each(['soy-washed', 'oat-middle', 'rice-cooked', 'almond-soaked'])(
  '%s: a body that nothing gives is answered with the nearest that water or seconds give',
  (id) => {
    const r = school(id);
    const goal = BODY_AIM.thick;
    const eta = (edits: Parameters<typeof applyEdits>[1]): number =>
      Math.min(30, summaryAt(r, unlearned(SEA), edits).main?.body?.relative ?? 30);
    const solved = solveFor(r, unlearned(SEA), { body: 'thick' });
    const grind = r.steps.find((s) => s.kind === 'grind');
    const milks = [0.3, 0.5, 0.7, 1, 2].map((x) => freshWater(r, x));
    const seconds = [5, 60, 600].map((s) =>
      grind ? [{ do: 'set' as const, step: grind.id, param: 'durationS', value: s }] : [],
    );
    const far = (x: number): number => Math.abs(x - goal);
    for (const edits of [...milks, ...seconds]) {
      const made = summaryAt(r, unlearned(SEA), edits).main?.massG ?? 0;
      if (made > 25) expect([id, far(solved.value) <= far(eta(edits)) + 0.2 * goal]).toEqual([id, true]);
    }
    expect(Math.abs(eta(solved.edits) - solved.value)).toBeLessThan(0.05 * goal);
  },
);
