import type { Material } from '../materials';
import { kindOf, numberOf, paramOf, withParams } from './registry';
import type { Kind, Step } from './params';

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
  | { readonly do: 'set'; readonly step: string; readonly param: string; readonly value: number | string | boolean }
  | { readonly do: 'larder'; readonly index: number; readonly grams: number }
  /** Another food in the same plan, with what it becomes when it is cooked; the steps stay. */
  | { readonly do: 'food'; readonly index: number; readonly food: Material; readonly cooked: readonly Material[] }
  | { readonly do: 'insert'; readonly after: string | null; readonly step: Step }
  | { readonly do: 'remove'; readonly step: string }
  | { readonly do: 'scale'; readonly by: number };

/** A recipe with changes made, one after the other. */
export function applyEdits<R extends Recipe>(recipe: R, edits: readonly Edit[]): R {
  return edits.reduce<R>(applyEdit, recipe);
}

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
      return withFood(r, e.index, e.food, e.cooked);
    case 'insert': {
      const i = e.after === null ? 0 : r.steps.findIndex((s) => s.id === e.after) + 1;
      return { ...r, steps: [...r.steps.slice(0, i), e.step, ...r.steps.slice(i)] };
    }
    case 'remove':
      return { ...r, steps: r.steps.filter((s) => s.id !== e.step) };
    case 'scale':
      return {
        ...r,
        larder: r.larder.map((l) => ({ ...l, grams: l.grams * e.by })),
        steps: r.steps.map((s) => scaled(s, e.by)),
      };
  }
}

function withFood<R extends Recipe>(r: R, index: number, food: Material, cooked: readonly Material[]): R {
  const larder = r.larder.map((l, i) => (i === index ? { ...l, material: food.id } : l));
  const taken = new Set(larder.map((l) => l.material));
  const stays = r.materials.filter(
    (m) => m.id !== food.id && (taken.has(m.id) || r.materials.some((x) => taken.has(x.id) && x.cookedAs === m.id)),
  );
  const more = cooked.filter((m) => !stays.some((x) => x.id === m.id));
  return { ...r, larder, materials: [food, ...stays, ...more] };
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
  /** missing: nothing before has made it. used: a step before used it up. twice: it would be poured into itself. */
  readonly why: 'missing' | 'used' | 'twice';
  /** The step that used it up. */
  readonly by?: string;
}

const streamNames = new Map<Kind, readonly string[]>();
/** The parameters of a kind that name streams, looked up once. */
function streamParams(kind: Kind): readonly string[] {
  let names = streamNames.get(kind);
  if (!names) {
    names = Object.entries(kindOf(kind).params).flatMap(([name, spec]) => (spec.type === 'stream' ? [name] : []));
    streamNames.set(kind, names);
  }
  return names;
}

/** Steps that take a stream which nothing before them has made, or that name one stream for two things. */
export function orderFaults(r: Recipe): readonly OrderFault[] {
  const there = new Set(r.larder.map((l) => l.into));
  const usedBy = new Map<string, string>();
  const faults: OrderFault[] = [];
  r.steps.forEach((s, index) => {
    const kind = kindOf(s.kind);
    for (const stream of kind.reads(s.params))
      if (!there.has(stream)) {
        const by = usedBy.get(stream);
        faults.push({ index, step: s.id, stream, ...(by === undefined ? { why: 'missing' } : { why: 'used', by }) });
      }
    const named = streamParams(s.kind).map((name) => String(paramOf(s, name)));
    const twice = named.find((n, i) => named.indexOf(n) !== i);
    if (twice !== undefined) faults.push({ index, step: s.id, stream: twice, why: 'twice' });
    const gone = kind.usesUp?.(s.params) ?? [];
    for (const stream of gone) {
      there.delete(stream);
      usedBy.set(stream, s.id);
    }
    for (const stream of kind.writes(s.params)) if (!gone.includes(stream)) there.add(stream);
  });
  return faults;
}
