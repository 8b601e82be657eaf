import { coolsInS, foamedOver } from '@ironpan/core/batch';
import type { TaskState } from '@ironpan/core/batch';
import { inWindow } from '@ironpan/core/detect';
import { boilsAtC } from '@ironpan/core/steps';
import { boilText, FOAMED_OVER, holdText, overflowText, SILENT_PROBE, windowText } from '@ironpan/core/words';
import { useEffect, useMemo, useRef } from 'react';
import type { BenchHeard } from '../instruments';
import { useNow } from '../clock';
import { useLive } from '../live/live';
import type { Running } from '../live/running';
import { readFaults } from '../store/practice';
import { realm } from '../store/realm';
import { ring } from '../ui/alarm';
import { bandOf } from './bandOf';
import { isSilent } from './heardNow';

export interface SaidOf {
  readonly text: string;
  readonly weight: 'alert-info' | 'alert-warning' | 'alert-success' | 'alert-error';
  /** It runs over the rim, or is about to: the heat comes first. */
  readonly over?: true;
}
/** Readings that a window is judged by. */
const LATEST = 40;
/** Ms. */
const FOLDED_MS = 5000;

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
  const coldIn = useColdIn(r, t, heard);
  const over = useFoamed(r, t);
  if (over) return { text: FOAMED_OVER, weight: 'alert-error', over: true };
  return heard && t.status === 'running' ? saidOf(r, t, heard, boils, coldIn) : null;
}
/** What falls ever more slowly is not told by its slope now: so long it takes by the fold, s. */
function useColdIn(r: Running, t: TaskState, heard: BenchHeard | null): number | null {
  const beat = Math.floor(useNow() / FOLDED_MS);
  const probe = heard?.watch?.soFar ?? null;
  // The probe's line grows with every reading; it is folded with at each beat.
  // oxlint-disable-next-line react/exhaustive-deps
  return useMemo(() => coolsInS(r.progress, t, probe, beat * FOLDED_MS), [r.progress, t, beat]);
}
/** In a practice that has it so: this pot has foamed over, and the cook has not said how much went. */
function useFoamed(r: Running, t: TaskState): boolean {
  const faults = useLive(['faults'], readFaults).data;
  const now = useNow();
  const over = faults?.includes('foamsOver') === true && realm() === 'practice' ? foamedOver(r.progress, now) : null;
  return over !== null && over.step.id === t.step.id;
}
function saidOf(r: Running, t: TaskState, heard: BenchHeard, boils: boolean, coldIn: number | null): SaidOf | null {
  const { watch } = heard;
  if (!watch || !heard.latest.has('probe')) return null;
  if (isSilent(heard, 'probe')) return boils ? { text: SILENT_PROBE, weight: 'alert-warning' } : null;
  const stage = r.progress.outcome.stages[t.index];
  if (boils) {
    const boilC = boilsAtC(r.batch.kit);
    const over = overflowText(watch.boil, stage?.figures.potShare ?? 0, stage?.figures.potLimit ?? 1);
    if (over !== null) return { text: over, weight: 'alert-error', over: true };
    const held = t.task.id !== 'heatUp';
    const text = held ? holdText(watch.boil, boilC) : boilText(watch.boil, boilC);
    if (text === null) return null;
    const { is } = watch.boil;
    const heed = is === 'off' || is === 'foam' || held;
    return { text, weight: is === 'boil' ? 'alert-success' : heed ? 'alert-warning' : 'alert-info' };
  }
  const band = bandOf(t, r.batch.kit, stage, r.progress.recipe);
  const at = band && inWindow(watch.drawn.slice(-LATEST), band);
  if (!band || !at) return null;
  const cools = at.is === 'above' && at.passes !== null && coldIn !== null && coldIn > at.passes.inS;
  const told = cools ? { ...at, passes: { edge: 'high' as const, inS: coldIn } } : at;
  return {
    text: windowText(told, band),
    weight: at.is === 'above' && at.passes === null ? 'alert-warning' : 'alert-info',
  };
}
