import { unlearned } from '../../src/kitchen';
import { expect, test, describe } from '@jest/globals';
import { look } from '../../src/questions';
import { METHODS, recipeIn, recipeOf } from '../../src/methods';
import { applyEdits, kindOf, orderFaults, runsOf, stepAfter } from '../../src/steps';
import type { Fit } from '../../src/steps';
import {
  celsius,
  figureText,
  fitText,
  taughtText,
  instruction,
  join,
  orderFaultText,
  roughly,
  runNames,
  streamName,
  taskName,
  warningText,
} from '../../src/words';
import { kitAt } from '../batch/kitchen';

const plainText = (s: string): string => s.replace(/[\u00a0\u202f]/g, ' ');

describe('at the bench', () => {
  for (const m of METHODS)
    test(`${m.name}: every task has a title, says what to do with its figures, and reads as English`, () => {
      const r = recipeOf(m);
      const seen = look(r, unlearned(kitAt(640)));
      if (!seen) throw new Error('no look');
      r.steps.forEach((step, i) => {
        const stage = seen.outcome.stages[i];
        if (!stage) throw new Error(step.id);
        for (const task of stage.tasks) {
          const say = instruction(step, stage, task.id, r);
          const whole = plainText(`${say.title} ${say.say} ${say.cue ?? ''}`);
          expect(whole).not.toMatch(/undefined|NaN|null|\$\{|Infinity/);
          expect(say.title.length).toBeGreaterThan(2);
          expect(say.say.endsWith('.')).toBe(true);
          expect(taskName(step, task.id, kindOf(step.kind).label).length).toBeGreaterThan(2);
        }
      });
    });
  test('a grind in loads says the water of one load', () => {
    const washed = METHODS.find((m) => m.id === 'soy-washed');
    if (!washed) throw new Error('no school');
    const r = recipeOf(washed);
    const seen = look(r, unlearned(kitAt(0)));
    const i = r.steps.findIndex((s) => s.kind === 'grind');
    const say = instruction(r.steps[i] as never, seen?.outcome.stages[i] as never, 'load2', r);
    expect(plainText(say.title)).toBe('Grind load 2 of 2');
    expect(plainText(say.say)).toContain('550 g of fresh water');
  });
});

test('what earlier batches taught is said, and nothing where they taught nothing', () => {
  expect(taughtText(0)).toBeNull();
  expect(taughtText(1)).toBe('What you measured in one batch is in these figures.');
  expect(taughtText(7)).toBe('What you measured in 7 batches is in these figures.');
});

describe('what a reading taught', () => {
  const fit = (coefficient: string, value: number, leftOver = 0): Fit => ({
    coefficient,
    value,
    sd: 0.05,
    step: 's',
    what: 'w',
    leftOver,
  });
  test.each([
    ['hold:bag', 1.5, /held back more.*1\.5 times/],
    ['hold:bag', 0.7, /held back less/],
    ['hob:hob', 0.6, /hob is weaker/],
    ['steam:pot', 1.4, /More went off as steam/],
    ['power:jug', 1.2, /works harder/],
    ['uptake:soybeans', 0.8, /drink less/],
  ] as const)('%s at %d', (c, v, say) => expect(fitText(fit(c, v))).toMatch(say));
  test('as usual is not worth a sentence', () => expect(fitText(fit('hold:bag', 1.03))).toBeNull());
  test('what nothing explains is said so, both ways', () => {
    expect(fitText(fit('hold:bag', 2.5, -300))).toMatch(/300\sg is unaccounted for/);
    expect(fitText(fit('hold:bag', 0.4, 120))).toMatch(/more than there can be/);
  });
});

describe('small words', () => {
  test.each([
    [19_800, '5 h'],
    [110_000, '30 h'],
    [250_000, '2 d 21 h'],
    [2000, '33 min'],
  ])('%d s left are said no finer than %s', (s, say) => expect(plainText(join(roughly(s)))).toBe(say));
  test('degrees: whole when they are whole, a tenth when that matters', () => {
    expect([celsius(98).n, celsius(97.9).n, celsius(4).n]).toEqual(['98', '97.9', '4.0']);
  });
  test('every unit of a figure is spoken', () => {
    for (const unit of ['g', 'ml', 'C', 's', 'share', 'count', 'm', 'index'] as const)
      expect(figureText({ value: 12, unit }).replace(/\D/g, '')).toMatch(/^12/);
    expect(figureText(undefined)).toBe('–');
  });
  test('a stream that a cook named keeps its name', () =>
    expect([streamName('pulp'), streamName('extract3')]).toEqual(['pulp', 'extract3']));
  test('a step out of order says why', () => {
    expect(orderFaultText({ index: 0, step: 'x', stream: 'milk', why: 'missing' })).toMatch(
      /nothing before it has made/,
    );
    expect(orderFaultText({ index: 0, step: 'x', stream: 'milk', why: 'twice' })).toMatch(/two things/);
  });
  test('an unknown check has no silent sentence', () =>
    expect(() => warningText({ check: 'none', step: null, weight: 'know', figures: {}, fixes: [] })).toThrow(
      RangeError,
    ));
});

test('in a kitchen a school takes that kitchen’s tap water, and nothing else of it changes', () => {
  for (const m of METHODS) {
    const here = recipeIn(m, { ...kitAt(640), tapC: 9 });
    const usual = recipeOf(m);
    here.steps.forEach((s, i) => {
      const was = usual.steps[i]?.params as unknown as Record<string, unknown>;
      for (const [k, v] of Object.entries(s.params as unknown as Record<string, unknown>)) {
        const want = k === 'waterC' && was[k] === 15 ? 9 : was[k];
        expect([m.id, s.id, k, v]).toEqual([m.id, s.id, k, want]);
      }
    });
  }
});

test('a plan has its stations in its own order, each called after what is done in it', () => {
  const names = (id: string) => {
    const m = METHODS.find((x) => x.id === id);
    if (!m) throw new Error(id);
    return runNames(runsOf(recipeOf(m)));
  };
  expect(names('soy-washed')).toEqual(['Soak', 'Grind', 'Strain', 'Cook', 'Jar']);
  expect(names('soy-no-soak')[0]).toBe('Boil whole');
  expect(names('soy-with-pulp')).toEqual(['Soak', 'Grind', 'Cook', 'Strain', 'Cool', 'Jar']);
  expect(names('oat-middle')).toEqual(['Grind', 'Strain', 'Cool', 'Jar']);
  expect(names('rice-cooked')).toEqual(['Wash', 'Cook', 'Grind', 'Strain', 'Cool', 'Jar']);
  expect(names('coconut-graded')[0]).toBe('Knead');
  expect(names('tiger-nut-dates')).toEqual(['Soak', 'Grind', 'Strain', 'Cool', 'Jar']);
});
test('strained, cooked and strained again, it has two strainings; salt goes with what comes next', () => {
  const r = recipeOf(METHODS.find((m) => m.id === 'soy-washed') as (typeof METHODS)[number]);
  const again = stepAfter(r, 'strain', 'skim');
  const more = applyEdits(r, [{ do: 'insert', after: 'skim', step: again }]);
  expect(again.params).toMatchObject({ of: 'milk', into: 'milk', pulp: 'pulp 2' });
  expect(orderFaults(more)).toEqual([]);
  expect(runNames(runsOf(more))).toEqual(['Soak', 'Grind', 'Strain', 'Cook', 'Strain again', 'Cool', 'Jar']);
  expect(
    runsOf(r)
      .at(-1)
      ?.steps.map((s) => s.kind),
  ).toEqual(['add', 'jar']);
});

test('at the bench amounts are said in grams, and in the cook’s cups beside them where they are shown', () => {
  const m = METHODS.find((x) => x.id === 'oat-middle') as (typeof METHODS)[number];
  const r = recipeOf(m);
  const seen = look(r, unlearned(kitAt(640)));
  const [grind] = r.steps;
  const stage = seen?.outcome.stages[0];
  if (!grind || !stage) throw new Error('no grind');
  const said = (cupMl: number | null) => plainText(instruction(grind, stage, 'load1', r, kitAt(640), cupMl).say);
  expect(said(null)).toContain('820 g of fresh water at 15 °C with 90 g of rolled oats');
  // A US cup of rolled oats is 81 g (USDA); 820 g of water are 3.47 cups.
  expect(said(236.588)).toContain('820 g (≈ 3½ cups) of fresh water');
  expect(said(236.588)).toContain('90 g (≈ 1 cup) of rolled oats');
  const salt = recipeOf(METHODS.find((x) => x.id === 'oat-hot-thin') as (typeof METHODS)[number]);
  const at = salt.steps.findIndex((s) => s.kind === 'add');
  const saltStage = look(salt, unlearned(kitAt(640)))?.outcome.stages[at];
  const add = salt.steps[at];
  expect(add && saltStage && plainText(instruction(add, saltStage, 'add', salt, undefined, 250).say)).toMatch(
    /^Stir 1 g \(≈ .+\) of salt into the oat milk/,
  );
});
