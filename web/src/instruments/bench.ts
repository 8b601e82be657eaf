import type { TaskState } from '@ironpan/core/batch';
import { lastSeq, probeIn } from '@ironpan/core/batch';
import type { Instrument } from '@ironpan/core/instruments';
import { boilsAtC } from '@ironpan/core/steps';
import { fromNow, now } from '../clock';
import type { Pace } from '../clock';
import { keyOfTask } from '../live/running';
import type { Running } from '../live/running';
import type { Told } from './heard';
import { standInsHere } from '../store/paired';
import { FridgeKept } from './fridgeKept';
import { NearLine } from './nearLine';
import { BenchStream } from './stream';
import type { BenchLine, Said } from './stream';
import { TaskWatch } from './taskWatch';
import { reportAs } from '../report';

/** What is heard at the bench, as it stands. */
export interface BenchHeard {
  readonly line: BenchLine['line'];
  readonly leads: boolean;
  readonly ignored: BenchLine['ignored'];
  readonly latest: ReadonlyMap<Instrument, Told>;
  /** When each was heard last, by the counting clock of the page, ms; and how long none of them is silent for nothing, ms. */
  readonly heardAt: ReadonlyMap<Instrument, number>;
  readonly silentMs: number;
  readonly watch: TaskWatch | null;
}
const SILENCE: BenchHeard = {
  line: 'off',
  leads: false,
  ignored: { frames: 0, last: null },
  latest: new Map(),
  heardAt: new Map(),
  silentMs: Infinity,
  watch: null,
};
let heardNow = SILENCE;
let stream: BenchLine | null = null;
let watch: TaskWatch | null = null;
let fridge: FridgeKept | null = null;
let of: { r: Running; paired: readonly Instrument[]; pace: Pace | null; faults: readonly string[] } | null = null;
const latest = new Map<Instrument, Told>();
const heardAt = new Map<Instrument, number>();
/** Whiles of silence are usual with them; longer than this, s of the kitchen, and never sooner than so many ms of the wall. */
const SILENT_S = 30;
const LEAST_MS = 2500;
const listeners = new Set<() => void>();

export const benchHeard = (): BenchHeard => heardNow;
export function subscribeBench(l: () => void): () => void {
  listeners.add(l);
  return () => listeners.delete(l);
}
function tell(): void {
  heardNow = stream
    ? {
        ...{ line: stream.line, leads: stream.leads, ignored: stream.ignored, latest: new Map(latest), watch },
        heardAt: new Map(heardAt),
        silentMs: Math.max(LEAST_MS, (1000 * SILENT_S) / (of?.pace?.speed ?? 1)),
      }
    : SILENCE;
  for (const l of listeners) l();
}
/** A number that a batch always has: the same simulated kitchen whenever it is followed. */
function seedOf(id: string): number {
  let h = 2166136261;
  for (const c of id) h = Math.imul(h ^ (c.codePointAt(0) ?? 0), 16777619);
  return h >>> 0;
}

/** Follows a batch; called again whenever its log, the pace or the paired instruments change. */
export function followBench(
  r: Running,
  paired: readonly Instrument[],
  pace: Pace | null,
  faults: readonly string[],
): void {
  const before = of;
  of = { r, paired, pace, faults };
  if (stream && before?.r.batch.id === r.batch.id) {
    if (lastSeq(before.r.events) !== lastSeq(r.events) || before.pace !== pace) void stream.tell();
    tell();
    return;
  }
  leaveBench();
  of = { r, paired, pace, faults };
  const take = (told: readonly Told[]): void => {
    for (const t of told) {
      latest.set(t.from, t);
      heardAt.set(t.from, performance.now());
    }
    watch?.take(told);
    if (stream?.leads) {
      void watch?.flush(false).catch(reportAs('Saving what a probe measured'));
      fridge?.hear(told);
    }
    tell();
  };
  const mine = (): readonly Instrument[] => of?.paired ?? [];
  // A stand-in of the fridge keeps its log where stand-ins are, and nowhere else: a kitchen of one's own has its own.
  fridge = standInsHere() ? new FridgeKept() : null;
  stream = standInsHere()
    ? new BenchStream(r.batch.id, mine, () => sayOf(of?.r ?? r), take, tell)
    : new NearLine(mine, take, tell);
  tell();
}
/** What the simulated kitchen is told of a batch. */
function sayOf(r: Running): Said {
  const { at, speed } = of?.pace ? fromNow(of.pace.speed) : { at: now(), speed: 1 };
  const { batch, events } = r;
  return { batch, events, at, speed, seed: seedOf(batch.id), faults: of?.faults ?? [] };
}
/** What stands before the cook is watched anew whenever it is another task, or is begun. */
export function watchTask(r: Running, t: TaskState): void {
  const probe = probeIn(r.progress.tasks, now());
  const hasProbe = probe !== null && keyOfTask(probe) === keyOfTask(t);
  const key = (of: string, x: TaskState, has: boolean): string => `${of} ${keyOfTask(x)} ${x.begunAt ?? ''} ${has}`;
  if (watch && key(watch.batch, watch.t, watch.hasProbe) === key(r.batch.id, t, hasProbe)) return;
  watch = new TaskWatch(r.batch.id, t, boilsAtC(r.batch.kit), t.begunAt ?? now(), hasProbe);
  tell();
}
/** Nobody looks any more. */
export function leaveBench(): void {
  stream?.end();
  stream = null;
  // What is not yet a line is let go: by now another kitchen may be open.
  fridge = null;
  watch = null;
  of = null;
  latest.clear();
  heardAt.clear();
  tell();
}
