import { describe, expect, test } from '@jest/globals';
import { aliasesOf, DESIGNS, designOf, effectsOf, termsOf } from '../../src/trials';
import type { DesignId } from '../../src/trials';

describe('factorials at two levels', () => {
  /**
   * The pilot plant of Box, Hunter & Hunter, Statistics for Experimenters: yields by temperature, concentration and
   * catalyst, in standard order, and the effects printed there (from memory).
   */
  test('the pilot plant: its seven effects', () => {
    const came = [60, 72, 54, 68, 52, 83, 45, 80];
    const got = new Map(effectsOf(designOf('2^3', 1), came, 1).map((e) => [e.term.join(''), e.by]));
    expect(Object.fromEntries(got)).toEqual({ 0: 23, 1: -5, 2: 1.5, '01': 1.5, '02': 10, '12': 0, '012': 0.5 });
  });
  test('intervals follow from the spread of one run: two σ over the root of the runs', () => {
    const [t] = effectsOf(designOf('2^3', 1), [60, 72, 54, 68, 52, 83, 45, 80], 3);
    expect(((t?.high ?? 0) - (t?.low ?? 0)) / 2).toBeCloseTo((1.2815515655446004 * 2 * 3) / Math.sqrt(8), 9);
  });
  test.each(Object.keys(DESIGNS) as DesignId[])(
    '%s: each factor up as often as down, and no two of them together',
    (id) => {
      const d = designOf(id, 5);
      for (const [f] of d.runs[0]?.entries() ?? []) {
        expect(d.runs.reduce((s, r) => s + (r[f] ?? 0), 0)).toBe(0);
        for (let g = 0; g < f; g += 1) expect(d.runs.reduce((s, r) => s + (r[f] ?? 0) * (r[g] ?? 0), 0)).toBe(0);
      }
      expect([...d.order].sort((a, b) => a - b)).toEqual(d.runs.map((_, i) => i));
      expect(designOf(id, 5)).toEqual(d);
    },
  );
  /** The defining relations I = ABC and I = ABCD, as every textbook has them. */
  test('what a half design mixes up: a main with a pair in three factors; pairs with pairs in four', () => {
    expect(aliasesOf(designOf('2^(3-1)', 1), [0])).toEqual([[1, 2]]);
    expect(aliasesOf(designOf('2^(4-1)', 1), [0])).toEqual([[1, 2, 3]]);
    expect(aliasesOf(designOf('2^(4-1)', 1), [0, 1])).toEqual([[2, 3]]);
    expect(aliasesOf(designOf('2^3', 1), [0])).toEqual([]);
  });
  test('a model with known effects gives them back; in a half design the sum of what is mixed up', () => {
    const model = (l: readonly number[]): number =>
      10 + 2 * (l[0] ?? 0) - (l[1] ?? 0) + 0.5 * (l[0] ?? 0) * (l[1] ?? 0);
    const full = designOf('2^2', 3);
    expect(effectsOf(full, full.runs.map(model), 0).map((e) => e.by)).toEqual([4, -2, 1]);
    const half = designOf('2^(3-1)', 3);
    // C is told together with AB: nothing else moves C.
    expect(effectsOf(half, half.runs.map(model), 0).map((e) => [e.term.join(''), e.by])).toEqual([
      ['0', 4],
      ['1', -2],
      ['2', 1],
    ]);
  });
  test('too few results are refused, and so is one that is no figure', () => {
    const d = designOf('2^2', 1);
    expect(() => effectsOf(d, [1, 2, 3], 1)).toThrow('4 runs, 3 results');
    expect(() => effectsOf(d, [1, 2, 3, NaN], 1)).toThrow(RangeError);
    expect(termsOf(2)).toEqual([[0], [1], [0, 1]]);
  });
});
