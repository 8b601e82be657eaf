import { describe, expect, test } from '@jest/globals';
import { jStat } from 'jstat';
import { fewestRight, powerOf, servingsOf, tastedOf, tastingsFor } from '../../src/trials';

describe('triangle and paired tests', () => {
  /** ISO 4120, the table of the fewest right answers for a perceptible difference at 5 % (from memory). */
  test.each([
    [6, 5],
    [7, 5],
    [8, 6],
    [9, 6],
    [10, 7],
    [12, 8],
    [15, 9],
    [18, 10],
    [20, 11],
    [24, 13],
    [30, 15],
  ])('a triangle of %i tastings needs %i right', (n, right) => {
    expect(fewestRight('triangle', n)).toBe(right);
  });
  /** The same table at 1 % (from memory). */
  test('and at one in a hundred', () => {
    expect([6, 12, 18, 24, 30].map((n) => fewestRight('triangle', n, 0.01))).toEqual([6, 9, 12, 15, 17]);
  });
  test('two tastings of three cups tell nothing, however they come out', () => {
    expect(fewestRight('triangle', 2)).toBeNull();
    expect(tastedOf('triangle', 2, 2)).toMatchObject({ differs: false });
    expect(powerOf('triangle', 2, 1)).toBe(0);
    expect(tastedOf('paired', 0, 0)).toMatchObject({ p: 1, differs: false });
  });
  test('p and power are the binomial’s tails, beside a statistics package', () => {
    expect(tastedOf('triangle', 8, 12).p).toBeCloseTo(1 - jStat.binomial.cdf(7, 12, 1 / 3), 9);
    expect(tastedOf('paired', 9, 10).p).toBeCloseTo(11 / 1024, 12);
    const half = 1 / 3 + 0.5 * (2 / 3);
    expect(powerOf('triangle', 12, 0.5)).toBeCloseTo(1 - jStat.binomial.cdf(7, 12, half), 9);
  });
  test('where it was not said which would be more so, the other way counts as much: p of both tails', () => {
    const both = 2 * (1 - jStat.binomial.cdf(8, 10, 0.5));
    expect(tastedOf('paired', 9, 10, true).p).toBeCloseTo(both, 12);
    expect(tastedOf('paired', 1, 10, true).p).toBeCloseTo(both, 12);
    expect(tastedOf('paired', 5, 10, true).p).toBe(1);
  });
  test('the fewest tastings hold from there on, and one less does not', () => {
    const n = tastingsFor('triangle', 0.5, 0.8) ?? 0;
    for (let more = n; more < n + 40; more += 1) expect(powerOf('triangle', more, 0.5)).toBeGreaterThanOrEqual(0.8);
    expect(powerOf('triangle', n - 1, 0.5)).toBeLessThan(0.8);
    expect(tastingsFor('triangle', 0.02, 0.9)).toBeNull();
  });
  test('the share that tells them apart: all guessing may be none, all right is most', () => {
    expect(tastedOf('triangle', 4, 12).tell[0]).toBe(0);
    const [low, high] = tastedOf('triangle', 12, 12).tell;
    expect(low).toBeGreaterThan(0.7);
    expect(high).toBe(1);
  });
  test('cups: every order equally often, three-digit codes of which none comes twice, the odd one anywhere', () => {
    const cups = servingsOf('triangle', 12, 3);
    const orders = cups.map((s) => s.cups.join(''));
    expect(new Set(orders).size).toBe(6);
    for (const o of new Set(orders)) expect(orders.filter((x) => x === o)).toHaveLength(2);
    const codes = cups.flatMap((s) => s.codes);
    expect(new Set(codes).size).toBe(36);
    expect(codes.every((c) => /^[1-9]\d\d$/.test(c))).toBe(true);
    expect(servingsOf('triangle', 12, 3)).toEqual(cups);
    expect(servingsOf('paired', 7, 1).filter((s) => s.cups[0] === 'a').length).toBeGreaterThanOrEqual(3);
  });
});
