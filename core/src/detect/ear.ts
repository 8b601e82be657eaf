import { median } from '../numerics';

const { max, min, round } = Math;

/** How loud it was over a twentieth of a second or so, dB below full scale. */
export interface LoudFrame {
  readonly s: number;
  readonly db: number;
}
/** What it was taught: how loud this kitchen is, and how loud its jug, dB. */
export interface Taught {
  readonly quietDb: number;
  readonly jugDb: number;
}
export interface EarWatch {
  readonly recent: readonly LoudFrame[];
  readonly runs: boolean;
  /** When it was switched on and off last, s; null: not yet. */
  readonly onS: number | null;
  readonly offS: number | null;
  /** What the kitchen sounds like without it, dB. */
  readonly quietDb: number;
  readonly thresholdDb: number;
  /** The kitchen by itself is as loud as the jug: nothing can be told. */
  readonly deaf: boolean;
}
export const SILENCE: EarWatch = {
  recent: [],
  runs: false,
  onS: null,
  offS: null,
  quietDb: NaN,
  thresholdDb: NaN,
  deaf: false,
};
/** What is heard is judged over so many s: a jug runs on, a lid that falls does not. */
const WINDOW_S = 1.2;
/** Frames of so many s tell how loud the kitchen is by itself. */
const QUIET_S = 8;
/** Untaught, a jug is this much louder than the kitchen, dB (common practice: a blender beside a conversation). */
const LOUDER_DB = 18;
/** Between kitchen and jug the line lies here, as a share of the way. */
const LINE_AT = 0.75;
/** Taught less than this apart they cannot be told, dB. */
const LEAST_APART_DB = 8;
/** A motor is even: talk and music rise and fall by more than this, dB (between a tenth and nine tenths of the frames). */
const EVEN_DB = 7;
/** So many of the frames must be over, or under, the line. */
const MOST = 0.85;
/** Under the line is a little under it, dB: at the line it would flicker. */
const EDGE_DB = 3;

const share = (of: readonly LoudFrame[], is: (f: LoudFrame) => boolean): number =>
  of.length === 0 ? 0 : of.filter(is).length / of.length;
/** From a tenth to nine tenths of the frames, dB. */
function spreadDb(of: readonly LoudFrame[]): number {
  const s = Float64Array.from(of, (f) => f.db).sort();
  const at = (p: number): number => s[min(s.length - 1, max(0, round(p * (s.length - 1))))] ?? 0;
  return at(0.9) - at(0.1);
}

/** One more moment of sound. `taught` null: the line lies a fixed way above the kitchen's own noise. */
export function earNext(w: EarWatch, f: LoudFrame, taught: Taught | null): EarWatch {
  if ((w.recent.at(-1)?.s ?? -Infinity) >= f.s || !Number.isFinite(f.db)) return w;
  const recent = [...w.recent.filter((x) => x.s >= f.s - QUIET_S), f];
  // While the jug runs the kitchen cannot be heard by itself.
  const quietDb = w.runs && !Number.isNaN(w.quietDb) ? w.quietDb : lowOf(recent, taught);
  const thresholdDb = taught ? taught.quietDb + LINE_AT * (taught.jugDb - taught.quietDb) : quietDb + LOUDER_DB;
  const now = recent.filter((x) => x.s >= f.s - WINDOW_S);
  const whole = f.s - (recent[0]?.s ?? f.s) >= 0.9 * WINDOW_S;
  const next = { ...w, recent, quietDb, thresholdDb };
  if (!whole) return next;
  if (!w.runs) {
    const loud = share(now, (x) => x.db >= thresholdDb) >= MOST && spreadDb(now) < EVEN_DB;
    const deaf = loud && taught !== null && taught.jugDb - taught.quietDb < LEAST_APART_DB;
    if (!loud || deaf) return { ...next, deaf };
    return { ...next, runs: true, deaf: false, onS: now.find((x) => x.db >= thresholdDb)?.s ?? f.s, offS: null };
  }
  const under = share(now, (x) => x.db < thresholdDb - EDGE_DB) >= MOST;
  if (!under) return next;
  return { ...next, runs: false, offS: now.find((x) => x.db < thresholdDb - EDGE_DB)?.s ?? f.s };
}
/** The quieter part of what was heard; what was taught holds until there is enough. */
function lowOf(recent: readonly LoudFrame[], taught: Taught | null): number {
  const s = Float64Array.from(recent, (f) => f.db).sort();
  return s.length < 10 && taught ? taught.quietDb : (s[round(0.25 * (s.length - 1))] ?? NaN);
}

/** How much louder than the kitchen a run must be to be taken for one while it is taught, dB. */
const TEACHES_FROM_DB = 6;
/**
 * What five seconds of “run it once” teach: the kitchen before and after, and the jug in between. null: nothing in it stands
 * out, or it is too short.
 */
export function taughtBy(frames: readonly LoudFrame[]): Taught | null {
  if (frames.length < 20) return null;
  const s = [...frames].map((f) => f.db).sort((a, b) => a - b);
  const low = median(s.slice(0, round(0.25 * s.length)));
  const high = median(s.slice(round(0.75 * s.length)));
  if (high - low < TEACHES_FROM_DB) return null;
  const line = (low + high) / 2;
  return { quietDb: median(s.filter((x) => x < line)), jugDb: median(s.filter((x) => x >= line)) };
}
/** The loudness of a moment of sound, dB below full scale: samples from −1 to 1. Silence: −120. */
export function loudnessDb(samples: ArrayLike<number>): number {
  let sum = 0;
  for (let i = 0; i < samples.length; i += 1) sum += (samples[i] as number) ** 2;
  const rms = Math.sqrt(sum / max(1, samples.length));
  return rms > 1e-6 ? 20 * Math.log10(rms) : -120;
}
