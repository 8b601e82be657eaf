import { levelOf, slopeOf, spanOf } from './samples';
import type { Sample } from './samples';

/** What is kept in a window: at least and at most so warm, °C; null: that side is open. */
export interface Band {
  readonly low: number | null;
  readonly high: number | null;
}
export interface InWindow {
  readonly is: 'below' | 'in' | 'above';
  readonly c: number;
  /** K/s. */
  readonly slope: number;
  /** The edge it comes to next at this rate, and in how many s; null: none within the time looked ahead. */
  readonly passes: { readonly edge: 'low' | 'high'; readonly inS: number } | null;
}
/** Further than this nothing is said: a rate changes. */
const AHEAD_S = 15 * 60;
const LEAST_S = 15;
const LEVEL_S = 6;
/** So near to an edge it is at it, K: less is not shown. */
const AT_EDGE_K = 0.05;
/** Slower than this it stands, K/s. */
const STANDS_K_PER_S = 0.002;

/** Where readings stand in their window and where they are going; null: too few of them. */
export function inWindow(recent: readonly Sample[], band: Band): InWindow | null {
  if (recent.length < 5 || spanOf(recent) < LEAST_S) return null;
  const c = levelOf(recent, LEVEL_S);
  const slope = slopeOf(recent);
  const { low, high } = band;
  const is = high !== null && c > high + AT_EDGE_K ? 'above' : low !== null && c < low - AT_EDGE_K ? 'below' : 'in';
  const edge =
    slope > 0 ? (is === 'below' ? low : is === 'in' ? high : null) : is === 'above' ? high : is === 'in' ? low : null;
  const inS = edge === null || Math.abs(slope) < STANDS_K_PER_S ? Infinity : (edge - c) / slope;
  const passes =
    edge !== null && inS >= 0 && inS <= AHEAD_S
      ? { edge: edge === low ? ('low' as const) : ('high' as const), inS }
      : null;
  return { is, c, slope, passes };
}
