import { expect, test } from '@jest/globals';
import {
  cooledC,
  FREEZING_POINT_C,
  frozenC,
  frozenSeconds,
  iceShare,
  secondsTo,
  spentAfterHeating,
} from '../../src/laws';

/**
 * Half a litre of milk in a jar: 440 g, 93 % water, 4.0 kJ/kgK as a liquid, 0.26 W/K through its surface. The figures are
 * those of an independent integration of the same enthalpy (Schwartzberg 1976; latent heat of water 334 kJ/kg).
 */
const JAR = { massKg: 0.44, waterShare: 0.93, wPerK: 0.26 };
const TAU_S = (0.44 * 4000) / 0.26;
const HOUR = 3600;

test('from 8 °C in a freezer of −18: −0.50 °C after 4 h, −5 °C after 9.1 h', () => {
  const coolsS = secondsTo(8, FREEZING_POINT_C, -18, TAU_S) ?? NaN;
  expect(cooledC(8, -18, TAU_S, coolsS)).toBeCloseTo(FREEZING_POINT_C, 9);
  expect(frozenC(JAR, FREEZING_POINT_C, -18, 4 * HOUR - coolsS)).toBeCloseTo(-0.5, 2);
  expect((coolsS + frozenSeconds(JAR, FREEZING_POINT_C, -5, -18)) / HOUR).toBeCloseTo(9.1, 1);
});
test('from −18 °C in a fridge of 4: −0.82 °C after 10 h, its ice gone after 31 h', () => {
  expect(frozenC(JAR, -18, 4, 10 * HOUR)).toBeCloseTo(-0.82, 2);
  const meltsS = frozenSeconds(JAR, -18, FREEZING_POINT_C, 4);
  const zeroS = meltsS + (secondsTo(FREEZING_POINT_C, 0, 4, TAU_S) ?? NaN);
  expect(zeroS / HOUR).toBeCloseTo(31, 0);
});
test('the two are each other’s inverse, also beside surroundings of exactly 0 °C', () => {
  for (const aroundC of [-18, -5, 0, 1e-4, 4, 21])
    for (const [fromC, toC] of [
      [-15, -3],
      [-3, -0.6],
      [-0.4, -0.31],
    ] as const) {
      const warms = aroundC > fromC && aroundC > toC;
      const cools = aroundC < fromC;
      if (!warms && !cools) continue;
      const [a, b] = warms ? [fromC, toC] : [toC, fromC];
      const s = frozenSeconds(JAR, a, b, aroundC);
      expect(s).toBeGreaterThan(0);
      expect(frozenC(JAR, a, aroundC, s)).toBeCloseTo(b, 4);
    }
});
test('ice comes no further than its surroundings, nor as ice above its freezing point', () => {
  expect(frozenC(JAR, -2, -10, 1e9)).toBeCloseTo(-10, 6);
  expect(frozenC(JAR, -10, 4, 1e9)).toBeCloseTo(FREEZING_POINT_C, 6);
  expect(frozenC(JAR, -10, -10, 5000)).toBe(-10);
});
test('share of the water that is ice: none at −0.3 °C, half at −0.6, most at −18', () => {
  expect([iceShare(4), iceShare(FREEZING_POINT_C)]).toEqual([0, 0]);
  expect(iceShare(-0.6)).toBeCloseTo(0.5, 9);
  expect(iceShare(-18)).toBeCloseTo(1 - 0.3 / 18, 9);
});
/** Worked by hand from the rule: of a budget of 3 days, 1, 2 and 3 spent. */
test('what a heating gives back of the time that was spent', () => {
  expect([1, 1.5, 2, 2.9, 3, 4.59].map((x) => spentAfterHeating(x, 3))).toEqual([
    0,
    0,
    1,
    expect.closeTo(2.8, 9),
    3,
    4.59,
  ]);
});
