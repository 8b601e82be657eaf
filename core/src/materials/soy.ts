import { grams } from './components';
import type { Material } from './types';

/** Hull of a bean, per g: models §2 (estimate; mostly cell wall). */
const BEAN_HULL = grams({ protein: 0.11, fat: 0.02, insolubleFibre: 0.65, otherCarb: 0.17, ash: 0.05 });

/**
 * Soybeans, mature, raw. USDA Standard Reference (values from memory of the source): water 8.54, protein 36.49,
 * fat 19.94, carbohydrate 30.16 of which fibre 9.3 and sugars 7.33, ash 4.87 g/100 g; one US cup 186 g.
 * Hydration: an estimate within the published range of Peleg constants for soybean (0.70 h, 0.70 at 20 °C).
 */
export const SOYBEANS: Material = {
  id: 'soybeans',
  name: 'Soybeans, dry',
  milk: 'soy',
  basis: 'dry',
  per100g: grams({ protein: 36.49, fat: 19.94, sugars: 7.33, insolubleFibre: 9.3, otherCarb: 13.53, ash: 4.87 }),
  canLeave: grams({ protein: 0.88, fat: 0.9, sugars: 0.98, insolubleFibre: 0.05, otherCarb: 0.6, ash: 0.85 }),
  warmer: {},
  hydration: { k1H: 0.7, k2: 0.7 },
  liquid: false,
  hullShare: 0.08,
  hull: BEAN_HULL,
  pieceUm: 5000,
  openingJPerG: 19,
  kneads: 0,
  holdFactor: 1.6,
  foamShare: 0.3,
  rinse: null,
  starchBody: null,
  cookedAs: null,
  capBelowC: null,
  inhibitorLabileShare: 0.7,
  keeps: { raw: { days: 1, capDays: 2 }, heated: { days: 1, capDays: 2 }, boiled: { days: 3, capDays: 5 } },
  cupG: 186,
  pricePerKg: 3.2,
  allergens: ['soy'],
  source: 'USDA Standard Reference, soybeans, mature seeds, raw',
};
