/**
 * Soy trypsin inhibitor: two first-order phases, 70 % labile (D 10 min at 100 °C) and 30 % stable (D 60 min), both with
 * z = 29 °C. Fitted to Kwok, Qin & Tsang 1993 (J. Food Sci. 58:859); Hackler et al. 1965; Van Buren et al. 1964
 * (values from memory of the sources).
 */
export const INHIBITOR = { labileDMin: 10, stableDMin: 60, zC: 29 } as const;
/** Goal: at most a fifth left over the whole history, and ten minutes at the true boil (decision 15). */
export const INHIBITOR_GOAL = 0.2;
/** At least so long at the true boil, s (decision 15). */
export const BOIL_AT_LEAST_S = 600;
/** Heat is not credited to a whole bean until it is hot through: dry 5 min, soaked 2 min (models §5). */
export const HOT_THROUGH_S = { dry: 300, soaked: 120 } as const;

/** Equivalent minutes at 100 °C that one minute at `c` counts for. */
export function inhibitorPace(c: number): number {
  return Math.exp((Math.LN10 * (c - 100)) / INHIBITOR.zC);
}
/** Share of the labile phase left after minutes at 100 °C, ≥ 0; 0 → 1, 10 → 0.1. */
export function labileLeft(minutesAt100: number): number {
  return Math.exp((-Math.LN10 * minutesAt100) / INHIBITOR.labileDMin);
}
/** Share of the stable phase left after minutes at 100 °C, ≥ 0; 0 → 1, 60 → 0.1. */
export function stableLeft(minutesAt100: number): number {
  return Math.exp((-Math.LN10 * minutesAt100) / INHIBITOR.stableDMin);
}
/** Share left after minutes at 100 °C, for a labile share (soy .7): 0 → 1, 10 → 0.27, 20 → 0.15, 30 → 0.10. */
export function inhibitorLeft(minutesAt100: number, labileShare: number): number {
  return labileShare * labileLeft(minutesAt100) + (1 - labileShare) * stableLeft(minutesAt100);
}

/** Pasteurising minutes at 70 °C that one minute at `c` counts for (z 7.5 °C); two are enough; never enough for soy. */
export function pasteurisingPace(c: number): number {
  return Math.exp((Math.LN10 * (c - 70)) / 7.5);
}
/** Enough minutes at 70 °C, or their like (common practice). */
export const PASTEURISED_MIN = 2;
