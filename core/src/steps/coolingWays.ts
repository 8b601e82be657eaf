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

/** Cooler than this before it is jarred, one after the other, °C. */
const FURTHER_C = [10, 7, 5] as const;

function tried(step: Step<'cool'>, how: How, vessel: Vessel, before: Before): CoolingTried {
  const { s, here, recipe } = before;
  const ctx = contextOf(here, recipe.materials);
  const own = step.params.how === how && step.params.vessel === vessel;
  const asked = { how, vessel, ...(own ? {} : { iceG: 0 }) };
  const to = (toC: number) => {
    const it = { ...step.params, ...asked, toC };
    const f = cool.run(step.id, it, () => s, ctx).figures;
    const way = coldAtLast(s, it, ctx);
    return { toC, f, way, inTime: coldInTime(way, here.kit.fridgeC) };
  };
  let it = to(step.params.toC);
  // A place that cannot bring it so far brings it as far as it can, and the fridge does the rest; one that can, goes
  // further where that is what brings it there in time.
  if (it.f.never === 1) it = to(Math.min(s.temperatureC, Math.ceil((it.f.aroundC ?? 0) + ABOVE_K)));
  else if (!own && !it.inTime)
    it =
      FURTHER_C.filter((c) => c < step.params.toC)
        .map(to)
        .find((x) => x.inTime && x.f.never !== 1) ?? it;
  const { toC, f, way, inTime } = it;
  const set = (param: string, value: string | number): Edit => ({ do: 'set', step: step.id, param, value });
  return {
    how,
    vessel,
    way,
    inTime,
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
      ...(toC === step.params.toC ? [] : [set('toC', toC)]),
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
/** How far down the plan's own way must go before it is jarred, so that the fridge does the rest in time, °C; null: none helps. */
export function furtherC(recipe: Recipe, outcome: Outcome, here: Here, step: Step<'cool'>): number | null {
  const enough = (toC: number): boolean => {
    if (toC >= step.params.toC) return false;
    const way = coolingNow(recipe, outcome, here, { ...step, params: { ...step.params, toC } });
    return way !== null && coldInTime(way, here.kit.fridgeC);
  };
  return FURTHER_C.find(enough) ?? null;
}
/** It is cooled for the last time, and then jarred: only then is the way to 5 °C this step's. */
export function endsInJar(recipe: Recipe, step: Step<'cool'>): boolean {
  const after = recipe.steps.slice(recipe.steps.findIndex((s) => s.id === step.id) + 1);
  const of = after.filter((s) => 'of' in s.params && s.params.of === step.params.of);
  return (
    of.some((s) => s.kind === 'jar') && !of.some((s) => s.kind === 'cool' || s.kind === 'boil' || s.kind === 'heat')
  );
}
