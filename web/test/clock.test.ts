import { afterEach, describe, expect, jest, test } from '@jest/globals';
import { fromNow, now, paced, setPace } from '../src/clock';

const T = 1_700_000_000_000;
afterEach(() => {
  setPace(null);
  jest.useRealTimers();
});
const wall = (ms: number): void => {
  jest.useFakeTimers({ now: ms });
};

describe('how the time of a kitchen goes', () => {
  test.each([1, 10, 60])('%d times as fast', (speed) => {
    const p = { wall: T, at: T + 5000, speed };
    expect([paced(p, T), paced(p, T + 2000)]).toEqual([T + 5000, T + 5000 + 2000 * speed]);
  });
  test('without a pace it is the wall’s own', () => {
    wall(T);
    expect(now()).toBe(T);
  });
  test('a change of speed moves no instant: what passed has passed', () => {
    wall(T);
    setPace(fromNow(60));
    wall(T + 10_000);
    expect(now()).toBe(T + 600_000);
    setPace(fromNow(1));
    expect(now()).toBe(T + 600_000);
    wall(T + 15_000);
    expect(now()).toBe(T + 605_000);
  });
  test('skipping goes on from the later instant', () => {
    wall(T);
    setPace(fromNow(10, T + 3_600_000));
    wall(T + 1000);
    expect(now()).toBe(T + 3_600_000 + 10_000);
  });
});
