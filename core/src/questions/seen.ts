import type { Scale } from '../batch';
import { BEANY_FROM, BODY_FROM, GRIT_FROM, SLIPPERY_FROM } from '../steps';
import type { BeanyWord, BodyWord, GritWord, SlipWord } from '../steps';
import type { Complaint } from './complaints';

/** What was said of a milk, a word a scale. */
export type Said = Readonly<Partial<Record<Scale, string>>>;

const between = (a: number, b: number): number => Math.sqrt(a * b);
/** The measure that each word stands for, about the middle of its span; the last some way beyond its bound (estimates). */
const SLIME: Readonly<Record<SlipWord, number>> = {
  clean: 1.1,
  silky: between(SLIPPERY_FROM.silky, SLIPPERY_FROM.slippery),
  slippery: between(SLIPPERY_FROM.slippery, SLIPPERY_FROM.slimy),
  slimy: SLIPPERY_FROM.slimy * 1.25,
};
const BODY: Readonly<Record<BodyWord, number>> = {
  watery: 1.15,
  thin: 1.2,
  likeMilk: between(BODY_FROM.likeMilk, BODY_FROM.creamy),
  creamy: between(BODY_FROM.creamy, BODY_FROM.thick),
  thick: between(BODY_FROM.thick, BODY_FROM.sets),
  sets: BODY_FROM.sets,
};
const GRIT: Readonly<Record<GritWord, number>> = {
  smooth: GRIT_FROM.faint / 2,
  faint: between(GRIT_FROM.faint, GRIT_FROM.grainy),
  grainy: between(GRIT_FROM.grainy, GRIT_FROM.sandy),
  sandy: GRIT_FROM.sandy * 1.25,
};
const BEANY: Readonly<Record<BeanyWord, number>> = {
  none: BEANY_FROM.faint / 2,
  faint: between(BEANY_FROM.faint, BEANY_FROM.clear),
  clear: between(BEANY_FROM.clear, BEANY_FROM.strong),
  strong: BEANY_FROM.strong * 1.25,
};

/** On which scale a complaint is told, what each of its words stands for, and where none of it is. */
const TOLD = {
  slimy: { scale: 'slip', as: SLIME, none: 1 },
  tooThick: { scale: 'thick', as: BODY, none: 1 },
  gritty: { scale: 'grit', as: GRIT, none: 0 },
  beany: { scale: 'beany', as: BEANY, none: 0 },
} as const;
type Told = keyof typeof TOLD;
const isTold = (c: Complaint): c is Told => Object.hasOwn(TOLD, c);

/** How strong what a complaint is of was found, in its own measure; null: nobody said. */
export function foundAs(said: Said, c: Complaint): number | null {
  if (!isTold(c)) return null;
  const word = said[TOLD[c].scale];
  return word === undefined ? null : ((TOLD[c].as as Readonly<Record<string, number>>)[word] ?? null);
}
/** The word in which it was found. */
export const foundWord = (said: Said, c: Complaint): string | null =>
  c === 'watery' ? (said.thick === 'watery' ? said.thick : null) : isTold(c) ? (said[TOLD[c].scale] ?? null) : null;

/**
 * Where the reckoned measure must come to so that what is found comes to `aim`: found twice as strong as it was reckoned,
 * it must be reckoned half as strong. Never aimed higher than without the look.
 */
export function aimFor(c: Complaint, said: Said, before: number, aim: number): number {
  const found = foundAs(said, c);
  if (found === null || !isTold(c) || found <= aim) return aim;
  const { none } = TOLD[c];
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
