import { makeStep } from '../steps';
import type { Method } from './types';
import { iced, intoJars, MIN, take, twice } from './write';

const RAW = 'Nothing kills germs in it: wash the meat, keep it cold, use it within a day or two.';
const OPEN =
  'Opening a nut: blade away from the hand, the nut on a cloth. Smell it, and taste a drop of its water first.';
const coconut = (m: Omit<Method, 'milk' | 'edition' | 'tolerance'>): Method => ({
  ...m,
  milk: 'coconut',
  tolerance: 0.3,
  edition: 1,
});

/** Fresh meat 300–1000 g to the litre, dried 120–200 g (common practice). Fresh is half water: the grams are not alike. */
export const COCONUT_METHODS: readonly Method[] = [
  coconut({
    id: 'coconut-one-blend',
    name: 'One blend',
    line: 'A mature nut in chunks, its weight in warm water, blended hard; a sieve first, then the cloth.',
    reasons: ['Warm water draws more fat than cold.', 'Coarse before fine spares hands and cloth.'],
    cues: ['No pieces; the froth is white.'],
    cautions: [RAW, OPEN],
    materials: ['coconut-fresh'],
    larder: [take('coconut-fresh', 400)],
    steps: [
      makeStep('open', 'open'),
      makeStep('grind', 'grind', { waterG: 400, waterC: 50, durationS: 120 }),
      ...twice(),
      iced(),
      intoJars(),
    ],
  }),
  coconut({
    id: 'coconut-raw',
    name: 'Raw, in its own water',
    line: 'Frozen shreds and the nut’s own water, no heat; for one day.',
    reasons: [
      'The nut’s water brings its own sweetness.',
      'Without warmth the flavour stays raw, and some fat stays behind.',
    ],
    cues: ['Thaw the shreds first: frozen fat does not come.'],
    cautions: [RAW],
    materials: ['coconut-frozen', 'coconut-water'],
    larder: [take('coconut-frozen', 350), take('coconut-water', 420)],
    steps: [
      makeStep('grind', 'grind', { waterG: 0, durationS: 120 }),
      makeStep('strain', 'strain'),
      iced(),
      intoJars(),
    ],
  }),
  coconut({
    id: 'coconut-graded',
    name: 'Graded extracts',
    line: 'Grated meat kneaded dry and pressed; then twice with warm water; each pressing in a jar of its own.',
    reasons: [
      'The first is for finishing: it splits when it boils. The middle one simmers; the last goes into dough and rice.',
      'Paler each time; the later ones need hardly any pressing.',
    ],
    cues: ['Thick white beads between the fingers before the first press.'],
    cautions: [RAW, OPEN],
    materials: ['coconut-grated'],
    larder: [take('coconut-grated', 400)],
    steps: [
      makeStep('open', 'open'),
      makeStep('knead', 'knead', { durationS: 5 * MIN }),
      makeStep('strain', 'strain', { into: 'first' }),
      makeStep('wash', 'wash', { into: 'second', waterG: 240, waterC: 45, workS: 5 * MIN }),
      makeStep('washAgain', 'wash', { into: 'third', waterG: 240, waterC: 45, workS: 4 * MIN }),
      iced('first'),
      iced('second'),
      iced('third'),
      intoJars('first', 'jarFirst'),
      intoJars('second', 'jarSecond'),
      intoJars('third', 'jarThird'),
    ],
  }),
  coconut({
    id: 'coconut-two-runs',
    name: 'Two runs by hand',
    line: 'Hot water over grated meat, kneaded and pressed; cool water over it again; two jugs.',
    reasons: ['Hot water softens and draws the fat; the cool run washes out the rest.'],
    cues: ['As hot as the hands bear.'],
    cautions: [RAW, OPEN, 'Let boiling water stand before hands go in.'],
    materials: ['coconut-grated'],
    larder: [take('coconut-grated', 400)],
    steps: [
      makeStep('open', 'open'),
      makeStep('knead', 'knead', { waterG: 300, waterC: 75, durationS: 6 * MIN }),
      makeStep('strain', 'strain', { into: 'first' }),
      makeStep('wash', 'wash', { into: 'second', waterG: 300, waterC: 15, workS: 5 * MIN }),
      iced('first'),
      iced('second'),
      intoJars('first', 'jarFirst'),
      intoJars('second', 'jarSecond'),
    ],
  }),
  coconut({
    id: 'coconut-dried',
    name: 'From dried',
    line: 'Unsweetened shreds in twice their volume of hot water, two or three minutes in the jug, pressed hard.',
    reasons: ['Hot, not boiling: the fat melts and comes along.', 'Chilled, the fat sets and can be lifted off.'],
    cues: ['The shreds are soft before the jug starts.'],
    cautions: ['Hot liquid lifts the lid: half full, vent open, a folded towel.', 'Dried coconut may carry sulphites.'],
    materials: ['coconut-dried'],
    larder: [take('coconut-dried', 140)],
    steps: [
      makeStep('grind', 'grind', { waterG: 800, waterC: 80, durationS: 150, loads: 2 }),
      ...twice('twist'),
      iced('milk', 10),
      intoJars(),
    ],
  }),
];
