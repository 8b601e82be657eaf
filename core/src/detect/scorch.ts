import type { TaskState } from '../batch';
import type { Stage } from '../steps';

/**
 * How long what is in the pot may go without being stirred along the bottom, s (common practice; estimates): slurry sinks
 * and catches at once, so does starch that thickens; milk without pulp bears a while.
 */
export const STIR_EVERY_S = { slurry: 30, thickens: 30, milk: 120 } as const;
/** Cooler than this nothing catches, °C (an estimate). */
export const CATCHES_FROM_C = 60;
/** More of it than this is pulp, share of the mass: slurry. */
const SLURRY = 0.02;

/** How often this task wants stirring, s; null: it does not, or must be left alone. */
export function stirEveryS(t: TaskState, stage: Stage): number | null {
  switch (t.step.kind) {
    case 'boil':
      return (stage.figures.pulpInShare ?? 0) > SLURRY ? STIR_EVERY_S.slurry : STIR_EVERY_S.milk;
    case 'heat':
      return STIR_EVERY_S.thickens;
    default:
      return null;
  }
}
/** How long it stood unstirred over the heat, and how long it may. */
export interface Unstirred {
  readonly forS: number;
  readonly everyS: number;
  /** It catches at the bottom. */
  readonly over: boolean;
}
/** null: it is not over the heat, too cool to catch, or is no thing to stir. `nowC`: how warm it is, °C. */
export function unstirred(t: TaskState, stage: Stage, nowC: number | null, now: number): Unstirred | null {
  const everyS = stirEveryS(t, stage);
  if (everyS === null || t.status !== 'running' || t.pausedAt !== null || t.begunAt === null) return null;
  if (nowC !== null && nowC < CATCHES_FROM_C) return null;
  const since = Math.max(t.stirredAt ?? 0, hotSince(t) ?? t.begunAt);
  const forS = Math.max(0, (now - since) / 1000);
  return { forS, everyS, over: forS > everyS };
}
/** When it came to where it catches, by what is reckoned; null: it was so from the start, or nothing is known. */
function hotSince(t: TaskState): number | null {
  const { courseC, durationS } = t.task;
  if (!courseC || t.begunAt === null || courseC(0) >= CATCHES_FROM_C) return null;
  // A ramp: halved until a second is left.
  let low = 0;
  let high = durationS;
  if (courseC(high) < CATCHES_FROM_C) return null;
  while (high - low > 1) {
    const mid = (low + high) / 2;
    if (courseC(mid) < CATCHES_FROM_C) low = mid;
    else high = mid;
  }
  return t.begunAt + high * 1000;
}
