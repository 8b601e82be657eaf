import { describe, expect, test } from '@jest/globals';
import { inWindow, NO_WEIGHT, STANDS_S, weighNext } from '../../src/detect';
import { normal, seededRandom } from '../../src/numerics';

const STEP_G = 5;
/** What a scale in steps of 5 g tells of a true course. */
function told(seed: number, truly: (s: number) => number, lastS: number): readonly { s: number; v: number }[] {
  const random = seededRandom(seed);
  const out: { s: number; v: number }[] = [];
  for (let s = 0; s < lastS; s += 0.25) {
    if (random() < 0.03) continue;
    const elbow = random() < 0.004 ? 400 * random() : 0;
    out.push({ s, v: Math.max(0, STEP_G * Math.round((truly(s) + elbow + 0.8 * normal(random)) / STEP_G)) });
  }
  return out;
}
function firstStill(samples: readonly { s: number; v: number }[], standsS: number): { s: number; g: number } | null {
  let w = NO_WEIGHT;
  for (const x of samples) {
    w = weighNext(w, x, standsS, STEP_G);
    if (w.is === 'still') return { s: x.s, g: w.g };
  }
  return null;
}

test.each([0.25, 0.5, 0.7, 0.9, 1.2])('a scale that tells every %d s is read as well', (everyS) => {
  let w = NO_WEIGHT;
  for (let s = 0; s < 6; s += everyS) w = weighNext(w, { s, v: 0 }, STANDS_S.poured, 5);
  expect(w.is).toBe('empty');
  for (let s = 6; s < 16; s += everyS) w = weighNext(w, { s, v: 900 }, STANDS_S.poured, 5);
  expect(w).toMatchObject({ is: 'still', g: 900 });
});
describe('a scale that can be read, over 200 recorded weighings each', () => {
  test('what is poured by hand: read within 8 s of the last drop, to the step of the scale', () => {
    let right = 0;
    for (let seed = 0; seed < 200; seed += 1) {
      const g = 120 + 7 * seed;
      const still = firstStill(
        told(seed, (s) => g * Math.min(1, Math.max(0, (s - 3) / 12)), 60),
        STANDS_S.poured,
      );
      if (still && Math.abs(still.g - g) <= STEP_G && still.s > 14 && still.s < 24) right += 1;
    }
    expect(right).toBeGreaterThanOrEqual(190);
  });
  test('what runs through a cloth: not while it runs, to 2 % once it hardly does', () => {
    let right = 0;
    for (let seed = 0; seed < 200; seed += 1) {
      const g = 500 + 6 * seed;
      const still = firstStill(
        told(seed, (s) => g * (1 - Math.exp(-Math.max(0, s - 3) / 25)), 400),
        STANDS_S.run,
      );
      if (still && Math.abs(still.g - g) < 0.02 * g + STEP_G) right += 1;
    }
    expect(right).toBeGreaterThanOrEqual(190);
  });
  test('an empty scale is empty, whatever it whispers', () => {
    const w = told(3, () => 0.5, 20).reduce((a, x) => weighNext(a, x, STANDS_S.poured, STEP_G), NO_WEIGHT);
    expect(w.is).toBe('empty');
  });
});

describe('kept in a window', () => {
  const line = (from: number, slope: number, seed = 1) => {
    const random = seededRandom(seed);
    return Array.from({ length: 40 }, (_, i) => ({ s: i, v: from + slope * i + 0.1 * normal(random) }));
  };
  test('in it and rising: when it passes the top', () => {
    // 72–75 °C: at 73 and 0.01 K/s it passes 75 in some three minutes.
    const w = inWindow(line(72.6, 0.01), { low: 72, high: 75 });
    expect(w?.is).toBe('in');
    expect(w?.passes?.edge).toBe('high');
    expect(Math.abs((w?.passes?.inS ?? NaN) - 200)).toBeLessThan(50);
  });
  test('below and rising: when it is in; above and falling: when it is back; standing: nothing', () => {
    expect(inWindow(line(60, 0.1), { low: 72, high: 75 })).toMatchObject({ is: 'below', passes: { edge: 'low' } });
    expect(inWindow(line(80, -0.05), { low: 72, high: 75 })).toMatchObject({ is: 'above', passes: { edge: 'high' } });
    expect(inWindow(line(73.5, 0), { low: 72, high: 75 })?.passes).toBeNull();
    expect(inWindow(line(80, 0.1), { low: 72, high: 75 })).toMatchObject({ is: 'above', passes: null });
  });
  test('a window open to one side; too few readings', () => {
    expect(inWindow(line(20, 0.02), { low: null, high: 25 })).toMatchObject({ is: 'in', passes: { edge: 'high' } });
    expect(inWindow(line(20, 0.02).slice(0, 3), { low: null, high: 25 })).toBeNull();
  });
});
