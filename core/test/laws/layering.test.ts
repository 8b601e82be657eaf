import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  approached,
  finesBySize,
  layersAfter,
  PACKS_TO,
  serumShare,
  settlingMmPerH,
  standingPace,
  waterMPaS,
} from '../../src/laws';
import type { Layer, Swarm } from '../../src/laws';

const down = (mmPerH: number, phi: number, packs: number = PACKS_TO.starch, soft = false): Swarm => ({
  mmPerH,
  phi,
  packs,
  soft,
});
const of = (layers: readonly Layer[], kind: Layer['kind']): number =>
  layers.reduce((x, l) => x + (l.kind === kind ? l.share : 0), 0);

describe('models §7: each kind has arrived by min(1, v·t/H), and packs', () => {
  // By hand: 20 mm/h in 120 mm. After an hour a sixth has arrived: .027/6/.45 = .01 of the height; a sixth is clear.
  test.each([
    [0, 0, 0],
    [1, 0.01, 1 / 6],
    [3, 0.03, 0.5],
    [6, 0.06, 0.94],
    [60, 0.06, 0.94],
  ])('raw starch of .027, after %d h', (h, sediment, clear) => {
    const l = layersAfter([down(20, 0.027)], 120, h);
    expect(of(l, 'sediment')).toBeCloseTo(sediment, 6);
    expect(of(l, 'clear')).toBeCloseTo(clear, 6);
    expect(of(l, 'body')).toBeCloseTo(1 - sediment - clear, 6);
  });
  test('cream packs to .60 at the top, the clear is under the milk: 60 mm/h up in 120 mm', () => {
    const l = layersAfter([down(-60, 0.12, PACKS_TO.cream)], 120, 1);
    expect(l.map((x) => x.kind)).toEqual(['cream', 'body', 'clear']);
    expect(of(l, 'cream')).toBeCloseTo(0.1, 6);
    expect(of(l, 'clear')).toBeCloseTo(0.5, 6);
  });
  test('fines pack to .30', () => {
    expect(of(layersAfter([down(999, 0.006, PACKS_TO.fines)], 100, 1), 'sediment')).toBeCloseTo(0.02, 6);
  });
  test('clear where less than a tenth of the particles is left, milk where a tenth is', () => {
    const slow = (share: number) => layersAfter([down(120, 0.03 * (1 - share)), down(1e-6, 0.03 * share)], 120, 0.5);
    expect(of(slow(0.095), 'clear')).toBeCloseTo(0.5, 6);
    expect(of(slow(0.1001), 'clear')).toBe(0);
  });
  test('swollen starch that has settled is still milk to the eye', () => {
    const l = layersAfter([down(20, 0.18, PACKS_TO.starch, true)], 120, 24);
    expect(l.map((x) => x.kind)).toEqual(['clear', 'body']);
    expect(of(l, 'body')).toBeCloseTo(0.18 / 0.45, 6);
  });
  test('nothing that moves: one body; a jar too crowded to pack stays full', () => {
    expect(layersAfter([], 100, 100)).toEqual([{ kind: 'body', share: 1 }]);
    const crowded = layersAfter([down(50, 0.5, 0.45), down(-50, 0.3, 0.6)], 100, 10);
    expect(of(crowded, 'clear')).toBe(0);
    expect(of(crowded, 'cream') + of(crowded, 'sediment')).toBeCloseTo(1, 6);
  });
  test('any swarms, any time: shares add up to a jar, each kind in its place', () => {
    const swarm = fc.record({
      mmPerH: fc.double({ min: -200, max: 200, noNaN: true }),
      phi: fc.double({ min: 1e-5, max: 0.5, noNaN: true }),
      packs: fc.double({ min: 0.2, max: 0.6, noNaN: true }),
      soft: fc.boolean(),
    });
    fc.assert(
      fc.property(
        fc.array(swarm, { maxLength: 12 }),
        fc.double({ min: 1, max: 400, noNaN: true }),
        fc.double({ min: 0, max: 500, noNaN: true }),
        (swarms, h, t) => {
          const l = layersAfter(swarms, h, t);
          expect(l.reduce((x, y) => x + y.share, 0)).toBeCloseTo(1, 9);
          for (const x of l) expect(x.share).toBeGreaterThan(0);
          expect(l.map((x) => x.kind).join(' ')).toMatch(/^(cream ?)?((clear|body) ?)*(sediment)?$/);
        },
      ),
      { seed: 7, numRuns: 400 },
    );
  });
});

describe('figures that models §7 gives', () => {
  // 12 % of fat: .131 of the volume, 1.9 times as thick as water, in a fridge of 4 °C; flocs of 30 µm.
  const cold = -settlingMmPerH(-95, 30, 1.9 * waterMPaS(4), 0.131);
  test('coconut of 12 % fat creams at about 30 mm/h in the fridge: 18 cm within six hours', () => {
    expect(cold).toBeGreaterThan(27);
    expect(cold).toBeLessThan(33);
    expect(cold * 6).toBeGreaterThan(165);
  });
  test('soy’s own fat (.6 µm) does not cream within its keeping: under 3 mm in five days', () => {
    expect(-settlingMmPerH(-95, 0.6, 2.07 * waterMPaS(4), 0.03) * 120).toBeLessThan(3);
  });
  test('a standing milk parts as fast as its water is thin: 20 °C 1, 4 °C .64, frozen not at all', () => {
    expect(standingPace(20)).toBe(1);
    // Water at 4 °C is 1.567 mPa·s, at 20 °C 1.002 (CRC Handbook; values from memory).
    expect(standingPace(4) / (1.002 / 1.567)).toBeCloseTo(1, 1);
    expect(standingPace(-2)).toBe(0);
  });
  test('exponential approach: none at 0 h, 63.2 % of the whole after 1/rate, all in the end', () => {
    expect(approached(0.4, 0.25, 0)).toBe(0);
    expect(approached(0.4, 0.25, 4)).toBeCloseTo(0.4 * 0.63212, 5);
    expect(approached(0.4, 0.25, 1e4)).toBeCloseTo(0.4, 9);
  });
});

test('fines by size add up to all of them, and a finer mesh leaves finer ones', () => {
  const mean = (topUm: number): number => finesBySize(182, topUm).reduce((x, [um, share]) => x + um * share, 0);
  for (const top of [15, 45, 150, 100_000])
    expect(finesBySize(182, top).reduce((x, [, share]) => x + share, 0)).toBeCloseTo(1, 9);
  expect(mean(15)).toBeLessThan(mean(45));
  expect(mean(45)).toBeLessThan(mean(150));
  expect(finesBySize(0, 15)).toEqual([]);
});
test('the part of a jar that went clear', () => {
  expect(
    serumShare([
      { kind: 'clear', share: 0.2 },
      { kind: 'body', share: 0.5 },
      { kind: 'clear', share: 0.1 },
      { kind: 'sediment', share: 0.2 },
    ]),
  ).toBeCloseTo(0.3, 9);
});
test('a law refuses what no kitchen has', () => {
  expect(() => layersAfter([], 0, 1)).toThrow(RangeError);
  expect(() => layersAfter([], 100, -1)).toThrow(RangeError);
});
