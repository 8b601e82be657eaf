import { foodLines, freshWaterOf, numberOf } from '../steps';
import type { Recipe } from '../steps';

/**
 * g of food, as bought (what is only stirred in is none), for each litre of fresh water that reaches the milk: the unit that makes all ways of making a
 * milk comparable. Soak, blanching and cooking water is thrown away or eaten by the grain and never counts. Null: no water.
 */
export function gramsPerLitre(recipe: Recipe): number | null {
  const stirred = new Set(recipe.materials.filter((m) => m.stirredIn).map((m) => m.id));
  const food = foodLines(recipe).reduce((g, l) => g + (stirred.has(l.material) ? 0 : l.grams), 0);
  let fresh = 0;
  for (const s of recipe.steps) for (const [name] of freshWaterOf(s)) fresh += numberOf(s, name);
  return fresh > 0 ? (1000 * food) / fresh : null;
}
