import { describe, expect, test } from '@jest/globals';
import { keepTruthOf, saidDays } from '../../src/comparing';
import type { Watched } from '../../src/comparing';
import { COEFFICIENTS } from '../../src/kitchen';
import { keepTruthText } from '../../src/words';

const jar = (fineD: number, turnedD: number | null, mean = 1): Watched => ({
  thing: 'soy-boiled',
  budgetD: 2,
  capDays: 4,
  beliefs: { 'keeping:soy-boiled': { mean, n: 0, ...COEFFICIENTS.keeping } },
  lasted: { fineD, turnedD },
});

describe('milk held against the time that was said of it', () => {
  test('the time is what was believed when the batch was begun, and never beyond the cap', () => {
    expect(saidDays(jar(0, null))).toBe(2);
    expect(saidDays(jar(0, null, 1.3))).toBeCloseTo(2.6, 9);
    // Day 1 of a cap of 4 is the day it was made.
    expect(saidDays(jar(0, null, 2))).toBe(3);
    // What a kitchen learns never shortens the usual low end.
    expect(saidDays(jar(0, null, 0.5))).toBe(2);
  });
  test('held, turned before, and what nobody can say', () => {
    expect(
      keepTruthOf([jar(2, null), jar(3, 3.5), jar(1, 1.5), jar(1, null), jar(1, 2.5), jar(2.2, null, 1.3)]),
    ).toEqual({ held: 2, turned: 1, unknown: 3 });
    expect(keepTruthOf([])).toEqual({ held: 0, turned: 0, unknown: 0 });
  });
  test.each([
    [{ held: 9, turned: 0, unknown: 0 }, '9 of 9 jars that were looked at were fine when their time was up.'],
    [
      { held: 7, turned: 1, unknown: 3 },
      '7 of 8 jars that were looked at were fine when their time was up. One turned before: warmer than was told, or not so clean. Of another 3 jars nobody can say: gone, or not looked at, before.',
    ],
    [
      { held: 0, turned: 0, unknown: 2 },
      'No jar was looked at when its time was up. Of 2 jars nobody can say: gone, or not looked at, before.',
    ],
  ])('%j', (t, says) => expect(keepTruthText(t)).toBe(says));
});
