import { fold, summarise } from '../batch';
import type { Summary } from '../batch';
import { warningsOf } from '../checks';
import type { Warning } from '../checks';
import type { Here } from '../kitchen';
import { orderFaults } from '../steps';
import type { Outcome, Recipe } from '../steps';

export interface Look {
  readonly outcome: Outcome;
  readonly summary: Summary;
  readonly warnings: readonly Warning[];
}
/** One plan in one kitchen: folded, summed up and checked. A plan with steps out of order: null. */
export function look(recipe: Recipe, here: Here): Look | null {
  if (orderFaults(recipe).length > 0) return null;
  const outcome = fold(recipe, here);
  return {
    outcome,
    summary: summarise(recipe, outcome, here.kit),
    warnings: warningsOf({ outcome, recipe, kit: here.kit }),
  };
}
