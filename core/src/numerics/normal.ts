import { findRoot } from './root';

/** Terms of the continued fraction: from 2 on more change nothing (measured). */
const TERMS = 60;
/**
 * The share of a standard normal above `z`, two-sided where doubled; to about 1e-14. By the series of erf below 2, by
 * Laplace's continued fraction above (Abramowitz & Stegun 1964, 26.2.11 and 26.2.14). z 0: 0.5 · 1.2816: 0.1 · −∞: 1.
 */
export function normalTail(z: number): number {
  if (z < 0) return 1 - normalTail(-z);
  if (z > 38) return 0;
  const density = Math.exp((-z * z) / 2) / Math.sqrt(2 * Math.PI);
  if (z < 2) {
    let term = z;
    let sum = z;
    for (let n = 1; Math.abs(term) > 1e-17; n += 1) sum += term *= (z * z) / (2 * n + 1);
    return 0.5 - density * sum;
  }
  let fraction = z;
  for (let n = TERMS; n >= 1; n -= 1) fraction = z + n / fraction;
  return density / fraction;
}

/** Beyond so many σ no quantile is asked for. */
const FURTHEST = 9;
/** The value below which a share `p` of a standard normal lies, 0 < p < 1: the inverse of {@link normalTail}. .9: 1.2816. */
export function normalQuantile(p: number): number {
  return p === 0.5 ? 0 : findRoot((z) => 1 - normalTail(z) - p, -FURTHEST, FURTHEST, 1e-10, 80).x;
}
