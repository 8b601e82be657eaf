import { describe, expect, test } from '@jest/globals';
import type { TaskState } from '@ironpan/core/batch';
import { setPace } from '../../src/clock';
import { TaskWatch } from '../../src/instruments/taskWatch';
import { courseSoFar } from '../../src/store/traces';
import { kitchenForEach } from '../setup';

kitchenForEach('watch');
const T = 1_700_000_000_000;
const BOIL_C = 97.9;
const task = (kind: string, id: string, begunAt: number | null): TaskState =>
  ({
    ...{ index: 0, status: begunAt === null ? 'waiting' : 'running', begunAt, endedAt: null, pausedAt: null },
    step: { id: 's', kind, params: {} },
    task: { id, durationS: 600, hands: 'near', timed: true },
  }) as unknown as TaskState;
const heating = () => new TaskWatch('b', task('boil', 'heatUp', T), BOIL_C, T);
/** The probe tells a straight rise, four times a second, from one second to another. */
function rises(w: TaskWatch, fromS: number, toS: number): void {
  for (let s = fromS; s < toS; s += 0.25)
    w.take([{ from: 'probe', at: T + s * 1000, value: Math.min(BOIL_C, 20 + 0.2 * s) }]);
}

describe('a course is kept whole', () => {
  test('a value for each second, in pieces, and found again by its first', async () => {
    const w = heating();
    rises(w, 0, 90);
    await w.flush(false);
    rises(w, 90, 120);
    const course = await w.course();
    const rows = await courseSoFar('b', 's', 'heatUp');
    const values = rows.flatMap((r) => r.values);
    expect(rows.map((r) => r.chunk)).toEqual(rows.map((_, i) => i));
    expect(values).toHaveLength(120);
    values.forEach((v, s) => expect(Math.abs(v - (20 + 0.2 * s))).toBeLessThan(0.11));
    expect(course).toEqual({ trace: rows[0]?.id, value: values.at(-1) });
  });
  test('a while of silence stays at what came last', async () => {
    const w = heating();
    rises(w, 0, 30);
    rises(w, 50, 60);
    await w.course();
    const values = (await courseSoFar('b', 's', 'heatUp')).flatMap((r) => r.values);
    expect(values).toHaveLength(60);
    expect(values[40]).toBe(values[29]);
  });
  test('after a reload it goes on where it was', async () => {
    const before = heating();
    rises(before, 0, 60);
    await before.flush(true);
    setPace({ wall: 0, at: T + 90_000, speed: 1e-9 });
    const after = heating();
    rises(after, 90, 130);
    await after.course();
    setPace(null);
    const rows = await courseSoFar('b', 's', 'heatUp');
    const values = rows.flatMap((r) => r.values);
    expect(values).toHaveLength(130);
    expect(Math.abs((values[20] ?? 0) - 24)).toBeLessThan(0.11);
    expect(Math.abs((values[120] ?? 0) - 44)).toBeLessThan(0.11);
  });
  test('begun anew, what an earlier time left behind is not part of it', async () => {
    const before = heating();
    rises(before, 0, 300);
    await before.flush(true);
    setPace({ wall: 0, at: T + 40_000, speed: 1e-9 });
    const again = new TaskWatch('b', task('boil', 'heatUp', T + 10_000), BOIL_C, T + 10_000);
    for (let s = 10; s < 40; s += 1) again.take([{ from: 'probe', at: T + s * 1000, value: 55 }]);
    await again.course();
    setPace(null);
    const values = (await courseSoFar('b', 's', 'heatUp')).flatMap((r) => r.values);
    expect([...new Set(values)]).toEqual([55]);
  });
  test('too little is no course', async () => {
    const w = heating();
    rises(w, 0, 5);
    expect(await w.course()).toBeNull();
  });
});
describe('what it means', () => {
  test('the boil is told where the probe stands in the pot, and not before the task is begun', () => {
    const w = heating();
    rises(w, 0, 480);
    expect(w.boil.is).toBe('boil');
    const waiting = new TaskWatch('b', task('boil', 'heatUp', null), BOIL_C, T);
    rises(waiting, 0, 480);
    expect(waiting.boil.is).toBe('unknown');
  });
  test('what runs through a cloth is read later than what is poured', () => {
    const pour = new TaskWatch('b', task('soak', 'cover', null), BOIL_C, T);
    const cloth = new TaskWatch('b', task('strain', 'strain', null), BOIL_C, T);
    for (let s = 0; s < 8; s += 0.25)
      for (const w of [pour, cloth]) w.take([{ from: 'scale', at: T + s * 1000, value: 655 }]);
    expect([pour.weigh.is, cloth.weigh.is]).toEqual(['still', 'moving']);
  });
  test('forty minutes at four a second are drawn by some hundred points, whole in the record', async () => {
    const w = heating();
    rises(w, 0, 2400);
    expect(w.drawn.length).toBeLessThan(1000);
    await w.course();
    expect((await courseSoFar('b', 's', 'heatUp')).flatMap((r) => r.values)).toHaveLength(2400);
  });
});
