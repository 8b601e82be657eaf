import { expect, test, describe } from '@jest/globals';
import {
  digestOf,
  endOfJar,
  fateOf,
  inOrder,
  lastSeq,
  latestInstant,
  MODEL,
  progressOf,
  ranForS,
  standing,
  isRawNow,
  unsaid,
} from '../../src/batch';
import type { BatchEvent, Happening, JarEvent } from '../../src/batch';
import { sampleBatch, wholeRun } from '../records/sample';

const MIN = 60_000;
const batch = sampleBatch();
const T = batch.startedAt;
const line = (seq: number, at: number, h: Happening, id = `e${seq}`): BatchEvent => ({
  id,
  batch: batch.id,
  seq,
  at,
  ...h,
});
const begun = (step: string): Happening => ({ is: 'begun', step, task: step });
const ended = (step: string): Happening => ({ is: 'ended', step, task: step, by: 'cook' });

describe('the order of a log', () => {
  test('is the sequence, whatever the clocks said; ids part what two writers said at once', () => {
    const log = [
      line(3, 10, begun('c')),
      line(1, 999, begun('a')),
      line(2, 5, begun('b'), 'z'),
      line(2, 5, begun('b'), 'y'),
    ];
    expect(inOrder(log).map((e) => e.id)).toEqual(['e1', 'y', 'z', 'e3']);
    expect([lastSeq(log), lastSeq([])]).toEqual([3, 0]);
  });
  test('a clock set back two hours: going on, going back, correcting and done all count', () => {
    const back = T - 120 * MIN;
    const run = wholeRun(batch);
    const n = run.length;
    const at = (i: number, h: Happening): BatchEvent => line(n + i, back + i * MIN, h);
    const late = [...run, at(1, { is: 'back', step: 'jar' }), at(2, { is: 'paused' }), at(3, { is: 'resumed' })];
    expect(progressOf(batch, late).current?.step.id).toBe('jar');
    expect(progressOf(batch, late).current?.pausedAt).toBeNull();
    const jar = progressOf(batch, late).tasks.filter((t) => t.step.id === 'jar');
    const done = jar.map((t, i) => at(4 + i, { is: 'ended', step: 'jar', task: t.task.id, by: 'cook' }));
    expect(progressOf(batch, [...late, ...done]).state).toBe('finished');
    const reading = (i: number, value: number): BatchEvent =>
      at(i, { is: 'reading', reading: { id: `r${i}`, step: 'strain', what: 'milkG', value, source: 'cook' } });
    expect(progressOf(batch, [...run, reading(1, 900), reading(2, 950)]).readings.at(-1)?.value).toBe(950);
  });
  test('said twice, a thing that is done is done at the first', () => {
    const p = progressOf(batch, [
      line(1, T, begun('sort')),
      line(2, T + MIN, ended('sort')),
      line(3, T + 9 * MIN, ended('sort')),
    ]);
    expect(p.tasks[0]?.endedAt).toBe(T + MIN);
  });
});

describe('a clock that was set moves no duration', () => {
  const sort = (log: readonly BatchEvent[], now: number): number => {
    const t = progressOf(batch, log).tasks[0];
    return t ? ranForS(t, now) : NaN;
  };
  test.each([-7_200_000, 10_800_000, -180_000])('by %d ms', (byMs) => {
    const log = [line(1, T, begun('sort')), line(2, T + 3 * MIN + byMs, { is: 'clockSet', byMs })];
    expect(sort(log, T + 5 * MIN + byMs)).toBe(300);
  });
  test('nor the pause that holds', () => {
    const byMs = 3_600_000;
    const log = [
      line(1, T, begun('sort')),
      line(2, T + MIN, { is: 'paused' }),
      line(3, T + 2 * MIN + byMs, { is: 'clockSet', byMs }),
      line(4, T + 10 * MIN + byMs, { is: 'resumed' }),
    ];
    expect(sort(log.slice(0, 3), T + 9 * MIN + byMs)).toBe(60);
    expect(sort(log, T + 11 * MIN + byMs)).toBe(120);
  });
  test('nor what is folded: a batch with its clock set in the middle brings what it brought', () => {
    const run = wholeRun(batch);
    const half = Math.floor(run.length / 2);
    const byMs = -5 * 3_600_000;
    const set = [
      ...run.slice(0, half),
      line(half + 0.5, run[half]?.at ?? T, { is: 'clockSet', byMs }),
      ...run.slice(half).map((e) => ({ ...e, at: e.at + byMs })),
    ];
    const [a, b] = [progressOf(batch, run), progressOf(batch, set)];
    expect(b.summary).toEqual(a.summary);
    expect(b.endedAt).toBe((a.endedAt ?? 0) + byMs);
  });
  test('the latest instant of a log is told on the clock as it is now set', () => {
    expect(latestInstant(T, [])).toBe(T);
    const log = [line(1, T + 9 * MIN, begun('sort')), line(2, T - 50 * MIN, { is: 'clockSet', byMs: -60 * MIN })];
    expect(latestInstant(T, log)).toBe(T - 50 * MIN);
    expect(latestInstant(T, [...log, line(3, T, ended('sort'))])).toBe(T);
  });
});

describe('the same press twice', () => {
  const log = [line(1, T, begun('sort')), line(2, T, ended('sort'))];
  test('is nothing new for who had not seen the first', () => {
    expect(unsaid(log, 1, [ended('sort')])).toEqual([]);
    expect(unsaid(log, 1, [ended('sort'), begun('grind')])).toEqual([begun('grind')]);
  });
  test('is meant when the first was seen', () => {
    expect(unsaid(log, 2, [ended('sort')])).toEqual([ended('sort')]);
  });
  test('other step, other task, other figure is another command', () => {
    expect(unsaid(log, 0, [ended('grind')])).toHaveLength(1);
    const read = (value: number): Happening => ({
      is: 'reading',
      reading: { id: 'x', step: 's', task: 't', what: 'milkG', value, source: 'cook' },
    });
    const had = [line(1, T, read(900))];
    expect([unsaid(had, 0, [read(900)]).length, unsaid(had, 0, [read(901)]).length]).toEqual([0, 1]);
    expect(unsaid([line(1, T, { is: 'note', text: 'a' })], 0, [{ is: 'note', text: 'b' }])).toHaveLength(1);
  });
});

describe('what became of a jar', () => {
  const ev = (seq: number, h: Record<string, unknown>): JarEvent =>
    ({ id: `j${seq}`, jar: 'x', seq, at: seq, ...h }) as unknown as JarEvent;
  const thrown = { is: 'thrown', why: 'safe', text: '', lastFineAt: null };
  test('what is taken back does not count, and nothing is deleted for it', () => {
    const log = [ev(1, { is: 'poured', ml: 100 }), ev(2, { is: 'finished' }), ev(3, { is: 'undone', of: 'j2' })];
    expect(standing(log).map((e) => e.is)).toEqual(['poured']);
    expect([endOfJar(log), endOfJar(log.slice(0, 2))?.is]).toEqual([null, 'finished']);
  });
  test('the first end is the end', () => {
    expect(endOfJar([ev(2, thrown), ev(1, { is: 'given' })])?.is).toBe('given');
  });
  test('thrown away is what had not been poured; what was poured beyond the filling is not less than nothing', () => {
    const jar = { filledMl: 800, from: null } as never;
    const of = (...events: JarEvent[]) => fateOf([{ jar, events }]);
    expect(of(ev(1, { is: 'poured', ml: 300 }), ev(2, thrown))).toEqual({
      madeMl: 800,
      thrownMl: 500,
      why: { safe: 500 },
    });
    expect(of(ev(1, { is: 'poured', ml: 900 }), ev(2, thrown)).thrownMl).toBe(0);
    expect(of(ev(1, { is: 'poured', ml: 300 })).thrownMl).toBe(0);
    expect(of(ev(1, { is: 'poured', ml: 300 }), ev(2, { is: 'undone', of: 'j1' }), ev(3, thrown)).thrownMl).toBe(800);
  });
});

test('a digest names the model, the last line and how many there are, and what a list shows', () => {
  const run = wholeRun(batch);
  const p = progressOf(batch, run);
  expect(digestOf(batch, run, p)).toEqual({
    batch: batch.id,
    model: MODEL,
    evidence: [],
    seq: run.length,
    lines: run.length,
    state: 'finished',
    jarredMl: p.summary.jarredMl,
    solids: p.summary.main?.solids,
    measuredMl: null,
    safe: true,
  });
  const weighed = line(99, T, {
    is: 'reading',
    reading: { id: 'w', step: 'jar', what: 'filledG', value: 700, source: 'cook' },
  });
  const w = progressOf(batch, [...run, weighed]);
  const perMl = (w.summary.main?.massG ?? 0) / (w.summary.main?.volumeMl ?? 1);
  expect(digestOf(batch, [...run, weighed], w).measuredMl).toBeCloseTo(700 / perMl, 6);
});
test('beans are raw until they have been held at the boil; oats never were', () => {
  const run = wholeRun(batch);
  const hold = run.findIndex((e) => e.is === 'ended' && e.step === 'boil' && e.task === 'hold');
  expect([
    isRawNow(progressOf(batch, run.slice(0, hold))),
    isRawNow(progressOf(batch, run.slice(0, hold + 1))),
  ]).toEqual([true, false]);
});
