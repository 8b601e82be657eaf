import { median } from '../numerics';
import { bestShape, ownShape, pooled, sagAt, shaped, shapedNear } from './bends';
import { leastOf, stepsOf } from './contrast';
import { agreement, coverings, seenAt } from './coverings';
import type { Tone } from './picture';
import type { Profile } from './profile';

/** A line across the jar where colours change: its row at the jar's middle, and by how much they change. */
export interface Interface {
  readonly row: number;
  readonly step: number;
  /** Which way colours change there, of length 1. */
  readonly way: Tone;
}
/** Lines are nearer to each other only by mistake, share of all rows. */
const APART = 0.015;
/** Of the strips that could see a line so many must. */
const AGREE = 0.72;

export interface Interfaces {
  /** Every line by itself. */
  readonly each: readonly Interface[];
  /** Two of one kind that are close together taken for one. */
  readonly whole: readonly Interface[];
}
/** The lines across a jar from the top down: seen by nearly all strips that nothing covers, all in the same way. */
export function interfacesOf(p: Profile): Interfaces {
  const steps = stepsOf(p);
  const least = leastOf(steps);
  const shape = bestShape(p, steps, least);
  const at = shaped(p, steps, shape);
  const near = Math.max(2, Math.round(0.01 * p.rows));
  const rows = peaks(p.rows, (r) => pooled(at[r] ?? [], least), Math.max(2, Math.round(APART * p.rows)));
  // Each line then finds the bend of its own: seen from above, lower circles bend more than higher ones.
  const own = rows.map((row) => ownShape(p, steps, least, shape, row));
  const seen = own.map((o) => seenAt(shapedNear(p, steps, o.shape, o.row, near), near, o.row, least));
  const covered = coverings(p, seen);
  const lines = seen
    .filter((s) => agreement(p, s, covered) >= AGREE)
    .map((s) => ({
      row: s.row + sagAt(p, shape, 0),
      step: median(s.size.filter((_, i) => s.is[i])),
      way: s.way,
    }));
  return { each: whole(p, lines, 0), whole: whole(p, lines, GHOST) };
}
/** A line that bends other than most is seen as two of one kind, close together: they are one, between them. */
function whole(p: Profile, lines: readonly Interface[], ghost: number): readonly Interface[] {
  const out: Interface[] = [];
  for (const l of [...lines].sort((a, b) => b.step - a.step)) {
    const near = out.findIndex((o) => {
      const alike = l.way[0] * o.way[0] + l.way[1] * o.way[1] + l.way[2] * o.way[2];
      const apart = Math.abs(l.row - o.row) / p.rows;
      return apart < APART || (apart < ghost && alike > 0.85);
    });
    const o = out[near];
    if (!o) out.push(l);
    // Half of one line or a faint echo of it: the nearer in strength, the more it weighs.
    else if (l.step > 0.4 * o.step) out[near] = { ...o, row: (o.row * o.step + l.row * l.step) / (o.step + l.step) };
  }
  return out.sort((a, b) => a.row - b.row);
}
/** Two lines of one kind within this are one, share of all rows. */
const GHOST = 0.045;

/** The highest rows, none nearer to another than `apart`, ascending. */
function peaks(n: number, of: (r: number) => number, apart: number): readonly number[] {
  const v = Array.from({ length: n }, (_, r) => of(r));
  const order = v.map((x, r) => [x, r] as const).sort((a, b) => b[0] - a[0]);
  const out: number[] = [];
  for (const [x, r] of order) {
    if (x <= 0) break;
    const near = v.slice(Math.max(0, r - 2), r + 3);
    if (near.every((o) => o <= x) && out.every((o) => Math.abs(o - r) >= apart)) out.push(r);
  }
  return out.sort((a, b) => a - b);
}
