import { WATER } from '../materials';
import type { Material } from '../materials';
import { kindOf, nameOf, numberOf, paramOf, withParams } from './registry';
import type { ParamValue } from './registry';
import type { NumberSpec, Step } from './params';

export interface LarderLine {
  readonly into: string;
  readonly material: string;
  readonly grams: number;
}
/** What is made, from what, in which order: the part of a plan that the fold reads. */
export interface Recipe {
  readonly materials: readonly Material[];
  readonly larder: readonly LarderLine[];
  readonly steps: readonly Step[];
}

/** A change to a recipe as data, so that it can be stored, sent to a worker and undone. */
export type Edit =
  | { readonly do: 'set'; readonly step: string; readonly param: string; readonly value: ParamValue }
  | { readonly do: 'larder'; readonly index: number; readonly grams: number }
  /** Another food in the same plan, with what it becomes when it is cooked; the steps stay. */
  | { readonly do: 'food'; readonly index: number; readonly food: Material; readonly cooked: readonly Material[] }
  /** One food more to begin with, or one less. */
  | { readonly do: 'take'; readonly line: LarderLine; readonly foods: readonly Material[] }
  | { readonly do: 'leave'; readonly index: number }
  /** Foods that the steps of the next edits name. */
  | { readonly do: 'foods'; readonly foods: readonly Material[] }
  | { readonly do: 'insert'; readonly after: string | null; readonly step: Step }
  | { readonly do: 'remove'; readonly step: string }
  /** To stand after another step; null: first. */
  | { readonly do: 'move'; readonly step: string; readonly after: string | null }
  /** A stream by another name, wherever it is named. */
  | { readonly do: 'rename'; readonly stream: string; readonly to: string }
  | { readonly do: 'scale'; readonly by: number };

/** A recipe with changes made, one after the other; foods that no line names any more are gone from it. */
export function applyEdits<R extends Recipe>(recipe: R, edits: readonly Edit[]): R {
  const out = edits.reduce<R>(applyEdit, recipe);
  return edits.some((e) => MAY_FREE_FOODS.has(e.do)) ? withoutUnused(out) : out;
}
const MAY_FREE_FOODS: ReadonlySet<Edit['do']> = new Set(['set', 'food', 'foods', 'leave', 'remove']);

function applyEdit<R extends Recipe>(r: R, e: Edit): R {
  switch (e.do) {
    case 'set':
      return {
        ...r,
        steps: r.steps.map((s) => (s.id === e.step ? withParams(s, { [e.param]: e.value }) : s)),
      };
    case 'larder':
      return { ...r, larder: r.larder.map((l, i) => (i === e.index ? { ...l, grams: e.grams } : l)) };
    case 'food':
      return {
        ...r,
        larder: r.larder.map((l, i) => (i === e.index ? { ...l, material: e.food.id } : l)),
        materials: [e.food, ...besides(r, [e.food]), ...besides({ materials: e.cooked }, r.materials)],
      };
    case 'take':
      return { ...r, larder: [...r.larder, e.line], materials: [...besides(r, e.foods), ...e.foods] };
    case 'leave':
      return { ...r, larder: r.larder.filter((_, i) => i !== e.index) };
    case 'foods':
      return { ...r, materials: [...besides(r, e.foods), ...e.foods] };
    case 'insert':
      return { ...r, steps: putAfter(r.steps, e.step, e.after) };
    case 'remove':
      return { ...r, steps: r.steps.filter((s) => s.id !== e.step) };
    case 'move': {
      const step = r.steps.find((s) => s.id === e.step);
      const others = r.steps.filter((s) => s.id !== e.step);
      return step && e.after !== e.step ? { ...r, steps: putAfter(others, step, e.after) } : r;
    }
    case 'rename':
      return renamed(r, e.stream, e.to);
    case 'scale':
      return {
        ...r,
        larder: r.larder.map((l) => ({ ...l, grams: l.grams * e.by })),
        steps: r.steps.map((s) => scaled(s, e.by)),
      };
  }
}
/** After another; after one that is not there, first. */
function putAfter(steps: readonly Step[], step: Step, after: string | null): readonly Step[] {
  const i = after === null ? 0 : steps.findIndex((s) => s.id === after) + 1;
  return [...steps.slice(0, i), step, ...steps.slice(i)];
}
const besides = (r: Pick<Recipe, 'materials'>, more: readonly Material[]): readonly Material[] =>
  r.materials.filter((m) => !more.some((x) => x.id === m.id));

/** The foods that a step names. */
export function foodsOf(s: Step): readonly string[] {
  return Object.entries(kindOf(s.kind).params).flatMap(([name, spec]) =>
    spec.type === 'food' && nameOf(s, name) !== WATER ? [nameOf(s, name)] : [],
  );
}
/** Every food of a plan with its grams: what it begins with, and what its steps add. */
export function foodLines(r: Recipe): readonly { readonly material: string; readonly grams: number }[] {
  const added = r.steps.flatMap((s) =>
    foodsOf(s).map((material) => ({ material, grams: 'amountG' in s.params ? s.params.amountG : 0 })),
  );
  return added.length > 0 ? [...r.larder, ...added] : r.larder;
}
/** The parameters of a step that are fresh water reaching the milk; another liquid in its place is none. */
export function freshWaterOf(s: Step): readonly (readonly [string, NumberSpec])[] {
  if ('liquid' in s.params && s.params.liquid !== WATER) return [];
  return Object.entries(kindOf(s.kind).params).flatMap(([name, spec]) =>
    spec.type === 'number' && spec.fresh ? [[name, spec] as const] : [],
  );
}
function withoutUnused<R extends Recipe>(r: R): R {
  const named = new Set([...r.larder.map((l) => l.material), ...r.steps.flatMap(foodsOf)]);
  const cooked = new Set(r.materials.flatMap((m) => (named.has(m.id) && m.cookedAs !== null ? [m.cookedAs] : [])));
  const materials = r.materials.filter((m) => named.has(m.id) || cooked.has(m.id));
  // A plan of which every food is gone still knows what it was made of.
  return materials.length === r.materials.length || materials.length === 0 ? r : { ...r, materials };
}

/** A stream by another name: in every step that names it, and where it begins. */
function renamed<R extends Recipe>(r: R, from: string, to: string): R {
  const named = (name: string): string => (name === from ? to : name);
  return {
    ...r,
    larder: r.larder.map((l) => ({ ...l, into: named(l.into) })),
    steps: r.steps.map((s) => {
      const more: Record<string, ParamValue> = {};
      for (const [name, spec] of Object.entries(kindOf(s.kind).params)) {
        const v = paramOf(s, name);
        if (spec.type === 'stream' && v === from) more[name] = to;
        if (spec.type === 'parts' && typeof v === 'object') more[name] = v.map((x) => ({ ...x, name: named(x.name) }));
      }
      return withParams(s, more);
    }),
  };
}

/** A step id that this plan does not have yet. */
export function freshStepId(r: Pick<Recipe, 'steps'>, base: string): string {
  const taken = new Set(r.steps.map((s) => s.id));
  if (!taken.has(base)) return base;
  for (let n = 2; ; n += 1) if (!taken.has(`${base}${n}`)) return `${base}${n}`;
}

/** Amounts grow with the batch, up to the bound of the parameter; times, temperatures and vessels do not. */
function scaled(s: Step, by: number): Step {
  const grown: Record<string, number> = {};
  for (const [name, spec] of Object.entries(kindOf(s.kind).params))
    if (spec.type === 'number' && spec.scales) grown[name] = Math.min(spec.high, numberOf(s, name) * by);
  return withParams(s, grown);
}

/** The steps before this one; none before one that is not there. */
export function stepsBefore(r: Recipe, step: string): readonly Step[] {
  return r.steps.slice(
    0,
    Math.max(
      0,
      r.steps.findIndex((s) => s.id === step),
    ),
  );
}

export interface OrderFault {
  readonly index: number;
  readonly step: string;
  readonly stream: string;
  /**
   * missing: nothing before has made it. used: a step before used it up. twice: it would be poured into itself. food: the
   * plan does not hold this food.
   */
  readonly why: 'missing' | 'used' | 'twice' | 'food';
  /** The step that used it up. */
  readonly by?: string;
  /** The step further on that makes what is missing. */
  readonly madeBy?: string;
}
/** It comes out of this step without having gone in. */
const makes = (s: Step, stream: string): boolean =>
  kindOf(s.kind).writes(s.params).includes(stream) && !kindOf(s.kind).reads(s.params).includes(stream);
const repeated = (names: readonly string[]): string | undefined => names.find((n, i) => names.indexOf(n) !== i);

/**
 * Steps that take a stream which nothing before them has made, that name one stream for two things, or a food that is not
 * in the plan. What each kind reads and writes decides it; no kind is known here.
 */
export function orderFaults(r: Recipe): readonly OrderFault[] {
  const there = new Set(r.larder.map((l) => l.into));
  const usedBy = new Map<string, string>();
  const faults: OrderFault[] = [];
  r.steps.forEach((s, index) => {
    const kind = kindOf(s.kind);
    for (const stream of kind.reads(s.params))
      if (!there.has(stream)) {
        const by = usedBy.get(stream);
        const madeBy = r.steps.slice(index + 1).find((x) => makes(x, stream))?.id;
        faults.push({
          index,
          step: s.id,
          stream,
          ...(by === undefined ? { why: 'missing', ...(madeBy !== undefined && { madeBy }) } : { why: 'used', by }),
        });
      }
    const twice = repeated(kind.reads(s.params)) ?? repeated(kind.writes(s.params));
    if (twice !== undefined) faults.push({ index, step: s.id, stream: twice, why: 'twice' });
    for (const id of foodsOf(s))
      if (!r.materials.some((m) => m.id === id)) faults.push({ index, step: s.id, stream: id, why: 'food' });
    // What names one stream for two things does nothing until it is mended.
    const gone = twice === undefined ? (kind.usesUp?.(s.params) ?? []) : [];
    for (const stream of gone) {
      there.delete(stream);
      usedBy.set(stream, s.id);
    }
    for (const stream of kind.writes(s.params))
      if (!gone.includes(stream)) {
        there.add(stream);
        usedBy.delete(stream);
      }
  });
  return faults;
}
