import { highestOf, kindOf } from '../steps';
import type { Reading } from '../steps';
import type { FrozenBatch } from './events';
import { fold } from './fold';
import { ranForS } from './progress';
import type { Progress } from './progress';
import type { TaskState } from './taskState';
import { summarise } from './summary';
import type { Summary } from './summary';

/** The figures of a task's step, cut at the present second: the same fold, with what has passed in place of what is planned. */
function cutNow(p: Progress, batch: FrozenBatch, t: TaskState, what: string, value: number) {
  const cut: Reading = { id: 'now', step: t.step.id, task: t.task.id, what, value, source: 'clock' };
  const given = { kit: batch.kit, beliefs: batch.beliefs, readings: [...p.readings, cut], untilStep: t.index + 1 };
  return fold(p.recipe, given).stages.at(-1)?.figures ?? null;
}
/** What stands soaking has drunk by now; null: this is no soak that runs. */
export function soakingNow(p: Progress, batch: FrozenBatch, t: TaskState, now: number): SoakingNow | null {
  if (t.step.kind !== 'soak' || t.task.id !== 'soak' || t.status !== 'running') return null;
  const elapsed = Math.min(highestOf('soak', 'durationS'), ranForS(t, now));
  const figures = cutNow(p, batch, t, 'durationS', elapsed);
  return figures
    ? {
        elapsedS: elapsed,
        plannedS: t.task.durationS,
        uptakeShare: figures.uptakeShare ?? 0,
        drunkG: figures.drunkG ?? 0,
        longestS: figures.longestS ?? 0,
        aroundC: figures.aroundC ?? 0,
      }
    : null;
}
/** What is left of the inhibitor after the hold so far; null when this is nothing that is held at the boil. */
export function holdingNow(p: Progress, batch: FrozenBatch, t: TaskState, now: number): HoldingNow | null {
  if (t.step.kind !== 'boil' || t.task.id !== 'hold' || t.status !== 'running') return null;
  const f = cutNow(p, batch, t, 'holdS', ranForS(t, now));
  return f?.inhibitorLeft === undefined
    ? null
    : { left: f.inhibitorLeft, goal: f.inhibitorGoal ?? 0, neededS: f.neededHoldS ?? 0 };
}
/** What the bench's own clock reads when this task ends; null: nothing, or something that teaches of the kit. */
export function clockParam(t: TaskState): string | null {
  const found = Object.entries(kindOf(t.step.kind).readings).find(([, r]) => r.byClock && r.task === t.task.id);
  return found && found[1].figure === undefined ? found[0] : null;
}
/** What the batch would bring if this task stopped now; null where it does not run, or its length changes nothing. */
export function ifStoppedNow(p: Progress, batch: FrozenBatch, t: TaskState, now: number): Summary | null {
  const what = t.status === 'running' ? clockParam(t) : null;
  const spec = what === null ? undefined : kindOf(t.step.kind).readings[what];
  if (what === null || spec === undefined) return null;
  const ran = Math.min(spec.high, ranForS(t, now));
  const cut: Reading = { id: 'now', step: t.step.id, task: t.task.id, what, value: ran, source: 'clock' };
  const given = { kit: batch.kit, beliefs: batch.beliefs, readings: [...p.readings, cut] };
  return summarise(p.recipe, fold(p.recipe, given), batch.kit, 'main');
}
export interface HoldingNow {
  readonly left: number;
  readonly goal: number;
  readonly neededS: number;
}
export interface SoakingNow {
  readonly elapsedS: number;
  readonly plannedS: number;
  readonly uptakeShare: number;
  readonly drunkG: number;
  readonly longestS: number;
  readonly aroundC: number;
}
/** Raw legume (it has trypsin inhibitor) that has not had its hold at the boil: nothing of it is to be tasted. */
export function stillRaw(p: Progress): boolean {
  if (!p.recipe.materials.some((m) => m.inhibitorLabileShare !== null)) return false;
  return !p.tasks.some((t) => t.step.kind === 'boil' && t.task.id === 'hold' && t.status === 'done');
}
/** How warm what is worked on is by now, °C, as the fold has it; null: it says nothing of it. */
export const warmNowC = (t: TaskState, now: number): number | null => t.task.courseC?.(ranForS(t, now)) ?? null;
