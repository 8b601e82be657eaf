import { expect, test, describe } from '@jest/globals';
import { fold } from '@ironpan/core/batch';
import { flowG, USUAL_KIT } from '@ironpan/core/kitchen';
import { METHODS, recipeOf } from '@ironpan/core/methods';
import { flowLayout } from '../src/drawings/flowLayout';
import { stationOrder } from '../src/drawings/flowOrder';

const FRAMES = [
  { width: 920, thick: 104, compact: false },
  { width: 390, thick: 58, compact: true },
] as const;

describe('the flow drawing', () => {
  for (const m of METHODS)
    for (const frame of FRAMES)
      test(`${m.name}, ${frame.width} px`, () => {
        const r = recipeOf(m);
        const o = fold(r, { kit: USUAL_KIT });
        const l = flowLayout(r, o, frame);
        for (const x of l.ribbons)
          for (const v of [x.x0, x.y0, x.x1, x.y1, x.h]) expect([x.key, Number.isFinite(v)]).toEqual([x.key, true]);
        // Ribbons are as wide as the grams: the water of the grind against the beans.
        const water = l.ribbons.find((x) => x.key === 'grind-tap')?.h ?? 0;
        const poured = o.ledger.find((f) => f.step === 'grind' && 'outside' in f.from && f.from.outside === 'tap');
        const beans = l.ribbons.find((x) => x.key.endsWith('-b'))?.h ?? 0;
        const grams = r.larder.reduce((g, x) => g + x.grams, 0);
        expect(water / beans).toBeCloseTo(flowG(poured as never) / grams, 1);
        // Everything stands inside the frame, in the order of the stations.
        for (const x of l.labels)
          expect([x.key, x.x >= 0 && x.x <= frame.width && x.y >= 8 && x.y <= l.height]).toEqual([x.key, true]);
        const bars = l.bars.filter((b) => b.key.startsWith('bar-')).map((b) => b.x);
        expect(bars.every((x) => x >= 0 && x <= frame.width)).toBe(true);
        // No two labels on one another.
        l.labels.forEach((a, i) =>
          l.labels.slice(i + 1).forEach((b) => {
            expect([a.key, b.key, Math.abs(a.x - b.x) < 20 && Math.abs(a.y - b.y) < 12]).toEqual([a.key, b.key, false]);
          }),
        );
      });
  test('a school that boils before it strains has its stations in that order', () => {
    const pulp = METHODS.find((m) => m.id === 'soy-with-pulp');
    expect(stationOrder(recipeOf(pulp as never))).toEqual(['soak', 'grind', 'cook', 'strain', 'jar']);
  });
  test('an empty plan is drawn without a fault', () => {
    const r = recipeOf(METHODS[0] as never);
    const none = { ...r, larder: r.larder.map((x) => ({ ...x, grams: 0 })) };
    expect(flowLayout(none, fold(none, { kit: USUAL_KIT }), FRAMES[0]).height).toBeGreaterThan(0);
  });
});
