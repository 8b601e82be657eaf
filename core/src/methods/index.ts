import { MATERIALS, materialById } from '../materials';
import type { Recipe } from '../steps';
import { SOY_METHODS } from './soy';
import type { Method } from './types';

export type { Method } from './types';
/** Every school, milk by milk. */
export const METHODS: readonly Method[] = [...SOY_METHODS];

export function methodById(id: string): Method | undefined {
  return METHODS.find((m) => m.id === id);
}

/** A school's plan with its materials, ready to fold. */
export function recipeOf(m: Method): Recipe {
  return { materials: m.materials.map((id) => materialById(MATERIALS, id)), larder: m.larder, steps: m.steps };
}
