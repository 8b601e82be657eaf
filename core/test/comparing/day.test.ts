import { describe, expect, test } from '@jest/globals';
import { MEASURES } from '../../src/batch';
import type { Summary } from '../../src/batch';
import { comesOf, oneDay, plannedAs } from '../../src/comparing';
import { unlearned } from '../../src/kitchen';
import { OF_THE_DAY } from '../../src/learning';
import { seededRandom, Z80 } from '../../src/numerics';
import { doubted, sampleBeliefs } from '../../src/questions';
import { batchOf } from '../batch/promised';

const figures = (s: Summary): readonly number[] => [MEASURES.volumeMl(s), MEASURES.solids(s) ?? 0];

describe('what a day does', () => {
  /** Against 300 drawn days: each coefficient's logarithm is scaled to the part of its spread that is of the day. */
  test.each(['soy-washed', 'oat-middle', 'tiger-nut-cold'])('%s: as far as drawn days lie apart', (id) => {
    const batch = batchOf(id);
    const m = plannedAs(batch.recipe, batch);
    const random = seededRandom(11);
    const drawn = Array.from({ length: 300 }, () => {
      const beliefs = sampleBeliefs(unlearned(m.kit), doubted(m.recipe), random);
      const ofDay = Object.entries(beliefs).map(([k, b]) => [k, { ...b, mean: b.mean ** OF_THE_DAY }] as const);
      return figures(comesOf({ ...m, beliefs: Object.fromEntries(ofDay) }, 'keep'));
    });
    const worked = oneDay(m, figures);
    worked.forEach((x, i) => {
      const all = drawn.map((d) => d[i] ?? 0);
      const mean = all.reduce((a, b) => a + b, 0) / all.length;
      const sd = Math.sqrt(all.reduce((a, b) => a + (b - mean) ** 2, 0) / (all.length - 1));
      expect(x / (Z80 * Math.SQRT2 * sd)).toBeGreaterThan(0.8);
      expect(x / (Z80 * Math.SQRT2 * sd)).toBeLessThan(1.2);
    });
  });
});
