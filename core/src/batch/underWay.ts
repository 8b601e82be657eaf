import { boilsAtC, highestOf, kindOf, neededHoldS } from '../steps';
import type { Outcome, Reading, Stage, Trace } from '../steps';
import type { FrozenBatch } from './events';
import { fold } from './fold';
import { ranForS } from './progress';
import type { Progress } from './progress';
import type { TaskState } from './taskState';
import { summarise } from './summary';
import type { Summary } from './summary';

interface ProbeSoFar {
  readonly what: string;
  readonly trace: Trace;
}
/** A task's step, cut at the present second: the same fold, with what has passed in place of what is planned. */
function cutNow(
  p: Progress,
  t: TaskState,
  what: string,
  value: number,
  probe: ProbeSoFar | null = null,
): Stage | undefined {
  const of = { step: t.step.id, task: t.task.id };
  const cut: Reading[] = [{ id: 'now', ...of, what, value, source: 'clock' }];
  if (probe) {
    const last = probe.trace.values.at(-1) ?? 0;
    cut.push({ id: 'probe', ...of, what: probe.what, value: last, trace: 'probe', source: 'probe' });
  }
  return fold(p.recipe, {
    ...{ ...p.given, readings: [...p.readings, ...cut], untilStep: t.index + 1 },
    ...(probe && { traces: new Map([...(p.given.traces ?? []), ['probe', probe.trace]]) }),
  }).stages.at(-1);
}
/** What stands soaking has drunk by now; null: this is no soak that runs. */
export function soakingNow(p: Progress, t: TaskState, now: number): SoakingNow | null {
  if (t.step.kind !== 'soak' || t.task.id !== 'soak' || t.status !== 'running') return null;
  const elapsed = Math.min(highestOf('soak', 'durationS'), ranForS(t, now));
  const figures = cutNow(p, t, 'durationS', elapsed)?.figures;
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
/**
 * What is left of the inhibitor after the hold so far; null when this is nothing that is held at the boil. `probe`: what a
 * probe in it told since the hold began. That counts then, and not the minutes: off the boil little is gained.
 */
export function holdingNow(
  p: Progress,
  batch: FrozenBatch,
  t: TaskState,
  now: number,
  probe: Trace | null = null,
): HoldingNow | null {
  if (t.step.kind !== 'boil' || t.task.id !== 'hold' || t.status !== 'running') return null;
  const stage = cutNow(p, t, 'holdS', ranForS(t, now), probe && { what: 'holdCourseC', trace: probe });
  const { of } = t.step.params;
  const milk = stage?.writes.findLast(([name]) => name === of)?.[1];
  const f = stage?.figures;
  return f?.inhibitorLeft === undefined || !milk
    ? null
    : {
        left: f.inhibitorLeft,
        goal: f.inhibitorGoal ?? 0,
        neededS: f.neededHoldS ?? 0,
        moreS: neededHoldS(milk, boilsAtC(batch.kit)),
      };
}
/** The reading that the bench's own clock gives when this task ends; null: none. */
export const clockReading = (t: TaskState): string | null =>
  Object.entries(kindOf(t.step.kind).readings).find(([, r]) => r.byClock && r.task === t.task.id)?.[0] ?? null;
/** The same where its length changes what is made; null: none, or it teaches of the kit. */
export function clockParam(t: TaskState): string | null {
  const what = clockReading(t);
  return what !== null && kindOf(t.step.kind).readings[what]?.figure === undefined ? what : null;
}
/** Where the one probe of a kitchen is: in what was begun last of all that runs at an instant and has a temperature. */
export function probeIn(tasks: readonly TaskState[], at: number): TaskState | null {
  let last: TaskState | null = null;
  for (const t of tasks) {
    if (t.begunAt === null || t.begunAt > at || (t.endedAt !== null && t.endedAt <= at) || !t.task.courseC) continue;
    if (t.begunAt >= (last?.begunAt ?? -Infinity)) last = t;
  }
  return last;
}
/** What the batch would bring if this task stopped now; null where it does not run, or its length changes nothing. */
export function ifStoppedNow(p: Progress, batch: FrozenBatch, t: TaskState, now: number): Summary | null {
  const what = t.status === 'running' ? clockParam(t) : null;
  const spec = what === null ? undefined : kindOf(t.step.kind).readings[what];
  if (what === null || spec === undefined) return null;
  const ran = Math.min(spec.high, ranForS(t, now));
  const cut: Reading = { id: 'now', step: t.step.id, task: t.task.id, what, value: ran, source: 'clock' };
  const given = { ...p.given, readings: [...p.readings, cut] };
  return summarise(p.recipe, fold(p.recipe, given), batch.kit, 'main');
}
/** A probe must have seen so much of a fall before it tells how the rest will go, s and K. */
const FALLS = { s: 120, k: 4 } as const;
/** Where it is now is told by the middle of the last of so many readings. */
const LATEST = 9;
/**
 * The batch with what a probe has told so far of a cooling that runs: the pace at which it truly cools goes on. null: this
 * is none, or too little was told yet.
 */
export function coolingByProbe(p: Progress, t: TaskState, probe: Trace | null): Outcome | null {
  if (t.step.kind !== 'cool' || t.status !== 'running' || !probe) return null;
  const { values, everyS } = probe;
  const last = values.slice(-LATEST);
  const now = [...last].sort((a, b) => a - b)[Math.floor(last.length / 2)] ?? NaN;
  const atS = (values.length - 1 - Math.floor(last.length / 2)) * everyS;
  if (atS < FALLS.s || (values[0] ?? NaN) - now < FALLS.k) return null;
  const told: Reading = {
    ...{ id: 'now', step: t.step.id, task: t.task.id, what: 'nowC' },
    ...{ value: now, atS, source: 'probe' },
  };
  return fold(p.recipe, { ...p.given, readings: [...p.readings, told] });
}
/** How long a cooling that runs still takes by what is known, s: by what the probe told, or as planned before that. null: none. */
export function coolsInS(p: Progress, t: TaskState, probe: Trace | null, now: number): number | null {
  if (t.step.kind !== 'cool' || t.status !== 'running') return null;
  const o = coolingByProbe(p, t, probe) ?? p.outcome;
  const task = o.stages[t.index]?.tasks.find((x) => x.id === t.task.id);
  return task === undefined ? null : Math.max(0, task.durationS - ranForS(t, now));
}
export interface HoldingNow {
  readonly left: number;
  readonly goal: number;
  readonly neededS: number;
  /** From now, at the true boil, s; 0: it is enough. */
  readonly moreS: number;
}
export interface SoakingNow {
  readonly elapsedS: number;
  readonly plannedS: number;
  readonly uptakeShare: number;
  readonly drunkG: number;
  readonly longestS: number;
  readonly aroundC: number;
}
/** How warm what is worked on is by now, °C, as the fold has it; null: it says nothing of it. */
export const warmNowC = (t: TaskState, now: number): number | null => t.task.courseC?.(ranForS(t, now)) ?? null;
