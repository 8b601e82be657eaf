import { massG, volumeMl } from '@ironpan/core/kitchen';
import type { Running } from '../ui/running';

/** Milk in all the jars by the scale, ml; null when one of them was not weighed. */
export function measuredMl(r: Running): number | null {
  let ml = 0;
  let jars = 0;
  for (const step of r.progress.recipe.steps) {
    if (step.kind !== 'jar') continue;
    jars += 1;
    const weighed = r.progress.readings.find((x) => x.step === step.id && x.what === 'filledG');
    const s = r.progress.outcome.products[step.params.of];
    if (!weighed || !s || massG(s) <= 0) return null;
    ml += (weighed.value * volumeMl(s)) / massG(s);
  }
  return jars > 0 ? ml : null;
}
