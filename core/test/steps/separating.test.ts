import { describe, expect, test } from '@jest/globals';
import { fold, jarredStreams, summarise } from '../../src/batch';
import { coefficientId, COEFFICIENTS } from '../../src/kitchen';
import type { Beliefs, Here } from '../../src/kitchen';
import { METHODS, methodById, recipeIn } from '../../src/methods';
import { contextOf, fillHeightMm, layersOf, makeStep, serumShare, stillAt } from '../../src/steps';
import type { Layer } from '../../src/steps';
import { kitAt } from '../batch/kitchen';

const kit = kitAt(0);
const HOUR = 3600;
function jarred(id: string, which: string, beliefs: Beliefs = {}) {
  const m = methodById(id);
  if (!m) throw new Error(id);
  const recipe = recipeIn(m, kit);
  const here: Here = { kit, beliefs };
  const s = fold(recipe, here).products[which];
  if (!s) throw new Error(which);
  const ctx = contextOf(here, recipe.materials);
  return (hours: number, heightMm = 120): readonly Layer[] => layersOf(s, heightMm, ctx, stillAt(4, hours * HOUR));
}
const share = (l: readonly Layer[], kind: Layer['kind']): number =>
  l.reduce((x, y) => x + (y.kind === kind ? y.share : 0), 0);
const order = (l: readonly Layer[]): string => l.map((x) => x.kind).join(' ');

describe('what a cook sees in the fridge (common practice)', () => {
  test('boiled soy hardly parts: one milk with a film on the bottom after three days', () => {
    const l = jarred('soy-washed', 'milk')(72);
    expect(share(l, 'body')).toBeGreaterThan(0.97);
    expect(share(l, 'clear')).toBe(0);
  });
  test('cold oat thins from the top overnight, its starch a white layer on the bottom', () => {
    const l = jarred('oat-ice', 'milk')(12);
    expect(order(l)).toBe('thin sediment');
    expect(share(l, 'sediment')).toBeGreaterThan(0.02);
    expect(share(l, 'sediment')).toBeLessThan(0.2);
  });
  test('hot oat, its starch swollen, parts slowly and leaves no sediment: a third is thin after a day', () => {
    const l = jarred('oat-hot-thin', 'milk')(24);
    expect(order(l)).toBe('thin body');
    expect(share(l, 'thin')).toBeGreaterThan(0.15);
    expect(share(l, 'thin')).toBeLessThan(0.5);
  });
  test('coconut creams at the top within hours, thinner milk under it; the first pressing takes two nights', () => {
    expect(order(jarred('coconut-one-blend', 'milk')(6))).toMatch(/^cream (body )?thin/);
    const first = jarred('coconut-graded', 'first');
    expect(share(first(6), 'body')).toBeGreaterThan(0.3);
    expect(share(first(24), 'body')).toBeLessThan(0.35);
    expect(share(first(48), 'body')).toBe(0);
    expect(share(first(48), 'cream')).toBeGreaterThan(0.3);
  });
  test('tiger nut: its starch falls within hours', () => {
    expect(share(jarred('tiger-nut-cold', 'milk')(6), 'sediment')).toBeGreaterThan(0.03);
    expect(share(jarred('tiger-nut-cooked', 'milk')(6), 'sediment')).toBeLessThan(0.01);
  });
});

describe('in every method', () => {
  test.each(
    METHODS.flatMap((m) => {
      const recipe = recipeIn(m, kit);
      return jarredStreams(recipe, fold(recipe, { kit, beliefs: {} })).map((j) => [m.id, j] as const);
    }),
  )('%s, %s: one body at first, and never less parted with time', (id, which) => {
    const at = jarred(id, which);
    expect(at(0)).toEqual([{ kind: 'body', share: 1 }]);
    let before = 1;
    for (const h of [1, 6, 24, 72]) {
      const body = share(at(h), 'body');
      expect(body).toBeLessThanOrEqual(before + 0.02);
      before = body;
    }
  });
  test('a taller jar takes longer', () => {
    const at = jarred('coconut-one-blend', 'milk');
    expect(share(at(2, 60), 'body')).toBeLessThan(share(at(2, 180), 'body'));
  });
});

test('a plan is told how its milk will stand after a day in the jar; a summary in passing is not', () => {
  const m = methodById('oat-ice');
  if (!m) throw new Error('oat-ice');
  const recipe = recipeIn(m, kit);
  const o = fold(recipe, { kit, beliefs: {} });
  expect(order(summarise(recipe, o, kit).main?.body?.afterDay ?? [])).toBe('thin sediment');
  expect(summarise(recipe, o, kit, 'light').main?.body?.afterDay).toEqual([]);
});

describe('what this kitchen has seen moves it', () => {
  const twice = (kind: 'settling' | 'packing', food: string): Beliefs => ({
    [coefficientId(kind, food)]: { mean: 2, n: 3, ...COEFFICIENTS[kind] },
  });
  test('settling twice as fast is as far after half the time', () => {
    const usual = jarred('oat-hot-thin', 'milk');
    const fast = jarred('oat-hot-thin', 'milk', twice('settling', 'oats-rolled'));
    expect(serumShare(fast(6))).toBeCloseTo(serumShare(usual(12)), 6);
  });
  test('packing twice as loosely leaves a sediment twice as high', () => {
    const usual = jarred('tiger-nut-cold', 'milk');
    const loose = jarred('tiger-nut-cold', 'milk', twice('packing', 'tiger-nuts'));
    expect(share(loose(24), 'sediment') / share(usual(24), 'sediment')).toBeCloseTo(2, 1);
  });
});

describe('standing still is a state of the stream', () => {
  const m = methodById('oat-ice');
  if (!m) throw new Error('oat-ice');
  const recipe = recipeIn(m, kit);
  const milk = fold(recipe, { kit, beliefs: {} }).products.milk;
  if (!milk) throw new Error('milk');
  const stood = (...hours: number[]) => {
    const steps = hours.map((h, i) =>
      makeStep(`s${i}`, 'stand', {
        of: 'milk',
        place: 'other',
        placeC: 4,
        vessel: 'jar',
        jar: 'jar',
        durationS: h * HOUR,
      }),
    );
    const start = { milk: { ...milk, temperatureC: 4, stillS: 0, readyAtS: 0 } };
    return fold({ materials: recipe.materials, larder: [], steps }, { kit, beliefs: {}, start }).products.milk?.stillS;
  };
  test('four hours and six are ten', () => {
    expect(stood(4, 6)).toBeCloseTo(stood(10) ?? NaN, 3);
    expect(stood(10)).toBeCloseTo(stillAt(4, 10 * HOUR), 3);
  });
  test('poured together, it is stirred', () => {
    const other = { ...milk, stillS: 999 };
    const steps = [makeStep('p', 'pool', { of: 'other', into: 'milk' })];
    const start = { milk: { ...milk, stillS: 500 }, other };
    const o = fold({ materials: recipe.materials, larder: [], steps }, { kit, beliefs: {}, start });
    expect(o.products.milk?.stillS).toBe(0);
  });
});

test('a fill’s height in an upright jar: a full litre about fifteen centimetres, half of it half', () => {
  expect(fillHeightMm(1000, 1000)).toBeGreaterThan(130);
  expect(fillHeightMm(1000, 1000)).toBeLessThan(165);
  expect(fillHeightMm(500, 1000)).toBeCloseTo(fillHeightMm(1000, 1000) / 2, 9);
});
