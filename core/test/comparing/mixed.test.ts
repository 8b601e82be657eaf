import { describe, expect, test } from '@jest/globals';
import { aligned, comesOf, differences, plannedAs } from '../../src/comparing';
import { mixer } from '../../src/comparing/mixed';
import { METHODS } from '../../src/methods';
import { seededRandom } from '../../src/numerics';
import { orderFaults } from '../../src/steps';
import { batchOf } from '../batch/promised';

const milks = [...new Set(METHODS.map((m) => m.milk))];

describe('a mixture of two batches', () => {
  test.each(milks)(
    '%s: whatever is taken of two of its schools can be made, with none it is the one, with all the other',
    (milk) => {
      const random = seededRandom(4);
      const schools = METHODS.filter((m) => m.milk === milk).map((m) => plannedAs(batchOf(m.id).recipe, batchOf(m.id)));
      for (const a of schools)
        for (const other of schools) {
          const b = aligned(a, other);
          const keys = differences(a, b).map((d) => d.key);
          const mix = mixer(a, b, differences(a, b));
          expect(comesOf(mix(new Set()), 'keep').jarredMl).toBeCloseTo(comesOf(a, 'keep').jarredMl, 9);
          // What is too little to be a difference stays as it was.
          const whole = comesOf(mix(new Set(keys)), 'keep').jarredMl;
          expect(whole / comesOf(b, 'keep').jarredMl).toBeCloseTo(1, 2);
          for (let i = 0; i < 4; i += 1) {
            const some = mix(new Set(keys.filter(() => random() < 0.5)));
            expect(orderFaults(some.recipe)).toEqual([]);
            expect(comesOf(some, 'keep').jarredMl).toBeGreaterThanOrEqual(0);
          }
        }
    },
  );
});
