import { promisedOf } from '../../src/batch';
import type { FrozenBatch } from '../../src/batch';
import { unlearned } from '../../src/kitchen';
import { METHODS, recipeOf } from '../../src/methods';
import { look } from '../../src/questions';
import { sampleBatch } from '../records/sample';
import { kitAt } from './kitchen';

/** Batches by their method: each is folded once a file. */
const known = new Map<string, FrozenBatch>();
/** A batch of a method at sea level, with what is predicted for it there. */
export function batchOf(method: string): FrozenBatch {
  const had = known.get(method) ?? newBatch(method);
  known.set(method, had);
  return had;
}
function newBatch(school: string): FrozenBatch {
  const m = METHODS.find((x) => x.id === school);
  if (!m) throw new Error(school);
  const recipe = recipeOf(m);
  const kit = kitAt(0);
  const seen = look(recipe, unlearned(kit));
  if (!seen) throw new Error('no look');
  return { ...sampleBatch(), recipe, kit, beliefs: {}, promised: promisedOf(seen.summary) };
}
