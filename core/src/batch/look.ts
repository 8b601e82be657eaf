import { warningsOf } from '../checks';
import type { Warning } from '../checks';
import type { Beliefs, Kit } from '../kitchen';
import { orderFaults } from '../steps';
import type { Outcome, Recipe } from '../steps';
import type { Promised } from './events';
import { fold } from './fold';
import { summarise } from './summary';
import type { Summary } from './summary';

/** Number of the computation; a batch keeps the one it was promised by. */
export const MODEL = 'milks-2';

export interface Look {
  readonly outcome: Outcome;
  readonly summary: Summary;
  readonly warnings: readonly Warning[];
}
/** One plan in one kitchen: folded, summed up and checked. A plan with steps out of order: null. */
export function look(recipe: Recipe, kit: Kit, beliefs: Beliefs = {}): Look | null {
  if (orderFaults(recipe).length > 0) return null;
  const outcome = fold(recipe, { kit, beliefs });
  return { outcome, summary: summarise(recipe, outcome, kit), warnings: warningsOf({ outcome, recipe, kit }) };
}

export function promisedOf(s: Summary): Promised {
  const pulp = s.products.filter((p) => p !== s.main).reduce((g, p) => g + p.massG, 0);
  return {
    volumeMl: s.main?.volumeMl ?? 0,
    solids: s.main?.solids ?? 0,
    protein: s.main?.protein ?? 0,
    pulpG: pulp,
    keepS: s.main?.keep?.s ?? 0,
    elapsedS: s.elapsedS,
  };
}
