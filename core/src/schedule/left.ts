/** Milk that stands somewhere: so much, ml, and until when it is to be drunk, ms. */
export interface Standing {
  readonly ml: number;
  readonly untilAt: number;
}
/** A milk that is to be made: wanted at, ms; so much, ml; how long it keeps, ms. */
export interface Making extends Pick<Standing, 'ml'> {
  readonly at: number;
  readonly keepsMs: number;
}
/** What is left of a milk when the next of its kind is wanted. */
export interface Left {
  readonly at: number;
  readonly ml: number;
  /** Until when the first of it is to be drunk, ms; null: nothing is left. */
  readonly untilAt: number | null;
  /** So much will not have been drunk in time since the time before, ml. */
  readonly turnsMl: number;
}
/** Less than this is no glass, ml. */
const A_GLASS = 100;
/** With so much of the next making still there it can be left out. */
const ENOUGH = 0.9;
/** Milk is made by so much, ml. */
const STEP_ML = 50;

/**
 * What stands when each making is wanted, drunk evenly, what is to be drunk first first; what is not drunk in time is not
 * counted. `perDayMl`: how much is drunk. Makings in the order of their hours.
 */
export function leftAt(
  now: number,
  standing: readonly Standing[],
  makings: readonly Making[],
  perDayMl: number,
): readonly Left[] {
  let jars = standing.filter((s) => s.ml > 0);
  let t = now;
  return makings.map((m) => {
    const { rest, turnsMl } = drunk(jars, t, m.at, perDayMl);
    const ml = rest.reduce((s, j) => s + j.ml, 0);
    jars = [...rest, { ml: m.ml, untilAt: m.at + m.keepsMs }];
    t = Math.max(t, m.at);
    return { at: m.at, ml, untilAt: ml > 0 ? Math.min(...rest.map((j) => j.untilAt)) : null, turnsMl };
  });
}
const DAY_MS = 24 * 3_600_000;
function drunk(
  jars: readonly Standing[],
  from: number,
  to: number,
  perDayMl: number,
): { readonly rest: readonly Standing[]; readonly turnsMl: number } {
  let [t, turnsMl] = [from, 0];
  const rest: Standing[] = [];
  for (const j of jars.toSorted((a, b) => a.untilAt - b.untilAt)) {
    const until = Math.min(to, j.untilAt);
    const can = (Math.max(0, until - t) / DAY_MS) * perDayMl;
    const takes = Math.min(j.ml, can);
    if (perDayMl > 0) t += (takes / perDayMl) * DAY_MS;
    const left = j.ml - takes;
    if (left <= 1e-9) continue;
    if (j.untilAt <= to) turnsMl += left;
    else rest.push({ ml: left, untilAt: j.untilAt });
  }
  return { rest, turnsMl };
}
/** What becomes of a making for what is left before it: as it is, less of it, or none. */
export type Instead =
  | { readonly is: 'asItIs' }
  | { readonly is: 'less'; readonly ml: number }
  | { readonly is: 'none' };
export function insteadOf(left: Left, ml: number): Instead {
  if (left.ml >= ENOUGH * ml) return { is: 'none' };
  if (left.ml < A_GLASS) return { is: 'asItIs' };
  const less = Math.ceil((ml - left.ml) / STEP_ML) * STEP_ML;
  return less < ml ? { is: 'less', ml: less } : { is: 'asItIs' };
}
