import { orderFaults } from '@ironpan/core/steps';
import type { OrderFault, Recipe } from '@ironpan/core/steps';

const seen = new WeakMap<Recipe, readonly OrderFault[]>();
/** What cannot be done where it stands; found once for each state of a plan, however many rows ask for it. */
export function faultsOf(r: Recipe): readonly OrderFault[] {
  let faults = seen.get(r);
  if (!faults) seen.set(r, (faults = orderFaults(r)));
  return faults;
}
