import { beanyIndexOf, contents, massG } from '../../kitchen';
import type { Stream } from '../../kitchen';
import { gritShareOf } from './body';

/** How it feels between tongue and palate, in order. */
export const GRIT_SCALE = ['smooth', 'faint', 'grainy', 'sandy'] as const;
export type GritWord = (typeof GRIT_SCALE)[number];
/** How much of the raw bean there is in the taste, in order. */
export const BEANY_SCALE = ['none', 'faint', 'clear', 'strong'] as const;
export type BeanyWord = (typeof BEANY_SCALE)[number];
/** How sweet it is, in order. */
export const SWEET_SCALE = ['not', 'little', 'sweet', 'very'] as const;
export type SweetWord = (typeof SWEET_SCALE)[number];

/** Felt particles, share of the mass; the beany index, of 100; sugars, share of the mass (all estimates). */
export const GRIT_FROM = { faint: 0.0015, grainy: 0.004, sandy: 0.012 } as const;
/** Beany index from which a word holds. */
export const BEANY_FROM = { faint: 8, clear: 25, strong: 50 } as const;
/** Sugars from which a word holds; cow’s milk, of 4.8 % of a less sweet one, is a little sweet. */
export const SWEET_FROM = { little: 0.012, sweet: 0.035, very: 0.1 } as const;

/** The last of the words whose bound is reached; the first where none is. */
function wordAt<W extends string>(first: W, from: Readonly<Partial<Record<W, number>>>, x: number): W {
  let word = first;
  for (const [w, least] of Object.entries(from) as [W, number][]) if (x >= least) word = w;
  return word;
}
/** The word for its grit. */
export const gritWord = (s: Stream): GritWord => wordAt<GritWord>('smooth', GRIT_FROM, gritShareOf(s));
/** The word for its beany taste; null: nothing in it can turn beany. */
export function beanyWord(s: Stream): BeanyWord | null {
  const x = beanyIndexOf(s);
  return x === null ? null : wordAt<BeanyWord>('none', BEANY_FROM, x);
}
/** The word for its sweetness. */
export function sweetWord(s: Stream): SweetWord {
  const m = massG(s);
  return wordAt<SweetWord>('not', SWEET_FROM, m > 0 ? contents(s).sugars / m : 0);
}
