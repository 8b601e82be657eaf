import { SET } from '../batch';
import type { BodySummary, ClassMeasure, ClassResult, Measure } from '../batch';
import type { Point, Stop, Use } from '../questions';
import type { BodyWord, SlipWord } from '../steps';
import { plain } from '../units';
import { duration, join, millilitres, percent, upper } from './format';
import type { Spoken } from './format';

/** How thick it is, in a word. */
export const BODY_WORDS: Readonly<Record<BodyWord, string>> = {
  watery: 'watery',
  thin: 'thin',
  likeMilk: 'like milk',
  creamy: 'creamy',
  thick: 'thick',
  sets: 'sets',
};
/** How it feels on the tongue, in a word. */
export const SLIP_WORDS: Readonly<Record<SlipWord, string>> = {
  clean: 'clean',
  silky: 'silky',
  slippery: 'slippery',
  slimy: 'slimy',
};
/** "2.1 ×" water; a milk that sets has no figure. */
export const thickness = (relative: number | null): Spoken =>
  relative === null || relative >= SET ? { n: 'sets', unit: '' } : { n: plain(relative, 1), unit: '× water' };
/** Both together. */
export function bodyText(b: BodySummary): string {
  const slip = b.slip === 'clean' ? '' : `, ${SLIP_WORDS[b.slip]}`;
  return `${BODY_WORDS[b.word]}${slip}${b.pasty && b.word !== 'sets' ? ', pasty' : ''}`;
}

/** What a measure is called. */
export const MEASURE_NAMES: Readonly<Record<Measure, string>> = {
  volumeMl: 'yield',
  solids: 'strength',
  protein: 'protein',
  fat: 'fat',
  body: 'body, cold',
  bodyHot: 'body at 80 °C',
  slime: 'slime',
  grit: 'grit',
  beany: 'beany',
  keepS: 'keeping',
  handsS: 'your hands',
  elapsedS: 'start to jar',
  costPerL: 'cost a litre',
};
/** A measure’s value with its unit; nothing there: –. */
export function measureText(of: Measure, x: number | null, currency = ''): Spoken {
  if (x === null) return { n: '–', unit: '' };
  switch (of) {
    case 'volumeMl':
      return millilitres(x);
    case 'solids':
    case 'protein':
    case 'fat':
      return percent(x);
    case 'grit':
      return { n: plain(1000 * x, 1), unit: 'g/kg' };
    case 'body':
    case 'bodyHot':
      return thickness(x);
    case 'slime':
      return { n: plain(x, x < 2 ? 2 : 1), unit: '× water' };
    case 'beany':
      return { n: plain(x), unit: 'of 100' };
    case 'keepS':
    case 'handsS':
    case 'elapsedS':
      return duration(x);
    case 'costPerL':
      return { n: plain(x, 2), unit: currency };
  }
}

/** What a use is called. */
export const USE_NAMES: Readonly<Record<Use, string>> = {
  cold: 'drink cold',
  hotDrinks: 'hot drinks',
  cooking: 'boil in cooking',
  baking: 'bake',
  yoghurt: 'yoghurt',
  tofu: 'tofu',
  freezing: 'freeze',
  family: 'the whole family',
  oneCup: 'one cup, now',
};
/** What counts for each use, in the order of its weight: said under the table, so that the order is no riddle. */
export const USE_COUNTS: Readonly<Record<Use, string>> = {
  cold: 'no slime counts most, then a body that pours, no grit, strength, little beany, your minutes and the cost',
  hotDrinks: 'the body at 80 °C counts most, then slime, beany, protein, grit, your minutes and the cost',
  cooking: 'fat counts most, not so much that it splits; then the body when hot, strength, cost and your minutes',
  baking: 'your minutes and the cost count most, then strength, fat and beany',
  yoghurt: 'protein counts most, then strength, beany and slime',
  tofu: 'protein counts most; grit and beany a little',
  freezing: 'a body that comes back when it is heated, then fat, strength and enough of it',
  family: 'yield and cost count most, then keeping, your minutes, slime and beany',
  oneCup: 'the time until it is ready counts most, then your minutes, slime and grit',
};

const PRAISE: Readonly<Partial<Record<Measure, string>>> = {
  body: 'pours well cold',
  bodyHot: 'stays pourable when hot',
  slime: 'no slime',
  grit: 'no grit',
  beany: 'hardly beany',
  protein: 'protein enough',
  fat: 'the fat is right',
  solids: 'strong enough',
  keepS: 'keeps well',
  handsS: 'little work',
  elapsedS: 'soon ready',
  costPerL: 'cheap',
  volumeMl: 'makes enough',
};
/** What a figure says for a school; the figure stands with it where it says more than the word. */
function praise(p: Point): string {
  const word = PRAISE[p.of] ?? MEASURE_NAMES[p.of];
  const t = join(measureText(p.of, p.value));
  if (p.of === 'slime' || p.of === 'grit' || p.of === 'beany') return word;
  return `${word} (${t}${p.of === 'costPerL' ? ' a litre' : ''})`;
}
/** What a figure says against a school; too much and too little are told apart where both happen. */
function blame(p: Point): string {
  const t = join(measureText(p.of, p.value));
  switch (p.of) {
    case 'body':
      return p.value >= SET ? 'sets when cold' : p.value > 3 ? `thick when cold (${t})` : `thin (${t})`;
    case 'bodyHot':
      return p.value >= SET ? 'sets when heated' : `thickens when heated (${t})`;
    case 'slime':
      return `slippery (${t})`;
    case 'grit':
      return `gritty (${t})`;
    case 'beany':
      return `beany (${t})`;
    case 'protein':
      return `little protein (${t})`;
    case 'fat':
      return p.value > 0.12 ? `so rich that it splits (${t} fat)` : `little fat (${t})`;
    case 'solids':
      return p.value > 0.15 ? `very strong (${t})` : `weak (${t})`;
    case 'keepS':
      return `keeps ${t}`;
    case 'handsS':
      return `${t} of your hands`;
    case 'elapsedS':
      return `ready after ${t}`;
    case 'costPerL':
      return `dear (${t} a litre)`;
    case 'volumeMl':
      return `makes ${t}`;
  }
}
/** One sentence from the two figures that speak most for it and the two that speak most against it. */
export function reasonText(good: readonly Point[], bad: readonly Point[]): string {
  const pro = good.slice(0, 2).map(praise);
  const con = bad.slice(0, 2).map(blame);
  if (pro.length === 0 && con.length === 0) return 'Nothing stands out.';
  if (con.length === 0) return `${upper(pro.join(', '))}.`;
  return pro.length === 0 ? `${upper(con.join(', '))}.` : `${upper(pro.join(', '))}; but ${con.join(', ')}.`;
}

/** What a class of a standard is called. */
export const CLASS_NAMES: Readonly<Record<string, string>> = {
  'coconut-light': 'light coconut milk',
  'coconut-milk': 'coconut milk',
  'coconut-cream': 'coconut cream',
  'coconut-concentrate': 'coconut cream concentrate',
  'soy-plain-beverage': 'plain soybean beverage',
  'soy-drink-jp': 'soy milk drink',
  'soy-adjusted-jp': 'adjusted soy milk',
  'soy-milk-jp': 'soy milk',
  'tiger-nut-natural': 'natural tiger nut drink',
};
const MINIMUM: Readonly<Record<ClassMeasure, string>> = {
  fat: 'fat',
  nonFatSolids: 'solids besides fat',
  solids: 'total solids',
  moisture: 'water',
  protein: 'protein',
  brix: 'soluble solids',
  sugars: 'sugars',
  starch: 'starch',
};
const fails = (f: NonNullable<ClassResult['fails']>): string =>
  `${MINIMUM[f.of]} ${join(percent(f.is))}, ${f.of === 'moisture' ? 'at most' : 'needs'} ${join(percent(f.needs))}`;
/** "coconut milk (Codex …): met; pH not checked" or what fails first. */
export function classText(c: ClassResult): string {
  const name = CLASS_NAMES[c.id] ?? c.id;
  const rest = c.notChecked === null ? '' : `; ${c.notChecked} not checked`;
  return c.met ? `${name}: met${rest}` : `${name}: no, ${c.fails ? fails(c.fails) : 'it is not met'}`;
}

/** What stands in the way of a target. */
export function stopText(s: Stop): string {
  switch (s.by) {
    case 'water':
      return s.way === 'least'
        ? 'even with as little water as can be strained it goes no further'
        : 'even with six times the water it goes no further';
    case 'seconds':
      return s.way === 'least' ? 'even a few seconds in the jug give more' : 'even ten minutes in the jug give less';
    case 'amount':
      return 'no amount of this plan gives it';
    case 'minimum':
      return s.fails ? `with the least water it still fails on ${fails(s.fails)}` : 'a minimum fails';
    case 'apart':
      return 'the water of this plan all goes to other jars; it is pressed before any is poured';
    case 'absent':
      return 'this plan has nothing that could bring it';
  }
}
