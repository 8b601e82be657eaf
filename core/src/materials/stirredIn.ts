import { grams, NO_GRAMS } from './components';
import type { Grams } from './components';
import type { Keeps, Material } from './types';

/** What is stirred in limits no keeping of its own: the milk it goes into does. */
const NO_LIMIT: Keeps = { days: 60, capDays: 60 };
const ALL = grams({
  protein: 1,
  fat: 1,
  starch: 1,
  sugars: 1,
  insolubleFibre: 1,
  solubleFibre: 1,
  otherCarb: 1,
  ash: 1,
  salt: 1,
});
interface Parts {
  readonly per100g: Grams;
  readonly cupG: number;
  readonly pricePerKg: number;
  readonly source: string;
  readonly touches?: true;
  readonly aroma?: true;
  readonly floats?: true;
  readonly allergens?: readonly string[];
}

/** Something that dissolves in the milk or stays afloat in it: it is not ground, and no law of grains asks for it. */
function stirred(id: string, name: string, p: Parts): Material {
  return {
    id,
    name,
    milk: '',
    basis: 'dry',
    liquid: true,
    per100g: p.per100g,
    canLeave: ALL,
    warmer: {},
    hydration: { k1H: 1, k2: 1 },
    hullShare: 0,
    hull: NO_GRAMS,
    pieceUm: 20,
    openingJPerG: 0.01,
    kneads: 0,
    holdFactor: 1,
    foamShare: 0,
    rinse: null,
    starchBody: null,
    cookedAs: null,
    capBelowC: null,
    inhibitorLabileShare: null,
    keeps: { raw: NO_LIMIT, heated: NO_LIMIT, boiled: NO_LIMIT },
    stirredIn: { touches: p.touches ?? false, aroma: p.aroma ?? false, floats: p.floats ?? false },
    cupG: p.cupG,
    pricePerKg: p.pricePerKg,
    allergens: p.allergens ?? [],
    source: p.source,
  };
}
/** Sugar equivalent and water, g per g (models §8; common practice, estimates): the rest is no sugar. */
const syrup = (sugar: number, water: number): Grams =>
  grams({ sugars: 100 * Math.min(sugar, 1 - water), otherCarb: 100 * Math.max(0, 1 - water - sugar) });
const COMMON = 'common practice';
const ESTIMATE = 'models §8; common practice, an estimate';

/** Salt, sweetening, spice and the like, by what they bring. Water is 100 − Σ of what is given. */
export const STIRRED_IN: readonly Material[] = [
  stirred('salt', 'Salt', { per100g: grams({ salt: 100 }), cupG: 292, pricePerKg: 1, source: 'USDA, table salt; cup' }),
  stirred('sugar', 'Sugar', {
    per100g: grams({ sugars: 100 }),
    cupG: 200,
    pricePerKg: 1.3,
    source: 'USDA, granulated sugar; cup',
  }),
  stirred('sugar-brown', 'Brown sugar', {
    per100g: grams({ sugars: 97, otherCarb: 1, ash: 0.6 }),
    cupG: 200,
    pricePerKg: 2.5,
    source: 'USDA Standard Reference, sugars, brown (from memory)',
  }),
  stirred('jaggery-syrup', 'Jaggery syrup, boiled', {
    per100g: syrup(0.65, 0.33),
    cupG: 320,
    pricePerKg: 4,
    source: 'two parts of jaggery melted in one of water; common practice, an estimate',
  }),
  stirred('honey', 'Honey', { per100g: syrup(0.77, 0.17), cupG: 339, pricePerKg: 12, source: ESTIMATE, touches: true }),
  stirred('maple-syrup', 'Maple syrup', {
    per100g: syrup(0.6, 0.32),
    cupG: 315,
    pricePerKg: 25,
    source: ESTIMATE,
    touches: true,
  }),
  stirred('agave-syrup', 'Agave syrup', {
    per100g: syrup(0.85, 0.23),
    cupG: 319,
    pricePerKg: 10,
    source: ESTIMATE,
    touches: true,
  }),
  stirred('date-syrup', 'Date flesh, mashed', {
    per100g: syrup(0.65, 0.21),
    cupG: 300,
    pricePerKg: 10,
    source: ESTIMATE,
    touches: true,
  }),
  stirred('glucose-syrup', 'Glucose syrup', {
    per100g: syrup(0.4, 0.2),
    cupG: 340,
    pricePerKg: 4,
    source: ESTIMATE,
    touches: true,
  }),
  stirred('cocoa', 'Cocoa powder, unsweetened', {
    per100g: grams({ protein: 19.6, fat: 13.7, sugars: 1.8, insolubleFibre: 33.2, otherCarb: 22.9, ash: 5.8 }),
    cupG: 86,
    pricePerKg: 18,
    source: 'USDA Standard Reference, cocoa, dry powder, unsweetened (from memory)',
    floats: true,
  }),
  stirred('chocolate', 'Dark chocolate, melted', {
    per100g: grams({ protein: 7.8, fat: 42.6, starch: 1, sugars: 24, insolubleFibre: 10.9, otherCarb: 10, ash: 2.3 }),
    cupG: 170,
    pricePerKg: 15,
    source: 'USDA Standard Reference, chocolate, dark, 70–85 % cacao solids (from memory)',
    allergens: ['soy and milk in some chocolate'],
  }),
  stirred('vanilla', 'Vanilla extract', {
    per100g: NO_GRAMS,
    cupG: 208,
    pricePerKg: 300,
    source: `counts as water; ${COMMON}`,
    aroma: true,
  }),
  stirred('cinnamon', 'Cinnamon, ground', {
    per100g: grams({ protein: 4, fat: 1.2, sugars: 2.2, insolubleFibre: 53, otherCarb: 25.4, ash: 3.6 }),
    cupG: 125,
    pricePerKg: 40,
    source: 'USDA Standard Reference, spices, cinnamon, ground (from memory)',
    aroma: true,
  }),
  stirred('cinnamon-stick', 'Cinnamon stick', {
    per100g: NO_GRAMS,
    cupG: 80,
    pricePerKg: 60,
    source: `steeped and taken out, its weight counts as water; ${COMMON}`,
    aroma: true,
  }),
  stirred('citrus-peel', 'Peel of lemon or orange', {
    per100g: NO_GRAMS,
    cupG: 96,
    pricePerKg: 10,
    source: `steeped and taken out, its weight counts as water; ${COMMON}`,
    touches: true,
    aroma: true,
  }),
  stirred('colour', 'Food colour', {
    per100g: NO_GRAMS,
    cupG: 240,
    pricePerKg: 50,
    source: `counts as water; ${COMMON}`,
    aroma: true,
  }),
  stirred('tea', 'Tea, brewed', {
    per100g: grams({ otherCarb: 0.3 }),
    cupG: 237,
    pricePerKg: 0.2,
    source: 'USDA Standard Reference, tea, black, brewed (from memory)',
    aroma: true,
  }),
];
/** Plain water: no food, and no plan needs to hold it. */
export const WATER = 'water';
