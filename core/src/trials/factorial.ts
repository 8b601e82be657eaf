import { seededRandom, shuffle, Z80 } from '../numerics';

/** Small designs at two levels. A half design runs half of all, and its last factor follows from the others. */
export const DESIGNS = {
  '2^1': { factors: 1, half: false },
  '2^2': { factors: 2, half: false },
  '2^3': { factors: 3, half: false },
  '2^(3-1)': { factors: 3, half: true },
  '2^(4-1)': { factors: 4, half: true },
} as const;
export type DesignId = keyof typeof DESIGNS;
/** The level of each factor in one run: −1 as it is, 1 otherwise. */
export type Levels = readonly (-1 | 1)[];
/** Some of the factors, by their place, in order; one alone is a main effect, several are an interaction. */
export type Term = readonly number[];

export interface Design {
  readonly id: DesignId;
  readonly factors: number;
  /** In standard order: the first factor changes fastest (Yates); all of it so many times. */
  readonly runs: readonly Levels[];
  /** The order in which they are made, drawn: places in `runs`. */
  readonly order: readonly number[];
}
/** No kitchen makes more batches for one question. */
export const MOST_TIMES = 4;
/**
 * A design with its runs in an order drawn by `seed`: what drifts over the days falls on no factor. `times` 1..4: each run
 * so often, all of them once before any comes again.
 */
export function designOf(id: DesignId, seed: number, times = 1): Design {
  const { factors, half } = DESIGNS[id];
  const free = half ? factors - 1 : factors;
  const once = Array.from({ length: 2 ** free }, (_, i): Levels => {
    const levels = Array.from({ length: free }, (__, f): -1 | 1 => ((i >> f) & 1 ? 1 : -1));
    // The last of a half design is the product of all others: the words it mixes up are as long as can be.
    return half ? [...levels, levels.reduce<-1 | 1>((x, l) => (x * l) as -1 | 1, 1)] : levels;
  });
  const random = seededRandom(seed);
  const order = Array.from({ length: times }, (_, t) => {
    const block = once.map((__, i) => t * once.length + i);
    shuffle(block, random);
    return block;
  });
  return { id, factors, runs: order.flatMap(() => once), order: order.flat() };
}
/** What a design cannot tell from a term: the others that change sign with it in every run; itself not among them. */
export function aliasesOf(d: Design, term: Term): readonly Term[] {
  const mine = column(d, term);
  return termsOf(d.factors).filter(
    (t) => t.join() !== term.join() && column(d, t).every((x, i) => x === (mine[i] ?? 0)),
  );
}
/** Every term of so many factors: mains first, then pairs, and so on. */
export function termsOf(factors: number): readonly Term[] {
  const all = Array.from({ length: 2 ** factors - 1 }, (_, i): Term =>
    Array.from({ length: factors }, (__, f) => f).filter((f) => ((i + 1) >> f) & 1),
  );
  return all.sort((a, b) => a.length - b.length || a.join().localeCompare(b.join()));
}
const column = (d: Design, term: Term): readonly number[] =>
  d.runs.map((levels) => term.reduce((x, f) => x * (levels[f] ?? 1), 1));

export interface Effect {
  readonly term: Term;
  /** Mean where the term is up, less mean where it is down. */
  readonly by: number;
  /** 80 % interval, from the spread of a run. */
  readonly low: number;
  readonly high: number;
  /** What it may be instead: terms this design cannot tell from it. */
  readonly aliases: readonly Term[];
}
/**
 * The effects of a design from what each run came to (in the order of `runs`), `sd` the 1 σ of one run from day to day. Of
 * terms that are told by one contrast the shortest stands for all. Too few results: RangeError.
 */
export function effectsOf(d: Design, came: readonly number[], sd: number): readonly Effect[] {
  if (came.length !== d.runs.length || came.some((x) => !Number.isFinite(x)))
    throw new RangeError(`${d.runs.length} runs, ${came.length} results`);
  const seen = new Set<string>();
  const reach = reachOf(d, sd);
  return termsOf(d.factors).flatMap((term): Effect[] => {
    const signs = column(d, term);
    // In a half design one term is the same in every run: it tells nothing.
    if (signs.every((x) => x === signs[0]) || seen.has(signs.join())) return [];
    seen.add(signs.join());
    const by = (2 / came.length) * came.reduce((sum, x, i) => sum + x * (signs[i] ?? 0), 0);
    return [{ term, by, low: by - reach, high: by + reach, aliases: aliasesOf(d, term) }];
  });
}
/** Half the 80 % interval of an effect: what is smaller is lost among the days. `sd`: 1 σ of one run from day to day. */
export const reachOf = (d: Design, sd: number): number => (Z80 * 2 * sd) / Math.sqrt(d.runs.length);
