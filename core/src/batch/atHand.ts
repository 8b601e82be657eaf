import { kindOf } from '../steps';
import type { Recipe, Step } from '../steps';
import type { TaskState } from './taskState';

/** Everything of a step that decides its order: what it takes, and what is another thing after it. */
interface Touch {
  readonly takes: readonly string[];
  readonly makes: readonly string[];
}
function touchOf(s: Step): Touch {
  const kind = kindOf(s.kind);
  return {
    takes: [...kind.reads(s.params), ...(kind.joins?.(s.params) ?? [])],
    makes: [...kind.writes(s.params), ...(kind.usesUp?.(s.params) ?? [])],
  };
}
const meet = (a: readonly string[], b: readonly string[]): boolean => a.some((x) => b.includes(x));

/**
 * For each step the places of those it waits for: whoever makes what it takes, and whoever still takes what it changes.
 * What takes nothing at all (water set aside) has its turn in the list.
 */
export function waitsFor(recipe: Recipe): readonly (readonly number[])[] {
  const touched = recipe.steps.map(touchOf);
  return recipe.steps.map((s, i) => {
    const me = touched[i] as Touch;
    if (kindOf(s.kind).reads(s.params).length === 0) return i === 0 ? [] : [i - 1];
    return touched.slice(0, i).flatMap((t, j) => {
      const waits = meet(t.makes, me.takes) || meet(t.makes, me.makes) || meet(t.takes, me.makes);
      return waits ? [j] : [];
    });
  });
}
/** The step of this place, and all that comes of it. */
export function fromHere(recipe: Recipe, place: number): ReadonlySet<number> {
  const waits = waitsFor(recipe);
  const out = new Set([place]);
  for (let i = place + 1; i < recipe.steps.length; i += 1) if (waits[i]?.some((j) => out.has(j))) out.add(i);
  return out;
}

/** What waits for nothing but hands: all that runs, and all that could be begun, in the order of the plan. */
export function atHandOf(recipe: Recipe, tasks: readonly TaskState[]): readonly TaskState[] {
  const waits = waitsFor(recipe);
  const over: boolean[] = [];
  const out: TaskState[] = [];
  for (const i of recipe.steps.keys()) {
    const ready = (waits[i] ?? []).every((j) => over[j]);
    const open = tasks.find((t) => t.index === i && t.status !== 'done');
    over[i] = open === undefined && (ready || tasks.some((t) => t.index === i));
    if (open && (ready || open.status === 'running')) out.push(open);
  }
  return out;
}
/** It needs nobody until it is over: it does not stand before what can be done meanwhile. */
export const runsByItself = (t: TaskState): boolean => t.status === 'running' && t.task.hands === 'free';
