import { coefficientIn, COEFFICIENTS } from '../kitchen';
import type { Belief, Beliefs, CoefficientKind } from '../kitchen';
import type { Evidence } from './evidence';
import { lastChange } from './change';
import { robustMean } from './robust';
import type { Told } from './robust';

/** What a batch said of a coefficient, and when it was begun. */
export interface Seen extends Omit<Evidence, 'coefficient'> {
  readonly batch: string;
  readonly at: number;
}
/** What a cook does not want to count: some batches, and all before an instant (null: none). */
export interface LeftOut {
  readonly batches: readonly string[];
  readonly beforeAt: number | null;
}
export const NOTHING_LEFT_OUT: LeftOut = { batches: [], beforeAt: null };

/** All that the batches of a kitchen taught of one coefficient. */
export interface Learned {
  readonly coefficient: string;
  /** Batches that stand behind it: since it last changed, and without those that were left out. */
  readonly n: number;
  /** A multiple of the usual value, and 1 σ of its logarithm for the next batch. */
  readonly mean: number;
  readonly sd: number;
  /** Batches that lie so far from the others that they count less, or not at all. */
  readonly odd: readonly string[];
  /** About here it became another: a bag that clogs, a new blade. What came before counts no more. Null: it did not. */
  readonly changed: { readonly batch: string; readonly at: number; readonly from: number; readonly to: number } | null;
}

/**
 * The usual spread of a coefficient is of two kinds: kitchens differ from each other, and one kitchen from day to day.
 * Half of σ is taken to be of the day (estimate), so that however many batches are known, a range never closes.
 */
export const OF_THE_DAY = 0.5;
/** So many of the newest are looked at; more say no more of how a thing is now. */
export const MOST_SEEN = 200;
const kindIn = (id: string): CoefficientKind | null => coefficientIn(id)?.kind ?? null;

/**
 * What is learned of a coefficient from what its batches said: the normal–normal update of the logarithm with the usual
 * value (ln 1 = 0) as prior (models §9), robust, and from where it last changed. The spread is that of the next batch: what
 * is not yet known of this kitchen, and the day, as widely as the batches say that days differ here. Nothing said, or no coefficient we know: null.
 */
export function learn(coefficient: string, seen: readonly Seen[], leftOut: LeftOut = NOTHING_LEFT_OUT): Learned | null {
  const kind = kindIn(coefficient);
  if (kind === null) return null;
  const { sd, low, high } = COEFFICIENTS[kind];
  const day = (OF_THE_DAY * sd) ** 2;
  const counts = inTime(seen).filter(
    (s) => !leftOut.batches.includes(s.batch) && (leftOut.beforeAt === null || s.at >= leftOut.beforeAt),
  );
  if (counts.length === 0) return null;
  const told = counts.map((s): Told => ({ value: s.ln, sd: Math.sqrt(s.sd * s.sd + day) }));
  const change = lastChange(told);
  const since = change?.at ?? 0;
  const r = robustMean(told.slice(since), { value: 0, sd: Math.sqrt(sd * sd - day) });
  const first = change && counts[change.at];
  return {
    coefficient,
    n: counts.length - since,
    mean: Math.min(high, Math.max(low, Math.exp(r.mean))),
    sd: Math.sqrt(1 / r.precision + day * r.scatter ** 2),
    odd: counts.slice(since).flatMap((s, i) => ((r.weights[i] ?? 1) < 1 ? [s.batch] : [])),
    changed: first ? { batch: first.batch, at: first.at, from: Math.exp(change.from), to: Math.exp(change.to) } : null,
  };
}
/** In the order of their batches; the newest {@link MOST_SEEN} of them. */
export const inTime = (seen: readonly Seen[]): readonly Seen[] =>
  [...seen].sort((a, b) => a.at - b.at || (a.batch < b.batch ? -1 : 1)).slice(-MOST_SEEN);

/** The kitchen's beliefs, to fold with. None: the usual, by absence. */
export function beliefsFrom(rows: readonly Learned[]): Beliefs {
  const out: Record<string, Belief> = {};
  for (const { coefficient, mean, sd, n } of rows) {
    const kind = kindIn(coefficient);
    if (kind === null || n <= 0) continue;
    const { low, high } = COEFFICIENTS[kind];
    out[coefficient] = { mean, sd, n, low, high };
  }
  return out;
}
/** How much batches vary by themselves, 1 σ of the logarithm: what a reading is drawn with beside its own spread. */
export const daySdOf = (coefficient: string): number => {
  const kind = kindIn(coefficient);
  return kind === null ? 0 : OF_THE_DAY * COEFFICIENTS[kind].sd;
};
