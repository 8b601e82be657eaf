import { modelOf } from './model';
import { ordersOf } from './orders';
import { awakeFrom, settle } from './propagate';
import { lengthOf } from './types';
import type { Problem, Starts } from './types';

/** How far a block may slip before a wish that is kept is missed, with all in the order in which it stands. */
export interface Slack {
  /** S; Infinity: none is missed however late it is. */
  readonly s: number;
  /** The milk whose wish is missed then; null: none. */
  readonly then: string | null;
}
/** Nobody asks beyond a day. */
const MOST_S = 24 * 3600;
const MINUTE_S = 60;

/** What a slip of each block comes to: the rest follows as it must, in the order that was decided. */
export function slackOf(p: Problem, starts: Starts, block: string): Slack {
  const m = modelOf(p);
  const at = m.ids.indexOf(block);
  const est = Int32Array.from(m.ids, (id) => starts.get(id) ?? 0);
  const decided = ordersOf(m, est);
  const endOf = (e: Int32Array, b: number): number => (e[b] as number) + (m.lengthS[b] as number);
  /** Whose wish is missed by such a slip; null: nobody's. */
  const missed = (slipS: number): string | null => {
    const next = est.slice();
    // What slips into the night waits for the morning.
    next[at] = awakeFrom(m, at, (next[at] as number) + slipS);
    // Where it cannot be at all (what it waits for may stand no longer) the milk itself is what is lost.
    if (!settle(m, next, decided, [at])) return p.blocks[at]?.milk ?? '';
    const late = p.wishes.find((w, i) => {
      const b = m.wishes[i]?.block ?? 0;
      return w.byS !== null && endOf(next, b) > Math.max(w.missedS ?? w.byS, endOf(est, b));
    });
    return late?.milk ?? null;
  };
  if (missed(MOST_S) === null) return { s: Infinity, then: null };
  let [can, cannot] = [0, MOST_S];
  while (cannot - can > MINUTE_S) {
    const mid = Math.floor((can + cannot) / 2 / MINUTE_S) * MINUTE_S;
    if (missed(mid) === null) can = mid;
    else cannot = mid;
  }
  return { s: can, then: missed(cannot) };
}
export const endsS = (p: Problem, starts: Starts, id: string): number => {
  const b = p.blocks.find((x) => x.id === id);
  return (starts.get(id) ?? 0) + (b ? lengthOf(b) : 0);
};
