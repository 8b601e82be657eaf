import { describe, expect, test } from '@jest/globals';
import { jarNow, jarsOf, lineAt, linesOf, paceMeanC, progressOf, warmSpells } from '../../src/batch';
import type { FridgeLine } from '../../src/batch';
import { spoilagePace } from '../../src/steps';
import { sampleBatch, wholeRun } from '../records/sample';

const HOUR = 3_600_000;
const T0 = Date.UTC(2026, 2, 1);
/** A fridge that cycles by a kelvin about 4 °C, every five minutes; three warm hours at 11 °C on the second day. */
const cycling = (hours: number) =>
  Array.from({ length: hours * 12 }, (_, i) => {
    const at = T0 + i * 300_000;
    const warm = at >= T0 + 30 * HOUR && at < T0 + 33 * HOUR;
    return { at, c: warm ? 11 : 4 + Math.sin(i) };
  });

describe('a logger’s readings as the fridge’s log', () => {
  test('a temperature that spoils as many do: 4 and 11 °C by halves are as one of 7.7, not 7.5 (square-root law)', () => {
    expect(paceMeanC([4, 11])).toBeCloseTo(Math.sqrt((14 ** 2 + 21 ** 2) / 2) - 10, 9);
    expect(paceMeanC([5, 5, 5])).toBeCloseTo(5, 9);
    expect(paceMeanC([-20, -18])).toBe(-19);
  });
  test('two days of a steady fridge are a line or two; a warm spell is three hours long, to the hour', () => {
    const lines = linesOf(cycling(48), () => 4);
    expect(lines.length).toBeLessThan(12);
    expect(warmSpells(lines, T0, T0 + 48 * HOUR, 5)).toEqual([
      { from: T0 + 30 * HOUR, to: T0 + 33 * HOUR, hottestC: 11 },
    ]);
  });
  test('what it costs a jar is what the readings themselves cost, to a hundredth', () => {
    const readings = cycling(48);
    const lines = linesOf(readings, () => 4);
    const by = (f: (at: number) => number): number => readings.reduce((sum, r) => sum + spoilagePace(f(r.at)), 0);
    const truth = readings.reduce((sum, r) => sum + spoilagePace(r.c), 0);
    expect(by((at) => lineAt(lines, at)?.placeC ?? NaN) / truth).toBeCloseTo(1, 2);
  });
  test('where it was silent, and after its end, the fridge is as it was set', () => {
    const readings = cycling(10).filter((r) => r.at < T0 + 3 * HOUR || r.at >= T0 + 8 * HOUR);
    const lines = linesOf(readings, () => 6);
    expect(lineAt(lines, T0 + 5 * HOUR)?.placeC).toBe(6);
    expect(lineAt(lines, T0 + 9 * HOUR)?.placeC).toBeCloseTo(4, 0);
    expect(lineAt(lines, T0 + 11 * HOUR)?.placeC).toBe(6);
    expect(lineAt(lines, T0 - 1)).toBeNull();
  });
  test('set anew in between, the logger says what it then was', () => {
    const set = T0 + 5 * HOUR + 1;
    const lines = linesOf(cycling(10), () => 2, [set]);
    expect(lines.some((l) => l.at === T0 + 6 * HOUR)).toBe(true);
  });
});

test('1 d at 4 °C + 6 h at 11 °C uses .390625 of a 4-day budget (models §7), told by a logger', () => {
  const batch = sampleBatch();
  const jar = jarsOf(batch, progressOf(batch, wholeRun(batch, 5))).find((j) => j.product === 'milk');
  if (!jar) throw new Error('no jar');
  const cold = { ...jar, filledAt: T0, stream: { ...jar.stream, temperatureC: 4, spentD: 0 } };
  const readings = Array.from({ length: 30 * 12 }, (_, i) => ({ at: T0 + i * 300_000, c: i < 24 * 12 ? 4 : 11 }));
  const lines: readonly FridgeLine[] = linesOf(readings, () => 4);
  const { stream } = jarNow(cold, [], batch, lines, T0 + 30 * HOUR);
  // A jar warms up slowly: a little less than the fridge itself would spend.
  expect(stream.spentD / 4).toBeGreaterThan(0.34);
  expect(stream.spentD / 4).toBeLessThan(0.390625);
});
