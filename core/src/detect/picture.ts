/** Pixels by rows from the top, four bytes each (red, green, blue, opacity): what a canvas gives. */
export interface Picture {
  readonly width: number;
  readonly height: number;
  readonly data: Uint8ClampedArray;
}
/** A colour: light, red against green, yellow against blue; each about 0..255. */
export type Tone = readonly [number, number, number];
const { floor, sqrt } = Math;
/** How much of a colour there is. */
export const size = (t: Tone): number => sqrt(t[0] * t[0] + t[1] * t[1] + t[2] * t[2]);
export const distance = (a: Tone, b: Tone): number => size([a[0] - b[0], a[1] - b[1], a[2] - b[2]]);

/** Colours of a picture shrunk to at most so many rows: each the mean of what fell together. */
export class Tones {
  readonly width: number;
  readonly height: number;
  private readonly of: Float32Array;

  constructor(p: Picture, mostRows: number) {
    const scale = Math.max(1, p.height / mostRows);
    this.width = Math.max(1, Math.floor(p.width / scale));
    this.height = Math.max(1, Math.floor(p.height / scale));
    this.of = new Float32Array(3 * this.width * this.height);
    const ends = (n: number, most: number): readonly number[] =>
      Array.from({ length: n + 1 }, (_, i) => Math.min(most, Math.floor(i * scale)));
    const [xs, ys] = [ends(this.width, p.width), ends(this.height, p.height)];
    for (let y = 0; y < this.height; y += 1)
      for (let x = 0; x < this.width; x += 1) {
        const t = meanOf(p, xs[x] ?? 0, xs[x + 1] ?? 0, ys[y] ?? 0, ys[y + 1] ?? 0);
        const i = 3 * (y * this.width + x);
        this.of[i] = t[0];
        this.of[i + 1] = t[1];
        this.of[i + 2] = t[2];
      }
  }
  /** The colour at a place, the nearest there is. */
  at(x: number, y: number): Tone {
    const cx = floor(x < 0 ? 0 : x > this.width - 1 ? this.width - 1 : x + 0.5);
    const cy = floor(y < 0 ? 0 : y > this.height - 1 ? this.height - 1 : y + 0.5);
    const i = 3 * (cy * this.width + cx);
    return [this.of[i] ?? 0, this.of[i + 1] ?? 0, this.of[i + 2] ?? 0];
  }
}
function meanOf(p: Picture, x0: number, x1: number, y0: number, y1: number): Tone {
  let r = 0;
  let g = 0;
  let b = 0;
  for (let j = y0; j < y1; j += 1)
    for (let i = x0; i < x1; i += 1) {
      const k = 4 * (j * p.width + i);
      r += p.data[k] ?? 0;
      g += p.data[k + 1] ?? 0;
      b += p.data[k + 2] ?? 0;
    }
  const n = (x1 - x0) * (y1 - y0) || 1;
  return [(r + 2 * g + b) / (4 * n), (r - g) / n, ((r + g) / 2 - b) / n];
}
