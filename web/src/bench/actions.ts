import { clockReading } from '@ironpan/core/batch';
import type { TaskState } from '@ironpan/core/batch';
import { readingOf } from '../store/batches';
import type { Happening } from '../store/batches';
import type { Running } from '../live/running';

/** How long a task took, s. */
export interface Took {
  /** By the timer. */
  readonly ranS: number;
  /** By the cook's own word, which counts in its place; absent: the timer is right. */
  readonly saidS?: number;
}
/**
 * The events that end a task; what follows in the same step without hands begins by itself. Where the cook corrects the
 * timer, the log keeps both figures. `took` null: it has no timer; `by`: what timed it.
 */
export function endOf(
  r: Running,
  t: TaskState,
  took: Took | null,
  by: 'clock' | 'ear' = 'clock',
): readonly Happening[] {
  const what = clockReading(t);
  const of = { step: t.step.id, task: t.task.id };
  const out: Happening[] = [];
  if (what !== null && took !== null) {
    out.push(readingOf(of.step, of.task, what, took.ranS, by));
    if (took.saidS !== undefined) out.push(readingOf(of.step, of.task, what, took.saidS, 'cook'));
  }
  out.push({ is: 'ended', ...of, by: 'cook' });
  const i = r.progress.tasks.findIndex((x) => x.step.id === t.step.id && x.task.id === t.task.id);
  const after = r.progress.tasks[i + 1];
  if (after && after.step.id === t.step.id && after.task.timed && after.task.hands !== 'busy')
    out.push({ is: 'begun', step: after.step.id, task: after.task.id });
  return out;
}
/** A task is begun. */
export const begin = (t: TaskState): Happening => ({ is: 'begun', step: t.step.id, task: t.task.id });
