import { unlearned } from '../../src/kitchen';
import { expect, test, describe } from '@jest/globals';
import { summaryAt } from '../../src/questions';
import { pastedRecipe, readPasted, withForm } from '../../src/formats';
import type { PastedLine } from '../../src/formats';
import { methodById, recipeOf } from '../../src/methods';
import { foodLines, orderFaults } from '../../src/steps';
import { leadingNumber, METRIC_CUP_ML, spoonText, unitNamed, US_CUP_ML } from '../../src/units';
import { ASKS } from '../../src/words';
import { SEA } from '../batch/kitchen';

const read = (text: string, cup = US_CUP_ML): readonly PastedLine[] => {
  const r = readPasted(text, cup);
  if (!r.ok) throw new Error(r.why);
  return r.lines;
};

describe('numbers and units as recipes write them', () => {
  test.each([
    ['1½ cups', 1.5],
    ['1 1/2 cups', 1.5],
    ['3/4 cup', 0.75],
    ['½ cup', 0.5],
    ['0.5 l', 0.5],
    ['1,5 l', 1.5],
    ['12 g', 12],
  ])('%s begins with %d', (text, want) => expect(leadingNumber(text)?.value).toBeCloseTo(want, 12));
  test('a thousand or a decimal is not guessed; words are no numbers', () => {
    expect(leadingNumber('1,350 g')).toBeNull();
    expect(leadingNumber('a cup')).toBeNull();
  });
  test('an ounce, a pound, a tablespoon, a quart (NIST Handbook 44, appendix C)', () => {
    expect(unitNamed('oz')).toMatchObject({ g: 28.349523125 });
    expect(unitNamed('pounds')).toMatchObject({ g: 453.59237 });
    expect((unitNamed('tbsp') as { ml: number }).ml).toBeCloseTo(14.787, 3);
    expect((unitNamed('quart') as { ml: number }).ml).toBeCloseTo(946.35, 1);
    expect(unitNamed('handful')).toBeNull();
    expect(spoonText(30, METRIC_CUP_ML)).toBe('2 tbsp');
    expect(spoonText(100, METRIC_CUP_ML)).toBeNull();
  });
});

describe('a recipe’s words', () => {
  test('“1½ cups rolled oats, 4 cups ice water”: 121.5 g (a US cup 81 g) and 945 g at 2 °C', () => {
    const [oats, water] = read('1½ cups rolled oats, 4 cups ice water');
    expect(oats).toMatchObject({ what: { is: 'food', material: 'oats-rolled' }, ask: null });
    expect(oats?.grams).toBeCloseTo(121.5, 1);
    expect(water).toMatchObject({ what: { is: 'water', c: 2, thrown: false }, ask: null });
    expect(water?.grams).toBeCloseTo(4 * 236.588 * 0.9982, 0);
  });
  test('what is missing is asked', () => {
    const asks = read(
      '2 coconuts\n1-2 cups soybeans\n1 cup rice\nrolled oats\n3 handfuls almonds\n1 cup of wizard dust\n1 cup dried coconut',
    ).map((l) => l.ask);
    expect(asks).toEqual(['count', 'range', 'form', 'amount', 'count', 'food', null]);
    for (const a of asks) if (a) expect(ASKS[a]).toMatch(/[?.]$/);
  });
  test('a comma in a figure is no end of a line: a litre and a half is not five, a thousand is asked', () => {
    expect(read('1,5 l water, 100 g oats').map((l) => Math.round(l.grams ?? -1))).toEqual([1497, 100]);
    expect(read('1,350 g water\n100 g oats').map((l) => l.ask)).toEqual(['amount', null]);
  });
  test.each([
    ['100 g steel-cut oats', 'food'],
    ['1 cup quick oats', 'food'],
    ['1 tsp almond extract\n200 g almonds', 'food'],
    ['1 cup coconut milk', 'food'],
    ['1 cup rice flour', 'food'],
    ['2 cups soaked soybeans', 'wet'],
    ['200 g soaked almonds', 'wet'],
  ])('“%s” is not the plain dry food, and is asked', (text, ask) => {
    expect(read(text)[0]).toMatchObject({ grams: null, ask });
  });
  test.each([
    ['a cup of oats', 81],
    ['half a cup of almonds', 71.5],
    ['rolled oats: 100 g', 100],
    ['rolled oats, 1½ cups', 121.5],
    ['200 g (2 cups) oats', 200],
  ])('“%s” says its amount', (text, grams) => expect(read(text)[0]?.grams).toBeCloseTo(grams, 6));
  test('two amounts on one line are two lines', () => {
    const of = (t: string) => read(t).map((l) => [l.what?.is, Math.round(l.grams ?? 0)]);
    expect(of('100 g oats in 1 l water')).toEqual([
      ['food', 100],
      ['water', 998],
    ]);
    expect(of('1 1/2 cups oats to 4 cups water')).toEqual([
      ['food', 122],
      ['water', 945],
    ]);
    expect(of('8 fl oz water\n1 cup oats')[0]).toEqual(['water', 236]);
  });
  test('a temperature is no amount, and cups are no temperature', () => {
    const of = (t: string) =>
      read(`100 g oats\n${t}`)
        .slice(1)
        .map((l) => [l.what?.is === 'water' ? l.what.c : l.what, l.grams === null ? l.ask : Math.round(l.grams)]);
    expect(of('1 l water at 50 C')).toEqual([[50, 998]]);
    expect(of('water at 50 C')).toEqual([[50, 'amount']]);
    expect(of('4 cups water 120 F')).toEqual([[49, 945]]);
    expect(of('4 C water')).toEqual([[null, 945]]);
    expect(of('1 l water (50 °C)')).toEqual([[50, 998]]);
  });
  test('a form that is chosen gives the grams through its own density', () => {
    const [rice] = read('1 cup rice\n1 cup rolled oats');
    expect(rice?.among).toContain('rice-cooked');
    expect(withForm(rice as PastedLine, 'rice-cooked', US_CUP_ML).grams).toBeCloseTo(158, 6);
    expect(withForm(rice as PastedLine, 'rice-white', US_CUP_ML).grams).toBeCloseTo(185, 6);
  });
  test('soaking water is set apart from what reaches the milk', () => {
    const lines = read('1 cup soybeans\n3 cups water for soaking\n6 cups water');
    expect(lines.map((l) => l.what?.is === 'water' && l.what.thrown)).toEqual([false, true, false]);
  });
  test('another language, no amounts, nothing at all: said, nothing made', () => {
    expect(readPasted('', US_CUP_ML)).toEqual({ ok: false, why: 'empty' });
    expect(readPasted('deux tasses de flocons, quatre verres', US_CUP_ML)).toEqual({ ok: false, why: 'nothing' });
    expect(readPasted('stir well and serve', US_CUP_ML)).toEqual({ ok: false, why: 'nothing' });
  });
  test('anything at all is read without a fault', () => {
    for (const t of ['½', '1/0 cup oats', '9'.repeat(3000), '\n\n,,,', '1 cup\u0000oats', '−5 cups water, 1 cup oats'])
      expect(() => readPasted(t, US_CUP_ML)).not.toThrow();
  });
  test('becomes a plan: amounts, water in the plan’s own proportions, its warmth, salt', () => {
    const m = methodById('oat-ice');
    if (!m) throw new Error('no school');
    const lines = read('1 cup rolled oats\n3 cups ice water\n1 cup ice\n1/4 tsp salt');
    const r = pastedRecipe(recipeOf(m), lines).recipe;
    expect(r.larder[0]?.grams).toBeCloseTo(81, 6);
    const grind = r.steps.find((s) => s.kind === 'grind');
    expect(
      grind?.kind === 'grind' && [grind.params.waterC, Math.round(grind.params.waterG), Math.round(grind.params.iceG)],
    ).toEqual([2, 708, 130]);
    expect(summaryAt(r, unlearned(SEA), []).main?.massG).toBeGreaterThan(400);
  });
  test('nothing is lost: another food goes into the jug, a finish is added, soaking water to the soak; the rest is told', () => {
    const plan = (id: string, text: string) => {
      const m = methodById(id);
      if (!m) throw new Error(id);
      const p = pastedRecipe(recipeOf(m), read(text));
      expect(orderFaults(p.recipe)).toEqual([]);
      return { ...p, at: (kind: string) => p.recipe.steps.find((s) => s.kind === kind)?.params };
    };
    const oat = plan(
      'oat-middle',
      '1 cup oats\n1 l water\n30 g dates\n10 g dates\n1 tbsp honey\n1 tsp agave\n1 g salt',
    );
    expect(foodLines(oat.recipe).map((l) => [l.material, Math.round(l.grams)])).toEqual([
      ['oats-rolled', 81],
      ['dates', 40],
      ['honey', 21],
      ['agave-syrup', 7],
      ['salt', 1],
    ]);
    const order = oat.recipe.steps.map((s) => s.id);
    expect(order.indexOf('dates')).toBe(order.indexOf('grind') - 1);
    expect(order.indexOf('salt')).toBe(order.indexOf('jar') - 1);
    expect(oat.unused).toEqual([]);
    const with40 = summaryAt(oat.recipe, unlearned(SEA), []).main;
    const without = summaryAt(plan('oat-middle', '1 cup oats\n1 l water').recipe, unlearned(SEA), []).main;
    expect(with40?.sugars).toBeGreaterThan((without?.sugars ?? 1) + 0.01);
    const soy = plan('soy-washed', '200 g soybeans\n1.5 l water for soaking\n1.6 l water');
    expect(soy.at('soak')).toMatchObject({ waterG: 1500 * 0.9982 });
    expect(plan('oat-middle', '100 g oats\n1 l water to rinse\n1 l water').unused).toHaveLength(1);
  });
});
