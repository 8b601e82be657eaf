import { size } from './picture';
import type { Steps } from './contrast';
import type { Tone } from './picture';
import type { Profile } from './profile';

/** How lines may run beside the walls' own lean (rise across the half width), and how they sag in the middle, share of all rows. */
const SLOPES = [-0.05, -0.04, -0.03, -0.02, -0.01, 0, 0.01, 0.02, 0.03, 0.04, 0.05];
const SAGS = [0, 0.008, 0.016, 0.024, 0.032];
/** How lines run across the jar. */
export interface Shape {
  readonly slope: number;
  readonly sag: number;
}
/** The mean of √(1 − u²) over the strips: a line's row is that of its middle height, however much it bends. */
const MEAN_BEND = 0.84;
export const sagAt = (p: Profile, s: Shape, u: number): number =>
  p.rows * (s.slope * u + s.sag * (Math.sqrt(Math.max(0, 1 - u * u)) - MEAN_BEND));
/** The steps with every strip moved so that lines of that shape lie in one row. */
export function shaped(p: Profile, steps: Steps, shape: Shape): Steps {
  const by = p.u.map((u) => Math.round(sagAt(p, shape, u)));
  return steps.map((_, r) => by.map((d, s) => cellAt(steps, r + d, s)));
}
/** The same for the rows about one alone. */
export function shapedNear(p: Profile, steps: Steps, shape: Shape, row: number, near: number): Steps {
  const by = p.u.map((u) => Math.round(sagAt(p, shape, u)));
  return Array.from({ length: 2 * near + 1 }, (_, k) => by.map((d, s) => cellAt(steps, row - near + k + d, s)));
}
/** Beyond the first and last row nothing more changes. */
function cellAt(steps: Steps, row: number, strip: number): Tone {
  return steps[row < 0 ? 0 : row > steps.length - 1 ? steps.length - 1 : row]?.[strip] ?? NOTHING;
}
const NOTHING: Tone = [0, 0, 0];
/** How strongly strips agree that something changes in a row: none counts for much, so that no reflection does. */
export function pooled(row: readonly Tone[], least: number): number {
  const cap = 4 * least;
  let [x, y, z] = [0, 0, 0];
  for (const t of row) {
    const l = size(t);
    if (l < least) continue;
    const k = (l < cap ? l : cap) / l;
    x += t[0] * k;
    y += t[1] * k;
    z += t[2] * k;
  }
  return size([x, y, z]);
}
export function bestShape(p: Profile, steps: Steps, least: number): Shape {
  let best: Shape = { slope: 0, sag: 0 };
  let most = -1;
  for (const slope of SLOPES)
    for (const sag of SAGS) {
      const at = shaped(p, steps, { slope, sag });
      const sharp = at.reduce((sum, row) => sum + pooled(row, least) ** 2, 0) * (1 - 0.3 * Math.abs(slope) - 0.3 * sag);
      if (sharp > most) {
        most = sharp;
        best = { slope, sag };
      }
    }
  return best;
}
/** The row and bend near those given in which strips agree best. */
export function ownShape(
  p: Profile,
  steps: Steps,
  least: number,
  from: Shape,
  row: number,
): { readonly shape: Shape; readonly row: number } {
  const reach = Math.max(2, Math.round(0.012 * p.rows));
  let best = { shape: from, row };
  let most = -1;
  for (const slope of [-0.01, 0, 0.01])
    for (const sag of SAGS) {
      const shape = { slope: from.slope + slope, sag };
      shapedNear(p, steps, shape, row, reach).forEach((at, k) => {
        const sharp = pooled(at, least) * (1 - 2 * Math.abs(sag - from.sag) - 2 * Math.abs(slope));
        if (sharp > most) {
          most = sharp;
          best = { shape, row: row - reach + k };
        }
      });
    }
  return best;
}
