import { describe, expect, test } from '@jest/globals';
import {
  FELT_FROM_UM,
  gritThrough,
  heldByThickness,
  hobSteamGPerS,
  kettleKJ,
  openedShare,
  passesBelowUm,
  potCourse,
  potFaces,
  potLossW,
  rittingerUm,
  strainSPerKg,
  toughness,
} from '../../src/laws';

/** Within an absolute tolerance, which every check states. */
const near = (got: number, want: number, tolerance: number) =>
  expect(Math.abs(got - want)).toBeLessThanOrEqual(tolerance);

describe('an open pot loses heat (models §5; Bowen 1926 for what evaporates; figures reckoned from the law)', () => {
  /** 2 kg of 3.95 kJ/kgK in a pot of .6 kJ/K, 22 cm across, 2 l, in a room of 20 °C. */
  const C = 2 * 3.95 + 0.6;
  const onHob = potFaces(2000, 22, 'onHob');
  const up = (watts: number) => potCourse(C, 20, 100, watts, onHob, 20);
  test('1 800 W electric (1 170 W reach it), 20 → 100 °C: 647 s and 26 g gone; 581 s without losses', () => {
    const way = up(1170);
    near(way.s.at(-1) ?? 0, 647, 2);
    near(way.vapourG, 26, 0.5);
    expect(way.stallsC).toBeNull();
    near((C * 80 * 1000) / 1170, 581, 1);
  });
  test('400 W of gas (160 W reach it) never boil it: it stops at 78 °C', () => near(up(160).stallsC ?? 0, 78.1, 0.2));
  test('off the hob, lid off, 95 → 60 °C: 29 min and 85 g gone', () => {
    const way = potCourse(C, 95, 60, 0, potFaces(2000, 22, 'open'), 20);
    near((way.s.at(-1) ?? 0) / 60, 29.1, 0.2);
    near(way.vapourG, 85, 1);
  });
  test('lid on, all faces at 12 W/m²K: 66 min, and nothing gone', () => {
    const faces = potFaces(2000, 22, 'open');
    const way = potCourse(C, 95, 60, 0, { wallM2: faces.wallM2 + faces.openM2, openM2: 0 }, 20);
    near((way.s.at(-1) ?? 0) / 60, 66, 0.5);
    expect(way.vapourG).toBe(0);
  });
  test('an open face of hot water passes on 4 to 5 W/m²K to the air, besides what evaporates (tables of open tanks)', () => {
    const { allW, vapourW } = potLossW({ wallM2: 0, openM2: 1 }, 60, 20);
    near((allW - vapourW) / 40, 5, 1e-9);
  });
  test('at room temperature nothing is lost and nothing evaporates; below it the room gives', () => {
    expect(potLossW(onHob, 20, 20)).toEqual({ allW: 0, vapourW: 0 });
    expect(potLossW(onHob, 5, 20).allW).toBeLessThan(0);
    expect(potLossW(onHob, 5, 20).vapourW).toBe(0);
  });
  test('there already: no time; more heat is quicker, and what stalls comes near where it stalls', () => {
    expect(potCourse(C, 60, 60, 500, onHob, 20)).toMatchObject({ c: [60], s: [0], vapourG: 0, stallsC: null });
    const times = [400, 800, 1600].map((w) => up(w).s.at(-1) ?? 0);
    expect([...times].sort((a, b) => b - a)).toEqual(times);
    const stalled = up(160);
    near((stalled.c.at(-1) ?? 0) - (stalled.stallsC ?? 0), -0.5, 1e-6);
    expect(up(0).stallsC).toBeCloseTo(20, 4);
  });
  test('a steaming pot takes no more than its hob gives: 30 cm, 4 l, 1 800 W electric 29.7 g/min', () => {
    near(hobSteamGPerS(1170, potFaces(4000, 30, 'onHob'), 100, 20) * 60, 29.7, 0.05);
    expect(hobSteamGPerS(10, potFaces(4000, 30, 'onHob'), 100, 20)).toBe(0);
  });
  test('a kettle: 800 g from 15 to 80 °C take 71 Wh; tap water none', () => {
    near(kettleKJ(800, 15, 80) / 3.6, 71.2, 0.2);
    expect(kettleKJ(800, 15, 10)).toBe(0);
  });
  test('a pot without heat capacity or with a negative hob is refused by name', () => {
    expect(() => potCourse(0, 20, 100, 500, onHob, 20)).toThrow(/heat capacity/);
    expect(() => potCourse(C, 20, 100, -1, onHob, 20)).toThrow(/heat/);
  });
});

describe('dry pieces are harder (Pan & Tangratanavalee 2003: three to five times, from memory; models §3)', () => {
  test('dry 3.5 times, half full 2.03, from .85 of full uptake on as soaked', () => {
    near(toughness(0), 3.5, 1e-12);
    near(toughness(0.5), 2.03, 0.005);
    expect([toughness(0.85), toughness(1), toughness(1.2)]).toEqual([1, 1, 1]);
    expect(() => toughness(-0.1)).toThrow(/uptake/);
  });
  test.each([
    [0, 0.434, 584],
    [0.5, 0.625, 356],
    [1, 0.863, 182],
  ])('beans that drank %d of it, ground with 37.8 J/g: opened %d, pieces of %d µm', (u, opened, um) => {
    near(openedShare(0, 37.8, 19 * toughness(u)), opened, 0.001);
    near(rittingerUm(5000, 37.8, 1 / toughness(u)), um, 2);
  });
});

describe('thick liquids in the cloth (Landau & Levich 1942; models §4)', () => {
  test('up to eight times water the pulp holds as much as ever; at 27 times 2.25, set 4.8', () => {
    expect([heldByThickness(1), heldByThickness(8)]).toEqual([1, 1]);
    near(heldByThickness(27), 2.25, 0.001);
    near(heldByThickness(null), 4.8, 0.02);
    expect(heldByThickness(500)).toBe(heldByThickness(null));
  });
  test.each([
    [2, 100, 120],
    [2, 250, 57.7],
    [2, 600, 57.7],
    [2, 20, 434.9],
    [0.9, 100, 60],
    [80, 100, 1800],
  ])('a kilogram %d times as thick as water through %d µm: %d s', (eta, um, s) => near(strainSPerKg(eta, um), s, 0.2));
  test('what has set takes the longest; no opening is refused', () => {
    expect(strainSPerKg(null, 100)).toBe(1800);
    expect(() => strainSPerKg(2, 0)).toThrow(/opening/);
  });
});

test('hard particles are felt from 25 µm, soft ones from 40 (Tyle 1993, from memory): x′ 182 µm, fine bag .46 and .1 %', () => {
  const fineBag = passesBelowUm(100);
  near(gritThrough(182, fineBag), 0.001, 0.0002);
  near(gritThrough(182, fineBag, FELT_FROM_UM.hard), 0.0046, 0.0001);
});
