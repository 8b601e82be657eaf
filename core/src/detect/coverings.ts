import { median } from '../numerics';
import { WINDOW } from './contrast';
import type { Steps } from './contrast';
import { distance, size } from './picture';
import type { Tone } from './picture';
import type { Profile } from './profile';

/** Which strips see a line in a row, each within a little of it, and how much changes there. */
export interface SeenLine {
  readonly row: number;
  readonly way: Tone;
  readonly is: readonly boolean[];
  readonly size: readonly number[];
}
export function seenAt(about: Steps, mid: number, row: number, least: number): SeenLine {
  const here = about[mid] ?? [];
  let way: Tone = [0, 0, 0];
  for (const t of here) {
    const k = 1 / Math.max(size(t), least);
    way = [way[0] + t[0] * k, way[1] + t[1] * k, way[2] + t[2] * k];
  }
  const n = Math.max(1e-9, size(way));
  const along = here.map((_, s) => {
    let most = 0;
    for (const at of about) {
      const t = at[s];
      if (!t) continue;
      const now = (t[0] * way[0] + t[1] * way[1] + t[2] * way[2]) / n;
      if (now > most) most = now;
    }
    return most;
  });
  const usual = median(along.filter((x) => x > least));
  const is = along.map((x) => x > Math.max(least * 0.8, 0.3 * usual));
  return { row, way: [way[0] / n, way[1] / n, way[2] / n], is, size: along };
}

/** Something stuck on the jar from a row to another over some strips: what is there tells nothing of the milk. */
export interface Covering {
  readonly from: number;
  readonly to: number;
  readonly strips: readonly boolean[];
}
/** Writing is stronger than the edge of what it stands on, which may lie so far beyond it, share of all rows. */
const EDGE = 0.045;
/** Of the strips that could see a line, the share that does. */
export function agreement(p: Profile, s: SeenLine, covered: readonly Covering[]): number {
  const bright = glares(p, s.row);
  const open = s.is.map(
    (_, i) =>
      !bright[i] &&
      !covered.some((c) => c.strips[i] && s.row >= c.from - EDGE * p.rows && s.row <= c.to + EDGE * p.rows),
  );
  const could = open.filter(Boolean).length;
  if (could < 3) return 0;
  return s.is.filter((x, i) => x && open[i]).length / could;
}
/** A strip so much lighter than the usual one is a reflection, levels. */
const GLARE = 18;
function glares(p: Profile, row: number): readonly boolean[] {
  const w = Math.max(2, Math.round(WINDOW * p.rows));
  const light = (s: number, from: number, to: number): number =>
    median(p.of.slice(Math.max(0, from), Math.max(1, Math.min(p.rows, to))).map((r) => r[s]?.[0] ?? 0));
  const above = p.u.map((_, s) => light(s, row - w, row));
  const below = p.u.map((_, s) => light(s, row, row + w));
  const [a, b] = [median(above), median(below)];
  return p.u.map((_, s) => (above[s] ?? 0) > a + GLARE && (below[s] ?? 0) > b + GLARE);
}
/** Labels: two lines that the same run of strips sees and the others do not, with upright edges between them alone. */
export function coverings(p: Profile, seen: readonly SeenLine[]): readonly Covering[] {
  const part = seen.filter((s) => {
    const n = s.is.filter(Boolean).length;
    return n >= 3 && n <= p.u.length - 2 && oneRun(s.is);
  });
  const out: Covering[] = [];
  part.forEach((a, i) =>
    part.slice(i + 1).forEach((b) => {
      if (b.row - a.row < 0.04 * p.rows || b.row - a.row > 0.6 * p.rows || !alike(a.is, b.is)) return;
      const strips = a.is.map((x, k) => x || (b.is[k] ?? false));
      if (hasSides(p, a.row, b.row, strips)) out.push({ from: a.row, to: b.row, strips });
    }),
  );
  return out;
}
/** Do the strips differ from those beside them between the rows, and neither above nor below? */
function hasSides(p: Profile, from: number, to: number, strips: readonly boolean[]): boolean {
  const first = strips.indexOf(true);
  const last = strips.lastIndexOf(true);
  const pairs = [
    [first - 1, first + 1],
    [last + 1, last - 1],
  ].filter(([o, i]) => (o ?? -1) >= 0 && (o ?? 0) < p.u.length && (i ?? -1) >= 0) as [number, number][];
  const near = Math.max(3, Math.round(EDGE * p.rows));
  const across = (a: number, b: number, o: number, i: number): number => {
    const rows = p.of.slice(Math.max(0, a), Math.max(0, Math.min(p.rows, b)));
    return median(rows.map((row) => distance(row[o] as Tone, row[i] as Tone)));
  };
  return pairs.some(([o, i]) => {
    const within = across(from + 2, to - 2, o, i);
    const without = Math.max(across(from - 2 * near, from - near, o, i), across(to + near, to + 2 * near, o, i));
    return within > 1.6 * without + 3;
  });
}
/** Are they, but for a gap or a stray, beside each other? */
function oneRun(is: readonly boolean[]): boolean {
  const first = is.indexOf(true);
  const last = is.lastIndexOf(true);
  const n = is.filter(Boolean).length;
  return n >= 3 && n >= 0.75 * (last - first + 1);
}
function alike(a: readonly boolean[], b: readonly boolean[]): boolean {
  const both = a.filter((x, i) => x && b[i]).length;
  const any = a.filter((x, i) => x || b[i]).length;
  return both >= 0.6 * any;
}
