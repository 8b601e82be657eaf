import { hasFood, massG, portion, volumeMl } from '../kitchen';
import { kindOf } from '../steps';
import type { FilledJar, FrozenBatch } from './events';
import type { Progress } from './progress';

/** Less than this is a smear, not something to keep, g. */
const LEAST_G = 5;

/**
 * The vessels a finished batch fills: what a step closed into vessels goes into them in equal parts, everything else that is
 * food into one tub each. Ids follow from the batch, so that a corrected reading rewrites the same jars.
 */
export function jarsOf(batch: FrozenBatch, p: Progress): readonly FilledJar[] {
  const out: FilledJar[] = [];
  const end = p.endedAt ?? batch.startedAt;
  for (const [product, s] of Object.entries(p.outcome.products)) {
    if (!hasFood(s) || massG(s) < LEAST_G) continue;
    const i = p.recipe.steps.findLastIndex((x) => kindOf(x.kind).fills?.(x.params) === product);
    const figures = p.outcome.stages[i]?.figures;
    const n = Math.max(1, figures?.jars ?? 1);
    const ml = volumeMl(s) / n;
    const vesselMl = figures?.jarMl ?? Math.ceil((ml * 1.2) / 100) * 100;
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
