import { describe, expect, test } from '@jest/globals';
import { progressOf, ranForS, warmNowC } from '../../src/batch';
import type { BatchEvent, FrozenBatch, Happening, TaskState } from '../../src/batch';
import { METHODS, recipeOf } from '../../src/methods';
import { makeStep } from '../../src/steps';
import type { Step } from '../../src/steps';
import { sampleBatch } from '../records/sample';
import { kitAt, soyRecipe } from './kitchen';

const T = 1_000_000_000;
const MIN = 60_000;
const of = (t: TaskState): string => `${t.step.id}.${t.task.id}`;

/** A batch of these steps, and a log that is written as it is read. */
function bench(steps: readonly Step[], larder: readonly { into: string; grams: number }[] = []) {
  const plain = soyRecipe(200, steps);
  const soy = plain.larder[0];
  if (!soy) throw new Error('no soy');
  const recipe = { ...plain, larder: [soy, ...larder.map((l) => ({ ...soy, ...l }))] };
  const batch: FrozenBatch = { ...sampleBatch(), recipe, kit: kitAt(640), beliefs: {}, startedAt: T };
  const log: BatchEvent[] = [];
  const now = () => progressOf(batch, log);
  const say = (at: number, h: Happening): void => {
    log.push({ ...h, id: `e${log.length}`, seq: log.length + 1, batch: batch.id, at: T + at });
  };
  const begin = (at: number, step: string, task = step): void => say(at, { is: 'begun', step, task });
  const end = (at: number, step: string, task = step): void => say(at, { is: 'ended', step, task, by: 'cook' });
  return { now, say, begin, end };
}
const two = () =>
  bench(
    [
      makeStep('sort', 'sort'),
      makeStep('soak', 'soak', { durationS: 36_000 }),
      makeStep('sort2', 'sort', { of: 'other' }),
      makeStep('soak2', 'soak', { of: 'other', durationS: 7200 }),
      makeStep('grind', 'grind', { waterG: 1000 }),
    ],
    [{ into: 'other', grams: 80 }],
  );

describe('what runs by itself does not stand before the rest', () => {
  test('while the first soaks, the second is sorted; when both soak, the first of them is looked at', () => {
    const b = two();
    expect(b.now().atHand.map(of)).toEqual(['sort.sort', 'sort2.sort']);
    b.end(0, 'sort');
    b.end(MIN, 'soak', 'cover');
    expect(b.now().current && of(b.now().current as TaskState)).toBe('soak.soak');
    b.begin(MIN, 'soak', 'soak');
    expect(b.now().atHand.map(of)).toEqual(['soak.soak', 'sort2.sort']);
    expect(b.now().current && of(b.now().current as TaskState)).toBe('sort2.sort');
    b.end(2 * MIN, 'sort2', 'sort');
    b.end(3 * MIN, 'soak2', 'cover');
    b.begin(3 * MIN, 'soak2', 'soak');
    expect(b.now().atHand.map(of)).toEqual(['soak.soak', 'soak2.soak']);
    expect(b.now().current && of(b.now().current as TaskState)).toBe('soak.soak');
    // The shorter is over first: what comes of the other still waits for it.
    b.end(123 * MIN, 'soak2', 'soak');
    expect(b.now().atHand.map(of)).toEqual(['soak.soak']);
    expect(b.now().state).toBe('open');
  });
  test('a step that only waits for another is never at hand before it', () => {
    for (const m of METHODS) {
      const recipe = recipeOf(m);
      const batch: FrozenBatch = { ...sampleBatch(), recipe, kit: kitAt(640), beliefs: {}, startedAt: T };
      const log: BatchEvent[] = [];
      const done: string[] = [];
      for (let i = 0; i < 60; i += 1) {
        const p = progressOf(batch, log);
        if (!p.current) break;
        // One cook who does whatever stands before her does each task once, and comes to the end.
        expect(done).not.toContain(of(p.current));
        done.push(of(p.current));
        const { step, task } = p.current;
        const line = { id: `e${i}`, seq: i + 1, batch: batch.id, at: T + i * MIN, step: step.id, task: task.id };
        log.push({ ...line, is: 'ended', by: 'cook' });
      }
      const end = progressOf(batch, log);
      expect([m.id, end.state, done.length]).toEqual([m.id, 'finished', end.tasks.length]);
    }
  });
  test('water set aside takes nothing, and still has its turn in the list', () => {
    const b = bench([
      makeStep('sort', 'sort'),
      makeStep('soak', 'soak', { durationS: 36_000 }),
      makeStep('drain', 'drain'),
      makeStep('aside', 'pour', { into: 'heldBack', amountG: 150 }),
    ]);
    b.end(0, 'sort');
    b.end(0, 'soak', 'cover');
    b.begin(0, 'soak', 'soak');
    expect(b.now().atHand.map(of)).toEqual(['soak.soak']);
  });
  test('the pulp cannot go into the oven while it is still to be washed', () => {
    const b = bench([
      makeStep('grind', 'grind', { waterG: 1000 }),
      makeStep('strain', 'strain'),
      makeStep('dry', 'dry', { of: 'pulp' }),
      makeStep('boil', 'boil'),
    ]);
    b.end(0, 'grind', 'load1');
    expect(b.now().atHand.map(of)).toEqual(['strain.strain']);
    b.end(MIN, 'strain');
    expect(b.now().atHand.map(of)).toEqual(['dry.dry', 'boil.heatUp']);
    b.begin(2 * MIN, 'dry');
    expect(b.now().current && of(b.now().current as TaskState)).toBe('boil.heatUp');
  });
});

describe('one of several is held', () => {
  const running = () => {
    const b = two();
    b.end(0, 'sort');
    b.end(0, 'soak', 'cover');
    b.begin(0, 'soak', 'soak');
    b.end(0, 'sort2', 'sort');
    b.end(0, 'soak2', 'cover');
    b.begin(0, 'soak2', 'soak');
    return b;
  };
  const ran = (b: ReturnType<typeof two>, step: string, at: number): number => {
    const t = b.now().tasks.find((x) => x.step.id === step && x.task.id === 'soak');
    return t ? ranForS(t, T + at) / 60 : NaN;
  };
  test('the other goes on', () => {
    const b = running();
    b.say(10 * MIN, { is: 'paused', step: 'soak2', task: 'soak' });
    expect([ran(b, 'soak', 30 * MIN), ran(b, 'soak2', 30 * MIN)]).toEqual([30, 10]);
    b.say(40 * MIN, { is: 'resumed', step: 'soak2', task: 'soak' });
    expect([ran(b, 'soak', 60 * MIN), ran(b, 'soak2', 60 * MIN)]).toEqual([60, 30]);
  });
  test('an older log names none: then all that runs is held', () => {
    const b = running();
    b.say(10 * MIN, { is: 'paused' });
    b.say(40 * MIN, { is: 'resumed' });
    expect([ran(b, 'soak', 60 * MIN), ran(b, 'soak2', 60 * MIN)]).toEqual([30, 30]);
  });
  test('going back opens what comes of a step, and leaves what has nothing to do with it', () => {
    const b = running();
    b.end(125 * MIN, 'soak2', 'soak');
    b.say(130 * MIN, { is: 'back', step: 'sort2' });
    expect(b.now().atHand.map(of)).toEqual(['soak.soak', 'sort2.sort']);
    expect(ran(b, 'soak', 140 * MIN)).toBe(140);
  });
});

describe('how warm it is by now', () => {
  const b = bench([
    makeStep('grind', 'grind', { waterG: 1000 }),
    makeStep('strain', 'strain'),
    makeStep('boil', 'boil'),
  ]);
  const task = (step: string, id: string): TaskState => {
    const t = b.now().tasks.find((x) => x.step.id === step && x.task.id === id);
    if (!t) throw new Error('no task');
    return t;
  };
  test('up to the boil at the end of its time, and no hotter after it', () => {
    b.end(0, 'grind', 'load1');
    b.end(0, 'strain');
    b.begin(0, 'boil', 'heatUp');
    const t = task('boil', 'heatUp');
    const at = (share: number) => warmNowC(t, T + share * t.task.durationS * 1000) ?? NaN;
    expect(at(0)).toBeLessThan(40);
    expect(at(0.5)).toBeGreaterThan(at(0.2));
    // 640 m up water boils near 97.9 °C (models, boiling point from pressure).
    expect(at(1)).toBeCloseTo(97.9, 1);
    expect(at(3)).toBeCloseTo(at(1), 6);
  });
  test('a jug warms as it turns; strain says nothing', () => {
    expect(warmNowC(task('strain', 'strain'), T)).toBeNull();
    const t = task('grind', 'load1');
    const c = t.task.courseC;
    expect(c?.(60) ?? NaN).toBeGreaterThan(c?.(0) ?? NaN);
    const end = b.now().outcome.stages.find((s) => s.step === 'grind')?.figures.endC;
    expect(c?.(60)).toBeCloseTo(end ?? NaN, 6);
  });
});
