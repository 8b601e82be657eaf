import { unlearned } from '../../src/kitchen';
import { expect, test, describe } from '@jest/globals';
import { fold } from '../../src/batch';
import type { Kit } from '../../src/kitchen';
import { MATERIALS } from '../../src/materials';
import { bodyOf, bodyWord, contextOf, makeStep, slipWord } from '../../src/steps';
import type { Params, Step } from '../../src/steps';
import { SEA } from './kitchen';

/** 300 W reach the slurry in a light plastic jug of 0.4 kJ/K, all at 20 °C: the reference kit of our magnitudes. */
const REF: Kit = {
  ...SEA,
  things: SEA.things.map((t) => (t.is === 'jug' ? { ...t, ratedMl: 1000, watts: 300 / 0.51 } : t)),
};
const HEAVY: Kit = { ...REF, things: REF.things.map((t) => (t.is === 'jug' ? { ...t, ratedMl: 2000 } : t)) };

interface Made {
  readonly g?: number;
  readonly flakes?: string;
  readonly grind?: Partial<Params['grind']>;
  readonly before?: readonly Step[];
  readonly hand?: Params['strain']['hand'];
  readonly kit?: Kit;
}
function made({ g = 100, flakes = 'oats-rolled', grind = {}, before = [], hand = 'twist', kit = REF }: Made) {
  const steps = [
    ...before,
    makeStep('grind', 'grind', { waterG: 1000, waterC: 15, durationS: 60, ...grind }),
    makeStep('strain', 'strain', { hand }),
  ];
  const o = fold(
    { materials: MATERIALS, larder: [{ into: 'work', material: flakes, grams: g }], steps },
    unlearned(kit),
  );
  const s = o.products.milk;
  const b = s && bodyOf(s, 20, contextOf(unlearned(kit), MATERIALS));
  const hot = s && bodyOf(s, 95, contextOf(unlearned(kit), MATERIALS), 95);
  if (!s || !b || !hot) throw new Error('no milk');
  return {
    s,
    b,
    hot,
    eta: b.starch === null ? Infinity : b.glucan * b.starch,
    endC: o.stages[before.length]?.figures.endC ?? NaN,
  };
}
const soak = (waterG: number, s = 900) => makeStep('soak', 'soak', { waterG, waterC: 20, durationS: s });
const rinse = (rinses: number) => makeStep('drain', 'drain', { rinses });
const enzyme = (kind: Params['enzyme']['with'], doses = 1) =>
  makeStep('enzyme', 'enzyme', { with: kind, doses, atC: 20, durationS: 900 });

describe('magnitudes of slime and starch in the reference kit (our own estimate; within 6 %)', () => {
  test.each([
    ['50 g/L at 90 °C, a minute', { g: 50, grind: { waterC: 90 } }, 4.7],
    ['70 g/L at 90 °C', { g: 70, grind: { waterC: 90 } }, 9.0],
    ['50 g/L boiling in a heavy cold jug', { g: 50, grind: { waterC: 100 }, kit: HEAVY }, 6],
    ['90 g/L, ice, 25 s, gentle', { g: 90, grind: { waterG: 600, iceG: 400, durationS: 25 }, hand: 'gentle' }, 1.2],
    ['100 g/L, 45 s from 10 °C', { grind: { waterC: 10, durationS: 45 } }, 1.64],
    ['110 g/L, 12 °C, 60 s', { g: 110, grind: { waterC: 12 } }, 1.9],
    ['110 g/L, 12 °C, 120 s', { g: 110, grind: { waterC: 12, durationS: 120 } }, 2.5],
    ['spelt 50 g/L boiling', { g: 50, flakes: 'spelt-flakes', grind: { waterC: 100 } }, 2.0],
    ['rice flakes 50 g/L boiling', { g: 50, flakes: 'rice-flakes', grind: { waterC: 100 } }, 2.0],
  ] as readonly (readonly [string, Made, number])[])('%s', (_, how, want) => {
    expect(Math.abs(made(how).eta / want - 1)).toBeLessThanOrEqual(0.06);
  });
  test('the jug decides: 85 °C and 88 °C at the end, and boiling in a light one sets', () => {
    expect(made({ g: 50, grind: { waterC: 90 } }).endC).toBeCloseTo(85, 0);
    expect(made({ g: 50, grind: { waterC: 100 }, kit: HEAVY }).endC).toBeCloseTo(88, 0);
    const boiled = made({ g: 50, grind: { waterC: 100 } });
    expect(bodyWord(boiled.b, boiled.s, { beliefs: {} })).toBe('sets');
    const millet = made({ g: 50, flakes: 'millet-flakes', grind: { waterC: 100 } });
    expect(bodyWord(millet.b, millet.s, { beliefs: {} })).toBe('sets');
  });
  test('iced, strained gently, about 3.6 % solids, and it sets when it is boiled later', () => {
    const m = made({ g: 90, grind: { waterG: 600, iceG: 400, durationS: 25 }, hand: 'gentle' });
    expect(m.endC).toBeLessThan(3);
    expect(m.hot.relative).toBeGreaterThan(30);
    expect(bodyWord(m.hot, m.s, { beliefs: {} })).toBe('sets');
  });
});

describe('orderings of common practice, out of the fold', () => {
  test('longer → more slippery; warmer → thicker; more oats → thicker', () => {
    const s = [20, 60, 120, 240].map((durationS) => made({ grind: { durationS } }).b.glucan);
    s.forEach((x, i) => i > 0 && expect(x).toBeGreaterThan(s[i - 1] as number));
    const c = [5, 40, 60, 80].map((waterC) => made({ g: 50, grind: { waterC } }).eta);
    c.forEach((x, i) => i > 0 && expect(x).toBeGreaterThan(c[i - 1] as number));
    expect(made({ g: 250 }).eta).toBeGreaterThan(made({ g: 150 }).eta);
  });
  test('rinsed < unsoaked < soaked and kept', () => {
    const cold = { waterC: 10, durationS: 45 };
    const rinsed = made({ grind: cold, before: [soak(500), rinse(3)] }).b.glucan;
    const plain = made({ grind: cold }).b.glucan;
    const kept = made({ grind: { ...cold, waterG: 500 }, before: [soak(500)] }).b.glucan;
    expect(rinsed).toBeLessThan(plain);
    expect(plain).toBeLessThan(kept);
  });
  test('enzyme: malt thins in the cold, a pure amylase does not touch the slime', () => {
    const cold = { waterC: 10, waterG: 500, durationS: 45 };
    const without = made({ grind: cold, before: [soak(500)] }).b.glucan;
    const malt = made({ grind: cold, before: [soak(500, 1), enzyme('malt')] }).b.glucan;
    const pure = made({ grind: cold, before: [soak(500, 1), enzyme('pure')] }).b.glucan;
    expect(malt).toBeLessThan(without);
    expect(Math.abs(pure / without - 1)).toBeLessThan(0.02);
    const strong = made({ g: 200, grind: cold, before: [soak(500, 1), enzyme('malt')] });
    expect(strong.eta).toBeGreaterThan(made({ grind: cold, before: [soak(500, 1), enzyme('malt')] }).eta);
  });
  test('enzyme leaves with the rinsing water, a third of it stays with each', () => {
    const o = (n: number) =>
      fold(
        {
          materials: MATERIALS,
          larder: [{ into: 'work', material: 'oats-rolled', grams: 100 }],
          steps: [soak(500, 1), enzyme('malt', 2), rinse(n)],
        },
        unlearned(REF),
      ).products.work?.amylase ?? NaN;
    expect(o(1)).toBeCloseTo(2 * 0.35, 9);
    expect(o(3)).toBeCloseTo(2 * 0.35 ** 3, 9);
  });
  test('harder squeeze → more slippery; ice slows what dissolves', () => {
    const hands = (['gentle', 'twist', 'press'] as const).map((hand) => made({ hand }).b.glucan);
    hands.forEach((x, i) => i > 0 && expect(x).toBeGreaterThan(hands[i - 1] as number));
    expect(made({ grind: { waterG: 600, iceG: 400 } }).b.glucan).toBeLessThan(made({}).b.glucan);
  });
  test('a strong jug warms it: 1 500 W from 18 °C is near 38 °C after two minutes and 57 °C after four (within 3 K)', () => {
    const strong: Kit = {
      ...REF,
      things: REF.things.map((t) => (t.is === 'jug' ? { ...t, watts: 1500 } : t)),
      roomC: 18,
    };
    const end = (durationS: number) => made({ g: 100, grind: { waterC: 18, durationS }, kit: strong }).endC;
    expect(Math.abs(end(120) - 38)).toBeLessThan(3);
    expect(Math.abs(end(240) - 57)).toBeLessThan(3);
  });
  test('starch that an enzyme cut once it had swelled gives a thin, sweet milk', () => {
    const steps = (doses: number) => [
      makeStep('grind', 'grind', { waterG: 1000, waterC: 95, durationS: 60 }),
      makeStep('cool', 'cool', { of: 'work', how: 'water', toC: 55 }),
      makeStep('enzyme', 'enzyme', { with: 'pure', doses, atC: 55, durationS: 1800 }),
      makeStep('strain', 'strain'),
    ];
    const run = (doses: number) =>
      fold(
        { materials: MATERIALS, larder: [{ into: 'work', material: 'oats-rolled', grams: 60 }], steps: steps(doses) },
        unlearned(REF),
      ).products.milk;
    const with1 = run(1);
    const none = run(0);
    if (!with1 || !none) throw new Error('no milk');
    const ctx = contextOf(unlearned(REF), MATERIALS);
    expect(bodyOf(with1, 20, ctx)?.starch ?? 99).toBeLessThan(bodyOf(none, 20, ctx)?.starch ?? 99);
    expect(with1.released.sugars).toBeGreaterThan(none.released.sugars + 5);
    const x = with1.hydrolysedG / (with1.hydrolysedG + with1.released.starch);
    expect(Math.abs(x - 0.777)).toBeLessThan(0.03);
  });
  test('words: slimy is told of the slippery part alone', () => {
    const m = made({ g: 200, grind: { waterC: 40, durationS: 240 } });
    expect(slipWord(m.b, { beliefs: {} })).toBe('slimy');
    expect(slipWord(made({ g: 60, grind: { durationS: 20 } }).b, { beliefs: {} })).toBe('clean');
  });
});
