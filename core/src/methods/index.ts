import { MATERIALS, materialById, withCooked } from '../materials';
import { USUAL_KIT } from '../kitchen';
import type { Kit } from '../kitchen';
import { foodsOf } from '../steps';
import type { Recipe, Step } from '../steps';
import { ALMOND_METHODS } from './almond';
import { COCONUT_METHODS } from './coconut';
import { OAT_METHODS } from './oat';
import { RICE_METHODS } from './rice';
import { SOY_METHODS } from './soy';
import { TIGER_NUT_METHODS } from './tigerNut';
import type { Method } from './types';

export type { Method } from './types';
/** Every school, milk by milk. */
export const METHODS: readonly Method[] = [
  ...SOY_METHODS,
  ...OAT_METHODS,
  ...RICE_METHODS,
  ...TIGER_NUT_METHODS,
  ...COCONUT_METHODS,
  ...ALMOND_METHODS,
];

export function methodById(id: string): Method | undefined {
  return METHODS.find((m) => m.id === id);
}
/** The milks there are schools for, in the order of the list. */
export const MILKS: readonly string[] = [...new Set(METHODS.map((m) => m.milk))];

/** The same in a cook's own kitchen: what is written as tap water comes as warm as that kitchen's tap. */
export function recipeIn(m: Method, kit: Kit): Recipe {
  const r = recipeOf(m);
  const own = (s: Step): Step =>
    'waterC' in s.params && s.params.waterC === USUAL_KIT.tapC
      ? ({ ...s, params: { ...s.params, waterC: kit.tapC } } as Step)
      : s;
  return { ...r, steps: r.steps.map(own) };
}

/** A school's plan with its materials, ready to fold. */
export function recipeOf(m: Method): Recipe {
  const named = [...m.materials, ...m.steps.flatMap(foodsOf)];
  // What a food becomes when it is cooked belongs to the plan: somebody may cook it.
  const ids = new Set([...named, ...withCooked(MATERIALS, named).map((x) => x.id)]);
  return { materials: [...ids].map((id) => materialById(MATERIALS, id)), larder: m.larder, steps: m.steps };
}
