import { unlearned } from '../../src/kitchen';
import { expect, test, describe } from '@jest/globals';
import fc from 'fast-check';
import { look } from '../../src/questions';
import { CHECKS } from '../../src/checks';
import type { Warning } from '../../src/checks';
import type { Kit } from '../../src/kitchen';
import { applyEdits } from '../../src/steps';
import type { Recipe } from '../../src/steps';
import { fixText, SPOKEN, warningText } from '../../src/words';
import { kitAt, soyRecipe } from '../batch/kitchen';
import { CASES, washed, withStep } from './everyCase';

const found = (r: Recipe, kit: Kit, check: string): Warning | undefined =>
  look(r, unlearned(kit))?.warnings.find((w) => w.check === check);

const heavy = { know: 0, mend: 1, danger: 2 };

describe('every check', () => {
  test('has a case here', () => {
    const covered = new Set(CASES.map(([c]) => c.split(':')[0]));
    for (const c of CHECKS) expect([c.id, covered.has(c.id === 'allergens' ? 'allergen' : c.id)]).toEqual([c.id, true]);
  });
  test.each(CASES)('%s is found and said in a plain sentence', (check, r, kit) => {
    const w = found(r, kit, check);
    expect(w?.check).toBe(check);
    if (!w) return;
    const say = warningText(w);
    expect(say).not.toMatch(/NaN|undefined|– |Infinity/);
    expect(say.endsWith('.')).toBe(true);
  });
  test.each(CASES)('%s: each mend, applied and folded again, ends it and brings nothing heavier', (check, r, kit) => {
    const before = look(r, unlearned(kit))?.warnings ?? [];
    const w = before.find((x) => x.check === check);
    for (const fix of w?.fixes ?? []) {
      const after = look(applyEdits(r, fix.edits), unlearned(kit))?.warnings ?? [];
      expect([fixText(fix), after.some((x) => x.check === check && x.step === w?.step)]).toEqual([fixText(fix), false]);
      const worst = (l: readonly Warning[]) =>
        l.filter((x) => !before.some((b) => b.check === x.check)).reduce((m, x) => Math.max(m, heavy[x.weight]), 0);
      expect([fixText(fix), worst(after)]).toEqual([fixText(fix), Math.min(worst(after), heavy[w?.weight ?? 'know'])]);
    }
  });
  test('the issue’s five have a mend', () => {
    for (const check of [
      'jugOverfull',
      'potOverfull',
      'soakTooShort',
      'soakTooLong',
      'soakTooWarm',
      'soakWater',
      'holdTooShort',
    ]) {
      const c = CASES.find(([id]) => id === check);
      expect([check, c ? (found(c[1], c[2], check)?.fixes.length ?? 0) : 0]).not.toEqual([check, 0]);
    }
  });
  test('no words are left over', () => {
    const said = new Set<string>(CASES.flatMap(([c]) => [c, c.split(':')[0] ?? c]));
    for (const c of SPOKEN.warnings) expect([c, said.has(c)]).toEqual([c, true]);
  });
});

test('over the whole range of altitude, strength and hold, the hold’s mend makes the milk safe', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 3500 }),
      fc.integer({ min: 100, max: 900 }),
      fc.integer({ min: 0, max: 2400 }),
      (altitude, grams, holdS) => {
        const r = withStep(soyRecipe(grams, washed.steps), 'boil', { holdS });
        const w = found(r, kitAt(altitude), 'holdTooShort');
        for (const f of w?.fixes ?? [])
          expect(look(applyEdits(r, f.edits), unlearned(kitAt(altitude)))?.summary.main?.done).toBe(true);
      },
    ),
    { numRuns: 60, seed: 7 },
  );
});

test('a pot that never boils its soy milk: raw soy is named, and nobody is told to hold it for some minutes', () => {
  const [, recipe, kit] = CASES.find(([check]) => check === 'neverReaches') ?? [];
  if (!recipe || !kit) throw new Error('no such case');
  const said = (look(recipe, unlearned(kit))?.warnings ?? []).filter((w) => w.weight !== 'know');
  expect(said.map((w) => w.check)).toEqual(['neverReaches']);
  expect(said.map(warningText)[0]).toMatch(/^The milk never boils, and raw soy milk upsets the stomach\./);
});
