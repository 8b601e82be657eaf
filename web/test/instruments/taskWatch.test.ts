import { afterEach, describe, expect, test } from '@jest/globals';
import type { TaskState } from '@ironpan/core/batch';
import { validRow } from '@ironpan/core/records';
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

/** The kitchen's clock stands at so many s of the task. */
const stands = (s: number): void => setPace({ wall: 0, at: T + s * 1000, speed: 1e-9 });
afterEach(() => setPace(null));

describe('a course is kept whole', () => {
  test('a value for each second, in pieces, and found again by its first', async () => {
    const w = heating();
    rises(w, 0, 90);
    await w.flush(false);
    rises(w, 90, 120);
    stands(120);
    const course = await w.course();
    const rows = await courseSoFar('b', 's', 'heatUp');
    const values = rows.flatMap((r) => r.values);
    expect(rows.map((r) => r.chunk)).toEqual(rows.map((_, i) => i));
    expect(values).toHaveLength(120);
    values.forEach((v, s) => expect(Math.abs(v - (20 + 0.2 * s))).toBeLessThan(0.11));
    expect(course).toEqual({ trace: rows[0]?.id, value: values.at(-1) });
  });
  test('over a while of silence it goes straight', async () => {
    const w = heating();
    rises(w, 0, 80);
    rises(w, 100, 120);
    stands(120);
    expect(await w.course()).not.toBeNull();
    const values = (await courseSoFar('b', 's', 'heatUp')).flatMap((r) => r.values);
    expect(values).toHaveLength(120);
    expect(Math.abs((values[90] ?? 0) - 38)).toBeLessThan(0.2);
  });
  test('no piece is longer than a record may be, and each is a valid one', async () => {
    const w = heating();
    rises(w, 0, 10);
    rises(w, 2500, 2520);
    await w.flush(true);
    const rows = await courseSoFar('b', 's', 'heatUp');
    expect(rows.flatMap((r) => r.values)).toHaveLength(2520);
    for (const r of rows) expect(validRow('traces', r)).toHaveProperty('row');
  });
  test('mostly silence is no course: what is reckoned knows better', async () => {
    const w = heating();
    rises(w, 0, 40);
    rises(w, 200, 240);
    stands(240);
    expect(await w.course()).toBeNull();
  });
  test('a probe that went elsewhere before the end, or never was in it, gives none', async () => {
    const left = heating();
    rises(left, 0, 120);
    stands(400);
    expect(await left.course()).toBeNull();
    const other = new TaskWatch('b', task('soak', 'soak', T), BOIL_C, T, false);
    for (let s = 0; s < 120; s += 1) other.take([{ from: 'probe', at: T + s * 1000, value: 97 }]);
    stands(120);
    expect([await other.course(), other.drawn, other.boil.is]).toEqual([null, [], 'unknown']);
  });
  test('after a reload it goes on where it was', async () => {
    const before = heating();
    rises(before, 0, 60);
    await before.flush(true);
    stands(90);
    const after = heating();
    rises(after, 90, 260);
    stands(260);
    await after.course();
    const rows = await courseSoFar('b', 's', 'heatUp');
    const values = rows.flatMap((r) => r.values);
    expect(values).toHaveLength(260);
    expect(Math.abs((values[20] ?? 0) - 24)).toBeLessThan(0.11);
    expect(Math.abs((values[120] ?? 0) - 44)).toBeLessThan(0.11);
  });
  test('begun anew, what an earlier time left behind is not part of it', async () => {
    const before = heating();
    rises(before, 0, 300);
    await before.flush(true);
    stands(40);
    const again = new TaskWatch('b', task('boil', 'heatUp', T + 10_000), BOIL_C, T + 10_000);
    for (let s = 10; s < 40; s += 1) again.take([{ from: 'probe', at: T + s * 1000, value: 55 }]);
    await again.course();
    const values = (await courseSoFar('b', 's', 'heatUp')).flatMap((r) => r.values);
    expect([...new Set(values)]).toEqual([55]);
  });
  test('too little is no course', async () => {
    const w = heating();
    rises(w, 0, 5);
    stands(5);
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
    stands(2400);
    expect(w.drawn.length).toBeLessThan(1000);
    await w.course();
    expect((await courseSoFar('b', 's', 'heatUp')).flatMap((r) => r.values)).toHaveLength(2400);
  });
});
