import { unlearned } from '../../src/kitchen';
import { expect, test, describe } from '@jest/globals';
import fc from 'fast-check';
import { look } from '../../src/questions';
import type { Warning } from '../../src/checks';
import type { Kit } from '../../src/kitchen';
import { METHODS, recipeOf } from '../../src/methods';
import { applyEdits, kindOf, orderFaults } from '../../src/steps';
import type { Edit, Recipe } from '../../src/steps';
import { fixText, warningText } from '../../src/words';
import { SEA } from '../batch/kitchen';
import { times } from '../long';

/** Any school, with some of its numbers pushed anywhere within their bounds, in any kitchen. */
const anyPlan: fc.Arbitrary<{ readonly r: Recipe; readonly kit: Kit }> = fc
  .record({
    m: fc.constantFrom(...METHODS),
    turns: fc.array(fc.record({ at: fc.nat(), to: fc.double({ min: 0, max: 1, noNaN: true }) }), { maxLength: 4 }),
    scale: fc.double({ min: 0.3, max: 4, noNaN: true }),
    altitudeM: fc.integer({ min: 0, max: 4500 }),
    roomC: fc.integer({ min: 8, max: 38 }),
    fridgeC: fc.integer({ min: 0, max: 9 }),
    watts: fc.integer({ min: 150, max: 2200 }),
  })
  .map(({ m, turns, scale, altitudeM, roomC, fridgeC, watts }) => {
    const base = applyEdits(recipeOf(m), [{ do: 'scale', by: scale }]);
    const numbers = base.steps.flatMap((s) =>
      Object.entries(kindOf(s.kind).params).flatMap(([param, spec]) =>
        spec.type === 'number'
          ? [
              {
                step: s.id,
                param,
                low: spec.low,
                high: Math.min(spec.high, spec.default * 6 + 60),
                whole: spec.unit === 'count',
              },
            ]
          : [],
      ),
    );
    const edits = turns.map((t): Edit => {
      const n = numbers[t.at % numbers.length];
      if (!n) throw new Error('no number');
      const v = n.low + (Math.max(n.low, n.high) - n.low) * t.to;
      return { do: 'set', step: n.step, param: n.param, value: n.whole ? Math.round(v) : v };
    });
    const things = SEA.things.map((t) => (t.is === 'jug' ? { ...t, watts } : t));
    return { r: applyEdits(base, edits), kit: { ...SEA, altitudeM, roomC, fridgeC, things } };
  });
const heavy = { know: 0, mend: 1, danger: 2 };

describe('any plan of any milk, pushed anywhere', () => {
  test('every warning is a plain sentence with its figures, the heaviest first', () => {
    fc.assert(
      fc.property(anyPlan, ({ r, kit }) => {
        const all = look(r, unlearned(kit))?.warnings ?? [];
        all.forEach((w, i) => {
          const say = warningText(w);
          expect([w.check, say]).toEqual([w.check, expect.not.stringMatching(/NaN|undefined|Infinity/)]);
          expect(say.endsWith('.')).toBe(true);
          if (i > 0) expect(heavy[w.weight]).toBeLessThanOrEqual(heavy[all[i - 1]?.weight ?? 'danger']);
        });
      }),
      { numRuns: times(50, 150), seed: 77 },
    );
  });
  test('every mend can be done: the plan stays in order, in its bounds, and folds', () => {
    fc.assert(
      fc.property(anyPlan, ({ r, kit }) => {
        for (const w of look(r, unlearned(kit))?.warnings ?? [])
          for (const fix of w.fixes) {
            const after = applyEdits(r, fix.edits);
            expect([w.check, fixText(fix), orderFaults(after)]).toEqual([w.check, fixText(fix), []]);
            for (const s of after.steps)
              for (const [name, spec] of Object.entries(kindOf(s.kind).params)) {
                if (spec.type !== 'number') continue;
                const v = (s.params as unknown as Record<string, number>)[name] ?? NaN;
                expect([w.check, name, v >= spec.low - 1e-9 && v <= spec.high + 1e-9]).toEqual([w.check, name, true]);
              }
            expect(look(after, unlearned(kit))).not.toBeNull();
          }
      }),
      { numRuns: times(40, 120), seed: 78 },
    );
  });
  test('pressing the first mend of the heaviest warning, again and again, comes to an end', () => {
    fc.assert(
      fc.property(anyPlan, ({ r, kit }) => {
        let now = r;
        const pressed: string[] = [];
        for (let i = 0; i < 25; i += 1) {
          const next: Warning | undefined = look(now, unlearned(kit))?.warnings.find(
            (w) => w.weight !== 'know' && w.fixes.length > 0,
          );
          if (!next) return;
          pressed.push(`${next.check} ${next.step ?? ''}`);
          now = applyEdits(now, next.fixes[0]?.edits ?? []);
        }
        expect(pressed).toEqual([]);
      }),
      { numRuns: times(20, 60), seed: 79 },
    );
  });
});
