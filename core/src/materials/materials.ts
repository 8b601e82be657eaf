import { grams } from './components';
import type { Grams } from './components';

export type Basis = 'dry' | 'soaked' | 'cooked' | 'fresh' | 'frozen' | 'dried';
/** Peleg's constants at 20 °C: k1H in hours, k2 dimensionless (g dry matter per g water gained). */
export interface Hydration {
  readonly k1H: number;
  readonly k2: number;
}
export interface Material {
  readonly id: string;
  readonly name: string;
  readonly basis: Basis;
  /** g per 100 g as bought; water is 100 − Σ, so components and water always add up. */
  readonly per100g: Grams;
  /** Share 0..1 of each component able to leave at a full grind (models §4; estimates). */
  readonly canLeave: Grams;
  readonly hydration: Hydration;
  /** Share of dry matter that is hull, and the hull's own make-up per g (models §2). */
  readonly hullShare: number;
  readonly hull: Grams;
  /** Edge of the piece as it goes to the jug, µm. */
  readonly pieceUm: number;
  /** E0 of the opened-share law, J/g. */
  readonly openingJPerG: number;
  /** κ: liquid held per g of insoluble, relative to soy-like 1 (models §4). */
  readonly holdFactor: number;
  readonly foamShare: number;
  /**
   * Trypsin inhibitor and lipoxygenase of a raw bean: the labile share of the inhibitor (the rest is the stable phase);
   * null: none, so it need not be boiled and cannot turn beany.
   */
  readonly inhibitorLabileShare: number | null;
  /** Days at 4 °C by hygiene: low end of common practice, and the cap at ≤ 5 °C with the day made as day 1 (models §7). */
  readonly keeps: Readonly<Record<'raw' | 'heated' | 'boiled', { readonly days: number; readonly capDays: number }>>;
  readonly cupG: number;
  readonly allergens: readonly string[];
  readonly source: string;
}

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
  basis: 'dry',
  per100g: grams({ protein: 36.49, fat: 19.94, sugars: 7.33, insolubleFibre: 9.3, otherCarb: 13.53, ash: 4.87 }),
  canLeave: grams({ protein: 0.88, fat: 0.85, sugars: 0.98, insolubleFibre: 0.05, otherCarb: 0.35, ash: 0.85 }),
  hydration: { k1H: 0.7, k2: 0.7 },
  hullShare: 0.08,
  hull: BEAN_HULL,
  pieceUm: 5000,
  openingJPerG: 19,
  holdFactor: 1.1,
  foamShare: 0.3,
  inhibitorLabileShare: 0.7,
  keeps: { raw: { days: 1, capDays: 2 }, heated: { days: 1, capDays: 2 }, boiled: { days: 3, capDays: 5 } },
  cupG: 186,
  allergens: ['soy'],
  source: 'USDA Standard Reference, soybeans, mature seeds, raw',
};

export const MATERIALS: readonly Material[] = [SOYBEANS];

export function materialById(all: readonly Material[], id: string): Material {
  const found = all.find((m) => m.id === id);
  if (!found) throw new RangeError(`material "${id}" is not among ${all.map((m) => m.id).join(', ')}`);
  return found;
}
