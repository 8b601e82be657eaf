import { interpolate } from '../numerics';

/** Per minute and dose per litre at the best temperature (estimates). */
const STARCH_PER_MIN = 0.05;
const GLUCAN_CUT_PER_MIN = 0.08;
/** How hard an amylase works by the temperature now (estimate): nothing from 80 °C on. */
const AMYLASE_AT: readonly (readonly [number, number])[] = [
  [4, 0.05],
  [20, 0.15],
  [37, 0.45],
  [55, 1],
  [65, 0.7],
  [75, 0.1],
  [80, 0],
];
/** How hard the glucanase of capsules and malt works (estimate): nothing from 55 °C on. */
const GLUCANASE_AT: readonly (readonly [number, number])[] = [
  [4, 0.2],
  [20, 0.5],
  [40, 1],
  [50, 0.5],
  [55, 0],
];
/** Seen this temperature, the enzyme is dead, °C (common practice). */
export const ENZYME_DEAD_C = 80;

/** How open starch is to it: .1 raw, 1 once gelatinised; by the hottest it has ever been, °C (estimate). */
export function starchOpen(hottestC: number): number {
  return 0.1 + 0.9 * Math.min(1, Math.max(0, (hottestC - 52) / 14));
}
/** Rate of cutting starch, per minute: share cut X = 1 − exp(−rate·t). */
export function starchCutPerMin(dosesPerL: number, c: number, hottestC: number): number {
  return STARCH_PER_MIN * dosesPerL * interpolate(AMYLASE_AT, c) * starchOpen(hottestC);
}
/** Rate of cutting β-glucan, per minute; a pure amylase: 0. */
export function glucanCutPerMin(dosesPerL: number, c: number): number {
  return GLUCAN_CUT_PER_MIN * dosesPerL * interpolate(GLUCANASE_AT, c);
}
/** A dose of diastatic malt flour, a level teaspoon (common practice), g. */
export const MALT_DOSE_G = 3;
/** Grams of maltose a gram of starch becomes, with the water it takes up (342.3/324.3, exact by the formula). */
export const MALTOSE_PER_STARCH = 1.056;
/** Of the thickening, what cut starch no longer gives (estimate). */
export const CUT_THINS = 0.9;
