import { massG } from '../kitchen';
import { streamBefore } from '../steps';
import type { Reading } from '../steps';
import { ranForS } from './progress';
import type { Progress } from './progress';
import type { TaskState } from './taskState';

/** A pot left alone on full heat has its foam over the rim from here on, °C (common practice: at 80 to 90). */
export const RUNS_OVER_C = 86;
/** Stirred no longer than this before, it goes down again, s. */
const HELD_DOWN_S = 90;
/** What goes with it, as a share of what is in the pot, and told by so many g. */
const GOES = 0.1;
const BY_G = 10;

/**
 * The pot that by an instant has foamed over, in a practice that has it so: it came to where foam climbs, and nobody had
 * stirred it. null: none has. What went is told by the cook from then on.
 */
export function foamedOver(p: Progress, now: number): TaskState | null {
  if (!p.recipe.materials.some((m) => m.foamShare > 0)) return null;
  return (
    p.tasks.find((t) => {
      if (t.step.kind !== 'boil' || t.task.id !== 'heatUp' || t.begunAt === null || !t.task.courseC) return false;
      const until = Math.min(now, t.endedAt ?? now);
      if (t.task.courseC(ranForS(t, until)) < RUNS_OVER_C) return false;
      const held = t.stirredAt !== null && hotAt(t) - t.stirredAt <= HELD_DOWN_S * 1000;
      return !held && !p.readings.some((r) => r.step === t.step.id && r.what === 'lostG');
    }) ?? null
  );
}
/** When it came to where it runs over, to the second. */
function hotAt(t: TaskState): number {
  let s = 0;
  while (s < t.task.durationS && (t.task.courseC?.(s) ?? 0) < RUNS_OVER_C) s += 1;
  return (t.begunAt ?? 0) + s * 1000;
}
/** What it took with it, as the reading that a cook would give who had weighed it. */
export function foamedReading(p: Progress, t: TaskState): Reading {
  const of = t.step.kind === 'boil' ? t.step.params.of : '';
  const s = streamBefore(p.outcome, t.index, of);
  const value = Math.round((GOES * (s ? massG(s) : 0)) / BY_G) * BY_G;
  return { id: 'foamed', step: t.step.id, task: 'hold', what: 'lostG', value, source: 'demo' };
}
