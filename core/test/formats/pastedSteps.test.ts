import { describe, expect, test } from '@jest/globals';
import { pastedRecipe, readPasted, stillAsks } from '../../src/formats';
import type { PastedLine } from '../../src/formats';
import { methodById, recipeOf } from '../../src/methods';
import { foodLines, orderFaults } from '../../src/steps';
import type { Recipe } from '../../src/steps';
import { saidText } from '../../src/words';
import { US_CUP_ML } from '../../src/units';

const read = (text: string): readonly PastedLine[] => {
  const r = readPasted(text, US_CUP_ML);
  if (!r.ok) throw new Error(r.why);
  return r.lines;
};
const steps = (text: string): readonly string[] =>
  read(`100 g rolled oats\n${text}`).flatMap((l) => (l.what?.is === 'step' ? [saidText(l.what.kind, l.what.set)] : []));
const plain = (s: string): string => s.replace(/\u00a0/g, ' ');
const into = (id: string, text: string): { readonly recipe: Recipe; readonly unused: readonly string[] } => {
  const m = methodById(id);
  if (!m) throw new Error(id);
  const p = pastedRecipe(recipeOf(m), read(text));
  expect(orderFaults(p.recipe)).toEqual([]);
  return { recipe: p.recipe, unused: p.unused.map((l) => l.text) };
};

describe('steps in words', () => {
  test.each([
    ['Soak the beans overnight in the fridge.', ['Soak: 10 h, fridge']],
    ['Soak for 8 hours', ['Soak: 8 h']],
    ['Drain and rinse twice.', ['Drain and rinse: rinses 2']],
    ['Boil 2 min.', ['Boil: 2 min']],
    ['Simmer gently for 10–20 minutes', ['Boil: 15 min, gentle']],
    ['Blend on high for 30 seconds, then strain through a bag, squeezing gently', ['Grind: 30 s', 'Strain: gentle']],
    ['1. Toast the rice 8 min', ['Toast dry: 8 min']],
    ['Let it stand ten minutes', ['Stand: 10 min']],
    ['Heat to 75 °C and hold for 2 minutes', ['Heat gently: 75 °C, 2 min']],
    ['Blend with 800 ml of ice water, 25 s', ['Grind: 25 s, 2.0 °C, 799 g']],
    ['Wring the cloth hard', ['Strain: press hard']],
    ['Cool to 8 °C', ['Cool: 8.0 °C']],
  ])('%s', (text, want) => expect(steps(text).map(plain)).toEqual(want));
});

describe('every line is told', () => {
  test('taken, asked about, or left out: none is lost', () => {
    const text = [
      'Oat milk for Sunday',
      '1 cup rolled oats',
      '4 cups ice water',
      'a handful of love',
      '2 dates',
      '1 tbsp maple syrup',
      'a pinch of cinnamon',
      'Blend 30 seconds.',
      'Strain gently.',
      'Enjoy!',
    ].join('\n');
    const lines = read(text);
    expect(lines.map((l) => l.text.replace(/\.$/, ''))).toEqual(text.split('\n').map((l) => l.replace(/\.$/, '')));
    const of = (t: string) => lines.find((l) => l.text.startsWith(t));
    expect(of('Oat milk for')).toMatchObject({ what: null, ask: null });
    expect(of('Enjoy')).toMatchObject({ what: null, ask: null });
    expect(of('2 dates') && stillAsks(of('2 dates') as PastedLine)).toBe(true);
    expect(of('1 tbsp maple')?.what).toEqual({ is: 'stirred', material: 'maple-syrup' });
    expect(of('Blend')?.what).toMatchObject({ is: 'step', kind: 'grind', set: { durationS: 30 } });
  });
  test('additions are known: dates and fruit, syrups, spices, cocoa, peel, tea', () => {
    const known = read(
      '100 g oats\n20 g jaggery\n5 g cocoa\n3 g lemon peel\n2 g ground cinnamon\n1 cinnamon stick\n200 ml tea\n60 g strawberries\n10 g sesame',
    ).map((l) => (l.what && 'material' in l.what ? l.what.material : null));
    expect(known).toEqual([
      'oats-rolled',
      'jaggery-syrup',
      'cocoa',
      'citrus-peel',
      'cinnamon',
      'cinnamon-stick',
      'tea',
      'berries',
      'sesame',
    ]);
  });
});

describe('words become a plan', () => {
  test('its times and temperatures are the recipe’s; what it does not speak of is the method’s', () => {
    const { recipe, unused } = into(
      'soy-washed',
      '250 g soybeans\n1.2 l water\n500 ml water\n100 ml water\nSoak 12 hours\nDrain, rinse three times\nBlend two minutes\nStrain and squeeze hard\nSimmer gently 20 min\nCool to 8 °C',
    );
    const of = (kind: string) => recipe.steps.find((s) => s.kind === kind)?.params;
    expect(of('soak')).toMatchObject({ durationS: 12 * 3600 });
    expect(of('drain')).toMatchObject({ rinses: 3 });
    expect(of('grind')).toMatchObject({ durationS: 120 });
    expect(of('boil')).toMatchObject({ holdS: 1200, vigour: 'gentle' });
    expect(of('cool')).toMatchObject({ toC: 8 });
    expect(recipe.steps.some((s) => s.kind === 'hull')).toBe(true);
    expect(unused).toEqual([]);
  });
  test('staged water stays staged: three waters in a plan of three are not shared out anew', () => {
    const { recipe } = into('soy-washed', '200 g soybeans\n1 l water\n400 ml water\n100 ml water');
    const waters = recipe.steps.flatMap((s) =>
      s.kind === 'grind' || s.kind === 'wash' ? [s.params.waterG] : s.kind === 'pour' ? [s.params.amountG] : [],
    );
    expect(waters.map(Math.round)).toEqual([998, 399, 100]);
  });
  test('a step that the method has not is put in where the recipe does it', () => {
    const { recipe } = into(
      'oat-middle',
      '90 g oats\n800 ml water\nBlend 40 s\nLet it stand 5 minutes\nStrain\nStrain gently',
    );
    const kinds = recipe.steps.map((s) => s.kind);
    expect(kinds.indexOf('stand')).toBe(kinds.indexOf('grind') + 1);
    expect(kinds.filter((k) => k === 'strain').length).toBeGreaterThanOrEqual(2);
  });
  test('what cannot be done there is told, and the plan stays whole', () => {
    const { recipe, unused } = into('oat-middle', '90 g oats\n800 ml water\nWash the pulp\nBlend 40 s');
    expect(unused.length + recipe.steps.length).toBeGreaterThan(0);
    expect(foodLines(recipe)[0]).toMatchObject({ material: 'oats-rolled', grams: 90 });
  });
});
