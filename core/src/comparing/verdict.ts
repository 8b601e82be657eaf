import { asAnyDay } from './day';
import type { Because, Explained, Explanation } from './explain';
import type { Difference } from './differences';

/** Less than this nobody notices, in the units of the fold: ml, shares, times water, of 100, s (estimates). */
export const NOTICED: Readonly<Record<Explained, number>> = {
  volumeMl: 10,
  solids: 0.001,
  body: 0.05,
  slime: 0.03,
  grit: 0.0003,
  beany: 1,
  keepS: 3600,
};
export interface Cause {
  readonly of: Difference;
  readonly share: number;
  /** It did no more than it does from one day to the next. Null: it is no such thing, a cook set it. */
  readonly anyDay: boolean | null;
}
/**
 * What can be said of a figure. same: nobody would notice. known: what was written down explains it. partly: some of it.
 * day: nothing does, and it is no more than from day to day. unknown: nothing does, and it is more than that.
 */
export type Verdict = 'same' | 'known' | 'partly' | 'day' | 'unknown';
export interface Told {
  readonly verdict: Verdict;
  /** The weightiest first; those too small to notice are left out. */
  readonly causes: readonly Cause[];
  /** What those left out come to together. */
  readonly small: number;
}
/** A rest below this share of all that moved is rounding of what was read. */
const ROUNDING = 0.1;

/** What explains one figure, and how far it does. A figure that is not there: nothing is told. */
export function toldOf(e: Explanation, of: Explained): Told {
  const b: Because | undefined = e.because[of];
  const least = NOTICED[of];
  const causes: Cause[] = [];
  let small = 0;
  e.differences.forEach((d, i) => {
    const share = b?.shares[i] ?? 0;
    if (Math.abs(share) < least) small += share;
    else causes.push({ of: d, share, anyDay: anyDayOf(d) });
  });
  causes.sort((x, y) => Math.abs(y.share) - Math.abs(x.share));
  if (!b) return { verdict: 'same', causes: [], small: 0 };
  const moved = causes.reduce((sum, c) => sum + Math.abs(c.share), 0);
  const left = Math.abs(b.rest) > Math.max(least, ROUNDING * moved);
  const differs = Math.abs(b.to - b.from) >= least;
  const verdict: Verdict =
    !differs && !left && moved === 0
      ? 'same'
      : !left
        ? 'known'
        : moved > 0
          ? 'partly'
          : Math.abs(b.rest) <= b.day
            ? 'day'
            : 'unknown';
  return { verdict, causes, small };
}
function anyDayOf(d: Difference): boolean | null {
  if (d.at.of !== 'coefficient' || typeof d.from !== 'number' || typeof d.to !== 'number') return null;
  return asAnyDay(d.at.id, d.from, d.to);
}
