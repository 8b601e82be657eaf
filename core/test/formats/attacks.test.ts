import { expect, test } from '@jest/globals';
import { csvOf, readPlanFile, writePlan } from '../../src/formats';
import { METHODS, recipeOf } from '../../src/methods';
import { validRow } from '../../src/records';
import { sampleKitchen } from '../records/sample';

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
