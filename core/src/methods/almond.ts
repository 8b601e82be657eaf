import { makeStep } from '../steps';
import type { Method } from './types';
import { HOUR, iced, intoJars, salted, take } from './write';

/** Schools of almond milk. */
export const ALMOND_METHODS: readonly Method[] = [
  {
    id: 'almond-soaked',
    milk: 'almond',
    name: 'Soaked and skinned',
    line: 'Soaked overnight, skins slipped, one part to three of warm water, pressed hard.',
    reasons: ['Soaked kernels open sooner; without skins the milk is white and mild.'],
    cues: ['The skin slips between finger and thumb.'],
    cautions: ['Only sweet almonds: bitter almonds and apricot kernels are poisonous.'],
    tolerance: 0.3,
    edition: 1,
    materials: ['almonds'],
    larder: [take('almonds', 200)],
    steps: [
      makeStep('sort', 'sort'),
      makeStep('soak', 'soak', { waterG: 1100, durationS: 12 * HOUR }),
      makeStep('drain', 'drain', { rinses: 1 }),
      makeStep('hull', 'hull', { share: 0.9 }),
      makeStep('grind', 'grind', { waterG: 600, waterC: 40, durationS: 120 }),
      makeStep('strain', 'strain'),
      iced(),
      salted(),
      intoJars(),
    ],
  },
];
