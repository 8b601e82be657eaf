import { colourBetween } from './contrast';
import type { Interface, Interfaces } from './interfaces';
import { distance } from './picture';
import type { Tone } from './picture';
import type { Profile } from './profile';

/** Where the fill begins and ends: above it air, through which the wall behind is seen; below it the foot and the table. */
export function endsOf(
  p: Profile,
  found: Interfaces,
  foot: number,
): { readonly top: number; readonly bottom: number } | null {
  const bottom = bottomOf(p, found.each, foot);
  const above = found.whole.filter((l) => l.row < bottom - LEAST_FILL * p.rows).map((l) => l.row);
  const rows = [0, ...above, bottom];
  const bands = rows.slice(0, -1).map((from, i) => {
    const to = rows[i + 1] ?? bottom;
    // Above the first line is the room, no part of the jar.
    return { to, unlike: i > 0 && to < bottom ? unlikeAir(p, from, to, THIN_GLASS) : Infinity };
  });
  // The clearest air there is says how clear air is here: pale cream before a pale wall is less so.
  const clearest = Math.min(...bands.map((x) => x.unlike));
  const most = Math.min(LIKE, 2.2 * clearest + 3);
  let top: number | null = null;
  for (const x of bands) if (x.unlike <= most) top = x.to;
  top ??= likeMilk(p, rows);
  return top === null ? null : { top, bottom };
}
/** Where no air is told from milk (the jar is brimful, or a muddle stands behind it): the bands about the tallest that are of its kind. */
function likeMilk(p: Profile, rows: readonly number[]): number | null {
  const high = (i: number): number => (rows[i + 1] ?? 0) - (rows[i] ?? 0);
  let at = rows.slice(0, -1).reduce((best, _, i) => (high(i) > high(best) ? i : best), 0);
  const tone = (i: number): Tone => colourBetween(p, rows[i] ?? 0, rows[i + 1] ?? 0);
  const body = tone(at);
  while (at > 1 && distance(tone(at - 1), body) < OF_A_KIND) at -= 1;
  return at > 0 ? (rows[at] ?? null) : null;
}
/** Cream and body are of a kind, levels. */
const OF_A_KIND = 45;
/** There is at least so much in a jar, share of what is looked at. */
const LEAST_FILL = 0.22;
/** Where a jar ends below its walls do; of the lines there the strongest, or one above it with nothing but glass between. */
function bottomOf(p: Profile, found: readonly Interface[], foot: number): number {
  const near = found.filter((l) => l.row > foot - HIGHER * p.rows && l.row < foot + LOWER * p.rows);
  const off = (l: Interface): number => (l.row - foot) / ((l.row < foot ? HIGHER : LOWER) * p.rows);
  // A line at the end of where one may be counts for a ninth of one at the walls' own end.
  const weight = (l: Interface): number => l.step * Math.exp(-2.2 * off(l) ** 2);
  const [strongest] = [...near].sort((a, b) => weight(b) - weight(a));
  if (!strongest) return foot;
  let at = strongest.row;
  for (const l of [...near].reverse())
    if (l.row < at && at - l.row < FOOT * p.rows && unlikeAir(p, l.row, at, THICK_GLASS) < LIKE) at = l.row;
  return at;
}
/** It may lie so far above and below where walls are last seen, share of what is looked at. */
const HIGHER = 0.055;
const LOWER = 0.09;
/** A foot of glass is no higher, share of what is looked at. */
const FOOT = 0.045;
/** How much of its own grey a pane and a foot of glass lay over what is behind them. */
const THIN_GLASS = 0.35;
const THICK_GLASS = 0.65;
const GLASS: Tone = [205, -5, 0];
/** What differs by no more than this from what stands beside it, seen through glass, is air, levels. */
const LIKE = 12;
/** How unlike what stands beside it a band is where it is most like it: something may stand behind it, a reflection lie over it. */
function unlikeAir(p: Profile, from: number, to: number, grey: number): number {
  const inner = Math.min(2, (to - from) / 4);
  const a = Math.max(0, Math.round(from + inner));
  const b = Math.min(p.rows, Math.max(a + 1, Math.round(to - inner)));
  const cells: number[] = [];
  for (let row = a; row < b; row += 1) {
    const [l, r] = p.beside[row] as readonly [Tone, Tone];
    (p.of[row] ?? []).forEach((c, s) => {
      const k = ((p.u[s] ?? 0) + 1) / 2;
      const mid: Tone = [l[0] + k * (r[0] - l[0]), l[1] + k * (r[1] - l[1]), l[2] + k * (r[2] - l[2])];
      cells.push(Math.min(...[l, mid, r].map((o) => throughGlass(c, o, grey))));
    });
  }
  cells.sort((x, y) => x - y);
  return cells[Math.floor(AIR_CELLS * cells.length)] ?? Infinity;
}
/** So many of its cells may be likelier, share. */
const AIR_CELLS = 0.25;
/** How far a colour is from another seen through no more than so much grey. */
function throughGlass(c: Tone, behind: Tone, most: number): number {
  const d: Tone = [GLASS[0] - behind[0], GLASS[1] - behind[1], GLASS[2] - behind[2]];
  const n = d[0] ** 2 + d[1] ** 2 + d[2] ** 2;
  const along = (c[0] - behind[0]) * d[0] + (c[1] - behind[1]) * d[1] + (c[2] - behind[2]) * d[2];
  const k = n > 0 ? Math.min(most, Math.max(0, along / n)) : 0;
  return distance(c, [behind[0] + k * d[0], behind[1] + k * d[1], behind[2] + k * d[2]]);
}
