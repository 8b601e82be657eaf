import { within } from './domain';

/** A funnel with a narrow stem: ν = a·t − b/t, mm²/s of seconds (form of ISO 2431; its 3 mm cup: .443 and 200). */
export interface Funnel {
  readonly a: number;
  readonly b: number;
}
/**
 * Sugar dissolved in water, by its share of the whole in per cent: mPa·s and g/ml at 20 °C (tables of sucrose
 * solutions, values from memory: 20 % 1.945, 40 % 6.15, 60 % 58.5).
 */
export const SYRUPS = {
  20: { mPaS: 1.945, gPerMl: 1.081 },
  40: { mPaS: 6.15, gPerMl: 1.176 },
} as const;
/** Kinematic viscosity of a syrup at 20 °C, mm²/s. */
export const syrupMm2S = (percent: keyof typeof SYRUPS): number => SYRUPS[percent].mPaS / SYRUPS[percent].gPerMl;

/**
 * The funnel that takes so many seconds for water and for a syrup; both times > 0, the syrup's the longer: RangeError.
 * 22.4 s for water, 28.0 for 40 % sugar: a .443, b 200.
 */
export function funnelFrom(waterS: number, syrupS: number, waterMm2S: number, syrupMm2: number): Funnel {
  within('seconds for water', waterS, 1e-3, 3600);
  within('seconds for syrup', syrupS, waterS * (1 + 1e-6), 36_000);
  const a = (syrupMm2 / waterS - waterMm2S / syrupS) / (syrupS / waterS - waterS / syrupS);
  return { a, b: (a * waterS - waterMm2S) * waterS };
}
/** What runs through in `s` seconds, mm²/s. */
export const throughIn = (f: Funnel, s: number): number => f.a * s - f.b / within('seconds', s, 1e-3, 36_000);
/** How much a second more or less says, mm²/s per s. */
export const perSecond = (f: Funnel, s: number): number => f.a + f.b / (s * s);
