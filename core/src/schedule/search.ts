import { busiestS, costOf, less } from './bound';
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
interface Child {
  /** What is put in: one block no sooner than so long after another. */
  readonly from: number;
  readonly to: number;
  readonly lag: number;
  readonly est: Int32Array;
  readonly bound: Cost;
}
interface Frame {
  readonly children: readonly Child[];
  next: number;
}
const NOTHING: Cost = { lateS: 0, readyS: 0 };

/**
 * Branch and bound over what is wanted twice at once. At each node every block stands as early as what was decided allows;
 * where nothing clashes that is the best there is below it, else one of those that clash is put before another, each way in
 * turn. Run a piece at a time, so that a worker can tell how far it is and be stopped.
 */
export class Search {
  readonly #m: Model;
  readonly #decided: [number, number][][];
  readonly #stack: Frame[] = [];
  #best: { readonly est: Int32Array; readonly cost: Cost } | null = null;
  #nodes = 0;

  constructor(p: Problem) {
    this.#m = modelOf(p);
    this.#decided = Array.from({ length: this.#m.n }, () => []);
    const est = earliest(this.#m);
    if (est) this.#open(est);
  }
  /** So many nodes more. true: it is done. */
  run(nodes: number): boolean {
    for (let n = 0; n < nodes && this.#stack.length > 0; n += 1) this.#step();
    return this.#stack.length === 0;
  }
  get found(): Found {
    const best = this.#best;
    const starts = best && new Map(this.#m.ids.map((id, i) => [id, best.est[i] as number] as const));
    return {
      starts,
      cost: best?.cost ?? null,
      atLeast: this.#atLeast(),
      proved: this.#stack.length === 0,
      nodes: this.#nodes,
    };
  }

  #step(): void {
    const frame = this.#stack.at(-1) as Frame;
    const child = frame.children[frame.next];
    if (!child) {
      this.#stack.pop();
      const above = this.#stack.at(-1);
      const done = above?.children[above.next - 1];
      if (done) this.#decided[done.from]?.pop();
      return;
    }
    frame.next += 1;
    if (this.#best && !less(child.bound, this.#best.cost)) return;
    this.#decided[child.from]?.push([child.to, child.lag]);
    this.#open(child.est);
  }
  /** Looks at a node: a timetable, or something that clashes in it, with each way out of it. */
  #open(est: Int32Array): void {
    this.#nodes += 1;
    const conflicts = conflictsOf(this.#m, est);
    if (conflicts.length === 0) {
      const cost = costOf(this.#m, est);
      if (!this.#best || less(cost, this.#best.cost)) this.#best = { est: est.slice(), cost };
      this.#stack.push({ children: [], next: 0 });
      return;
    }
    this.#stack.push({ children: this.#narrowest(conflicts, est), next: 0 });
  }
  /** Of all that clashes what leaves the least choice: fewest ways out, then the dearest of the cheapest. */
  #narrowest(conflicts: readonly Conflict[], est: Int32Array): readonly Child[] {
    let best: readonly Child[] | null = null;
    for (const c of conflicts) {
      const children = this.#waysOut(c, est);
      if (children.length <= 1) return children;
      if (!best || narrower(children, best)) best = children;
    }
    return best ?? [];
  }
  #waysOut(c: Conflict, est: Int32Array): readonly Child[] {
    const out: Child[] = [];
    const spans = this.#m.groups[c.group]?.spans ?? [];
    for (const i of c.spans)
      for (const j of c.spans) {
        if (i === j) continue;
        const child = this.#before(c.group, spans[i] as Span, spans[j] as Span, est);
        if (child) out.push(child);
      }
    return out.sort((a, b) => (less(a.bound, b.bound) ? -1 : less(b.bound, a.bound) ? 1 : 0));
  }
  /** One before the other; null: that cannot be, or is no better than what is known. */
  #before(group: number, a: Span, b: Span, est: Int32Array): Child | null {
    const lag = a.toOffS + betweenS(this.#m, group, a, b) - b.fromOffS;
    const of = this.#decided[a.to] as [number, number][];
    of.push([b.from, lag]);
    const next = est.slice();
    const can = settle(this.#m, next, this.#decided, [a.to]);
    const bound = can ? this.#boundOf(next) : NOTHING;
    of.pop();
    if (!can || (this.#best && !less(bound, this.#best.cost))) return null;
    return { from: a.to, to: b.from, lag, est: next, bound };
  }
  #boundOf(est: Int32Array): Cost {
    const cost = costOf(this.#m, est);
    const busiest = busiestS(this.#m, est, this.#decided);
    if (busiest <= cost.readyS) return cost;
    const byS = this.#m.wishes[0]?.byS ?? null;
    return { lateS: byS === null ? 0 : Math.max(0, busiest - byS), readyS: busiest };
  }
  /** The least that any way not looked at yet may cost; done, what was found. */
  #atLeast(): Cost {
    let least = this.#best?.cost ?? null;
    for (const f of this.#stack)
      for (const c of f.children.slice(Math.max(0, f.next - 1))) if (!least || less(c.bound, least)) least = c.bound;
    return least ?? NOTHING;
  }
}
function narrower(a: readonly Child[], b: readonly Child[]): boolean {
  if (a.length !== b.length) return a.length < b.length;
  const [x, y] = [(a[0] as Child).bound, (b[0] as Child).bound];
  if (less(x, y) || less(y, x)) return less(y, x);
  return less((b.at(-1) as Child).bound, (a.at(-1) as Child).bound);
}
