import { grams, NO_GRAMS } from './components';
import type { ByTemperature, Material } from './types';

/** Raw rice in plenty of water: as rice flakes (models §6; estimate). */
const RAW_SWELLS: ByTemperature = [
  [20, 2],
  [60, 2.2],
  [65, 3],
  [70, 5],
  [80, 7],
  [90, 9.5],
  [95, 12],
  [100, 15],
];
/**
 * Cooked rice swelled in what little water it had, about two grams a gram, and goes on only when the milk is heated
 * (an estimate: the cold end is the water of cooked rice itself, the hot end that of raw rice).
 */
const COOKED_SWELLS: ByTemperature = [
  [20, 3.2],
  [60, 3.6],
  [70, 5],
  [80, 7],
  [90, 9.5],
  [95, 12],
  [100, 15],
];
const RICE = {
  liquid: false,
  milk: 'rice',
  hullShare: 0,
  hull: NO_GRAMS,
  kneads: 0,
  holdFactor: 0.9,
  foamShare: 0.1,
  rinse: null,
  capBelowC: null,
  inhibitorLabileShare: null,
  keeps: { raw: { days: 3, capDays: 3 }, heated: { days: 3, capDays: 3 }, boiled: { days: 3, capDays: 3 } },
  warmer: {},
  allergens: [],
} as const;
/** Of raw grains less leaves than of cooked ones: the starch as of rice flakes, the rest estimates. */
const RAW_LEAVES = grams({
  protein: 0.45,
  fat: 0.5,
  starch: 0.4,
  sugars: 1,
  insolubleFibre: 0.1,
  otherCarb: 0.3,
  ash: 0.7,
});

/** USDA Standard Reference (values from memory of the source): rice, white, long-grain, raw; one US cup 185 g. */
export const RICE_WHITE: Material = {
  ...RICE,
  id: 'rice-white',
  name: 'White rice, raw',
  basis: 'dry',
  per100g: grams({
    protein: 7.13,
    fat: 0.66,
    starch: 78.4,
    sugars: 0.12,
    insolubleFibre: 1.3,
    otherCarb: 0.13,
    ash: 0.64,
  }),
  canLeave: RAW_LEAVES,
  hydration: { k1H: 0.34, k2: 3.1 },
  pieceUm: 3000,
  openingJPerG: 22,
  starchBody: { swells: RAW_SWELLS, gelC: [66, 80], gelledC: 0 },
  cookedAs: 'rice-cooked',
  cupG: 185,
  pricePerKg: 2.2,
  source: 'USDA Standard Reference, rice, white, long-grain, raw',
};

/** Cooked: water 68.44, protein 2.69, fat .28, carbohydrate 28.17, of it fibre .4, sugars .05, ash .41; one US cup 158 g. */
export const RICE_COOKED: Material = {
  ...RICE,
  id: 'rice-cooked',
  name: 'White rice, cooked',
  basis: 'cooked',
  per100g: grams({
    protein: 2.69,
    fat: 0.28,
    starch: 27.7,
    sugars: 0.05,
    insolubleFibre: 0.4,
    otherCarb: 0.03,
    ash: 0.41,
  }),
  canLeave: grams({ protein: 0.6, fat: 0.7, starch: 0.75, sugars: 1, insolubleFibre: 0.1, otherCarb: 0.3, ash: 0.8 }),
  hydration: { k1H: 0.34, k2: 3.1 },
  pieceUm: 2000,
  openingJPerG: 12,
  starchBody: { swells: COOKED_SWELLS, gelC: [66, 80], gelledC: 100 },
  cookedAs: null,
  cupG: 158,
  pricePerKg: 0.8,
  source: 'USDA Standard Reference, rice, white, long-grain, cooked',
};

/** Water 11.80, protein 7.54, fat 3.20, carbohydrate 76.25, of it fibre 3.6, sugars .66, ash 1.20; one US cup 185 g. */
export const RICE_BROWN: Material = {
  ...RICE,
  id: 'rice-brown',
  name: 'Brown rice, raw',
  basis: 'dry',
  per100g: grams({
    protein: 7.54,
    fat: 3.2,
    starch: 71.8,
    sugars: 0.66,
    insolubleFibre: 3.6,
    otherCarb: 0.2,
    ash: 1.2,
  }),
  canLeave: RAW_LEAVES,
  hydration: { k1H: 3.4, k2: 3.1 },
  pieceUm: 3000,
  openingJPerG: 25,
  starchBody: { swells: RAW_SWELLS, gelC: [66, 80], gelledC: 0 },
  cookedAs: 'rice-brown-cooked',
  cupG: 185,
  pricePerKg: 2.6,
  source: 'USDA Standard Reference, rice, brown, long-grain, raw',
};

/** Brown rice after cooking: the raw grain with the water of cooked rice (an estimate from the raw composition). */
export const RICE_BROWN_COOKED: Material = {
  ...RICE_COOKED,
  id: 'rice-brown-cooked',
  name: 'Brown rice, cooked',
  per100g: grams({
    protein: 2.7,
    fat: 1.15,
    starch: 25.7,
    sugars: 0.24,
    insolubleFibre: 1.3,
    otherCarb: 0.07,
    ash: 0.43,
  }),
  canLeave: grams({ protein: 0.5, fat: 0.6, starch: 0.65, sugars: 1, insolubleFibre: 0.1, otherCarb: 0.3, ash: 0.75 }),
  openingJPerG: 14,
  cupG: 195,
  pricePerKg: 0.9,
  source: 'an estimate from USDA Standard Reference, rice, brown, long-grain, raw',
};
