import { makeStep } from '../steps';
import type { LarderLine, Step } from '../steps';
import type { Method } from './types';
import { HOUR, iced, intoJars, MIN, sweetened, take } from './write';

const RAW = 'Nothing kills germs in it: wash the tubers several times, keep it near 0 °C, drink it within two days.';
const SHAKE = 'Its starch falls fast: shake before pouring.';
const tiger = (m: Omit<Method, 'milk' | 'edition' | 'tolerance'>): Method => ({
  ...m,
  milk: 'tiger nut',
  tolerance: 0.25,
  edition: 1,
});
const nuts: readonly LarderLine[] = [take('tiger-nuts', 250)];
const soaked: readonly Step[] = [
  makeStep('sort', 'sort'),
  makeStep('soak', 'soak', { waterG: 1200, place: 'fridge', durationS: 48 * HOUR }),
  makeStep('drain', 'drain', { rinses: 2 }),
];
const pressed: readonly Step[] = [
  makeStep('grind', 'grind', { waterG: 550, waterC: 8, durationS: 150 }),
  makeStep('strain', 'strain'),
  makeStep('wash', 'wash', { waterG: 350, waterC: 8 }),
];

/** 200–330 g to the litre over the passes (common practice). */
export const TIGER_NUT_METHODS: readonly Method[] = [
  tiger({
    id: 'tiger-nut-cold',
    name: 'Cold',
    line: 'Soaked two days in the fridge, ground, pressed, the pulp washed; sweetened; never warm; ice cold.',
    reasons: ['Over about 60 °C its starch sets.', 'Cold, it stays thin, sweet and fresh.'],
    cues: ['Plump and crisp, the skin smooth again.'],
    cautions: [RAW, SHAKE],
    materials: ['tiger-nuts'],
    larder: nuts,
    steps: [...soaked, ...pressed, sweetened(105), iced('milk', 4), intoJars()],
  }),
  tiger({
    id: 'tiger-nut-cooked',
    name: 'Warmed to keep',
    line: 'The same, heated gently to 73 °C, stirring all the time, and cooled fast: more body, keeps longer.',
    reasons: ['Two minutes near 70 °C kill what spoils it first.', 'Some starch swells: stop in time.'],
    cues: ['Coats the spoon; take it off before it pulls threads.'],
    cautions: ['It catches at the bottom: stir.', SHAKE],
    materials: ['tiger-nuts'],
    larder: nuts,
    steps: [
      ...soaked,
      ...pressed,
      makeStep('heat', 'heat', { toC: 73, holdS: 2 * MIN }),
      sweetened(105),
      iced('milk', 4),
      intoJars(),
    ],
  }),
  tiger({
    id: 'tiger-nut-dates',
    name: 'Sweetened with dates',
    line: 'Stoned dates go into the jug with the tubers and are pressed with them.',
    reasons: ['The sweetness comes from fruit and is in balance before you taste it.'],
    cues: ['Beige, with no flecks of date.'],
    cautions: [RAW, SHAKE],
    materials: ['tiger-nuts'],
    larder: nuts,
    steps: [
      ...soaked,
      makeStep('dates', 'add', { of: 'work', food: 'dates', amountG: 130 }),
      ...pressed,
      iced('milk', 4),
      intoJars(),
    ],
  }),
];
