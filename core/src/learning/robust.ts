import { median } from '../numerics';

/** Something told with a spread, 1 σ. */
export interface Told {
  readonly value: number;
  readonly sd: number;
}
/** Farther than this from the others, in its own σ, it counts less; and beyond the second, not at all (Hampel 1974). */
const LESS_BEYOND = 2.5;
const NOT_BEYOND = 5;
/** Of fewer nobody can say which is the odd one. */
export const TELLS_ODD = 4;
const MOST_ROUNDS = 50;
/** Fewer say nothing of how widely they scatter. */
const TELLS_SCATTER = 6;
/** The median of the absolute value of a standard normal, upside down. */
const MAD = 1.482602218505602;

/** The usual width counts as so many readings of its own (estimate): a few that happen to lie close narrow nothing. */
const USUAL_COUNTS = 10;
/** However alike they are, they are taken to scatter so much of what is usual: no range ever closes. */
const LEAST_WIDTH = 0.75;

/** How widely the middle half lies, in σ, 1 or more: what is odd is told by it, and does not move it. Of fewer than six: 1. */
export function scatterOf(z: readonly number[]): number {
  return z.length < TELLS_SCATTER ? 1 : Math.max(1, MAD * median(z.map(Math.abs)));
}
/**
 * How many times as widely as was said things scatter, from how far they lie from their level in their own σ: the ratio of
 * Birge (1932), drawn to 1 while there are few (a scaled inverse χ² prior). What is odd counts as the edge of what is not.
 */
function widthOf(z: readonly number[]): number {
  const most = LESS_BEYOND * scatterOf(z);
  const squares = z.reduce((sum, x) => sum + Math.min(most, Math.abs(x)) ** 2, 0);
  return Math.max(LEAST_WIDTH, Math.sqrt((USUAL_COUNTS + squares) / (USUAL_COUNTS + z.length)));
}

export interface Robust {
  readonly mean: number;
  /** So many times as widely as was said they scatter; it is in the precision. */
  readonly scatter: number;
  /** Sum of the weighted 1/σ²: with a prior, its own among them. */
  readonly precision: number;
  /** By what is told: 1 counts whole, 0 not at all. */
  readonly weights: readonly number[];
}

/**
 * The mean of what is told by 1/σ², with a normal prior where there is one: the conjugate normal update, but that what lies
 * far from the rest counts less, once there are {@link TELLS_ODD}. Nothing told: the prior; neither: precision 0.
 */
export function robustMean(all: readonly Told[], prior: Told | null = null): Robust {
  const p0 = prior ? 1 / prior.sd ** 2 : 0;
  const odd = all.length >= TELLS_ODD;
  let weights = all.map(() => 1);
  let scatter = 1;
  let mean = odd ? median(all.map((t) => t.value)) : (prior?.value ?? 0);
  let precision = p0;
  for (let round = 0; round < MOST_ROUNDS; round += 1) {
    if (odd) {
      scatter = widthOf(all.map((t) => (t.value - mean) / t.sd));
      weights = all.map((t) => weightOf(Math.abs(t.value - mean) / (t.sd * scatter)));
    }
    precision = p0;
    let sum = p0 * (prior?.value ?? 0);
    all.forEach((t, i) => {
      const w = (weights[i] ?? 1) / (t.sd * scatter) ** 2;
      precision += w;
      sum += w * t.value;
    });
    const next = precision > 0 ? sum / precision : mean;
    const still = Math.abs(next - mean) < 1e-12;
    mean = next;
    if (still || !odd) break;
  }
  return { mean, precision, weights, scatter };
}
function weightOf(z: number): number {
  if (z <= LESS_BEYOND) return 1;
  return z >= NOT_BEYOND ? 0 : LESS_BEYOND / z;
}
