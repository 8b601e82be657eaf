import { describe, expect, test } from '@jest/globals';
import { aliasesOf, DESIGNS, designOf, effectsOf, termsOf, toldBy } from '../../src/trials';
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
  describe('batches that nobody measured', () => {
    const pilot = [60, 72, 54, 68, 52, 83, 45, 80];
    const d = designOf('2^3', 1);
    const without = (...gone: number[]): (number | null)[] => pilot.map((x, i) => (gone.includes(i) ? null : x));
    const by = (came: readonly (number | null)[]) =>
      new Map(toldBy(d, came, 1)?.effects.map((e) => [e.term.join(''), e.by]));
    /**
     * Draper & Stoneman (Technometrics 6, 1964): a missing run is put where the contrast of all factors together comes to
     * nothing; the other effects follow as if it had been seen.
     */
    test('one of eight: as if it had been what makes the effect of all together nothing', () => {
      for (let gone = 0; gone < 8; gone += 1) {
        const sign = (i: number): number => (d.runs[i] ?? []).reduce<number>((x, l) => x * l, 1);
        const others = pilot.reduce((s, x, i) => (i === gone ? s : s + x * sign(i)), 0);
        const filled = pilot.map((x, i) => (i === gone ? -others * sign(gone) : x));
        const whole = new Map(effectsOf(d, filled, 1).map((e) => [e.term.join(''), e.by]));
        expect(whole.get('012')).toBeCloseTo(0, 9);
        const told = by(without(gone));
        expect([...told.keys()]).toEqual(['0', '1', '2', '01', '02', '12']);
        for (const [term, x] of told) expect(x).toBeCloseTo(whole.get(term) ?? NaN, 9);
      }
    });
    test('more of them: what two do together is nothing too; the intervals widen; too few tell nothing', () => {
      const told = toldBy(d, without(0, 3), 1);
      expect(told?.effects.map((e) => e.term)).toEqual([[0], [1], [2]]);
      expect(told?.nought).toEqual([
        [0, 1],
        [0, 2],
        [1, 2],
        [0, 1, 2],
      ]);
      const wide = (t: typeof told): number => (t?.effects[0]?.high ?? NaN) - (t?.effects[0]?.low ?? NaN);
      expect(wide(told)).toBeGreaterThan(wide(toldBy(d, pilot, 1)));
      // Four runs with the first factor down tell nothing of it.
      expect(
        toldBy(
          d,
          pilot.map((x, i) => (i % 2 === 1 ? null : x)),
          1,
        ),
      ).toBeNull();
      expect(
        toldBy(
          d,
          pilot.map(() => null),
          1,
        ),
      ).toBeNull();
    });
    test('made twice, a run known once is known: nothing is taken for nothing, and the interval is between the two', () => {
      const twice = designOf('2^2', 1, 2);
      const came = twice.runs.map((l, i) => (i === 0 ? null : 10 + 2 * (l[0] ?? 0)));
      const told = toldBy(twice, came, 1);
      expect(told?.nought).toEqual([]);
      expect(told?.effects[0]?.by).toBeCloseTo(4, 9);
      const reach = ((told?.effects[0]?.high ?? NaN) - (told?.effects[0]?.low ?? NaN)) / 2;
      expect(reach).toBeGreaterThan(1.2815515655446004 * 2 * Math.sqrt(1 / 8));
      expect(reach).toBeLessThan(1.2815515655446004 * 2 * Math.sqrt(1 / 4));
    });
    test('a half design with one gone tells each thing by itself, and takes the pairs for nothing', () => {
      const half = designOf('2^(4-1)', 1);
      const came = half.runs.map((l, i) => (i === 2 ? null : 5 + (l[3] ?? 0)));
      const told = toldBy(half, came, 1);
      expect(told?.effects.map((e) => e.term)).toEqual([[0], [1], [2], [3]]);
      expect(told?.effects.map((e) => Number(e.by.toFixed(9)) + 0)).toEqual([0, 0, 0, 2]);
      expect(told?.nought).toEqual([
        [0, 1],
        [0, 2],
        [0, 3],
      ]);
    });
  });
  test('too few results are refused, and so is one that is no figure', () => {
    const d = designOf('2^2', 1);
    expect(() => effectsOf(d, [1, 2, 3], 1)).toThrow('4 runs, 3 results');
    expect(() => effectsOf(d, [1, 2, 3, NaN], 1)).toThrow(RangeError);
    expect(termsOf(2)).toEqual([[0], [1], [0, 1]]);
  });
});
