import { unlearned } from '../../src/kitchen';
import { expect, test, describe } from '@jest/globals';
import { look } from '../../src/questions';
import type { Kit } from '../../src/kitchen';
import { METHODS, methodById, recipeOf } from '../../src/methods';
import { applyEdits } from '../../src/steps';
import { SEA } from './kitchen';

const costOf = (id: string, kit: Kit = SEA) => {
  const m = methodById(id);
  const seen = m && look(recipeOf(m), unlearned(kit));
  if (!seen) throw new Error(id);
  return { ...seen.summary.cost, litres: seen.summary.jarredMl / 1000 };
};

describe('what a litre costs', () => {
  test('oat milk: 75 g at 2.00 a kilogram is 0.15 of oats; the rest is power', () => {
    const c = costOf('oat-ice');
    expect(c.food).toBeCloseTo(0.15, 9);
    expect(c.total).toBeCloseTo(c.food + c.kWh * SEA.perKWh, 12);
    expect(c.perL).toBeCloseTo(c.total / c.litres, 9);
  });
  test('the cook’s own prices go before the usual ones; power at its price', () => {
    const kit = { ...SEA, prices: { 'oats-rolled': 4 }, perKWh: 0 };
    expect(costOf('oat-ice', kit).total).toBeCloseTo(0.3, 9);
  });
  test('two hours of simmering take more power than twenty minutes', () =>
    expect(costOf('soy-scalded').kWh).toBeGreaterThan(costOf('soy-no-soak').kWh));
  test('heating two kilograms of milk to the boil on electricity takes about a quarter of a kWh (heat capacity, η .65)', () => {
    // 2 kg · 4 kJ/kgK · 78 K / .65 = 0.27 kWh; the pot and the steam of twenty minutes come on top.
    const m = methodById('soy-no-soak');
    if (!m) throw new Error('no school');
    const r = applyEdits(recipeOf(m), [{ do: 'scale', by: 2 }]);
    const kWh = look(r, unlearned(SEA))?.summary.cost.kWh ?? 0;
    expect(kWh).toBeGreaterThan(0.3);
    expect(kWh).toBeLessThan(1.6);
  });
  test('home milk of grains and beans costs 0.1 to 1.2 a litre (common practice: 0.1–0.5 without power)', () => {
    for (const m of METHODS.filter((x) => ['soy', 'oat', 'rice'].includes(x.milk)))
      expect([m.id, (costOf(m.id).perL ?? 99) < 1.2]).toEqual([m.id, true]);
  });
  test('nothing jarred: no price a litre', () => {
    const m = methodById('oat-ice');
    if (!m) throw new Error('no school');
    const none = applyEdits(recipeOf(m), [{ do: 'larder', index: 0, grams: 0 }]);
    const cost = look({ ...none, steps: [] }, unlearned(SEA))?.summary.cost;
    expect(cost?.perL).toBeNull();
  });
});
