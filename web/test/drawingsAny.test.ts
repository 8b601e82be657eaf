import { expect, test, describe } from '@jest/globals';
import fc from 'fast-check';
import { fold } from '@ironpan/core/batch';
import { massG, USUAL_KIT, unlearned } from '@ironpan/core/kitchen';
import { METHODS, recipeOf } from '@ironpan/core/methods';
import { applyEdits, kindOf, KINDS, makeStep, orderFaults } from '@ironpan/core/steps';
import type { Edit, Recipe } from '@ironpan/core/steps';
import { bandsOf } from '../src/drawings/flowBands';
import { apart, boxOf, widthOf } from '../src/drawings/flowLabels';
import { flowLayout } from '../src/drawings/flowLayout';
import { lanesOf } from '../src/drawings/flowLanes';
import type { Label } from '../src/drawings/flowTypes';

const FRAMES = [
  { width: 920, thick: 104, compact: false },
  { width: 560, thick: 58, compact: true },
  { width: 320, thick: 58, compact: true },
] as const;

/** Any school, at any size, with up to three more steps wherever the plan stays in order. */
const anyPlan: fc.Arbitrary<Recipe> = fc
  .record({
    m: fc.constantFrom(...METHODS),
    by: fc.double({ min: 0.05, max: 20, noNaN: true }),
    more: fc.array(fc.record({ kind: fc.constantFrom(...KINDS), at: fc.nat() }), { maxLength: 3 }),
  })
  .map(({ m, by, more }) => {
    let r = applyEdits(recipeOf(m), [{ do: 'scale', by }]);
    more.forEach((x, i) => {
      const step = makeStep(`more${i}`, x.kind, x.kind === 'wash' ? { into: 'extra' } : {});
      const edit: Edit = { do: 'insert', after: r.steps[x.at % r.steps.length]?.id ?? null, step };
      const longer = applyEdits(r, [edit]);
      if (orderFaults(longer).length === 0) r = longer;
    });
    return r;
  });

describe('any plan, drawn', () => {
  test('every figure is a number, bars stand in the frame, labels inside it and never on each other', () => {
    fc.assert(
      fc.property(anyPlan, fc.constantFrom(...FRAMES), (r, frame) => {
        const l = flowLayout(r, fold(r, unlearned(USUAL_KIT)), frame);
        for (const x of l.ribbons)
          for (const v of [x.x0, x.y0, x.x1, x.y1, x.h]) expect([x.key, Number.isFinite(v)]).toEqual([x.key, true]);
        for (const b of l.bars) expect([b.key, b.x >= 0 && b.x <= frame.width && b.h >= 0]).toEqual([b.key, true]);
        const boxes = l.labels.map((x) => ({ key: x.key, ...boxOf(x) }));
        for (const b of boxes) expect([b.key, b.a >= 0, b.b <= frame.width + 0.5]).toEqual([b.key, true, true]);
        boxes.forEach((a, i) =>
          boxes.slice(i + 1).forEach((b) => {
            const on = a.a < b.b && b.a < a.b && Math.abs(a.y - b.y) < 14;
            expect([a.key, b.key, on]).toEqual([a.key, b.key, false]);
          }),
        );
        expect(l.height).toBeGreaterThan(40);
        expect(l.height).toBeLessThan(1600);
      }),
      { numRuns: 120, seed: 12 },
    );
  });
  test('what ends on the page is what there is at the end, each once, as wide as its grams', () => {
    fc.assert(
      fc.property(anyPlan, (r) => {
        const o = fold(r, unlearned(USUAL_KIT));
        const l = flowLayout(r, o, FRAMES[0]);
        const there = Object.entries(o.products).filter(([, s]) => massG(s) >= 1);
        for (const e of l.ends) {
          const s = o.products[e.stream];
          expect(s && Math.abs(e.h - massG(s) * l.perG) < 1e-6).toBe(true);
        }
        expect(new Set(l.ends.map((e) => e.stream)).size).toBe(l.ends.length);
        expect(l.ends.length).toBeLessThanOrEqual(there.length);
      }),
      { numRuns: 80, seed: 13 },
    );
  });
  test('bands of a stream are shares of one; solids and water run apart', () => {
    fc.assert(
      fc.property(anyPlan, (r) => {
        for (const stage of fold(r, unlearned(USUAL_KIT)).stages)
          for (const [, s] of stage.writes) {
            const bands = bandsOf(s ?? undefined);
            expect(bands.reduce((sum, [, share]) => sum + share, 0)).toBeCloseTo(1, 9);
            for (const [, share] of bands) expect(share >= 0 && share <= 1 + 1e-9).toBe(true);
          }
      }),
      { numRuns: 60, seed: 14 },
    );
  });
  test('the way to the main milk holds the first work bowl and never the pulp', () => {
    for (const m of METHODS) {
      const r = recipeOf(m);
      const lanes = lanesOf(r, fold(r, unlearned(USUAL_KIT)));
      expect([m.id, lanes.main.has('work')]).toEqual([m.id, true]);
      expect(lanes.side.at(-1)).toBe('pulp');
      expect(lanes.main.has('pulp')).toBe(false);
    }
  });
});

describe('labels', () => {
  const label = (key: string, x: number, y: number, text: string): Label => ({
    key,
    x,
    y,
    anchor: 'middle',
    tone: 'ink',
    text,
  });
  test('twenty labels for one place all find room of their own', () => {
    const placed = apart(
      Array.from({ length: 12 }, (_, i) => label(`l${i}`, 200, 150, 'water 1 200 g')),
      FRAMES[0],
    );
    const ys = placed.map((l) => l.y).sort((a, b) => a - b);
    ys.forEach((y, i) => i > 0 && expect(y - (ys[i - 1] ?? 0)).toBeGreaterThanOrEqual(14));
  });
  test('one that would stand out of the frame is brought in; an empty one is not drawn', () => {
    const [far] = apart([label('far', 900, 50, 'second extract 232 g')], FRAMES[0]);
    expect(far && boxOf(far).b).toBeLessThanOrEqual(920);
    expect(apart([label('none', 10, 10, '')], FRAMES[0])).toEqual([]);
    expect(widthOf('12345678901234567890')).toBeGreaterThan(widthOf('1'));
  });
  test('every kind that can be poured from has words for its station', () => {
    for (const k of KINDS) expect(kindOf(k).label.length).toBeGreaterThan(2);
  });
});
