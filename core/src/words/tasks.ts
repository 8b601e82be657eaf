import { kindOf } from '../steps';
import type { Step } from '../steps';
import { streamName } from './labels';

/** A short name for a task in a list; without a task, of the step. */
export function taskName(step: Step, task: string, label: string): string {
  if (task === '') return label;
  if (step.kind === 'grind') return step.params.loads > 1 ? `Grind load ${task.slice(4)}` : 'Grind';
  const kind = kindOf(step.kind);
  const own = kind.tasks?.[task];
  if (own !== undefined) return own;
  // Several milks of a plan are heated, cooled and filled one after another: each is named.
  const of = kind.station === 'jar' || kind.station === 'cook' || kind.along ? kind.reads(step.params)[0] : undefined;
  return of !== undefined && of !== 'milk' && of !== 'work' ? `${label}: ${streamName(of)}` : label;
}
