import { median } from '../numerics';
import { levelOf, spanOf, withNext } from './samples';
import type { Sample } from './samples';

const { abs, max, min } = Math;

/** empty: nothing is on it; moving: it is being poured, or still runs; still: it can be read. */
export type WeighingIs = 'unknown' | 'empty' | 'moving' | 'still';
export interface WeighWatch {
  readonly recent: readonly Sample[];
  readonly is: WeighingIs;
  readonly g: number;
}
export const NO_WEIGHT: WeighWatch = { recent: [], is: 'unknown', g: NaN };
/** Less than this is a crumb, g. */
const EMPTY_G = 8;
/** What is poured by hand is read once it has stood so long, s; what runs through a cloth crawls at its end, and waits longer. */
export const STANDS_S = { poured: 4, run: 24 } as const;
/** Readings of so many times that are kept. */
const KEPT = 2;
/** A reading that jumps this far from its neighbours is the elbow on the scale, g. */
const ELBOW_G = 60;

/** One more reading of the scale. `standsS`: how long it must not move; `stepG`: the step in which it tells. */
export function weighNext(w: WeighWatch, next: Sample, standsS: number, stepG: number): WeighWatch {
  const kept = withNext(w.recent, next, KEPT * standsS);
  if (kept === w.recent) return w;
  // A scale that tells rarely has none just as long ago as it must stand: the one before that counts.
  const first = kept.findLastIndex((x) => x.s <= next.s - standsS);
  const recent = kept.slice(Math.max(0, first));
  const g = levelOf(recent, min(2, standsS));
  if (recent.length < 4 || spanOf(recent) < 0.9 * standsS)
    return { recent: kept, is: g < EMPTY_G ? 'empty' : 'moving', g };
  if (median(recent.map((x) => x.v)) < EMPTY_G && g < EMPTY_G) return { recent: kept, is: 'empty', g };
  const near = recent.map((x) => x.v).filter((v) => abs(v - g) < ELBOW_G);
  const most = max(...near);
  const least = min(...near);
  // A wild one or two do not make it move; more of them do.
  const still = most - least <= stepG && near.length >= 0.8 * recent.length;
  return { recent: kept, is: still ? 'still' : 'moving', g: still ? median(near) : g };
}
