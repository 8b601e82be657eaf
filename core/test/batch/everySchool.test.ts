import { unlearned } from '../../src/kitchen';
import { expect, test, describe } from '@jest/globals';
import { look, rankFor } from '../../src/questions';
import type { Look } from '../../src/questions';
import type { Kit } from '../../src/kitchen';
import { METHODS, methodById, recipeOf } from '../../src/methods';
import { applyEdits } from '../../src/steps';
import type { Edit, Recipe, Step } from '../../src/steps';
import { kitAt, SEA } from './kitchen';

const SCHOOLS = METHODS.map((m) => [m.id, recipeOf(m)] as const);
const see = (r: Recipe, kit: Kit = SEA): Look => {
  const l = look(r, unlearned(kit));
  if (!l) throw new Error('steps out of order');
  return l;
};
const main = (r: Recipe, kit: Kit = SEA) => {
  const m = see(r, kit).summary.main;
  if (!m) throw new Error('no milk');
  return m;
};
const setAll = (r: Recipe, kinds: readonly string[], param: string, value: number | string): Recipe =>
  applyEdits(
    r,
    r.steps.filter((s) => kinds.includes(s.kind)).map((s): Edit => ({ do: 'set', step: s.id, param, value })),
  );
const withMesh = (um: number): Kit => ({
  ...SEA,
  things: SEA.things.map((t) => (t.is === 'strainer' ? { ...t, openingUm: um, layers: 1 } : t)),
});

describe.each(SCHOOLS)('%s', (id, r) => {
  test('one cook: the hands are never busy for longer than it takes', () => {
    const s = see(r).summary;
    expect(s.handsS).toBeGreaterThan(0);
    expect(s.elapsedS).toBeGreaterThanOrEqual(s.handsS);
  });
  test('made twice as big, in twice the loads, it is the same milk (common practice: all doubles but the clock)', () => {
    const double = applyEdits(r, [
      { do: 'scale', by: 2 },
      ...r.steps.flatMap((x): Edit[] =>
        x.kind === 'grind' ? [{ do: 'set', step: x.id, param: 'loads', value: 2 * x.params.loads }] : [],
      ),
    ]);
    const one = main(r);
    const two = main(double);
    const dry = (m: typeof one) => m.massG * (m.solids ?? 0);
    // A boil steams by the pot and the hour, not by the batch: the water left differs, the solids do not.
    expect(dry(two) / dry(one)).toBeGreaterThan(1.9);
    expect(dry(two) / dry(one)).toBeLessThan(2.1);
    if (r.steps.some((x) => x.kind === 'boil')) return;
    // Rice steams by the pot too, less than a boil does.
    const by = r.steps.some((x) => x.kind === 'absorb') ? 0.06 : 0.03;
    expect(Math.abs((two.solids ?? 0) / (one.solids ?? 1) - 1)).toBeLessThan(by);
  });

  test('a finer cloth never lets more grit through, and never makes a stronger milk', () => {
    const [fine, middle, coarse] = [60, 200, 900].map((um) => main(r, withMesh(um)));
    expect(fine?.grit ?? 0).toBeLessThanOrEqual((middle?.grit ?? 0) + 1e-12);
    expect(middle?.grit ?? 0).toBeLessThanOrEqual((coarse?.grit ?? 0) + 1e-12);
    expect(fine?.solids ?? 0).toBeLessThanOrEqual((coarse?.solids ?? 0) + 1e-9);
  });

  test('pressed harder it gives more; oats give more slime with it', () => {
    const hands = ['drip', 'gentle', 'twist', 'press'].map((hand) => main(setAll(r, ['strain', 'wash'], 'hand', hand)));
    hands.slice(1).forEach((m, i) => expect(m.massG).toBeGreaterThan(hands[i]?.massG ?? Infinity));
    if (!id.startsWith('oat')) return;
    const [drip = 0, gentle = 0, twist = 0, press = 0] = hands.map((m) => m.body?.glucan ?? 0);
    expect(drip / gentle).toBeLessThan(1.001);
    expect(gentle).toBeLessThan(twist);
    expect(twist).toBeLessThan(press);
  });

  test('ground longer, more cells are open and no less milk solids leave the cloth', () => {
    const grinds = r.steps.filter((s): s is Step<'grind'> => s.kind === 'grind');
    if (grinds.length === 0) return;
    const at = (by: number) =>
      main(
        applyEdits(
          r,
          grinds.map((g): Edit => ({
            do: 'set',
            step: g.id,
            param: 'durationS',
            value: Math.min(600, g.params.durationS * by),
          })),
        ),
      );
    const [short, usual, long] = [0.4, 1, 1.6].map(at);
    const dry = (m: typeof short) => (m?.massG ?? 0) * (m?.solids ?? 0);
    expect(dry(short)).toBeLessThan(dry(usual));
    expect(dry(usual)).toBeLessThan(dry(long) * 1.001);
  });

  test('a warmer fridge keeps it no longer; no keeping goes beyond the cap of seven days (FDA Food Code 3-501.17)', () => {
    const keeps = [1, 4, 7, 10].map((fridgeC) => main(r, { ...SEA, fridgeC }).keep?.s ?? Infinity);
    keeps.slice(1).forEach((s, i) => expect(s).toBeLessThanOrEqual((keeps[i] ?? 0) + 1e-6));
    expect(keeps[0]).toBeLessThanOrEqual(7 * 86_400);
  });

  test('up on a hill nothing is lost: what is not boiled is the same milk, what is boiled is asked to boil no shorter', () => {
    const sea = see(r);
    const hill = see(r, kitAt(2500));
    const boils = r.steps.some((s) => ['boil', 'blanch', 'absorb'].includes(s.kind));
    if (!boils) expect(hill.summary.main?.solids).toBeCloseTo(sea.summary.main?.solids ?? 0, 6);
    const need = (l: Look) =>
      r.steps.flatMap((s, i) => (s.kind === 'boil' ? [l.outcome.stages[i]?.figures.neededHoldS ?? 0] : []));
    need(hill).forEach((s, i) => expect(s).toBeGreaterThanOrEqual((need(sea)[i] ?? 0) - 1e-6));
  });
});

test('ice that is left: the heat balance done by hand (latent heat 334 kJ/kg, water 4.19 kJ/kgK)', () => {
  const m = methodById('oat-ice');
  if (!m) throw new Error('no school');
  const ice = (iceG: number, waterG: number, waterC: number, durationS: number): number => {
    const r = applyEdits(recipeOf(m), [
      { do: 'set', step: 'grind', param: 'iceG', value: iceG },
      { do: 'set', step: 'grind', param: 'waterG', value: waterG },
      { do: 'set', step: 'grind', param: 'waterC', value: waterC },
      { do: 'set', step: 'grind', param: 'durationS', value: durationS },
    ]);
    const i = r.steps.findIndex((s) => s.id === 'grind');
    return see(r).outcome.stages[i]?.figures.iceLeftG ?? NaN;
  };
  /** 75 g of flakes (1.975 kJ/kgK) and a 1.5 L plastic jug (0.4 kJ/K a litre) come from a 20 °C room; 408 W reach the slurry;
   * the ice comes at −18 °C (2.1 kJ/kgK). */
  const byHand = (iceG: number, waterG: number, waterC: number, s: number): number => {
    const warm = (waterG * 4.19 * waterC + 75 * 1.975 * 20 + 1500 * 0.4 * 20 - iceG * 2.1 * 18) / 1000;
    return Math.max(0, iceG - (1000 * (warm + 0.408 * s)) / 334);
  };
  for (const [i, w, c, s] of [
    [300, 500, 5, 25],
    [400, 400, 10, 30],
    [200, 700, 2, 20],
  ] as const)
    expect(Math.abs(ice(i, w, c, s) / byHand(i, w, c, s) - 1)).toBeLessThan(0.02);
  expect(ice(60, 700, 15, 30)).toBe(0);
});

test('the warmest it gets: the boil of this altitude, the 73 °C of a gentle heat, never more than cool where nothing heats', () => {
  const warmest = (altitudeM: number) =>
    Object.fromEntries(
      rankFor(
        'cold',
        METHODS.map((m) => ({ id: m.id, milk: m.milk, recipe: recipeOf(m) })),
        unlearned(kitAt(altitudeM)),
        { hours: null, blender: true },
      ).map((r) => [r.id, r.warmestC]),
    );
  const sea = warmest(0);
  expect(sea['soy-washed']).toBeCloseTo(100, 0);
  expect(warmest(3000)['soy-washed']).toBeCloseTo(90, 0);
  expect(sea['tiger-nut-cooked']).toBeCloseTo(73, 6);
  expect(sea['tiger-nut-cold']).toBeLessThan(60);
  expect(sea['oat-ice']).toBeLessThan(5);
});
