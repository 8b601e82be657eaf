import { MATERIALS, WATER_G_PER_ML } from '../materials';
import type { Material } from '../materials';
import { kindOf } from '../steps';
import type { Edit, Recipe, Step } from '../steps';
import { leadingNumber, unitNamed, US_CUP_ML } from '../units';
import type { QuantityUnit } from '../units';

/** What a line of a recipe speaks of. */
export type Pasted =
  | { readonly is: 'food'; readonly material: string }
  | { readonly is: 'water'; readonly c: number | null; readonly thrown: boolean }
  | { readonly is: 'ice' }
  | { readonly is: 'finish'; readonly param: 'saltG' | 'sugarG' | 'vanillaG' | 'cocoaG'; readonly gPerMl: number }
  | { readonly is: 'syrup'; readonly syrup: 'honey' | 'maple' | 'agave'; readonly gPerMl: number };
/** What is missing before a line can be used; it is asked, never guessed. */
export type Ask = 'food' | 'amount' | 'unit' | 'range' | 'count' | 'form';
export interface PastedLine {
  readonly text: string;
  readonly what: Pasted | null;
  readonly grams: number | null;
  readonly ask: Ask | null;
  /** Foods it could be, when the form is not said. */
  readonly among: readonly string[];
}
export type ReadPasted =
  | { readonly ok: true; readonly lines: readonly PastedLine[] }
  | { readonly ok: false; readonly why: 'empty' | 'nothing' };

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
  food(/(dried|desiccated|unsweetened)\s+(shredded\s+)?coconut/i, 'coconut-dried'),
  food(/frozen\s+(shredded\s+)?coconut/i, 'coconut-frozen'),
  food(/(fresh(ly)?\s+)?grated\s+coconut/i, 'coconut-grated'),
  food(/fresh\s+coconut|coconut\s+(meat|chunks)/i, 'coconut-fresh'),
  food(/coconut/i, 'coconut-fresh', 'coconut-grated', 'coconut-dried', 'coconut-frozen'),
  food(/almonds?/i, 'almonds'),
  food(/\bdates?\b/i, 'dates'),
];
const THROWN = /soak|rins|drain|blanch|discard/i;

function whatOf(
  text: string,
  own: readonly Material[],
): { readonly what: Pasted | null; readonly among: readonly string[] } {
  const mine = own.find((m) => text.toLowerCase().includes(m.name.toLowerCase()));
  if (mine) return { what: { is: 'food', material: mine.id }, among: [] };
  for (const f of FOODS) {
    if (!f.words.test(text)) continue;
    const one = f.ids[0];
    return f.ids.length === 1 && one !== undefined
      ? { what: { is: 'food', material: one }, among: [] }
      : { what: null, among: f.ids };
  }
  const only = (what: Pasted) => ({ what, among: [] });
  if (/\bice\b(?!.{0,6}\bwater)/i.test(text)) return only({ is: 'ice' });
  if (/water/i.test(text)) return only({ is: 'water', c: temperature(text), thrown: THROWN.test(text) });
  if (/\bsalt\b/i.test(text)) return only({ is: 'finish', param: 'saltG', gPerMl: 1.22 });
  if (/\bsugar\b/i.test(text)) return only({ is: 'finish', param: 'sugarG', gPerMl: 0.85 });
  if (/vanilla/i.test(text)) return only({ is: 'finish', param: 'vanillaG', gPerMl: 0.88 });
  if (/cocoa|cacao/i.test(text)) return only({ is: 'finish', param: 'cocoaG', gPerMl: 0.36 });
  if (/honey/i.test(text)) return only({ is: 'syrup', syrup: 'honey', gPerMl: 1.42 });
  if (/maple/i.test(text)) return only({ is: 'syrup', syrup: 'maple', gPerMl: 1.33 });
  if (/agave/i.test(text)) return only({ is: 'syrup', syrup: 'agave', gPerMl: 1.35 });
  return { what: null, among: [] };
}
/** Words that say a temperature; "very hot" alone says none that can be used. */
function temperature(text: string): number | null {
  const said = /(\d{1,3})\s*°?\s*([CF])\b/.exec(text);
  if (said?.[2] === 'C') return Number(said[1]);
  if (said?.[2] === 'F') return Math.round(((Number(said[1]) - 32) * 5) / 9);
  if (/ice.?cold|ice\s+water|iced/i.test(text)) return 2;
  if (/boiling/i.test(text)) return 98;
  if (/lukewarm|warm/i.test(text)) return 40;
  return null;
}

const COUNTED = /^(nuts?|pieces?|handfuls?|coconuts?|whole|medium|large|small|bunch)/i;
/** One line: an amount, a unit, a food. What cannot be told for certain is asked. */
function readLine(text: string, cupMl: number, own: readonly Material[]): PastedLine {
  const { what, among } = whatOf(text, own);
  const line = (grams: number | null, ask: Ask | null): PastedLine => ({ text, what, grams, ask, among });
  const start = text.replace(/^[\s\-–•*·]+/, '');
  const number = leadingNumber(start);
  if (!what && among.length === 0) return line(null, number ? 'food' : null);
  if (!number) return line(null, 'amount');
  const rest = start.slice(number.length).trim();
  if (/^(-|–|to\b)\s*\d/.test(rest)) return line(null, 'range');
  const word = /^([A-Za-z]+\.?)/.exec(rest)?.[1] ?? '';
  const unit = unitNamed(word);
  if (!unit) return line(null, COUNTED.test(word) || what?.is === 'food' ? 'count' : 'unit');
  if (!what) return { ...line(null, 'form'), grams: unit.is === 'mass' ? number.value * unit.g : null };
  return line(gramsOf(what, number.value, unit, cupMl, own), null);
}
function gramsOf(what: Pasted, value: number, unit: QuantityUnit, cupMl: number, own: readonly Material[]): number {
  if (unit.is === 'mass') return value * unit.g;
  const ml = value * (unit.is === 'cup' ? cupMl : unit.ml);
  switch (what.is) {
    case 'food': {
      const cup = [...own, ...MATERIALS].find((m) => m.id === what.material)?.cupG ?? US_CUP_ML;
      return (ml * cup) / US_CUP_ML;
    }
    case 'water':
      return ml * WATER_G_PER_ML;
    case 'ice':
      // By volume cubes leave gaps: a cup of cubes is a little over half ice (common practice).
      return ml * 0.55;
    case 'finish':
    case 'syrup':
      return ml * what.gPerMl;
  }
}
/** The grams of a line once its missing form is chosen. */
export function withForm(line: PastedLine, material: string, cupMl: number, own: readonly Material[] = []): PastedLine {
  const what: Pasted = { is: 'food', material };
  const start = line.text.replace(/^[\s\-–•*·]+/, '');
  const number = leadingNumber(start);
  const unit = number && unitNamed(/^([A-Za-z]+\.?)/.exec(start.slice(number.length).trim())?.[1] ?? '');
  if (!number || !unit) return { ...line, what, ask: 'amount' };
  return { ...line, what, ask: null, grams: gramsOf(what, number.value, unit, cupMl, own) };
}

/**
 * A recipe's words, line by line or parted by commas: "1½ cups rolled oats, 4 cups ice water". Lines that speak of
 * nothing known and hold no amount are left out. No food at all with an amount: nothing.
 */
export function readPasted(text: string, cupMl: number, own: readonly Material[] = []): ReadPasted {
  if (text.trim() === '') return { ok: false, why: 'empty' };
  const parts = text
    .slice(0, 4000)
    .split(/\n|;|,(?=\s*[\d¼½¾⅓⅔⅛])|,(?=\s*(?:a|an|some)\s)/i)
    .map((s) => s.trim())
    .filter((s) => s !== '')
    .slice(0, 40);
  const lines = parts
    .map((p) => readLine(p, cupMl, own))
    .filter((l) => l.what !== null || l.ask !== null || l.among.length > 0);
  return lines.some((l) => l.what?.is === 'food' || l.among.length > 0)
    ? { ok: true, lines }
    : { ok: false, why: 'nothing' };
}

/** What the lines say of a school's plan, as edits: foods, fresh water in the plan's own proportions, ice, finish. */
export function pastedEdits(recipe: Recipe, lines: readonly PastedLine[]): readonly Edit[] {
  const edits: Edit[] = [];
  const sum = (f: (w: Pasted) => boolean): number | null => {
    const of = lines.filter((l) => l.what && f(l.what) && l.grams !== null);
    return of.length > 0 ? of.reduce((g, l) => g + (l.grams ?? 0), 0) : null;
  };
  recipe.larder.forEach((l, index) => {
    const grams = sum((w) => w.is === 'food' && w.material === l.material);
    if (grams !== null) edits.push({ do: 'larder', index, grams });
  });
  const water = sum((w) => w.is === 'water' && !w.thrown);
  const ice = sum((w) => w.is === 'ice');
  if (water !== null) edits.push(...shared(recipe, water));
  const c = lines.flatMap((l) => (l.what?.is === 'water' && !l.what.thrown && l.what.c !== null ? [l.what.c] : []))[0];
  const grind = recipe.steps.find((s): s is Step<'grind'> => s.kind === 'grind');
  if (grind && (ice !== null || water !== null))
    edits.push({ do: 'set', step: grind.id, param: 'iceG', value: ice ?? 0 });
  if (grind && c !== undefined) edits.push({ do: 'set', step: grind.id, param: 'waterC', value: c });
  const finish = recipe.steps.find((s): s is Step<'finish'> => s.kind === 'finish');
  if (finish) edits.push(...finishEdits(finish, lines));
  return edits;
}
function shared(recipe: Recipe, total: number): readonly Edit[] {
  const fresh = recipe.steps.flatMap((s) =>
    Object.entries(kindOf(s.kind).params).flatMap(([param, spec]) =>
      spec.type === 'number' && spec.fresh
        ? [{ step: s.id, param, now: (s.params as unknown as Record<string, number>)[param] ?? 0 }]
        : [],
    ),
  );
  const now = fresh.reduce((g, f) => g + f.now, 0);
  const to = (f: { readonly now: number }): number => (now > 0 ? (total * f.now) / now : total / fresh.length);
  return fresh.map((f) => ({ do: 'set', step: f.step, param: f.param, value: to(f) }));
}
function finishEdits(finish: Step<'finish'>, lines: readonly PastedLine[]): readonly Edit[] {
  return lines.flatMap((l): readonly Edit[] => {
    if (l.grams === null || !l.what) return [];
    if (l.what.is === 'finish') return [{ do: 'set', step: finish.id, param: l.what.param, value: l.grams }];
    if (l.what.is !== 'syrup') return [];
    return [
      { do: 'set', step: finish.id, param: 'syrup', value: l.what.syrup },
      { do: 'set', step: finish.id, param: 'syrupG', value: l.grams },
    ];
  });
}
