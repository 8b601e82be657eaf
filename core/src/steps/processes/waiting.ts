import { hasFood } from '../../kitchen';
import type { Stream } from '../../kitchen';
import { longestSoakH, outOfColdS, SPENDING_BELOW_C } from '../../laws';
import { HOUR_S } from '../../units';
import type { Ctx } from '../types';

/** Whole raw pieces, dry or in their water, and what is cooked but dry: they do not spoil by standing some hours. */
export const isShut = (s: Stream): boolean =>
  !hasFood(s) || (s.openedShare === 0 && (s.hygiene === 'raw' || (s.freeWaterG <= 0 && s.gainedWaterG <= 0)));

/**
 * How long a stream may stand in the room before its next step, s; null: as long as one likes. Whole wet pieces as long
 * as a soak may last, all their wet hours counted; opened or cooked food two hours once it is below 57 °C, one in a hot
 * room (USDA). Dry food waits in the larder.
 */
export function mayWaitS(s: Stream, ctx: Ctx): number | null {
  if (!hasFood(s)) return null;
  const wet = s.freeWaterG > 0 || s.gainedWaterG > 0;
  const cooked = s.hygiene !== 'raw';
  if (s.openedShare === 0 && !cooked)
    return wet ? Math.max(0, longestSoakH(ctx.kit.roomC) * HOUR_S - s.readyAtS) : null;
  // Toasted and dried food is cooked but dry.
  if (s.openedShare === 0 && !wet) return null;
  return Math.max(0, outOfColdS(ctx.kit.roomC) - (s.temperatureC >= SPENDING_BELOW_C ? 0 : s.above5S));
}
