import { median } from '../numerics';
import { distance } from './picture';
import type { Tone, Tones } from './picture';

/** The two walls of a jar: where they stand at the middle row, how they lean, and from which row to which they are seen. */
export interface Walls {
  readonly left: number;
  readonly right: number;
  readonly tilt: number;
  readonly from: number;
  readonly to: number;
}
const DEGREE = Math.PI / 180;
/** A camera is held no more askew than this, and what leans more is another thing. */
const MOST_TILT = 10 * DEGREE;
const TILT_STEP = DEGREE;
/** Columns are compared over so many pixels to either side. */
const REACH = 2;
/** A wall may be hidden for so many rows (a label, a reflection, the same colour behind) and go on. */
const GAP = 0.05;
/** A jar is at least and at most so wide, share of the picture. */
const NARROW = 0.12;
const WIDE = 0.96;

interface Edge {
  readonly x: number;
  readonly from: number;
  readonly to: number;
  readonly seen: number;
}

/** The walls of the jar in a picture: the longest pair of upright edges that lean alike; null: there is no such pair. */
export function wallsOf(t: Tones): Walls | null {
  const { steps, least } = sideways(t);
  let best: Walls | null = null;
  let most = 0;
  for (let tilt = -MOST_TILT; tilt <= MOST_TILT + 1e-9; tilt += TILT_STEP) {
    const edges = edgesAt(t, steps, least, tilt);
    for (let i = 0; i < edges.length; i += 1)
      for (let j = i + 1; j < edges.length; j += 1) {
        const [l, r] = [edges[i] as Edge, edges[j] as Edge];
        const wide = (r.x - l.x) / t.width;
        if (wide < NARROW || wide > WIDE) continue;
        const from = Math.max(l.from, r.from);
        const to = Math.min(l.to, r.to);
        const both = Math.max(0, to - from);
        const seen = Math.min(l.seen, r.seen);
        // Where the whole jar is, both of its walls are: as long as they can be, then as far apart, about the middle.
        const aside = Math.abs((l.x + r.x) / 2 / t.width - 0.5);
        const score = Math.min(both, seen) * wide ** 0.35 * (1 - aside);
        if (score > most) {
          most = score;
          best = { left: l.x, right: r.x, tilt, from, to };
        }
      }
  }
  return best && best.to - best.from > t.height / 6 ? refined(t, steps, best) : null;
}
/** Walls drawn through the strongest change near them in each row; their lean is the middle one of all pairs of rows. */
function refined(t: Tones, steps: Float32Array, w: Walls): Walls {
  const near = Math.max(3, Math.round(0.02 * t.width));
  const trace = (x0: number): readonly (readonly [number, number])[] => {
    const out: [number, number][] = [];
    for (let y = w.from; y <= w.to; y += 1) {
      const mid = Math.round(x0 - (y - t.height / 2) * Math.tan(w.tilt));
      let best = mid;
      for (let x = mid - near; x <= mid + near; x += 1)
        if (x > 0 && x < t.width && (steps[y * t.width + x] ?? 0) > (steps[y * t.width + best] ?? 0)) best = x;
      out.push([y - t.height / 2, best]);
    }
    return out;
  };
  const [l, r] = [trace(w.left), trace(w.right)];
  const lean = (p: readonly (readonly [number, number])[]): readonly number[] => {
    const half = p.length >> 1;
    return p.slice(0, half).flatMap(([y, x], i) => {
      const o = p[i + half];
      return o ? [(x - o[1]) / (o[0] - y)] : [];
    });
  };
  const tan = median([...lean(l), ...lean(r)]);
  const at = (p: readonly (readonly [number, number])[]): number => median(p.map(([y, x]) => x + y * tan));
  return { ...w, left: at(l), right: at(r), tilt: Math.atan(tan) };
}

/** How much the colour changes from left to right at each pixel, and how much is more than noise. */
function sideways(t: Tones): { readonly steps: Float32Array; readonly least: number } {
  const steps = new Float32Array(t.width * t.height);
  const some: number[] = [];
  for (let y = 1; y < t.height - 1; y += 1) {
    const row = Array.from({ length: t.width }, (_, x) => mean3(t, x, y));
    for (let x = REACH; x < t.width - REACH; x += 1) {
      let d = 0;
      for (let k = 1; k <= REACH; k += 1) {
        const now = distance(row[x - k] as Tone, row[x + k] as Tone);
        if (now > d) d = now;
      }
      steps[y * t.width + x] = d;
      if ((x + y) % 7 === 0) some.push(d);
    }
  }
  return { steps, least: Math.max(6, 2.5 * median(some)) };
}
function mean3(t: Tones, x: number, y: number): Tone {
  const [a, b, c] = [t.at(x, y - 1), t.at(x, y), t.at(x, y + 1)];
  return [(a[0] + b[0] + c[0]) / 3, (a[1] + b[1] + c[1]) / 3, (a[2] + b[2] + c[2]) / 3];
}

/** The upright edges that lean so: for each column the longest stretch of rows where it is one, peaks alone. */
function edgesAt(t: Tones, steps: Float32Array, least: number, tilt: number): readonly Edge[] {
  const gap = GAP * t.height;
  const all: Edge[] = [];
  const aside = Array.from({ length: t.height }, (_, y) => Math.round((t.height / 2 - y) * Math.tan(tilt)));
  for (let x = 0; x < t.width; x += 1) {
    let best: Edge = { x, from: 0, to: 0, seen: 0 };
    let from = -1;
    let last = -1;
    let seen = 0;
    for (let y = 1; y < t.height - 1; y += 1) {
      const at = x + (aside[y] ?? 0);
      const is = at >= 0 && at < t.width && (steps[y * t.width + at] ?? 0) > least;
      if (!is) continue;
      if (from < 0 || y - last > gap) {
        from = y;
        seen = 0;
      }
      last = y;
      seen += 1;
      if (seen > best.seen) best = { x, from, to: y, seen };
    }
    all.push(best);
  }
  return all.filter((e, i) => {
    const near = all.slice(Math.max(0, i - 3), i + 4);
    return e.seen > t.height / 8 && near.every((o) => o.seen < e.seen || (o.seen === e.seen && o.x >= e.x));
  });
}
