import { describe, expect, test } from '@jest/globals';
import { leverEdits, leverMap, leversOf, mapKey, summaryAt, tellingLevers, valuesOf } from '../../src/questions';
import type { Lever, MapAsked } from '../../src/questions';
import { unlearned } from '../../src/kitchen';
import { methodById, recipeOf } from '../../src/methods';
import type { Recipe } from '../../src/steps';
import { SEA } from '../batch/kitchen';

const school = (id: string): Recipe => {
  const m = methodById(id);
  if (!m) throw new Error(id);
  return recipeOf(m);
};
const lever = (r: Recipe, key: string): Lever => {
  const l = leversOf(r).find((x) => x.key === key);
  if (!l) throw new Error(key);
  return l;
};
const here = unlearned(SEA);
/** The bounds of the words (models §6): watery under 2.8 % of solids, slippery from × 1.8, thick from × 8. */
const WORDS = { watery: 0.028, slippery: 1.8, thick: 8 };

describe('two levers against each other', () => {
  const r = school('oat-middle');
  const [x, y] = [lever(r, 'grind.waterG'), lever(r, 'grind.durationS')];
  const xs = [90, 300, 700, 1500, 4000];
  const ys = [10, 60, 400];
  const asked: MapAsked = { ground: 'solids', x, y, xs, ys, seed: 1, kitchens: 0 };
  const map = leverMap(r, here, asked);
  test('each cell is what the plan would be there, by the words of its body', () => {
    const seen = { watery: 0, slimy: 0, thick: 0 };
    ys.forEach((s, j) =>
      xs.forEach((g, i) => {
        const there = summaryAt(r, here, [...leverEdits(r, x.at, g), ...leverEdits(r, y.at, s)], 'light').main;
        const mass = there?.massG ?? 0;
        const solids = there?.solids ?? 0;
        const thick = mass < 5 || (there?.body?.relative ?? 30) >= WORDS.thick;
        const watery = mass >= 5 && solids < WORDS.watery;
        const slimy = (there?.body?.glucan ?? 1) >= WORDS.slippery;
        expect([map.watery[j]?.[i], map.slimy[j]?.[i], map.thick[j]?.[i]]).toEqual([watery, slimy, thick].map(Number));
        expect(map.ground[j]?.[i]).toBeCloseTo(solids, 12);
        seen.watery += Number(watery);
        seen.slimy += Number(slimy);
        seen.thick += Number(thick);
      }),
    );
    // The map holds all three.
    expect(Math.min(seen.watery, seen.slimy, seen.thick)).toBeGreaterThan(0);
  });
  test('with kitchens drawn, an edge is a share of them, and the ground stays that of the likeliest', () => {
    const many = leverMap(r, here, { ...asked, kitchens: 9 });
    expect(many.ground).toEqual(map.ground);
    const shares = [...many.watery, ...many.slimy, ...many.thick].flat();
    for (const s of shares) expect(Math.abs(s * 10 - Math.round(s * 10))).toBeLessThan(1e-9);
    expect(shares.some((s) => s > 0 && s < 1)).toBe(true);
  });
  test('progress is told row by row, to the end', () => {
    const told: (readonly [number, number])[] = [];
    leverMap(r, here, asked, (done, of) => told.push([done, of]));
    expect(told).toEqual([
      [1, 3],
      [2, 3],
      [3, 3],
    ]);
  });
  test('its name tells levers and ground apart', () => {
    expect(mapKey(asked)).not.toBe(mapKey({ ...asked, x: y, y: x }));
    expect(mapKey(asked)).not.toBe(mapKey({ ...asked, ground: 'body' }));
  });
});
describe('the values of a map', () => {
  test.each(['grind.waterG', 'grind.durationS', 'grind.waterC', 'passes'])('%s: rising, within what can be', (key) => {
    const r = school('soy-washed');
    const l = lever(r, key);
    const v = valuesOf(l, 9);
    expect([...v].sort((a, b) => a - b)).toEqual(v);
    expect(new Set(v).size).toBe(v.length);
    expect(Math.min(...v)).toBeGreaterThanOrEqual(l.least);
    expect(Math.max(...v)).toBeLessThanOrEqual(l.most);
    expect(Math.min(...v)).toBeLessThan(l.now);
    expect(Math.max(...v)).toBeGreaterThan(l.now);
  });
  test('flakes begin with seconds and warmth, beans with water and passes', () => {
    const keys = (id: string): readonly string[] => tellingLevers(school(id), leversOf(school(id))).map((l) => l.key);
    expect(keys('oat-middle')).toEqual(['grind.durationS', 'grind.waterC']);
    expect(keys('soy-washed')).toEqual(['grind.waterG', 'passes']);
    expect(keys('coconut-two-runs')).toEqual(['wash.waterG', 'passes']);
  });
});
