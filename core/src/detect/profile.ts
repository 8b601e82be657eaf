import type { Tone, Tones } from './picture';
import type { Walls } from './walls';

/** Strips beside each other down the jar, and the share of its half width that they reach to: its very sides shade off. */
const STRIPS = 21;
const REACH = 0.86;

/** Colours down the jar, along its axis: `rows` of `strips`. */
export interface Profile {
  readonly rows: number;
  /** Where each strip stands across the jar, −1..1. */
  readonly u: readonly number[];
  readonly of: readonly (readonly Tone[])[];
  /** What stands beside the jar at each row, left and right. */
  readonly beside: readonly (readonly [Tone, Tone])[];
  /** Row 0 lies so many pixels along the axis from the picture's middle. */
  readonly from: number;
}

/** Reads the colours along a jar's axis, from `from` to `to` (pixels along it, from the picture's middle row). */
export function profileOf(t: Tones, w: Walls, from: number, to: number): Profile {
  const axis = (w.left + w.right) / 2;
  const half = ((w.right - w.left) / 2) * Math.cos(w.tilt);
  const u = Array.from({ length: STRIPS }, (_, i) => REACH * ((2 * i) / (STRIPS - 1) - 1));
  const wide = Math.max(1, Math.floor((REACH * half) / STRIPS));
  const at = (across: number, along: number): Tone =>
    t.at(
      axis + across * Math.cos(w.tilt) - along * Math.sin(w.tilt),
      t.height / 2 + across * Math.sin(w.tilt) + along * Math.cos(w.tilt),
    );
  const strip = (across: number, along: number): Tone => {
    const sum = [0, 0, 0];
    let n = 0;
    for (let k = -wide; k <= wide; k += 1) {
      const c = at(across + k, along);
      for (let i = 0; i < 3; i += 1) sum[i] = (sum[i] ?? 0) + (c[i] ?? 0);
      n += 1;
    }
    return [(sum[0] ?? 0) / n, (sum[1] ?? 0) / n, (sum[2] ?? 0) / n];
  };
  const rows = Math.max(1, Math.round(to - from));
  const of: Tone[][] = [];
  const beside: [Tone, Tone][] = [];
  for (let r = 0; r < rows; r += 1) {
    of.push(u.map((x) => strip(x * half, from + r)));
    beside.push([strip(-half - 3 * wide - 3, from + r), strip(half + 3 * wide + 3, from + r)]);
  }
  return { rows, u, of, beside, from };
}
