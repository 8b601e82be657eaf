import { modelOf } from './model';
import { ordersOf } from './orders';
import { settle } from './propagate';
import { lengthOf } from './types';
import type { Block, Link, Problem, Starts } from './types';

/** Names of what is put in so that a milk has one beginning, and an instant one block. */
const BEGIN = (milk: string): string => `${milk}/begins`;
const INSTANT = (s: number): string => `at ${s}`;
/** What no wish waits for may be pushed by so much, s: until the day after. */
const SLACK_S = 24 * 3600;

/**
 * The same work told backwards, from the last instant to the first: what is as early as can be there is as late as can be
 * here. Each milk is ready when it is wanted, or, late, as late as it was; what is made least of is the time from its
 * beginning. So the freshest timetable is found, and proved, by the very search that found the soonest.
 */
export function freshProblem(p: Problem, starts: Starts): Problem {
  const back = (s: number): number => p.untilS - s;
  const before = ancestors(p);
  const ends = new Map(p.blocks.map((b) => [b.id, (starts.get(b.id) ?? 0) + lengthOf(b)] as const));
  const allowed = (b: Block): number => {
    const wish = p.wishes.find((w) => w.milk === b.milk);
    const end = ends.get(wish?.last ?? b.id) ?? 0;
    const by = wish?.byS === undefined || wish.byS === null ? end : Math.max(end, wish.byS);
    return before.has(b.id) ? by : Math.min(p.untilS, Math.max(by, ends.get(b.id) ?? 0) + SLACK_S);
  };
  const blocks: Block[] = p.blocks.map((b) => ({
    ...b,
    parts: b.parts.toReversed(),
    notBeforeS: b.fixedS === null ? back(allowed(b)) : 0,
    fixedS: b.fixedS === null ? null : back(b.fixedS + lengthOf(b)),
  }));
  const links: Link[] = p.links.map((l) => ({ ...l, from: l.to, to: l.from }));
  const none = { parts: [], notBeforeS: 0 } as const;
  for (const at of new Set(p.blocks.filter((b) => b.fixedS === null).map((b) => b.notBeforeS))) {
    blocks.push({ id: INSTANT(at), milk: '', ...none, fixedS: back(at) });
    for (const b of p.blocks)
      if (b.fixedS === null && b.notBeforeS === at) links.push({ from: b.id, to: INSTANT(at), leastS: 0, mostS: null });
  }
  for (const w of p.wishes) {
    blocks.push({ id: BEGIN(w.milk), milk: w.milk, ...none, fixedS: null });
    for (const b of p.blocks)
      if (b.milk === w.milk && before.has(b.id)) links.push({ from: b.id, to: BEGIN(w.milk), leastS: 0, mostS: null });
  }
  return {
    ...{ blocks, links, cooks: p.cooks, untilS: p.untilS },
    uses: p.uses.map((u) => ({ ...u, from: u.to, to: u.from })),
    off: p.off.map((o) => ({ fromS: back(o.toS), toS: back(o.fromS) })),
    setUpS: (thing, a, b) => p.setUpS(thing, b, a),
    wishes: p.wishes.map((w) => ({ milk: w.milk, last: BEGIN(w.milk), byS: null })),
  };
}
/** All that some wish waits for. */
function ancestors(p: Problem): ReadonlySet<string> {
  const out = new Set(p.wishes.map((w) => w.last));
  for (const id of out) for (const l of p.links) if (l.to === id) out.add(l.from);
  return out;
}

/** A timetable found backwards, told forwards; what no wish waits for goes on as soon as it can. */
export function fromFresh(p: Problem, backwards: Starts): Starts {
  const m = modelOf(p);
  const before = ancestors(p);
  const told = Int32Array.from(p.blocks, (b) => p.untilS - (backwards.get(b.id) ?? 0) - lengthOf(b));
  const decided = ordersOf(m, told);
  const est = Int32Array.from(p.blocks, (b, i) => (before.has(b.id) || b.fixedS !== null ? (told[i] as number) : 0));
  const out = est.map((s, i) => Math.max(s, m.notBeforeS[i] as number));
  const can = settle(m, out, decided, [...out.keys()]);
  return new Map(m.ids.map((id, i) => [id, (can ? out : told)[i] as number]));
}
