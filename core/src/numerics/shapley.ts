import { seededRandom } from './random';

/** Up to so many players every order of them is counted; beyond, orders are drawn. */
export const EXACT_PLAYERS = 8;
/** So many worths are looked for, about, where orders are drawn (estimate: shares then hold to a few hundredths of the whole). */
const DRAWN_WORTHS = 600;
const LEAST_PAIRS = 12;

/** What a coalition is worth, in each of several measures; `inside[i]`: player i is of it. Called once for each coalition. */
export type Worth = (inside: readonly boolean[]) => readonly number[];
export interface Shares {
  /** By player, then by measure: they add up to what all are worth less what none is worth. */
  readonly shares: readonly (readonly number[])[];
  readonly none: readonly number[];
  readonly all: readonly number[];
  /** false: from a sample of orders. */
  readonly exact: boolean;
}

/**
 * The value of Shapley (1953) of each of `n` players: what it adds to those that came before it, the mean over all orders.
 * More than {@link EXACT_PLAYERS}: over seeded orders, each with its reverse (as Mitchell et al. 2022 show, the two err to
 * opposite sides). Within every order the parts add up, so they do here too. n 0: no shares.
 */
export function shapley(
  n: number,
  worth: Worth,
  seed: number,
  onProgress: (done: number, of: number) => void = () => undefined,
): Shares {
  const known = new Map<string, readonly number[]>();
  const exact = n <= EXACT_PLAYERS;
  const pairs = Math.max(LEAST_PAIRS, Math.ceil(DRAWN_WORTHS / 2 / Math.max(1, n)));
  const expected = exact ? 2 ** n : pairs * 2 * n;
  let asked = 0;
  const of = (inside: readonly boolean[]): readonly number[] => {
    const key = inside.map(Number).join('');
    let w = known.get(key);
    if (!w) known.set(key, (w = worth(inside)));
    if (exact ? known.size % 16 === 0 : (asked += 1) % 16 === 0)
      onProgress(Math.min(expected, exact ? known.size : asked), expected);
    return w;
  };
  const none = of(Array.from({ length: n }, () => false));
  const all = of(Array.from({ length: n }, () => true));
  const shares = Array.from({ length: n }, () => none.map(() => 0));
  const add = (i: number, weight: number, without: readonly number[], within: readonly number[]): void => {
    const mine = shares[i] as number[];
    for (let m = 0; m < mine.length; m += 1) mine[m] = (mine[m] ?? 0) + weight * ((within[m] ?? 0) - (without[m] ?? 0));
  };
  if (exact) counted(n, of, add);
  else drawn(n, of, add, pairs, seededRandom(seed));
  return { shares, none, all, exact };
}
type Add = (i: number, weight: number, without: readonly number[], within: readonly number[]) => void;

function counted(n: number, of: Worth, add: Add): void {
  for (let mask = 0; mask < 2 ** n; mask += 1) {
    const inside = Array.from({ length: n }, (_, i) => (mask & (1 << i)) !== 0);
    const size = inside.filter(Boolean).length;
    // |S|! (n − |S| − 1)! / n! = 1 / (n · C(n − 1, |S|)).
    const weight = 1 / (n * choose(n - 1, size));
    for (let i = 0; i < n; i += 1) if (!inside[i]) add(i, weight, of(inside), of(inside.map((x, j) => x || j === i)));
  }
}
function drawn(n: number, of: Worth, add: Add, pairs: number, random: () => number): void {
  const order = Array.from({ length: n }, (_, i) => i);
  for (let p = 0; p < pairs; p += 1) {
    shuffle(order, random);
    for (const one of [order, order.toReversed()]) {
      const inside = order.map(() => false);
      let before = of(inside);
      for (const i of one) {
        inside[i] = true;
        const after = of(inside);
        add(i, 1 / (2 * pairs), before, after);
        before = after;
      }
    }
  }
}
/** In place, every order as likely as any other (Fisher and Yates). */
export function shuffle(list: unknown[], random: () => number): void {
  for (let i = list.length - 1; i > 0; i -= 1) {
    const j = Math.floor(random() * (i + 1));
    [list[i], list[j]] = [list[j], list[i]];
  }
}
/** n over k: in how many ways k of n can be taken. */
export function choose(n: number, k: number): number {
  let c = 1;
  for (let i = 0; i < Math.min(k, n - k); i += 1) c = (c * (n - i)) / (i + 1);
  return k < 0 || k > n ? 0 : Math.round(c);
}
