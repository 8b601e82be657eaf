import { hasFood, massG, portion, thingOf, volumeMl } from '../kitchen';
import type { FilledJar, FrozenBatch } from './events';
import type { Progress } from './progress';

/** Less than this is a smear, not something to keep, g. */
const LEAST_G = 5;

/**
 * The vessels a finished batch fills: what a jar step closed goes into its jars in equal parts, everything else that is
 * food into one tub each. Ids follow from the batch, so that a corrected reading rewrites the same jars.
 */
export function jarsOf(batch: FrozenBatch, p: Progress): readonly FilledJar[] {
  const out: FilledJar[] = [];
  const end = p.endedAt ?? batch.startedAt;
  for (const [product, s] of Object.entries(p.outcome.products)) {
    if (!hasFood(s) || massG(s) < LEAST_G) continue;
    const i = p.recipe.steps.findLastIndex((x) => x.kind === 'jar' && x.params.of === product);
    const step = p.recipe.steps[i];
    const n = step ? Math.max(1, p.outcome.stages[i]?.figures.jars ?? 1) : 1;
    const ml = volumeMl(s) / n;
    const vesselMl =
      step?.kind === 'jar' ? thingOf(batch.kit, 'jar', step.params.jar).ml : Math.ceil((ml * 1.2) / 100) * 100;
    const last = p.outcome.stages.findLastIndex((x) => x.writes.some(([w, made]) => w === product && made !== null));
    const stepId = p.outcome.stages[last]?.step;
    const filledAt =
      p.tasks.filter((t) => t.step.id === stepId).reduce((t, x) => Math.max(t, x.endedAt ?? 0), 0) || end;
    for (let k = 0; k < n; k += 1)
      out.push({
        id: `${batch.id}:${product}:${k + 1}`,
        batch: batch.id,
        product,
        vesselMl,
        filledMl: ml,
        filledAt,
        stream: portion(s, 1 / n),
      });
  }
  return out;
}
