import { within } from './domain';
import { FROZEN_BELOW_C } from './spoilage';
import { waterMPaS } from './thickening';

/** Density above that of the milk, kg/m³ (models §7). */
export const HEAVIER = { starch: 500, grit: 350, fat: -95 } as const;
const G = 9.81;
/**
 * Settling of small particles, mm/h: Stokes Δρ·g·d²/(18μ), hindered by (1 − φ)^4.65 (Richardson & Zaki 1954).
 * 10 µm, 500 kg/m³, 2 mPa·s: 49.03 mm/h; at φ .02 44.64. Negative: it rises.
 */
export function settlingMmPerH(deltaKgM3: number, um: number, mPaS: number, phi = 0): number {
  const ms = (deltaKgM3 * G * (um * 1e-6) ** 2) / ((18 * within('viscosity', mPaS, 1e-3, Infinity)) / 1000);
  return ms * 3.6e6 * (1 - within('volume share', phi, 0, 1)) ** 4.65;
}
/**
 * Pace at which a standing milk parts, relative to 20 °C: by how thin its water is there (Vogel). 4 °C: .64; frozen: 0.
 */
export const standingPace = (c: number): number =>
  c < FROZEN_BELOW_C ? 0 : waterMPaS(20) / waterMPaS(Math.min(c, 150));
/** Swollen starch this crowded settles no more, volume share. */
export const HELD_UP_FROM = 0.5;

/** A set coconut cap: its fat (between these), what stays behind, shares (models §7), and from where it softens, °C (common practice). */
export const CAP = { fat: 0.4, leastFat: 0.2, mostFat: 0.8, leftFat: 0.02, softensC: 24 } as const;

/** Mass of a fat cap lifted off, g: all but `leftFat` of the fat goes, in a cap of `capFat`. 600 g at 12 %, 40, 2 → 157.9. */
export function capG(massG: number, fat: number, capFat: number, leftFat: number): number {
  return fat <= leftFat || capFat <= leftFat ? 0 : (massG * (fat - leftFat)) / (capFat - leftFat);
}
