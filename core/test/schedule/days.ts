import { fold, progressOf } from '../../src/batch';
import type { BatchEvent, Happening } from '../../src/batch';
import { unlearned } from '../../src/kitchen';
import { METHODS, recipeOf } from '../../src/methods';
import { Timetabling } from '../../src/schedule';
import type { DayAsked, MilkAsked, Problem, Timetable } from '../../src/schedule';
import { kitAt } from '../batch/kitchen';
import { batchOf } from '../batch/promised';

export const HOUR = 3_600_000;
/** Two in the afternoon. */
export const NOW = new Date(2026, 2, 14, 14).getTime();
const here = unlearned(kitAt(0));
export const milk = (school: string, byH: number | null, more: Partial<MilkAsked> = {}): MilkAsked => {
  const m = METHODS.find((x) => x.id === school);
  if (!m) throw new Error(school);
  const recipe = recipeOf(m);
  return {
    ...{ id: school, recipe, outcome: fold(recipe, here), here, notBeforeAt: null, fixed: {}, progress: null },
    byAt: byH === null ? null : NOW + byH * HOUR,
    ...more,
  };
};
/** Asleep from half past ten to half past six, five nights. */
export const NIGHTS = Array.from({ length: 5 }, (_, d) => ({
  from: new Date(2026, 2, 14 + d, 22, 30).getTime(),
  to: new Date(2026, 2, 15 + d, 6, 30).getTime(),
}));
export const dayWith = (milks: readonly MilkAsked[], more: Partial<DayAsked> = {}): DayAsked => ({
  ...{ now: NOW, milks, off: NIGHTS, cooks: 1, spareS: 0, ...more },
});
export function timetableOf(p: Problem): Timetable | null {
  const t = new Timetabling(p);
  for (;;) {
    const s = t.run(200);
    if (s.done) return s.best;
  }
}
/** A school that was begun so long ago, ms, with all of it done up to a step, and that step running. */
export function begunAgo(school: string, agoMs: number, upTo: string, id = school): MilkAsked {
  const batch = { ...batchOf(school), startedAt: NOW - agoMs };
  const log: BatchEvent[] = [];
  const say = (h: Happening, at: number): void => {
    log.push({ ...h, id: `e${log.length}`, seq: log.length + 1, batch: batch.id, at });
  };
  for (const t of progressOf(batch, []).tasks) {
    const of = { step: t.step.id, task: t.task.id };
    say({ is: 'begun', ...of }, NOW - agoMs);
    if (t.step.id === upTo && t.task.timed) break;
    say({ is: 'ended', ...of, by: 'cook' }, NOW - agoMs);
  }
  const progress = progressOf(batch, log);
  return milk(school, null, { id, recipe: progress.recipe, outcome: progress.outcome, progress });
}
