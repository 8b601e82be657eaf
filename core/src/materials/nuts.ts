import { grams, NO_GRAMS } from './components';
import type { ByTemperature, Material } from './types';

const NUT = {
  liquid: false,
  hullShare: 0,
  hull: NO_GRAMS,
  foamShare: 0.1,
  rinse: null,
  cookedAs: null,
  inhibitorLabileShare: null,
} as const;
const RAW_ONE_DAY = { raw: { days: 1, capDays: 2 }, heated: { days: 3, capDays: 4 }, boiled: { days: 3, capDays: 4 } };
/** Fresh coconut that was heated: no longer than what common practice gives the dried. */
const COCONUT_KEEPS = RAW_ONE_DAY;

/** Tiger nut starch in plenty of water: gelatinises at 65–80 °C (published), swelling between spelt and millet (estimate). */
const TIGER_SWELLS: ByTemperature = [
  [20, 2],
  [60, 2.2],
  [65, 3],
  [70, 5.5],
  [75, 7.5],
  [80, 9],
  [90, 13],
  [95, 17],
  [100, 20],
];

/**
 * Tiger nuts, dried (middle values of the literature, from memory): water 8.0, protein 5.5, fat 25, carbohydrate 59.5 of
 * which fibre 14.5, sugars 15 and starch 29, ash 2.0 g/100 g; one US cup 150 g.
 */
export const TIGER_NUTS: Material = {
  ...NUT,
  id: 'tiger-nuts',
  name: 'Tiger nuts, dried',
  milk: 'tiger nut',
  basis: 'dried',
  per100g: grams({ protein: 5.5, fat: 25, starch: 29, sugars: 15, insolubleFibre: 14.5, otherCarb: 1, ash: 2 }),
  canLeave: grams({
    protein: 0.5,
    fat: 0.6,
    starch: 0.5,
    sugars: 0.96,
    insolubleFibre: 0.05,
    otherCarb: 0.3,
    ash: 0.8,
  }),
  warmer: {},
  hydration: { k1H: 4, k2: 1.5 },
  pieceUm: 8000,
  grindability: 0.6,
  openingJPerG: 25,
  kneads: 0,
  holdFactor: 0.72,
  starchBody: { swells: TIGER_SWELLS, gelC: [65, 80], gelledC: 0 },
  capBelowC: null,
  keeps: RAW_ONE_DAY,
  cupG: 150,
  pricePerKg: 9,
  allergens: [],
  source: 'middle values of the literature on dried tubers of Cyperus esculentus',
};

const FRESH_FAT: ByTemperature = [
  [15, 0.6],
  [30, 0.76],
  [60, 0.8],
  [85, 0.85],
];
const DRIED_FAT: ByTemperature = [
  [25, 0.4],
  [70, 0.6],
];

/** USDA Standard Reference (values from memory): coconut meat, raw: water 46.99, protein 3.33, fat 33.49, carbohydrate 15.23. */
export const COCONUT_FRESH: Material = {
  ...NUT,
  id: 'coconut-fresh',
  name: 'Coconut meat, fresh',
  milk: 'coconut',
  basis: 'fresh',
  per100g: grams({ protein: 3.33, fat: 33.49, sugars: 6.23, insolubleFibre: 9, ash: 0.96 }),
  canLeave: grams({ protein: 0.6, fat: 0.6, sugars: 0.96, insolubleFibre: 0.05, ash: 0.85 }),
  warmer: { fat: FRESH_FAT },
  // Fresh meat is full of its own water: it takes up next to none.
  hydration: { k1H: 20, k2: 20 },
  pieceUm: 5000,
  grindability: 0.35,
  openingJPerG: 30,
  kneads: 0,
  holdFactor: 0.9,
  starchBody: null,
  capBelowC: 12,
  keeps: COCONUT_KEEPS,
  cupG: 80,
  pricePerKg: 6,
  allergens: ['coconut (a tree nut in some countries)'],
  source: 'USDA Standard Reference, nuts, coconut meat, raw',
};
/** The same meat grated: hands can open it (.45 in a run of five minutes, .70 in two; models §3, estimate), and the shreds are finer. */
export const COCONUT_GRATED: Material = {
  ...COCONUT_FRESH,
  id: 'coconut-grated',
  name: 'Coconut, fresh, grated',
  pieceUm: 2000,
  kneads: 0.45,
  openingJPerG: 20,
};
/** Grated coconut meat, frozen. */
export const COCONUT_FROZEN: Material = {
  ...COCONUT_GRATED,
  id: 'coconut-frozen',
  name: 'Coconut, shredded, frozen',
  basis: 'frozen',
  source: 'USDA Standard Reference, nuts, coconut meat, raw; freezing changes no amounts',
};
/** Water 3.00, protein 6.88, fat 64.53, carbohydrate 23.65, of it fibre 16.3, sugars 7.35, ash 1.94; cup 80 g shredded. */
export const COCONUT_DRIED: Material = {
  ...NUT,
  id: 'coconut-dried',
  name: 'Coconut, dried, unsweetened',
  milk: 'coconut',
  basis: 'dried',
  per100g: grams({ protein: 6.88, fat: 64.53, sugars: 7.35, insolubleFibre: 16.3, ash: 1.94 }),
  canLeave: grams({ protein: 0.5, fat: 0.4, sugars: 0.95, insolubleFibre: 0.05, ash: 0.8 }),
  warmer: { fat: DRIED_FAT },
  // Shreds drink about their own weight within minutes (estimate).
  hydration: { k1H: 0.05, k2: 1 },
  pieceUm: 2000,
  grindability: 0.25,
  openingJPerG: 15,
  kneads: 0.3,
  holdFactor: 0.95,
  starchBody: null,
  capBelowC: 12,
  keeps: COCONUT_KEEPS,
  cupG: 80,
  pricePerKg: 8,
  allergens: ['coconut (a tree nut in some countries)', 'sulphites in some dried coconut'],
  source: 'USDA Standard Reference, nuts, coconut meat, dried, not sweetened',
};
/** Water 94.99, protein .72, fat .20, carbohydrate 3.71, of it fibre 1.1, sugars 2.61, ash .39; one US cup 240 g. All liquid. */
export const COCONUT_WATER: Material = {
  ...COCONUT_FRESH,
  id: 'coconut-water',
  name: 'Coconut water',
  liquid: true,
  per100g: grams({ protein: 0.72, fat: 0.2, sugars: 2.61, insolubleFibre: 1.1, ash: 0.39 }),
  canLeave: grams({ protein: 1, fat: 1, sugars: 1, insolubleFibre: 1, ash: 1 }),
  warmer: {},
  pieceUm: 20,
  openingJPerG: 0.01,
  cupG: 240,
  pricePerKg: 3,
  source: 'USDA Standard Reference, nuts, coconut water',
};

/** Water 4.41, protein 21.15, fat 49.93, carbohydrate 21.55, of it fibre 12.5, sugars 4.35, ash 2.97; one US cup 143 g. */
export const ALMONDS: Material = {
  ...NUT,
  id: 'almonds',
  name: 'Almonds, whole',
  milk: 'almond',
  basis: 'dry',
  per100g: grams({
    protein: 21.15,
    fat: 49.93,
    starch: 0.7,
    sugars: 4.35,
    insolubleFibre: 12.5,
    otherCarb: 3.99,
    ash: 2.97,
  }),
  canLeave: grams({
    protein: 0.6,
    fat: 0.6,
    starch: 0.4,
    sugars: 0.96,
    insolubleFibre: 0.05,
    otherCarb: 0.3,
    ash: 0.8,
  }),
  warmer: {},
  hydration: { k1H: 3, k2: 1.6 },
  // Brown skin: a few per cent of the kernel, mostly cell wall (estimate).
  hullShare: 0.05,
  hull: grams({ protein: 0.11, fat: 0.12, insolubleFibre: 0.55, otherCarb: 0.17, ash: 0.05 }),
  pieceUm: 5000,
  grindability: 0.7,
  openingJPerG: 22,
  kneads: 0,
  holdFactor: 0.9,
  starchBody: null,
  capBelowC: null,
  keeps: { raw: { days: 3, capDays: 3 }, heated: { days: 3, capDays: 4 }, boiled: { days: 3, capDays: 4 } },
  cupG: 143,
  pricePerKg: 13,
  allergens: ['almond (a tree nut)'],
  source: 'USDA Standard Reference, nuts, almonds',
};

/** Water 21.32, protein 1.81, fat .15, carbohydrate 74.97, of it fibre 6.7, sugars 66.47, ash 1.74; stoned, cup 147 g. */
export const DATES: Material = {
  ...NUT,
  id: 'dates',
  name: 'Dates, stoned',
  milk: 'date',
  basis: 'dried',
  per100g: grams({ protein: 1.81, fat: 0.15, sugars: 66.47, insolubleFibre: 6.7, otherCarb: 1.8, ash: 1.75 }),
  canLeave: grams({ protein: 0.5, fat: 0.5, sugars: 0.98, insolubleFibre: 0.1, otherCarb: 0.5, ash: 0.85 }),
  warmer: {},
  hydration: { k1H: 1, k2: 2 },
  pieceUm: 8000,
  openingJPerG: 6,
  kneads: 0,
  holdFactor: 0.9,
  starchBody: null,
  capBelowC: null,
  keeps: { raw: { days: 3, capDays: 3 }, heated: { days: 3, capDays: 4 }, boiled: { days: 3, capDays: 4 } },
  cupG: 147,
  pricePerKg: 10,
  allergens: [],
  source: 'USDA Standard Reference, dates, medjool',
};
