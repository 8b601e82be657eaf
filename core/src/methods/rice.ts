import { makeStep } from '../steps';
import type { Method } from './types';
import { HOUR, iced, intoJars, MIN, salted, take } from './write';

const ARSENIC = 'Rice drinks are not for children under five: rice carries arsenic.';
const CEREUS = 'Cooked rice: cool it within the hour. What grows in warm rice is not killed by heating again.';
const rice = (m: Omit<Method, 'milk' | 'edition'>): Method => ({ ...m, milk: 'rice', edition: 1 });

/** Schools of rice milk. */
export const RICE_METHODS: readonly Method[] = [
  rice({
    id: 'rice-cooked',
    name: 'Cooked',
    line: 'Rinsed, cooked with all its water, cooled, one volume to two of cold water, half a minute.',
    reasons: [
      'Cooked soft, the grain opens at a touch of the blades.',
      'A little wetter than for dinner; a very fine mesh, or it stays grainy.',
    ],
    cues: ['Small craters, no free water.', 'Keep it moving in the mesh so that it flows.'],
    cautions: [CEREUS, ARSENIC],
    tolerance: 0.3,
    materials: ['rice-white', 'rice-cooked'],
    larder: [take('rice-white', 120)],
    steps: [
      makeStep('sort', 'sort'),
      makeStep('cook', 'absorb', { waterG: 370 }),
      makeStep('coolRice', 'cool', { of: 'work', how: 'tray', toC: 30 }),
      makeStep('grind', 'grind', { waterG: 1000, waterC: 8, durationS: 30, loads: 2 }),
      makeStep('strain', 'strain', { hand: 'gentle' }),
      salted(),
      iced('milk', 7),
      intoJars(),
    ],
  }),
  rice({
    id: 'rice-raw',
    name: 'Raw, soaked',
    line: 'Soaked some hours, drained, blended hard, strained fine. It can be warmed to thicken.',
    reasons: ['No pot to wash.', 'Raw starch gives no body and falls: shake it.'],
    cues: ['A grain breaks between the nails, white through.'],
    cautions: [ARSENIC],
    tolerance: 0.3,
    materials: ['rice-white'],
    larder: [take('rice-white', 120)],
    steps: [
      makeStep('sort', 'sort'),
      makeStep('soak', 'soak', { waterG: 900, durationS: 4 * HOUR }),
      makeStep('drain', 'drain', { rinses: 2 }),
      makeStep('grind', 'grind', { waterG: 850, waterC: 10, durationS: 90 }),
      makeStep('strain', 'strain'),
      salted(),
      iced('milk', 7),
      intoJars(),
    ],
  }),
  rice({
    id: 'rice-toasted',
    name: 'Toasted brown',
    line: 'Brown rice stirred in a dry pan until it smells of nuts, cooked, cooled, blended, strained.',
    reasons: ['Nuttier from the pan.', 'Grittier: the bran goes through the cloth as fine grit.'],
    cues: ['Smells of nuts, a shade darker; not brown.'],
    cautions: [CEREUS, ARSENIC],
    tolerance: 0.3,
    materials: ['rice-brown', 'rice-brown-cooked'],
    larder: [take('rice-brown', 120)],
    steps: [
      makeStep('sort', 'sort'),
      makeStep('toast', 'toast', { durationS: 8 * MIN }),
      makeStep('cook', 'absorb', { waterG: 430 }),
      makeStep('coolRice', 'cool', { of: 'work', how: 'tray', toC: 30 }),
      makeStep('grind', 'grind', { waterG: 1000, waterC: 8, durationS: 35, loads: 2 }),
      makeStep('strain', 'strain', { hand: 'gentle' }),
      salted(),
      iced('milk', 7),
      intoJars(),
    ],
  }),
];
