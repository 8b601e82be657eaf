import type { Rescue } from '@ironpan/core/batch';
import type { Running } from '../live/running';

/** None of the steps that it put in or changed is begun. */
export function untouched(r: Running, x: Rescue): boolean {
  const touched = new Set([...x.steps, ...x.edits.flatMap((e) => (e.do === 'set' ? [e.step] : []))]);
  return r.progress.tasks.every((t) => !touched.has(t.step.id) || t.status === 'waiting' || x.steps.length === 0);
}
