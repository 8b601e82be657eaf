import { expect, test, describe } from '@jest/globals';
import { gramsPerLitre } from '@ironpan/core/batch';
import { bestMove, leverMap, leversOf, tellingLevers, valuesOf, whatMoves } from '@ironpan/core/questions';
import type { Moved } from '@ironpan/core/questions';
import { USUAL_KIT, unlearned } from '@ironpan/core/kitchen';
import { METHODS, recipeOf } from '@ironpan/core/methods';
import type { Recipe } from '@ironpan/core/steps';
import { leverName, leverValue } from '@ironpan/core/words';
import { barsOf, measuresFor, usualMeasure } from '../../src/plan/moves/leverWords';
import { schoolsIn } from '../../src/plan/choosing/useSchools';

const school = (id: string): Recipe => recipeOf(METHODS.find((m) => m.id === id) as never);
const moved = (id: string): readonly Moved[] => whatMoves(school(id), unlearned(USUAL_KIT));

describe('bars', () => {
  test('the widest comes first and reaches the edge; none goes beyond it', () => {
    for (const id of ['oat-middle', 'soy-washed', 'coconut-dried', 'tiger-nut-cold']) {
      const m = moved(id);
      for (const measure of measuresFor(school(id), m)) {
        const bars = barsOf(m, measure);
        expect(bars.length).toBeGreaterThan(0);
        expect(bars.length).toBeLessThanOrEqual(8);
        const reach = bars.map((b) => Math.max(Math.abs(b.low), Math.abs(b.high)));
        expect(Math.max(...reach)).toBeCloseTo(1, 9);
        for (const b of bars)
          expect(`${b.name} ${b.lowText} ${b.highText} ${b.lowValue} ${b.highValue}`).not.toMatch(/NaN|undefined/);
      }
    }
  });
  test('oats ask about slime first; a milk without any asks about what most levers move', () => {
    const oat = moved('oat-middle');
    expect(usualMeasure(oat, measuresFor(school('oat-middle'), oat))).toBe('slime');
    const coconut = moved('coconut-graded');
    expect(measuresFor(school('coconut-graded'), coconut)).not.toContain('slime');
  });
  test('the best move against slime is less food, shorter or colder; and it helps', () => {
    const best = bestMove(moved('oat-middle'), 'slime');
    if (!best) throw new Error('none');
    expect(best.after).toBeLessThan(best.before);
    expect(bestMove(moved('soy-washed'), 'volumeMl')?.after).toBeGreaterThan(0);
  });
  test('two levers of one name are told apart', () => {
    const levers = leversOf(school('coconut-graded'));
    const names = levers.map((l) => leverName(l, levers));
    expect(new Set(names).size).toBe(names.length);
  });
  test('values are said as a kitchen says them', () => {
    const by = (key: string) => leversOf(school('oat-middle')).find((l) => l.key === key);
    const say = (key: string, v: number): string => {
      const l = by(key);
      return l ? leverValue(l, v) : '';
    };
    expect(say('grind.waterC', 12.4)).toBe('12\u00a0°C');
    expect(say('grind.durationS', 150)).toBe('150\u00a0s');
    expect(say('larder.0', 128.3).replace(/\s/g, ' ')).toBe('128 g');
    expect(say('passes', 2)).toBe('2');
  });
});

describe('maps', () => {
  test('every school has two levers to begin with, and a map of them without a gap', () => {
    for (const m of METHODS) {
      const r = recipeOf(m);
      const [x, y] = tellingLevers(r, leversOf(r));
      if (!x || !y) throw new Error(m.id);
      expect(x.key).not.toBe(y.key);
      const xs = valuesOf(x, 3);
      const ys = valuesOf(y, 3);
      const map = leverMap(r, unlearned(USUAL_KIT), { ground: 'solids', x, y, xs, ys, seed: 1, kitchens: 0 });
      expect(map.ground).toHaveLength(ys.length);
      for (const row of map.ground) {
        expect(row).toHaveLength(xs.length);
        expect([m.id, row.every((v) => Number.isFinite(v) && v >= 0)]).toEqual([m.id, true]);
      }
    }
  });
  test('passes are whole numbers', () => {
    const passes = leversOf(school('soy-washed')).find((l) => l.key === 'passes');
    if (!passes) throw new Error('no passes');
    const v = valuesOf(passes, 20);
    expect(v.every((x) => Number.isInteger(x))).toBe(true);
    expect(v[0]).toBe(1);
  });
});

describe('schools in one unit', () => {
  test('strengths within common practice: oats 50–150 g/L, coconut fresh 300–1000, dried 120–200, tiger nut 200–330', () => {
    const all = schoolsIn(USUAL_KIT, []);
    const gL = (id: string): number => {
      const s = all.find((x) => x.id === id);
      return (s && gramsPerLitre(s.recipe)) ?? NaN;
    };
    const within = (id: string, low: number, high: number) =>
      expect([id, gL(id) >= low && gL(id) <= high]).toEqual([id, true]);
    for (const s of all.filter((x) => x.milk === 'oat')) within(s.id, 49, 150);
    for (const s of all.filter((x) => x.milk === 'soy')) within(s.id, 80, 170);
    within('coconut-one-blend', 300, 1000);
    within('coconut-dried', 120, 200);
    for (const id of ['tiger-nut-cold', 'tiger-nut-cooked']) within(id, 200, 330);
    within('coconut-graded', 300, 1000);
  });
  test('ice counts as water', () => {
    const all = schoolsIn(USUAL_KIT, []);
    const ice = all.find((s) => s.id === 'oat-ice');
    expect(ice && gramsPerLitre(ice.recipe)).toBeCloseTo((1000 * 75) / 800, 9);
  });
});
