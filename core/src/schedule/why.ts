import { lengthOf } from './types';
import type { Block, Hands, Problem, Starts } from './types';

/** What keeps a block from another instant. */
export type Because =
  | { readonly is: 'wanted' }
  | { readonly is: 'byHand' }
  | { readonly is: 'begun' }
  | { readonly is: 'now' }
  | { readonly is: 'notBefore' }
  /** The block before it is over only then, or the one after it begins then. */
  | { readonly is: 'before' | 'after'; readonly block: string }
  /** What stands between two blocks may stand no longer. */
  | { readonly is: 'stands'; readonly block: string }
  /** Another has the thing, and it is washed up between. */
  | { readonly is: 'thing'; readonly thing: string; readonly block: string; readonly setUpS: number }
  | { readonly is: 'hands'; readonly block: string }
  | { readonly is: 'off'; readonly fromS: number; readonly toS: number };
/** How far a block could be moved by itself, all others as they stand, s, and what stops it there. */
export interface Room {
  readonly s: number;
  readonly because: Because | null;
  /** Up to this block of the same milk everything is tied to it, and what stops that one stops it; null: it is stopped itself. */
  readonly through: string | null;
}
export interface WhyThen {
  readonly earlier: Room;
  readonly later: Room;
}
interface Piece {
  readonly block: string;
  readonly fromS: number;
  readonly toS: number;
  readonly hands: Hands;
}

/** Chains are followed no further than there are steps. */
const MOST_STEPS = 60;
/**
 * Why a block stands where it stands: on each side the nearest thing that forbids another instant. What is only tied to the
 * next step of its own milk is told by what stops that one, and so on.
 */
export function whyThen(p: Problem, starts: Starts, id: string): WhyThen {
  return { earlier: tied(p, starts, id, 'earlier'), later: tied(p, starts, id, 'later') };
}
function tied(p: Problem, starts: Starts, id: string, side: 'earlier' | 'later'): Room {
  const first = roomsOf(p, starts, id)[side];
  let now = first;
  let through: string | null = null;
  for (let i = 0; i < MOST_STEPS; i += 1) {
    const b = now.because;
    if (now.s > 0 || (b?.is !== 'before' && b?.is !== 'after')) break;
    through = b.block;
    now = roomsOf(p, starts, b.block)[side];
  }
  // Where the chain only ends in room of its own, the first tie says it best; but a wish is what it is all for.
  return (now.s > 0 && now.because?.is !== 'wanted') || now.because === null || now.because.is === 'now'
    ? first
    : { ...now, through };
}
function roomsOf(p: Problem, starts: Starts, id: string): WhyThen {
  const of = new Map(p.blocks.map((b) => [b.id, b] as const));
  const b = of.get(id) as Block;
  const begins = (x: string): number => starts.get(x) ?? 0;
  const ends = (x: string): number => begins(x) + lengthOf(of.get(x) as Block);
  const rooms = { earlier: [] as Room[], later: [] as Room[] };
  const early = (s: number, because: Because): unknown =>
    rooms.earlier.push({ s: Math.max(0, s), because, through: null });
  const late = (s: number, because: Because): unknown =>
    rooms.later.push({ s: Math.max(0, s), because, through: null });
  if (b.fixedS !== null) {
    const is = b.begun ? 'begun' : 'byHand';
    early(0, { is });
    late(0, { is });
  }
  const nowS = Math.min(...p.blocks.filter((x) => x.fixedS === null).map((x) => x.notBeforeS));
  early(begins(id) - b.notBeforeS, { is: b.notBeforeS > nowS ? 'notBefore' : 'now' });
  for (const w of p.wishes)
    if (w.last === id && w.byS !== null && ends(id) <= (w.missedS ?? w.byS))
      late((w.missedS ?? w.byS) - ends(id), { is: 'wanted' });
  for (const l of p.links) {
    const gap = begins(l.to) - ends(l.from);
    if (l.to === id) {
      early(gap - l.leastS, { is: 'before', block: l.from });
      if (l.mostS !== null) late(l.mostS - gap, { is: 'stands', block: l.from });
    }
    if (l.from === id) {
      late(gap - l.leastS, { is: 'after', block: l.to });
      if (l.mostS !== null) early(l.mostS - gap, { is: 'stands', block: l.to });
    }
  }
  for (const u of p.uses)
    for (const v of p.uses) {
      // Of one milk the steps themselves say who is first.
      if (u.thing !== v.thing || u.milk === v.milk) continue;
      const setUp = (a: typeof u, c: typeof u): number => p.setUpS(u.thing, a.milk, c.milk);
      if (u.from === id && begins(v.from) < begins(id)) {
        const setUpS = setUp(v, u);
        early(begins(id) - ends(v.to) - setUpS, { is: 'thing', thing: u.thing, block: v.to, setUpS });
      }
      if (u.to === id && begins(v.from) > begins(id)) {
        const setUpS = setUp(u, v);
        late(begins(v.from) - ends(id) - setUpS, { is: 'thing', thing: u.thing, block: v.from, setUpS });
      }
    }
  const pieces = piecesOf(p, begins);
  for (const x of pieces.filter((y) => y.block === id && y.hands !== 'free')) {
    if (x.hands === 'busy' && p.cooks === 1)
      for (const y of pieces) {
        if (y.block === id || y.hands !== 'busy') continue;
        if (y.toS <= x.fromS) early(x.fromS - y.toS, { is: 'hands', block: y.block });
        if (y.fromS >= x.toS) late(y.fromS - x.toS, { is: 'hands', block: y.block });
      }
    for (const o of p.off) {
      if (o.toS <= x.fromS) early(x.fromS - o.toS, { is: 'off', ...o });
      if (o.fromS >= x.toS) late(o.fromS - x.toS, { is: 'off', ...o });
    }
  }
  return { earlier: nearest(rooms.earlier), later: nearest(rooms.later) };
}
/** Of several at once the most telling: what was asked for, then what the food or the kitchen wants. */
const TELLS: readonly Because['is'][] = [
  'byHand',
  'begun',
  'wanted',
  'thing',
  'off',
  'stands',
  'before',
  'after',
  'hands',
  'notBefore',
  'now',
];
function nearest(rooms: readonly Room[]): Room {
  let best: Room = { s: Infinity, because: null, through: null };
  const told = (r: Room): number => (r.because ? TELLS.indexOf(r.because.is) : TELLS.length);
  for (const r of rooms) if (r.s < best.s || (r.s === best.s && told(r) < told(best))) best = r;
  return best;
}
function piecesOf(p: Problem, begins: (id: string) => number): readonly Piece[] {
  return p.blocks.flatMap((b) => {
    let at = begins(b.id);
    return b.parts.map((x) => {
      const fromS = at;
      at += x.durationS;
      return { block: b.id, fromS, toS: at, hands: x.hands };
    });
  });
}
