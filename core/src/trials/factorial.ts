import { leastSquares, seededRandom, shuffle, Z80 } from '../numerics';

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
/** What the runs of a design told, and what had to be taken for nothing because some of them are not known. */
export interface Told {
  readonly effects: readonly Effect[];
  readonly nought: readonly Term[];
}
/**
 * The effects of a design from what each run came to (in the order of `runs`; null: not known), `sd` the 1 σ of one run
 * from day to day. Of terms that are told by one contrast the shortest stands for all. Where runs are missing, the
 * effects of most factors together are taken for nothing, as many as must be (Draper & Stoneman 1964), and the rest is
 * told by least squares. Null: too few are known to tell even each factor by itself.
 */
export function toldBy(d: Design, came: readonly (number | null)[], sd: number): Told | null {
  if (came.length !== d.runs.length || came.some((x) => x !== null && !Number.isFinite(x)))
    throw new RangeError(`${d.runs.length} runs, ${came.length} results`);
  const all = contrasts(d);
  const known = came.flatMap((x, run) => (x === null ? [] : [{ x, run }]));
  for (let most = d.factors; most >= 1; most -= 1) {
    const told = all.filter((c) => c.term.length <= most);
    // Nothing is dropped by looking at shorter ones where there are no longer ones.
    if (most < d.factors && told.length === all.length) continue;
    const rows = known.map(({ run }) => [1, ...told.map((c) => c.signs[run] ?? 0)]);
    const fit = leastSquares(
      rows,
      known.map(({ x }) => x),
    );
    if (!fit) continue;
    const effects = told.map(({ term }, i): Effect => {
      const by = 2 * (fit.of[i + 1] ?? 0);
      const reach = Z80 * 2 * sd * (fit.sd[i + 1] ?? 0);
      return { term, by, low: by - reach, high: by + reach, aliases: aliasesOf(d, term) };
    });
    return { effects, nought: all.slice(told.length).map((c) => c.term) };
  }
  return null;
}
/** The effects where every run is known; one that is not: RangeError. */
export function effectsOf(d: Design, came: readonly number[], sd: number): readonly Effect[] {
  const told = toldBy(d, came, sd);
  if (!told) throw new RangeError(`${d.runs.length} runs, ${came.length} results`);
  return told.effects;
}
/** What a design can tell, shortest first, each with its sign in every run. */
function contrasts(d: Design): readonly { readonly term: Term; readonly signs: readonly number[] }[] {
  const seen = new Set<string>();
  return termsOf(d.factors).flatMap((term) => {
    const signs = column(d, term);
    // In a half design one term is the same in every run: it tells nothing.
    if (signs.every((x) => x === signs[0]) || seen.has(signs.join())) return [];
    seen.add(signs.join());
    return [{ term, signs }];
  });
}
/** Half the 80 % interval of an effect: what is smaller is lost among the days. `sd`: 1 σ of one run from day to day. */
export const reachOf = (d: Design, sd: number): number => (Z80 * 2 * sd) / Math.sqrt(d.runs.length);
