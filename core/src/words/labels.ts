import type { Hygiene } from '../kitchen';

export const HYGIENE: Readonly<Record<Hygiene, string>> = {
  raw: 'raw',
  heated: 'pasteurised',
  boiled: 'boiled',
  touched: 'boiled, touched again',
};
const STREAMS: Readonly<Record<string, string>> = {
  work: 'beans',
  milk: 'soy milk',
  pulp: 'pulp',
  second: 'second milk',
  heldBack: 'water held back',
};
/** A stream's name for people; a stream that a cook named keeps its name. */
export const streamName = (s: string): string => STREAMS[s] ?? s;
export const CHOICES: Readonly<Record<string, string>> = {
  room: 'worktop',
  fridge: 'fridge',
  drip: 'drip only',
  gentle: 'gentle',
  twist: 'firm twist',
  press: 'press',
  medium: 'medium',
  hard: 'hard',
  'stir in': 'stir in',
  'lift off': 'lift off',
  counter: 'counter',
  water: 'running water',
  iceBath: 'ice bath',
};
export const STATIONS = { soak: 'Soak', grind: 'Grind', strain: 'Strain', cook: 'Cook', jar: 'Jar' } as const;
