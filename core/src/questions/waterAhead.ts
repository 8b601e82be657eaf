import type { FrozenBatch, Progress } from '../batch';
import { contextOf, freshWaterOf, kindOf } from '../steps';
import type { Step } from '../steps';

/** A step that takes water, and the parameter that says how much. */
export interface WaterAhead {
  readonly step: Step;
  readonly water: string;
}
/** Steps still to come that take water of which none was told yet, in the plan's order. */
export function waterAhead(p: Progress, batch: FrozenBatch): readonly WaterAhead[] {
  const ctx = contextOf(batch, p.recipe.materials);
  /** The parameter that a reading of a step tells anew. */
  const tells = (step: Step, what: string): string | null => {
    const effect = kindOf(step.kind).readings[what]?.effect(step.params, ctx);
    return effect?.is === 'param' ? effect.param : null;
  };
  return p.recipe.steps.flatMap((step) => {
    const mine = p.tasks.filter((t) => t.step.id === step.id);
    const water = freshWaterOf(step).find(([, spec]) => spec.water)?.[0];
    const given = p.readings.some((r) => r.step === step.id && tells(step, r.what) === water);
    const untouched = mine.length > 0 && mine.every((t) => t.status === 'waiting');
    return water !== undefined && untouched && !given ? [{ step, water }] : [];
  });
}
