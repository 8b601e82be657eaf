import { expect, test, describe } from '@jest/globals';
import {
  capG,
  dryingS,
  freezerFill,
  finerThan,
  glucanCutPerMin,
  glucanPace,
  glucanPool,
  glucanThickening,
  GLUCAN_PER_MIN,
  HEAVIER,
  kneadedShare,
  layered,
  leftAfterWashes,
  MALTOSE_PER_STARCH,
  passesBelowUm,
  platoToGravity,
  settlingMmPerH,
  starchCutPerMin,
  starchThickening,
  waterMPaS,
  withIce,
} from '../../src/laws';

/** Within an absolute tolerance, which every check states. */
const near = (got: number | null, want: number, tolerance: number) =>
  expect(Math.abs((got ?? NaN) - want)).toBeLessThanOrEqual(tolerance);

describe('thickening', () => {
  test('water: 1.792 mPa·s at 0 °C, 1.002 at 20, 0.547 at 50, 0.282 at 100 (CRC Handbook, values from memory; 3 %)', () => {
    near(waterMPaS(20), 1.002, 0.01);
    near(waterMPaS(0), 1.792, 0.06);
    near(waterMPaS(50), 0.547, 0.015);
    near(waterMPaS(100), 0.282, 0.01);
  });
  test('Krieger–Dougherty: 1 + 2.5 φ in the dilute limit (Einstein 1906), and null where the granules touch', () => {
    for (const phi of [1e-4, 1e-3]) near(starchThickening(phi), 1 + 2.5 * phi, 20 * phi * phi);
    near(starchThickening(0), 1, 0);
    near(starchThickening(0.3), (1 - 0.3 / 0.64) ** -1.6, 1e-12);
    expect(starchThickening(0.59)).toBeGreaterThan(30);
    expect(starchThickening(0.6)).toBeNull();
  });
  test('Martin: nothing dissolved thickens nothing; 1 g/L makes 1.84 (closed form 1 + .65·e^.26)', () => {
    near(glucanThickening(0, 1), 1, 0);
    near(glucanThickening(0.001, 1), 1.843, 0.001);
    near(glucanThickening(0.001, 0.5), 1 + 0.325 * Math.exp(0.13), 1e-9);
  });
  test('the pool and the pace of β-glucan (models: .25 at 5 °C, .337 at 20, .75 at most; Ea 25 kJ/mol)', () => {
    near(glucanPool(5), 0.25, 1e-12);
    near(glucanPool(20), 0.337, 1e-9);
    near(glucanPool(100), 0.75, 1e-12);
    near(glucanPace(20), 1, 1e-12);
    near(glucanPace(10), 0.696, 0.002);
    expect([GLUCAN_PER_MIN.blending, GLUCAN_PER_MIN.still]).toEqual([0.9, 0.03]);
  });
});

describe('amylase (models §6: dose 1 a litre, 15 min at 20 °C raw: X .011, Xβ .451; gelatinised, 55 °C, 30 min: .777)', () => {
  const cut = (rate: number, min: number) => 1 - Math.exp(-rate * min);
  test('raw and cold it does next to nothing to starch, and cuts β-glucan nearly in half', () => {
    near(cut(starchCutPerMin(1, 20, 20), 15), 0.011, 0.0005);
    near(cut(glucanCutPerMin(1, 20), 15), 0.451, 0.0005);
  });
  test('once gelatinised it works', () => near(cut(starchCutPerMin(1, 55, 85), 30), 0.777, 0.0005));
  test('from 80 °C on it does nothing; glucanase from 55 °C on', () => {
    near(starchCutPerMin(5, 80, 90), 0, 0);
    near(glucanCutPerMin(5, 55), 0, 0);
  });
  test('starch takes up water as it becomes maltose: 342.30 / 324.28 g/mol', () =>
    near(MALTOSE_PER_STARCH, 342.3 / 324.28, 0.0006));
});

describe('ice', () => {
  test('a kilogram of water at 20 °C and 100 g of ice from −18 °C: 10.7 °C (334 kJ/kg, 2.1 kJ/kgK)', () => {
    const got = withIce(4.19, 20, 100);
    near(got.leftG, 0, 0);
    near(got.c, (4.19 * 20 - 3.78 - 33.4) / (4.19 + 0.419), 1e-9);
  });
  test('more ice than it can melt stays, at 0 °C', () => {
    const got = withIce(4.19, 10, 1000);
    near(got.c, 0, 0);
    near(got.leftG, 1000 * (1 - (41.9 - 37.8) / 334), 0.01);
  });
});

describe('sieving and kneading', () => {
  test('Rosin–Rammler, cut once by a mesh and once more by a finer one', () => {
    near(finerThan(15, 250, 100_000), 0.0582, 0.0005);
    near(finerThan(45, 250, 100_000), 0.165, 0.0005);
    near(finerThan(15, 250, 45), 0.0582 / 0.1647, 0.001);
    expect(finerThan(50, 250, 45)).toBe(1);
  });
  test('what passes: bare sieve a quarter, cloth 15 % of the opening; four layers of 500 µm work as 250', () => {
    expect(passesBelowUm(500)).toBe(125);
    near(passesBelowUm(100), 15, 1e-9);
    expect(layered(500, 4)).toBe(250);
  });
  test('one run of kneading opens .6, two .84 (common practice: about .85)', () => {
    near(kneadedShare(0, 0.6, 300), 0.6, 1e-12);
    near(kneadedShare(kneadedShare(0, 0.6, 300), 0.6, 300), 0.84, 1e-12);
  });
  test('equal washes of a pulp that holds 300 g with 900 g in all: 1/4, 4/25, 1/8, and e^(−3) in the end', () => {
    near(leftAfterWashes(300, 900, 1), 1 / 4, 1e-12);
    near(leftAfterWashes(300, 900, 2), 4 / 25, 1e-12);
    near(leftAfterWashes(300, 900, 3), 1 / 8, 1e-12);
    near(leftAfterWashes(300, 900, 100_000), Math.exp(-3), 1e-5);
  });
});

describe('settling, drying, freezing, syrups', () => {
  test('Stokes and Richardson & Zaki 1954: 10 µm, 500 kg/m³, 2 mPa·s: 49.03 mm/h, 44.64 at φ .02', () => {
    near(settlingMmPerH(HEAVIER.starch, 10, 2), 49.05, 0.05);
    near(settlingMmPerH(HEAVIER.starch, 10, 2, 0.02) / settlingMmPerH(HEAVIER.starch, 10, 2), 0.98 ** 4.65, 1e-9);
    expect(settlingMmPerH(HEAVIER.fat, 10, 2)).toBeLessThan(0);
  });
  test('a fat cap: 600 g at 12 %, cap 40 %, rest 2 % → 157.9 g', () => near(capG(600, 0.12, 0.4, 0.02), 157.9, 0.05));
  test('pulp at 76 %, a 1 cm layer, 95 °C: 2.76 h and 3.67 h (two-period drying)', () => {
    const t = dryingS(6 * 0.24, 0.76 / 0.24, 0.08, 95);
    near(t.constantS / 3600, 2.76, 0.02);
    near(t.fallingS / 3600, 3.67, 0.02);
  });
  test('dry already: no time', () => expect(dryingS(1, 0.05, 0.08, 90)).toEqual({ constantS: 0, fallingS: 0 }));
  test('headspace for ice: 92 % for milk of 93 % water', () => near(freezerFill(0.93, 1.0), 0.92, 0.003));
  test('20 °Plato is 1.083 (Plato tables, from memory)', () => near(platoToGravity(20), 1.083, 0.001));
});
