import type { TaskState } from '@ironpan/core/batch';
import { inWindow } from '@ironpan/core/detect';
import { boilsAtC } from '@ironpan/core/steps';
import { boilText, holdText, overflowText, SILENT_PROBE, windowText } from '@ironpan/core/words';
import { useEffect, useRef } from 'react';
import type { BenchHeard } from '../instruments';
import type { Running } from '../live/running';
import { ring } from '../ui/alarm';
import { bandOf } from './bandOf';
import { staleAt } from './heardNow';

export interface SaidOf {
  readonly text: string;
  readonly weight: 'alert-info' | 'alert-warning' | 'alert-success' | 'alert-error';
}
/** Readings that a window is judged by. */
const LATEST = 40;

/** What the probe means at this task; the true boil, and falling off it, ring once. */
export function useSaid(r: Running, t: TaskState, heard: BenchHeard | null): SaidOf | null {
  const is = heard?.watch?.boil.is;
  const rung = useRef<string | null>(null);
  const boils = t.step.kind === 'boil' || t.step.kind === 'blanch';
  const calls = boils && (is === 'boil' || is === 'off') ? `${t.step.id} ${t.task.id} ${is}` : null;
  useEffect(() => {
    // On the way up the boil is news; while it is held, losing it is.
    const news = calls !== null && (t.task.id === 'heatUp' ? calls.endsWith('boil') : calls.endsWith('off'));
    if (news && rung.current !== calls) ring();
    if (calls !== null) rung.current = calls;
  }, [calls, t.task.id]);
  return heard && t.status === 'running' ? saidOf(r, t, heard, boils) : null;
}
function saidOf(r: Running, t: TaskState, heard: BenchHeard, boils: boolean): SaidOf | null {
  const told = heard.latest.get('probe');
  const { watch } = heard;
  if (!watch || !told) return null;
  if (staleAt(heard)(told.at)) return boils ? { text: SILENT_PROBE, weight: 'alert-warning' } : null;
  const stage = r.progress.outcome.stages[t.index];
  if (boils) {
    const boilC = boilsAtC(r.batch.kit);
    const over = overflowText(watch.boil, stage?.figures.potShare ?? 0, stage?.figures.potLimit ?? 1);
    if (over !== null) return { text: over, weight: 'alert-error' };
    const held = t.task.id !== 'heatUp';
    const text = held ? holdText(watch.boil, boilC) : boilText(watch.boil, boilC);
    if (text === null) return null;
    const { is } = watch.boil;
    const heed = is === 'off' || is === 'foam' || held;
    return { text, weight: is === 'boil' ? 'alert-success' : heed ? 'alert-warning' : 'alert-info' };
  }
  const band = bandOf(t, r.batch.kit, stage);
  const at = band && inWindow(watch.drawn.slice(-LATEST), band);
  if (!band || !at) return null;
  return {
    text: windowText(at, band),
    weight: at.is === 'above' && at.passes === null ? 'alert-warning' : 'alert-info',
  };
}
