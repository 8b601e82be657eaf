import type { Recipe } from './recipe';
import { paramOf, withParams } from './registry';
import type { ParamValue } from './registry';
import type { Step } from './params';

export interface Named {
  readonly name: string;
  readonly recipe: Recipe;
}
export interface Merged {
  readonly plan: Named;
  /** Both sides changed the same thing to something else; the merged plan holds the second side's. */
  readonly conflict: boolean;
}
const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);

/** Of one value changed on two sides: whichever changed it; changed on both to different values it is a conflict. */
class Merge {
  conflict = false;
  pick<T>(base: T, ours: T, theirs: T): T {
    if (same(ours, base) || same(ours, theirs)) return theirs;
    if (!same(theirs, base)) this.conflict = true;
    return ours;
  }
}

/**
 * Two edits of one plan, made at the same time in two windows, over what both began from. Edits of different fields
 * (a parameter of a step, an amount of the larder, the name) come together; steps put in or taken out on one side stay so.
 */
export function mergePlans(base: Named, theirs: Named, ours: Named): Merged {
  const m = new Merge();
  const name = m.pick(base.name, ours.name, theirs.name);
  const ids = (r: Recipe): readonly string[] => r.steps.map((s) => s.id);
  const order = m.pick(ids(base.recipe), ids(ours.recipe), ids(theirs.recipe));
  const step = (r: Recipe, id: string): Step | undefined => r.steps.find((s) => s.id === id);
  const steps = order.flatMap((id): Step[] => {
    const [b, t, o] = [step(base.recipe, id), step(theirs.recipe, id), step(ours.recipe, id)];
    if (!t || !o) {
      const only = t ?? o;
      return only ? [only] : [];
    }
    if (t.kind !== o.kind) {
      m.conflict = true;
      return [o];
    }
    const params: Record<string, ParamValue> = {};
    for (const k of Object.keys(o.params)) {
      const [ours, theirs] = [paramOf(o, k), paramOf(t, k)];
      params[k] = b?.kind === o.kind ? m.pick(paramOf(b, k), ours, theirs) : m.pick(theirs, ours, theirs);
    }
    return [withParams(o, params)];
  });
  const lines = Math.max(ours.recipe.larder.length, theirs.recipe.larder.length);
  const larder =
    ours.recipe.larder.length === theirs.recipe.larder.length
      ? Array.from({ length: lines }, (_, i) =>
          m.pick(base.recipe.larder[i], ours.recipe.larder[i], theirs.recipe.larder[i]),
        ).filter((l) => l !== undefined)
      : m.pick(base.recipe.larder, ours.recipe.larder, theirs.recipe.larder);
  const materials = m.pick(base.recipe.materials, ours.recipe.materials, theirs.recipe.materials);
  return { plan: { name, recipe: { materials, larder, steps } }, conflict: m.conflict };
}
