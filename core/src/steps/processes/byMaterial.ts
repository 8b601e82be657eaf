import { materialById } from '../../materials';
import type { Material } from '../../materials';
import type { Stream } from '../../kitchen';

/** A material's property, weighed by the dry matter each material brought. Nothing in it: 0. */
export function byMaterial(s: Stream, materials: readonly Material[], pick: (m: Material) => number): number {
  let total = 0;
  let sum = 0;
  for (const id in s.madeFrom) {
    const dry = s.madeFrom[id] ?? 0;
    total += dry;
    sum += dry * pick(materialById(materials, id));
  }
  return total > 0 ? sum / total : 0;
}
