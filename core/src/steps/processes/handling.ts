import type { Stream } from '../../kitchen';
import { handlingOf, materialById, sumGrams, workS } from '../../materials';
import type { Handling, Work } from '../../materials';
import type { Ctx } from '../types';

/** Seconds of one kind of work with all the foods of a stream, by what each weighed as bought. */
export function handlingS(s: Stream, ctx: Ctx, work: (h: Handling) => Work): number {
  let total = 0;
  for (const id in s.madeFrom) {
    const m = materialById(ctx.materials, id);
    const dry = sumGrams(m.per100g);
    if (dry > 0) total += workS(work(handlingOf(m)), ((s.madeFrom[id] ?? 0) * 100) / dry);
  }
  return total;
}
