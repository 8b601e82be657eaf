import { kindOf } from '../steps';
import type { Reading } from '../steps';
import { interpolate } from '../numerics';
import type { FrozenBatch } from './events';
import { fold } from './fold';
import { timerS } from './progress';
import type { Progress } from './progress';
import type { TaskState } from './taskState';
import { summarise } from './summary';
import { clockParam } from './underWay';

/** What the milk would be, had the jug stopped then. */
export interface ClimbPoint {
  /** Seconds into the task. */
  readonly s: number;
  /** Relative viscosity of the β-glucan part, from 1. */
  readonly slime: number;
  /** Share of the cells of this load that are open, 0..1. */
  readonly opened: number;
}
/** Points are laid this many to the planned time, and on to twice of it. */
const TO_THE_END = 6;

/**
 * How slime and opened cells climb while a jug turns: the same fold for each of some stops, from 0 to twice the planned
 * time. null: nothing is ground by this task. Laid once for a task; what is shown in between is read off the points.
 */
export function climbOf(p: Progress, batch: FrozenBatch, t: TaskState): readonly ClimbPoint[] | null {
  const what = t.step.kind === 'grind' ? clockParam(t) : null;
  const spec = what === null ? undefined : kindOf(t.step.kind).readings[what];
  if (what === null || !spec) return null;
  const loads = p.tasks.filter((x) => x.step.id === t.step.id && clockParam(x) !== null);
  // What is told of the milk: loads that are still to come run as long as this one, and those that ran as they did.
  const toCome = loads.filter((x) => x.status !== 'done');
  const given = (of: readonly TaskState[], s: number): readonly Reading[] => [
    ...p.readings.filter((x) => !of.some((o) => x.step === o.step.id && x.what === clockParam(o))),
    ...of.map((o): Reading => {
      const reads = clockParam(o) ?? '';
      return { id: `now ${reads}`, step: t.step.id, task: o.task.id, what: reads, value: s, source: 'clock' };
    }),
  ];
  const planned = timerS(t.task);
  const most = Math.min(spec.high, 2 * planned);
  return Array.from({ length: 2 * TO_THE_END + 1 }, (_, i) => {
    const s = (most * i) / (2 * TO_THE_END);
    const of = (which: readonly TaskState[]) =>
      fold(p.recipe, { kit: batch.kit, beliefs: batch.beliefs, readings: given(which, s) });
    const milk = of(toCome);
    // What is told of the jug is this load alone: of one that ran before nothing is in it.
    const jug = toCome.length === loads.length ? milk : of(loads);
    return {
      s,
      slime: summarise(p.recipe, milk, batch.kit, 'light').main?.body?.glucan ?? 1,
      opened: jug.stages[t.index]?.figures.openedShare ?? 0,
    };
  });
}
/** A figure of the climb at any second; beyond its ends it stays. */
export const climbAt = (climb: readonly ClimbPoint[], of: 'slime' | 'opened', s: number): number =>
  interpolate(
    climb.map((c) => [c.s, c[of]] as const),
    s,
  );
/** When a figure reaches a value, s; null: not on this climb. */
export function climbReaches(climb: readonly ClimbPoint[], of: 'slime' | 'opened', value: number): number | null {
  for (let i = 1; i < climb.length; i += 1) {
    const [a, b] = [climb[i - 1] as ClimbPoint, climb[i] as ClimbPoint];
    if (a[of] < value && b[of] >= value) return a.s + ((value - a[of]) / (b[of] - a[of])) * (b.s - a.s);
  }
  return null;
}
