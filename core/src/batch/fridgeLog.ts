import { spoilagePace } from '../steps';
import type { FridgeLine } from './events';

const HOUR_MS = 3_600_000;
/** A line that is nearer to the one before than this says nothing new, K. */
const NEAR_K = 0.3;
/** What a logger's silence says: nothing, after so long, ms. */
const SILENT_MS = 2 * HOUR_MS;

/** The temperature whose pace of spoiling is the mean of those: what a jar lives through, °C (square-root law). */
export function paceMeanC(c: readonly number[]): number {
  const mean = c.reduce((sum, x) => sum + spoilagePace(x), 0) / c.length;
  // Where nothing is spent, or no one pace is: the plain mean.
  return mean > 0 ? 14 * Math.sqrt(mean) - 10 : c.reduce((sum, x) => sum + x, 0) / c.length;
}
/** A fridge's line, with the warmest moment of its hour. */
export interface HourLine extends FridgeLine {
  readonly hottestC: number;
}
/**
 * Readings of a logger as lines of the fridge's log: one an hour at the most, of the temperature that spoils as the hour
 * did, and only where it differs. Where the logger was silent, and after its end, the fridge is as `elseC` says; where it
 * was set anew (`set`, instants), the logger says what it then was in truth.
 */
export function linesOf(
  readings: readonly { readonly at: number; readonly c: number }[],
  elseC: (at: number) => number,
  set: readonly number[] = [],
): readonly HourLine[] {
  const hours = new Map<number, number[]>();
  for (const r of readings) {
    const h = Math.floor(r.at / HOUR_MS) * HOUR_MS;
    const had = hours.get(h);
    if (had) had.push(r.c);
    else hours.set(h, [r.c]);
  }
  const out: HourLine[] = [];
  let last: HourLine | null = null;
  let before: number | null = null;
  const say = (at: number, placeC: number, hottestC: number): void => {
    last = { at, placeC, hottestC };
    out.push(last);
  };
  for (const [h, c] of [...hours].sort((a, b) => a[0] - b[0])) {
    if (before !== null && h - before > SILENT_MS) {
      const from = before + HOUR_MS;
      say(from, elseC(from), elseC(from));
    }
    const mean = paceMeanC(c);
    const hottest = c.reduce((a, b) => Math.max(a, b), -Infinity);
    const was = last as HourLine | null;
    const anew = was !== null && set.some((t) => t > was.at && t <= h);
    if (was === null || anew || Math.abs(mean - was.placeC) >= NEAR_K || Math.abs(hottest - was.hottestC) >= 2)
      say(h, mean, hottest);
    before = h;
  }
  if (before !== null) say(before + HOUR_MS, elseC(before + HOUR_MS), elseC(before + HOUR_MS));
  return out;
}

export interface WarmSpell {
  readonly from: number;
  readonly to: number;
  readonly hottestC: number;
}
/** Whiles in which the fridge was warmer than `limitC`, between two instants. */
export function warmSpells(
  lines: readonly (FridgeLine & { readonly hottestC?: number })[],
  from: number,
  to: number,
  limitC: number,
): readonly WarmSpell[] {
  const out: { from: number; to: number; hottestC: number }[] = [];
  lines.forEach((l, i) => {
    const begin = Math.max(from, l.at);
    const end = Math.min(to, lines[i + 1]?.at ?? to);
    if (end <= begin || l.placeC <= limitC) return;
    const last = out.at(-1);
    const hottestC = l.hottestC ?? l.placeC;
    if (last?.to === begin) {
      last.to = end;
      last.hottestC = Math.max(last.hottestC, hottestC);
    } else out.push({ from: begin, to: end, hottestC });
  });
  return out;
}
