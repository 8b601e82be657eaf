import { fold, summarise } from '../batch';
import type { FrozenBatch, Progress, RescueEdit, Summary } from '../batch';
import { numberOf, withParams } from '../steps';
import type { Step } from '../steps';
import { waterAhead } from './waterAhead';
import type { WaterAhead } from './waterAhead';

/** How a batch that came out short, or weak, can still bring what was promised: other water at a step still to come. */
export interface TopUp {
  readonly why: 'short' | 'weak';
  readonly step: Step;
  /** More water at that step than is planned, g, less where it is below none; what it then brings, ml, and how strong, a share. */
  readonly addG: number;
  readonly ml: number;
  readonly solids: number;
  readonly edits: readonly RescueEdit[];
}
/** Less than this nobody makes up for, as a share of what was promised. */
const SHORT = 0.02;
/** Poured by the five grams. */
const STEP_G = 5;
/** More than this share of the milk would be watering it down. */
const MOST = 0.15;
/** Where water is added first: what is washed gives more than water; set aside it is added by taste; in the jug it comes earliest. */
const BEST: readonly Step['kind'][] = ['wash', 'pour', 'add', 'grind'];

/** Weaker than this share of what was promised is tasted; and for it no more than this share of the litres is given up. */
const WEAK = 0.95;
const GIVEN_UP = 0.12;
/**
 * More water in a step that is still to come, so that a batch brings the litres that were promised; less, where it came out
 * weak. null: it is neither, nothing that is still to come takes water, or it would take too much of it.
 */
export function topUp(p: Progress, batch: FrozenBatch): TopUp | null {
  if (p.state !== 'open') return null;
  const { volumeMl, solids } = batch.promised;
  const short = volumeMl - p.summary.jarredMl;
  const change = short >= SHORT * volumeMl ? byMore : (p.summary.main?.solids ?? 1) < WEAK * solids ? byLess : null;
  if (!change) return null;
  // What the cook has changed against one thing is not changed back against another.
  const settled = new Set(p.rescues.flatMap((x) => x.edits.flatMap((e) => (e.do === 'set' ? [e.step] : []))));
  const ahead = waterAhead(p, batch)
    .filter((a) => BEST.includes(a.step.kind) && !settled.has(a.step.id))
    .sort((a, b) => BEST.indexOf(a.step.kind) - BEST.indexOf(b.step.kind));
  for (const a of ahead) {
    const found = change(p, batch, a);
    if (found) return found;
  }
  return null;
}
/** What it brings with so much more water at a step. */
function withWater(p: Progress, batch: FrozenBatch, { step, water }: WaterAhead, addG: number): Summary {
  const more = withParams(step, { [water]: numberOf(step, water) + addG });
  const recipe = { ...p.recipe, steps: p.recipe.steps.map((s) => (s.id === step.id ? more : s)) };
  return summarise(recipe, fold(recipe, p.given), batch.kit, 'main');
}
const told = (why: TopUp['why'], { step, water }: WaterAhead, addG: number, then: Summary): TopUp => ({
  ...{ why, step, addG, ml: then.jarredMl, solids: then.main?.solids ?? 0 },
  edits: [{ do: 'set', step: step.id, param: water, value: numberOf(step, water) + addG }],
});
/** Less of it, down to none, as long as the litres it costs are worth it. */
function byLess(p: Progress, batch: FrozenBatch, a: WaterAhead): TopUp | null {
  const { volumeMl, solids } = batch.promised;
  const enough = (n: number): boolean => (withWater(p, batch, a, -n * STEP_G).main?.solids ?? 0) >= solids;
  let low = 0;
  let high = Math.floor(numberOf(a.step, a.water) / STEP_G);
  if (high === 0 || !enough(high)) return null;
  while (high - low > 1) {
    const mid = Math.floor((low + high) / 2);
    if (enough(mid)) high = mid;
    else low = mid;
  }
  const then = withWater(p, batch, a, -high * STEP_G);
  return then.jarredMl < (1 - GIVEN_UP) * volumeMl ? null : told('weak', a, -high * STEP_G, then);
}
function byMore(p: Progress, batch: FrozenBatch, a: WaterAhead): TopUp | null {
  const short = batch.promised.volumeMl - p.summary.jarredMl;
  const at = (addG: number) => withWater(p, batch, a, addG);
  // Nearly a straight line: one step along it, and one by what that brought.
  const first = at(short).jarredMl - p.summary.jarredMl;
  if (first < 0.3 * short) return null;
  const addG = Math.round((short * short) / first / STEP_G) * STEP_G;
  return addG <= 0 || addG > MOST * batch.promised.volumeMl ? null : told('short', a, addG, at(addG));
}
