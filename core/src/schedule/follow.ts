import { costOf } from './bound';
import { milkIn, REST_OF } from './day';
import { conflictsOf } from './conflicts';
import { modelOf } from './model';
import type { Model } from './model';
import { ordersOf } from './orders';
import { awakeFrom, settle } from './propagate';
import type { Problem, Starts } from './types';

/** A timetable that was agreed on, as instants in ms by block. */
export type Agreed = Readonly<Record<string, number>>;
/** The same, gone on with as things stand now. */
export interface Followed {
  readonly starts: Starts;
  /** Over all wishes, s. */
  readonly lateS: number;
}

/**
 * What was agreed on, as it must be now: everything in the order in which it stood, begun no sooner than agreed, and
 * later only where something before it ran late. null: it cannot go on like this (a milk came or went, a night is in
 * the way, something may stand no longer), and it is asked anew.
 */
export function followed(p: Problem, originMs: number, agreed: Agreed): Followed | null {
  const m = modelOf(p);
  const was = Int32Array.from(m.ids, (id, i) => {
    const fixed = m.fixedS[i] as number;
    if (fixed >= 0) return fixed;
    const at = agreed[id] ?? agreed[id.endsWith(REST_OF) ? id.slice(0, -REST_OF.length) : id];
    return at === undefined ? -1 : Math.round((at - originMs) / 1000);
  });
  if (was.includes(-1)) return null;
  // A milk that is no more on the clock leaves its place; nobody else has to wait for that.
  const decided = ordersOf(m, was, true);
  const est = Int32Array.from(was, (s, i) =>
    (m.fixedS[i] as number) >= 0 ? s : awakeFrom(m, i, Math.max(s, m.notBeforeS[i] as number)),
  );
  if (!settle(m, est, decided, [...est.keys()]) || conflictsOf(m, est).length > 0 || asleep(m, est)) return null;
  return { starts: new Map(m.ids.map((id, i) => [id, est[i] as number] as const)), lateS: costOf(m, est).lateS };
}
const asleep = (m: Model, est: Int32Array): boolean =>
  est.some((s, i) => (m.fixedS[i] as number) < 0 && awakeFrom(m, i, s) !== s);
/** A timetable as it is agreed on. */
export const agreedOf = (starts: Starts, originMs: number): Agreed =>
  Object.fromEntries([...starts].map(([id, s]) => [id, originMs + 1000 * s]));
/** The milks that something was agreed on for. */
export const milksOf = (a: Agreed): ReadonlySet<string> => new Set(Object.keys(a).map(milkIn));
