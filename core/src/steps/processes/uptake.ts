import { multiplier } from '../../kitchen';
import type { Stream } from '../../kitchen';
import { handlingOf, materialById, sumGrams } from '../../materials';
import type { Ctx } from '../types';

/**
 * What the hard pieces that are still shut have drunk, as a share of what they can hold, ≥ 0. Opening takes their own water
 * and what they drank in proportion, so that it stays the same through any number of grinds. No hard food in it: 0.
 */
export function uptakeOfShut(s: Stream, ctx: Ctx): number {
  if (s.gainedWaterG <= 0) return 0;
  let dry = 0;
  let own = 0;
  let k2 = 0;
  for (const id in s.madeFrom) {
    const m = materialById(ctx.materials, id);
    if (!handlingOf(m).hardDry) continue;
    const g = s.madeFrom[id] ?? 0;
    const solids = sumGrams(m.per100g);
    dry += g;
    own += solids > 0 ? (g * (100 - solids)) / solids : 0;
    k2 += (g * m.hydration.k2) / multiplier(ctx.beliefs, 'uptake', id);
  }
  if (dry <= 0) return 0;
  // What is open has given its water: the water that the shut pieces had as bought says how much of them is left.
  const shut = s.openedShare > 0 && own > 0 ? (Math.max(0, s.boundWaterG - s.gainedWaterG) / own) * dry : dry;
  return shut > 0 ? (s.gainedWaterG * (k2 / dry)) / shut : 0;
}

/** Is a food in it whose dry pieces grind harder? */
export function isHardDry(s: Stream, ctx: Ctx): boolean {
  for (const id in s.madeFrom) if (handlingOf(materialById(ctx.materials, id)).hardDry) return true;
  return false;
}
