import { findRoot, interpolate } from '../numerics';
import { GAS_J_PER_MOLK, firstOrderTimes, KELVIN, ROOM_K, within } from './domain';

/** Share of β-glucan that dissolves in the end at a temperature: .25 + .0058·(T − 5), at most .75 (estimate). */
export function glucanPool(c: number): number {
  return Math.min(0.75, Math.max(0, 0.25 + 0.0058 * (c - 5)));
}
/** Activation energy of dissolving, J/mol (estimate, 25 kJ/mol). */
const GLUCAN_EA = 25_000;
/** Rates at 20 °C, per minute: while blending, and in a still soak (estimates). */
export const GLUCAN_PER_MIN = { blending: 0.9, still: 0.03 } as const;
/** Rate at a temperature relative to 20 °C: exp[−(Ea/R)(1/T − 1/293.15)]. */
export function glucanPace(c: number): number {
  return Math.exp((-GLUCAN_EA / GAS_J_PER_MOLK) * (1 / (within('temperature', c, -40, 150) + KELVIN) - 1 / ROOM_K));
}

/** Reduced volume of dissolved oat β-glucan, ml/g (estimate). */
const GLUCAN_ML_PER_G = 650;
/**
 * Relative viscosity of dissolved β-glucan: Martin's equation (1942), 1 + x·e^{0.4x}, x = 650 ml/g · c.
 * @param gPerMl g dissolved per ml of the water poured, ≥ 0; 0 → 1
 * @param uncut share of it that no enzyme has cut, 0..1
 */
export function glucanThickening(gPerMl: number, uncut: number): number {
  return martin(GLUCAN_ML_PER_G * within('glucan concentration', gPerMl, 0, Infinity) * within('uncut', uncut, 0, 1));
}
const martin = (x: number): number => 1 + x * Math.exp(0.4 * x);
/** The inverse of Martin's equation: the reduced volume x at which it thickens so many times, 1 ≤ η ≤ 300; 1 → 0. */
export function glucanVolume(times: number): number {
  return findRoot((x) => martin(x) - times, 0, 8, 1e-9 * within('thickening', times, 1, 300)).x;
}
/**
 * How many times as long β-glucan dissolves until `wants` of its pool is in the water, where by now `has` is: it goes
 * in by first order. Shares 0 < has < 1, 0 ≤ wants < 1.
 */
export const dissolvingTimes = (has: number, wants: number): number => firstOrderTimes(has, wants);

/** Volume share at which swollen granules touch and the milk sets (Krieger–Dougherty packing .64; sets from .60). */
export const SETS_FROM = 0.6;
const PACKED = 0.64;
/**
 * Relative viscosity of what takes up room in a milk, swollen starch, or fat droplets and protein together: Krieger &
 * Dougherty (1959), (1 − φ/0.64)^(−1.6).
 * @param phi volume share, ≥ 0; 0 → 1; null from 0.60 on: it sets
 */
export function starchThickening(phi: number): number | null {
  within('volume share', phi, 0, Infinity);
  return phi >= SETS_FROM ? null : (1 - phi / PACKED) ** -1.6;
}
/** Swelling power at the hottest it has been, g/g; from the material's own table. */
export function swelling(table: readonly (readonly [number, number])[], c: number): number {
  return interpolate(table, c);
}

/**
 * Volume a gram of dissolved protein takes up with its water, ml (models §6; estimates): as it comes, and in a bean milk
 * that has boiled, whose proteins have unfolded and joined.
 */
const PROTEIN_ML_PER_G = { native: 4.5, boiledBean: 6 } as const;
/** Between these the proteins of a bean unfold, °C (estimate: the lighter globulin at about 75, the heavier at about 92). */
const UNFOLDS_C = [75, 95] as const;
/** Volume of a gram of protein of which `ofBeans` (0..1) came from beans, once it has been at `hottestC`, ml. */
export function proteinMlPerG(ofBeans: number, hottestC: number): number {
  const [from, to] = UNFOLDS_C;
  const unfolded = Math.min(1, Math.max(0, (hottestC - from) / (to - from)));
  const { native, boiledBean } = PROTEIN_ML_PER_G;
  return native + (boiledBean - native) * within('share of beans', ofBeans, 0, 1) * unfolded;
}
/**
 * Relative viscosity of dissolved sugars, all alike: exp(2.65·s), from tables of sucrose at 20 °C (values from memory:
 * 5 % 1.144, 10 % 1.333, 20 % 1.941, 40 % 6.14; the law 1.150, 1.342, 1.940, 5.85).
 * @param gPerG g of sugar per g of water, ≥ 0; 0 → 1
 */
export const sugarThickening = (gPerG: number): number => Math.exp(2.65 * within('sugar', gPerG, 0, Infinity));

/** Viscosity of water, mPa·s, 0..100 °C: Vogel, 2.414e-5·10^(247.8/(T − 140)) Pa·s, T in kelvin. 20 °C: 1.00. */
export function waterMPaS(c: number): number {
  return 0.02414 * Math.exp((Math.LN10 * 247.8) / (within('temperature', c, -5, 150) + KELVIN - 140));
}

/** How much of the thickeners a hand drives through the cloth, relative to a firm twist (estimate). */
export const SQUEEZED = {
  drip: 0.85,
  shake: 0.85,
  gentle: 0.85,
  spoon: 0.95,
  pestle: 1,
  twist: 1,
  press: 1.15,
  juicer: 1.15,
} as const;

/** Words from relative viscosity (models §6): thin < 1.4, like milk < 3, creamy < 8, thick < 30, sets. */
export const BODY_FROM = { likeMilk: 1.4, creamy: 3, thick: 8, sets: 30 } as const;
/** Slippery from the β-glucan part alone: clean < 1.2, silky < 1.8, slippery < 3, slimy. */
export const SLIPPERY_FROM = { silky: 1.2, slippery: 1.8, slimy: 3 } as const;
/** Pasty when the starch part is above this; watery under this share of total solids. */
export const PASTY_FROM = 3;
/** Under this share of solids a milk is watery, 0..1 (models §6). */
export const WATERY_BELOW = 0.028;
