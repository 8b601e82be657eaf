import { describe, expect, test } from '@jest/globals';
import { measuredStages, progressOf } from '../../src/batch';
import type { BatchEvent } from '../../src/batch';
import { unlearned, USUAL_KIT } from '../../src/kitchen';
import { METHODS, methodById, recipeOf } from '../../src/methods';
import { asMade, look } from '../../src/questions';
import type { Recipe } from '../../src/steps';
import { cardOf, join, millilitres, stepText } from '../../src/words';
import { sampleBatch, wholeRun } from '../records/sample';

const cardFor = (r: Recipe) => {
  const seen = look(r, unlearned(USUAL_KIT));
  if (!seen) throw new Error('no look');
  return { card: cardOf('Card', r, USUAL_KIT, seen), seen };
};
const graded = methodById('coconut-graded');
if (!graded) throw new Error('no method');

describe('a card', () => {
  test('names the extract of every step after the pressing, and what each comes to', () => {
    const { card } = cardFor(recipeOf(graded));
    const titles = card.steps.map((s) => s.title);
    for (const name of ['first extract', 'second extract', 'third extract']) {
      expect(titles).toContain(`Cool: ${name}`);
      expect(titles).toContain(`Jar: ${name}`);
      expect(card.makes.some((x) => x.startsWith(name))).toBe(true);
    }
  });
  test.each(METHODS.map((m) => [m.id, m] as const))('%s makes what is filled into its jars', (_, m) => {
    const { card, seen } = cardFor(recipeOf(m));
    const filled = seen.outcome.stages.reduce((ml, st) => ml + (st.figures.filledMl ?? 0), 0);
    if (filled > 0) expect(card.makesMl).toBeCloseTo(filled, 6);
  });
  test('of a batch shows the weight that was measured: fill and yield are one figure', () => {
    const batch = sampleBatch();
    const events = wholeRun(batch, 5);
    const jar = batch.recipe.steps.find((s) => s.kind === 'jar');
    const last = events.at(-1);
    if (!jar || !last) throw new Error('no jar step');
    const reading = { step: jar.id, what: 'filledG', value: 612 };
    const read = { ...last, id: 'r1', seq: last.seq + 1, is: 'reading', reading } as unknown as BatchEvent;
    const p = progressOf(batch, [...events, read]);
    const outcome = { ...p.outcome, stages: measuredStages(p) };
    const card = cardOf('Batch', asMade(p, batch), batch.kit, { outcome, summary: p.summary, warnings: [] });
    const fill = card.steps.find((s) => s.title === 'Jar')?.text ?? '';
    expect(p.summary.jarredMl).not.toBeCloseTo(progressOf(batch, events).summary.jarredMl, 0);
    expect(fill).toContain(join(millilitres(card.makesMl)));
  });
});

test('a step in a line shows no figure of a way that is not used', () => {
  const cool = recipeOf(graded).steps.find((s) => s.kind === 'cool');
  if (cool?.kind !== 'cool') throw new Error('no cool step');
  expect(stepText(cool, recipeOf(graded)).match(/°C/g)).toHaveLength(1);
  const atWindow = { ...cool, params: { ...cool.params, how: 'window' as const } };
  expect(stepText(atWindow, recipeOf(graded)).match(/°C/g)).toHaveLength(2);
});
