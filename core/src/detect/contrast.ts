import { median } from '../numerics';
import { size } from './picture';
import type { Tone } from './picture';
import type { Profile } from './profile';

/** How the colour changes down the jar: a row of strips each. */
export type Steps = readonly (readonly Tone[])[];
/** Colours are compared over so many rows above and below, share of all rows; a line may be so soft between them. */
export const WINDOW = 0.022;
const SOFT = 0.006;
/** A change of colour smaller than this is none, levels; and one of less than so many times the usual cell's is noise. */
const LEAST_STEP = 4;
const OVER_NOISE = 2.1;

/** The change of colour from above to below each cell. */
export function stepsOf(p: Profile): Steps {
  const w = Math.max(3, Math.round(WINDOW * p.rows));
  const g = Math.max(1, Math.round(SOFT * p.rows));
  const sums = p.u.map((_, s) => {
    const out: Tone[] = [[0, 0, 0]];
    for (let r = 0; r < p.rows; r += 1) {
      const [a, b] = [out[r] as Tone, p.of[r]?.[s] as Tone];
      out.push([a[0] + b[0], a[1] + b[1], a[2] + b[2]]);
    }
    return out;
  });
  const mean = (s: number, from: number, to: number): Tone => {
    const [a, b] = [Math.max(0, from), Math.min(p.rows, to)];
    const [x, y] = [sums[s]?.[a] as Tone, sums[s]?.[b] as Tone];
    const n = Math.max(1, b - a);
    return [(y[0] - x[0]) / n, (y[1] - x[1]) / n, (y[2] - x[2]) / n];
  };
  return Array.from({ length: p.rows }, (_, r) =>
    p.u.map((__, s): Tone => {
      if (r - g < 1 || r + g >= p.rows - 1) return [0, 0, 0];
      const [above, below] = [mean(s, r - g - w, r - g), mean(s, r + g, r + g + w)];
      return [below[0] - above[0], below[1] - above[1], below[2] - above[2]];
    }),
  );
}
/** What is more than noise: most cells are in the middle of a layer, where nothing changes. */
export function leastOf(steps: Steps): number {
  const all: number[] = [];
  steps.forEach((row, r) => {
    if (r % 2 === 0) for (const t of row) all.push(size(t));
  });
  return Math.max(LEAST_STEP, OVER_NOISE * median(all));
}

/** The middle colours that stand left and right of the jar between two rows. */
export function backgroundBetween(p: Profile, from: number, to: number): readonly [Tone, Tone] {
  const rows = p.beside.slice(Math.max(0, Math.round(from)), Math.max(1, Math.round(to)));
  const middle = (side: 0 | 1): Tone => {
    const of = (i: 0 | 1 | 2): number => median(rows.map((r) => r[side][i]));
    return [of(0), of(1), of(2)];
  };
  return [middle(0), middle(1)];
}
/** The middle colour of the strips between two rows. */
export function colourBetween(p: Profile, from: number, to: number): Tone {
  const cells = p.of.slice(Math.max(0, Math.round(from)), Math.max(1, Math.round(to)));
  const pick = (i: 0 | 1 | 2): number => median(cells.flatMap((row) => row.map((t) => t[i])));
  return [pick(0), pick(1), pick(2)];
}
