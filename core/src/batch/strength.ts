import { kindOf, numberOf } from '../steps';
import type { Recipe } from '../steps';

/**
 * g of food, as bought, for each litre of fresh water that reaches the milk: the unit that makes all ways of making a
 * milk comparable. Soak, blanching and cooking water is thrown away or eaten by the grain and never counts. Null: no water.
 */
export function gramsPerLitre(recipe: Recipe): number | null {
  const food = recipe.larder.reduce((g, l) => g + l.grams, 0);
  let fresh = 0;
  for (const s of recipe.steps)
    for (const [name, spec] of Object.entries(kindOf(s.kind).params))
      if (spec.type === 'number' && spec.fresh) fresh += numberOf(s, name);
  return fresh > 0 ? (1000 * food) / fresh : null;
}
