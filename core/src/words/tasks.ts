import { kindOf } from '../steps';
import type { Recipe, Step } from '../steps';
import { streamName } from './labels';

/** A short name for a task in a list; without a task, of the step. */
export function taskName(step: Step, task: string, label: string): string {
  if (task === '') return label;
  if (step.kind === 'grind') return step.params.loads > 1 ? `Grind load ${task.slice(4)}` : 'Grind';
  return kindOf(step.kind).tasks?.[task] ?? withMilkName(step, label);
}
/** A name with the milk that the step is done to: several milks of a plan are heated, cooled and filled one after another. */
export function withMilkName(step: Step, name: string, recipe?: Recipe): string {
  const kind = kindOf(step.kind);
  const of = kind.station === 'jar' || kind.station === 'cook' || kind.along ? kind.reads(step.params)[0] : undefined;
  return of === undefined || of === 'milk' || of === 'work' ? name : `${name}: ${streamName(of, recipe)}`;
}
