import { median, normalTail } from '../numerics';
import { scatterOf } from './robust';
import type { Told } from './robust';

/** On either side of a change so many must stand. */
export const LEAST_BESIDE = 3;
/** A change is told when chance alone would show one so strong less often than this, anywhere in what is told. */
const CHANCE = 0.003;
/** Neighbours whose median a lone odd one is held against, and how far from it it may lie, in its own σ. */
const NEIGHBOURS = 2;
const LONE = 2.5;

export interface ChangePoint {
  /** The first that is as it was afterwards. */
  readonly at: number;
  readonly from: number;
  readonly to: number;
  /** How often chance alone would show as much. */
  readonly chance: number;
}

/**
 * The strongest change of the level in what was told one after the other: the two means beside every place, their
 * difference in its own σ, by Bonferroni's inequality over all the places (conservative: Worsley 1979). A lone odd one is
 * drawn to its neighbours first and is no change. Null: none that chance would not show.
 */
export function changeOf(all: readonly Told[]): ChangePoint | null {
  const told = tamed(all);
  const places = told.length - 2 * LEAST_BESIDE + 1;
  const wide = stepScatter(told);
  let best: ChangePoint | null = null;
  for (let at = LEAST_BESIDE; at <= told.length - LEAST_BESIDE; at += 1) {
    const before = meanOf(told.slice(0, at));
    const after = meanOf(told.slice(at));
    const z = Math.abs(after.mean - before.mean) / Math.sqrt(1 / before.precision + 1 / after.precision);
    const chance = Math.min(1, places * 2 * normalTail(z / wide));
    if (chance < (best?.chance ?? CHANCE)) best = { at, from: before.mean, to: after.mean, chance };
  }
  return best;
}
/** The last of several changes: what was told after one is looked through again. */
export function lastChange(all: readonly Told[]): ChangePoint | null {
  let begins = 0;
  let last: ChangePoint | null = null;
  for (;;) {
    const next = changeOf(all.slice(begins));
    if (!next) return last;
    begins += next.at;
    last = { ...next, at: begins };
  }
}
/**
 * How many times wider than was said neighbours differ, 1 or more (von Neumann et al. 1941): a change of level shows in one
 * of these steps, days that differ more in all of them. A step that is far beyond the usual one counts as three of it.
 */
function stepScatter(all: readonly Told[]): number {
  const steps = all.slice(1).map((t, i) => {
    const b = all[i] as Told;
    return Math.abs(t.value - b.value) / Math.hypot(t.sd, b.sd);
  });
  const most = 3 * scatterOf(steps);
  const squares = steps.reduce((sum, d) => sum + Math.min(most, d) ** 2, 0);
  return Math.max(1, Math.sqrt(squares / Math.max(1, steps.length)));
}
const tamed = (all: readonly Told[]): readonly Told[] =>
  all.map((t, i) => {
    const near = all.slice(Math.max(0, i - NEIGHBOURS), i + NEIGHBOURS + 1);
    const middle = median(near.map((n) => n.value));
    const far = LONE * t.sd;
    return { ...t, value: Math.min(middle + far, Math.max(middle - far, t.value)) };
  });
function meanOf(all: readonly Told[]): { readonly mean: number; readonly precision: number } {
  let precision = 0;
  let sum = 0;
  for (const t of all) {
    precision += 1 / t.sd ** 2;
    sum += t.value / t.sd ** 2;
  }
  return { mean: sum / precision, precision };
}
