import { expect, test, describe } from '@jest/globals';
import fc from 'fast-check';
import {
  cupsOf,
  fromInner,
  nearestCupText,
  parseNumber,
  plain,
  significant,
  toInner,
  UNITS,
  US_CUP_ML,
  METRIC_CUP_ML,
} from '../../src/units';
import type { UnitName } from '../../src/units';
import { clock, duration, grams, join, millilitres, numberFaultText, percent } from '../../src/words';
import { findRoot, interpolate, normal, seededRandom } from '../../src/numerics';

describe('numbers as people type them', () => {
  test.each<[string, number]>([
    ['1.5', 1.5],
    ['1,5', 1.5],
    [' 12 ', 12],
    ['1 350', 1350],
    ['1\u202f350', 1350],
    ['−3', -3],
    ['.5', 0.5],
    ['0', 0],
  ])('"%s" is %d', (t, v) => expect(parseNumber(t)).toEqual({ ok: true, value: v }));
  test.each<[string, string]>([
    ['', 'empty'],
    ['   ', 'empty'],
    ['12x', 'notANumber'],
    ['NaN', 'notANumber'],
    ['Infinity', 'notANumber'],
    ['1e9', 'notANumber'],
    ['--3', 'notANumber'],
    ['1,350', 'ambiguous'],
    ['12,500', 'ambiguous'],
  ])('"%s" is %s', (t, fault) => expect(parseNumber(t)).toEqual({ ok: false, fault }));
  test('each fault has its sentence', () => {
    for (const f of ['empty', 'notANumber', 'ambiguous', 'low', 'high'] as const)
      expect(numberFaultText(f, '1,350', 0, 50_000, 'g')).toMatch(/\.$/);
    expect(numberFaultText('ambiguous', '1,350', 0, 9, 'g')).toContain('1350 or 1.350');
  });
});

describe('units', () => {
  test('published conversions (international yard and pound agreement 1959; NIST Handbook 44)', () => {
    expect(toInner(1, 'lb')).toBe(453.59237);
    expect(toInner(16, 'oz')).toBeCloseTo(453.59237, 9);
    expect(toInner(1, 'in')).toBe(2.54);
    expect(toInner(212, 'F')).toBeCloseTo(100, 9);
    expect(toInner(-40, 'F')).toBeCloseTo(-40, 9);
    expect(US_CUP_ML).toBeCloseTo(8 * 29.5735295625, 3);
  });
  test('there and back', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...(Object.keys(UNITS) as UnitName[])),
        fc.double({ min: -1e5, max: 1e5, noNaN: true }),
        (u, x) => {
          expect(fromInner(toInner(x, u), u)).toBeCloseTo(x, 6);
        },
      ),
    );
  });
  test('a US cup of soybeans is 186 g (USDA, from memory); a metric cup holds more', () => {
    expect(cupsOf(186, 186, US_CUP_ML)).toBeCloseTo(1, 9);
    expect(cupsOf(186, 186, METRIC_CUP_ML)).toBeCloseTo(US_CUP_ML / METRIC_CUP_ML, 9);
  });
  test.each([
    [1.29, '1¼'],
    [1.31, '1⅓'],
    [0.5, '½'],
    [1.98, '2'],
    [0.05, 'under ¼'],
    [3, '3'],
  ])('%d cups are said %s', (c, t) => expect(nearestCupText(c)).toBe(t));
});

describe('figures in words', () => {
  test('a space groups thousands, never a comma', () => expect(plain(1350)).toBe('1\u202f350'));
  test.each([
    [45, '45 s'],
    [600, '10 min'],
    [9000, '2 h 30 min'],
    [36_000, '10 h'],
    [250_000, '2 d 21 h'],
    [-5, '0 s'],
    [150, '2 min 30 s'],
    [105, '1 min 45 s'],
    [148.3, '2 min'],
  ])('%d s is %s', (s, t) => expect(join(duration(s)).replaceAll('\u00a0', ' ')).toBe(t));
  test.each([
    [754, '12:34'],
    [36_610, '10:10:10'],
    [-3, '0:00'],
  ])('a clock of %d s shows %s', (s, t) => expect(clock(s)).toBe(t));
  test('grams, millilitres and shares at their own sizes', () => {
    expect([grams(0.4), grams(34.2), grams(12_400)].map((x) => `${x.n} ${x.unit}`)).toEqual([
      '0.4 g',
      '34 g',
      '12.4 kg',
    ]);
    expect([millilitres(640), millilitres(1630)].map((x) => `${x.n} ${x.unit}`)).toEqual(['640 ml', '1.63 L']);
    expect(percent(0.0692).n).toBe('6.9');
    expect(plain(NaN)).toBe('–');
    expect(significant(1362.4, 3)).toBe(1360);
  });
});

describe('numerics', () => {
  test('a root is found, or the nearer end said to be none', () => {
    expect(findRoot((x) => x * x - 2, 0, 2, 1e-12).x).toBeCloseTo(Math.SQRT2, 9);
    expect(findRoot((x) => x + 10, 0, 2, 1e-9)).toMatchObject({ x: 0, converged: false });
  });
  test('interpolation is held flat beyond both ends', () => {
    const p = [
      [0, 1],
      [10, 3],
    ] as const;
    expect([-5, 0, 5, 10, 20].map((x) => interpolate(p, x))).toEqual([1, 1, 2, 3, 3]);
  });
  test('the seeded normal has mean 0 and variance 1, within 3 %', () => {
    const r = seededRandom(3);
    const v = Array.from({ length: 40_000 }, () => normal(r));
    const mean = v.reduce((a, b) => a + b, 0) / v.length;
    const variance = v.reduce((a, b) => a + (b - mean) ** 2, 0) / v.length;
    expect(Math.abs(mean)).toBeLessThan(0.03);
    expect(Math.abs(variance - 1)).toBeLessThan(0.03);
  });
});
