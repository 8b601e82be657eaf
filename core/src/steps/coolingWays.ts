import type { Here, Stream } from '../kitchen';
import { contextOf } from './context';
import { cool } from './kinds/cool';
import { streamBefore } from './outcome';
import type { Outcome } from './outcome';
import type { Step } from './params';
import { coldAtLast, coldInTime } from './processes/coldAtLast';
import type { ColdAtLast } from './processes/coldAtLast';
import type { Edit, Recipe } from './recipe';

type How = Step<'cool'>['params']['how'];
type Vessel = Step<'cool'>['params']['vessel'];
/** One way of cooling what is before this step, told on to the fridge. */
export interface CoolingTried {
  readonly how: How;
  readonly vessel: Vessel;
  readonly way: ColdAtLast;
  /** Both stages of the limits are kept. */
  readonly inTime: boolean;
  /** Down to this before it is jarred, °C: the plan's own, or as far as the place brings it. */
  readonly toC: number;
  readonly takesS: number;
  readonly iceG: number;
  readonly stirS: number;
  readonly hotGlass: boolean;
  /** What stands in the fridge gets this warm, °C, and the fridge is cold again after so many s. */
  readonly fridge: { readonly peakC: number; readonly backS: number } | null;
  /** What makes the plan's step this one. */
  readonly edits: readonly Edit[];
  /** It is the plan's own. */
  readonly own: boolean;
}
/** In this order: least trouble first; ice comes last. */
const WAYS: readonly (readonly [How, Vessel])[] = [
  ['counter', 'pot'],
  ['counter', 'jars'],
  ['window', 'pot'],
  ['tray', 'pot'],
  ['fridge', 'pot'],
  ['fridge', 'jars'],
  ['water', 'pot'],
  ['water', 'jars'],
  ['waterIce', 'pot'],
  ['iceBath', 'pot'],
];
/** No place brings anything quite to its own temperature: this far above it is far enough, K. */
const ABOVE_K = 4;

function tried(step: Step<'cool'>, how: How, vessel: Vessel, before: Before): CoolingTried {
  const { s, here, recipe } = before;
  const ctx = contextOf(here, recipe.materials);
  const own = step.params.how === how && step.params.vessel === vessel;
  const run = (x: Step<'cool'>) => cool.run(x.id, x.params, () => s, ctx).figures;
  const told = (more: Partial<Step<'cool'>['params']>): Step<'cool'> => ({
    ...step,
    params: { ...step.params, ...more },
  });
  const way0 = { how, vessel, ...(own ? {} : { iceG: 0 }) };
  const as = told(way0);
  const first = run(as);
  // A place that cannot bring it so far brings it as far as it can; the fridge does the rest.
  const toC = first.never === 1 ? Math.min(s.temperatureC, Math.ceil((first.aroundC ?? 0) + ABOVE_K)) : step.params.toC;
  const it = toC === step.params.toC ? as : told({ ...way0, toC });
  const f = toC === step.params.toC ? first : run(it);
  const way = coldAtLast(s, it.params, ctx);
  const set = (param: string, value: string | number): Edit => ({ do: 'set', step: step.id, param, value });
  return {
    how,
    vessel,
    way,
    inTime: coldInTime(way, here.kit.fridgeC),
    toC,
    takesS: way.jarredS,
    iceG: f.iceG ?? 0,
    stirS: f.stirS ?? 0,
    hotGlass: f.hotGlass === 1,
    fridge: f.fridgePeakC === undefined ? null : { peakC: f.fridgePeakC, backS: f.fridgeBackS ?? 0 },
    edits: [
      set('how', how),
      set('vessel', vessel),
      ...(own ? [] : [set('iceG', 0)]),
      ...(it === as ? [] : [set('toC', toC)]),
    ],
    own,
  };
}
interface Before {
  readonly s: Stream;
  readonly here: Here;
  readonly recipe: Recipe;
}
function beforeStep(recipe: Recipe, outcome: Outcome, here: Here, step: Step<'cool'>): Before | null {
  const place = recipe.steps.findIndex((x) => x.id === step.id);
  const s = streamBefore(outcome, place, step.params.of);
  return s ? { s, here, recipe } : null;
}
/** Every way there is of cooling what comes to a step, the plan's own among them; none: nothing comes to it. */
export function coolingWays(recipe: Recipe, outcome: Outcome, here: Here, step: Step<'cool'>): readonly CoolingTried[] {
  const before = beforeStep(recipe, outcome, here, step);
  if (!before) return [];
  const own = [step.params.how, step.params.vessel] as const;
  const all = WAYS.some(([h, v]) => h === own[0] && v === own[1]) ? WAYS : [...WAYS, own];
  return all.map(([how, vessel]) => tried(step, how, vessel, before));
}
/** As it is done in the plan, told on to the fridge; null: nothing comes to the step. */
export function coolingNow(recipe: Recipe, outcome: Outcome, here: Here, step: Step<'cool'>): ColdAtLast | null {
  const before = beforeStep(recipe, outcome, here, step);
  return before && coldAtLast(before.s, step.params, contextOf(here, recipe.materials));
}
