import { expect, test, describe } from '@jest/globals';
import { fold } from '@ironpan/core/batch';
import { USUAL_KIT, unlearned } from '@ironpan/core/kitchen';
import { METHODS, recipeOf } from '@ironpan/core/methods';
import { flowLayout } from '../src/drawings/flowLayout';
import { edgeAt, pointText, ribbonAt } from '../src/drawings/flowPoint';
import { between } from '../src/drawings/mapValue';

describe('pointing at the flow', () => {
  const drawn = METHODS.map((m) => {
    const r = recipeOf(m);
    return { id: m.id, r, l: flowLayout(r, fold(r, unlearned(USUAL_KIT)), { width: 920, thick: 104, compact: false }) };
  });
  test('an edge begins and ends where the ribbon does, is half way in the middle, and never turns back', () => {
    const r = { x0: 10, x1: 110, y0: 20, y1: 80, h: 5 } as never;
    expect(edgeAt(r, 10)).toBeCloseTo(20, 4);
    expect(edgeAt(r, 60)).toBeCloseTo(50, 4);
    expect(edgeAt(r, 110)).toBeCloseTo(80, 4);
    for (let x = 11; x <= 110; x += 1) expect(edgeAt(r, x)).toBeGreaterThanOrEqual(edgeAt(r, x - 1));
  });
  test('in the middle of any ribbon of any school stands that ribbon, or one drawn over it', () => {
    for (const { id, r, l } of drawn)
      for (const [i, x] of l.ribbons.entries()) {
        const mid = (x.x0 + x.x1) / 2;
        const found = ribbonAt(l, mid, edgeAt(x, mid) + x.h / 2);
        expect([id, x.key, x, found !== null && l.ribbons.indexOf(found) >= i]).toEqual([id, x.key, x, true]);
        if (!found) continue;
        const [name, more] = pointText(found, r);
        expect(name).toMatch(/[\d.]+\s?(g|kg)$/);
        expect(`${name} ${more}`).not.toMatch(/NaN|undefined/);
      }
  });
  test('off the drawing there is nothing', () => {
    for (const { l } of drawn) expect(ribbonAt(l, 919, -200)).toBeNull();
  });
  test('it tells the grams and the warmth that flow: water as it is poured, milk as it is after the boil', () => {
    const soy = drawn[4];
    if (!soy) throw new Error('no school');
    const text = (key: string) => {
      const x = soy.l.ribbons.find((b) => b.key === key);
      return x ? pointText(x, soy.r).join(' ') : '';
    };
    expect(text('soak-tap')).toMatch(/^water 1.500.g 15.°C$/);
    expect(text('end-milk-milk')).toMatch(/soy milk .* solids/);
  });
});

describe('pointing at the map', () => {
  const grid = [
    [1, 2, 3],
    [5, 6, 7],
  ];
  test('on a cell its own value, between cells the mean of them, at the edges no further', () => {
    expect(between(grid, 0, 0)).toBe(1);
    expect(between(grid, 1, 1)).toBe(7);
    expect(between(grid, 0.5, 0)).toBe(2);
    expect(between(grid, 0.25, 0.5)).toBeCloseTo(3.5, 12);
  });
  test('a map of one row or one column', () => {
    expect(between([[4, 8]], 0.5, 0.7)).toBeCloseTo(6, 12);
    expect(between([[4], [8]], 0.3, 1)).toBeCloseTo(8, 12);
  });
});
