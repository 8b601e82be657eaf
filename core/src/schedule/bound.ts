import type { Cost } from './types';
import type { Model } from './model';
import type { Decided } from './propagate';
import { beginS, endS } from './conflicts';

/** What these beginnings cost: of a node of the search it is the least that anything below it can. */
export function costOf(m: Model, est: Int32Array): Cost {
  let lateS = 0;
  let readyS = 0;
  for (const w of m.wishes) {
    const end = (est[w.block] as number) + (m.lengthS[w.block] as number);
    if (w.byS !== null) lateS += Math.max(0, end - w.byS);
    readyS += end;
  }
  return { lateS, readyS };
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
