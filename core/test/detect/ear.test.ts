import { describe, expect, test } from '@jest/globals';
import { earNext, loudnessDb, SILENCE, taughtBy } from '../../src/detect';
import type { LoudFrame, Taught } from '../../src/detect';
import { lid, motor, radio, rendered, talk, tap } from './sounds';

interface Run {
  readonly onS: number;
  readonly offS: number | null;
}
/** All runs that are heard. */
function runs(frames: readonly LoudFrame[], taught: Taught | null = null): readonly Run[] {
  let w = SILENCE;
  const out: Run[] = [];
  for (const f of frames) {
    const before = w.runs;
    w = earNext(w, f, taught);
    if (w.runs && !before) out.push({ onS: w.onS ?? NaN, offS: null });
    if (!w.runs && before) out[out.length - 1] = { onS: w.onS ?? NaN, offS: w.offS };
  }
  return out;
}
const near = (r: Run | undefined, onS: number, offS: number): boolean =>
  r !== undefined && Math.abs(r.onS - onS) < 0.3 && Math.abs((r.offS ?? NaN) - offS) < 0.3;

describe('the jug is heard', () => {
  test('one load, to a third of a second', () => {
    const heard = runs(rendered([{ sound: motor(), from: 5, to: 25 }], 32));
    expect([heard.length, near(heard[0], 5, 25)]).toEqual([1, true]);
  });
  test('two loads with a pause are two', () => {
    const heard = runs(
      rendered(
        [
          { sound: motor(), from: 6, to: 20 },
          { sound: motor(), from: 31, to: 44 },
        ],
        50,
      ),
    );
    expect([heard.length, near(heard[0], 6, 20), near(heard[1], 31, 44)]).toEqual([2, true, true]);
  });
  test('taught, beside a tap that runs and somebody who talks', () => {
    const taught = taughtBy(rendered([{ sound: motor(), from: 1.5, to: 4 }], 5, 3));
    expect(taught).not.toBeNull();
    const all = [
      { sound: tap(), from: 0, to: 40 },
      { sound: talk(0.1), from: 0, to: 40 },
      { sound: motor(), from: 12, to: 27 },
    ];
    const heard = runs(rendered(all, 40, 4), taught);
    expect([heard.length, near(heard[0], 12, 27)]).toEqual([1, true]);
  });
  test('in 50 kitchens, some loud and some quiet: each its one run', () => {
    let right = 0;
    for (let seed = 0; seed < 50; seed += 1) {
      const loud = 0.15 + 0.006 * seed;
      const heard = runs(rendered([{ sound: motor(loud), from: 4, to: 11 }], 15, seed, 0.001 + 0.0002 * seed));
      if (heard.length === 1 && near(heard[0], 4, 11)) right += 1;
    }
    expect(right).toBeGreaterThanOrEqual(48);
  });
});
describe('what is not the jug', () => {
  test.each([
    ['talk', talk(0.25)],
    ['a radio', radio()],
    ['a tap', tap()],
  ])('%s', (_, sound) => {
    expect(runs(rendered([{ sound, from: 5, to: 40 }], 45))).toEqual([]);
  });
  test('a lid that falls', () => {
    expect(runs(rendered([{ sound: lid, from: 5, to: 8 }], 12))).toEqual([]);
  });
  test('a kitchen as loud as the jug is said to be, and nothing is timed by it', () => {
    const taught: Taught = { quietDb: -20, jugDb: -15 };
    const frames = rendered([{ sound: motor(0.5), from: 0, to: 8 }], 8);
    let w = SILENCE;
    for (const f of frames) w = earNext(w, f, taught);
    expect([w.runs, w.deaf]).toEqual([false, true]);
  });
});
describe('teaching', () => {
  test('the kitchen and the jug apart, from five seconds', () => {
    const t = taughtBy(rendered([{ sound: motor(), from: 2, to: 4.5 }], 5));
    expect((t?.jugDb ?? 0) - (t?.quietDb ?? 0)).toBeGreaterThan(25);
  });
  test('five seconds of nothing teach nothing; too few frames neither', () => {
    expect(taughtBy(rendered([], 5))).toBeNull();
    expect(taughtBy(rendered([{ sound: motor(), from: 0.2, to: 0.5 }], 0.6))).toBeNull();
  });
});
test('loudness: a full sine is 3.01 dB below full scale (definition); silence has a floor', () => {
  const sine = Float64Array.from({ length: 8000 }, (_, i) => Math.sin((2 * Math.PI * 100 * i) / 8000));
  expect(loudnessDb(sine)).toBeCloseTo(-3.0103, 3);
  expect(loudnessDb(new Float64Array(10))).toBe(-120);
});
test('a frame from before, or no number, is not heard', () => {
  const w = earNext(SILENCE, { s: 1, db: -40 }, null);
  expect(earNext(w, { s: 0.5, db: -10 }, null)).toBe(w);
  expect(earNext(w, { s: 2, db: NaN }, null)).toBe(w);
});
