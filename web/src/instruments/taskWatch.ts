import { boilNext, NO_BOIL, NO_WEIGHT, STANDS_S, weighNext } from '@ironpan/core/detect';
import type { BoilWatch, Sample, WeighWatch } from '@ironpan/core/detect';
import type { TaskState } from '@ironpan/core/batch';
import { SI_STEP_G } from '@ironpan/core/instruments';
import { now } from '../clock';
import type { Trace } from '@ironpan/core/steps';
import type { TraceRecord } from '@ironpan/core/records';
import { courseSoFar, dropCourse, keepChunk } from '../store/traces';
import type { Told } from './heard';

/** What is drawn of a trace: so far back, s, and no more points than these. */
const DRAWN_S = 1800;
const MOST_DRAWN = 900;
/** A course is kept with one value a second; so many of them are written at once. */
const EVERY_S = 1;
const AT_ONCE = 20;
/** No piece is longer: a record has its bounds. */
const IN_A_PIECE = 600;
/** An hour of one task at most: what goes on for longer by itself is told by its law, not second by second. */
const MOST_KEPT = 4 * 3600;
/** A course of which more than this share was never heard is none: what is reckoned knows better. */
const MOST_FILLED = 0.3;
/** A course that is longer than its task has run is of an earlier time that it was begun. */
const SLACK_S = 30;

/** What the instruments told while one task stood before the cook, and what that means. */
export class TaskWatch {
  boil: BoilWatch = NO_BOIL;
  weigh: WeighWatch = NO_WEIGHT;
  /** The probe's trace, thinned for drawing. */
  drawn: readonly Sample[] = [];
  #values: number[] = [];
  /** How many of them were never heard, and stand for a while of silence. */
  #filled = 0;
  #written = 0;
  #chunk = 0;
  #ready: Promise<void> | null = null;

  constructor(
    readonly batch: string,
    readonly t: TaskState,
    readonly boilC: number,
    /** When the task came up or was begun: its seconds count from there. */
    readonly since: number,
    /** The probe is in this: it was begun last of all that has a temperature. */
    readonly hasProbe = true,
  ) {}

  take(told: readonly Told[]): void {
    const stands = this.t.step.kind === 'strain' || this.t.step.kind === 'wash' ? STANDS_S.run : STANDS_S.poured;
    for (const x of told) {
      const s = (x.at - this.since) / 1000;
      if (s < 0) continue;
      if (x.from === 'scale') this.weigh = weighNext(this.weigh, { s, v: x.value }, stands, SI_STEP_G);
      if (x.from === 'probe' && this.hasProbe && this.t.status === 'running') {
        this.boil = boilNext(this.boil, { s, v: x.value }, this.boilC);
        this.#draw({ s, v: x.value });
        this.#keep(s, x.value);
      }
    }
  }
  /** What the probe told of this task so far, a value a second; null: too little. */
  get soFar(): Trace | null {
    return this.#values.length >= AT_ONCE ? { everyS: EVERY_S, values: this.#values } : null;
  }
  /** Writes what is not written yet. Only the window that holds the line calls it. */
  async flush(all: boolean): Promise<void> {
    if (this.#values.length === 0) return;
    this.#ready ??= this.#takeUp();
    await this.#ready;
    const fresh = this.#values.slice(this.#written);
    if (fresh.length === 0 || (!all && fresh.length < AT_ONCE)) return;
    this.#written = this.#values.length;
    for (let i = 0; i < fresh.length; i += IN_A_PIECE) {
      const row = this.#row(this.#chunk, fresh.slice(i, i + IN_A_PIECE));
      this.#chunk += 1;
      await keepChunk(row);
    }
  }
  /**
   * The course so far: its first piece and its last value. null: too little of it was heard for a course, or the probe went
   * elsewhere before the end.
   */
  async course(): Promise<{ readonly trace: string; readonly value: number } | null> {
    this.#ready ??= this.#takeUp();
    await this.#ready;
    const whole = this.#values.length * EVERY_S >= (now() - this.since) / 1000 - SLACK_S;
    if (!this.hasProbe || !whole || this.#filled > MOST_FILLED * this.#values.length) return null;
    await this.flush(true);
    const rows = await courseSoFar(this.batch, this.t.step.id, this.t.task.id);
    const [first] = rows;
    const values = rows.flatMap((r) => r.values);
    const value = values.at(-1);
    return first?.chunk === 0 && value !== undefined && values.length >= AT_ONCE ? { trace: first.id, value } : null;
  }

  #row(chunk: number, values: readonly number[]): TraceRecord {
    const { step, task } = this.t;
    return {
      ...{ v: 1, id: `trace-${this.batch}-${step.id}-${task.id}-${chunk}`, batch: this.batch },
      ...{ step: step.id, task: task.id, channel: 'temperatureC', chunk, everyS: EVERY_S },
      values: values.map((v) => Math.round(v * 100) / 100),
    };
  }
  /** After a reload the course goes on where it was; the while in between stays at its last value. */
  async #takeUp(): Promise<void> {
    const rows = await courseSoFar(this.batch, this.t.step.id, this.t.task.id);
    const had = rows.flatMap((r) => r.values);
    const ranS = (now() - this.since) / 1000;
    if (had.length * EVERY_S > ranS + SLACK_S) {
      await dropCourse(rows);
      return;
    }
    this.#chunk = rows.length;
    this.#written = had.length;
    this.#values = [...had, ...this.#values.slice(had.length)];
    this.#filled = Math.max(0, this.#filled - had.length);
  }
  /** A value for each second; over a while that nothing came it goes straight from what came before to what comes now. */
  #keep(s: number, v: number): void {
    const i = Math.floor(s / EVERY_S);
    if (i >= MOST_KEPT) return;
    const from = this.#values.length;
    const before = this.#values.at(-1) ?? v;
    for (let k = from; k < i; k += 1) {
      this.#values.push(before + ((v - before) * (k - from + 1)) / (i - from + 1));
      this.#filled += 1;
    }
    if (this.#values.length === i) this.#values.push(v);
  }
  #draw(x: Sample): void {
    const last = this.drawn.at(-1);
    if (last && x.s - last.s < DRAWN_S / MOST_DRAWN) return;
    this.drawn = [...this.drawn.filter((d) => d.s >= x.s - DRAWN_S), x];
  }
}
