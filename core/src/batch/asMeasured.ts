import { kindOf } from '../steps';
import type { FigureName, Reading, Recipe, Stage } from '../steps';
import type { Progress } from './progress';

/** Figures of a step that follow another one in proportion: what is filled into one jar follows the whole filling. */
const FOLLOW: Readonly<Partial<Record<FigureName, readonly FigureName[]>>> = { filledG: ['filledMl', 'eachMl'] };

/** The stages of a batch with every figure that was measured in place of the predicted one. */
export function measuredStages(p: Pick<Progress, 'recipe' | 'readings' | 'outcome'>): readonly Stage[] {
  return p.outcome.stages.map((stage) => withReadings(stage, p.recipe, p.readings));
}
function withReadings(stage: Stage, recipe: Recipe, readings: readonly Reading[]): Stage {
  const step = recipe.steps.find((s) => s.id === stage.step);
  if (!step) return stage;
  const specs = kindOf(step.kind).readings;
  const figures = { ...stage.figures };
  for (const r of readings) {
    const figure = r.step === step.id ? specs[r.what]?.figure : undefined;
    const predicted = figure === undefined ? undefined : stage.figures[figure];
    if (figure === undefined || predicted === undefined) continue;
    figures[figure] = r.value;
    for (const f of FOLLOW[figure] ?? [])
      if (predicted > 0) figures[f] = ((stage.figures[f] ?? 0) * r.value) / predicted;
  }
  return { ...stage, figures };
}
