import { fold, summarise } from '../batch';
import type { FrozenBatch, Progress } from '../batch';
import { contextOf, freshWaterOf, kindOf, numberOf, withParams } from '../steps';
import type { Step } from '../steps';

/** How a batch that came out short can still bring what was promised. */
export interface TopUp {
  readonly step: Step;
  /** More water at that step than is planned, g; what it then brings, ml, and how strong, a share. */
  readonly addG: number;
  readonly ml: number;
  readonly solids: number;
}
/** Less than this nobody makes up for, as a share of what was promised. */
const SHORT = 0.02;
/** Poured by the five grams. */
const STEP_G = 5;
/** More than this share of the milk would be watering it down. */
const MOST = 0.15;
/** Where water is added first: what is washed gives more than water; set aside it is added by taste; in the jug it comes earliest. */
const BEST: readonly Step['kind'][] = ['wash', 'pour', 'add', 'grind'];

/**
 * More water in a step that is still to come, so that a batch brings the litres that were promised. null: it is not short,
 * nothing that is still to come takes water, or it would take too much of it.
 */
export function topUp(p: Progress, batch: FrozenBatch): TopUp | null {
  const short = batch.promised.volumeMl - p.summary.jarredMl;
  if (p.state !== 'open' || short < SHORT * batch.promised.volumeMl) return null;
  const ctx = contextOf(batch, p.recipe.materials);
  /** The parameter that a reading of a step tells anew. */
  const told = (step: Step, what: string): string | null => {
    const effect = kindOf(step.kind).readings[what]?.effect(step.params, ctx);
    return effect?.is === 'param' ? effect.param : null;
  };
  const ahead = p.recipe.steps.flatMap((step) => {
    const mine = p.tasks.filter((t) => t.step.id === step.id);
    const water = freshWaterOf(step).find(([, spec]) => spec.water)?.[0];
    const given = p.readings.some((r) => r.step === step.id && told(step, r.what) === water);
    const untouched = mine.length > 0 && mine.every((t) => t.status === 'waiting');
    return water !== undefined && untouched && !given ? [{ step, water }] : [];
  });
  ahead.sort((a, b) => BEST.indexOf(a.step.kind) - BEST.indexOf(b.step.kind));
  for (const { step, water } of ahead.filter((a) => BEST.includes(a.step.kind))) {
    const found = byWater(p, batch, step, water, short);
    if (found) return found;
  }
  return null;
}
function byWater(p: Progress, batch: FrozenBatch, step: Step, water: string, short: number): TopUp | null {
  const at = (addG: number) => {
    const more = withParams(step, { [water]: numberOf(step, water) + addG });
    const recipe = { ...p.recipe, steps: p.recipe.steps.map((s) => (s.id === step.id ? more : s)) };
    return summarise(recipe, fold(recipe, p.given), batch.kit, 'main');
  };
  // Nearly a straight line: one step along it, and one by what that brought.
  const first = at(short).jarredMl - p.summary.jarredMl;
  if (first < 0.3 * short) return null;
  const addG = Math.round((short * short) / first / STEP_G) * STEP_G;
  if (addG <= 0 || addG > MOST * batch.promised.volumeMl) return null;
  const then = at(addG);
  return { step, addG, ml: then.jarredMl, solids: then.main?.solids ?? 0 };
}
