import { makeStep } from '../steps';
import type { LarderLine } from '../steps';
import { HOUR_S as h, MINUTE_S as min } from '../units';
import type { Method } from './types';
import { salted } from './write';

/** Amounts are a middle of common practice (80–170 g/L); a cook scales or changes them. */
const beans = (grams: number): LarderLine[] => [{ into: 'work', material: 'soybeans', grams }];
const RAW = 'Raw soy milk and raw pulp upset the stomach: do not taste or eat them until they have boiled.';
const FOAM = 'Foam climbs at 80–90 °C, well before the boil, and runs over within a minute.';

const soy = (m: Omit<Method, 'milk' | 'materials' | 'tolerance' | 'edition'>): Method => ({
  ...m,
  milk: 'soy',
  materials: ['soybeans'],
  tolerance: 0.3,
  edition: 1,
});

/** Schools of soy milk. */
export const SOY_METHODS: readonly Method[] = [
  soy({
    id: 'soy-scalded',
    name: 'Scalded and long-soaked',
    line: 'Boiling water is the first to touch the beans; a night and a day in the fridge; cooked long and low.',
    reasons: [
      'Heat before grinding stops the bean’s own flavour enzyme.',
      'Long cooking drives flavour off; the milk comes out mild.',
    ],
    cues: [
      'Skins slip off; a split bean is flat with no dimple.',
      'The milk turns from white to cream and smells sweet.',
    ],
    cautions: [RAW, FOAM],
    larder: beans(200),
    steps: [
      makeStep('sort', 'sort'),
      makeStep('scald', 'soak', { waterG: 1400, waterC: 98, durationS: 2 * h }),
      makeStep('soak', 'soak', { waterG: 0, place: 'fridge', durationS: 24 * h }),
      makeStep('drain', 'drain', { rinses: 2 }),
      makeStep('grind', 'grind', { waterG: 1500, durationS: 90, loads: 2 }),
      makeStep('strain', 'strain'),
      makeStep('boil', 'boil', { holdS: 120 * min }),
      makeStep('skim', 'skim'),
      makeStep('cool', 'cool', { toC: 10 }),
      salted(),
      makeStep('jar', 'jar'),
    ],
  }),
  soy({
    id: 'soy-no-soak',
    name: 'No soak',
    line: 'Dry beans boiled three minutes, drained, ground with fresh water, strained and cooked: about an hour.',
    reasons: [
      'Boiling first stops the flavour enzyme as well as a scald does.',
      'No night to wait; the beans grind less fully.',
    ],
    cues: ['Slurry pulverised and frothy, no pieces.', 'Foam settles once it truly boils.'],
    cautions: [RAW, FOAM],
    larder: beans(150),
    steps: [
      makeStep('sort', 'sort'),
      makeStep('blanch', 'blanch', { waterG: 900, holdS: 3 * min }),
      makeStep('drain', 'drain', { rinses: 1 }),
      makeStep('grind', 'grind', { waterG: 1100, durationS: 120, loads: 2 }),
      makeStep('strain', 'strain'),
      makeStep('boil', 'boil', { holdS: 20 * min, vigour: 'medium' }),
      makeStep('skim', 'skim'),
      makeStep('cool', 'cool', { toC: 10 }),
      salted(),
      makeStep('jar', 'jar'),
    ],
  }),
  soy({
    id: 'soy-cooked-beans',
    name: 'Cooked beans',
    line: 'Soaked, boiled half an hour whole, skinned, ground, strained and cooked again: made for keeping.',
    reasons: ['Cooked twice, it starts with fewer germs.', 'Long heat before the grind costs protein: thinner milk.'],
    cues: ['Skins slip and float.', 'A bean crushes between two fingers.'],
    cautions: [RAW, FOAM],
    larder: beans(200),
    steps: [
      makeStep('sort', 'sort'),
      makeStep('soak', 'soak', { waterG: 1500, durationS: 8 * h }),
      makeStep('drain', 'drain', { rinses: 1 }),
      makeStep('blanch', 'blanch', { waterG: 1200, holdS: 30 * min }),
      makeStep('drainHot', 'drain', { rinses: 1 }),
      makeStep('hull', 'hull', { share: 0.9 }),
      makeStep('grind', 'grind', { waterG: 1300, durationS: 90, loads: 2 }),
      makeStep('strain', 'strain'),
      makeStep('boil', 'boil', { holdS: 30 * min }),
      makeStep('skim', 'skim'),
      makeStep('cool', 'cool', { toC: 10 }),
      salted(),
      makeStep('jar', 'jar'),
    ],
  }),
  soy({
    id: 'soy-with-pulp',
    name: 'Cooked with the pulp',
    line: 'Soaked cold a day, hulled, ground; the whole slurry boiled stirring, cooled, then filtered.',
    reasons: ['The pulp is cooked too, so both can be eaten.', 'Foam and skin stay in the cloth; it scorches easily.'],
    cues: ['Pulp like rough dough.', 'The spoon feels no sticking at the bottom.'],
    cautions: [RAW, FOAM, 'Stir the bottom all the time: slurry scorches.'],
    larder: beans(180),
    steps: [
      makeStep('sort', 'sort'),
      makeStep('soak', 'soak', { waterG: 1300, place: 'fridge', durationS: 30 * h }),
      makeStep('drain', 'drain', { rinses: 1 }),
      makeStep('hull', 'hull', { share: 0.9 }),
      makeStep('grind', 'grind', { waterG: 1500, durationS: 90, loads: 2 }),
      makeStep('boil', 'boil', { of: 'work', holdS: 15 * min }),
      makeStep('cool', 'cool', { of: 'work', how: 'water', toC: 40 }),
      makeStep('strain', 'strain'),
      makeStep('coolMilk', 'cool', { toC: 10 }),
      salted(),
      makeStep('jar', 'jar'),
    ],
  }),
  soy({
    id: 'soy-washed',
    name: 'Raw ground, washed',
    line: 'Soaked overnight, hulled, ground fine, strained; the pulp washed, all pooled and cooked: most yield.',
    reasons: ['Washing the pulp brings back what it holds.', 'Ground raw and cold, the enzyme works: more beany.'],
    cues: ['Slurry with no pieces between the fingers.', 'Pulp like rough dough; the last washing looks thin.'],
    cautions: [RAW, FOAM],
    larder: beans(200),
    steps: [
      makeStep('sort', 'sort'),
      makeStep('soak', 'soak', { waterG: 1500, durationS: 10 * h }),
      makeStep('drain', 'drain', { rinses: 1 }),
      makeStep('hull', 'hull', { share: 0.9 }),
      makeStep('grind', 'grind', { waterG: 1100, durationS: 90, loads: 2 }),
      makeStep('strain', 'strain'),
      makeStep('wash', 'wash', { waterG: 400 }),
      makeStep('holdBack', 'pour', { amountG: 150 }),
      makeStep('boil', 'boil', { holdS: 25 * min }),
      makeStep('skim', 'skim', { how: 'lift off' }),
      makeStep('pool', 'pool'),
      makeStep('cool', 'cool', { toC: 10 }),
      salted(),
      makeStep('jar', 'jar'),
    ],
  }),
];
