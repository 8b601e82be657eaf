import { applyEdits, kindOf, orderFaults, WATER } from '../steps';
import type { ParamSpec, Recipe } from '../steps';
import type { BatchEvent, RescueEdit } from './events';

type Anchor = string | null;
/** What was taken back of a log: its lines, and behind which step those that they had put in used to stand. */
export interface TakenBack {
  readonly lines: ReadonlySet<string>;
  /** The step that this one stands behind now that others are gone. */
  readonly behind: (after: Anchor) => Anchor;
}
export function takenBack(events: readonly BatchEvent[]): TakenBack {
  const lines = new Set(events.flatMap((e) => (e.is === 'undone' ? [e.of] : [])));
  const stood = new Map<string, Anchor>();
  if (lines.size > 0)
    for (const e of events)
      if (e.is === 'edited' && lines.has(e.id))
        for (const x of e.edits) if (x.do === 'insert') stood.set(x.step.id, x.after);
  const behind = (after: Anchor): Anchor => {
    let at = after;
    // Each step back goes to an earlier line; a log that names a circle is not followed round it.
    for (let n = 0; at !== null && n < stood.size; n += 1) {
      if (!stood.has(at)) break;
      at = stood.get(at) ?? null;
    }
    return at;
  };
  return { lines, behind };
}

/**
 * The recipe as it is made after a rescue. What no longer fits (its step is gone, it is out of bounds, a second window put
 * the same step in) is left out; where the order would break, all of it is: a log may say anything, a batch stays whole.
 */
export function editedBy(recipe: Recipe, edits: readonly RescueEdit[], behind: TakenBack['behind']): Recipe {
  let out = recipe;
  for (const e of edits) {
    const x = e.do === 'insert' ? { ...e, after: behind(e.after) } : e;
    if (fits(out, x)) out = applyEdits(out, [x]);
  }
  // Foods that only the steps to come name are not thrown away between two edits.
  const materials = [...recipe.materials, ...foodsOfEdits(edits)];
  out = { ...out, materials: [...new Map(materials.map((m) => [m.id, m])).values()] };
  return orderFaults(out).length > orderFaults(recipe).length ? recipe : out;
}
const foodsOfEdits = (edits: readonly RescueEdit[]) => edits.flatMap((e) => (e.do === 'foods' ? e.foods : []));

function fits(r: Recipe, e: RescueEdit): boolean {
  switch (e.do) {
    case 'foods':
      return true;
    case 'insert':
      return !r.steps.some((s) => s.id === e.step.id) && (e.after === null || r.steps.some((s) => s.id === e.after));
    case 'remove':
      return r.steps.some((s) => s.id === e.step);
    case 'set': {
      const step = r.steps.find((s) => s.id === e.step);
      const params = step && kindOf(step.kind).params;
      const spec = params && Object.hasOwn(params, e.param) ? params[e.param] : undefined;
      return spec !== undefined && mayBe(r, spec, e.value);
    }
  }
}
function mayBe(r: Recipe, spec: ParamSpec, value: unknown): boolean {
  switch (spec.type) {
    case 'number':
      return typeof value === 'number' && value >= spec.low && value <= spec.high;
    case 'flag':
      return typeof value === 'boolean';
    case 'choice':
      return typeof value === 'string' && spec.choices.includes(value);
    case 'thing':
      return typeof value === 'string';
    case 'food':
      return value === WATER || r.materials.some((m) => m.id === value);
    // What a step works on stays what it was.
    case 'stream':
    case 'parts':
      return false;
  }
}

/** Every step that a batch has or had: as it was planned, and those that came in while it was made, taken back or not. */
export function everyStep(recipe: Recipe, events: readonly BatchEvent[]): Recipe['steps'] {
  const came = events.flatMap((e) =>
    e.is === 'edited' ? e.edits.flatMap((x) => (x.do === 'insert' ? [x.step] : [])) : [],
  );
  return came.length > 0 ? [...recipe.steps, ...came] : recipe.steps;
}
