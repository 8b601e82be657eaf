import { describe, expect, test } from '@jest/globals';
import { progressOf } from '../../src/batch';
import type { BatchEvent, Happening } from '../../src/batch';
import { CATCHES_FROM_C, STIR_EVERY_S, stirEveryS, unstirred } from '../../src/detect';
import { stirText } from '../../src/words';
import { batchOf } from '../batch/promised';

const MIN = 60_000;
function bench(school: string) {
  const batch = batchOf(school);
  const log: BatchEvent[] = [];
  const say = (at: number, h: Happening): void => {
    const n = log.length + 1;
    log.push({ ...h, id: `e${n}`, seq: n, batch: batch.id, at: batch.startedAt + at });
  };
  const task = (step: string, id: string) => {
    const p = progressOf(batch, log);
    const t = p.tasks.find((x) => x.step.id === step && x.task.id === id);
    const stage = t && p.outcome.stages[t.index];
    if (!t || !stage) throw new Error(`no ${step} ${id}`);
    return { t, stage };
  };
  const at = (step: string, id: string, ms: number, c: number | null) => {
    const { t, stage } = task(step, id);
    return unstirred(t, stage, c, batch.startedAt + ms);
  };
  return { say, task, at };
}

describe('what catches at the bottom', () => {
  test('slurry and what thickens want stirring at once, milk less often; rice under its lid never', () => {
    const every = (school: string, step: string, id: string) => {
      const { t, stage } = bench(school).task(step, id);
      return stirEveryS(t, stage);
    };
    expect(every('soy-with-pulp', 'boil', 'hold')).toBe(STIR_EVERY_S.slurry);
    expect(every('soy-washed', 'boil', 'hold')).toBe(STIR_EVERY_S.milk);
    expect(every('tiger-nut-cooked', 'heat', 'heatUp')).toBe(STIR_EVERY_S.thickens);
    expect(every('rice-cooked', 'cook', 'craters')).toBeNull();
    expect(every('soy-washed', 'strain', 'strain')).toBeNull();
  });
  test('cold it does not; from where it is hot on, minute by minute, until somebody stirs', () => {
    const b = bench('soy-washed');
    expect(b.at('boil', 'hold', 0, 97)).toBeNull();
    b.say(0, { is: 'begun', step: 'boil', task: 'hold' });
    expect(b.at('boil', 'hold', MIN, CATCHES_FROM_C - 1)).toBeNull();
    expect(b.at('boil', 'hold', MIN, 97)).toEqual({ forS: 60, everyS: 120, over: false });
    expect(b.at('boil', 'hold', 3 * MIN, 97)).toMatchObject({ forS: 180, over: true });
    b.say(3 * MIN, { is: 'stirred', step: 'boil', task: 'hold' });
    expect(b.at('boil', 'hold', 4 * MIN, 97)).toMatchObject({ forS: 60, over: false });
    b.say(4 * MIN, { is: 'paused', step: 'boil', task: 'hold' });
    expect(b.at('boil', 'hold', 9 * MIN, 97)).toBeNull();
  });
  test('on the way up the clock begins where it becomes hot, not where the pot is put on', () => {
    const b = bench('soy-washed');
    b.say(0, { is: 'begun', step: 'boil', task: 'heatUp' });
    const { t } = b.task('boil', 'heatUp');
    const course = t.task.courseC;
    if (!course) throw new Error('no course');
    const durationMs = t.task.durationS * 1000;
    const seen = b.at('boil', 'heatUp', durationMs, null);
    // By hand: hot from the second on at which its course passes 60 °C.
    let hotAt = 0;
    while (course(hotAt) < CATCHES_FROM_C) hotAt += 1;
    expect(seen?.forS).toBeCloseTo(t.task.durationS - hotAt, -1);
  });
  test('in words', () => {
    expect(stirText({ forS: 180, everyS: 120, over: true }).replaceAll('\u00a0', ' ')).toBe(
      'Not stirred for 3 min: stir along the bottom.',
    );
  });
});
