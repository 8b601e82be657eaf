import { behaviourOf, MATERIALS, milkCalled } from '../materials';
import type { Material } from '../materials';
import type { Edit, Recipe } from './recipe';

/** Skins that slip off: of an own food they are known only when it makes the milk of the food it is like. */
const hasSkins = (m: Material): boolean => m.hullShare > 0 && milkCalled(m) === behaviourOf(m);

/**
 * The edits that put another food on one line of the larder. Steps that slip off skins leave the plan when none of its
 * foods has skins any more.
 */
export function exchangeFood(recipe: Recipe, index: number, food: Material): readonly Edit[] {
  const cooked = MATERIALS.filter((m) => m.id === food.cookedAs);
  const others = recipe.larder.flatMap((l, i) => (i === index ? [] : [l.material]));
  const skins = hasSkins(food) || recipe.materials.some((m) => others.includes(m.id) && hasSkins(m));
  const skinning = skins ? [] : recipe.steps.filter((s) => s.kind === 'hull');
  return [{ do: 'food', index, food, cooked }, ...skinning.map((s): Edit => ({ do: 'remove', step: s.id }))];
}
