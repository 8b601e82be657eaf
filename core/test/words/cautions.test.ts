import { expect, test } from '@jest/globals';
import { progressOf } from '../../src/batch';
import { METHODS } from '../../src/methods';
import { withParams } from '../../src/steps';
import type { Step } from '../../src/steps';
import { cautionsOf } from '../../src/words';
import { batchOf } from '../batch/promised';

/** What is said at every task of a school, by step and task. */
function said(school: string, change: (s: Step) => Step = (s) => s): readonly (readonly [string, string])[] {
  const made = batchOf(school);
  const batch = { ...made, recipe: { ...made.recipe, steps: made.recipe.steps.map(change) } };
  const p = progressOf(batch, []);
  return p.tasks.flatMap((t) => {
    const stage = p.outcome.stages[t.index];
    return stage ? cautionsOf(t.step, stage, t.task.id, p.recipe).map((x) => [t.step.kind, x] as const) : [];
  });
}

test('a nut is opened at one step, and only there is it said', () => {
  for (const m of METHODS.filter((x) => x.materials.some((f) => f === 'coconut-fresh' || f === 'coconut-grated')))
    expect(said(m.id).filter(([, x]) => x.startsWith('Opening'))).toHaveLength(1);
  expect(said('coconut-dried').filter(([, x]) => x.startsWith('Opening'))).toEqual([]);
  expect(said('oat-middle')).toEqual([]);
});
test('hands into hot water, hot glass into cold: each at its own step', () => {
  const hot = said('coconut-two-runs', (s) => (s.kind === 'knead' ? withParams(s, { waterC: 80 }) : s));
  expect(hot.filter(([kind, x]) => kind === 'knead' && x.startsWith('Hands go in'))).not.toEqual([]);
  const cool = said('coconut-two-runs', (s) => (s.kind === 'knead' ? withParams(s, { waterC: 30 }) : s));
  expect(cool.filter(([, x]) => x.startsWith('Hands'))).toEqual([]);
  // Ground hot, the bag is hot; cooled to 40 °C before, it can be wrung.
  const bag = (school: string) => said(school).filter(([kind, x]) => kind === 'strain' && x.includes('it burns'));
  expect(bag('oat-hot-thin')).not.toEqual([]);
  expect(bag('coconut-dried')).not.toEqual([]);
  expect(bag('oat-middle')).toEqual([]);
  expect(bag('soy-with-pulp')).toEqual([]);
  const glass = said('soy-washed', (s) => (s.kind === 'cool' ? withParams(s, { vessel: 'jars' }) : s));
  expect(glass.map(([kind]) => kind)).toEqual(['cool']);
});
