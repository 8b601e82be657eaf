import { describe, expect, test } from '@jest/globals';
import { choose, EXACT_PLAYERS, seededRandom, shapley } from '../../src/numerics';

const worth =
  (of: (s: readonly number[]) => number) =>
  (inside: readonly boolean[]): readonly number[] => [of(inside.flatMap((x, i) => (x ? [i] : [])))];
const sharesOf = (n: number, of: (s: readonly number[]) => number, seed = 1): number[] =>
  shapley(n, worth(of), seed).shares.map((s) => s[0] ?? NaN);

describe('the value of Shapley', () => {
  /** The glove game as it is found in textbooks of game theory: two left gloves, one right; a pair is worth 1. */
  test('gloves: the one right glove takes two thirds', () => {
    const gloves = (s: readonly number[]): number => (s.includes(2) && (s.includes(0) || s.includes(1)) ? 1 : 0);
    const [left, other, right] = sharesOf(3, gloves);
    expect(left).toBeCloseTo(1 / 6, 12);
    expect(other).toBeCloseTo(1 / 6, 12);
    expect(right).toBeCloseTo(2 / 3, 12);
  });
  /**
   * Littlechild & Owen (1973): a runway is as long as the largest that lands needs. What each further piece costs is shared
   * by all who need it. The costs 8, 11, 13, 18 are the example commonly printed with it: 2, 3, 4, 9 (from memory).
   */
  test('airport: each piece of the runway is paid for by those who need it', () => {
    const cost = [8, 11, 13, 18];
    const runway = (s: readonly number[]): number => Math.max(0, ...s.map((i) => cost[i] ?? 0));
    const closed = [8 / 4, 8 / 4 + 3 / 3, 8 / 4 + 3 / 3 + 2 / 2, 8 / 4 + 3 / 3 + 2 / 2 + 5];
    expect(closed).toEqual([2, 3, 4, 9]);
    sharesOf(4, runway).forEach((x, i) => expect(x).toBeCloseTo(closed[i] ?? NaN, 12));
  });
  /** The same closed form for as many as are no longer counted one by one. */
  test('drawn orders come near the closed form, and add up all the same', () => {
    const n = 12;
    const cost = Array.from({ length: n }, (_, i) => 10 + i * i);
    const runway = (s: readonly number[]): number => Math.max(0, ...s.map((i) => cost[i] ?? 0));
    const closed = cost.map((_, i) =>
      cost.slice(0, i + 1).reduce((sum, c, j) => sum + (c - (j === 0 ? 0 : (cost[j - 1] ?? 0))) / (n - j), 0),
    );
    const got = sharesOf(n, runway, 7);
    const whole = Math.max(...cost);
    expect(got.reduce((a, b) => a + b, 0)).toBeCloseTo(whole, 9);
    got.forEach((x, i) => expect(Math.abs(x - (closed[i] ?? NaN))).toBeLessThan(0.05 * whole));
    expect(sharesOf(n, runway, 7)).toEqual(got);
    expect(sharesOf(n, runway, 8)).not.toEqual(got);
  });
  test('who adds nothing gets nothing, equals get equal, and every coalition is looked at once', () => {
    const seen = new Map<string, number>();
    const random = seededRandom(3);
    const at = new Map<string, number>();
    const of = (inside: readonly boolean[]): readonly number[] => {
      const key = inside.map(Number).join('');
      seen.set(key, (seen.get(key) ?? 0) + 1);
      // Player 2 adds nothing; 0 and 1 may be changed for each other.
      const fair = `${Number(inside[0] ?? 0) + Number(inside[1] ?? 0)} ${Number(inside[3] ?? 0)}`;
      if (!at.has(fair)) at.set(fair, random());
      return [at.get(fair) ?? 0, 1];
    };
    const { shares, none, all, exact } = shapley(4, of, 1);
    expect(exact).toBe(true);
    expect(shares[2]).toEqual([0, 0]);
    expect(shares[0]?.[0]).toBeCloseTo(shares[1]?.[0] ?? NaN, 12);
    expect(shares.reduce((sum, s) => sum + (s[0] ?? 0), 0)).toBeCloseTo((all[0] ?? 0) - (none[0] ?? 0), 12);
    expect(seen.size).toBe(16);
    expect([...seen.values()].every((n) => n === 1)).toBe(true);
  });
  test('nobody shares nothing; one takes all; beyond so many, orders are drawn', () => {
    expect(sharesOf(0, () => 5)).toEqual([]);
    expect(sharesOf(1, (s) => s.length * 3)).toEqual([3]);
    const sum = (s: readonly number[]): number => s.reduce((a, i) => a + i, 0);
    expect(shapley(EXACT_PLAYERS, worth(sum), 1).exact).toBe(true);
    expect(shapley(EXACT_PLAYERS + 1, worth(sum), 1).exact).toBe(false);
    sharesOf(EXACT_PLAYERS + 1, sum).forEach((x, i) => expect(x).toBeCloseTo(i, 9));
  });
  test('n over k', () => {
    expect([choose(4, 2), choose(7, 0), choose(7, 7), choose(8, 3), choose(3, 4), choose(3, -1)]).toEqual([
      6, 1, 1, 56, 0, 0,
    ]);
  });
});
