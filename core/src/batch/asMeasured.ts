import { kindOf } from '../steps';
import type { Reading, Recipe, Stage } from '../steps';
import type { Progress } from './progress';

/** The stages of a batch with every figure that was measured in place of the predicted one, as its card shows them. */
export function measuredStages(p: Pick<Progress, 'recipe' | 'readings' | 'outcome'>): readonly Stage[] {
  return p.outcome.stages.map((stage) => withReadings(stage, p.recipe, p.readings));
}
function withReadings(stage: Stage, recipe: Recipe, readings: readonly Reading[]): Stage {
  const step = recipe.steps.find((s) => s.id === stage.step);
  if (!step) return stage;
  const figures = { ...stage.figures };
  for (const r of readings) {
    const spec = r.step === step.id ? kindOf(step.kind).readings[r.what] : undefined;
    const predicted = spec?.figure && stage.figures[spec.figure];
    if (!spec?.figure || !predicted) continue;
    figures[spec.figure] = r.value;
    for (const f of spec.follow ?? []) figures[f] = ((stage.figures[f] ?? 0) * r.value) / predicted;
  }
  return { ...stage, figures };
}
