import { describe, expect, test } from '@jest/globals';
import { jarNow, jarsOf, progressOf } from '../../src/batch';
import type { BatchEvent, Happening, RescueEdit } from '../../src/batch';
import { massG } from '../../src/kitchen';
import { materialById, MATERIALS } from '../../src/materials';
import { makeStep, WATER } from '../../src/steps';
import { away0, broughtG, missingG } from './kitchen';
import { batchOf } from './promised';

/** A bench that says things one after the other, a minute apart. */
function bench(school: string) {
  const batch = batchOf(school);
  const log: BatchEvent[] = [];
  const say = (h: Happening): string => {
    const n = log.length + 1;
    log.push({ ...h, id: `e${n}`, seq: n, batch: batch.id, at: batch.startedAt + n * 60_000 });
    return `e${n}`;
  };
  const now = () => progressOf(batch, log);
  return {
    ...{ batch, log, say, now },
    rescue: (...edits: readonly RescueEdit[]) => say({ is: 'edited', against: 'tooThick', edits }),
    ends: (step: string) => {
      for (const t of now().tasks) if (t.step.id === step) say({ is: 'ended', step, task: t.task.id, by: 'cook' });
    },
    endsAll: () => {
      for (let t = now().current; t !== null; t = now().current)
        say({ is: 'ended', step: t.step.id, task: t.task.id, by: 'cook' });
    },
  };
}
const water = (id: string, grams: number) => makeStep(id, 'add', { of: 'milk', food: WATER, amountG: grams });
const ids = (b: ReturnType<typeof bench>): readonly string[] => b.now().recipe.steps.map((s) => s.id);
const planned = (b: ReturnType<typeof bench>): readonly string[] => b.batch.recipe.steps.map((s) => s.id);

describe('a batch that is changed while it is made', () => {
  test('a step comes in behind another, is a task like any, and its water is in the milk', () => {
    const b = bench('oat-middle');
    const before = b.now().summary;
    b.rescue({ do: 'insert', after: 'strain', step: water('water', 60) });
    const p = b.now();
    expect(ids(b)).toEqual(planned(b).flatMap((x) => (x === 'strain' ? ['strain', 'water'] : [x])));
    expect(p.tasks.some((t) => t.step.id === 'water' && t.status === 'waiting')).toBe(true);
    expect((p.summary.main?.massG ?? 0) - (before.main?.massG ?? 0)).toBeCloseTo(60, 6);
    expect(p.rescues).toMatchObject([{ against: 'tooThick', steps: ['water'] }]);
    expect(b.batch.recipe.steps).toHaveLength(planned(b).length);
  });
  test('taken back, everything is as it was; what was said of the step meanwhile says nothing', () => {
    const b = bench('oat-middle');
    const before = b.now().summary;
    const line = b.rescue({ do: 'insert', after: 'strain', step: water('water', 60) });
    b.say({ is: 'reading', reading: { id: 'r', step: 'water', what: 'amountG', value: 80, source: 'cook' } });
    b.say({ is: 'ended', step: 'water', task: 'add', by: 'cook' });
    b.say({ is: 'undone', of: line });
    expect(b.now().summary).toEqual(before);
    expect(b.now().rescues).toEqual([]);
  });
  test('one taken back from under another leaves that where it stood', () => {
    const b = bench('oat-middle');
    const first = b.rescue({ do: 'insert', after: 'strain', step: water('one', 60) });
    b.rescue({ do: 'insert', after: 'one', step: water('two', 30) });
    b.say({ is: 'undone', of: first });
    expect(ids(b)).toEqual(planned(b).flatMap((x) => (x === 'strain' ? ['strain', 'two'] : [x])));
  });
  test('what does not fit changes nothing: twice, out of bounds, of a step that is not there, an order that breaks', () => {
    const b = bench('soy-washed');
    const before = b.now().recipe;
    b.rescue({ do: 'set', step: 'boil', param: 'holdS', value: -5 });
    b.rescue({ do: 'set', step: 'boil', param: 'holdS', value: 'long' });
    b.rescue({ do: 'set', step: 'boil', param: 'toString', value: 5 });
    b.rescue({ do: 'set', step: 'boil', param: 'of', value: 'pulp' });
    b.rescue({ do: 'set', step: 'nowhere', param: 'holdS', value: 600 });
    b.rescue({ do: 'insert', after: 'nowhere', step: water('water', 60) });
    b.rescue({ do: 'remove', step: 'strain' });
    b.rescue({ do: 'insert', after: null, step: water('early', 60) });
    expect(b.now().recipe).toEqual(before);
    b.rescue({ do: 'insert', after: 'boil', step: water('water', 60) });
    b.rescue({ do: 'insert', after: 'boil', step: water('water', 90) });
    expect(b.now().recipe.steps.filter((s) => s.id === 'water')).toEqual([water('water', 60)]);
  });
  test('going back to a step behind it opens it again; leaving it out leaves it out', () => {
    const b = bench('oat-middle');
    for (const s of planned(b).slice(0, planned(b).indexOf('strain') + 1)) b.ends(s);
    b.rescue({ do: 'insert', after: 'strain', step: water('water', 60) });
    b.ends('water');
    expect(b.now().tasks.find((t) => t.step.id === 'water')?.status).toBe('done');
    b.say({ is: 'back', step: 'strain' });
    expect(b.now().tasks.find((t) => t.step.id === 'water')?.status).toBe('waiting');
    b.say({ is: 'skipped', step: 'water', why: 'notNeeded', text: '' });
    expect(ids(b)).toEqual(planned(b));
  });
  test('a food that the batch did not know is known in its jars, for as long as they stand', () => {
    const b = bench('oat-middle');
    const flakes = materialById(MATERIALS, 'spelt-flakes');
    b.rescue(
      { do: 'foods', foods: [flakes] },
      { do: 'insert', after: null, step: makeStep('more', 'add', { of: 'work', food: flakes.id, amountG: 20 }) },
    );
    b.endsAll();
    const milk = jarsOf(b.batch, b.now()).find((j) => j.product === 'milk');
    if (!milk) throw new Error('no jar');
    expect(milk.foods).toEqual([flakes]);
    const later = jarNow(milk, [], b.batch, [], milk.filledAt + 86_400_000);
    expect(later.foods.map((m) => m.id)).toContain(flakes.id);
  });
});

describe('what ran over', () => {
  test('is gone from what there is, and nothing of it is lost to the books', () => {
    const b = bench('soy-washed');
    const before = b.now();
    b.say({ is: 'reading', reading: { id: 'r', step: 'boil', what: 'lostG', value: 150, source: 'cook' } });
    const p = b.now();
    expect(away0(p.outcome, 'spilt')).toBeCloseTo(150, 6);
    expect(Math.abs(missingG(p.outcome))).toBeLessThan(1e-9 * broughtG(p.outcome));
    // What is left is as it was: less of the same.
    const made = (x: typeof p) => x.outcome.stages.find((s) => s.step === 'boil')?.writes[0]?.[1];
    const [a, c] = [made(before), made(p)];
    if (!a || !c) throw new Error('no milk');
    expect(massG(a) - massG(c)).toBeCloseTo(150, 6);
    expect(c.released.protein / massG(c)).toBeCloseTo(a.released.protein / massG(a), 9);
    expect(p.summary.jarredMl).toBeLessThan(before.summary.jarredMl - 100);
  });
  test('weighed afterwards, it is what was weighed, and the steam is not blamed for what is on the hob', () => {
    const b = bench('soy-washed');
    const usual = b.now().outcome.stages.find((s) => s.step === 'boil')?.figures.afterG ?? NaN;
    b.say({ is: 'reading', reading: { id: 'r', step: 'boil', what: 'lostG', value: 150, source: 'cook' } });
    b.say({ is: 'reading', reading: { id: 'w', step: 'boil', what: 'afterG', value: usual - 150, source: 'scale' } });
    const { outcome } = b.now();
    const milk = outcome.stages.find((s) => s.step === 'boil')?.writes[0]?.[1];
    expect(milk && massG(milk)).toBeCloseTo(usual - 150, 3);
    expect(outcome.fits.find((f) => f.what === 'afterG')?.value).toBeCloseTo(1, 3);
  });
  test('more than there was is all of it', () => {
    const b = bench('soy-washed');
    b.say({ is: 'reading', reading: { id: 'r', step: 'strain', what: 'lostG', value: 40_000, source: 'cook' } });
    expect(Math.abs(missingG(b.now().outcome))).toBeLessThan(1e-6);
  });
});
