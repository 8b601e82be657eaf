import { clockReading, timerS } from '@ironpan/core/batch';
import type { TaskState } from '@ironpan/core/batch';
import { readingOf } from '../store/batches';
import type { Happening } from '../store/batches';
import type { Running } from '../live/running';

/**
 * So far from the plan that the cook is asked which counts: pressed late, or really so. Who stops a jug early stands at
 * it: that is never asked.
 */
export function farOff(t: TaskState, ranS: number): boolean {
  const planned = timerS(t.task);
  if (clockReading(t) === null || (t.task.hands === 'busy' && ranS < planned)) return false;
  return Math.abs(ranS - planned) > Math.max(60, 0.4 * planned);
}

/**
 * Ends a task; what follows in the same step without hands begins by itself. `tookS`: what the clock counts as; `by`: who
 * timed it.
 */
export function endOf(
  r: Running,
  t: TaskState,
  tookS: number | null,
  by: 'clock' | 'ear' = 'clock',
): readonly Happening[] {
  const what = clockReading(t);
  const of = { step: t.step.id, task: t.task.id };
  const out: Happening[] = [];
  if (what !== null && tookS !== null) out.push(readingOf(t.step.id, t.task.id, what, tookS, by));
  out.push({ is: 'ended', ...of, by: 'cook' });
  const i = r.progress.tasks.findIndex((x) => x.step.id === t.step.id && x.task.id === t.task.id);
  const after = r.progress.tasks[i + 1];
  if (after && after.step.id === t.step.id && after.task.timed && after.task.hands !== 'busy')
    out.push({ is: 'begun', step: after.step.id, task: after.task.id });
  return out;
}
/** A task is begun. */
export const begin = (t: TaskState): Happening => ({ is: 'begun', step: t.step.id, task: t.task.id });
