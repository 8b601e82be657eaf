import { beanyIndexOf, contents, massG } from '../../kitchen';
import type { Stream } from '../../kitchen';
import type { Ctx } from '../types';
import { gritShareOf } from './body';
import { wordAt } from './wording';

/** How it feels between tongue and palate, in order. */
export const GRIT_SCALE = ['smooth', 'faint', 'grainy', 'sandy'] as const;
export type GritWord = (typeof GRIT_SCALE)[number];
/** How much of the raw bean there is in the taste, in order. */
export const BEANY_SCALE = ['none', 'faint', 'clear', 'strong'] as const;
export type BeanyWord = (typeof BEANY_SCALE)[number];
/** How sweet it is, in order. */
export const SWEET_SCALE = ['not', 'little', 'sweet', 'very'] as const;
export type SweetWord = (typeof SWEET_SCALE)[number];

type Tongue = Pick<Ctx, 'beliefs'>;
/** The word for its grit. */
export const gritWord = (s: Stream, ctx: Pick<Ctx, 'beliefs' | 'materials'>): GritWord =>
  wordAt('grit', 'smooth', gritShareOf(s, ctx), ctx.beliefs);
/** The word for its beany taste; null: nothing in it can turn beany. */
export function beanyWord(s: Stream, { beliefs }: Tongue): BeanyWord | null {
  const x = beanyIndexOf(s);
  return x === null ? null : wordAt('beany', 'none', x, beliefs);
}
/** Its sugars, share of the mass. */
export function sugarShareOf(s: Stream): number {
  const m = massG(s);
  return m > 0 ? contents(s).sugars / m : 0;
}
/** The word for its sweetness. */
export const sweetWord = (s: Stream, { beliefs }: Tongue): SweetWord =>
  wordAt('sweet', 'not', sugarShareOf(s), beliefs);
