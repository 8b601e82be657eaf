import { expect, test, describe } from '@jest/globals';
import { look } from '@ironpan/core/questions';
import { USUAL_KIT, unlearned } from '@ironpan/core/kitchen';
import { METHODS, recipeOf } from '@ironpan/core/methods';
import { kindOf } from '@ironpan/core/steps';
import { stationOrder } from '../../src/drawings/flowOrder';
import { mainValues, stationFact, stepsAt } from '../../src/plan/stations/stationFacts';

describe.each(METHODS.map((m) => [m.id, m] as const))('the stations of %s', (_, m) => {
  const r = recipeOf(m);
  const seen = look(r, unlearned(USUAL_KIT));
  if (!seen) throw new Error('no look');
  test('hold every step once', () => {
    const all = stationOrder(r).flatMap((s) => stepsAt(r, s).map((x) => x.id));
    expect([...all].sort()).toEqual(r.steps.map((s) => s.id).sort());
  });
  test('show one or two main values, each a parameter that is there', () => {
    for (const s of stationOrder(r).filter((x) => stepsAt(r, x).length > 0)) {
      const main = mainValues(r, s);
      expect(main.length).toBeGreaterThanOrEqual(1);
      expect(main.length).toBeLessThanOrEqual(2);
      for (const v of main) expect([v.step.kind, v.param in kindOf(v.step.kind).params]).toEqual([v.step.kind, true]);
    }
  });
  test('say a computed figure in words without a gap', () => {
    for (const s of stationOrder(r).filter((x) => stepsAt(r, x).length > 0)) {
      const fact = stationFact(r, seen, s);
      expect(fact?.text ?? '').not.toMatch(/NaN|undefined|–/);
      expect(fact).not.toBeNull();
    }
  });
});
