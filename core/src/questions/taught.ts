import { thingsOf } from '../batch';
import { coefficientIn } from '../kitchen';
import type { Here } from '../kitchen';
import type { Recipe } from '../steps';

/** How many batches stand behind what is believed of the things and foods of a plan; 0: all of it is as usual. */
export function taughtBy(r: Recipe, { kit, beliefs }: Here): number {
  const mine = new Set([...r.steps.flatMap((s) => thingsOf(s, kit)), ...r.materials.map((m) => m.id)]);
  let most = 0;
  for (const [id, b] of Object.entries(beliefs))
    if (mine.has(coefficientIn(id)?.thing ?? '')) most = Math.max(most, b.n);
  return most;
}
