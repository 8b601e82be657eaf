import { COEFFICIENTS } from '../kitchen';
import type { Belief, Beliefs, CoefficientKind } from '../kitchen';
import type { Evidence } from './evidence';

/**
 * All that the batches of a kitchen said of one coefficient, as sums: evidence is added when a batch is finished and
 * taken off when it is corrected, without reading any other batch.
 */
export interface Learned {
  readonly coefficient: string;
  /** Batches that said something. */
  readonly n: number;
  /** Σ 1/variance, and Σ ln/variance. */
  readonly weight: number;
  readonly weighted: number;
}
/** No batch has said anything. */
export const NOTHING_LEARNED = { n: 0, weight: 0, weighted: 0 } as const;

/**
 * The usual spread of a coefficient is of two kinds: kitchens differ from each other, and one kitchen from day to day.
 * Half of σ is taken to be of the day (estimate), so that however many batches are known, a range never closes.
 */
const OF_THE_DAY = 0.5;
const kindOf = (coefficient: string): CoefficientKind =>
  coefficient.slice(0, coefficient.indexOf(':')) as CoefficientKind;
const dayVariance = (kind: CoefficientKind): number => (OF_THE_DAY * COEFFICIENTS[kind].sd) ** 2;

/** What is learned with some evidence more (`sign` 1) or taken off (−1). Of no coefficient we know: unchanged. */
export function together(had: Omit<Learned, 'coefficient'>, e: Evidence, sign: 1 | -1): Omit<Learned, 'coefficient'> {
  const kind = kindOf(e.coefficient);
  if (!Object.hasOwn(COEFFICIENTS, kind)) return had;
  const n = had.n + sign;
  // The last of them taken off leaves nothing, not a rounding.
  if (n <= 0) return NOTHING_LEARNED;
  const w = sign / (e.sd * e.sd + dayVariance(kind));
  return { n, weight: had.weight + w, weighted: had.weighted + w * e.ln };
}

/**
 * The kitchen's beliefs: normal–normal updates of the logarithms, the usual value (ln 1 = 0) as prior (models §9). The
 * spread is that of the next batch: what is not yet known of this kitchen, and the day. None: the usual, by absence.
 */
export function beliefsFrom(rows: readonly Learned[]): Beliefs {
  const out: Record<string, Belief> = {};
  for (const r of rows) {
    const kind = kindOf(r.coefficient);
    if (r.n <= 0 || !Object.hasOwn(COEFFICIENTS, kind)) continue;
    const { sd, low, high } = COEFFICIENTS[kind];
    const day = dayVariance(kind);
    const precision = 1 / (sd * sd - day) + r.weight;
    const mean = Math.min(high, Math.max(low, Math.exp(r.weighted / precision)));
    out[r.coefficient] = { mean, sd: Math.sqrt(1 / precision + day), n: r.n, low, high };
  }
  return out;
}
