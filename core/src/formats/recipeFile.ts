import type { Card } from '../words';
import { tidyLine } from './pasted';
import { clausesOf } from './pastedSteps';

/** Seconds as ISO 8601 has a duration: PT10H5M. Rounded to minutes; nothing: PT0M. */
export function isoDuration(s: number): string {
  const minutes = Math.max(0, Math.round(s / 60));
  const [d, h, m] = [Math.floor(minutes / 1440), Math.floor((minutes % 1440) / 60), minutes % 60];
  const time = `${h > 0 ? `${h}H` : ''}${m > 0 ? `${m}M` : ''}`;
  if (d === 0 && time === '') return 'PT0M';
  return `P${d > 0 ? `${d}D` : ''}${time === '' ? '' : `T${time}`}`;
}
/** Thin spaces between thousands are for the eye; a file has none. */
const bare = (text: string): string =>
  text.replace(/(\d)[\u2009\u202f](?=\d)/g, '$1').replace(/[\u00a0\u2009\u202f]/g, ' ');

/**
 * A plan or a batch as a Recipe of schema.org in JSON-LD: things to take as QuantitativeValue in UN/CEFACT units, steps as
 * HowToStep, times by ISO 8601.
 */
export function recipeFile(c: Card): string {
  const amount = (value: number, unitCode: string, unitText: string) => ({
    '@type': 'QuantitativeValue',
    value: Number(value.toPrecision(6)),
    unitCode,
    unitText,
  });
  return `${JSON.stringify(
    {
      '@context': 'https://schema.org',
      '@type': 'Recipe',
      name: c.name,
      inLanguage: 'en',
      recipeYield: amount(c.makesMl / 1000, 'LTR', 'L'),
      totalTime: isoDuration(c.elapsedS),
      recipeIngredient: c.takes.map((t) => bare(t.say)),
      supply: c.takes.map((t) => ({
        '@type': 'HowToSupply',
        name: bare(t.name),
        requiredQuantity: amount(t.g, 'GRM', 'g'),
      })),
      recipeInstructions: c.steps.map((s, i) => ({
        '@type': 'HowToStep',
        position: i + 1,
        // The name says it in figures, which this program reads back; the text says it to a person.
        name: bare(s.figures === '' ? s.title : `${s.title}: ${s.figures}`),
        text: bare(s.text === '' ? s.title : s.text),
      })),
      ...(c.cautions.length > 0 && { comment: c.cautions.map((text) => ({ '@type': 'Comment', text: bare(text) })) }),
    },
    null,
    2,
  )}\n`;
}

/** A foreign recipe, as lines that are then read as any pasted recipe: what it does not say is asked there. */
export interface ForeignRecipe {
  readonly name: string;
  /** What is taken and what is done, a line each; texts may still hold HTML. */
  readonly takes: readonly string[];
  readonly does: readonly string[];
}
export type RecipeFileFault = 'notJson' | 'noRecipe' | 'nothing';
export type ReadRecipeFile =
  | { readonly ok: true; readonly recipe: ForeignRecipe }
  | { readonly ok: false; readonly fault: RecipeFileFault };

type Json = string | number | boolean | null | readonly Json[] | { readonly [key: string]: Json };
type Thing = { readonly [key: string]: Json };
const isThing = (x: Json | undefined): x is Thing => typeof x === 'object' && x !== null && !Array.isArray(x);
const all = (x: Json | undefined): readonly Json[] =>
  x === undefined || x === null ? [] : Array.isArray(x) ? (x as readonly Json[]) : [x];
/** Deeper than this nobody nests a recipe; a file that does is refused as one without. */
const DEEP = 12;
const isA = (x: Thing, type: string): boolean =>
  all(x['@type']).some((t) => typeof t === 'string' && t.split(/[/:#]/).at(-1) === type);
/** The first recipe in it, wherever it stands: alone, in a list, in a graph, under a page. */
function findRecipe(x: Json | undefined, depth = 0): Thing | null {
  if (x === undefined || depth > DEEP) return null;
  if (Array.isArray(x)) {
    for (const y of x as readonly Json[]) {
      const found = findRecipe(y, depth + 1);
      if (found) return found;
    }
    return null;
  }
  if (!isThing(x)) return null;
  if (isA(x, 'Recipe')) return x;
  for (const y of Object.values(x)) {
    const found = typeof y === 'object' ? findRecipe(y, depth + 1) : null;
    if (found) return found;
  }
  return null;
}
/** A text of a file, each of its lines tidied: what a pattern sees has no long run of blanks, and an end. */
const words = (x: Json | undefined): string =>
  typeof x === 'string' || typeof x === 'number'
    ? String(x).slice(0, MOST_OF_A_TEXT).split('\n').map(tidyLine).join('\n').trim()
    : '';
const MOST_OF_A_TEXT = 20_000;
/** What it is called: of several languages the English, else the first. */
function nameOf(x: Json | undefined): string {
  const texts = all(x);
  const english = texts.find((t) => isThing(t) && words(t['@language']).startsWith('en'));
  const one = english ?? texts[0];
  return isThing(one) ? words(one['@value'] ?? one.name) : words(one);
}
const UNIT_CODES: Readonly<Record<string, string>> = { GRM: 'g', KGM: 'kg', MLT: 'ml', LTR: 'l', ONZ: 'oz', LBR: 'lb' };
/** “150 g” of a QuantitativeValue; a range stays one, and is asked about. */
function amountText(x: Json | undefined): string {
  if (!isThing(x)) return words(x);
  const unit = words(x.unitText) || (UNIT_CODES[words(x.unitCode)] ?? words(x.unitCode));
  const value = words(x.value) || [words(x.minValue), words(x.maxValue)].filter((v) => v !== '').join('–');
  return `${value} ${unit}`.trim();
}
/** One thing to take: a text, or a thing with a name and an amount. */
function takeText(x: Json): string {
  if (!isThing(x)) return words(x);
  const amount = amountText(x.requiredQuantity ?? x.amount ?? (x.value === undefined ? undefined : x));
  return `${amount} ${nameOf(x.name ?? x.item ?? x.text)}`.trim();
}
/** What is done, in its order: texts, steps, sections of steps, lists of them. */
function doTexts(x: Json | undefined, depth = 0): readonly string[] {
  if (depth > DEEP) return [];
  return all(x).flatMap((y): readonly string[] => {
    if (!isThing(y)) return words(y) === '' ? [] : [words(y)];
    const inner = y.itemListElement ?? y.steps ?? y.item;
    if (inner !== undefined && inner !== null) return doTexts(inner, depth + 1);
    const [text, name] = [words(y.text) || words(y.description), nameOf(y.name)];
    const best = text === '' || (/\d/.test(name) && clausesOf(name) !== null) ? name : text;
    return best === '' ? [] : [best];
  });
}

/** The recipe of schema.org in a JSON-LD text: alone, in a list or in a graph. What it does not say stays unsaid. */
export function readRecipeFile(text: string): ReadRecipeFile {
  let json: Json;
  try {
    json = JSON.parse(text.replace(/^\uFEFF/, '')) as Json;
  } catch {
    return { ok: false, fault: 'notJson' };
  }
  const r = findRecipe(json);
  if (!r) return { ok: false, fault: 'noRecipe' };
  const texts = all(r.recipeIngredient ?? r.ingredients)
    .map(takeText)
    .filter((t) => t !== '');
  const takes =
    texts.length > 0
      ? texts
      : all(r.supply)
          .map(takeText)
          .filter((t) => t !== '');
  const does = doTexts(r.recipeInstructions ?? r.step);
  if (takes.length + does.length === 0) return { ok: false, fault: 'nothing' };
  return { ok: true, recipe: { name: nameOf(r.name), takes, does } };
}
/** Does a sentence speak of something that is done here? What does not is told, and not taken for a thing to take. */
export const speaksOfDoing = (text: string): boolean => text.split('\n').some((l) => clausesOf(l) !== null);
