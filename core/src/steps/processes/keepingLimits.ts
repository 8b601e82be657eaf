import { coefficientId, inhibitorLeftOf, massG, waterG } from '../../kitchen';
import type { Stream } from '../../kitchen';
import { materialById, milkCalled } from '../../materials';
import type { Keeps, Material } from '../../materials';
import {
  BOIL_AT_LEAST_S,
  COOLING_LIMITS,
  INHIBITOR_GOAL,
  MADE_COLD_S,
  spentAfterHeating,
  TOUCHED_CAP_DAYS,
} from '../../laws';
import type { Ctx } from '../types';

export interface Keeping {
  /** Its budget, days at 4 °C, as this kitchen has learned it, and its cap. */
  readonly days: number;
  readonly capDays: number;
  /** What the kitchen learns it as: the milk and the state of the food that limits it. */
  readonly thing: string;
}
/** Drier than this nothing grows in it, water as a share (water activity of flours; common practice: 14 % at most). */
const DRY_WATER = 0.14;
/** Food that was opened and dried: no rule of milk says how long it keeps. */
export const isFlour = (s: Stream): boolean => s.openedShare > 0 && massG(s) > 0 && waterG(s) / massG(s) < DRY_WATER;
/** What limits the keeping of this stream: the weakest of its materials, by hygiene. */
export function keepingOf(s: Stream, ctx: Ctx): Keeping | null {
  if (isFlour(s)) return null;
  const done = isBoiledEnough(s);
  let least: Keeping | null = null;
  let capDays = Infinity;
  for (const id in s.madeFrom) {
    const m = materialById(ctx.materials, id);
    const bean = m.inhibitorLabileShare !== null;
    // Boiled, touched, and warmed again: a bean milk that had its boil keeps as what is touched.
    const again = s.hygiene === 'touched' || (bean && done && s.hygiene === 'heated');
    const as = bean && !done ? 'raw' : again ? 'boiled' : s.hygiene;
    const k = m.keeps[as];
    const thing = keepingThing(milkCalled(m), again ? 'touched' : as);
    const own = ctx.beliefs[coefficientId('keeping', thing)];
    // Only a kitchen drawn for a range may keep it for less than usual.
    const days = heldDays(k.days * (own?.mean ?? 1), k.days * Math.min(1, own?.low ?? 1), k.capDays);
    capDays = Math.min(capDays, again ? touchedCap(s, k, m.keeps.raw) : k.capDays);
    if (least === null || days < least.days) least = { days, capDays, thing };
  }
  return least && { ...least, capDays };
}
/** What a kitchen's own jars say moves the keeping between a least value, usually the usual, and the cap; all in days. */
export const heldDays = (ownD: number, leastD: number, capDays: number): number =>
  Math.min(Math.max(ownD, leastD), Math.max(leastD, capDays));

const KEEPING_STATES = ['raw', 'heated', 'boiled', 'touched'] as const;
/** Every state of the milks of some foods whose keeping is a coefficient. */
export const keepingThings = (foods: readonly Material[]): readonly string[] => [
  ...new Set(foods.flatMap((m) => (m.stirredIn ? [] : KEEPING_STATES.map((s) => keepingThing(milkCalled(m), s))))),
];
/** What a kitchen learns the keeping of: a milk in a state. */
const keepingThing = (milk: string, state: string): string =>
  `${milk === '' ? 'other' : milk.replace(/[^\w.-]+/g, '-')}-${state}`;

/** Touched again after the boil; what was only warmed is no worse for it than what never was. */
function touchedCap(s: Stream, boiled: Keeps, raw: Keeps): number {
  const least = s.boilS > 0 ? TOUCHED_CAP_DAYS : Math.max(TOUCHED_CAP_DAYS, raw.capDays);
  return Math.min(least, boiled.capDays);
}

/** A bean milk is done when the inhibitor is at the goal and it had its ten minutes at the true boil (decision 15). */
export function isBoiledEnough(s: Stream): boolean {
  const left = inhibitorLeftOf(s);
  return left === null || (left <= INHIBITOR_GOAL + 1e-6 && s.boilS >= BOIL_AT_LEAST_S - 1e-6);
}

/** Is it past its time for good? What was past it when it was heated stays so. */
export const isSpoiled = (s: Stream, ctx: Ctx): boolean => {
  if (s.spoiled) return true;
  const limit = keepingOf(s, ctx);
  return limit !== null && s.spentD >= limit.days;
};
/** Were the limits of cooling kept since its last heating (FDA Food Code 3-501.14)? Raw food is made cold within four hours. */
export const limitsKept = (s: Pick<Stream, 'hygiene' | 'above21S' | 'above5S'>): boolean =>
  s.above21S <= COOLING_LIMITS.midS && s.above5S <= (s.hygiene === 'raw' ? MADE_COLD_S : COOLING_LIMITS.endS);
/** What a heating that pasteurises leaves of what is spent, from the stream as it was before: see models §7. */
export function afterHeating(s: Stream, ctx: Ctx): { readonly spentD: number; readonly spoiled: boolean } {
  const limit = keepingOf(s, ctx);
  if (!limit) return { spentD: 0, spoiled: s.spoiled };
  if (s.spoiled || s.spentD >= limit.days) return { spentD: s.spentD, spoiled: true };
  return { spentD: limitsKept(s) ? spentAfterHeating(s.spentD, limit.days) : s.spentD, spoiled: false };
}
