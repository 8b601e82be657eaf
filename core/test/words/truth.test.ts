import { describe, expect, test } from '@jest/globals';
import { progressOf, lastMilkWeight } from '../../src/batch';
import type { BatchEvent } from '../../src/batch';
import { unlearned, USUAL_KIT } from '../../src/kitchen';
import { methodById, recipeOf } from '../../src/methods';
import { look } from '../../src/questions';
import { makeStep } from '../../src/steps';
import type { Recipe } from '../../src/steps';
import { grams, instruction, join } from '../../src/words';
import { sampleBatch, wholeRun } from '../records/sample';

const of = (id: string): Recipe => {
  const m = methodById(id);
  if (!m) throw new Error(id);
  return recipeOf(m);
};
const seen = (r: Recipe) => {
  const s = look(r, unlearned(USUAL_KIT));
  if (!s) throw new Error('no look');
  return s;
};
const say = (r: Recipe, id: string): string => {
  const step = r.steps.find((s) => s.id === id);
  const stage = seen(r).outcome.stages.find((s) => s.step === id);
  if (!step || !stage) throw new Error(id);
  return instruction(step, stage, stage.tasks[0]?.id ?? '', r).say;
};

describe('figures of the instructions', () => {
  test('the share of a load has its weight', () => {
    const r = of('rice-cooked');
    const stages = seen(r).outcome.stages;
    const cooled = stages.find((s) => s.step === 'coolRice');
    const grind = stages.find((s) => s.step === 'grind');
    expect(cooled && grind?.figures.loadShareG).toBeGreaterThan(100);
    expect(say(r, 'grind')).toContain(`${join(grams(grind?.figures.loadShareG ?? 0))} of the rice`);
  });
  test('rinsed without a soak, no drained weight is given: it would be the dry one', () => {
    const r = of('rice-raw');
    expect(say(r, 'drain')).toMatch(/Drained, it should weigh about \d+\sg/);
    const rinsed = { ...r, steps: r.steps.filter((s) => s.kind !== 'soak') };
    expect(say(rinsed, 'drain')).not.toContain('Drained');
  });
});

describe('figures of a plan whose pulp is dried', () => {
  const r = of('soy-washed');
  const dried: Recipe = {
    ...r,
    steps: [...r.steps, makeStep('dry', 'dry', { of: 'pulp' })],
  };
  test('the time to the jar does not count the drying', () => {
    expect(seen(dried).summary.toJarS).toBeCloseTo(seen(r).summary.toJarS, 0);
    expect(seen(dried).summary.elapsedS).toBeGreaterThan(seen(dried).summary.toJarS + 3600);
  });
  test('what comes out of the oven is flour', () => {
    expect(seen(dried).summary.products.find((p) => p.pulp)?.flour).toBe(true);
    expect(seen(r).summary.products.find((p) => p.pulp)?.flour).toBe(false);
  });
});

test('milk that was weighed at the strain is not “not weighed”', () => {
  const batch = sampleBatch();
  const events = wholeRun(batch, 5);
  const last = events.at(-1);
  const strain = batch.recipe.steps.findLast((s) => s.kind === 'strain' || s.kind === 'wash');
  if (!last || !strain) throw new Error('no strain');
  const at = (value: number): BatchEvent =>
    ({
      ...last,
      id: 'r1',
      seq: last.seq + 1,
      is: 'reading',
      reading: { step: strain.id, what: 'milkG', value },
    }) as unknown as BatchEvent;
  expect(lastMilkWeight(progressOf(batch, events))).toBeNull();
  expect(lastMilkWeight(progressOf(batch, [...events, at(655)]))).toEqual({ g: 655, after: 'straining' });
});
