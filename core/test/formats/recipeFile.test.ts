import { describe, expect, test } from '@jest/globals';
import ICAL from 'ical.js';
import jsonld from 'jsonld';
import { isoDuration, readPasted, readRecipeFile, recipeFile, pastedRecipe } from '../../src/formats';
import { unlearned, USUAL_KIT } from '../../src/kitchen';
import { METHODS, recipeIn } from '../../src/methods';
import { look } from '../../src/questions';
import { applyEdits, foodLines, freshWaterOf, numberOf } from '../../src/steps';
import type { Recipe } from '../../src/steps';
import { cardOf } from '../../src/words';

const here = unlearned(USUAL_KIT);
function cardFor(recipe: Recipe, name = 'Soy, “washed”') {
  const seen = look(recipe, here);
  if (!seen) throw new Error('no look');
  return cardOf(name, recipe, USUAL_KIT, seen);
}
const of = (id: string): Recipe => {
  const m = METHODS.find((x) => x.id === id);
  if (!m) throw new Error(id);
  return recipeIn(m, USUAL_KIT);
};

describe('a plan as a recipe of schema.org', () => {
  const recipe = of('soy-washed');
  const text = recipeFile(cardFor(recipe));
  /** Read by a JSON-LD processor; the vocabulary is given here, for a test asks nobody on the net. */
  test('a standard processor finds name, yield, ingredients and steps under the terms of schema.org', async () => {
    const documentLoader = (url: string) =>
      Promise.resolve({
        contextUrl: null,
        documentUrl: url,
        document: { '@context': { '@vocab': 'https://schema.org/' } },
      });
    const [node] = await jsonld.expand(JSON.parse(text) as object, { documentLoader });
    const term = (t: string) => node?.[`https://schema.org/${t}`] ?? [];
    expect(term('name')[0]?.['@value']).toBe('Soy, “washed”');
    expect(term('recipeIngredient').map((x) => x['@value'])).toContain('200 g soybeans, dry');
    expect(term('recipeInstructions')).toHaveLength(recipe.steps.length);
    const [quantity] = term('recipeYield') as unknown as Record<string, { '@value': unknown }[]>[];
    expect(quantity?.['https://schema.org/unitCode']?.[0]?.['@value']).toBe('LTR');
    expect(quantity?.['https://schema.org/value']?.[0]?.['@value']).toBeCloseTo(cardFor(recipe).makesMl / 1000, 3);
  });
  test('its time is read back by a calendar library', () => {
    const { totalTime } = JSON.parse(text) as { totalTime: string };
    expect(Math.abs(ICAL.Duration.fromString(totalTime).toSeconds() - cardFor(recipe).elapsedS)).toBeLessThanOrEqual(
      30,
    );
    expect([0, 59, 3600, 90_000, 86_400].map(isoDuration)).toEqual(['PT0M', 'PT1M', 'PT1H', 'P1DT1H', 'P1D']);
  });
  test.each(METHODS.map((m) => m.id))('%s: read back it takes the same foods and waters', (id) => {
    const was = of(id);
    const read = readRecipeFile(recipeFile(cardFor(was)));
    if (!read.ok) throw new Error(read.fault);
    const lines = readPasted(read.recipe.takes.join('\n'), 236.6);
    if (!lines.ok) throw new Error(lines.why);
    // Into a plan of another size: what the file says takes the place of all of it.
    const other = applyEdits(was, [{ do: 'scale', by: 1.3 }]);
    const { recipe: again } = pastedRecipe(other, lines.lines);
    const grams = (r: Recipe) => {
      const sums = new Map<string, number>();
      for (const l of foodLines(r)) sums.set(l.material, (sums.get(l.material) ?? 0) + Math.round(l.grams));
      const water = r.steps.flatMap((s) => freshWaterOf(s).map(([name]) => numberOf(s, name)));
      return { ...Object.fromEntries(sums), water: Math.round(water.reduce((a, b) => a + b, 0)) };
    };
    expect(grams(again)).toEqual(grams(was));
  });
});

describe('foreign recipes: read in whatever dress they come, and nothing guessed', () => {
  const read = (json: unknown) => readRecipeFile(JSON.stringify(json));
  test('in a graph, beside a page; typed by its whole address; in sections; quantities as things', () => {
    const got = read({
      '@context': { '@vocab': 'http://schema.org/' },
      '@graph': [
        { '@type': 'WebPage', name: 'About' },
        {
          '@type': ['http://schema.org/Recipe', 'NewsArticle'],
          name: [
            { '@value': 'Hafermilch', '@language': 'de' },
            { '@value': 'Oat milk', '@language': 'en' },
          ],
          recipeIngredient: [
            '100 g rolled oats',
            { '@type': 'PropertyValue', name: 'water', value: 1, unitText: 'l' },
            { '@type': 'HowToSupply', name: 'salt', requiredQuantity: { value: 1, unitCode: 'GRM' } },
          ],
          recipeInstructions: [
            {
              '@type': 'HowToSection',
              name: 'Do',
              itemListElement: [
                { '@type': 'HowToStep', text: 'Blend 30 seconds' },
                { '@type': 'HowToStep', itemListElement: [{ '@type': 'HowToDirection', text: 'Strain gently' }] },
              ],
            },
            'Chill.',
          ],
        },
      ],
    });
    expect(got).toEqual({
      ok: true,
      recipe: {
        name: 'Oat milk',
        takes: ['100 g rolled oats', '1 l water', '1 g salt'],
        does: ['Blend 30 seconds', 'Strain gently', 'Chill.'],
      },
    });
  });
  test('without amounts every line asks; a range asks too', () => {
    const got = read([{ '@type': 'Recipe', name: 'x', recipeIngredient: ['rolled oats', 'water'] }]);
    const lines = got.ok ? readPasted(got.recipe.takes.join('\n'), 240) : null;
    expect(lines?.ok && lines.lines.map((l) => l.ask)).toEqual(['amount', 'amount']);
    const range = read({
      '@type': 'Recipe',
      supply: [{ name: 'oats', requiredQuantity: { minValue: 80, maxValue: 100, unitText: 'g' } }],
    });
    const asked = range.ok ? readPasted(range.recipe.takes.join('\n'), 240) : null;
    expect(asked?.ok && asked.lines[0]?.ask).toBe('range');
  });
  test('another language names no food that is known', () => {
    const got = read({ '@type': 'Recipe', name: 'Mandelmilch', recipeIngredient: ['200 g Mandeln', '1 l Wasser'] });
    expect(got.ok && readPasted(got.recipe.takes.join('\n'), 240)).toEqual({ ok: false, why: 'nothing' });
  });
  test('no JSON, no recipe, nothing in it, nested without end: said, and no fault thrown', () => {
    expect(readRecipeFile('<html>')).toEqual({ ok: false, fault: 'notJson' });
    expect(read({ '@type': 'Thing' })).toEqual({ ok: false, fault: 'noRecipe' });
    expect(read({ '@type': 'Recipe', name: 'x' })).toEqual({ ok: false, fault: 'nothing' });
    let deep: unknown = { '@type': 'Recipe', recipeIngredient: ['1 g salt'] };
    for (let i = 0; i < 40; i += 1) deep = [deep];
    expect(read(deep)).toEqual({ ok: false, fault: 'noRecipe' });
    for (const odd of [
      null,
      3,
      'x',
      [],
      [null],
      { '@type': null },
      { '@type': 'Recipe', recipeIngredient: [null, {}, [[]]] },
    ])
      expect(read(odd).ok).toBe(false);
  });
});
