import { grams, NO_GRAMS } from './components';
import { ALMONDS, DATES } from './nuts';
import type { Material } from './types';

/**
 * Sesame, whole, dried (USDA Standard Reference, from memory): water 4.69, protein 17.73, fat 49.67, carbohydrate 23.45 of
 * which fibre 11.8 and sugars .3, ash 4.45 g/100 g; one US cup 144 g. Its laws are those of almonds, the seed finer.
 */
export const SESAME: Material = {
  ...ALMONDS,
  id: 'sesame',
  name: 'Sesame seeds',
  milk: 'sesame',
  per100g: grams({
    protein: 17.73,
    fat: 49.67,
    starch: 0,
    sugars: 0.3,
    insolubleFibre: 11.8,
    otherCarb: 11.3,
    ash: 4.45,
  }),
  hullShare: 0.15,
  pieceUm: 2000,
  cupG: 144,
  pricePerKg: 6,
  allergens: ['sesame'],
  source: 'USDA Standard Reference, seeds, sesame seeds, whole, dried (from memory); laws as almonds, an estimate',
};
/** Sunflower kernels: water 4.73, protein 20.78, fat 51.46, carbohydrate 20 of which fibre 8.6, sugars 2.62, ash 3.02; cup 140 g. */
export const SUNFLOWER_SEEDS: Material = {
  ...ALMONDS,
  id: 'sunflower-seeds',
  name: 'Sunflower kernels',
  milk: 'sunflower',
  per100g: grams({
    protein: 20.78,
    fat: 51.46,
    starch: 0,
    sugars: 2.62,
    insolubleFibre: 8.6,
    otherCarb: 8.78,
    ash: 3.02,
  }),
  hullShare: 0,
  hull: NO_GRAMS,
  cupG: 140,
  pricePerKg: 5,
  allergens: [],
  source: 'USDA Standard Reference, seeds, sunflower seed kernels, dried (from memory); laws as almonds, an estimate',
};
/** Hemp kernels: water 4.96, protein 31.56, fat 48.75, carbohydrate 8.67 of which fibre 4 and sugars 1.5, ash 6.06; cup 160 g. */
export const HEMP_SEEDS: Material = {
  ...ALMONDS,
  id: 'hemp-seeds',
  name: 'Hemp kernels',
  milk: 'hemp',
  per100g: grams({ protein: 31.56, fat: 48.75, starch: 0, sugars: 1.5, insolubleFibre: 4, otherCarb: 3.1, ash: 6.06 }),
  hullShare: 0,
  hull: NO_GRAMS,
  pieceUm: 2500,
  cupG: 160,
  pricePerKg: 14,
  allergens: [],
  source: 'USDA Standard Reference, seeds, hemp seed, hulled (from memory); laws as almonds, an estimate',
};
/** Strawberries, raw: water 90.95, protein .67, fat .3, carbohydrate 7.68 of which fibre 2 and sugars 4.89, ash .4; cup 152 g. */
export const BERRIES: Material = {
  ...DATES,
  id: 'berries',
  name: 'Berries, fresh',
  milk: 'berry',
  basis: 'fresh',
  per100g: grams({ protein: 0.67, fat: 0.3, sugars: 4.89, insolubleFibre: 2, otherCarb: 0.79, ash: 0.4 }),
  hydration: { k1H: 20, k2: 20 },
  openingJPerG: 2,
  keeps: { raw: { days: 2, capDays: 2 }, heated: { days: 3, capDays: 3 }, boiled: { days: 3, capDays: 4 } },
  cupG: 152,
  pricePerKg: 9,
  source: 'USDA Standard Reference, strawberries, raw (from memory); laws as dates, an estimate',
};
