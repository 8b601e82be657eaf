import { expect, test } from '@jest/globals';
import { gramsPerLitre } from '../../src/batch';
import { makeStep } from '../../src/steps';
import type { Step } from '../../src/steps';
import { soyRecipe } from './kitchen';

/** g of food as bought to a litre of fresh water that reaches the milk (common practice: what makes all ways comparable). */
test.each<[string, readonly Step[], number | null]>([
  ['the water of the grind', [makeStep('g', 'grind', { waterG: 1000 })], 120],
  ['ice counts as the water it becomes', [makeStep('g', 'grind', { waterG: 700, iceG: 300 })], 120],
  ['washes count', [makeStep('g', 'grind', { waterG: 900 }), makeStep('w', 'wash', { waterG: 300 })], 100],
  ['kneading by hand counts', [makeStep('k', 'knead', { waterG: 600 })], 200],
  [
    'so does what is held back',
    [makeStep('g', 'grind', { waterG: 800 }), makeStep('h', 'pour', { amountG: 200 })],
    120,
  ],
  [
    'water of the soak is thrown away',
    [makeStep('s', 'soak', { waterG: 900 }), makeStep('g', 'grind', { waterG: 1000 })],
    120,
  ],
  [
    'water they are boiled in too',
    [makeStep('b', 'blanch', { waterG: 900 }), makeStep('g', 'grind', { waterG: 1000 })],
    120,
  ],
  ['no water at all', [makeStep('s', 'soak', { waterG: 900 })], null],
])('%s', (_, steps, want) => {
  const got = gramsPerLitre(soyRecipe(120, steps));
  if (want === null) expect(got).toBeNull();
  else expect(got).toBeCloseTo(want, 9);
});
