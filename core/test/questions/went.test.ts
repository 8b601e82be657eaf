import { describe, expect, test } from '@jest/globals';
import { progressOf } from '../../src/batch';
import type { BatchEvent } from '../../src/batch';
import { explain, plannedAs, wentAs, comesOf } from '../../src/comparing';
import { wentSteps } from '../../src/questions';
import type { Edit } from '../../src/steps';
import { headlineText } from '../../src/words';
import { brewed } from '../comparing/brewed';
import type { Brew, Brewed } from '../comparing/brewed';
import { batchOf } from '../batch/promised';

const set = (step: string, param: string, value: number): Edit => ({ do: 'set', step, param, value });
const headline = ({ batch, progress }: Brewed, was = ''): string => {
  const [planned, went] = [plannedAs(batch.recipe, batch), wentAs(batch, progress)];
  const e = explain(planned, went, { from: comesOf(planned), to: progress.summary }, 1);
  return headlineText(progress, batch, e, planned, went, was).replace(/[\u00a0\u202f\u2009]/g, ' ');
};
const WEIGHED = ['strain.milkG', 'wash.milkG', 'jar.filledG'];
const of = (b: Brew, was?: string): string => headline(brewed('soy-washed', { weighed: WEIGHED, ...b }), was);

describe('the line at the top of a batch', () => {
  test('as it was promised', () => {
    expect(of({})).toBe('As it was promised: 1.60 L, 7.4 % solids, keeps 2 d 19 h.');
    expect(of({}, 'liked much')).toMatch(/keeps 2 d 19 h\. It was liked much\.$/);
  });
  test('short, by the bag', () => {
    expect(of({ truly: { 'hold:fine-bag': 1.8 } })).toMatch(
      /^1\.\d\d L instead of 1\.60 L: Fine bag held back 80 % more than expected\.$/,
    );
  });
  test('short, and what ran over is named before what hardly moved it', () => {
    const b = { spilt: { boil: 200 }, truly: { 'hold:fine-bag': 1.05 }, weighed: ['strain.milkG'] };
    expect(of(b)).toMatch(/: 200 g ran over or out at “boil”\.$/);
  });
  test('short, and nothing that was written down explains it', () => {
    const b = { hidden: [set('wash', 'waterG', 150)], weighed: ['jar.filledG'] };
    expect(of(b)).toMatch(/instead of 1\.60 L\. Nothing that was written down explains it\.$/);
  });
  test('not boiled enough comes before anything else', () => {
    expect(of({ done: [set('boil', 'holdS', 60)], truly: { 'hold:fine-bag': 1.8 } })).toMatch(/^Not boiled enough\./);
  });
});

describe('step by step', () => {
  test('each step with its planned time and what it took; one left out stands in its place', () => {
    const batch = batchOf('soy-washed');
    const plain = brewed('soy-washed');
    const steps = wentSteps(plain.progress, plain.batch);
    expect(steps.map((s) => s.step.id)).toEqual(batch.recipe.steps.map((s) => s.id));
    expect(steps.every((s) => s.how === 'done' && s.tookS !== null)).toBe(true);
    const log: BatchEvent[] = [
      { is: 'skipped', step: 'wash', why: 'noTime', text: '', id: 'e1', batch: batch.id, seq: 1, at: batch.startedAt },
    ];
    const cut = wentSteps(progressOf(batch, log), batch);
    expect(cut.map((s) => s.step.id)).toEqual(batch.recipe.steps.map((s) => s.id));
    expect(cut.find((s) => s.step.id === 'wash')).toMatchObject({ how: 'skipped', tookS: null });
    expect(cut.find((s) => s.step.id === 'boil')).toMatchObject({ how: 'open', tookS: null });
  });
});
