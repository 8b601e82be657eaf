import { expect, test } from '@jest/globals';
import { csvOf, readPasted, readPlanFile, readRecipeFile, writePlan } from '../../src/formats';
import { tidyLine } from '../../src/formats/pasted';
import { MATERIALS, materialById } from '../../src/materials';
import { METHODS, methodById, recipeOf } from '../../src/methods';
import { validRow } from '../../src/records';
import type { PlanRecord } from '../../src/records';
import { sampleKitchen } from '../records/sample';

const washed = methodById('soy-washed') ?? METHODS[0];
if (!washed) throw new Error('no method');
/** An object that no text can be made of. */
const MUTE = { toString: 1, valueOf: 1 };

test('what no text can be made of is refused in a sentence, wherever it stands', () => {
  const [m] = METHODS;
  if (!m) throw new Error('no method');
  const plan = JSON.parse(JSON.stringify(writePlan({ name: 'x', method: m.id, recipe: recipeOf(m) }))) as Record<
    string,
    unknown
  >;
  for (const [key, value] of [
    ['version', MUTE],
    ['name', MUTE],
    ['larder', [{ material: 'soybeans', into: 'work', amount: { value: MUTE, unit: 'g' } }]],
  ] as const) {
    const read = readPlanFile(JSON.stringify({ ...plan, [key]: value }));
    expect([key, read.ok]).toEqual([key, false]);
    if (!read.ok) for (const f of read.faults) expect(f.say).toMatch(/\.$/);
  }
  expect(validRow('plans', { v: MUTE })).toHaveProperty('faults');
});
// A fault that was found: a copied name, cut at 120 letters, ended in a blank, and the whole archive was refused.
test('a name that ends in a blank is taken in without it', () => {
  const [plan] = sampleKitchen().plans;
  const name = `${'a'.repeat(118)} `;
  const read = validRow('plans', { ...plan, name });
  expect(read).toMatchObject({ row: { name: 'a'.repeat(118) } });
  expect(validRow('plans', { ...plan, name: '   ' })).toHaveProperty('faults');
});
test('signs that begin a formula are marked, the full-width ones too', () => {
  const line = csvOf(
    ['name'],
    ['=1+1', '＝1+1', '＋1', '－1', '＠x', '@x', '-1', 'milk'].map((x) => [x]),
  );
  for (const row of line.split('\r\n').slice(1, -1))
    expect([row, row.replace(/^"/, '').startsWith("'")]).toEqual([row, true]);
  expect(line.endsWith('milk')).toBe(true);
});
// A fault that was found: soybeans in a file with a cap of 60 days promised 59, and without an inhibitor were safe raw.
test('known foods keep their own safety data, own foods no more than the food they are like', () => {
  const soy = materialById(MATERIALS, 'soybeans');
  const long = { days: 40, capDays: 60 };
  const forged = {
    ...soy,
    inhibitorLabileShare: null,
    allergens: [],
    keeps: { raw: long, heated: long, boiled: long },
  };
  const [plan] = sampleKitchen().plans;
  const taken = (m: typeof forged) => {
    const read = validRow('plans', { ...plan, recipe: { ...recipeOf(washed), materials: [m] } });
    if (!('row' in read)) throw new Error(JSON.stringify(read));
    return (read.row as PlanRecord).recipe.materials[0];
  };
  expect(taken(forged)).toMatchObject({ inhibitorLabileShare: 0.7, allergens: ['soy'], keeps: soy.keeps });
  const own = taken({ ...forged, id: 'own-bean', name: 'Hill beans', source: 'own', behavesAs: 'soy', milk: '' });
  expect(own).toMatchObject({ inhibitorLabileShare: 0.7, keeps: soy.keeps });
});
test('a plan file may not give a known food the data of another', () => {
  const file = { ...writePlan({ name: 'x', method: washed.id, recipe: recipeOf(washed) }) };
  const read = readPlanFile(
    JSON.stringify({ ...file, materials: [{ id: 'soybeans', name: 'Soybeans', like: 'oats-rolled' }] }),
  );
  expect(read.ok).toBe(false);
  if (!read.ok) expect(read.faults.map((f) => f.say).join(' ')).toContain('is the id of a known food');
});
// Faults that were found: 30 000 blanks in a line took seconds, an ingredient of a megabyte a minute.
test('long runs of blanks and endless lines are cut before any pattern looks at them', () => {
  for (const line of [`1 cup${' '.repeat(30_000)}oats`, `${'1 cup '.repeat(200_000)}oats`, '\t'.repeat(30_000)]) {
    expect(tidyLine(line).length).toBeLessThanOrEqual(500);
    expect(tidyLine(line)).not.toMatch(/\s\s/);
    expect(readPasted(`100 g oats\n${line.slice(0, 3000)}`, 240).ok).toBe(true);
    const file = { '@type': 'Recipe', name: line, recipeIngredient: [line, '100 g oats'], recipeInstructions: line };
    const read = readRecipeFile(JSON.stringify(file));
    expect(read.ok && read.recipe.takes.every((t) => t.length <= 500)).toBe(true);
  }
});
