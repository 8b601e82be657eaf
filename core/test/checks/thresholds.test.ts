import { unlearned } from '../../src/kitchen';
import { expect, test, describe } from '@jest/globals';
import { fold } from '../../src/batch';
import { look } from '../../src/questions';

import type { Kit, Stream } from '../../src/kitchen';
import { methodById, recipeOf } from '../../src/methods';
import { bodyOf, contextOf, isBoiledEnough, makeStep } from '../../src/steps';
import type { Recipe, Step } from '../../src/steps';
import { kitAt, SEA, stood } from '../batch/kitchen';

const school = (id: string): Recipe => {
  const m = methodById(id);
  if (!m) throw new Error(id);
  return recipeOf(m);
};
const set = (r: Recipe, step: string, params: Record<string, unknown>): Recipe => ({
  ...r,
  steps: r.steps.map((s) => (s.id === step ? ({ ...s, params: { ...s.params, ...params } } as Step) : s)),
});
const after = (r: Recipe, id: string, ...steps: readonly Step[]): Recipe => ({
  ...r,
  steps: r.steps.flatMap((s) => (s.id === id ? [s, ...steps] : [s])),
});
const before = (r: Recipe, id: string, ...steps: readonly Step[]): Recipe => ({
  ...r,
  steps: r.steps.flatMap((s) => (s.id === id ? [...steps, s] : [s])),
});
const warns = (check: string, r: Recipe, kit: Kit = SEA): boolean =>
  look(r, unlearned(kit))?.warnings.some((w) => w.check === check) ?? false;
const HOUR = 3600;

describe('the hold at the boil', () => {
  const soy = school('soy-washed');
  const hold = (s: number, r: Recipe = soy): Recipe => set(r, 'boil', { holdS: s });
  test.each([0, 1500, 3000])('at %d m: what the goal needs is enough, five per cent less is not', (altitude) => {
    const kit = kitAt(altitude);
    const need =
      look(hold(4 * HOUR), unlearned(kit))?.outcome.stages.find((s) => s.step === 'boil')?.figures.neededHoldS ?? NaN;
    expect([warns('holdTooShort', hold(need * 1.05), kit), warns('holdTooShort', hold(need * 0.95), kit)]).toEqual([
      false,
      true,
    ]);
  });
  test('a long low cook meets the goal and is asked for its ten minutes all the same', () => {
    // An hour and a half at 96 °C leaves less than a fifth; germs ask for the true boil.
    const low = before(soy, 'boil', makeStep('low', 'heat', { of: 'milk', toC: 96, holdS: 5000 }));
    const left = (s: number): Stream | undefined => fold(hold(s, low), unlearned(SEA)).products.milk;
    const inhibitor = (s: Stream | undefined): number =>
      s ? (s.inhibitor.labile + s.inhibitor.stable) / s.inhibitor.of : NaN;
    expect(inhibitor(left(60))).toBeLessThan(0.2);
    expect([570, 630].map((s) => warns('holdTooShort', hold(s, low)))).toEqual([true, false]);
    expect([570, 630].map((s) => left(s)).map((s) => s && isBoiledEnough(s))).toEqual([false, true]);
  });
  test('seconds count as boiled from a degree and a half under the boil, no colder', () => {
    const kept = (toC: number): number => {
      const r = before(soy, 'boil', makeStep('near', 'heat', { of: 'milk', toC, holdS: 300 }));
      const steps = r.steps.slice(
        0,
        r.steps.findIndex((s) => s.id === 'boil'),
      );
      return fold({ ...r, steps }, unlearned(SEA)).products.milk?.boilS ?? NaN;
    };
    expect(kept(98.6)).toBeGreaterThanOrEqual(300);
    expect(kept(98.4)).toBe(0);
  });
});

describe('out of the cold: two hours, one above 32 °C (USDA)', () => {
  const kept = (placeC: number, h: number): boolean =>
    warns('keptWarm', after(school('oat-middle'), 'jar', stood({ placeC, durationS: h * HOUR })));
  test.each<[number, number, boolean]>([
    [22, 1.9, false],
    [22, 2.1, true],
    [31.5, 1.9, false],
    [32, 1.9, false],
    [32.5, 0.95, false],
    [32.5, 1.05, true],
    [5, 9, false],
    [5.3, 9, true],
  ])('%d °C for %d h: %s', (c, h, told) => expect(kept(c, h)).toBe(told));
});

describe('keeping is spent below 57 °C', () => {
  const at = (c: number): Stream | undefined => {
    const r = school('soy-washed');
    const steps = r.steps.filter((s) => s.kind !== 'jar' && s.kind !== 'cool' && s.kind !== 'add');
    const warm = [makeStep('down', 'cool', { of: 'milk', toC: c }), stood({ placeC: c, durationS: HOUR }, 'hold')];
    return fold({ ...r, steps: [...steps, ...warm] }, unlearned(SEA)).products.milk;
  };
  test('an hour at 58 °C spends nothing, at 56 °C it spends, and counts as warm', () => {
    expect([at(58)?.spentD, at(58)?.above21S]).toEqual([0, 0]);
    expect(at(56)?.spentD).toBeGreaterThan(0.3);
    expect(at(56)?.above21S).toBeGreaterThan(3000);
  });
});

test('pressing brings slime with it, dripping leaves it: × 1.15 and × .85 of a twist (models §6)', () => {
  const glucan = (hand: string): number => {
    const o = fold(set(school('oat-middle'), 'strain', { hand }), unlearned(SEA));
    const milk = o.products.milk;
    if (!milk) throw new Error('no milk');
    return milk.squeezed;
  };
  expect([
    glucan('press') / glucan('twist'),
    glucan('drip') / glucan('twist'),
    glucan('gentle') / glucan('twist'),
  ]).toEqual([1.15, 0.85, 0.85]);
  const slime = (hand: string): number => {
    const r = set(school('oat-middle'), 'strain', { hand });
    const milk = fold(r, unlearned(SEA)).products.milk;
    return (milk && bodyOf(milk, 4, contextOf(unlearned(SEA), r.materials))?.glucan) ?? NaN;
  };
  expect(slime('press')).toBeGreaterThan(slime('twist'));
});
