import { loudnessDb } from '../../src/detect';
import type { LoudFrame } from '../../src/detect';
import { seededRandom } from '../../src/numerics';

const { PI, sin } = Math;
/** Samples a second: enough for loudness. */
const RATE = 4000;
const FRAME_S = 0.05;

/** A sound at a second, from −1 to 1. */
type Sound = (s: number, random: () => number) => number;
const noise = (random: () => number): number => 2 * random() - 1;

/** A motor: a hum and its overtones with a rush over it, even but for a little. */
export const motor =
  (loud = 0.3): Sound =>
  (s, random) =>
    loud *
    (0.5 * sin(2 * PI * 220 * s) + 0.3 * sin(2 * PI * 440 * s) + 0.5 * noise(random)) *
    (1 + 0.08 * sin(2 * PI * 3 * s));
/** Talk: syllables, words and pauses between them. */
export const talk =
  (loud = 0.15): Sound =>
  (s, random) => {
    const syllable = Math.max(0, sin(2 * PI * 4.3 * s)) ** 1.5;
    const phrase = sin(2 * PI * 0.31 * s) > -0.35 ? 1 : 0.02;
    return loud * syllable * phrase * (0.7 * sin(2 * PI * 150 * s) + 0.5 * noise(random));
  };
/** A tap that runs: an even rush, not loud. */
export const tap =
  (loud = 0.03): Sound =>
  (_, random) =>
    loud * noise(random);
/** A radio: beats and tunes. */
export const radio =
  (loud = 0.2): Sound =>
  (s, random) => {
    const beat = Math.exp(-6 * ((s * 2) % 1));
    return (
      loud *
      (beat * noise(random) + 0.25 * sin(2 * PI * (200 + 80 * sin(s)) * s) * (0.4 + 0.6 * sin(2 * PI * 0.7 * s) ** 2))
    );
  };
/** A lid that falls: loud, and at once over. */
export const lid: Sound = (s, random) => 0.8 * Math.exp(-12 * s) * noise(random);

export interface Heard {
  readonly sound: Sound;
  readonly from: number;
  readonly to: number;
}
/** Sounds one over the other in a kitchen that hums a little, as frames of loudness. */
export function rendered(parts: readonly Heard[], lastS: number, seed = 1, quiet = 0.004): readonly LoudFrame[] {
  const random = seededRandom(seed);
  const out: LoudFrame[] = [];
  const n = RATE * FRAME_S;
  const buffer = new Float64Array(n);
  for (let start = 0; start < lastS; start += FRAME_S) {
    for (let i = 0; i < n; i += 1) {
      const s = start + i / RATE;
      let x = quiet * noise(random);
      for (const p of parts) if (s >= p.from && s < p.to) x += p.sound(s - p.from, random);
      buffer[i] = x;
    }
    out.push({ s: start + FRAME_S, db: loudnessDb(buffer) });
  }
  return out;
}
