import { freezerBoxOf, hasFood, massG, portion, thingOf, volumeMl } from '../kitchen';
import type { Material } from '../materials';
import { kindOf } from '../steps';
import type { Figures, Step } from '../steps';
import type { FilledJar, Filling, FrozenBatch } from './events';
import type { FilledInto, Progress } from './progress';
import { tubMl } from './vessels';

/** Less than this is a smear, not something to keep, g. */
const LEAST_G = 5;

/**
 * The vessels a finished batch fills: what a step closed into vessels goes into them in equal parts, everything else that is
 * food into one tub each. Ids follow from the batch, so that a corrected reading rewrites the same jars.
 */
export function jarsOf(batch: FrozenBatch, p: Progress): readonly FilledJar[] {
  const out: FilledJar[] = [];
  const known = new Set(batch.recipe.materials.map((m) => m.id));
  const end = p.endedAt ?? batch.startedAt;
  for (const [product, s] of Object.entries(p.outcome.products)) {
    if (!hasFood(s) || massG(s) < LEAST_G) continue;
    const i = p.recipe.steps.findLastIndex((x) => kindOf(x.kind).fills?.(x.params) === product);
    const figures = p.outcome.stages[i]?.figures;
    const last = p.outcome.stages.findLastIndex((x) => x.writes.some(([w, made]) => w === product && made !== null));
    const stepId = p.outcome.stages[last]?.step;
    const filledAt =
      p.tasks.filter((t) => t.step.id === stepId).reduce((t, x) => Math.max(t, x.endedAt ?? 0), 0) || end;
    const step = p.recipe.steps[i];
    const whole = volumeMl(s);
    const told = step && p.filled.get(step.id);
    const vessels = told ? asTold(told, whole) : asPlanned(figures, whole, step, batch);
    vessels.forEach((v, k) =>
      out.push({
        id: `${batch.id}:${product}:${k + 1}`,
        batch: batch.id,
        product,
        vesselMl: v.vesselMl,
        filledMl: v.ml,
        filledAt,
        stream: portion(s, whole > 0 ? v.ml / whole : 1 / vessels.length),
        vessel: v.name,
        glass: v.glass,
        from: null,
        ...withFoods(p.recipe.materials.filter((m) => !known.has(m.id) && (s.madeFrom[m.id] ?? 0) > 0)),
      }),
    );
  }
  return out;
}
const withFoods = (foods: readonly Material[]): Pick<FilledJar, 'foods'> => (foods.length > 0 ? { foods } : {});
/** Equal parts in as many of the plan's jars as it takes; what no step closed into vessels, in a tub of no name. */
function asPlanned(
  f: Figures | undefined,
  whole: number,
  step: Step | undefined,
  batch: FrozenBatch,
): readonly Filling[] {
  const n = Math.max(1, f?.jars ?? 1);
  const ml = whole / n;
  const jar = step?.kind === 'jar' ? thingOf(batch.kit, 'jar', step.params.jar) : null;
  const box = step?.kind === 'freeze' ? freezerBoxOf(batch.kit, step.params.box) : null;
  const thing = jar ?? box;
  const one: Filling = {
    name: thing?.name ?? '',
    vesselMl: f?.jarMl ?? tubMl(ml),
    ml,
    glass: thing?.glass ?? false,
  };
  return Array.from({ length: n }, () => one);
}
/** As the cook filled them: a corrected reading makes each of them more or less by the same share. */
function asTold({ into, ofMl }: FilledInto, whole: number): readonly Filling[] {
  const by =
    whole /
    Math.max(
      ofMl,
      into.reduce((ml, v) => ml + v.ml, 0),
      1e-9,
    );
  return into.map((v) => ({ ...v, ml: v.ml * by }));
}
