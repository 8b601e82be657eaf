import { expect, test } from '@jest/globals';
import { latinHypercube, seededRandom } from '../../src/numerics';

const draws = latinHypercube(3, 240, seededRandom(7));
const sorted = (x: readonly number[]) => [...x].sort((a, b) => a - b);

test('every quantity takes the same quantiles once, each in an order of its own', () => {
  expect(sorted(draws[1] ?? [])).toEqual(sorted(draws[0] ?? []));
  expect(draws[1]).not.toEqual(draws[0]);
  expect(latinHypercube(3, 240, seededRandom(7))).toEqual(draws);
});
test('the quantiles are those of a standard normal (tables, values from memory): .90 1.2816, .95 1.6449, .975 1.9600', () => {
  const of = sorted(latinHypercube(1, 1000, seededRandom(1))[0] ?? []);
  /** Between the two quantiles beside `p`. */
  const at = (p: number) => ((of[Math.round(1000 * p) - 1] ?? NaN) + (of[Math.round(1000 * p)] ?? NaN)) / 2;
  for (const [p, z] of [
    [0.9, 1.2816],
    [0.95, 1.6449],
    [0.975, 1.96],
  ] as const)
    expect(Math.abs(at(p) - z)).toBeLessThan(0.0005);
});
test('mean 0 and spread 1, without the scatter of plain draws', () => {
  for (const x of draws) {
    expect(Math.abs(x.reduce((a, b) => a + b, 0) / x.length)).toBeLessThan(1e-6);
    expect(Math.abs(Math.sqrt(x.reduce((a, b) => a + b * b, 0) / x.length) - 1)).toBeLessThan(0.01);
  }
});
