import { describe, expect, test } from '@jest/globals';
import { boilNext, NO_BOIL } from '../../src/detect';
import type { BoilWatch } from '../../src/detect';
import { times } from '../long';
import { recorded } from './recorded';
import type { Recorded } from './recorded';

interface Heard {
  /** When the boil was told, and when it was told to be over, s. */
  readonly toldS: number | null;
  readonly offS: number | null;
  readonly foamS: number | null;
  readonly last: BoilWatch;
}
function listen({ samples, boilC }: Recorded): Heard {
  let w = NO_BOIL;
  let toldS: number | null = null;
  let offS: number | null = null;
  let foamS: number | null = null;
  for (const x of samples) {
    w = boilNext(w, x, boilC);
    if (w.is === 'boil') toldS ??= x.s;
    if (w.is === 'off') offS ??= x.s;
    if (w.is === 'foam') foamS ??= x.s;
  }
  return { toldS, offS, foamS, last: w };
}
const N = times(20, 200);
const HALF = times(10, 100);
const middle = (x: readonly number[]): number => [...x].sort((a, b) => a - b)[Math.floor(x.length / 2)] ?? NaN;
const most = (x: readonly number[], share: number): number =>
  [...x].sort((a, b) => a - b)[Math.floor(share * (x.length - 1))] ?? NaN;

describe('the true boil, over recorded pots with noise, drop-outs and wild readings', () => {
  const of = (kind: Parameters<typeof recorded>[1], from: number, n = N) =>
    Array.from({ length: n }, (_, i) => {
      const r = recorded(from + i, kind);
      return { r, h: listen(r) };
    });
  test('told in all but a few, half a minute late at most, never while it is foam', () => {
    const all = of({ falseBoil: true }, 1000);
    // Within 1.5 °C of the local boil counts as the boil (models, done at the boil): told a little before is told right.
    const late = all.flatMap(({ r, h }) => (h.toldS !== null && r.boiledS !== null ? [h.toldS - r.boiledS] : []));
    const early = all.filter(({ r, h }) => h.toldS !== null && r.boiledS !== null && h.toldS < r.boiledS - 40);
    expect(early.length).toBe(0);
    expect(late.length).toBeGreaterThanOrEqual(0.98 * N);
    expect([Math.abs(middle(late)) < 25, most(late, 0.95) < 40]).toEqual([true, true]);
    // The foam was seen as foam, before.
    expect(all.filter(({ h }) => h.foamS !== null && h.foamS < (h.toldS ?? Infinity)).length).toBeGreaterThanOrEqual(
      0.98 * N,
    );
  });
  test('a pot that never boils is never told to', () => {
    expect(of({ never: true }, 3000).filter(({ h }) => h.toldS !== null).length).toBeLessThanOrEqual(0.01 * N);
  });
  test('falling off the boil is told within a minute, and not before it falls', () => {
    const all = of({ off: true }, 5000);
    const late = all.flatMap(({ r, h }) => (h.offS !== null && r.offS !== null ? [h.offS - r.offS] : []));
    expect(late.length).toBeGreaterThanOrEqual(0.97 * N);
    expect(middle(late)).toBeLessThan(45);
    expect(
      all.filter(({ r, h }) => h.offS !== null && (r.offS === null || h.offS < r.offS - 20)).length,
    ).toBeLessThanOrEqual(0.01 * N);
    // Where it goes on boiling nobody is called to it.
    expect(of({}, 7000, HALF).filter(({ h }) => h.offS !== null).length).toBeLessThanOrEqual(0.01 * HALF);
  });
  test('how long it still takes is right to a fifth, a minute before', () => {
    const off: number[] = [];
    for (const { r } of of({}, 9000, HALF)) {
      let w = NO_BOIL;
      for (const x of r.samples) {
        w = boilNext(w, x, r.boilC);
        if (r.boiledS !== null && x.s >= r.boiledS - 60) {
          if (w.leftS !== null) off.push(w.leftS / (r.boiledS - x.s) - 1);
          break;
        }
      }
    }
    expect(off.length).toBeGreaterThan(0.95 * HALF);
    expect(most(off.map(Math.abs), 0.9)).toBeLessThan(0.2);
  });
});
describe('readings that cannot be', () => {
  test('time that goes backwards is not taken, and changes nothing', () => {
    const { samples, boilC } = recorded(1);
    const forth = samples.slice(0, 200).reduce((w, x) => boilNext(w, x, boilC), NO_BOIL);
    expect(boilNext(forth, { s: (samples[100]?.s ?? 0) - 1, v: 20 }, boilC)).toBe(forth);
  });
  test('too few say nothing', () => {
    expect(boilNext(boilNext(NO_BOIL, { s: 0, v: 97 }, 98), { s: 1, v: 97 }, 98).is).toBe('unknown');
  });
});
