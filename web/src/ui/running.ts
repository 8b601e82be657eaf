import { pausedSince, progressOf, ranForS, soakingNow, timerS } from '@ironpan/core/batch';
import type { Progress, TaskState } from '@ironpan/core/batch';
import { kindOf } from '@ironpan/core/steps';
import { taskName } from '@ironpan/core/words';
import { useMemo } from 'react';
import { allBatches } from '../store/batches';
import type { BatchWithLog } from '../store/batches';
import { useLive } from '../store/live';

export interface Running extends BatchWithLog {
  readonly progress: Progress;
}
/** Every batch with where it is; folded again only when a log changes. */
export function useBatches(): readonly Running[] | undefined {
  const live = useLive(['batches'], allBatches);
  const data = live.data;
  if (live.error) throw live.error;
  return useMemo(() => data?.map((b) => ({ ...b, progress: remembered(b) })), [data]);
}

/** Progress by batch, folded again only when its own log has changed: logs are append-only, so their ids say it. */
const memory = new Map<string, { readonly of: string; readonly progress: Progress }>();
function remembered(b: BatchWithLog): Progress {
  const of = `${b.batch.startedAt} ${b.batch.model} ${b.events.map((e) => e.id).join(' ')}`;
  const had = memory.get(b.batch.id);
  if (had?.of === of) return had.progress;
  const progress = progressOf(b.batch, b.events);
  memory.set(b.batch.id, { of, progress });
  return progress;
}

export interface Timer {
  readonly task: TaskState;
  readonly ranS: number;
  readonly plannedS: number;
  readonly paused: boolean;
  readonly leftS: number;
}
/** The timer of the task that runs; null when nothing is running. */
export function timerOf(r: Running, now: number): Timer | null {
  const t = r.progress.current;
  if (r.progress.state !== 'open' || t?.status !== 'running' || !t.task.timed) return null;
  const ran = ranForS(t, pausedSince(r.events), now);
  const planned = timerS(t.task);
  return { task: t, ranS: ran, plannedS: planned, paused: r.progress.paused, leftS: planned - ran };
}
export const soakOf = (r: Running, now: number) =>
  r.progress.state === 'open' ? soakingNow(r.progress, r.batch, now) : null;
export const nameOfTask = (t: TaskState): string => taskName(t.step, t.task.id, kindOf(t.step.kind).label);
