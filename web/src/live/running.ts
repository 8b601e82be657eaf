import { progressOf, ranForS, soakingNow, timerS } from '@ironpan/core/batch';
import type { Progress, SoakingNow, TaskState } from '@ironpan/core/batch';
import { kindOf } from '@ironpan/core/steps';
import type { Recipe } from '@ironpan/core/steps';
import { stepTitle, taskName } from '@ironpan/core/words';
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

/** Progress by batch, with a mark of all that it was folded from: a kitchen may be replaced under an open window. */
const memory = new Map<string, { readonly of: string; readonly progress: Progress }>();
const MOST_REMEMBERED = 40;
/** A batch with where it is and what came of it; folded again only when its own log changes. */
export function reckoned(b: BatchWithLog): Running | Broken {
  const of = markOf(b);
  const had = memory.get(b.batch.id);
  if (had?.of === of) return { ...b, progress: had.progress };
  try {
    const progress = progressOf(b.batch, b.events, b.traces);
    memory.set(b.batch.id, { of, progress });
    if (memory.size > MOST_REMEMBERED) memory.delete(memory.keys().next().value ?? '');
    return { ...b, progress };
  } catch (e) {
    return { ...b, why: e instanceof Error ? e.message : String(e) };
  }
}

/** A short mark of a batch and its log, another for any other: two 32-bit FNV-1a hashes, and the length. */
function markOf(b: BatchWithLog): string {
  const text = JSON.stringify([b.batch, b.events, b.traces.map((t) => [t.id, t.values.length])]);
  let [one, two] = [0x811c9dc5, 0x9747b28c];
  for (let i = 0; i < text.length; i += 1) {
    const c = text.charCodeAt(i);
    one = Math.imul(one ^ c, 0x01000193);
    two = Math.imul(two ^ c, 0x5bd1e995);
  }
  return `${text.length} ${one >>> 0} ${two >>> 0}`;
}

export interface Timer {
  readonly task: TaskState;
  readonly ranS: number;
  readonly plannedS: number;
  readonly paused: boolean;
  readonly leftS: number;
}
/** The timer of a task; null when it does not run, or has none. */
export function timerOf(t: TaskState | null, now: number): Timer | null {
  if (t?.status !== 'running' || !t.task.timed) return null;
  const ran = ranForS(t, now);
  const planned = timerS(t.task);
  return { task: t, ranS: ran, plannedS: planned, paused: t.pausedAt !== null, leftS: planned - ran };
}
/** All that runs on time in a batch, whatever stands before the cook. */
export const timersOf = (r: Running, now: number): readonly Timer[] =>
  r.progress.state === 'open' ? r.progress.atHand.flatMap((t) => timerOf(t, now) ?? []) : [];
/** How a soak stands now; null: this is none, or it does not run. */
export const soakOf = (r: Running, t: TaskState, now: number): SoakingNow | null =>
  r.progress.state === 'open' ? soakingNow(r.progress, t, now) : null;
/** What a list calls a task; what is added and poured is named, for there may be several. */
export const nameOfTask = (t: TaskState, r?: Recipe): string =>
  r && (t.step.kind === 'add' || t.step.kind === 'pour')
    ? stepTitle(t.step, r)
    : taskName(t.step, t.task.id, kindOf(t.step.kind).label);
/** How an address names a task. */
export const keyOfTask = (t: TaskState): string => `${t.step.id}.${t.task.id}`;
/** Where a task stands on the bench; without one, whatever stands before the cook there. */
export const benchOf = (batch: string, t?: TaskState): string =>
  `/bench/${batch}${t ? `?at=${encodeURIComponent(keyOfTask(t))}` : ''}`;
