import { grams, NO_GRAMS } from './components';
import type { ByTemperature, Material } from './types';

/** Swelling of starch in plenty of water, g/g by the hottest it has been (models §6; estimates). */
const OAT_SWELLS: ByTemperature = [
  [20, 2],
  [50, 2.1],
  [55, 2.8],
  [60, 4.5],
  [65, 6.5],
  [70, 7.5],
  [80, 9.5],
  [85, 11],
  [90, 15],
  [95, 25],
  [98, 32],
  [100, 35],
];
const SPELT_SWELLS: ByTemperature = [
  [20, 2],
  [50, 2.2],
  [55, 3.5],
  [60, 5],
  [65, 6],
  [70, 6.5],
  [80, 8],
  [90, 11],
  [95, 13],
  [100, 15],
];
const RICE_FLAKE_SWELLS: ByTemperature = [
  [20, 2],
  [60, 2.2],
  [65, 3],
  [70, 5],
  [80, 7],
  [90, 9.5],
  [95, 12],
  [100, 15],
];
const MILLET_SWELLS: ByTemperature = [
  [20, 2],
  [60, 2.2],
  [65, 3],
  [70, 6],
  [80, 10],
  [90, 16],
  [95, 24],
  [100, 30],
];
/** Starch able to leave: 40 % of the way from cold to hot between 60 and 85 °C, the rest to 98 °C (models §6). */
const leaving = (cold: number, hot: number): ByTemperature => [
  [60, cold],
  [85, cold + 0.4 * (hot - cold)],
  [98, hot],
];

const FLAKE = {
  liquid: false,
  basis: 'dry',
  hydration: { k1H: 0.0156, k2: 0.7 },
  hullShare: 0,
  hull: NO_GRAMS,
  pieceUm: 2000,
  openingJPerG: 3.3,
  kneads: 0,
  holdFactor: 1.2,
  foamShare: 0.1,
  rinse: { leaves: 0.35, starch: 0.06 },
  cookedAs: null,
  capBelowC: null,
  inhibitorLabileShare: null,
  keeps: { raw: { days: 4, capDays: 4 }, heated: { days: 4, capDays: 4 }, boiled: { days: 4, capDays: 4 } },
} as const;

/**
 * Oats, rolled, dry. USDA Standard Reference (values from memory of the source): water 10.84, protein 13.15, fat 6.52,
 * carbohydrate 67.70 of which fibre 10.1 and sugars 0.99, ash 1.77 g/100 g; one US cup 81 g. Of the fibre 4.2 g is
 * β-glucan (published range 3.5–5), starch 56.6 g. β-glucan leaves by its own law, so its share here is nothing.
 */
export const OATS: Material = {
  ...FLAKE,
  id: 'oats-rolled',
  name: 'Rolled oats',
  milk: 'oat',
  per100g: grams({
    protein: 13.15,
    fat: 6.52,
    starch: 56.6,
    sugars: 0.99,
    solubleFibre: 4.2,
    insolubleFibre: 5.9,
    otherCarb: 0.01,
    ash: 1.77,
  }),
  canLeave: grams({ protein: 0.5, fat: 0.5, starch: 0.6, sugars: 0.98, insolubleFibre: 0.25, ash: 0.7 }),
  warmer: {
    starch: [
      [60, 0.6],
      [85, 0.7],
      [98, 0.85],
    ],
  },
  starchBody: { swells: OAT_SWELLS, gelC: [55, 70], gelledC: 0 },
  cupG: 81,
  pricePerKg: 2,
  allergens: ['gluten by contamination'],
  source: 'USDA Standard Reference, oats, rolled, dry; β-glucan: middle of the published range',
};

const other = (
  m: Pick<Material, 'id' | 'name' | 'milk' | 'per100g' | 'cupG' | 'allergens' | 'pricePerKg'>,
  swells: ByTemperature,
  gelC: readonly [number, number],
  cold: number,
  hot: number,
): Material => ({
  ...FLAKE,
  ...m,
  canLeave: grams({
    protein: 0.5,
    fat: 0.5,
    starch: cold,
    sugars: 0.98,
    insolubleFibre: 0.1,
    otherCarb: 0.3,
    ash: 0.7,
  }),
  warmer: { starch: leaving(cold, hot) },
  starchBody: { swells, gelC, gelledC: 0 },
  source: 'an estimate; starch and β-glucan as published ranges have them',
});

/** Rolled spelt. */
export const SPELT_FLAKES: Material = other(
  {
    id: 'spelt-flakes',
    name: 'Spelt flakes',
    milk: 'spelt',
    per100g: grams({
      protein: 14,
      fat: 2.5,
      starch: 54,
      sugars: 3,
      solubleFibre: 0.7,
      insolubleFibre: 9,
      otherCarb: 4,
      ash: 1.8,
    }),
    cupG: 90,
    allergens: ['gluten'],
    pricePerKg: 3,
  },
  SPELT_SWELLS,
  [52, 65],
  0.45,
  0.55,
);
/** Rolled rice. */
export const RICE_FLAKES: Material = other(
  {
    id: 'rice-flakes',
    name: 'Rice flakes',
    milk: 'rice flake',
    per100g: grams({
      protein: 7,
      fat: 0.7,
      starch: 79,
      sugars: 0.2,
      solubleFibre: 0.1,
      insolubleFibre: 1.2,
      otherCarb: 0.4,
      ash: 0.6,
    }),
    cupG: 95,
    allergens: [],
    pricePerKg: 4,
  },
  RICE_FLAKE_SWELLS,
  [66, 80],
  0.4,
  0.5,
);
/** Rolled millet. */
export const MILLET_FLAKES: Material = other(
  {
    id: 'millet-flakes',
    name: 'Millet flakes',
    milk: 'millet',
    per100g: grams({
      protein: 11,
      fat: 4.2,
      starch: 65,
      sugars: 1.5,
      solubleFibre: 0.5,
      insolubleFibre: 5,
      otherCarb: 1,
      ash: 2,
    }),
    cupG: 90,
    allergens: [],
    pricePerKg: 4,
  },
  MILLET_SWELLS,
  [65, 80],
  0.6,
  0.85,
);
