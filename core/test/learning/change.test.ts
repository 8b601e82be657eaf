import { describe, expect, test } from '@jest/globals';
import { jStat } from 'jstat';
import { changeOf, lastChange, robustMean } from '../../src/learning';
import type { Told } from '../../src/learning';
import { normal, normalTail, seededRandom } from '../../src/numerics';

/**
 * The yearly flow of the Nile at Aswan, 1871–1970, in 10⁸ m³, as printed by Cobb (1978) and in most books on change points
 * (from memory). It fell after 1898.
 */
const NILE = [
  1120, 1160, 963, 1210, 1160, 1160, 813, 1230, 1370, 1140, 995, 935, 1110, 994, 1020, 960, 1180, 799, 958, 1140, 1100,
  1210, 1150, 1250, 1260, 1220, 1030, 1100, 774, 840, 874, 694, 940, 833, 701, 916, 692, 1020, 1050, 969, 831, 726, 456,
  824, 702, 1120, 1100, 832, 764, 821, 768, 845, 864, 862, 698, 845, 744, 796, 1040, 759, 781, 865, 845, 944, 984, 897,
  822, 1010, 771, 676, 649, 846, 812, 742, 801, 1040, 860, 874, 848, 890, 744, 749, 838, 1050, 918, 986, 797, 923, 975,
  815, 1020, 906, 901, 1170, 912, 746, 919, 718, 714, 740,
];
const told = (all: readonly number[], sd: number): readonly Told[] => all.map((value) => ({ value, sd }));

describe('a change of level', () => {
  test('the Nile: it fell after 1898, by about 250, and did not change again', () => {
    // Their own σ within either stretch, about 125.
    const found = changeOf(told(NILE, 125));
    expect(1871 + (found?.at ?? 0)).toBe(1899);
    expect(found?.from).toBeGreaterThan(1090);
    expect(found?.from).toBeLessThan(1105);
    expect(found?.to).toBeGreaterThan(845);
    expect(found?.to).toBeLessThan(855);
    expect(lastChange(told(NILE, 125))?.at).toBe(found?.at);
  });
  test('nothing that changed: told less often than one time in three hundred', () => {
    const random = seededRandom(8);
    let false_ = 0;
    for (let i = 0; i < 600; i += 1)
      if (
        changeOf(
          told(
            Array.from({ length: 24 }, () => normal(random)),
            1,
          ),
        )
      )
        false_ += 1;
    // Two are to be expected at most; three σ of chance beside them.
    expect(false_).toBeLessThanOrEqual(6);
  });
  test('three σ between eight and eight: found nine times in ten, within two of its place', () => {
    const random = seededRandom(9);
    let found = 0;
    for (let i = 0; i < 200; i += 1) {
      const at = changeOf(
        told(
          Array.from({ length: 16 }, (_, k) => normal(random) + (k < 8 ? 0 : 3)),
          1,
        ),
      )?.at;
      if (at !== undefined && Math.abs(at - 8) <= 2) found += 1;
    }
    expect(found).toBeGreaterThan(180);
  });
  test('days that differ twice as much as was said are no change', () => {
    const random = seededRandom(10);
    let told_ = 0;
    for (let i = 0; i < 300; i += 1)
      if (
        changeOf(
          told(
            Array.from({ length: 20 }, () => 2 * normal(random)),
            1,
          ),
        )
      )
        told_ += 1;
    // One is to be expected at most, were the width known. It is found from nineteen steps: about three in a hundred.
    expect(told_).toBeLessThanOrEqual(12);
  });
  test('the last of two; one odd reading is none, nor are too few', () => {
    const level = (v: number, n: number): number[] =>
      Array.from({ length: n }, (_, i) => v + (i % 2 === 0 ? 0.2 : -0.2));
    expect(lastChange(told([...level(0, 8), ...level(5, 8), ...level(1, 8)], 1))?.at).toBe(16);
    expect(changeOf(told([...level(0, 6), 40, ...level(0, 6)], 1))).toBeNull();
    expect(changeOf(told([0, 0, 9, 9, 9], 1))).toBeNull();
    expect(changeOf([])).toBeNull();
  });
});

describe('numbers beside a statistics package', () => {
  /** jStat gives about twelve figures. */
  test('the tail of the normal', () => {
    for (const z of [-3, -1, 0, 0.3, 1, 1.2815515655446004, 1.96, 1.999, 2, 2.5, 3.7, 5])
      expect(normalTail(z)).toBeCloseTo(1 - jStat.normal.cdf(z, 0, 1), 8);
    // Abramowitz & Stegun 1964, table 26.1: Q(2.3263) 0.01; Q(4) 3.1671e-5 (from memory).
    expect(normalTail(2.3263478740408408)).toBeCloseTo(0.01, 12);
    expect(normalTail(4) / 3.167124183311998e-5).toBeCloseTo(1, 10);
    expect(normalTail(40)).toBe(0);
  });
  test('the mean of readings that agree is the conjugate one; of none, the prior', () => {
    const all = [told([1.2], 0.5), told([0.8], 0.25), told([1.1], 1)].flat();
    const precision = 1 / 4 + 1 / 0.25 + 1 / 0.0625 + 1;
    const r = robustMean(all, { value: 0, sd: 2 });
    expect(r.precision).toBeCloseTo(precision, 12);
    expect(r.mean).toBeCloseTo((1.2 / 0.25 + 0.8 / 0.0625 + 1.1) / precision, 12);
    expect(robustMean([], { value: 3, sd: 2 })).toMatchObject({ mean: 3, precision: 0.25 });
    expect(robustMean([]).precision).toBe(0);
  });
});
