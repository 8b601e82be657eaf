import { MEASURES } from '../batch';
import type { FrozenBatch } from '../batch';
import { shareInterval } from '../numerics';
import { ranges, STATED } from '../questions';
import { comesOf, plannedAs } from './made';

/** Figures that a kitchen can measure, and so hold a promise against. */
export const PROMISED = ['volumeMl', 'solids', 'body'] as const;
export type PromisedFigure = (typeof PROMISED)[number];
/** What was said of a batch before it was begun: the value, and the range in which four in five should come. */
export interface Said {
  readonly value: number;
  readonly low: number;
  readonly high: number;
}
/** One promise and what came of it. */
export interface Kept extends Said {
  readonly batch: string;
  readonly at: number;
  readonly milk: string;
  readonly of: PromisedFigure;
  readonly came: number;
}
/**
 * What a plan stated with what was believed when the batch was begun: the very ranges that the plan showed, drawn again. A
 * batch keeps its plan, its kit and its beliefs, so they need not be kept. `kitchens`: how many are drawn.
 */
export function promisedBy(
  batch: FrozenBatch,
  kitchens: number = STATED.kitchens,
): Readonly<Record<PromisedFigure, Said>> {
  const range = ranges(batch.recipe, batch, STATED.seed, kitchens);
  const is = comesOf(plannedAs(batch.recipe, batch), 'keep');
  const said = PROMISED.map((m) => [m, { value: MEASURES[m](is) ?? 0, ...range[m] }] as const);
  return Object.fromEntries(said) as Record<PromisedFigure, Said>;
}

/** How true some promises were. */
export interface Truth {
  readonly n: number;
  /** How many came within their range, and the shares that may stand behind that count (95 %). */
  readonly within: number;
  readonly share: readonly [low: number, high: number];
  /** Came, less promised, as a share of the promise: the mean; and how far off, whichever way, over the first and the last few. */
  readonly bias: number;
  readonly first: number;
  readonly last: number;
  /** How many those few are: ten, or half of what there is. */
  readonly few: number;
}
/** Fewer say nothing. */
export const ENOUGH_PROMISES = 5;
const FEW = 10;
/** How sure a count must be before it is held against the promises. */
const SURE = 0.95;

/** Coverage, bias and error of promises, in the order in which they were given. Fewer than five: null. */
export function truthOf(kept: readonly Kept[]): Truth | null {
  if (kept.length < ENOUGH_PROMISES) return null;
  const all = [...kept].sort((a, b) => a.at - b.at);
  const off = all.map((k) => k.came / k.value - 1);
  const mean = (x: readonly number[]): number => x.reduce((a, b) => a + b, 0) / x.length;
  const few = Math.min(FEW, Math.floor(all.length / 2));
  const within = all.filter((k) => k.came >= k.low && k.came <= k.high).length;
  return {
    n: all.length,
    within,
    share: shareInterval(within, all.length, SURE),
    bias: mean(off),
    first: mean(off.slice(0, few).map(Math.abs)),
    last: mean(off.slice(-few).map(Math.abs)),
    few,
  };
}
