import { MEASURES } from '../batch';
import type { FrozenBatch, Measure, Progress } from '../batch';
import { aligned, comesOf, differences, mixer, oneDay, plannedAs, wentAs } from '../comparing';
import type { Difference, Made } from '../comparing';
import type { Here } from '../kitchen';
import { Z80 } from '../numerics';
import { leverEdits } from '../questions';
import type { LeverOf } from '../questions';
import { applyEdits } from '../steps';
import type { Recipe } from '../steps';
import { designOf } from './factorial';
import type { Design, DesignId, Levels } from './factorial';

/** One thing that is changed: how it is in the plan, and how it is otherwise, in the unit of the fold. */
export interface Factor {
  readonly at: LeverOf;
  readonly from: number;
  readonly to: number;
}
/** A question put to the kitchen: a plan, what of it is changed, and how often. */
export interface Trial {
  readonly base: Recipe;
  readonly factors: readonly Factor[];
  readonly design: DesignId;
  /** 1..4 */
  readonly times: number;
  readonly seed: number;
}
/** Figures a fold can say something of before a batch is made, and a kitchen can measure. */
export const WEIGHED = ['volumeMl', 'solids', 'body'] as const satisfies readonly Measure[];
export type Weighed = (typeof WEIGHED)[number];
const figuresOf = (m: Made): readonly number[] => {
  const s = comesOf(m, 'keep');
  return WEIGHED.map((w) => MEASURES[w](s) ?? 0);
};

/** Its design. A number of factors that the design has not: RangeError. */
export function designFor(t: Pick<Trial, 'design' | 'seed' | 'times' | 'factors'>): Design {
  const d = designOf(t.design, t.seed, t.times);
  if (d.factors !== t.factors.length) throw new RangeError(`${d.factors} factors, ${t.factors.length} named`);
  return d;
}
/** The plan of one run: as it is, with each factor that is up put where it is otherwise. */
export const runRecipe = (t: Pick<Trial, 'base' | 'factors'>, levels: Levels): Recipe =>
  t.factors.reduce(
    (r, f, i) => (levels[i] === 1 ? applyEdits(r, leverEdits(r, f.at, f.to)) : r),
    // The level below is the plan as it is, whatever the plan said of it.
    t.base,
  );
/** What the fold expects of every run, in the order of the design's runs. */
export function expectedRuns(
  t: Pick<Trial, 'base' | 'factors'>,
  d: Design,
  here: Here,
): Readonly<Record<Weighed, readonly number[]>> {
  const each = new Map<string, readonly number[]>();
  const rows = d.runs.map((levels) => {
    const key = levels.join();
    const got = each.get(key) ?? figuresOf(plannedAs(runRecipe(t, levels), here));
    each.set(key, got);
    return got;
  });
  const of = (i: number): readonly number[] => rows.map((r) => r[i] ?? 0);
  return { volumeMl: of(0), solids: of(1), body: of(2) };
}
/** 1 σ of one batch of it from day to day, of each figure. To first order, from what things and foods do on a day. */
export function daySpread(base: Recipe, here: Here): Readonly<Record<Weighed, number>> {
  const [volumeMl = 0, solids = 0, body = 0] = oneDay(plannedAs(base, here), (s) =>
    WEIGHED.map((w) => MEASURES[w](s) ?? 0),
  ).map((x) => x / (Z80 * Math.SQRT2));
  return { volumeMl, solids, body };
}

/** What a cook sets; what a thing did that day is the day's. */
const BY_HAND: ReadonlySet<Difference['at']['of']> = new Set(['size', 'amount', 'swap', 'food', 'param', 'way']);
export interface Strayed {
  readonly of: Difference;
  /** Between which two it lies: as it was laid out, and as it went. */
  readonly laid: Made;
  readonly went: Made;
}
/**
 * What was otherwise in a batch than its run was laid out, and weighs something: by itself it moves the yield, the strength or the
 * body by more than half of what days do. Then the trial has changed two things at once, and its effects are not its own.
 */
export function strayedOf(laid: Recipe, batch: FrozenBatch, p: Progress): readonly Strayed[] {
  const a = plannedAs(laid, batch);
  const b = aligned(a, wentAs(batch, p));
  const all = differences(a, b);
  const mine = all.filter((d) => BY_HAND.has(d.at.of));
  if (mine.length === 0) return [];
  const spread = daySpread(laid, batch);
  const mix = mixer(a, b, all);
  const now = figuresOf(a);
  return mine
    .filter((d) => {
      const then = figuresOf(mix(new Set([d.key])));
      return WEIGHED.some((w, i) => Math.abs((then[i] ?? 0) - (now[i] ?? 0)) > spread[w] / 2);
    })
    .map((of) => ({ of, laid: a, went: b }));
}

/** What is changed so many at a time, by the smallest design that tells each from the others. */
const FULL: readonly DesignId[] = ['2^1', '2^2', '2^3', '2^(4-1)'];
/** Of so many things (1..4) changed at once: all their combinations, or with `half` half of them where that is worth it. */
export const designOfSize = (factors: number, half: boolean): DesignId =>
  half && factors === 3 ? '2^(3-1)' : (FULL[factors - 1] ?? '2^1');
/** 1 σ of a word somebody says of the same milk, in steps of its scale (an estimate). */
export const WORD_SD = 0.5;
