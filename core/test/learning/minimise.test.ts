import { expect, test } from '@jest/globals';
import { hessian, minimise } from '../../src/numerics';

test('Rosenbrock’s valley (1960): the least value is at (1, 1)', () => {
  const f = ([x = 0, y = 0]: readonly number[]): number => (1 - x) ** 2 + 100 * (y - x * x) ** 2;
  const m = minimise(f, [-1.2, 1], 0.5);
  expect(m.converged).toBe(true);
  expect(m.x[0]).toBeCloseTo(1, 4);
  expect(m.x[1]).toBeCloseTo(1, 4);
});
test('a search that is not let run to its end says so, and gives the best it had', () => {
  const m = minimise(([x = 0]) => (x - 3) ** 2, [100], 1, 1e-12, 5);
  expect(m.converged).toBe(false);
  expect(m.value).toBeLessThan(97 ** 2 + 1);
});
test('second derivatives of x²y + 3y²', () => {
  const h = hessian(([x = 0, y = 0]) => x * x * y + 3 * y * y, [2, 5], 1e-3);
  expect(h[0]?.[0]).toBeCloseTo(10, 4);
  expect(h[0]?.[1]).toBeCloseTo(4, 4);
  expect(h[1]?.[1]).toBeCloseTo(6, 4);
});
