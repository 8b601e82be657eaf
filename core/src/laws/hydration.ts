import { GAS_J_PER_MOLK, KELVIN, ROOM_K, within } from './domain';

/** Activation energy of the soaking rate, J/mol: 30 ± 8 kJ/mol (estimate; spread 1 σ). */
const SOAK_EA = 30_000;

/**
 * Peleg's rate constant at a temperature: K1(T) = K1(20 °C)·exp[(Ea/R)(1/T − 1/293.15)], hours.
 * @param c water temperature, 0..100 °C
 */
export function pelegK1(k1At20H: number, c: number): number {
  return (
    k1At20H * Math.exp((SOAK_EA / GAS_J_PER_MOLK) * (1 / (within('temperature', c, -40, 150) + KELVIN) - 1 / ROOM_K))
  );
}

/**
 * Water taken up, g per g of dry matter, in state form, exact for any temperature history (Peleg 1988, J. Food Sci.
 * 53:1216, rate form): 1/(1 − K2·M) = 1/(1 − K2·M0) + K2·∫dt/K1(T).
 * @param m0 taken up so far, 0 ≤ m0 < 1/K2
 * @param integral ∫dt/K1(T(t)), dimensionless, ≥ 0 (0 → m0 again)
 */
export function pelegGain(m0: number, k2: number, integral: number): number {
  within('integral', integral, 0, Infinity);
  const g0 = 1 / (1 - Math.min(0.999999, k2 * m0));
  return (1 - 1 / (g0 + k2 * integral)) / k2;
}

/**
 * The inverse of {@link pelegGain}: hours at one temperature from one share of full uptake to another, 0 ≤ from ≤ to < 1.
 * @param k1H Peleg's rate constant at that temperature, h. Soy at 20 °C (0.70, 0.70) 0 → 0.9: 9.0 h.
 */
export function pelegHours(k1H: number, k2: number, from: number, to: number): number {
  within('share of full uptake', to, 0, 1 - 1e-9);
  return from >= to ? 0 : ((1 / (1 - to) - 1 / (1 - from)) / within('K2', k2, 1e-9, Infinity)) * k1H;
}

/** Longest soak before it goes off, hours: 12 h at 21 °C, 12·(31/(T+10))² (common practice, shaped by the square-root law). */
export function longestSoakH(c: number): number {
  const t = within('temperature', c, -9, 60);
  return 12 * (31 / (t + 10)) ** 2;
}

/** Relative pace of losing solids into the soak water: 1 up to 25 °C, 480 at 100 °C (estimate). */
export function solidsLossPace(c: number): number {
  return Math.exp((Math.log(480) / 75) * Math.max(0, c - 25));
}

/**
 * Share of dry matter lost into water that is thrown away, after `h` hours at the cold pace (estimate; models §2:
 * 8–12 h 1.5 %, 24 h 3 %, boiled 3 min ≙ 24 h 3 %, boiled 30 min ≙ 240 h 9 %). 0 h → 0; flat past 300 h.
 */
export function solidsLossShare(h: number): number {
  within('hours', h, 0, Infinity);
  if (h <= 10) return 0.0015 * h;
  if (h <= 24) return 0.015 + (0.015 * (h - 10)) / 14;
  return 0.03 + (0.06 * (Math.min(h, 300) - 24)) / 216;
}

/** What the lost dry matter is made of: sugars 60, ash 25, protein 15 % (estimate). */
export const LOSS_MAKEUP = { sugars: 0.6, ash: 0.25, protein: 0.15 } as const;

/** Bulk volume of soaked solids and the water that covers them by `coverCm` in a bowl, g (models §2 cover rule). */
export function coverWater(solidsG: number, absorbedG: number, bowlDiameterCm: number, coverCm: number): number {
  const bed = (solidsG / 1.2 + absorbedG) / 0.6;
  return absorbedG + 0.4 * bed + coverCm * Math.PI * (within('bowl diameter', bowlDiameterCm, 1, 200) / 2) ** 2;
}
