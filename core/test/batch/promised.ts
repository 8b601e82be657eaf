import { promisedOf } from '../../src/batch';
import type { FrozenBatch } from '../../src/batch';
import { unlearned } from '../../src/kitchen';
import { METHODS, recipeOf } from '../../src/methods';
import { look } from '../../src/questions';
import { sampleBatch } from '../records/sample';
import { kitAt } from './kitchen';

/** A batch of a school at sea level, with what it promises there. */
export function batchOf(school: string): FrozenBatch {
  const m = METHODS.find((x) => x.id === school);
  if (!m) throw new Error(school);
  const recipe = recipeOf(m);
  const kit = kitAt(0);
  const seen = look(recipe, unlearned(kit));
  if (!seen) throw new Error('no look');
  return { ...sampleBatch(), recipe, kit, beliefs: {}, promised: promisedOf(seen.summary) };
}
