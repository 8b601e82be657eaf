import { multiplier } from '../../kitchen';
import type { Beliefs } from '../../kitchen';
import { BODY_FROM, SLIPPERY_FROM } from '../../laws';

/** Felt particles, share of the mass; the beany index, of 100; sugars, share of the mass (all estimates). */
export const GRIT_FROM = { faint: 0.00007, grainy: 0.0007, sandy: 0.007 } as const;
/** Beany index from which a word holds. */
export const BEANY_FROM = { faint: 8, clear: 25, strong: 50 } as const;
/** Sugars from which a word holds; cow’s milk, of 4.8 % of a less sweet one, is a little sweet. */
export const SWEET_FROM = { little: 0.012, sweet: 0.035, very: 0.1 } as const;

/** Where each word of a scale begins, as shipped, in its order; below the first is the word that needs no bound. */
export const WORDS_FROM = {
  thick: BODY_FROM,
  slip: SLIPPERY_FROM,
  grit: GRIT_FROM,
  beany: BEANY_FROM,
  sweet: SWEET_FROM,
} as const;
/** A scale whose words stand for a figure. */
export type WordScale = keyof typeof WORDS_FROM;
/** A word of a scale that begins somewhere. */
export type BoundWord<S extends WordScale> = keyof (typeof WORDS_FROM)[S] & string;
/** What of a figure is nothing at all: thickness and slip are told as times water. */
export const NOTHING_AT: Readonly<Record<WordScale, number>> = { thick: 1, slip: 1, grit: 0, beany: 0, sweet: 0 };
/** The name under which a kitchen believes where a word begins: a multiple of the usual bound above nothing. */
export const wordThing = (scale: WordScale, word: string): string => `${scale}.${word}`;

/** A milk that sets holds the mark of a spoon, whatever anybody calls it: no taster moves that. */
export const NOT_TASTED: ReadonlySet<string> = new Set(['sets']);
/** Where a word begins in this kitchen, in the figure of its scale: as shipped, or as its own tasters say it. */
export function wordFrom<S extends WordScale>(scale: S, word: BoundWord<S>, beliefs: Beliefs): number {
  const usual = (WORDS_FROM[scale] as Readonly<Record<string, number>>)[word] ?? 0;
  const none = NOTHING_AT[scale];
  if (NOT_TASTED.has(word)) return usual;
  return none + (usual - none) * multiplier(beliefs, 'word', wordThing(scale, word));
}
/** Every bound of a scale in this kitchen, in its order. */
export const wordsFrom = <S extends WordScale>(scale: S, beliefs: Beliefs): Readonly<Record<BoundWord<S>, number>> =>
  Object.fromEntries(
    Object.keys(WORDS_FROM[scale]).map((w) => [w, wordFrom(scale, w as BoundWord<S>, beliefs)]),
  ) as Record<BoundWord<S>, number>;
/** The last word of a scale whose bound is reached; the first where none is. */
export function wordAt<S extends WordScale, F extends string>(
  scale: S,
  first: F,
  x: number,
  beliefs: Beliefs,
): F | BoundWord<S> {
  let word: F | BoundWord<S> = first;
  for (const w of Object.keys(WORDS_FROM[scale]) as BoundWord<S>[]) if (x >= wordFrom(scale, w, beliefs)) word = w;
  return word;
}
