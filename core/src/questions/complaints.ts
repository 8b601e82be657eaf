import type { Measure } from '../batch';
import type { Beliefs } from '../kitchen';
import { wordFrom, wordsFrom } from '../steps';
import type { BoundWord, WordScale } from '../steps';

/** A setting rounded for the kitchen must still fall on the right side of a word's bound. */
const JUST_UNDER = 0.97;
/** Right again just under where a word begins, or at it. */
const under = <S extends WordScale>(scale: S, word: BoundWord<S>, by = 1) => ({
  scale,
  word,
  by,
  aim: by * wordFrom(scale, word, {}),
});
/** What a cook may find wrong with a milk: the measure it is told by, and where it is right again: words, or estimates. */
export const COMPLAINTS = {
  slimy: { of: 'slime', ...under('slip', 'slippery', JUST_UNDER), less: true },
  tooThick: { of: 'body', ...under('thick', 'creamy', JUST_UNDER), less: true },
  thickensHot: { of: 'bodyHot', ...under('thick', 'thick', JUST_UNDER), less: true },
  watery: { of: 'solids', aim: 0.04, less: false },
  gritty: { of: 'grit', aim: 0.003, less: true },
  beany: { of: 'beany', ...under('beany', 'clear'), less: true },
} as const satisfies Readonly<Record<string, { of: Measure; aim: number; less: boolean }>>;
export type Complaint = keyof typeof COMPLAINTS;
/** Found wrong though it is within what is usually right: a quarter of what there is of it is taken off, or put on. */
const A_QUARTER = 0.25;
/** Where none of it is: thickness is told as times water. */
const NONE: Readonly<Record<Complaint, number>> = {
  slimy: 1,
  tooThick: 1,
  thickensHot: 1,
  watery: 0,
  gritty: 0,
  beany: 0,
};
/** Where it is right again in this kitchen: by its own words, where it is told by one. */
export function aimOf(c: Complaint, beliefs: Beliefs): number {
  const of = COMPLAINTS[c];
  return 'word' in of ? of.by * wordFrom(of.scale, of.word as never, beliefs) : of.aim;
}
/** Where a measure is to come to so that a cook who found it wrong finds it right. */
export function rightAt(c: Complaint, before: number, beliefs: Beliefs): number {
  const { less } = COMPLAINTS[c];
  const aim = aimOf(c, beliefs);
  const usual = NONE[c] + (1 + (less ? -A_QUARTER : A_QUARTER)) * (before - NONE[c]);
  return less ? Math.min(aim, usual) : Math.max(aim, usual);
}
/** So much of what is too sweet or too salty is left. */
export const TOO_MUCH = 0.75;
/** Protein from which acid or heat makes a curd to be seen, share of the milk (an estimate). */
export const CURDLES_FROM = 0.01;
/** Just over a word's bound; with no word left, so much sweeter. */
const JUST_OVER = 1.05;
const SWEETER = 1.2;
/** Sugars with which the next word of sweetness holds, from a share that is there, share of the milk. */
export function sweetAt(sugars: number, beliefs: Beliefs): number {
  const words = Object.values(wordsFrom('sweet', beliefs));
  return JUST_OVER * (words.find((x) => x > sugars * JUST_OVER) ?? sugars * SWEETER);
}
