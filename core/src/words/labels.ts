import type { Hygiene } from '../kitchen';
import type { Recipe } from '../steps';
import { foodOf, milkName, milkOf } from './food';

/** What has been done to it, in a word. */
export const HYGIENE: Readonly<Record<Hygiene, string>> = {
  raw: 'raw',
  heated: 'pasteurised',
  boiled: 'boiled',
  touched: 'boiled, touched again',
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
