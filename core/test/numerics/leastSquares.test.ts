import { describe, expect, test } from '@jest/globals';
import { jStat } from 'jstat';
import { leastSquares, normal, seededRandom } from '../../src/numerics';

describe('least squares', () => {
  /** Anscombe's first set (The American Statistician 27, 1973): y = 3.00 + 0.500 x, as printed there; 1 σ of the slope. */
  test('Anscombe’s line', () => {
    const x = [10, 8, 13, 9, 11, 14, 6, 4, 12, 7, 5];
    const y = [8.04, 6.95, 7.58, 8.81, 8.33, 9.96, 7.24, 4.26, 10.84, 4.82, 5.68];
    const fit = leastSquares(
      x.map((v) => [1, v]),
      y,
    );
    expect(fit?.of[0]).toBeCloseTo(3.0, 2);
    expect(fit?.of[1]).toBeCloseTo(0.5, 3);
    // The sum of squares of x about its mean is 110, and the residual's 1.2366: the slope's own is 0.1179.
    expect(1.2366 * (fit?.sd[1] ?? NaN)).toBeCloseTo(0.1179, 4);
  });
  test('forty drawn models beside a statistics package', () => {
    const random = seededRandom(7);
    for (let k = 0; k < 40; k += 1) {
      const p = 2 + (k % 6);
      const rows = Array.from({ length: p + 3 }, () => Array.from({ length: p }, () => normal(random)));
      const y = rows.map(() => normal(random));
      const fit = leastSquares(rows, y);
      const xtx = jStat.multiply(jStat.transpose(rows), rows);
      for (const [j, row] of jStat.inv(xtx).entries()) {
        expect(fit?.sd[j]).toBeCloseTo(Math.sqrt(row[j] ?? NaN), 8);
        const by = row.reduce((s, x, i) => s + x * rows.reduce((t, r, n) => t + (r[i] ?? 0) * (y[n] ?? 0), 0), 0);
        expect(fit?.of[j]).toBeCloseTo(by, 8);
      }
    }
  });
  test('rows that do not tell the coefficients apart, and too few of them: none', () => {
    expect(leastSquares([], [])).toBeNull();
    expect(leastSquares([[1, 1]], [3])).toBeNull();
    expect(
      leastSquares(
        [1, 2, 3].map((x) => [1, x, 2 * x + 1]),
        [1, 2, 3],
      ),
    ).toBeNull();
    expect(
      leastSquares(
        [
          [0, 1],
          [1, 0],
        ],
        [3, 4],
      )?.of,
    ).toEqual([4, 3]);
  });
});
