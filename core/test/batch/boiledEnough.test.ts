import { describe, expect, test } from '@jest/globals';
import { digestOf, endQuestionOf, endsBoiledEnough, isRawNow, progressOf } from '../../src/batch';
import type { BatchEvent, FrozenBatch, Happening, Progress } from '../../src/batch';
import { METHODS } from '../../src/methods';
import { seededRandom } from '../../src/numerics';
import { heatOwed, rescueOf, reviewOf, troublesOf } from '../../src/questions';
import { applyEdits, makeStep } from '../../src/steps';
import { cautionsOf, endQuestionText, heatOwedText, instruction, reviewText } from '../../src/words';
import { batchOf } from './promised';

const MIN = 60_000;
/** A batch at the bench: each task ends ten minutes after the one before, its timer as long as it is told. */
function bench(batch: FrozenBatch) {
  const log: BatchEvent[] = [];
  let at = batch.startedAt;
  const say = (h: Happening): void => {
    const n = log.length + 1;
    log.push({ ...h, id: `e${n}`, seq: n, batch: batch.id, at });
  };
  let known: readonly [number, Progress] | null = null;
  const now = (): Progress => {
    if (known?.[0] !== log.length) known = [log.length, progressOf(batch, log)];
    return known[1];
  };
  const read = (step: string, task: string, what: string, value: number): void =>
    say({ is: 'reading', reading: { id: `r${log.length}`, step, task, what, value, source: 'clock' } });
  /** Ends the task at hand; a hold at the boil after so many s. */
  const does = (holdS: number): void => {
    const t = now().current;
    if (!t) throw new Error('over');
    at += 10 * MIN;
    if (t.status === 'waiting') say({ is: 'begun', step: t.step.id, task: t.task.id });
    if (t.step.kind === 'boil' && t.task.id === 'hold') read(t.step.id, 'hold', 'holdS', holdS);
    say({ is: 'ended', step: t.step.id, task: t.task.id, by: 'cook' });
  };
  return { batch, log, say, now, does, owed: () => heatOwed(now(), batch, log, [], at) };
}
/** What the bench says of the task at hand. */
function spoken(batch: FrozenBatch, p: Progress): string {
  const t = p.current;
  const stage = t && p.outcome.stages[t.index];
  if (!t || !stage) return '';
  const say = instruction(t.step, stage, t.task.id, p.recipe, batch.kit);
  return [say.title, say.say, say.cue ?? '', ...cautionsOf(t.step, stage, t.task.id, p.recipe)].join(' ');
}
const toBoil = (b: ReturnType<typeof bench>): void => {
  while (b.now().current?.task.id !== 'hold' || b.now().current?.step.kind !== 'boil') b.does(0);
};
/** The ways of soy in which the beans are not boiled soft before they are ground. */
const SOY = METHODS.filter((m) => m.milk === 'soy' && m.id !== 'soy-cooked-beans').map((m) => m.id);

describe('one answer to “is it boiled enough?”', () => {
  // A fault that was found: after a hold of 60 s most of the inhibitor is left, and the box was gone.
  test.each(SOY)(
    '%s: a hold of a minute leaves it raw at every later step, and the way back to the heat is shown',
    (id) => {
      const b = bench(batchOf(id));
      expect(b.owed()).toEqual({ back: null });
      toBoil(b);
      b.does(60);
      let steps = 0;
      while (b.now().current) {
        expect([id, isRawNow(b.now())]).toEqual([id, true]);
        const owed = b.owed();
        expect(owed?.back?.reached).toBe(true);
        expect(owed && heatOwedText(owed).back).toMatch(/^Back to the heat: \d+.min more$/);
        expect(spoken(b.batch, b.now())).not.toMatch(/\btaste\b|\bsafe\b/i);
        steps += 1;
        b.does(60);
      }
      expect(steps).toBeGreaterThan(0);
      expect([isRawNow(b.now()), endsBoiledEnough(b.now().recipe, b.now().outcome)]).toEqual([true, false]);
      expect(reviewOf(b.now(), b.batch).map(reviewText).join(' ')).toMatch(/Not boiled enough/);
      expect(digestOf(b.batch, b.log, b.now()).safe).toBe(false);
    },
  );
  test.each(SOY)(
    '%s: pressed, the way back is one more boil; boiled for what it asks, the milk may be tasted',
    (id) => {
      const b = bench(batchOf(id));
      toBoil(b);
      b.does(60);
      const back = b.owed()?.back;
      if (!back) throw new Error('no way back');
      b.say({ is: 'edited', against: 'notBoiled', edits: back.edits });
      expect(b.owed()).toEqual({ back: null });
      expect(isRawNow(b.now())).toBe(true);
      const moreS = back.figures.moreS?.value ?? NaN;
      toBoil(b);
      b.does(moreS);
      expect(isRawNow(b.now())).toBe(false);
      expect(b.owed()).toBeNull();
      while (b.now().current) b.does(moreS);
      expect(digestOf(b.batch, b.log, b.now()).safe).toBe(true);
    },
  );
  test('twenty soy batches cut short at random: the box goes once, when it is true, and the book agrees', () => {
    const random = seededRandom(25);
    let safe = 0;
    for (let i = 0; i < 20; i += 1) {
      const b = bench(batchOf(SOY[i % SOY.length] ?? ''));
      const holdS = Math.round(random() * 2400);
      toBoil(b);
      b.does(holdS);
      let raw = isRawNow(b.now());
      // Ten minutes at the true boil at the least (common practice), whatever heat comes after it.
      if (holdS < 600) expect([holdS, raw]).toEqual([holdS, true]);
      while (b.now().current) {
        b.does(0);
        expect([holdS, !raw && isRawNow(b.now())]).toEqual([holdS, false]);
        raw = isRawNow(b.now());
      }
      expect([holdS, digestOf(b.batch, b.log, b.now()).safe]).toEqual([holdS, !raw]);
      if (holdS < 600) expect([holdS, raw]).toEqual([holdS, true]);
      safe += Number(!raw);
    }
    expect([safe > 3, safe < 17]).toEqual([true, true]);
  });
  test('the hold made longer while it runs: what is planned too short is put right, not boiled twice', () => {
    const of = batchOf('soy-washed');
    const boil = of.recipe.steps.find((s) => s.kind === 'boil')?.id ?? '';
    const short = applyEdits(of.recipe, [{ do: 'set', step: boil, param: 'holdS', value: 480 }]);
    const b = bench({ ...of, recipe: short });
    const before = b.owed()?.back;
    toBoil(b);
    const running = b.owed()?.back;
    for (const back of [before, running]) {
      // 14.2 minutes at sea level by the published inactivation, of which heating up stands for a little.
      const [edit] = back?.edits ?? [];
      expect(edit).toMatchObject({ do: 'set', step: boil, param: 'holdS' });
      expect([780, 840]).toContain(edit?.do === 'set' ? edit.value : null);
      expect(back?.reached).toBe(true);
    }
  });
  test('rescue knows “not boiled long enough”, and offers the same', () => {
    const b = bench(batchOf('soy-washed'));
    expect(troublesOf(b.now())).not.toContain('notBoiled');
    toBoil(b);
    expect(rescueOf(b.batch, b.log, [], 'notBoiled', 0)).toMatchObject({ now: [], said: [{ say: 'boilAhead' }] });
    b.does(60);
    expect(troublesOf(b.now())).toContain('notBoiled');
    const [first] = rescueOf(b.batch, b.log, [], 'notBoiled', 0).now;
    expect(first?.edits).toEqual(b.owed()?.back?.edits);
  });
  test('nothing in oat, rice or coconut is raw soy', () => {
    for (const id of ['oat-middle', 'rice-cooked', 'coconut-graded', 'almond-warm']) {
      const m = METHODS.find((x) => x.id === id);
      if (m) expect(bench(batchOf(id)).owed()).toBeNull();
    }
  });
});

describe('no cue says taste before that', () => {
  // A fault that was found: the cue was chosen by the word “beans”, so slurry of another bean got “Taste, then stop.”
  test('of a bean of another milk', () => {
    const of = batchOf('soy-washed');
    const materials = of.recipe.materials.map((m) => (m.id === 'soybeans' ? { ...m, milk: 'field bean' } : m));
    const salt = makeStep('early', 'add', { of: 'milk', food: 'salt', amountG: 2 });
    const strain = of.recipe.steps.find((s) => s.kind === 'strain')?.id ?? '';
    const recipe = applyEdits({ ...of.recipe, materials }, [{ do: 'insert', after: strain, step: salt }]);
    const p = progressOf({ ...of, recipe }, []);
    for (const t of p.tasks.filter((x) => x.step.kind === 'add')) {
      const stage = p.outcome.stages[t.index];
      const cue = stage ? instruction(t.step, stage, t.task.id, p.recipe).cue : '';
      expect([t.step.id, cue]).toEqual([t.step.id, t.step.id === 'early' ? null : 'Taste, then stop.']);
    }
  });
});

describe('the question at the end of a hold', () => {
  const b = bench(batchOf('soy-washed'));
  toBoil(b);
  const p = b.now();
  const hold = p.current;
  if (!hold) throw new Error('no hold');
  test('after one second, three minutes, ten minutes: did it really boil so long; the main button keeps boiling', () => {
    expect(hold.task.durationS).toBe(1500);
    for (const [ranS, more] of [
      [1, '25'],
      [180, '22'],
      [600, '15'],
    ] as const) {
      const q = endQuestionOf(p, hold, ranS);
      expect(q).toMatchObject({ is: 'safety', ranS, plannedS: 1500, moreS: 1500 - ranS });
      const text = q && endQuestionText(q, hold);
      expect(text?.title).toBe('Did it really boil for 25\u00a0min?');
      expect(text?.keepGoing).toBe(`No, keep boiling (${more}\u00a0min more)`);
      expect(text?.asPlanned).toBe('Yes, 25\u00a0min: I timed it myself');
    }
  });
  test('boiled enough, though not as long as planned: nothing is asked; far too long: only how long it took', () => {
    expect(endQuestionOf(p, hold, 1000)).toBeNull();
    expect(endQuestionOf(p, hold, 4000)).toMatchObject({ is: 'length' });
  });
  test('a gentle heating that makes tiger nut milk safe is such a step; a soak is not', () => {
    const tiger = METHODS.map((m) => batchOf(m.id)).find((x) => x.recipe.steps.some((s) => s.kind === 'heat'));
    if (!tiger) throw new Error('no method heats gently');
    const h = bench(tiger);
    while (h.now().current?.step.kind !== 'heat' || h.now().current?.task.id !== 'hold') h.does(0);
    const t = h.now().current;
    expect(t && endQuestionOf(h.now(), t, 1)?.is).toBe('safety');
    const soak = progressOf(batchOf('soy-washed'), []).tasks.find((x) => x.task.id === 'soak');
    expect(soak && endQuestionOf(progressOf(batchOf('soy-washed'), []), soak, 60)?.is).toBe('length');
  });
});

describe('going back', () => {
  // A fault that was found: a hold cut at 5 min, gone back to, said “Keep it boiling 20 min” and rang after 5.
  test('withdraws the time of what is undone: the timer is the planned one again', () => {
    const b = bench(batchOf('soy-washed'));
    toBoil(b);
    const planned = b.now().current?.task.durationS;
    b.does(300);
    const boil = b.batch.recipe.steps.find((s) => s.kind === 'boil')?.id ?? '';
    b.say({ is: 'back', step: boil, task: 'hold' });
    const p = b.now();
    expect(p.current).toMatchObject({ status: 'waiting', task: { id: 'hold', durationS: planned } });
    expect(p.readings).toEqual([]);
    // The heating up before it is done still.
    expect(p.tasks.find((t) => t.step.id === boil && t.task.id === 'heatUp')?.status).toBe('done');
  });
  test('lands on the step itself, whole, in logs that name no task', () => {
    const b = bench(batchOf('soy-washed'));
    toBoil(b);
    const boil = b.batch.recipe.steps.find((s) => s.kind === 'boil')?.id ?? '';
    b.say({ is: 'back', step: boil });
    expect(b.now().current).toMatchObject({ status: 'waiting', step: { id: boil }, task: { id: 'heatUp' } });
  });
  test('of a step in loads, what was ground before stays', () => {
    const b = bench(batchOf('soy-washed'));
    while (b.now().current?.step.kind !== 'grind') b.does(0);
    const grind = b.now().current?.step.id ?? '';
    for (const load of ['load1', 'load2'])
      b.say({
        is: 'reading',
        reading: { id: load, step: grind, task: load, what: `${load}S`, value: 77, source: 'clock' },
      });
    b.does(0);
    b.does(0);
    b.say({ is: 'back', step: grind, task: 'load2' });
    const p = b.now();
    expect(p.readings.map((r) => r.what)).toEqual(['load1S']);
    expect(p.current).toMatchObject({ step: { id: grind }, task: { id: 'load2' }, status: 'waiting' });
  });
  test('taken back itself, everything counts again', () => {
    const b = bench(batchOf('soy-washed'));
    toBoil(b);
    b.does(900);
    const before = b.now();
    b.say({ is: 'back', step: before.recipe.steps.find((s) => s.kind === 'boil')?.id ?? '', task: 'hold' });
    b.say({ is: 'undone', of: b.log.at(-1)?.id ?? '' });
    expect(b.now().readings).toEqual(before.readings);
    expect(b.now().current).toEqual(before.current);
  });
});
