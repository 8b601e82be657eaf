import { expect, test, describe } from '@jest/globals';
import { look } from '@ironpan/core/questions';
import { USUAL_KIT, unlearned } from '@ironpan/core/kitchen';
import { METHODS, recipeOf } from '@ironpan/core/methods';
import { kindOf, runsOf } from '@ironpan/core/steps';
import { mainValues, stationFact } from '../../src/plan/stations/stationFacts';

describe.each(METHODS.map((m) => [m.id, m] as const))('the stations of %s', (_, m) => {
  const r = recipeOf(m);
  const seen = look(r, unlearned(USUAL_KIT));
  if (!seen) throw new Error('no look');
  test('hold every step once, in the plan’s order', () => {
    expect(runsOf(r).flatMap((run) => run.steps)).toEqual(r.steps);
  });
  test('show one or two main values, each a parameter that is there', () => {
    for (const run of runsOf(r)) {
      const main = mainValues(run, r);
      expect(main.length).toBeGreaterThanOrEqual(1);
      expect(main.length).toBeLessThanOrEqual(2);
      for (const v of main) expect([v.step.kind, v.param in kindOf(v.step.kind).params]).toEqual([v.step.kind, true]);
    }
  });
  test('say a computed figure in words without a gap', () => {
    for (const run of runsOf(r)) {
      const fact = stationFact(run, seen);
      expect(fact?.text ?? '').not.toMatch(/NaN|undefined|–/);
      expect(fact).not.toBeNull();
    }
  });
});
