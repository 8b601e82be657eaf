import type { Cost } from './types';
import type { Model } from './model';
import type { Decided } from './propagate';
import { beginS, endS } from './conflicts';

const NONE: Cost = { lateS: 0, readyS: 0 };
const plus = (a: Cost, b: Cost): Cost => ({ lateS: a.lateS + b.lateS, readyS: a.readyS + b.readyS });
const minus = (a: Cost, b: Cost): Cost => ({ lateS: a.lateS - b.lateS, readyS: a.readyS - b.readyS });
export const dearer = (a: Cost, b: Cost): Cost => (less(a, b) ? b : a);

/** What each wish costs at these beginnings. */
export const costsOf = (m: Model, est: Int32Array): readonly Cost[] =>
  m.wishes.map((w) => {
    const end = (est[w.block] as number) + (m.lengthS[w.block] as number);
    // What is wanted at an hour is none the better for being ready before it.
    return w.byS === null ? { lateS: 0, readyS: end } : { lateS: Math.max(0, end - w.byS), readyS: 0 };
  });
/** What these beginnings cost: of a node of the search it is the least that anything below it can. */
export const costOf = (m: Model, est: Int32Array): Cost => costsOf(m, est).reduce(plus, NONE);

/** What some wishes, by their place, cost together at least. */
export interface Floor {
  readonly at: readonly number[];
  readonly cost: Cost;
}
/** What some milks cost together now, and so much more. */
export const raised = (costs: readonly Cost[], at: readonly number[], more: Cost): Floor => ({
  at,
  cost: at.reduce((s, i) => plus(s, costs[i] ?? NONE), more),
});
export const moreOf = (then: readonly Cost[], now: readonly Cost[], at: readonly number[]): Cost =>
  at.reduce((s, i) => plus(s, minus(then[i] ?? NONE, now[i] ?? NONE)), NONE);
/** The least that all of it costs: each wish for itself, and above that what sets of them that share none cost more together, the dearest first. */
export function togetherOf(costs: readonly Cost[], floors: readonly Floor[]): Cost {
  const each = costs.slice();
  for (const f of floors) {
    const [one] = f.at;
    if (f.at.length === 1 && one !== undefined) each[one] = dearer(each[one] ?? NONE, f.cost);
  }
  const gains = floors.flatMap((f) => {
    if (f.at.length < 2) return [];
    const gain = minus(
      f.cost,
      f.at.reduce((s, i) => plus(s, each[i] ?? NONE), NONE),
    );
    return less(NONE, gain) ? [{ at: f.at, gain }] : [];
  });
  gains.sort((a, b) => (less(b.gain, a.gain) ? -1 : less(a.gain, b.gain) ? 1 : 0));
  const paid = new Set<number>();
  let all = each.reduce(plus, NONE);
  for (const g of gains) {
    if (g.at.some((i) => paid.has(i))) continue;
    for (const i of g.at) paid.add(i);
    all = plus(all, g.gain);
  }
  return all;
}
/** Less, by the first that differs. */
export const less = (a: Cost, b: Cost): boolean => (a.lateS !== b.lateS ? a.lateS < b.lateS : a.readyS < b.readyS);

/**
 * Where one end is waited for, the busiest thing says more: its work by the preemptive schedule of Jackson (1955; Carlier
 * 1982), each with what must come before and after it. The least end, s.
 */
export function busiestS(m: Model, est: Int32Array, decided: Decided): number {
  const [wish] = m.wishes;
  if (m.wishes.length !== 1 || !wish) return 0;
  const tail = tailsOf(m, decided, wish.block);
  let most = 0;
  for (const g of m.groups) {
    if (g.most !== 1 || g.spans.length < 2) continue;
    const jobs = g.spans
      .filter((s) => s.from === s.to && (tail[s.to] as number) > -Infinity)
      .map((s) => ({
        r: beginS(s, est),
        p: endS(s, est) - beginS(s, est),
        q: (tail[s.to] as number) - s.toOffS,
      }));
    most = Math.max(most, preemptive(jobs));
  }
  return most;
}
/** From the beginning of each block to the end that is waited for, at least, s; −∞: it does not wait for it. */
function tailsOf(m: Model, decided: Decided, last: number): Float64Array {
  const tail = new Float64Array(m.n).fill(NaN);
  const visit = (i: number): number => {
    const known = tail[i] as number;
    if (!Number.isNaN(known)) return known;
    // On its own way back it is not waited for again.
    tail[i] = -Infinity;
    let most = i === last ? (m.lengthS[i] as number) : -Infinity;
    for (const list of [m.edges[i], decided[i]])
      for (const [to, lag] of list ?? []) if (lag >= 0) most = Math.max(most, lag + visit(to));
    tail[i] = most;
    return most;
  };
  for (let i = 0; i < m.n; i += 1) visit(i);
  return tail;
}
interface OneMachine {
  readonly r: number;
  readonly p: number;
  readonly q: number;
}
/** Of what is there always that with the longest way still to go, given up for one with a longer: the least end. */
function preemptive(jobs: readonly OneMachine[]): number {
  const left = jobs.map((j) => j.p);
  const order = jobs.map((_, i) => i).sort((a, b) => (jobs[a] as OneMachine).r - (jobs[b] as OneMachine).r);
  let t = 0;
  let end = 0;
  let next = 0;
  const here: number[] = [];
  while (next < order.length || here.length > 0) {
    if (here.length === 0) t = Math.max(t, (jobs[order[next] as number] as OneMachine).r);
    while (next < order.length && (jobs[order[next] as number] as OneMachine).r <= t) {
      here.push(order[next] as number);
      next += 1;
    }
    here.sort((a, b) => (jobs[b] as OneMachine).q - (jobs[a] as OneMachine).q);
    const i = here[0] as number;
    const until = next < order.length ? (jobs[order[next] as number] as OneMachine).r : Infinity;
    const run = Math.min(left[i] as number, until - t);
    left[i] = (left[i] as number) - run;
    t += run;
    if (left[i] === 0) {
      end = Math.max(end, t + (jobs[i] as OneMachine).q);
      here.shift();
    }
  }
  return end;
}
