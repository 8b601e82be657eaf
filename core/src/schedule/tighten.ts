import { milkIn } from './day';
import { modelOf } from './model';
import { ordersOf } from './orders';
import { settle } from './propagate';
import { sittingsOf } from './sittings';
import type { Problem, Starts } from './types';

/**
 * The same timetable without dawdling: in each sitting the first step of a milk stays where it is, and what follows it comes
 * as soon as it can, in the same order. What was put as late as it may be only to be late is brought forward.
 */
export function tightened(p: Problem, starts: Starts): Starts {
  const m = modelOf(p);
  const was = Int32Array.from(m.ids, (id) => starts.get(id) ?? 0);
  const stays = new Set<string>();
  for (const s of sittingsOf(p, starts)) {
    const seen = new Set<string>();
    for (const b of s.blocks) {
      if (!seen.has(milkIn(b))) stays.add(b);
      seen.add(milkIn(b));
    }
  }
  const decided = ordersOf(m, was);
  const est = Int32Array.from(m.ids, (id, i) =>
    stays.has(id) || (m.fixedS[i] as number) >= 0 ? (was[i] as number) : (m.notBeforeS[i] as number),
  );
  if (!settle(m, est, decided, [...est.keys()])) return starts;
  return new Map(m.ids.map((id, i) => [id, est[i] as number] as const));
}
