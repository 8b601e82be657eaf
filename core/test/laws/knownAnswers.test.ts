import { expect, test, describe } from '@jest/globals';
import psychrolib from 'psychrolib';
import {
  boilingC,
  cooledC,
  COOLING_LIMITS,
  coverWater,
  enzymeDeathPerMin,
  flavourPerMin,
  heatUpS,
  HOB_EFFICIENCY,
  iceKg,
  inhibitorLeft,
  inhibitorPace,
  latentKJPerKg,
  leftAfter,
  longestSoakH,
  mixedC,
  openedShare,
  passingShare,
  pasteurisingPace,
  pelegGain,
  pelegK1,
  pressurePa,
  rittingerUm,
  secondsTo,
  spoilagePace,
  steamGPerS,
  underflow,
  foamFactor,
  jugFillShare,
  solidsLossShare,
} from '../../src/laws';

/** Within an absolute tolerance, which every check states. */
const near = (got: number, want: number, tolerance: number) =>
  expect(Math.abs(got - want)).toBeLessThanOrEqual(tolerance);

describe('hydration: Peleg 1988, J. Food Sci. 53:1216 (published values from memory)', () => {
  const soy = { k1: 0.7, k2: 0.7 };
  /** Hours to nine tenths of full uptake at a constant temperature: 9·K1/K2 in closed form. */
  const hoursTo90 = (c: number) => (9 * pelegK1(soy.k1, c)) / soy.k2;
  test.each([
    [20, 9.0, 0.05],
    [4, 18.3, 0.15],
    [30, 6.0, 0.1],
    [80, 1.1, 0.05],
  ])('soy at %d °C is nine tenths full after %d h', (c, h, tolerance) => {
    near(hoursTo90(c), h, tolerance);
    const m = pelegGain(0, soy.k2, hoursTo90(c) / pelegK1(soy.k1, c));
    near(m * soy.k2, 0.9, 1e-9);
  });
  test('the rate form equals Peleg’s own t/(K1 + K2·t) at constant temperature', () => {
    for (const t of [0, 0.5, 2, 8, 24]) near(pelegGain(0, 0.7, t / 0.7), t / (0.7 + 0.7 * t), 1e-12);
  });
  test('four hours and six more are ten hours', () => {
    const at = (m0: number, t: number) => pelegGain(m0, 0.7, t / 0.7);
    near(at(at(0, 4), 6), at(0, 10), 1e-12);
  });
  test('a cooling soak 95.2 → 20 °C, τ 1.5 h: 0.879, 0.911, 0.930 of full at 1, 2, 4 h', () => {
    let integral = 0;
    let t = 0;
    const shares = [1, 2, 4].map((end) => {
      const dt = 1e-4;
      for (; t < end - dt / 2; t += dt) integral += dt / pelegK1(soy.k1, cooledC(95.2, 20, 1.5, t + dt / 2));
      return pelegGain(0, soy.k2, integral) * soy.k2;
    });
    [0.879, 0.911, 0.93].forEach((want, i) => near(shares[i] as number, want, 0.0015));
  });
  test.each([
    [21, 12],
    [25, 9.4],
    [30, 7.2],
    [35, 5.7],
  ])('longest soak at %d °C is %d h (common practice)', (c, h) => near(longestSoakH(c), h, 0.05));
  test('cover water: 186 g beans that absorb 243 g, bowl 20 cm, 3 cm over: 1451 g', () =>
    near(coverWater(186, 243, 20, 3), 1451, 1));
  test('loss into thrown water: 1.5 % overnight, 3 % in a day', () => {
    near(solidsLossShare(10), 0.015, 1e-9);
    near(solidsLossShare(24), 0.03, 1e-9);
  });
});

describe('mixing and heating', () => {
  test('186 g beans at 20 °C in 1419 g boiling water: 95.1 °C bare, 87.9 °C in an 800 g glass bowl', () => {
    const beans = [0.186 * 2.06, 20] as const;
    const water = [1.419 * 4.1772, 100] as const;
    near(mixedC([beans, water]), 95.1, 0.1);
    near(mixedC([beans, water, [0.8 * 0.84, 20]]), 87.9, 0.15);
  });
  test('1 kg at 100 °C into 600 g of glass at 20 °C: 91.4 °C', () =>
    near(
      mixedC([
        [4.18, 100],
        [0.6 * 0.84, 20],
      ]),
      91.4,
      0.1,
    ));
  test('nothing to mix is refused', () => expect(() => mixedC([])).toThrow(RangeError));
  test('2 kg, c 3.95, 20 → 98 °C on 1800 W electric: 527 s', () =>
    near(heatUpS(2 * 3.95, 20, 98, 1800, HOB_EFFICIENCY.electric), 527, 1));
  test('latent heat at 100 °C: 2257 kJ/kg (steam tables, from memory), within 3', () =>
    near(latentKJPerKg(100), 2257, 3));
});

describe('boiling point', () => {
  test.each([
    [0, 100.0],
    [1500, 95.0],
    [3000, 90.0],
  ])('at %d m water boils at %d °C (ICAO pressure, Antoine)', (m, c) => near(boilingC(m), c, 0.1));
  test('pressure agrees with a psychrometrics library (ASHRAE 2017) within 0.1 %', () => {
    psychrolib.SetUnitSystem(psychrolib.SI);
    for (const m of [0, 640, 1500, 3000, 4500]) near(pressurePa(m) / psychrolib.GetStandardAtmPressure(m), 1, 0.001);
  });
  test('saturation at the boiling point is the pressure there (ASHRAE 2017), within 0.4 %', () => {
    psychrolib.SetUnitSystem(psychrolib.SI);
    for (const m of [0, 640, 2000, 3500]) near(psychrolib.GetSatVapPres(boilingC(m)) / pressurePa(m), 1, 0.004);
  });
  test('out of range is refused by name', () => expect(() => pressurePa(9000)).toThrow(/altitude/));
});

describe('evaporation (estimates of common practice)', () => {
  test.each([
    ['gentle', 5.0],
    ['medium', 11.9],
    ['hard', 25.1],
  ] as const)('a 20 cm pot, %s: %d g/min', (vigour, g) => near(60 * steamGPerS(vigour, 20), g, 0.05));
});

describe('trypsin inhibitor (Kwok, Qin & Tsang 1993, J. Food Sci. 58:859; Hackler et al. 1965; Van Buren et al. 1964; from memory)', () => {
  const left = (min: number, c: number) => inhibitorLeft(min * inhibitorPace(c), 0.7);
  test('about nine tenths gone in 50–60 min at 93 °C', () => {
    expect(left(60, 93)).toBeLessThan(0.13);
    expect(left(50, 93)).toBeGreaterThan(0.08);
  });
  test('nine tenths gone in 5–10 min at 121 °C', () => {
    expect(left(5, 121)).toBeGreaterThan(0.09);
    expect(left(10, 121)).toBeLessThan(0.1);
  });
  test('at 143 °C about a minute, at 154 °C about 24 s', () => {
    near(left(1, 143), 0.1, 0.03);
    near(left(24 / 60, 154), 0.1, 0.01);
  });
  test.each([
    [10, 0.27],
    [20, 0.15],
    [30, 0.1],
  ])('%d min at 100 °C leave %d', (min, want) => near(left(min, 100), want, 0.006));
  test.each([
    [0, 14.2],
    [1500, 21.1],
    [3000, 31.4],
  ])('at %d m the goal of a fifth needs %d min at the true boil', (m, min) => {
    expect(left(min + 0.2, boilingC(m))).toBeLessThan(0.2);
    expect(left(min - 0.2, boilingC(m))).toBeGreaterThan(0.2);
  });
  test('pasteurising: 72 °C for 1.08 min is two minutes at 70 °C', () => near(1.08 * pasteurisingPace(72), 2, 0.01));
});

describe('beany flavour (estimate; Wilkens, Mattick & Hand 1967: hot grinding; its own check values)', () => {
  test.each([
    [5, 91],
    [20, 99],
    [80, 29],
    [85, 8],
    [95, 0.3],
  ])('90 s of wet grinding at %d °C: %d', (c, want) => {
    const death = enzymeDeathPerMin(c);
    const active = (1 - Math.exp(-death * 1.5)) / death;
    near(100 * (1 - Math.exp(-flavourPerMin(c) * active)), want, 1);
  });
});

describe('grinding (von Rittinger 1867; Rosin & Rammler 1933; estimates of the constants)', () => {
  test('600 W · 0.7 for 90 s on 1 kg brings 5 mm to about 182 µm', () => near(rittingerUm(5000, 37.8), 182, 1));
  test('no energy changes nothing', () => {
    expect(rittingerUm(5000, 0)).toBeCloseTo(5000, 9);
    expect(openedShare(0.3, 0, 19)).toBeCloseTo(0.3, 12);
  });
  test('grinding twice is grinding for the sum', () =>
    near(openedShare(openedShare(0, 10, 19), 15, 19), openedShare(0, 25, 19), 1e-12));
  test.each([
    [100, 0.058],
    [300, 0.165],
    [500, 0.39],
  ])('of 250 µm particles a mesh of %d µm passes %d', (mesh, want) => near(passingShare(mesh, 250), want, 0.005));
  test('jug: what foams as soy does 0.67, others rated/(1 + F), hot 0.5, the smaller when both', () => {
    expect(jugFillShare(0.3, 20)).toBe(0.67);
    expect(jugFillShare(0.1, 20)).toBeCloseTo(1 / 1.1, 9);
    expect(jugFillShare(0, 80)).toBe(0.5);
    expect(jugFillShare(0.3, 80)).toBe(0.5);
  });
  test('foam halves in a quarter of an hour', () => near(foamFactor(0.3, 900), 1.15, 1e-9));
});

describe('leaching with constant underflow (McCabe & Smith; Geankoplis: washing, closed forms)', () => {
  test.each([
    [1, 1 / 4],
    [2, 4 / 25],
    [3, 1 / 8],
  ])('pulp holding 300, 900 of water in %d washes: %d left', (n, want) =>
    near(
      leftAfter(
        300,
        300,
        Array.from({ length: n }, () => 900 / n),
      ),
      want,
      1e-12,
    ),
  );
  test('ever more washes go to exp(−W/R)', () =>
    near(
      leftAfter(
        300,
        300,
        Array.from({ length: 4000 }, () => 900 / 4000),
      ),
      Math.exp(-3),
      2e-4,
    ));
  test('first strain from no own liquid: 400 in one .25, 200+200 1/6, 250+150 .16', () => {
    near(leftAfter(0, 100, [400]), 0.25, 1e-12);
    near(leftAfter(0, 100, [200, 200]), 1 / 6, 1e-12);
    near(leftAfter(0, 100, [250, 150]), 0.16, 1e-12);
  });
  test('underflow never keeps more than there is', () => {
    expect(underflow(50, 100, 3.6, 1.1)).toBe(50);
    expect(underflow(1000, 0, 3.6, 1.1)).toBe(0);
  });
});

describe('cooling and keeping', () => {
  test('Newton, τ 60 min, 5 °C: 85 → 25 in 83.18 min', () =>
    near((secondsTo(85, 25, 5, 3600) as number) / 60, 83.18, 0.01));
  test('never below the surroundings', () => {
    expect(secondsTo(85, 5, 5, 3600)).toBeNull();
    expect(secondsTo(85, 3, 5, 3600)).toBeNull();
  });
  test('2 kg, 95 → 5 °C with 3 kg of tap water at 15 °C: 2.13 kg of ice bare', () =>
    near(iceKg(2 * 3.95 * 90, 5, 3, 15) / 1.25, 2.13, 0.01));
  test('FDA Food Code 3-501.14: 57 → 21 °C in 2 h, 5 °C in 6 h in all (from memory)', () =>
    expect(COOLING_LIMITS).toEqual({ fromC: 57, midC: 21, midS: 2 * 3600, endC: 5, endS: 6 * 3600 }));
  test('square-root law (Ratkowsky et al. 1982): 1 d at 4 °C and 6 h at 11 °C spend .390625 of a four-day budget', () =>
    near((spoilagePace(4) * 1 + spoilagePace(11) * 0.25) / 4, 0.390625, 1e-9));
  test('frozen spends nothing; above 37 °C no faster', () => {
    expect(spoilagePace(-5)).toBe(0);
    expect(spoilagePace(50)).toBe(spoilagePace(37));
  });
});
