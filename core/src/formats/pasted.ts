import { MATERIALS, WATER_G_PER_ML } from '../materials';
import type { Material } from '../materials';
import { FRACTIONS, leadingNumber, unitNamed, US_CUP_ML } from '../units';
import type { QuantityUnit } from '../units';
import { nearlyFood, WEIGHED_WET, whatOf } from './pastedWords';
import type { Pasted } from './pastedWords';
import { clausesOf, pastedStep } from './pastedSteps';

/** What is missing before a line can be used; it is asked, never guessed. */
export type Ask = 'food' | 'amount' | 'unit' | 'range' | 'count' | 'form' | 'wet';
export interface PastedLine {
  readonly text: string;
  readonly what: Pasted | null;
  readonly grams: number | null;
  readonly ask: Ask | null;
  /** Foods it could be, when the form is not said. */
  readonly among: readonly string[];
}
export type ReadPasted =
  | {
      readonly ok: true;
      readonly lines: readonly PastedLine[];
      /** It is longer than what is read of it. */
      readonly cut: boolean;
    }
  | { readonly ok: false; readonly why: 'empty' | 'nothing' };

const COUNTED = /^(nuts?|pieces?|handfuls?|coconuts?|whole|medium|large|small|bunch)/i;
const COUNTS: Readonly<Record<string, string>> = {
  a: '1',
  an: '1',
  one: '1',
  two: '2',
  three: '3',
  four: '4',
  half: '½',
};
/** "a cup", "half a cup", "two cups": a word before a unit says its number as surely as a figure. */
function inFigures(text: string): string {
  const m = /^(half\s+an?|an?|one|two|three|four|half)\s+([A-Za-z]+)/i.exec(text);
  if (!m || !unitNamed(m[2] ?? '')) return text;
  const word = (m[1] ?? '').toLowerCase().split(/\s/)[0] ?? '';
  return `${COUNTS[word] ?? ''} ${text.slice((m[1] ?? '').length).trim()}`;
}
/** After a number inside a line a capital C or F is a temperature: "water at 50 C" holds no cups. */
const amountUnit = (word: string): QuantityUnit | null => (/^[CF]$/.test(word) ? null : unitNamed(word));
const DIGIT = `\\d${FRACTIONS}`;
const TAIL = new RegExp(`^([^${DIGIT}]+?)[\\s:,–-]*([${DIGIT}][${DIGIT}.,/ ]*([A-Za-z]+)\\.?)\\s*$`);
/** An amount at the end of a line, "rolled oats: 100 g", is put before what it measures. */
function amountFirst(text: string): string {
  const m = TAIL.exec(text);
  return m && amountUnit(m[3] ?? '') ? `${m[2] ?? ''} ${m[1] ?? ''}` : text;
}
/** The amount a line begins with, and the word after it. */
function amountOf(text: string): { readonly value: number; readonly rest: string; readonly word: string } | null {
  const start = amountFirst(inFigures(text.replace(/^[\s\-–•*·]+/, '')));
  const number = leadingNumber(start);
  if (!number) return null;
  const rest = start.slice(number.length).trim();
  const fluid = /^fl(uid)?\.?\s*(oz|ounces?)\b/i.test(rest);
  return { value: number.value, rest, word: fluid ? 'floz' : (/^([A-Za-z]+\.?)/.exec(rest)?.[1] ?? '') };
}
/** One line: an amount, a unit, a food. What cannot be told for certain is asked. */
function readLine(text: string, cupMl: number, own: readonly Material[]): PastedLine {
  const { what, among } = whatOf(text, own);
  const line = (grams: number | null, ask: Ask | null): PastedLine => ({ text, what, grams, ask, among });
  const amount = amountOf(text);
  if (!what && among.length === 0) return line(null, amount ? 'food' : null);
  if (!amount) return line(null, 'amount');
  if (/^(-|–|to\b)\s*\d/.test(amount.rest)) return line(null, 'range');
  const unit = unitNamed(amount.word);
  if (!unit) return line(null, COUNTED.test(amount.word) || what?.is === 'food' ? 'count' : 'unit');
  if (!what) return { ...line(null, 'form'), grams: unit.is === 'mass' ? amount.value * unit.g : null };
  if (what.is === 'food' && WEIGHED_WET.test(text)) return line(null, 'wet');
  return line(gramsOf(what, amount.value, unit, cupMl, own), null);
}
function gramsOf(what: Pasted, value: number, unit: QuantityUnit, cupMl: number, own: readonly Material[]): number {
  if (unit.is === 'mass') return value * unit.g;
  const ml = value * (unit.is === 'cup' ? cupMl : unit.ml);
  switch (what.is) {
    case 'stirred':
    case 'food': {
      const cup = [...own, ...MATERIALS].find((m) => m.id === what.material)?.cupG ?? US_CUP_ML;
      return (ml * cup) / US_CUP_ML;
    }
    case 'step':
      return 0;
    case 'water':
      return ml * WATER_G_PER_ML;
    case 'ice':
      // By volume cubes leave gaps: a cup of cubes is a little over half ice (common practice).
      return ml * 0.55;
  }
}
/** The grams of a line once its missing form is chosen. */
export function withForm(line: PastedLine, material: string, cupMl: number, own: readonly Material[] = []): PastedLine {
  const what: Pasted = { is: 'food', material };
  const amount = amountOf(line.text);
  const unit = amount && unitNamed(amount.word);
  if (!amount || !unit) return { ...line, what, ask: 'amount' };
  return { ...line, what, ask: null, grams: gramsOf(what, amount.value, unit, cupMl, own) };
}

const INSIDE = new RegExp(`(?<![${DIGIT}/(])\\s+(?=[${DIGIT}][${DIGIT}.,/ ]*([A-Za-z]+))`, 'g');
/** Where a second amount stands on one line, "100 g oats in 1 l water", each is a line of its own. */
function amountsApart(part: string): readonly string[] {
  const cuts = [...part.matchAll(INSIDE)].filter((m) => amountUnit(m[1] ?? '') !== null).map((m) => m.index);
  const pieces = [0, ...cuts].map((at, i) => part.slice(at, cuts[i]).trim());
  return pieces.length > 1 && pieces.every((p) => amountOf(p) !== null) ? pieces : [part];
}

const ALONE = new RegExp(`^[${DIGIT}][${DIGIT}.,/ ]*([A-Za-z]+)\\.?$`);
/** "rolled oats, 1½ cups": an amount alone belongs to what was named before it. */
function withItsAmount(lines: readonly string[], part: string): readonly string[] {
  const last = lines.at(-1);
  const alone = unitNamed(ALONE.exec(part)?.[1] ?? '') !== null;
  return alone && last !== undefined && amountOf(last) === null
    ? [...lines.slice(0, -1), `${last} ${part}`]
    : [...lines, part];
}

// A comma between two figures is a decimal or a thousand, never the end of a line.
const BREAK = new RegExp(`\\n|;|(?<!\\d),(?=\\s*[${DIGIT}])|,(?=\\s+[${DIGIT}])|,(?=\\s*(?:a|an|some)\\s)`, 'i');
const MOST_LETTERS = 4000;
const MOST_LINES = 60;
/** A sentence of what is done; one whose words are not known is told, as any line is. */
function stepLine(text: string, cupMl: number): PastedLine {
  return { text, what: pastedStep(text, cupMl), grams: 0, ask: null, among: [] };
}
/** No line of a recipe is longer; what a file may hold instead is cut before any pattern looks at it. */
const LONGEST_LINE = 500;
const LOOKED_AT = 20_000;
/** A line with its blanks squeezed, 500 letters at most: patterns look through a long run of blanks again and again. */
export const tidyLine = (line: string): string =>
  line
    .slice(0, LOOKED_AT)
    .replace(/[^\S\n]+/g, ' ')
    .slice(0, LONGEST_LINE);
/** The things that a line takes. */
function thingsOf(line: string, cupMl: number, own: readonly Material[]): readonly PastedLine[] {
  return line
    .split(BREAK)
    .map((s) => s.trim())
    .reduce<readonly string[]>(withItsAmount, [])
    .flatMap(amountsApart)
    .filter((s) => s !== '')
    .map((p) => readLine(p, cupMl, own));
}
/** It still asks something; all else is taken, or told as left out. */
export const stillAsks = (l: PastedLine): boolean => l.ask !== null && (l.grams === null || l.what === null);

/**
 * A recipe's words, line by line or parted by commas: "1½ cups rolled oats, 4 cups ice water". Lines that speak of
 * nothing known and hold no amount are kept to be told as left out. No food at all with an amount: nothing.
 */
export function readPasted(text: string, cupMl: number, own: readonly Material[] = []): ReadPasted {
  if (text.trim() === '') return { ok: false, why: 'empty' };
  const every = text
    .slice(0, MOST_LETTERS)
    .split('\n')
    .map(tidyLine)
    .flatMap((line) => clausesOf(line)?.map((c) => stepLine(c, cupMl)) ?? thingsOf(line, cupMl, own));
  const lines = every.slice(0, MOST_LINES);
  return lines.some((l) => l.what?.is === 'food' || l.among.length > 0 || (l.ask === 'food' && nearlyFood(l.text)))
    ? { ok: true, lines, cut: text.length > MOST_LETTERS || every.length > MOST_LINES }
    : { ok: false, why: 'nothing' };
}
