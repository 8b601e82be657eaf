import { expect, test, describe } from '@jest/globals';
import { density, grams, heatCapacity, sumGrams, SOYBEANS, COMPONENTS } from '../../src/materials';
import { kcalPer100Ml } from '../../src/batch';

const near = (got: number, want: number, tolerance: number) =>
  expect(Math.abs(got - want)).toBeLessThanOrEqual(tolerance);

describe('material properties (Choi & Okos 1986, from memory)', () => {
  test('dry soybeans: 2.060 kJ/kgK at 20 °C', () => {
    const dry = sumGrams(SOYBEANS.per100g);
    near(heatCapacity(100 - dry, SOYBEANS.per100g, 20) * 10, 2.06, 0.005);
  });
  test('soy milk of 6.1 % solids: 4.037 kJ/kgK, 1010.7 kg/m³', () => {
    const milk = grams({ protein: 2.99, fat: 1.58, sugars: 1.1, insolubleFibre: 0.05, ash: 0.38 });
    near(heatCapacity(93.9, milk, 20) * 10, 4.037, 0.006);
    near(density(93.9, milk) * 1000, 1010.7, 1);
  });
  test('coconut milk of 23.84 % fat: 1007.6 kg/m³', () =>
    near(density(67.62, grams({ protein: 2.29, fat: 23.84, otherCarb: 5.54, ash: 0.71 })) * 1000, 1007.6, 0.5));
  test('water alone is water', () => near(density(100, grams({})), 0.9982, 1e-9));
});

describe('composition (USDA Standard Reference, from memory)', () => {
  test('soybeans: water 8.54, carbohydrate 30.16 of which fibre 9.3 and sugars 7.33', () => {
    const g = SOYBEANS.per100g;
    near(100 - sumGrams(g), 8.54, 0.005);
    near(g.sugars + g.starch + g.otherCarb + g.insolubleFibre + g.solubleFibre, 30.16, 0.005);
    near(g.insolubleFibre + g.solubleFibre, 9.3, 0.005);
    expect(SOYBEANS.cupG).toBe(186);
  });
  test('every share that can leave is a share', () => {
    for (const c of COMPONENTS) {
      expect(SOYBEANS.canLeave[c]).toBeGreaterThanOrEqual(0);
      expect(SOYBEANS.canLeave[c]).toBeLessThanOrEqual(1);
    }
  });
});

test('energy by Regulation (EU) 1169/2011 annex XIV: protein 2.99, fat 1.58, carbohydrate 1.15 of which fibre .05: 31.0 kcal/100 ml', () =>
  near(kcalPer100Ml(1.0107, { protein: 0.0299, fat: 0.0158, carbohydrate: 0.0115, fibre: 0.0005 }), 31.0, 0.1));
