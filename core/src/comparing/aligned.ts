import { kindOf, paramOf } from '../steps';
import type { Step } from '../steps';
import type { Made } from './made';

/**
 * The second with its steps called as those of the first that they answer to: of the same id and kind, else the next of
 * that kind that answers to none. What answers to nothing keeps a name of its own.
 */
export function aligned(a: Made, b: Made): Made {
  const free = a.recipe.steps.filter((s) => !b.recipe.steps.some((t) => t.id === s.id && t.kind === s.kind));
  const names = new Map<string, string>();
  const taken = new Set(a.recipe.steps.map((s) => s.id));
  for (const t of b.recipe.steps) {
    if (a.recipe.steps.some((s) => s.id === t.id && s.kind === t.kind)) continue;
    const i = free.findIndex((s) => s.kind === t.kind);
    const answers = i < 0 ? undefined : free.splice(i, 1)[0];
    let name = answers?.id ?? t.id;
    while (!answers && taken.has(name)) name = `${name}-2`;
    taken.add(name);
    if (name !== t.id) names.set(t.id, name);
  }
  if (names.size === 0) return b;
  const called = (id: string): string => names.get(id) ?? id;
  return {
    ...b,
    recipe: { ...b.recipe, steps: b.recipe.steps.map((s) => ({ ...s, id: called(s.id) })) },
    readings: b.readings.map((r) => ({ ...r, step: called(r.step) })),
    gapS: Object.fromEntries(Object.entries(b.gapS).map(([id, s]) => [called(id), s])),
  };
}

/** What a step works on and what it names: two batches in which that differs anywhere were made in two ways. */
export function shapeOf(s: Step): string {
  const shape = Object.entries(kindOf(s.kind).params).flatMap(([name, spec]) =>
    spec.type === 'stream' || spec.type === 'parts' || spec.type === 'food' ? [paramOf(s, name)] : [],
  );
  return JSON.stringify([s.id, s.kind, ...shape]);
}
/** Are the same steps made of the same streams, in the same order? */
export const sameWay = (a: Made, b: Made): boolean =>
  a.recipe.steps.length === b.recipe.steps.length &&
  a.recipe.steps.every((s, i) => shapeOf(s) === shapeOf(b.recipe.steps[i] as Step));
