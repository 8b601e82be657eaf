import { makeStep } from '../steps';
import type { Method } from './types';
import { iced, intoJars, MIN, salted, take, twice } from './write';

const WARM = 'Heated later it thickens fast: stir, and take it off early.';
const GLUTEN = 'Oats carry gluten unless they are sold as free of it.';
const oat = (m: Omit<Method, 'milk' | 'materials' | 'edition'>): Method => ({
  ...m,
  milk: 'oat',
  materials: ['oats-rolled'],
  edition: 1,
});

/** Strengths are a middle of common practice (50–140 g/L); β-glucan and starch decide everything. */
export const OAT_METHODS: readonly Method[] = [
  oat({
    id: 'oat-ice',
    name: 'Ice cold, brief',
    line: 'Rolled oats, ice water, under half a minute, a fine bag and a gentle hand.',
    reasons: [
      'In the cold less of the slippery fibre dissolves in the short time the blades run.',
      'A gentle squeeze leaves what is thick in the bag.',
    ],
    cues: ['Milky at once; stop before it feels slick between the fingers.'],
    cautions: [WARM, GLUTEN],
    tolerance: 0.2,
    larder: [take('oats-rolled', 75)],
    steps: [
      makeStep('grind', 'grind', { waterG: 670, waterC: 10, iceG: 130, durationS: 25 }),
      ...twice('gentle', 'cloth'),
      intoJars(),
    ],
  }),
  oat({
    id: 'oat-rinsed',
    name: 'Soaked and rinsed',
    line: 'A quarter of an hour in water, thrown away, rinsed three times, then blended and strained twice.',
    reasons: ['Soaking brings the slime out; rinsing carries it away.', 'Soaked and not rinsed is the worst of both.'],
    cues: ['The rinsing water runs from slick to thin.'],
    cautions: [WARM, GLUTEN],
    tolerance: 0.25,
    larder: [take('oats-rolled', 90)],
    steps: [
      makeStep('soak', 'soak', { waterG: 500, durationS: 15 * MIN }),
      makeStep('drain', 'drain', { rinses: 3 }),
      makeStep('grind', 'grind', { waterG: 800, durationS: 45 }),
      ...twice('gentle', 'cloth'),
      iced('milk', 7),
      intoJars(),
    ],
  }),
  oat({
    id: 'oat-hot-thin',
    name: 'Hot and thin',
    line: 'Water very hot but not boiling, exactly fifty grams a litre, one minute: body without cream.',
    reasons: [
      'Hot starch swells and gives body to a weak milk.',
      'More oats or hotter water sets like yoghurt; cold water at this strength is watery.',
    ],
    cues: ['Coats the spoon; runs off in a thread.'],
    cautions: ['Hot liquid lifts the lid: half full, vent open, a folded towel.', WARM, GLUTEN],
    tolerance: 0.1,
    larder: [take('oats-rolled', 40)],
    steps: [
      makeStep('grind', 'grind', { waterG: 800, waterC: 90, durationS: MIN, loads: 2 }),
      makeStep('strain', 'strain', { hand: 'gentle' }),
      makeStep('cool', 'cool', { toC: 8 }),
      salted(),
      intoJars(),
    ],
  }),
  oat({
    id: 'oat-enzyme',
    name: 'With enzyme',
    line: 'Soaked a quarter of an hour with malt flour, drained, rinsed, blended cold, strained twice.',
    reasons: [
      'Malt cuts the slippery fibre: it looks the same and is thinner.',
      'Made stronger, the body comes back without the slime.',
    ],
    cues: ['Runs like water off the spoon.'],
    cautions: [
      'Enzyme capsules are not made for food: malt flour is the kitchen’s own source.',
      'Enzyme makes sugar from starch: those who watch their sugar should know.',
      GLUTEN,
    ],
    tolerance: 0.25,
    larder: [take('oats-rolled', 110)],
    steps: [
      makeStep('soak', 'soak', { waterG: 500, waterC: 20, durationS: MIN }),
      makeStep('enzyme', 'enzyme', { with: 'malt', doses: 1, atC: 20, durationS: 15 * MIN }),
      makeStep('drain', 'drain', { rinses: 2 }),
      makeStep('grind', 'grind', { waterG: 750, waterC: 5, durationS: 45 }),
      ...twice('gentle', 'cloth'),
      iced('milk', 7),
      intoJars(),
    ],
  }),
  oat({
    id: 'oat-middle',
    name: 'The middle way',
    line: 'A hundred grams and some to the litre, water cold from the tap, one minute, one bag.',
    reasons: ['Nothing to plan: a jug, a bag, five minutes.', 'Silky, and slippery when the minute grows.'],
    cues: ['Cream-white, no flakes left.'],
    cautions: [WARM, GLUTEN],
    tolerance: 0.2,
    larder: [take('oats-rolled', 90)],
    steps: [
      makeStep('grind', 'grind', { waterG: 820, durationS: MIN }),
      makeStep('strain', 'strain'),
      iced('milk', 7),
      intoJars(),
    ],
  }),
];
