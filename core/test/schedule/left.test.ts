import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { insteadOf, leftAt } from '../../src/schedule';

const DAY = 24 * 3_600_000;
const making = (inDays: number, ml = 1000) => ({ at: inDays * DAY, ml, keepsMs: 4 * DAY });

describe('what is left when the next is wanted', () => {
  test('a litre every other day, half a litre a day: nothing is left, and the next is as it is', () => {
    const left = leftAt(0, [{ ml: 1000, untilAt: 3 * DAY }], [making(2), making(4), making(6)], 500);
    expect(left.map((l) => [l.ml, l.untilAt, l.turnsMl])).toEqual([
      [0, null, 0],
      [0, null, 0],
      [0, null, 0],
    ]);
  });
  test('a guest left: a litre too much is seen at once, and stays until it is drunk', () => {
    const [first] = leftAt(0, [{ ml: 2000, untilAt: 5 * DAY }], [making(2)], 500);
    expect([first?.ml, first?.untilAt]).toEqual([1000, 5 * DAY]);
  });
  test('what turns before it can be drunk is not there to be used, and is told', () => {
    const [first] = leftAt(0, [{ ml: 2000, untilAt: DAY }], [making(2)], 500);
    expect([first?.ml, first?.untilAt, first?.turnsMl]).toEqual([0, null, 1500]);
  });
  test('the first to turn is drunk first', () => {
    const jars = [
      { ml: 500, untilAt: 4 * DAY },
      { ml: 500, untilAt: DAY },
    ];
    expect(leftAt(0, jars, [making(1)], 500).map((l) => [l.ml, l.untilAt])).toEqual([[500, 4 * DAY]]);
  });
  test('nothing comes from nothing: what was there is drunk, turned or left', () => {
    const jar = fc.record({ ml: fc.integer({ min: 0, max: 3000 }), untilAt: fc.integer({ min: 0, max: 8 * DAY }) });
    fc.assert(
      fc.property(fc.array(jar, { maxLength: 6 }), fc.integer({ min: 0, max: 2000 }), (jars, perDay) => {
        const [l] = leftAt(0, jars, [making(3)], perDay);
        const there = jars.reduce((s, j) => s + j.ml, 0);
        const gone = there - (l?.ml ?? 0) - (l?.turnsMl ?? 0);
        return gone >= -1e-6 && gone <= 3 * perDay + 1e-6;
      }),
    );
  });
});
describe('and what is made instead', () => {
  const left = (ml: number) => ({ at: 0, ml, untilAt: ml > 0 ? DAY : null, turnsMl: 0 });
  test.each([
    [0, { is: 'asItIs' }],
    [80, { is: 'asItIs' }],
    [320, { is: 'less', ml: 700 }],
    [950, { is: 'none' }],
    [2500, { is: 'none' }],
  ] as const)('%d ml of a litre are left', (ml, instead) => {
    expect(insteadOf(left(ml), 1000)).toEqual(instead);
  });
});
