import { massG, volumeMl } from '@ironpan/core/kitchen';
import type { Running } from '../ui/running';

/** Milk in the jars by the scale, ml; null when it was not weighed. */
export function measuredMl(r: Running): number | null {
  const jar = r.progress.recipe.steps.findLast((s) => s.kind === 'jar');
  const weighed = r.progress.readings.find((x) => x.step === jar?.id && x.what === 'filledG');
  const s = jar?.kind === 'jar' ? r.progress.outcome.products[jar.params.of] : undefined;
  if (!weighed || !s || massG(s) <= 0) return null;
  return (weighed.value * volumeMl(s)) / massG(s);
}
