import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { axisOf, rowsOf } from '../src/drawings/laneAxis';
import type { Span } from '../src/drawings/laneAxis';

const MIN = 60_000;
const DAY = 24 * 60 * MIN;
const all = { from: 0, to: 2 * DAY };
const busy: readonly Span[] = [
  { from: 6 * 60 * MIN, to: 7 * 60 * MIN },
  { from: 30 * 60 * MIN, to: 31 * 60 * MIN },
];

describe('time on a line', () => {
  const axis = axisOf(all, busy, 1000);
  test('two hours of work take most of two days of line; what lies between is squeezed', () => {
    const wide = busy.reduce((s, b) => s + axis.x(b.to) - axis.x(b.from), 0);
    expect(wide).toBeGreaterThan(0.3);
    expect(axis.squeezed.length).toBe(3);
  });
  test('it never runs backwards, and what is read off it is what stands there', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 2 * DAY }), fc.integer({ min: 0, max: 2 * DAY }), (a, b) => {
        const [x, y] = [axis.x(Math.min(a, b)), axis.x(Math.max(a, b))];
        return x <= y + 1e-12 && x >= 0 && y <= 1 && Math.abs(axis.at(axis.x(a)) - a) < 1;
      }),
    );
  });
  test('marks stand on whole steps of the clock, in order, with room for their words', () => {
    const px = axis.ticks.map((t) => axis.x(t) * 1000);
    expect(axis.ticks.length).toBeGreaterThan(4);
    px.slice(1).forEach((x, i) => expect(x - (px[i] ?? 0)).toBeGreaterThanOrEqual(50));
    const inWork = axis.ticks.filter((t) => busy.some((b) => t >= b.from && t <= b.to));
    for (const t of inWork) expect(t % (5 * MIN)).toBe(0);
  });
  test('nothing to do at all is a line too', () => {
    const empty = axisOf({ from: 5, to: 5 }, [], 300);
    expect([empty.x(5), empty.ticks]).toEqual([0, []]);
  });
});
describe('what is pressed', () => {
  const span = fc
    .tuple(fc.integer({ min: 0, max: 2 * DAY - 90 * MIN }), fc.integer({ min: MIN, max: 90 * MIN }))
    .map(([from, d]) => ({ from, to: from + d }));
  test('is as wide as a finger aims, wherever it stands; the line grows where it has no room for that', () => {
    fc.assert(
      fc.property(fc.array(span, { minLength: 1, maxLength: 60 }), (pressed) => {
        const a = axisOf(all, pressed, 900, pressed);
        const wide = pressed.every((p) => (a.x(p.to) - a.x(p.from)) * a.width >= 24);
        return wide && a.width >= 900 && Math.abs(a.x(all.to) - 1) < 1e-9;
      }),
      { numRuns: 60 },
    );
  });
  test('a little work fits the line as it is, and an hour of it is no shorter than it can be read', () => {
    const a = axisOf(all, busy, 900, busy);
    expect(a.width).toBe(900);
    const long = axisOf({ from: 0, to: 40 * 60 * MIN }, [{ from: 0, to: 40 * 60 * MIN }], 300, [
      { from: 0, to: 40 * 60 * MIN },
    ]);
    expect(long.width / 40).toBeGreaterThanOrEqual(59);
  });
});
test('what overlaps stands in rows below each other, and no row holds two at once', () => {
  const span = fc.tuple(fc.nat(1000), fc.integer({ min: 1, max: 300 })).map(([from, d]) => ({ from, to: from + d }));
  fc.assert(
    fc.property(fc.array(span, { maxLength: 40 }), (spans) => {
      const rows = rowsOf(spans);
      const apart = rows.every((r) => r.every((s, i) => i === 0 || (r[i - 1]?.to ?? 0) <= s.from));
      return apart && rows.flat().length === spans.length;
    }),
  );
});
