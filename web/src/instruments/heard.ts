import { fromHex, heard, INSTRUMENTS } from '@ironpan/core/instruments';
import type { FrameFault, Instrument } from '@ironpan/core/instruments';
import { report } from '../report';

/** One moment of the instruments as it comes over the wire: the kitchen's instant, and a frame of each that spoke. */
export type TickOnWire = readonly [at: number, frames: Readonly<Partial<Record<Instrument, string>>>];
/** One reading that can be used. */
export interface Told {
  readonly from: Instrument;
  readonly at: number;
  readonly value: number;
}
/** What could not be used, so that it can be said. */
export interface Ignored {
  readonly frames: number;
  readonly last: FrameFault | 'backwards' | null;
}
export const NOTHING_IGNORED: Ignored = { frames: 0, last: null };

/** A message of the stream; what is none brings nothing. */
export function ticksOf(text: string): readonly TickOnWire[] {
  let all: unknown;
  try {
    all = JSON.parse(text);
  } catch (e) {
    report('Reading a message of the instruments', e);
    return [];
  }
  return Array.isArray(all) ? all.filter(isTick) : [];
}
const isTick = (x: unknown): x is TickOnWire =>
  Array.isArray(x) && typeof x[0] === 'number' && Number.isFinite(x[0]) && typeof x[1] === 'object' && x[1] !== null;

/**
 * The readings of some ticks, of the instruments that are listened to, none older than what each told last. A broken frame,
 * a value no kitchen has, time that runs back: nothing of it is a reading, and it is counted.
 */
export function readingsIn(
  ticks: readonly TickOnWire[],
  paired: readonly Instrument[],
  lastAt: ReadonlyMap<Instrument, number>,
): { readonly told: readonly Told[]; readonly ignored: Ignored } {
  const told: Told[] = [];
  const last = new Map(lastAt);
  let frames = 0;
  let why: Ignored['last'] = null;
  for (const [at, sent] of ticks)
    for (const from of INSTRUMENTS) {
      const hex = sent[from];
      if (typeof hex !== 'string' || !paired.includes(from)) continue;
      if (at <= (last.get(from) ?? -Infinity)) {
        frames += 1;
        why = 'backwards';
        continue;
      }
      const bytes = fromHex(hex);
      const value = bytes.ok ? heard(from, bytes.value) : bytes;
      if (!value.ok) {
        // "I do not know" is no fault: the next one will.
        if (value.fault === 'unknown') continue;
        frames += 1;
        why = value.fault;
        continue;
      }
      last.set(from, at);
      told.push({ from, at, value: value.value });
    }
  return { told, ignored: { frames, last: why } };
}
