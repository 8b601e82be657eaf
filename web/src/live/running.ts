import { lastSeq, pausedSince, progressOf, ranForS, soakingNow, timerS } from '@ironpan/core/batch';
import type { Progress, TaskState } from '@ironpan/core/batch';
import { kindOf } from '@ironpan/core/steps';
import { taskName } from '@ironpan/core/words';
import { useMemo } from 'react';
import { oneBatch, openBatches } from '../store/batches';
import type { BatchWithLog } from '../store/batches';
import { useLive } from './live';

export interface Running extends BatchWithLog {
  readonly progress: Progress;
}
/** A batch that cannot be folded: told by itself, so that it takes no other with it. */
export interface Broken extends BatchWithLog {
  readonly why: string;
}
export interface OnBench {
  readonly running: readonly Running[];
  readonly broken: readonly Broken[];
}
/** What is on the bench, each folded again only when its own log changes. */
export function useOpen(): OnBench | undefined {
  const data = useLive(['open'], openBatches).data;
  return useMemo(() => {
    if (!data) return undefined;
    const all = data.map(reckoned);
    return { running: all.filter((b) => 'progress' in b), broken: all.filter((b) => 'why' in b) };
  }, [data]);
}
/** One batch, wherever it stands; null: it is not there. */
export function useBatch(id: string): Running | Broken | null | undefined {
  const data = useLive(['batch', id], () => oneBatch(id)).data;
  return useMemo(() => (data ? reckoned(data) : data), [data]);
}

/** Progress by batch: logs only grow, so their length and last line say whether it still holds. */
const memory = new Map<string, { readonly of: string; readonly progress: Progress }>();
const MOST_REMEMBERED = 40;
function reckoned(b: BatchWithLog): Running | Broken {
  const of = `${b.batch.startedAt} ${b.batch.model} ${b.events.length} ${lastSeq(b.events)}`;
  const had = memory.get(b.batch.id);
  if (had?.of === of) return { ...b, progress: had.progress };
  try {
    const progress = progressOf(b.batch, b.events);
    memory.set(b.batch.id, { of, progress });
    if (memory.size > MOST_REMEMBERED) memory.delete(memory.keys().next().value ?? '');
    return { ...b, progress };
  } catch (e) {
    return { ...b, why: e instanceof Error ? e.message : String(e) };
  }
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
/** How its soak stands now; null: it is not soaking. */
export const soakOf = (r: Running, now: number) =>
  r.progress.state === 'open' ? soakingNow(r.progress, r.batch, now) : null;
/** What a list calls a task. */
export const nameOfTask = (t: TaskState): string => taskName(t.step, t.task.id, kindOf(t.step.kind).label);
