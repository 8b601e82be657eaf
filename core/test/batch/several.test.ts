import { describe, expect, test } from '@jest/globals';
import { fold, progressOf, promisedOf, summarise } from '../../src/batch';
import { isPulp, massG } from '../../src/kitchen';
import { changeText, inSeveral } from '../../src/words';
import { batchOf } from './promised';

const plain = (text: string): string => text.replace(/[\u00a0\u2009\u202f]/g, ' ');

describe('milk that goes into its jars as more than one thing', () => {
  test.each(['coconut-graded', 'soy-washed', 'oat-middle'])(
    '%s: wet pulp is what stayed in the cloth, and no extract',
    (id) => {
      const batch = batchOf(id);
      const o = fold(batch.recipe, batch);
      const pulp = Object.values(o.products).reduce((g, s) => g + (isPulp(s) ? massG(s) : 0), 0);
      expect(pulp).toBeGreaterThan(0);
      expect(promisedOf(summarise(batch.recipe, o, batch.kit)).pulpG).toBeCloseTo(pulp, 6);
    },
  );
  test('what changed is told of all of it, and of the extract by its name', () => {
    const batch = batchOf('coconut-graded');
    const before = progressOf(batch, []).summary;
    const knead = batch.recipe.steps.find((s) => s.kind === 'knead');
    const short = progressOf(batch, [
      {
        id: 'e1',
        batch: batch.id,
        seq: 1,
        at: 0,
        is: 'reading',
        reading: { id: 'r', step: knead?.id ?? '', task: 'knead', what: 'durationS', value: 60, source: 'cook' },
      },
    ]).summary;
    expect(inSeveral(before)).toBe(true);
    expect(inSeveral(progressOf(batchOf('soy-washed'), []).summary)).toBe(false);
    expect(plain(changeText(before, short))).toMatch(/the first extract comes to \d+ ml instead of \d+ ml/);
    expect(changeText(before, short)).not.toContain('the milk');
  });
});
