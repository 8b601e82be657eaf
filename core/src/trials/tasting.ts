import { binomialTail, seededRandom, shareInterval, shuffle } from '../numerics';

/** How two milks are tasted blind, and how often a guess is right: the odd one of three, or the more so of two. */
export const TASTINGS = { triangle: 1 / 3, paired: 1 / 2 } as const;
export type TastingKind = keyof typeof TASTINGS;
/** A result is told as a difference when guessing alone would give as many less often than this. */
export const ALPHA = 0.05;

/** So many right are the fewest that guessing would give less often than `alpha`; null: even all of them are too few. */
export function fewestRight(kind: TastingKind, n: number, alpha: number = ALPHA): number | null {
  for (let k = 0; k <= n; k += 1) if (binomialTail(k, n, TASTINGS[kind]) <= alpha) return k;
  return null;
}
export interface Tasted {
  /** How often guessing would give as many or more. */
  readonly p: number;
  readonly differs: boolean;
  /** The share of tasters that may really tell them apart, four times in five. */
  readonly tell: readonly [low: number, high: number];
}
/**
 * What `right` of `n` say, by the exact binomial. None tasted: nothing is told (p 1). `either`: of two it was not said
 * beforehand which would be the more so; then as many the other way would have said as much, and p counts both.
 */
export function tastedOf(kind: TastingKind, right: number, n: number, either = false): Tasted {
  const guess = TASTINGS[kind];
  const p = either
    ? Math.min(1, 2 * binomialTail(Math.max(right, n - right), n, guess))
    : binomialTail(right, n, guess);
  // Who tells them is right; who does not guesses (Abbott's formula).
  const telling = (share: number): number => Math.max(0, (share - guess) / (1 - guess));
  const [low, high] = shareInterval(right, n, 0.8);
  return { p, differs: n > 0 && p <= ALPHA, tell: [telling(low), telling(high)] };
}
/** Where either of two may be the more so, as many the other way count as well: half of α falls on each side. */
export const alphaOf = (either: boolean): number => (either ? ALPHA / 2 : ALPHA);
/** How often `n` tastings find a difference that this share of tasters tells. */
export function powerOf(kind: TastingKind, n: number, telling: number, alpha: number = ALPHA): number {
  const k = fewestRight(kind, n, alpha);
  const guess = TASTINGS[kind];
  return k === null ? 0 : binomialTail(k, n, guess + telling * (1 - guess));
}
/** A table of people tastes no more than this. */
const MOST = 200;
/** The fewest tastings from which on such a difference is found at least so often; null: more than a kitchen tastes. */
export function tastingsFor(kind: TastingKind, telling: number, power: number, alpha: number = ALPHA): number | null {
  let from: number | null = null;
  for (let n = 1; n <= MOST; n += 1) {
    // The power goes up by a saw: a number after which it falls below again is not it.
    if (powerOf(kind, n, telling, alpha) < power) from = null;
    else from ??= n;
  }
  return from;
}

export interface Serving {
  /** Which milk is in each cup, from left to right. */
  readonly cups: readonly ('a' | 'b')[];
  readonly codes: readonly string[];
}
const ORDERS: Readonly<Record<TastingKind, readonly (readonly ('a' | 'b')[])[]>> = {
  triangle: [
    ['a', 'a', 'b'],
    ['a', 'b', 'a'],
    ['b', 'a', 'a'],
    ['b', 'b', 'a'],
    ['b', 'a', 'b'],
    ['a', 'b', 'b'],
  ],
  paired: [
    ['a', 'b'],
    ['b', 'a'],
  ],
};
/**
 * Cups for `n` tastings: every order as often as can be, in a drawn order, under three-digit codes of which none comes
 * twice (common practice of sensory tests). The same seed gives the same cups.
 */
export function servingsOf(kind: TastingKind, n: number, seed: number): readonly Serving[] {
  const random = seededRandom(seed);
  const codes = Array.from({ length: 900 }, (_, i) => String(100 + i));
  shuffle(codes, random);
  const out: Serving[] = [];
  while (out.length < n) {
    const block = ORDERS[kind].map((cups) => cups);
    shuffle(block, random);
    for (const cups of block.slice(0, n - out.length))
      out.push({ cups, codes: cups.map((_, i) => codes[(out.length * cups.length + i) % codes.length] ?? '100') });
  }
  return out;
}
