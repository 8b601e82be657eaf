import { within } from './domain';

/**
 * Pace of spoiling relative to 4 °C: ((T+10)/14)² (square-root law, Ratkowsky et al. 1982, with Tmin −10 °C). Holds
 * −1..37 °C; below −1 °C frozen, nothing is spent; above 37 °C the pace at 37 °C.
 */
export function spoilagePace(c: number): number {
  if (c < -1) return 0;
  return ((Math.min(c, 37) + 10) / 14) ** 2;
}
/** Spending starts when milk falls below this after its last heating, °C. */
export const SPENDING_BELOW_C = 57;
/**
 * Days of keeping still spent after a heating that pasteurises, of `spentD` before it, where the whole budget is `budgetD`;
 * both at 4 °C (models §7). What is past its budget stays so: heat destroys neither toxin nor spores (USDA). The others get
 * back what is left of them once more. D 3: x 1 → 0, x 2 → 1, x 3 → 3.
 */
export const spentAfterHeating = (spentD: number, budgetD: number): number =>
  spentD < budgetD ? Math.max(0, 2 * spentD - budgetD) : spentD;
/** At 5 °C or colder at most so many days, the day it was made being day 1, whatever is done to it (FDA Food Code 3-501.17). */
export const MADE_CAP_DAYS = 7;
/** Cap in days for milk touched again after the boil (cloth, hands, unboiled water), the day made being day 1. */
export const TOUCHED_CAP_DAYS = 3;
/** Cold enough to keep, °C (FDA Food Code 3-501.16). */
export const COLD_C = 5;

/** Frozen: at most two months (common practice), days; and colder than this counts as frozen, °C. */
export const FROZEN_CAP_DAYS = 60;
/** A household freezer, °C (common practice). */
export const FREEZER_C = -18;
/** Colder than this is frozen, °C. */
export const FROZEN_BELOW_C = -1;
/** How full a vessel may be before it freezes: 1/(1 + .0905·w·ρ), w the share of water, ρ in kg/L. w .93: 92 %. */
export const freezerFill = (waterShare: number, densityKgL: number): number =>
  1 / (1 + 0.0905 * within('water share', waterShare, 0, 1) * densityKgL);
