import type { Hygiene } from '../kitchen';
import type { Recipe, Treatment } from '../steps';
import { foodOf, milkName, milkOf } from './food';

/** What a group of jars has in common, in a word. One jar is named more closely by `TREATMENT_WORDS`. */
export const HYGIENE: Readonly<Record<Hygiene, string>> = {
  raw: 'raw',
  heated: 'pasteurised',
  boiled: 'boiled',
  touched: 'handled after heating',
};
/** What heat has done to a food, as its label and its sheet say it. */
export const TREATMENT_WORDS: Readonly<Record<Treatment, string>> = {
  raw: 'raw',
  heated: 'heated, not pasteurised',
  pasteurised: 'pasteurised',
  boiled: 'boiled',
  pasteurisedHandled: 'pasteurised, handled after heating',
  boiledHandled: 'boiled, handled after boiling',
  notBoiledEnough: 'not boiled enough',
};
/** The same in a word before a name: “boiled pulp”. */
export const TREATMENT_SHORT: Readonly<Record<Treatment, string>> = {
  ...TREATMENT_WORDS,
  heated: 'heated',
  pasteurisedHandled: 'pasteurised',
  boiledHandled: 'boiled',
  notBoiledEnough: 'underboiled',
};
const STREAMS: Readonly<Record<string, string>> = {
  pulp: 'pulp',
  coarse: 'milk, strained once',
  first: 'first extract',
  second: 'second extract',
  third: 'third extract',
  cap: 'fat cap',
  skin: 'skin',
  heldBack: 'water held back',
  sludge: 'sludge',
  dates: 'dates',
};
/** A stream's name for people; a stream that a cook named keeps its name. The plan says which milk it is. */
export function streamName(s: string, recipe?: Recipe): string {
  if (s === 'milk') return recipe ? milkName(milkOf(recipe)) : 'milk';
  if (s === 'work') return recipe ? foodOf(recipe).pieces : 'pieces';
  return STREAMS[s] ?? s;
}
/** The choices of steps and things, in words. */
export const CHOICES: Readonly<Record<string, string>> = {
  room: 'worktop',
  fridge: 'fridge',
  drip: 'drip only',
  gentle: 'gentle',
  twist: 'firm twist',
  press: 'press hard',
  shake: 'shaken, not squeezed',
  spoon: 'spoon in the sieve',
  pestle: 'pestle',
  juicer: 'juicer',
  freezer: 'freezer',
  other: 'elsewhere',
  pot: 'pot',
  bowl: 'bowl',
  jar: 'jar',
  medium: 'medium',
  hard: 'hard',
  'stir in': 'stir in',
  'lift off': 'lift off',
  keep: 'lift off and keep',
  counter: 'counter',
  window: 'open window',
  jars: 'split in jars',
  tray: 'spread on a tray',
  pure: 'pure amylase',
  malt: 'malt flour',
  capsules: 'enzyme capsules',
  water: 'running water',
  waterIce: 'water + ice',
  iceBath: 'ice bath',
};
