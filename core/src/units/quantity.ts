import { METRIC_CUP_ML, US_CUP_ML } from './cups';

/** What a recipe's quantity is counted in, and how much of a volume (ml) or a mass (g) one of it is. */
export type QuantityUnit =
  | { readonly is: 'mass'; readonly g: number; readonly name: string }
  | { readonly is: 'volume'; readonly ml: number; readonly name: string }
  | { readonly is: 'cup'; readonly name: string };
const mass = (name: string, g: number): QuantityUnit => ({ is: 'mass', g, name });
const volume = (name: string, ml: number): QuantityUnit => ({ is: 'volume', ml, name });

/** Words of units. US customary spoons and ounces are exact parts of the cup (NIST Handbook 44, appendix C). */
const UNITS: readonly (readonly [RegExp, QuantityUnit])[] = [
  [/^(cups?|c)$/i, { is: 'cup', name: 'cup' }],
  [/^(tablespoons?|tbsps?|tbs|T)$/, volume('tablespoon', US_CUP_ML / 16)],
  [/^(teaspoons?|tsps?|t)$/, volume('teaspoon', US_CUP_ML / 48)],
  [/^floz$/, volume('fluid ounce', US_CUP_ML / 8)],
  [/^(g|gr|grams?|grammes?)$/i, mass('g', 1)],
  [/^(kg|kilos?|kilograms?)$/i, mass('kg', 1000)],
  [/^(oz|ounces?)$/i, mass('oz', 28.349523125)],
  [/^(lbs?|pounds?)$/i, mass('lb', 453.59237)],
  [/^(ml|millilit(?:er|re)s?)$/i, volume('ml', 1)],
  [/^(l|lit(?:er|re)s?)$/i, volume('l', 1000)],
  [/^(pints?)$/i, volume('pint', 2 * US_CUP_ML)],
  [/^(quarts?|qts?)$/i, volume('quart', 4 * US_CUP_ML)],
];
/** The unit a word of a recipe means; null: none that is known. */
export const unitNamed = (word: string): QuantityUnit | null =>
  UNITS.find(([r]) => r.test(word.replace(/\.$/, '')))?.[1] ?? null;

const GLYPHS: Readonly<Record<string, number>> = {
  '¼': 1 / 4,
  '½': 1 / 2,
  '¾': 3 / 4,
  '⅓': 1 / 3,
  '⅔': 2 / 3,
  '⅛': 1 / 8,
  '⅜': 3 / 8,
  '⅝': 5 / 8,
  '⅞': 7 / 8,
};
/** The fractions that are one letter, for whoever looks for numbers in a text. */
export const FRACTIONS = Object.keys(GLYPHS).join('');
const NUMBER = new RegExp(`^(?:(\\d+)\\s+(\\d+)/(\\d+)|(\\d+)/(\\d+)|(\\d+)?\\s*([${FRACTIONS}])|(\\d+(?:[.,]\\d+)?))`);

export interface ReadNumber {
  readonly value: number;
  readonly length: number;
}
/** The number a text begins with: "1½", "1 1/2", "3/4", "0.5", "1,5". None: null. A decimal comma before three digits: null. */
export function leadingNumber(text: string): ReadNumber | null {
  const m = NUMBER.exec(text);
  if (!m) return null;
  const [all, whole, top, bottom, a, b, before, glyph, plain] = m;
  if (plain?.match(/^\d{1,3},\d{3}$/)) return null;
  const value =
    whole !== undefined
      ? Number(whole) + Number(top) / Number(bottom)
      : a !== undefined
        ? Number(a) / Number(b)
        : glyph !== undefined
          ? Number(before ?? 0) + (GLYPHS[glyph] ?? 0)
          : Number((plain ?? '').replace(',', '.'));
  return Number.isFinite(value) ? { value, length: all.length } : null;
}

/** Spoons for what is less than a quarter cup: 15 ml metric or 14.8 ml US tablespoons, to a half. */
export function spoonText(ml: number, cupMl: number): string | null {
  const spoon = Math.abs(cupMl - METRIC_CUP_ML) < 1 ? 15 : US_CUP_ML / 16;
  const n = Math.round((2 * ml) / spoon) / 2;
  if (n <= 0 || ml >= cupMl * 0.24) return null;
  const whole = Math.floor(n);
  return `${whole > 0 ? whole : ''}${n > whole ? '½' : ''} tbsp`;
}
