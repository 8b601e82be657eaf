import { unlearned } from '../../src/kitchen';
import { expect, test, describe } from '@jest/globals';
import { CLASSES, MEASURES } from '../../src/batch';
import { look, rankFor, USE_IDS } from '../../src/questions';
import type { ClassResult, Measure } from '../../src/batch';
import type { Stop } from '../../src/questions';
import { METHODS, recipeOf } from '../../src/methods';
import { kindOf } from '../../src/steps';
import {
  bodyText,
  CLASS_NAMES,
  classText,
  foodOf,
  instruction,
  join,
  MEASURE_NAMES,
  measureText,
  milkName,
  milkOf,
  reasonText,
  stopText,
  streamName,
  taskName,
  thickness,
  USE_COUNTS,
  USE_NAMES,
} from '../../src/words';
import { kitAt, SEA } from '../batch/kitchen';

const BAD = /NaN|undefined|Infinity|null|– |\bbeans?\b/;

describe.each(METHODS.map((m) => [m.id, m] as const))('the bench speaks of %s', (_, m) => {
  const recipe = recipeOf(m);
  const seen = look(recipe, unlearned(kitAt(640)));
  if (!seen) throw new Error(m.id);
  test('every task has a title, something to do, and no word of another food', () => {
    recipe.steps.forEach((step, i) => {
      const stage = seen.outcome.stages[i];
      if (!stage) throw new Error(step.id);
      for (const task of stage.tasks) {
        const said = instruction(step, stage, task.id, recipe);
        const all = `${said.title} ${said.say} ${said.cue ?? ''}`;
        if (m.milk === 'soy') expect(all).not.toMatch(/NaN|undefined|Infinity/);
        else expect([step.id, all]).toEqual([step.id, expect.not.stringMatching(BAD)]);
        expect(said.title.length).toBeGreaterThan(2);
        expect(taskName(step, task.id, kindOf(step.kind).label)).toMatch(/^[A-Z]/);
      }
    });
  });
  test('every food is weighed, once, where it is first taken; every cloth is named; no two tasks of a plan read alike', () => {
    const said = recipe.steps.flatMap((step, i) => {
      const stage = seen.outcome.stages[i];
      return (stage?.tasks ?? []).map((t) => ({
        step,
        task: t.id,
        ...instruction(step, stage as never, t.id, recipe, SEA),
      }));
    });
    for (const l of recipe.larder) {
      const name = recipe.materials.find((x) => x.id === l.material)?.name.toLowerCase() ?? '';
      const weighed = said.filter((x) => x.say.includes(` of ${name}`) && !/^load[2-9]/.test(x.task));
      expect([name, weighed.length]).toEqual([name, 1]);
    }
    for (const x of said)
      if (x.step.kind === 'strain' || x.step.kind === 'wash')
        expect(x.say).toMatch(/through “(Fine bag|Cheesecloth.*|Kitchen sieve)”/);
    const jars = said.filter((x) => x.step.kind === 'jar').map((x) => x.title);
    expect(new Set(jars).size).toBe(jars.length);
  });
  test('its streams have names for people', () => {
    for (const name of Object.keys(seen.outcome.products)) expect(streamName(name, recipe)).toMatch(/^[a-z]/);
    expect(streamName('milk', recipe)).toBe(milkName(m.milk));
    expect(streamName('work', recipe)).toBe(foodOf(recipe).pieces);
    expect(milkOf(recipe)).toBe(m.milk);
  });
  test('every measure can be said', () => {
    for (const of of Object.keys(MEASURES) as Measure[]) {
      const t = join(measureText(of, MEASURES[of](seen.summary), '€'));
      expect([of, t]).toEqual([of, expect.not.stringMatching(/NaN|undefined|Infinity/)]);
      expect(MEASURE_NAMES[of].length).toBeGreaterThan(2);
    }
    const body = seen.summary.main?.body;
    if (body) expect(bodyText(body)).toMatch(/^[a-z ,]+$/);
  });
});

describe('reasons', () => {
  test('each use has a name, what counts for it, and a sentence for every school', () => {
    const all = METHODS.map((m) => ({ id: m.id, milk: m.milk, recipe: recipeOf(m) }));
    for (const use of USE_IDS) {
      expect(USE_NAMES[use].length).toBeGreaterThan(2);
      expect(USE_COUNTS[use].length).toBeGreaterThan(10);
      for (const r of rankFor(use, all, unlearned(SEA), { hours: null, blender: true })) {
        const t = reasonText(r.good, r.bad);
        expect([r.id, t]).toEqual([r.id, expect.stringMatching(/^[A-Z].*\.$/)]);
        expect(t).not.toMatch(/NaN|undefined|Infinity/);
      }
    }
  });
  test('nothing for it, nothing against it: a plain word', () => {
    expect(reasonText([], [])).toBe('Nothing stands out.');
    expect(reasonText([{ of: 'slime', value: 1, fit: 1 }], [])).toBe('No slime.');
    expect(reasonText([], [{ of: 'body', value: 30, fit: 0 }])).toBe('Sets when cold.');
    expect(reasonText([{ of: 'costPerL', value: 0.2, fit: 1 }], [{ of: 'protein', value: 0.01, fit: 0.2 }])).toBe(
      'Cheap (0.20 a litre); but little protein (1.0\u00a0%).',
    );
  });
});

describe('classes and stops', () => {
  test('each class has a name; met and not met are said, the first minimum with its figures', () => {
    for (const c of CLASSES) expect([c.id, CLASS_NAMES[c.id] !== undefined]).toEqual([c.id, true]);
    const result = (more: Partial<ClassResult>): ClassResult => ({
      id: 'coconut-milk',
      standard: 'x',
      met: true,
      fails: null,
      notChecked: 'pH',
      ...more,
    });
    expect(classText(result({}))).toBe('coconut milk: met; pH not checked');
    expect(classText(result({ met: false, fails: { of: 'fat', is: 0.0812, needs: 0.1 } }))).toBe(
      'coconut milk: no, fat 8.1\u00a0%, needs 10\u00a0%',
    );
    expect(classText(result({ met: false, fails: { of: 'moisture', is: 0.9, needs: 0.873 } }))).toMatch(/at most/);
  });
  test.each<[Stop]>([
    [{ by: 'water', way: 'least' }],
    [{ by: 'water', way: 'most' }],
    [{ by: 'seconds', way: 'least' }],
    [{ by: 'seconds', way: 'most' }],
    [{ by: 'amount' }],
    [{ by: 'absent' }],
    [{ by: 'minimum', fails: { of: 'protein', is: 0.02, needs: 0.038 } }],
    [{ by: 'minimum', fails: null }],
  ])('what stands in the way is a plain clause: %j', (s) => expect(stopText(s)).toMatch(/^[a-z].{10,}[a-z%\d]$/));
  test('a milk that sets has no figure', () => {
    expect(thickness(null)).toEqual({ n: 'sets', unit: '' });
    expect(thickness(40).n).toBe('sets');
    expect(join(thickness(2.13))).toBe('2.1\u00a0× water');
  });
});
