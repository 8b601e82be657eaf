import { fold, summarise } from '../batch';
import type { Depth, FrozenBatch, Progress, Summary } from '../batch';
import { thingOf, usualBelief } from '../kitchen';
import type { Beliefs, Here, Kit } from '../kitchen';
import { evidenceOf } from '../learning';
import { asMade } from '../questions';
import { contextOf, kindOf, nameOf, withParams } from '../steps';
import type { Fit, Reading, Recipe, Step, Trace } from '../steps';

/**
 * All that went into a batch and nothing of what came out: its recipe with what was poured and timed, what its things did
 * that day, what ran over, how it really cooled, where it stood. A plan is the same without the last three.
 */
export interface Made extends Here {
  readonly recipe: Recipe;
  /** What ran over, and courses of a probe: the readings that nothing else of this holds. */
  readonly readings: readonly Reading[];
  readonly traces: ReadonlyMap<string, Trace>;
  /** Seconds that something stood before a step. */
  readonly gapS: Readonly<Record<string, number>>;
}
const NO_TRACES: ReadonlyMap<string, Trace> = new Map();

/** A plan, or a batch as it was planned: every thing it says "in use" is named, so that two kitchens can be set side by side. */
export const plannedAs = (recipe: Recipe, { kit, beliefs }: Here): Made => ({
  recipe: named(recipe, kit),
  kit,
  beliefs,
  readings: [],
  traces: NO_TRACES,
  gapS: {},
});
/** A batch as it went. */
export function wentAs(batch: FrozenBatch, p: Progress): Made {
  const ctx = contextOf({ kit: batch.kit, beliefs: batch.beliefs }, p.recipe.materials);
  const steps = new Map(p.recipe.steps.map((s) => [s.id, s]));
  const kept = p.readings.filter((r) => {
    const step = steps.get(r.step);
    const is = step && kindOf(step.kind).readings[r.what]?.effect(step.params, ctx).is;
    return is === 'lost' || is === 'course';
  });
  return {
    recipe: named(asMade(p, batch), batch.kit),
    kit: batch.kit,
    beliefs: { ...batch.beliefs, ...asFitted(p.outcome.fits) },
    readings: kept,
    traces: p.given.traces ?? NO_TRACES,
    gapS: p.given.gapS ?? {},
  };
}
/** What its things did in this batch: where one was read twice, the mean of the two. */
function asFitted(fits: readonly Fit[]): Beliefs {
  return Object.fromEntries(
    evidenceOf(fits).map((e) => [
      e.coefficient,
      { ...usualBelief(e.coefficient), mean: Math.exp(e.ln), sd: e.sd, n: 1 },
    ]),
  );
}
function named(r: Recipe, kit: Kit): Recipe {
  return { ...r, steps: r.steps.map((s) => withThings(s, kit)) };
}
function withThings(s: Step, kit: Kit): Step {
  const things = Object.entries(kindOf(s.kind).params).flatMap(([name, spec]) =>
    spec.type === 'thing' && kit.things.some((t) => t.is === spec.thing)
      ? [[name, thingOf(kit, spec.thing, nameOf(s, name)).id] as const]
      : [],
  );
  return withParams(s, Object.fromEntries(things));
}

/** What comes of it; as deep as it is asked. */
export function comesOf(m: Made, depth: Depth = 'main'): Summary {
  const { recipe, kit, beliefs, readings, traces, gapS } = m;
  return summarise(recipe, fold(recipe, { kit, beliefs, readings, traces, gapS }), kit, depth);
}
