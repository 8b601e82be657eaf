import { MEASURES } from '../batch';
import type { Summary } from '../batch';
import { shapley } from '../numerics';
import { aligned } from './aligned';
import { oneDay } from './day';
import { differences } from './differences';
import type { Difference } from './differences';
import { comesOf } from './made';
import type { Made } from './made';
import { mixer } from './mixed';

/** What is explained of a milk: what a cook asks about when one was different. */
export const EXPLAINED = ['volumeMl', 'solids', 'body', 'slime', 'grit', 'beany', 'keepS'] as const;
export type Explained = (typeof EXPLAINED)[number];

/** Why one figure is what it is in the second, and another in the first. */
export interface Because {
  readonly from: number;
  readonly to: number;
  /** By difference, in the order of {@link Explanation.differences}; with `rest` they add up to `to` − `from`. */
  readonly shares: readonly number[];
  /** What nothing that was written down explains. */
  readonly rest: number;
  /** By so much two batches made alike differ four times in five, as things and foods are from day to day. */
  readonly day: number;
}
export interface Explanation {
  readonly differences: readonly Difference[];
  /** Absent: neither, or only one of them, has such a figure. */
  readonly because: Readonly<Partial<Record<Explained, Because>>>;
  /** false: shares are from a sample of orders, seeded. */
  readonly exact: boolean;
}
/** What the two came to, by all that was read of them. */
export interface CameTo {
  readonly from: Summary;
  readonly to: Summary;
}
/** Moves smaller than this share of a figure are none. */
const MOVES = 1e-6;

const valuesOf = (s: Summary): readonly number[] => EXPLAINED.map((m) => MEASURES[m](s) ?? 0);

/**
 * Why `second` came out otherwise than `first`: every difference swapped alone and in every order, by folding again. The
 * shares are the values of Shapley; what moves nothing, by itself or as the last, is no player. No difference: all is rest.
 */
export function explain(
  first: Made,
  other: Made,
  came: CameTo,
  seed: number,
  onProgress: (done: number, of: number) => void = () => undefined,
): Explanation {
  const second = aligned(first, other);
  const all = differences(first, second);
  const mix = mixer(first, second, all);
  const keys = all.map((d) => d.key);
  const known = new Map<string, readonly number[]>();
  const worth = (theirs: readonly string[]): readonly number[] => {
    const set = new Set(theirs);
    const key = keys.map((k) => Number(set.has(k))).join('');
    let w = known.get(key);
    if (!w) known.set(key, (w = valuesOf(comesOf(mix(set), 'keep'))));
    return w;
  };
  const none = worth([]);
  const whole = worth(keys);
  const moves = (x: readonly number[], y: readonly number[]): boolean =>
    x.some((v, i) => Math.abs(v - (y[i] ?? 0)) > MOVES * Math.max(Math.abs(v), Math.abs(y[i] ?? 0)));
  const players = keys.filter(
    (k) => keys.length <= 1 || moves(worth([k]), none) || moves(worth(keys.filter((x) => x !== k)), whole),
  );
  // What moves nothing is as in the second throughout: then all of them together are the second.
  const still = keys.filter((k) => !players.includes(k));
  const found = shapley(
    players.length,
    (inside) => worth([...still, ...players.filter((_, i) => inside[i])]),
    seed,
    onProgress,
  );
  const day = oneDay(first, valuesOf);
  const because: Partial<Record<Explained, Because>> = {};
  EXPLAINED.forEach((m, at) => {
    const [from, to] = [MEASURES[m](came.from), MEASURES[m](came.to)];
    if (from === null || to === null) return;
    const shares = keys.map((k) => {
      const i = players.indexOf(k);
      return i < 0 ? 0 : (found.shares[i]?.[at] ?? 0);
    });
    const rest = to - from - shares.reduce((a, b) => a + b, 0);
    because[m] = { from, to, shares, rest, day: day[at] ?? 0 };
  });
  return { differences: all, because, exact: found.exact };
}
