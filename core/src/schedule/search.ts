import TinyQueue from 'tinyqueue';
import { busiestS, costOf, costsOf, dearer, less, moreOf, raised, togetherOf } from './bound';
import type { Floor } from './bound';
import { betweenS, conflictsOf } from './conflicts';
import type { Conflict } from './conflicts';
import { modelOf } from './model';
import type { Model, Span } from './model';
import { earliest, settle } from './propagate';
import type { Cost, Problem, Starts } from './types';

/** The best timetable so far, and what is known of any better one. */
export interface Found {
  readonly starts: Starts | null;
  readonly cost: Cost | null;
  /** Nothing costs less than this. */
  readonly atLeast: Cost;
  /** Everything was looked at: no timetable is better, or none can be made. */
  readonly proved: boolean;
  readonly nodes: number;
}
/** A node of the search: what was decided last, and above it what was decided before. */
interface Node {
  readonly above: Node | null;
  /** What is put in: one block no sooner than so long after another. */
  readonly from: number;
  readonly to: number;
  readonly lag: number;
  readonly est: Int32Array;
  readonly bound: Cost;
  /** Of two that cost the same the one in which all is ready sooner is tried first, s. */
  readonly guideS: number;
  seen: boolean;
}
const NOTHING: Cost = { lateS: 0, readyS: 0 };

/**
 * Branch and bound over what is wanted twice at once. At each node every block stands as early as what was decided allows;
 * where nothing clashes that is the best there is below it, else one of those that clash is put before another, each way in
 * turn. From the most promising node it goes straight down to a timetable, then to the most promising of all that is left.
 * Run a piece at a time, so that a worker can tell how far it is and be stopped.
 */
export class Search {
  readonly #m: Model;
  readonly #decided: [number, number][][];
  readonly #left = new TinyQueue<Node>([], byPromise);
  /** The same in the order in which it was put aside. */
  readonly #last: Node[] = [];
  #turn = false;
  #root: readonly Cost[] = [];
  /** Where it goes down just now. */
  #down: Node | null = null;
  #best: { readonly est: Int32Array; readonly cost: Cost } | null = null;
  #nodes = 0;
  #floors: readonly Floor[];

  /** `floors`: what some of the wishes, by their place, are known to cost at least. */
  constructor(p: Problem, floors: readonly Floor[] = []) {
    this.#m = modelOf(p);
    this.#floors = floors;
    this.#decided = Array.from({ length: this.#m.n }, () => []);
    const est = earliest(this.#m);
    if (!est) return;
    this.#root = costsOf(this.#m, est);
    this.#down = { ...{ above: null, from: 0, to: 0, lag: 0, guideS: 0, seen: false }, est, bound: NOTHING };
    this.#step();
  }
  /** From here on it is known that some wishes cost at least so much together. */
  stand(floors: readonly Floor[]): void {
    this.#floors = floors;
  }
  /** So many nodes more. true: it is done. */
  run(nodes: number): boolean {
    for (let n = 0; n < nodes && !this.#done; n += 1) this.#step();
    return this.#done;
  }
  get found(): Found {
    const best = this.#best;
    const starts = best && new Map(this.#m.ids.map((id, i) => [id, best.est[i] as number] as const));
    return {
      ...{ starts, cost: best?.cost ?? null, atLeast: this.#atLeast(), proved: this.#done },
      nodes: this.#nodes,
    };
  }
  get #done(): boolean {
    while (this.#left.peek()?.seen) this.#left.pop();
    return this.#down === null && !this.#better(this.#left.peek()?.bound);
  }
  /** Whether something that costs at least so much may be better than what is known; nothing: it is not. */
  #better(bound: Cost | undefined): boolean {
    return bound !== undefined && (this.#best === null || less(bound, this.#best.cost));
  }

  #step(): void {
    const node = this.#down ?? this.#next();
    this.#down = null;
    if (!node) return;
    node.seen = true;
    for (const d of this.#decided) d.length = 0;
    for (let n: Node = node; n.above; n = n.above) this.#decided[n.from]?.push([n.to, n.lag]);
    // It may have become less promising since it was put aside.
    if (node.above && !this.#better(this.#boundOf(node.est))) return;
    const [first, ...others] = this.#open(node);
    this.#down = first ?? null;
    for (const n of others) this.#left.push(n);
    this.#last.push(...others.toReversed());
  }
  /** In turn the most promising of all that is left, and the nearest to where it just was. */
  #next(): Node | undefined {
    this.#turn = !this.#turn;
    if (this.#turn) return this.#left.pop();
    while (this.#last.at(-1)?.seen) this.#last.pop();
    return this.#last.pop();
  }
  /** Looks at a node: a timetable, or something that clashes in it, with each way out of it. */
  #open(node: Node): readonly Node[] {
    const { est } = node;
    this.#nodes += 1;
    const conflicts = conflictsOf(this.#m, est);
    if (conflicts.length > 0) return this.#narrowest(conflicts, node);
    const cost = costOf(this.#m, est);
    if (this.#better(cost)) this.#best = { est, cost };
    return [];
  }
  /** Of all that clashes what leaves the least choice: fewest ways out, then the dearest of the cheapest. */
  #narrowest(conflicts: readonly Conflict[], node: Node): readonly Node[] {
    let best: readonly Node[] | null = null;
    const costs = costsOf(this.#m, node.est);
    const floors: Floor[] = [...this.#floors];
    for (const c of conflicts) {
      const children = this.#waysOut(c, node);
      if (children.length <= 1) return children;
      if (!best || narrower(children, best)) best = children;
      floors.push(this.#clash(c, children, costs));
    }
    return this.#better(togetherOf(costs, floors)) ? (best ?? []) : [];
  }
  /** What a clash costs the milks that are in it, however it is settled. */
  #clash(c: Conflict, children: readonly Node[], costs: readonly Cost[]): Floor {
    const spans = this.#m.groups[c.group]?.spans ?? [];
    const milks = new Set(c.spans.map((i) => spans[i]?.milk));
    const at = this.#m.wishes.flatMap((w, i) => (milks.has(w.milk) ? [i] : []));
    const more = children.map((x) => moreOf(costsOf(this.#m, x.est), costs, at));
    return raised(
      costs,
      at,
      more.reduce((a, b) => (less(b, a) ? b : a)),
    );
  }
  #waysOut(c: Conflict, node: Node): readonly Node[] {
    const out: Node[] = [];
    const spans = this.#m.groups[c.group]?.spans ?? [];
    for (const i of c.spans)
      for (const j of c.spans) {
        if (i === j) continue;
        const child = this.#before(c.group, spans[i] as Span, spans[j] as Span, node);
        if (child) out.push(child);
      }
    return out.sort(byPromise);
  }
  /** One before the other; null: that cannot be, or is no better than what is known. */
  #before(group: number, a: Span, b: Span, above: Node): Node | null {
    const lag = a.toOffS + betweenS(this.#m, group, a, b) - b.fromOffS;
    const of = this.#decided[a.to] as [number, number][];
    of.push([b.from, lag]);
    const next = above.est.slice();
    const can = settle(this.#m, next, this.#decided, [a.to]);
    const bound = can ? this.#boundOf(next) : NOTHING;
    of.pop();
    if (!can || !this.#better(bound)) return null;
    return { above, from: a.to, to: b.from, lag, est: next, bound, guideS: this.#guideS(next), seen: false };
  }
  #guideS(est: Int32Array): number {
    let s = 0;
    for (const w of this.#m.wishes) s += est[w.block] as number;
    return s;
  }
  #boundOf(est: Int32Array): Cost {
    const cost = togetherOf(costsOf(this.#m, est), this.#floors);
    const busiest = busiestS(this.#m, est, this.#decided);
    const [wish, more] = this.#m.wishes;
    if (!wish || more) return cost;
    const { byS } = wish;
    return byS === null
      ? { lateS: 0, readyS: Math.max(cost.readyS, busiest) }
      : { lateS: Math.max(cost.lateS, busiest - byS), readyS: 0 };
  }
  /** The least that any way not looked at yet may cost; done, what was found. */
  #atLeast(): Cost {
    const known = [this.#best?.cost, this.#down?.bound, this.#left.peek()?.bound].flatMap((c) => c ?? []);
    const least = known.length === 0 ? NOTHING : known.reduce((a, b) => (less(b, a) ? b : a));
    return dearer(least, togetherOf(this.#root, this.#floors));
  }
}
const byPromise = (a: Node, b: Node): number =>
  less(a.bound, b.bound) ? -1 : less(b.bound, a.bound) ? 1 : a.guideS - b.guideS;
function narrower(a: readonly Node[], b: readonly Node[]): boolean {
  if (a.length !== b.length) return a.length < b.length;
  const [x, y] = [a[0] as Node, b[0] as Node];
  if (less(x.bound, y.bound) || less(y.bound, x.bound)) return less(y.bound, x.bound);
  const [v, w] = [a.at(-1) as Node, b.at(-1) as Node];
  if (less(v.bound, w.bound) || less(w.bound, v.bound)) return less(w.bound, v.bound);
  return x.guideS > y.guideS;
}
