import { progressOf, ranForS } from '../batch';
import type { FrozenBatch, Progress } from '../batch';
import type { Step } from '../steps';

/** A step of a batch as it was planned and as it went. */
export interface WentStep {
  readonly step: Step;
  /** How long it was to take, and how long it took, s; null: it was not in the plan, or it was not done. */
  readonly plannedS: number | null;
  readonly tookS: number | null;
  readonly how: 'done' | 'skipped' | 'added' | 'open';
}

/** The steps of a batch, those that were left out and those that came in among them, in the order of its making. */
export function wentSteps(p: Progress, batch: FrozenBatch): readonly WentStep[] {
  const planned = progressOf(batch, []);
  const inPlan = new Set(batch.recipe.steps.map((s) => s.id));
  const out: WentStep[] = p.recipe.steps.map((step) => {
    const tasks = p.tasks.filter((t) => t.step.id === step.id);
    const before = planned.tasks.filter((t) => t.step.id === step.id);
    const done = tasks.length > 0 && tasks.every((t) => t.status === 'done');
    // What was ended without having been begun has only its end: it counts as it was reckoned.
    const took = tasks.reduce((s, t) => s + (t.begunAt === null ? t.task.durationS : ranForS(t, 0)), 0);
    return {
      step,
      plannedS: inPlan.has(step.id) ? before.reduce((s, t) => s + t.task.durationS, 0) : null,
      tookS: done ? took : null,
      how: !inPlan.has(step.id) ? 'added' : done ? 'done' : 'open',
    };
  });
  const made = new Set(p.recipe.steps.map((s) => s.id));
  batch.recipe.steps.forEach((step, i) => {
    if (made.has(step.id)) return;
    const before = planned.tasks.filter((t) => t.step.id === step.id);
    const after = batch.recipe.steps.slice(0, i).findLast((s) => made.has(s.id));
    const at = out.findIndex((w) => w.step.id === after?.id) + 1;
    out.splice(at, 0, {
      step,
      plannedS: before.reduce((s, t) => s + t.task.durationS, 0),
      tookS: null,
      how: 'skipped',
    });
  });
  return out;
}
