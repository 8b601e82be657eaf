import { STIRRED_IN } from '@ironpan/core/materials';
import { expect, test, describe } from '@jest/globals';
import { fold } from '@ironpan/core/batch';
import { flowG, massG, USUAL_KIT, unlearned } from '@ironpan/core/kitchen';
import { METHODS, recipeOf } from '@ironpan/core/methods';
import { makeStep } from '@ironpan/core/steps';
import type { Recipe, Step } from '@ironpan/core/steps';
import { boxOf } from '../src/drawings/flowLabels';
import { flowLayout } from '../src/drawings/flowLayout';
import type { FlowLayout, Frame } from '../src/drawings/flowTypes';

const FRAMES = [
  { width: 920, thick: 104, compact: false },
  { width: 390, thick: 58, compact: true },
] as const;
const school = (id: string): Recipe => recipeOf(METHODS.find((m) => m.id === id) as never);

function sound(l: FlowLayout, frame: Frame): void {
  for (const x of l.ribbons)
    for (const v of [x.x0, x.y0, x.x1, x.y1, x.h]) expect([x.key, Number.isFinite(v)]).toEqual([x.key, true]);
  for (const b of l.bars) expect([b.key, b.x >= 0 && b.x <= frame.width, b.y >= -60]).toEqual([b.key, true, true]);
  const boxes = l.labels.map((x) => ({ key: x.key, ...boxOf(x) }));
  for (const b of boxes)
    expect([b.key, b.a >= 0 && b.b <= frame.width && b.y >= 8 && b.y <= l.height]).toEqual([b.key, true]);
  // No two labels stand on one another, by their own widths.
  boxes.forEach((a, i) =>
    boxes.slice(i + 1).forEach((b) => {
      const on = a.a < b.b && b.a < a.b && Math.abs(a.y - b.y) < 14;
      expect([a.key, b.key, on]).toEqual([a.key, b.key, false]);
    }),
  );
}

describe('the flow drawing', () => {
  for (const m of METHODS)
    for (const frame of FRAMES)
      test(`${m.id}, ${frame.width} px`, () => {
        const r = recipeOf(m);
        const o = fold(r, unlearned(USUAL_KIT));
        const l = flowLayout(r, o, frame);
        sound(l, frame);
        // Ribbons are as wide as the grams: every fresh water poured, and every stream at its end, solids and water apart.
        for (const s of r.steps) {
          const poured = o.ledger.find((f) => f.step === s.id && 'outside' in f.from && f.from.outside === 'tap');
          const tap = l.ribbons.find((x) => x.key === `${s.id}-tap`);
          if (poured && tap) expect(tap.h).toBeCloseTo(flowG(poured) * l.perG, 6);
        }
        for (const e of l.ends) {
          const stream = o.products[e.stream];
          expect(e.h).toBeCloseTo(massG(stream as never) * l.perG, 6);
          const bands = l.ribbons.filter((x) => x.key.startsWith(`end-${e.stream}-`)).reduce((h, x) => h + x.h, 0);
          expect(Math.abs(bands - e.h)).toBeLessThan(0.2);
        }
      });
  test('graded extracts branch to lanes of their own, in the order they come, the pulp lowest', () => {
    const r = school('coconut-graded');
    const l = flowLayout(r, fold(r, unlearned(USUAL_KIT)), FRAMES[0]);
    const y = (s: string) => l.ends.find((e) => e.stream === s)?.y ?? NaN;
    expect(y('first')).toBeLessThan(y('second'));
    expect(y('second')).toBeLessThan(y('third'));
    expect(y('third')).toBeLessThan(y('pulp'));
    const sorted = [...l.ends].sort((a, b) => a.y - b.y);
    sorted.forEach((e, i) => i > 0 && expect(e.y).toBeGreaterThan((sorted[i - 1]?.y ?? 0) + (sorted[i - 1]?.h ?? 0)));
    expect(l.ends.filter((e) => e.jarred).map((e) => e.stream)).toEqual(['first', 'second', 'third']);
  });
  test('a base split in three, a cap lifted and sixteen passes are drawn without a fault', () => {
    const dried = school('coconut-dried');
    const base = { ...dried, materials: [...dried.materials, ...STIRRED_IN] };
    const at = base.steps.findIndex((s) => s.id === 'jar');
    const more: Recipe = {
      ...base,
      steps: [
        ...base.steps.slice(0, at),
        makeStep('lift', 'lift', { standS: 12 * 3600 }),
        makeStep('part', 'part', {
          parts: [
            { name: 'cocoa', share: 0.3 },
            { name: 'plain', share: 0.35 },
          ],
        }),
        makeStep('powder', 'add', { of: 'cocoa', food: 'cocoa', amountG: 20 }),
        makeStep('hot', 'pour', { into: 'cocoa', amountG: 60 }),
        ...base.steps.slice(at),
        makeStep('jar2', 'jar', { of: 'cocoa' }),
      ],
    };
    const washed = school('soy-washed');
    const passes: Recipe = {
      ...washed,
      steps: washed.steps.flatMap((s): readonly Step[] =>
        s.kind === 'wash' ? Array.from({ length: 16 }, (_, i) => makeStep(`w${i}`, 'wash', { waterG: 200 })) : [s],
      ),
    };
    for (const r of [more, passes])
      for (const frame of FRAMES) sound(flowLayout(r, fold(r, unlearned(USUAL_KIT)), frame), frame);
  });
  test('an empty plan is drawn without a fault', () => {
    const r = recipeOf(METHODS[0] as never);
    const none = { ...r, larder: r.larder.map((x) => ({ ...x, grams: 0 })) };
    expect(flowLayout(none, fold(none, unlearned(USUAL_KIT)), FRAMES[0]).height).toBeGreaterThan(0);
  });
});
