import type { Happening, TaskState } from '@ironpan/core/batch';
import { kindOf } from '@ironpan/core/steps';
import { readingOf } from '../store/batches';
import { keyOfTask } from '../live/running';
import { benchHeard } from './bench';

/** The reading that a probe's course of this task is, when it ends: nothing where no probe was in it. */
export async function courseReading(batch: string, t: TaskState): Promise<readonly Happening[]> {
  const { watch } = benchHeard();
  const what = Object.entries(kindOf(t.step.kind).readings).find(([, r]) => r.byTrace && r.task === t.task.id)?.[0];
  if (what === undefined || watch?.batch !== batch || keyOfTask(watch.t) !== keyOfTask(t)) return [];
  const course = await watch.course();
  if (!course) return [];
  const told = readingOf(t.step.id, t.task.id, what, course.value, 'probe');
  return told.is === 'reading' ? [{ ...told, reading: { ...told.reading, trace: course.trace } }] : [];
}
