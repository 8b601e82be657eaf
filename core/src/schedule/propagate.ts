import type { Model } from './model';

/** More of a cook than is there: awake and at home there is nowhere for it to stand. */
const NOWHERE = 2 ** 31 - 1;

/** The least beginning from `s` on at which no part that wants a cook falls into a while without one. */
export function awakeFrom(m: Model, block: number, s: number): number {
  let at = s;
  for (let moved = true; moved;) {
    moved = false;
    for (const x of m.pieces[block] ?? []) {
      const from = at + x.offS;
      for (const o of m.off) {
        if (o.fromS >= from + x.durationS) break;
        if (o.toS > from) {
          at = o.toS - x.offS;
          moved = true;
          break;
        }
      }
      if (moved) break;
    }
    if (at > m.untilS) return NOWHERE;
  }
  return at;
}

/** Edges that a search has put in, by block, as a stack: each taken out again in the order in which it came. */
export type Decided = readonly (readonly [number, number])[][];

/**
 * The earliest beginnings that keep every order, every longest wait, every night and what is fixed: the least fixed point of
 * "no sooner than", so what it finds is a timetable but for things that are wanted twice at once. `est` is changed in
 * place. false: there is none before the horizon.
 */
export function settle(m: Model, est: Int32Array, decided: Decided, first: readonly number[]): boolean {
  const queue = [...first];
  const queued = new Uint8Array(m.n);
  for (const i of first) queued[i] = 1;
  // Who pushed each, and by how much: a circle that pushes itself on would climb to the horizon, and is found at once.
  const by = new Int32Array(m.n).fill(-1);
  const lags = new Int32Array(m.n);
  while (queue.length > 0) {
    const i = queue.shift() as number;
    queued[i] = 0;
    const from = est[i] as number;
    for (const list of [m.edges[i], decided[i]])
      for (const [to, lag] of list ?? []) {
        if (from + lag <= (est[to] as number)) continue;
        const at = awakeFrom(m, to, from + lag);
        const fixed = m.fixedS[to] as number;
        if (at > m.untilS || (fixed >= 0 && at > fixed)) return false;
        if (climbs(by, lags, i, to, lag)) return false;
        [est[to], by[to], lags[to]] = [at, i, lag];
        if (queued[to] === 0) {
          queued[to] = 1;
          queue.push(to);
        }
      }
  }
  return true;
}
/** Whether `from` was itself pushed by `to`, and pushes it on. */
function climbs(by: Int32Array, lags: Int32Array, from: number, to: number, lag: number): boolean {
  let sum = lag;
  for (let at = from, steps = 0; at >= 0 && steps <= by.length; steps += 1) {
    if (at === to) return sum > 0;
    sum += lags[at] as number;
    at = by[at] as number;
  }
  return false;
}
/** The earliest beginnings with nothing decided; null: not even that can be. */
export function earliest(m: Model): Int32Array | null {
  const est = new Int32Array(m.n);
  for (let i = 0; i < m.n; i += 1) {
    const fixed = m.fixedS[i] as number;
    // What stands already stands there, whatever the hour.
    est[i] = fixed >= 0 ? fixed : awakeFrom(m, i, m.notBeforeS[i] as number);
    if ((est[i] as number) > m.untilS) return null;
  }
  const none: Decided = Array.from({ length: m.n }, () => []);
  return settle(m, est, none, [...est.keys()]) ? est : null;
}
