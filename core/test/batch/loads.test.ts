import { describe, expect, test } from '@jest/globals';
import { ifStoppedNow, progressOf } from '../../src/batch';
import type { BatchEvent, TaskState } from '../../src/batch';
import { METHODS, recipeOf } from '../../src/methods';
import { makeStep } from '../../src/steps';
import type { FigureName } from '../../src/steps';
import { sampleBatch } from '../records/sample';
import { broughtG, missingG } from './kitchen';

describe('each load by the clock', () => {
  const school = METHODS.find((m) => m.id === 'oat-middle');
  if (!school) throw new Error('no school');
  const recipe = recipeOf(school);
  const two = {
    ...recipe,
    steps: recipe.steps.map((s) => (s.kind === 'grind' ? makeStep(s.id, 'grind', { ...s.params, loads: 2 }) : s)),
  };
  const batch = { ...sampleBatch(), recipe: two };
  const ran = (load: number, s: number): BatchEvent => ({
    ...{ id: `l${load}`, seq: load, batch: batch.id, at: batch.startedAt, is: 'reading' as const },
    reading: { id: `r${load}`, step: 'grind', task: `load${load}`, what: `load${load}S`, value: s, source: 'clock' },
  });
  const slime = (...e: BatchEvent[]) => progressOf(batch, e).summary.main?.body?.glucan ?? NaN;
  const figure = (name: FigureName, ...e: BatchEvent[]) =>
    progressOf(batch, e).outcome.stages.find((s) => s.step === 'grind')?.figures[name] ?? NaN;
  test('stopped at two seconds it is not slimy; at two and a half minutes it is slimier than planned', () => {
    expect(slime(ran(1, 2), ran(2, 2))).toBeLessThan(1 + 0.2 * (slime() - 1));
    expect(slime(ran(1, 150), ran(2, 150))).toBeGreaterThan(slime());
  });
  test('one load short and one as planned lie between; two alike are the plan at that time', () => {
    const between = slime(ran(1, 2));
    expect(between).toBeGreaterThan(slime(ran(1, 2), ran(2, 2)));
    expect(between).toBeLessThan(slime());
    expect(slime(ran(1, 60), ran(2, 60))).toBeCloseTo(slime(), 12);
    // Loads of 40 and 80 s open less than two of 60: what opens first opens fastest.
    expect(figure('openedShare', ran(1, 40), ran(2, 80))).toBeLessThan(figure('openedShare'));
    expect(figure('energyJPerG', ran(1, 40), ran(2, 80))).toBeCloseTo(figure('energyJPerG'), 9);
    expect(figure('energyKJ', ran(1, 40), ran(2, 80))).toBeCloseTo(figure('energyKJ'), 9);
  });
  test('nothing is made or lost by it, with ice too', () => {
    const iced = {
      ...batch,
      recipe: {
        ...two,
        steps: two.steps.map((s) => (s.kind === 'grind' ? makeStep(s.id, 'grind', { ...s.params, iceG: 120 }) : s)),
      },
    };
    const o = progressOf(iced, [ran(1, 5), ran(2, 200)]).outcome;
    expect(Math.abs(missingG(o))).toBeLessThan(1e-9 * broughtG(o));
    expect(o.stages.find((s) => s.step === 'grind')?.tasks.map((t) => t.timerS)).toEqual([5, 200]);
  });
  test('while the jug turns, what it would be if it stopped now', () => {
    const begun: BatchEvent = {
      id: 'b',
      seq: 1,
      batch: batch.id,
      at: batch.startedAt,
      is: 'begun',
      step: 'grind',
      task: 'load1',
    };
    const p = progressOf(batch, [begun]);
    const load = (q: typeof p) => q.tasks.find((t) => t.task.id === 'load1') as TaskState;
    const at = (s: number) => ifStoppedNow(p, batch, load(p), batch.startedAt + s * 1000)?.main?.body?.glucan ?? NaN;
    expect(at(1)).toBeLessThan(at(20));
    expect(at(20)).toBeLessThan(at(90));
    expect(at(60)).toBeCloseTo(slime(), 9);
    const idle = progressOf(batch, []);
    expect(ifStoppedNow(idle, batch, load(idle), batch.startedAt)).toBeNull();
  });
});
