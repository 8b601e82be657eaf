import { COEFFICIENTS, coefficientId } from '../kitchen';
import type { Belief, Beliefs } from '../kitchen';
import { groupBy, minimise, normalTail } from '../numerics';
import { NOT_TASTED, NOTHING_AT, WORDS_FROM, wordThing } from '../steps';
import type { WordScale } from '../steps';

/** A word that somebody said of a jar, beside the figure that was worked out for that moment. */
export interface Worded {
  readonly scale: WordScale;
  /** The figure of the scale, as the fold has it. */
  readonly x: number;
  readonly word: string;
  readonly by: string;
  readonly at: number;
}
/** Every scale whose words stand for a figure. */
export const WORD_SCALES = Object.keys(WORDS_FROM) as readonly WordScale[];
/** Words below the first bound; of thickness there are two, told apart by what is in it and not by how it flows. */
const FIRST: ReadonlySet<string> = new Set(['thin', 'watery', 'clean', 'smooth', 'none', 'not']);

/** Where the words of a scale begin in a kitchen, from what was said. */
export interface Wording {
  readonly scale: WordScale;
  /** How often somebody said a word, and how many people. */
  readonly n: number;
  readonly people: number;
  /** Of each bound, in its order: how many times the usual one it is, above nothing. */
  readonly bounds: readonly { readonly word: string; readonly times: number }[];
}
/** 1 σ of the logarithm: what one person says of the same milk, and how far the figure itself may be off (an estimate). */
const SAID_SD = 0.5;
/** σ of a kitchen’s bounds about the usual: all of them together, and each by itself; together as COEFFICIENTS has it. */
const [TOGETHER, APART] = [0.25, 0.17] as const;
/** A word pressed by mistake: so often it says nothing. */
const SLIP = 0.05;
/** The newest are looked at; more say no more of how words run now. */
export const MOST_WORDED = 200;
/** Looks closer than this are one place, in the logarithm: a fifth of what one person’s word is worth. */
const CLOSE = 0.1;
/** Enough for bounds that a cook could tell apart (measured: the next thousand move them by less than 1 %). */
const MOST_TRIED = 600;
/** A figure of nothing, as a share of the first bound: its logarithm has no floor. */
const LEAST = 0.05;

/**
 * Fits the bounds of a scale to what was said: the ordered probit (McKelvey & Zavoina 1975) on the logarithm of the
 * figure above nothing, its cut-points drawn to the usual ones by a normal prior, each said word allowed to be a slip. The
 * most likely bounds; they never cross. Nothing said, or no figure: null.
 */
export function learnWording(scale: WordScale, all: readonly Worded[]): Wording | null {
  const said = newest(all.filter((w) => w.scale === scale && Number.isFinite(w.x)));
  if (said.length === 0) return null;
  const words = Object.keys(WORDS_FROM[scale]);
  const none = NOTHING_AT[scale];
  const usual = Object.values(WORDS_FROM[scale] as Readonly<Record<string, number>>).map((v) => Math.log(v - none));
  const floor = (usual[0] ?? 0) + Math.log(LEAST);
  const seen = said.flatMap((w) => {
    const place = FIRST.has(w.word) ? 0 : words.indexOf(w.word) + 1;
    // A word this Ironpan does not know says nothing.
    if (place === 0 && !FIRST.has(w.word)) return [];
    return [{ place, ln: Math.max(floor, Math.log(Math.max(1e-12, w.x - none))) }];
  });
  const groups = grouped(seen);
  const boundsAt = ([shift = 0, ...each]: readonly number[]): readonly number[] =>
    usual.map((u, i) => (NOT_TASTED.has(words[i] ?? '') ? u : u + shift + (each[i] ?? 0)));
  const cost = (x: readonly number[]): number => {
    const cuts = boundsAt(x);
    if (cuts.some((c, i) => i > 0 && c <= (cuts[i - 1] ?? c))) return Infinity;
    const [shift = 0, ...each] = x;
    let sum = (shift / TOGETHER) ** 2 / 2 + each.reduce((s, d) => s + (d / APART) ** 2 / 2, 0);
    for (const { place, ln, times } of groups) {
      const above = place === 0 ? 1 : normalTail(((cuts[place - 1] ?? 0) - ln) / SAID_SD);
      const next = place === cuts.length ? 0 : normalTail(((cuts[place] ?? 0) - ln) / SAID_SD);
      sum -= times * Math.log((1 - SLIP) * (above - next) + SLIP / (cuts.length + 1));
    }
    return sum;
  };
  const found = minimise(cost, [0, ...usual.map(() => 0)], 0.1, 1e-6, MOST_TRIED);
  const cuts = boundsAt(found.x);
  return {
    scale,
    n: seen.length,
    people: new Set(said.map((w) => w.by)).size,
    bounds: words.flatMap((word, i) =>
      NOT_TASTED.has(word) ? [] : [{ word, times: Math.exp((cuts[i] ?? 0) - (usual[i] ?? 0)) }],
    ),
  };
}
interface Place {
  readonly place: number;
  readonly ln: number;
}
/** Looks that lie close together, counted: a fit of years costs no more than one of weeks. */
function grouped(seen: readonly Place[]): readonly (Place & { readonly times: number })[] {
  const by = groupBy([...seen], (s) => `${s.place} ${Math.round(s.ln / CLOSE)}`);
  return [...by.values()].map((of) => ({
    place: of[0]?.place ?? 0,
    ln: of.reduce((sum, s) => sum + s.ln, 0) / of.length,
    times: of.length,
  }));
}
/** The newest of them, the oldest first. */
const newest = (all: readonly Worded[]): readonly Worded[] => [...all].sort((a, b) => a.at - b.at).slice(-MOST_WORDED);

/** What plans are told of it, to fold with. */
export function wordBeliefs(all: readonly Wording[]): Beliefs {
  const { sd, low, high } = COEFFICIENTS.word;
  const out: Record<string, Belief> = {};
  for (const { scale, n, bounds } of all)
    for (const { word, times } of bounds)
      out[coefficientId('word', wordThing(scale, word))] = {
        ...{ mean: Math.min(high, Math.max(low, times)), n, sd, low, high },
      };
  return out;
}
