import type { Material } from '../materials';
import { temperature } from './pastedHeat';
import type { PastedStep } from './pastedSteps';

/** What a line of a recipe speaks of. */
export type Pasted =
  | { readonly is: 'food'; readonly material: string }
  | { readonly is: 'water'; readonly c: number | null; readonly thrown: boolean }
  | { readonly is: 'ice' }
  | { readonly is: 'stirred'; readonly material: string }
  | PastedStep;

const food = (words: RegExp, ...ids: readonly string[]) => ({ words, ids });
/** Words for foods; where several forms share a word and none is said, the form is asked. */
const FOODS: readonly { readonly words: RegExp; readonly ids: readonly string[] }[] = [
  food(/soy\s?beans?|soya/i, 'soybeans'),
  food(/(rolled|old.?fashioned|porridge)\s+oats|oat\s?flakes|oats/i, 'oats-rolled'),
  food(/spelt/i, 'spelt-flakes'),
  food(/rice\s+flakes/i, 'rice-flakes'),
  food(/millet/i, 'millet-flakes'),
  food(/cooked\s+(brown\s+)rice/i, 'rice-brown-cooked'),
  food(/cooked\s+(white\s+|long.?grain\s+)?rice/i, 'rice-cooked'),
  food(/brown\s+rice/i, 'rice-brown'),
  food(/(raw|white|uncooked|long.?grain)\s+(white\s+)?rice/i, 'rice-white'),
  food(/\brice\b/i, 'rice-white', 'rice-cooked', 'rice-brown'),
  food(/tiger\s?nuts?|chufas?/i, 'tiger-nuts'),
  food(/coconut\s+water/i, 'coconut-water'),
  food(/(dried|desiccated|unsweetened)\s+(shredded\s+)?coconut|coconut,\s*(dried|desiccated)/i, 'coconut-dried'),
  food(/frozen\s+(shredded\s+)?coconut|coconut,.*\bfrozen/i, 'coconut-frozen'),
  food(/(fresh(ly)?\s+)?grated\s+coconut|coconut,.*\bgrated/i, 'coconut-grated'),
  food(/fresh\s+coconut|coconut\s+(meat|chunks)|coconut,.*\b(fresh|meat)/i, 'coconut-fresh'),
  food(/coconut/i, 'coconut-fresh', 'coconut-grated', 'coconut-dried', 'coconut-frozen'),
  food(/almonds?/i, 'almonds'),
  food(/\bdates?\b/i, 'dates'),
  food(/sesame/i, 'sesame'),
  food(/sunflower/i, 'sunflower-seeds'),
  food(/hemp/i, 'hemp-seeds'),
  food(/strawberr|raspberr|blueberr|\bberries\b/i, 'berries'),
];
/** What is stirred in; the closer word before the wider one. */
const STIRRED: readonly (readonly [RegExp, string])[] = [
  [/\bsalt\b/i, 'salt'],
  [/jaggery|panela|piloncillo/i, 'jaggery-syrup'],
  [/brown\s+sugar/i, 'sugar-brown'],
  [/\bsugar\b/i, 'sugar'],
  [/vanilla/i, 'vanilla'],
  [/cocoa|cacao/i, 'cocoa'],
  [/chocolate/i, 'chocolate'],
  [/honey/i, 'honey'],
  [/maple/i, 'maple-syrup'],
  [/agave/i, 'agave-syrup'],
  [/date\s+(syrup|paste|flesh)/i, 'date-syrup'],
  [/glucose/i, 'glucose-syrup'],
  [/cinnamon\s+(stick|bark)|stick\s+of\s+cinnamon/i, 'cinnamon-stick'],
  [/cinnamon/i, 'cinnamon'],
  [/(lemon|orange|lime)\s+(peel|zest)|(peel|zest)\s+of/i, 'citrus-peel'],
  [/food\s+colou?r/i, 'colour'],
  [/\btea\b(?!\s*spoon)/i, 'tea'],
];
/** What is made of a food is another thing; so are oats that were cut or steamed otherwise than rolled ones. */
const MADE_OF =
  /\b(oil|milk|cream|butter|extract|flour|vinegar|sauce|sugar|syrup|starch|bran|noodles?|paste|wine|essence)\b/i;
const OTHER_OATS = /\b(steel.?cut|pinhead|quick|instant|groats?)\b/i;
/** A food weighed wet is fewer grams than dry; how many, its soak decides. */
export const WEIGHED_WET = /\b(soaked|sprouted|drained|swollen)\b/i;
const THROWN = /soak|rins|drain|blanch|discard/i;

/** What a line speaks of, and among which foods it leaves a choice. */
export function whatOf(
  text: string,
  own: readonly Material[],
): { readonly what: Pasted | null; readonly among: readonly string[] } {
  const mine = own.find((m) => text.toLowerCase().includes(m.name.toLowerCase()));
  if (mine) return { what: { is: 'food', material: mine.id }, among: [] };
  for (const f of MADE_OF.test(text) || OTHER_OATS.test(text) ? [] : FOODS) {
    if (!f.words.test(text)) continue;
    const one = f.ids[0];
    return f.ids.length === 1 && one !== undefined
      ? { what: { is: 'food', material: one }, among: [] }
      : { what: null, among: f.ids };
  }
  const only = (what: Pasted) => ({ what, among: [] });
  if (/\bice\b(?!.{0,6}\bwater)/i.test(text)) return only({ is: 'ice' });
  if (/water/i.test(text)) return only({ is: 'water', c: temperature(text), thrown: THROWN.test(text) });
  const stirred = STIRRED.find(([words]) => words.test(text));
  if (stirred) return only({ is: 'stirred', material: stirred[1] });
  return { what: null, among: [] };
}
/** A line that speaks of a known food in a form that is not known here: worth asking what it is. */
export const nearlyFood = (text: string): boolean => FOODS.some((f) => f.words.test(text));
