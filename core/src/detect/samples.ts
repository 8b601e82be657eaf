import { median } from '../numerics';

// Looked up once: these run at every reading.
const { floor, max } = Math;

/** One reading of an instrument, so many s into whatever is watched. */
export interface Sample {
  readonly s: number;
  readonly v: number;
}
/** The latest of a list with one more, none older than `windowS` before it. A reading from before the last is not taken. */
export function withNext(recent: readonly Sample[], next: Sample, windowS: number): readonly Sample[] {
  const last = recent.at(-1);
  if (last && next.s <= last.s) return recent;
  let from = 0;
  while (from < recent.length && (recent[from] as Sample).s < next.s - windowS) from += 1;
  const out = recent.slice(from);
  out.push(next);
  return out;
}
/** How many points a slope is taken over: enough for the median, few enough for every tick. */
const POINTS = 14;

/**
 * The slope of a run of readings, in their unit a second: the median of the slopes between all pairs of a few of its
 * points (Theil 1950, Sen 1968), which a third of wild readings does not move. Fewer than two: 0.
 */
export function slopeOf(run: readonly Sample[]): number {
  const every = max(1, floor(run.length / POINTS));
  const slopes: number[] = [];
  for (let i = 0; i < run.length; i += every) {
    const a = run[i] as Sample;
    for (let j = i + every; j < run.length; j += every) {
      const b = run[j] as Sample;
      if (b.s > a.s) slopes.push((b.v - a.v) / (b.s - a.s));
    }
  }
  return median(slopes);
}
/** Where it stands: the median of the last so many s. */
export const levelOf = (run: readonly Sample[], overS: number): number => {
  const end = run.at(-1)?.s ?? 0;
  return median(run.filter((x) => x.s >= end - overS).map((x) => x.v));
};
/** How long a run is, s. */
export const spanOf = (run: readonly Sample[]): number => (run.at(-1)?.s ?? 0) - (run[0]?.s ?? 0);
