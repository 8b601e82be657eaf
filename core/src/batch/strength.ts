import type { Recipe } from '../steps';

/**
 * g of food, as bought, for each litre of fresh water that reaches the milk: the unit that makes all ways of making a
 * milk comparable. Soak, blanching and cooking water is thrown away or eaten by the grain and never counts. Null: no water.
 */
export function gramsPerLitre(recipe: Recipe): number | null {
  const food = recipe.larder.reduce((g, l) => g + l.grams, 0);
  const fresh = recipe.steps.reduce((g, x) => {
    if (x.kind === 'grind') return g + x.params.waterG + x.params.iceG;
    return x.kind === 'wash' || x.kind === 'knead' || x.kind === 'holdBack' ? g + x.params.waterG : g;
  }, 0);
  return fresh > 0 ? (1000 * food) / fresh : null;
}
