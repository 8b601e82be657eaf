import type { Component, Grams } from './components';

export type Basis = 'dry' | 'soaked' | 'cooked' | 'fresh' | 'frozen' | 'dried';
/** Peleg's constants at 20 °C: k1H in hours, k2 dimensionless (g dry matter per g water gained). */
export interface Hydration {
  readonly k1H: number;
  readonly k2: number;
}
/** Ascending [°C, value] points, straight between them and flat beyond. */
export type ByTemperature = readonly (readonly [number, number])[];
export interface StarchBody {
  /** Water and starch per g of starch after it has been at a temperature in plenty of water, g/g (models §6; estimate). */
  readonly swells: ByTemperature;
  /** Gelatinisation, °C: from, to. */
  readonly gelC: readonly [number, number];
  /** The temperature the starch has already seen before it comes here (cooked rice 100), °C; raw: 0. */
  readonly gelledC: number;
}
export interface Keeps {
  readonly days: number;
  readonly capDays: number;
}
export interface Material {
  readonly id: string;
  readonly name: string;
  /** The milk it makes, for words: soy, oat, rice …; of an own food by the cook's word, empty until it is said. */
  readonly milk: string;
  /** Of an own food: the milk of the food it is like, by which it behaves. */
  readonly behavesAs?: string;
  readonly basis: Basis;
  /** Poured, not ground: its water is free and its solids are in it. */
  readonly liquid: boolean;
  /** g per 100 g as bought; water is 100 − Σ, so components and water always add up. Soluble fibre is β-glucan. */
  readonly per100g: Grams;
  /** Share 0..1 of each component able to leave at a full grind (models §4; estimates). */
  readonly canLeave: Grams;
  /** Where that share grows with the temperature of the grind or the wash: component → [°C, share]. */
  readonly warmer: Readonly<Partial<Record<Component, ByTemperature>>>;
  readonly hydration: Hydration;
  /** Share of dry matter that is hull, and the hull's own make-up per g (models §2). */
  readonly hullShare: number;
  readonly hull: Grams;
  /** Edge of the piece as it goes to the jug, µm. */
  readonly pieceUm: number;
  /** How readily it breaks beside a soaked bean (von Rittinger’s k; models §3, estimate). Absent: as a bean. */
  readonly grindability?: number;
  /** E0 of the opened-share law, J/g. */
  readonly openingJPerG: number;
  /** Share of the shut cells that five minutes of kneading by hand open (grated coconut .45); 0: hands open nothing. */
  readonly kneads: number;
  /** κ: liquid held per g of insoluble, relative to soy-like 1 (models §4). */
  readonly holdFactor: number;
  readonly foamShare: number;
  /** Thin pieces that hold what dissolves: a throw-away rinse leaves `leaves` of it and takes `starch` of the starch. */
  readonly rinse: { readonly leaves: number; readonly starch: number } | null;
  readonly starchBody: StarchBody | null;
  /**
   * Stirred into milk, never ground: salt, syrup, spice. `touches`: raw, it brings germs back to what was boiled; `aroma`:
   * given for its smell, it counts as mass alone; `floats`: dry powder that clots unless it is slaked first. Absent: a
   * food, which weighs in every law.
   */
  readonly stirredIn?: { readonly touches: boolean; readonly aroma: boolean; readonly floats: boolean };
  /** Material id after cooking by absorption. */
  readonly cookedAs: string | null;
  /** Fat sets and rises as a cap that lifts off when it stands colder than this, °C. */
  readonly capBelowC: number | null;
  /**
   * Trypsin inhibitor and lipoxygenase of a raw bean: the labile share of the inhibitor (the rest is the stable phase);
   * null: none, so it need not be boiled and cannot turn beany.
   */
  readonly inhibitorLabileShare: number | null;
  /** Days at 4 °C by hygiene: low end of common practice, and the cap at ≤ 5 °C with the day made as day 1 (models §7). */
  readonly keeps: Readonly<Record<'raw' | 'heated' | 'boiled', Keeps>>;
  readonly cupG: number;
  /** Usual price, per kg, in a currency of about a euro (an estimate; a kitchen's own price goes before it). */
  readonly pricePerKg: number;
  readonly allergens: readonly string[];
  /** Of an own food: the cook has said which allergens it holds. */
  readonly allergensStated?: boolean;
  readonly source: string;
}
