import type { Scale } from '../batch';
import type { Beliefs } from '../kitchen';
import { NOTHING_AT, wordsFrom } from '../steps';
import type { WordScale } from '../steps';
import type { Complaint } from './complaints';

/** What was said of a milk, a word a scale. */
export type Said = Readonly<Partial<Record<Scale, string>>>;

/** Words below the first bound, as a share of the way from nothing to it; what a last word goes beyond its own (estimates). */
const BELOW: Readonly<Record<string, number>> = { watery: 0.375, thin: 0.5, clean: 0.5, smooth: 0.5, none: 0.5 };
const BEYOND: Readonly<Record<string, number>> = { slimy: 1.25, sandy: 1.25, strong: 1.25, sets: 1 };
/** The measure that a word stands for in this kitchen, about the middle of its span; null: no such word. */
function standsFor(scale: WordScale, word: string, beliefs: Beliefs): number | null {
  const from = Object.entries<number>(wordsFrom(scale, beliefs));
  const none = NOTHING_AT[scale];
  const below = BELOW[word];
  if (below !== undefined) return none + below * ((from[0]?.[1] ?? none) - none);
  const i = from.findIndex(([w]) => w === word);
  const [mine, next] = [from[i]?.[1], from[i + 1]?.[1]];
  if (mine === undefined) return null;
  return next === undefined ? mine * (BEYOND[word] ?? 1) : Math.sqrt(mine * next);
}

/** On which scale a complaint is told. */
const TOLD = { slimy: 'slip', tooThick: 'thick', gritty: 'grit', beany: 'beany' } as const;
type Told = keyof typeof TOLD;
const isTold = (c: Complaint): c is Told => Object.hasOwn(TOLD, c);

/** How strong what a complaint is of was found, in its own measure; null: nobody said. */
export function foundAs(said: Said, c: Complaint, beliefs: Beliefs = {}): number | null {
  if (!isTold(c)) return null;
  const word = said[TOLD[c]];
  return word === undefined ? null : standsFor(TOLD[c], word, beliefs);
}
/** The word in which it was found. */
export const foundWord = (said: Said, c: Complaint): string | null =>
  c === 'watery' ? (said.thick === 'watery' ? said.thick : null) : isTold(c) ? (said[TOLD[c]] ?? null) : null;

/**
 * Where the reckoned measure must come to so that what is found comes to `aim`: found twice as strong as it was reckoned,
 * it must be reckoned half as strong. Never aimed higher than without the look.
 */
export function aimFor(c: Complaint, said: Said, before: number, aim: number, beliefs: Beliefs = {}): number {
  const found = foundAs(said, c, beliefs);
  if (found === null || !isTold(c) || found <= aim) return aim;
  const none = NOTHING_AT[TOLD[c]];
  return Math.min(aim, none + ((aim - none) * Math.max(0, before - none)) / (found - none));
}

/** What was found wrong, the worst first; words that are as they should be say nothing. */
export function complaintsSaid(said: Said): readonly Complaint[] {
  const out: Complaint[] = [];
  if (said.slip === 'slimy' || said.slip === 'slippery') out.push('slimy');
  if (said.thick === 'watery') out.push('watery');
  if (said.thick === 'thick' || said.thick === 'sets') out.push('tooThick');
  if (said.grit === 'sandy' || said.grit === 'grainy') out.push('gritty');
  if (said.beany === 'strong' || said.beany === 'clear') out.push('beany');
  return out;
}
