import { kindOf, orderFaults } from '../steps';
import type { Outcome, Reading, Recipe, Step, Task } from '../steps';
import { atHandOf, fromHere, runsByItself } from './atHand';
import type { TaskState } from './taskState';
import type { BatchEvent, Filling, FrozenBatch, RescueEdit, SkipReason, TraceChunk, Trouble } from './events';
import { editedBy, takenBack } from './edited';
import type { TakenBack } from './edited';
import { fold } from './fold';
import type { Given } from './fold';
import { inOrder } from './log';
import { summarise } from './summary';
import { tracesOf } from './traces';
import type { Summary } from './summary';

export interface Progress {
  readonly state: 'open' | 'finished' | 'abandoned';
  readonly tasks: readonly TaskState[];
  /** What waits for nothing but hands: all that runs, and all that could be begun, in the plan's order. */
  readonly atHand: readonly TaskState[];
  /** What stands before the cook: of those the first that does not run by itself, else the first; null: all is done. */
  readonly current: TaskState | null;
  readonly readings: readonly Reading[];
  /** What a step filled in truth, by the step. */
  readonly filled: ReadonlyMap<string, FilledInto>;
  readonly skipped: readonly ({ readonly step: string } & SkippedFor)[];
  /** What was changed against what went wrong, and stands. */
  readonly rescues: readonly Rescue[];
  /** The recipe as it is made: without what was left out, with what came in. */
  readonly recipe: Recipe;
  /** What it was folded with: to go on from here with one thing more. */
  readonly given: Given;
  readonly outcome: Outcome;
  readonly summary: Summary;
  readonly endedAt: number | null;
}

/** One rescue: the line of the log that holds it, against what it was, the steps that came in, and all that it changed. */
export interface Rescue {
  readonly line: string;
  readonly against: Trouble;
  readonly steps: readonly string[];
  readonly edits: readonly RescueEdit[];
}
/** The vessels that were filled, of so much milk. */
export interface FilledInto {
  readonly into: readonly Filling[];
  readonly ofMl: number;
}
interface SkippedFor {
  readonly why: SkipReason;
  readonly text: string;
}
interface Log {
  /** As it is made from here on. */
  recipe: Recipe;
  /** What was changed against what went wrong, and stands. */
  readonly rescues: Rescue[];
  /** Tasks that were begun or ended, in the order in which the log names them first. */
  readonly named: Set<string>;
  readonly begun: Map<string, number>;
  readonly ended: Map<string, number>;
  readonly skipped: Map<string, SkippedFor>;
  readonly readings: Map<string, Reading>;
  readonly filled: Map<string, FilledInto>;
  /** When the batch began, on the clock as it is now set. */
  beganAt: number;
  abandonedAt: number | null;
  /** Held since, by task. */
  readonly paused: Map<string, number>;
  readonly stirred: Map<string, number>;
}
const key = (step: string, task: string): string => `${step} ${task}`;
/** Read anew it counts anew; what is measured as it goes is kept with each of its moments. */
const readingKey = (r: Reading): string => `${key(r.step, r.what)}${r.atS === undefined ? '' : ` ${r.atS}`}`;

/** The log read in order; going back opens a task and all that came of it again. */
function read(recipe: Recipe, beganAt: number, events: readonly BatchEvent[]): Log {
  const log: Log = {
    recipe,
    rescues: [],
    named: new Set(),
    begun: new Map(),
    ended: new Map(),
    skipped: new Map(),
    readings: new Map(),
    filled: new Map(),
    beganAt,
    abandonedAt: null,
    paused: new Map(),
    stirred: new Map(),
  };
  const back = takenBack(events);
  for (const e of inOrder(events)) if (!back.lines.has(e.id)) apply(log, e, back);
  return log;
}
function apply(log: Log, e: BatchEvent, back: TakenBack): void {
  switch (e.is) {
    case 'begun':
      if (!log.begun.has(key(e.step, e.task))) log.begun.set(key(e.step, e.task), e.at);
      log.named.add(key(e.step, e.task));
      break;
    case 'ended':
      // Said twice, in two windows or by two presses, it counts once: the first.
      if (log.ended.has(key(e.step, e.task))) break;
      log.ended.set(key(e.step, e.task), e.at);
      log.named.add(key(e.step, e.task));
      log.paused.delete(key(e.step, e.task));
      break;
    case 'skipped':
      log.skipped.set(e.step, { why: e.why, text: e.text });
      break;
    case 'back':
      reopen(log, e.step, e.task);
      break;
    case 'reading':
      log.readings.set(readingKey(e.reading), e.reading);
      break;
    case 'paused':
      for (const k of held(log, e)) if (!log.paused.has(k)) log.paused.set(k, e.at);
      break;
    case 'resumed':
      for (const k of held(log, e)) goOn(log, k, e.at);
      break;
    case 'clockSet':
      setClock(log, e.byMs);
      break;
    case 'abandoned':
      log.abandonedAt = e.at;
      break;
    case 'filled':
      log.filled.set(e.step, { into: e.into, ofMl: e.ofMl });
      break;
    case 'stirred':
      log.stirred.set(key(e.step, e.task), e.at);
      break;
    case 'edited':
      rescue(log, e, back);
      break;
    case 'undone':
    case 'note':
      break;
  }
}
function rescue(log: Log, e: BatchEvent & { is: 'edited' }, back: TakenBack): void {
  const before = new Set(log.recipe.steps.map((s) => s.id));
  log.recipe = editedBy(log.recipe, e.edits, back.behind);
  const came = log.recipe.steps.flatMap((s) => (before.has(s.id) ? [] : [s.id]));
  log.rescues.push({ line: e.id, against: e.against, steps: came, edits: e.edits });
}
/** The tasks that a pause or its end speaks of: one that it names; older logs name none, and then it is all that runs. */
function held(log: Log, e: { readonly step?: string; readonly task?: string }): readonly string[] {
  const runs = [...log.begun.keys()].filter((k) => !log.ended.has(k));
  const of = e.step === undefined || e.task === undefined ? null : key(e.step, e.task);
  return of === null ? runs : runs.filter((k) => k === of);
}
/** A pause moves the start of what was held by its own length, so elapsed time is always now − begun. */
function goOn(log: Log, k: string, at: number): void {
  const since = log.paused.get(k);
  const begun = log.begun.get(k);
  if (since !== undefined && begun !== undefined) log.begun.set(k, begun + at - since);
  log.paused.delete(k);
}
/** The clock was set, no time passed: all that was timed before is told on the new clock, so differences stay. */
function setClock(log: Log, byMs: number): void {
  for (const map of [log.begun, log.ended, log.paused, log.stirred]) for (const [k, at] of map) map.set(k, at + byMs);
  log.beganAt += byMs;
}
/**
 * Opens a task again, what followed it in its step and all that comes of the step: their times, readings and fillings no
 * longer count. Without a task: the whole step.
 */
function reopen(log: Log, step: string, task?: string): void {
  const { recipe } = log;
  const from = recipe.steps.findIndex((s) => s.id === step);
  if (from < 0) return;
  // What has nothing to do with it goes on: pulp in the oven does not begin anew because the milk is strained again.
  const later = new Set([...fromHere(recipe, from)].map((i) => recipe.steps[i]?.id ?? ''));
  const before = tasksBefore(log, step, task);
  const isOpened = (stepId: string, taskId: string): boolean =>
    later.has(stepId) && !(stepId === step && before.has(taskId));
  for (const entries of [log.begun, log.ended, log.paused, log.stirred, log.named])
    for (const k of [...entries.keys()]) {
      const blank = k.indexOf(' ');
      if (isOpened(k.slice(0, blank), k.slice(blank + 1))) entries.delete(k);
    }
  for (const [k, r] of [...log.readings]) {
    const kind = recipe.steps.find((s) => s.id === r.step)?.kind;
    const readings = kind && kindOf(kind).readings;
    const of = readings && Object.hasOwn(readings, r.what) ? readings[r.what]?.task : undefined;
    if (isOpened(r.step, r.task ?? of ?? '')) log.readings.delete(k);
  }
  for (const s of later) {
    log.skipped.delete(s);
    log.filled.delete(s);
  }
}
/** The tasks of a step that the log names before this one, which going back to it leaves as they are. */
function tasksBefore(log: Log, step: string, task?: string): ReadonlySet<string> {
  const mine = [...log.named].flatMap((k) => (k.startsWith(`${step} `) ? [k.slice(step.length + 1)] : []));
  return new Set(task === undefined ? [] : mine.slice(0, Math.max(0, mine.indexOf(task))));
}

/**
 * Real seconds between the end of what made a step's streams and its own beginning. A task without a timer has only an
 * end; it is taken to have begun as long before that as it is reckoned to take.
 */
function gaps(recipe: Recipe, log: Log, tasksOf: (step: string) => readonly Task[]): Record<string, number> {
  const madeAt = new Map<string, number>();
  const out: Record<string, number> = {};
  for (const s of recipe.steps) {
    const kind = kindOf(s.kind);
    const tasks = tasksOf(s.id);
    const begun = Math.min(...tasks.map((t) => beginning(log, s.id, t)));
    const ended = Math.max(...tasks.map((t) => log.ended.get(key(s.id, t.id)) ?? -Infinity));
    const last = Math.max(...kind.reads(s.params).map((n) => madeAt.get(n) ?? -Infinity));
    const gap = (begun - last) / 1000;
    if (Number.isFinite(gap) && gap >= 1) out[s.id] = gap;
    if (Number.isFinite(ended)) for (const n of kind.writes(s.params)) madeAt.set(n, ended);
  }
  return out;
}
function beginning(log: Log, step: string, t: Task): number {
  const ended = log.ended.get(key(step, t.id));
  if (t.timed || ended === undefined) return log.begun.get(key(step, t.id)) ?? Infinity;
  return ended - t.durationS * 1000;
}

/** The steps that are made: what goes in together with a step that was left out is left out with it. */
function madeOf(r: Recipe, skipped: ReadonlyMap<string, unknown>): readonly Step[] {
  let out = false;
  return r.steps.filter((s) => {
    const along = 'together' in s.params && s.params.together;
    out = skipped.has(s.id) || (along && out);
    return !out;
  });
}

/** Where a batch is and what it will bring, from its frozen plan and its log. Nothing of this is stored. */
export function progressOf(
  batch: FrozenBatch,
  events: readonly BatchEvent[],
  chunks: readonly TraceChunk[] = [],
): Progress {
  const log = read(batch.recipe, batch.startedAt, events);
  const recipe = { ...log.recipe, steps: madeOf(log.recipe, log.skipped) };
  const readings = [...log.readings.values()];
  const traces = tracesOf(chunks);
  const given = { kit: batch.kit, beliefs: batch.beliefs, readings, traces };
  const first = fold(recipe, given);
  const tasksOf = (step: string) => first.stages.find((x) => x.step === step)?.tasks ?? [];
  const gapS = gaps(recipe, log, tasksOf);
  const stood = Object.keys(gapS).length > 0 ? { ...given, gapS } : given;
  const outcome = stood === given ? first : fold(recipe, stood);
  const tasks = recipe.steps.flatMap((step, index) =>
    tasksOf(step.id).map((task): TaskState => {
      const begunAt = log.begun.get(key(step.id, task.id)) ?? null;
      const endedAt = log.ended.get(key(step.id, task.id)) ?? null;
      const status = endedAt !== null ? 'done' : begunAt !== null ? 'running' : 'waiting';
      const since = (of: ReadonlyMap<string, number>): number | null => of.get(key(step.id, task.id)) ?? null;
      return {
        ...{ step, index, task, status, begunAt, endedAt },
        pausedAt: since(log.paused),
        stirredAt: since(log.stirred),
      };
    }),
  );
  const atHand = atHandOf(recipe, tasks);
  const current = atHand.find((t) => !runsByItself(t)) ?? atHand[0] ?? null;
  const finishedAt = current ? null : Math.max(...tasks.map((t) => t.endedAt ?? log.beganAt), log.beganAt);
  return {
    state: log.abandonedAt !== null ? 'abandoned' : current ? 'open' : 'finished',
    tasks,
    atHand,
    current,
    readings,
    filled: log.filled,
    skipped: [...log.skipped].map(([step, x]) => ({ step, ...x })),
    rescues: log.rescues,
    recipe,
    given: stood,
    outcome,
    summary: summarise(recipe, outcome, batch.kit),
    endedAt: log.abandonedAt ?? finishedAt,
  };
}

/** Seconds a task has run by `now`, pauses left out: computed from stored instants, never counted. */
export function ranForS(t: TaskState, now: number): number {
  if (t.begunAt === null) return 0;
  return Math.max(0, ((t.endedAt ?? t.pausedAt ?? now) - t.begunAt) / 1000);
}
/** What the timer of a task counts, s: all of it, or the part that is not handling. */
export const timerS = (t: Task): number => t.timerS ?? t.durationS;

/** May this step be left out? Not when a later one needs what it makes. */
export function canSkip(recipe: Recipe, step: string): boolean {
  return orderFaults({ ...recipe, steps: recipe.steps.filter((s) => s.id !== step) }).length === 0;
}
