import { fold, progressOf, thingsOf } from '@ironpan/core/batch';
import type { BatchEvent, FrozenBatch, TraceChunk } from '@ironpan/core/batch';
import type { Here } from '@ironpan/core/kitchen';
import { METHODS, recipeIn } from '@ironpan/core/methods';
import { solveFor } from '@ironpan/core/questions';
import type { DayAsked, MilkAsked } from '@ironpan/core/schedule';
import { applyEdits, orderFaults } from '@ironpan/core/steps';
import type { Recipe } from '@ironpan/core/steps';
import { milkOf } from '@ironpan/core/words';

/** One milk on the clock as a page tells it to the worker. */
export interface ClockMilk {
  readonly id: string;
  readonly recipe: Recipe;
  readonly ml: number | null;
  readonly byAt: number | null;
  readonly notBeforeAt: number | null;
  readonly fixed: Readonly<Record<string, number>>;
  readonly batch: {
    readonly batch: FrozenBatch;
    readonly events: readonly BatchEvent[];
    readonly traces: readonly TraceChunk[];
  } | null;
}
export interface ClockAsked {
  readonly milks: readonly ClockMilk[];
  readonly here: Here;
  readonly now: number;
  readonly off: readonly { readonly from: number; readonly to: number }[];
  readonly cooks: number;
  readonly spareMin: number;
  readonly outOfUse: readonly string[];
  /** What was agreed on, to go on with; null: asked anew. */
  readonly agreed: Readonly<Record<string, number>> | null;
  /** How sure each wish is is worked out as well. */
  readonly chances: boolean;
}
/** Why a milk cannot be put into any timetable. */
export type Cannot =
  | { readonly milk: string; readonly why: 'order' }
  | { readonly milk: string; readonly why: 'outOfUse'; readonly things: readonly string[] };

/** As much of a recipe as is wanted, ml; null: as it is. */
export function ofSize(recipe: Recipe, ml: number | null, here: Here): Recipe {
  return ml === null ? recipe : applyEdits(recipe, solveFor(recipe, here, { litres: ml / 1000 }).edits);
}
/** What is asked, folded; what cannot be made at all is told apart. */
export function dayAsked(a: ClockAsked): { readonly asked: DayAsked; readonly cannot: readonly Cannot[] } {
  const cannot: Cannot[] = [];
  const milks = a.milks.flatMap((m): MilkAsked[] => {
    if (m.batch) {
      const progress = progressOf(m.batch.batch, m.batch.events, m.batch.traces);
      return [milkOfClock(m, progress.recipe, m.batch.batch, progress.outcome, progress)];
    }
    if (orderFaults(m.recipe).length > 0) {
      cannot.push({ milk: m.id, why: 'order' });
      return [];
    }
    const recipe = ofSize(m.recipe, m.ml, a.here);
    const things = new Set(recipe.steps.flatMap((s) => thingsOf(s, a.here.kit)));
    const lacks = a.outOfUse.filter((t) => things.has(t));
    if (lacks.length > 0) {
      cannot.push({ milk: m.id, why: 'outOfUse', things: lacks });
      return [];
    }
    return [milkOfClock(m, recipe, a.here, fold(recipe, a.here), null)];
  });
  return { asked: { now: a.now, milks, off: a.off, cooks: a.cooks, spareS: 60 * a.spareMin }, cannot };
}
const milkOfClock = (
  m: ClockMilk,
  recipe: Recipe,
  here: Here,
  outcome: MilkAsked['outcome'],
  progress: MilkAsked['progress'],
): MilkAsked => ({
  ...{ id: m.id, recipe, outcome, progress, byAt: m.byAt, notBeforeAt: m.notBeforeAt, fixed: m.fixed },
  here: { kit: here.kit, beliefs: here.beliefs },
});
/** The same milk made in every other way that this kitchen knows, in its own amounts. */
export function otherWays(
  m: MilkAsked,
  a: ClockAsked,
): readonly { readonly school: string; readonly milk: MilkAsked }[] {
  const food = milkOf(m.recipe);
  const ml = a.milks.find((x) => x.id === m.id)?.ml ?? null;
  return METHODS.filter((x) => x.milk === food).map((x) => {
    const recipe = ofSize(recipeIn(x, a.here.kit), ml, a.here);
    return { school: x.name, milk: { ...m, recipe, outcome: fold(recipe, a.here), fixed: {}, progress: null } };
  });
}
