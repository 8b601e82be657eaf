import { expect, test, describe } from '@jest/globals';
import { capacityOf, fromLarder, massG, merge, NOTHING, portion } from '../../src/kitchen';
import type { Stream } from '../../src/kitchen';
import { materialById, MATERIALS, sumGrams } from '../../src/materials';

const beans = fromLarder(materialById(MATERIALS, 'soybeans'), 100, 20);
const A: Stream = {
  ...beans,
  ...{ freeWaterG: 300, boundWaterG: 40, gainedWaterG: 40, hullG: 3, glucanOf: 2, amylase: 1, glucanase: 2 },
  ...{ hydrolysedG: 5, temperatureC: 60, sizeUm: 200, topUm: 400, openedShare: 0.8, sievedShare: 0.1, releasedC: 50 },
  ...{ glucanCut: 0.2, squeezed: 0.85, peakWetC: 70, hygiene: 'boiled', readyAtS: 500, f70Min: 9, boilS: 700 },
  ...{ preheatMin: 4, lossH: 3, hotWholeS: 60, spentD: 0.5, above21S: 100, above5S: 900 },
};
const B: Stream = {
  ...portion(beans, 0.5),
  ...{ freeWaterG: 500, boundWaterG: 30, gainedWaterG: 25, hullG: 1, glucanOf: 1, amylase: 3, glucanase: 1 },
  ...{ hydrolysedG: 2, temperatureC: 10, sizeUm: 350, topUm: 300, openedShare: 0.2, sievedShare: 0.4, releasedC: 20 },
  ...{ glucanCut: 0.6, squeezed: 1.15, peakWetC: 45, hygiene: 'heated', readyAtS: 800, f70Min: 2, boilS: 100 },
  ...{ preheatMin: 1, lossH: 8, hotWholeS: 10, spentD: 0.2, above21S: 400, above5S: 300 },
};
const m = merge(A, B);

describe('poured together', () => {
  test.each([
    'freeWaterG',
    'boundWaterG',
    'gainedWaterG',
    'hullG',
    'glucanOf',
    'amylase',
    'glucanase',
    'hydrolysedG',
  ] as const)('%s adds', (k) => expect(m[k]).toBeCloseTo(A[k] + B[k], 9));
  test('so do components, inhibitor, flavour and what it was made from', () => {
    expect(sumGrams(m.bound)).toBeCloseTo(sumGrams(A.bound) + sumGrams(B.bound), 9);
    expect(m.inhibitor.of).toBeCloseTo(A.inhibitor.of + B.inhibitor.of, 9);
    expect(m.flavour.enzyme).toBeCloseTo(A.flavour.enzyme + B.flavour.enzyme, 9);
    expect(m.madeFrom.soybeans).toBeCloseTo((150 * (A.madeFrom.soybeans ?? 0)) / 100, 9);
    expect(massG(m)).toBeCloseTo(massG(A) + massG(B), 9);
  });
  test('the temperature is that of the heat of both', () => {
    const heat = A.temperatureC * capacityOf(A) + B.temperatureC * capacityOf(B);
    expect(m.temperatureC).toBeCloseTo(heat / (capacityOf(A) + capacityOf(B)), 9);
  });
  test.each<[keyof Stream, number | string, string]>([
    ['sizeUm', 350, 'the coarser'],
    ['topUm', 400, 'the coarser sieve'],
    ['peakWetC', 70, 'the hottest it has ever been'],
    ['readyAtS', 800, 'the later'],
    ['hygiene', 'heated', 'the worse'],
    ['f70Min', 2, 'the lesser pasteurising: germs of the other are in it'],
    ['boilS', 100, 'the lesser boil'],
    ['spentD', 0.5, 'the greater part of its keeping spent'],
    ['above21S', 400, 'the longer above 21 °C'],
    ['above5S', 900, 'the longer above 5 °C'],
  ])('%s: %s, %s', (k, v) => {
    expect(m[k]).toBe(v);
    expect(merge(B, A)[k]).toBe(v);
  });
  test.each(['openedShare', 'sievedShare', 'releasedC', 'preheatMin', 'lossH', 'hotWholeS'] as const)(
    '%s is weighed by what is in pieces',
    (k) => {
      const [a, b] = [sumGrams(A.bound), sumGrams(B.bound)];
      expect(m[k]).toBeCloseTo((A[k] * a + B[k] * b) / (a + b), 9);
    },
  );
  test('how hard it was squeezed is weighed by the liquid', () => {
    expect(m.squeezed).toBeCloseTo((0.85 * 300 + 1.15 * 500) / 800, 9);
  });
  test('with nothing it stays what it is; water takes nothing of its lethality', () => {
    expect(merge(A, NOTHING)).toEqual(A);
    expect(merge(NOTHING, A)).toEqual(A);
    const water: Stream = { ...NOTHING, freeWaterG: 200, temperatureC: 20, f70Min: 0, boilS: 0 };
    expect([merge(A, water).f70Min, merge(A, water).boilS, merge(A, water).squeezed]).toEqual([9, 700, 0.85]);
  });
});
