import { describe, expect, test } from '@jest/globals';
import {
  COOLING_W_PER_M2K,
  FRIDGE,
  iceBath,
  iceKg,
  inFridge,
  secondsTo,
  throughWall,
  timeConstantS,
} from '../../src/laws';

describe('walls and ice', () => {
  test('in stirred ice water 250 W/m²K through steel, 100 through glass (models §7); glass matters little in air', () => {
    expect(throughWall('iceBath', false)).toBeCloseTo(250, 9);
    expect(throughWall('iceBath', true)).toBeCloseTo(100, 9);
    expect(throughWall('counter', true) / COOLING_W_PER_M2K.counter).toBeGreaterThan(0.93);
    expect(throughWall('water', true)).toBeCloseTo(1 / (1 / 150 + 0.006), 9);
  });
  test('2 kg of 3.95 kJ/kgK, 95 → 5 °C, 3 kg of tap water at 15: the 2.13 kg of ice that takes bring it to 5 °C', () => {
    const kg = iceKg(2 * 3.95 * 90, 5, 3, 15);
    expect(kg / 1.25).toBeCloseTo(2.13, 2);
    const bath = iceBath(2 * 3.95, 95, kg, 3, 15, 1);
    expect(bath.endC).toBeCloseTo(5, 6);
  });
  test('half of that ice is gone when the milk is still hot, and all ends where the heat balance says', () => {
    const kg = iceKg(2 * 3.95 * 90, 5, 3, 15) / 2;
    const bath = iceBath(2 * 3.95, 95, kg, 3, 15, 1);
    const ice = kg / 1.25;
    // Heat given by milk and tap water = heat taken by the ice, to the common end (ice 2.1 · 18, 334; water 4.19 kJ/kgK).
    const given = 2 * 3.95 * (95 - bath.endC) + 3 * 4.19 * (15 - bath.endC);
    expect(given).toBeCloseTo(ice * (2.1 * 18 + 334 + 4.19 * bath.endC), 6);
    expect(bath.goneAtC).toBeGreaterThan(bath.endC);
    expect(bath.goneAtC).toBeLessThan(95);
    // From that moment milk and bath of 1 °C share what they have.
    expect((7.9 * bath.goneAtC + bath.bathKJPerK * 1) / (7.9 + bath.bathKJPerK)).toBeCloseTo(bath.endC, 6);
  });
  test('a handful of ice does not even cool the bath', () => {
    expect(iceBath(8, 90, 0.05, 3, 15, 1).goneAtC).toBeGreaterThan(90);
  });
});

/** The same two bodies step by step (Runge–Kutta, 5 s): an independent way to the same answer. */
function byHand(c1: number, ua: number, startC: number, fridgeC: number, c2: number, spareW: number, untilS: number) {
  const rate = ([a, b]: readonly [number, number]): readonly [number, number] => {
    const w = ua * (a - b);
    const machine = b > fridgeC ? spareW : Math.min(spareW, w);
    return [-w / (c1 * 1000), (w - machine) / (c2 * 1000)];
  };
  let x: readonly [number, number] = [startC, fridgeC];
  let peak = fridgeC;
  const h = 5;
  for (let t = 0; t < untilS; t += h) {
    const k1 = rate(x);
    const k2 = rate([x[0] + (h / 2) * k1[0], x[1] + (h / 2) * k1[1]]);
    const k3 = rate([x[0] + (h / 2) * k2[0], x[1] + (h / 2) * k2[1]]);
    const k4 = rate([x[0] + h * k3[0], x[1] + h * k3[1]]);
    x = [
      x[0] + (h / 6) * (k1[0] + 2 * k2[0] + 2 * k3[0] + k4[0]),
      Math.max(fridgeC, x[1] + (h / 6) * (k1[1] + 2 * k2[1] + 2 * k3[1] + k4[1])),
    ];
    peak = Math.max(peak, x[1]);
  }
  return { load: x[0], peak };
}

describe('a warm load in a fridge', () => {
  test('without a machine both come to Σ C·T / Σ C: 8 kJ/K at 60 °C beside 40 at 4 °C, 13.3 °C', () => {
    const x = inFridge(8, 1, 60, 4, { storesKJPerK: 40, spareW: 0 });
    expect(x.at(1e6)).toBeCloseTo((8 * 60 + 40 * 4) / 48, 6);
    expect(x.peakC).toBeCloseTo(13.33, 2);
    expect(x.reachS(10)).toBeNull();
  });
  test.each([
    [8.2, 0.9, 95],
    [16, 1.6, 90],
    [4, 1.2, 60],
  ])('%d kJ/K, %d W/K, from %d °C: as step by step', (c1, ua, startC) => {
    const { storesKJPerK, spareW } = FRIDGE;
    const x = inFridge(c1, ua, startC, 4);
    for (const h of [0.5, 2, 5, 9]) {
      const hand = byHand(c1, ua, startC, 4, storesKJPerK, spareW, h * 3600);
      expect(Math.abs(x.at(h * 3600) - hand.load)).toBeLessThan(0.05);
    }
    expect(Math.abs(x.peakC - byHand(c1, ua, startC, 4, storesKJPerK, spareW, 12 * 3600).peak)).toBeLessThan(0.05);
    const at21 = x.reachS(21) ?? NaN;
    expect(x.at(at21)).toBeCloseTo(21, 3);
    expect(x.reachS(4)).toBeNull();
    expect(x.reachS(99)).toBe(0);
  });
  test('what is hardly warm warms nothing: plain Newton', () => {
    const x = inFridge(4, 0.8, 20, 4);
    expect([x.peakC, x.backS]).toEqual([4, 0]);
    const tau = timeConstantS(4, 0.8, 1);
    expect(x.reachS(8)).toBeCloseTo(secondsTo(20, 8, 4, tau) ?? NaN, 6);
  });
});
