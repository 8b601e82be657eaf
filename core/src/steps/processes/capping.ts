import { materialById } from '../../materials';
import type { Stream } from '../../kitchen';
import type { Ctx } from '../types';

/** Below this the fat of some food in it sets, °C; null: of none. */
export function capSetsBelowC(s: Stream, ctx: Ctx): number | null {
  let low: number | null = null;
  for (const id in s.madeFrom) {
    const c = materialById(ctx.materials, id).capBelowC;
    if (c !== null) low = low === null ? c : Math.min(low, c);
  }
  return low;
}
