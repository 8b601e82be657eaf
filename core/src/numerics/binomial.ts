import { findRoot } from './root';

/** Σ ln i up to n; kept, because tests and powers ask for the same ones by the thousand. */
const logs = [0];
function lnFactorial(n: number): number {
  for (let i = logs.length; i <= n; i += 1) logs.push((logs[i - 1] ?? 0) + Math.log(i));
  return logs[n] ?? 0;
}
/** The chance of `k` in `n` where each has the chance `p`: exact to rounding. k outside 0..n: 0. */
export function binomialAt(k: number, n: number, p: number): number {
  if (k < 0 || k > n) return 0;
  if (p <= 0) return k === 0 ? 1 : 0;
  if (p >= 1) return k === n ? 1 : 0;
  const ways = lnFactorial(n) - lnFactorial(k) - lnFactorial(n - k);
  return Math.exp(ways + k * Math.log(p) + (n - k) * Math.log1p(-p));
}
/** The chance of `k` or more in `n`. k 0: 1 · k n + 1: 0. */
export function binomialTail(k: number, n: number, p: number): number {
  let sum = 0;
  for (let i = Math.max(0, k); i <= n; i += 1) sum += binomialAt(i, n, p);
  return Math.min(1, sum);
}
/**
 * The share behind `k` of `n` with its two-sided interval of `level`: Clopper & Pearson (1934), which never covers too little.
 * n 0: from 0 to 1.
 */
export function shareInterval(k: number, n: number, level: number): readonly [low: number, high: number] {
  const out = (1 - level) / 2;
  const at = (f: (p: number) => number): number => findRoot(f, 0, 1, 1e-12, 200).x;
  return [
    k <= 0 ? 0 : at((p) => binomialTail(k, n, p) - out),
    k >= n ? 1 : at((p) => 1 - binomialTail(k + 1, n, p) - out),
  ];
}
