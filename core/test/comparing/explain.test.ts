import { describe, expect, test } from '@jest/globals';
import { METHODS } from '../../src/methods';
import { EXPLAINED, toldOf } from '../../src/comparing';
import type { Edit } from '../../src/steps';
import { causes, brewed, explained, sumOf } from './brewed';

const set = (step: string, param: string, value: number | string): Edit => ({ do: 'set', step, param, value });
const WEIGHED = ['strain.milkG', 'wash.milkG', 'jar.filledG'];

describe('why one batch was different', () => {
  const oneOfEach = METHODS.filter((m, i) => METHODS.findIndex((x) => x.milk === m.milk) === i);
  test.each(oneOfEach.map((m) => m.id))('%s made twice alike: nothing differs, nothing is explained', (id) => {
    const e = explained(brewed(id), brewed(id));
    expect(e.differences).toEqual([]);
    for (const of of EXPLAINED) if (e.because[of]) expect(toldOf(e, of).verdict).toBe('same');
  });
  test('a bag that held more, weighed: it is named, and the yield is its doing alone', () => {
    const usual = brewed('soy-washed', { weighed: WEIGHED });
    const clogged = brewed('soy-washed', { weighed: WEIGHED, truly: { 'hold:fine-bag': 1.6 } });
    const e = explained(usual, clogged);
    expect(causes(e, 'volumeMl').map(([key]) => key)).toEqual(['coefficient.hold:fine-bag']);
    const told = toldOf(e, 'volumeMl');
    expect(told.verdict).toBe('known');
    expect(told.causes[0]?.anyDay).toBe(false);
    expect(told.causes[0]?.share).toBeLessThan(-50);
  });
  test('the same bag as on another day is said to be that', () => {
    const e = explained(
      brewed('soy-washed', { weighed: WEIGHED }),
      brewed('soy-washed', { weighed: WEIGHED, truly: { 'hold:fine-bag': 1.12 } }),
    );
    expect(toldOf(e, 'volumeMl').causes[0]?.anyDay).toBe(true);
  });
  test('water that was written down explains the yield; the milk is weaker by it too', () => {
    const e = explained(brewed('oat-middle'), brewed('oat-middle', { done: [set('grind', 'waterG', 1000)] }));
    expect(causes(e, 'volumeMl').map(([key]) => key)).toEqual(['param.grind.waterG']);
    expect(causes(e, 'solids')[0]?.[1]).toBeLessThan(0);
    expect(toldOf(e, 'volumeMl').verdict).toBe('known');
  });
  test('two things changed at once: each its share, and the one that did it before the one that did not', () => {
    const e = explained(
      brewed('oat-middle'),
      brewed('oat-middle', { done: [set('grind', 'durationS', 180), set('grind', 'waterC', 18)] }),
    );
    const [first] = causes(e, 'slime');
    expect(first?.[0]).toBe('param.grind.durationS');
    const shares = new Map(causes(e, 'slime'));
    expect(Math.abs(shares.get('param.grind.waterC') ?? 0)).toBeLessThan(Math.abs(first?.[1] ?? 0));
  });
  test('what nobody wrote down is not blamed on what they did: it is named as unexplained, with its size', () => {
    // 200 g of the wash water were never poured; the cook wrote nothing of it, and soaked an hour less, as written down.
    const e = explained(
      brewed('soy-washed', { weighed: ['jar.filledG'] }),
      brewed('soy-washed', {
        weighed: ['jar.filledG'],
        hidden: [set('wash', 'waterG', 200)],
        done: [set('soak', 'durationS', 9 * 3600)],
      }),
    );
    const told = toldOf(e, 'volumeMl');
    expect(['partly', 'unknown']).toContain(told.verdict);
    expect(e.because.volumeMl?.rest).toBeLessThan(-150);
    expect(Math.abs(e.because.volumeMl?.rest ?? 0)).toBeGreaterThan(e.because.volumeMl?.day ?? 0);
    expect(Math.abs(new Map(causes(e, 'volumeMl')).get('param.soak.durationS') ?? 0)).toBeLessThan(15);
  });
  test('less than a day brings, and nothing written down: it is that, and no cause is named', () => {
    const e = explained(
      brewed('soy-washed', { weighed: ['jar.filledG'] }),
      brewed('soy-washed', { weighed: ['jar.filledG'], hidden: [set('wash', 'waterG', 370)] }),
    );
    expect(toldOf(e, 'volumeMl')).toMatchObject({ verdict: 'day', causes: [] });
  });
  test('half as large again is one difference, and whatever moved is its doing', () => {
    const e = explained(brewed('oat-ice'), brewed('oat-ice', { planned: [{ do: 'scale', by: 1.5 }] }));
    expect(e.differences.map((d) => d.key)).toContain('size');
    expect(e.differences.filter((d) => d.at.of === 'amount' || d.at.of === 'param')).toEqual([]);
    expect(causes(e, 'volumeMl')[0]?.[0]).toBe('size');
    // A fuller jug grinds a little less well: its strength is not quite the same.
    for (const of of EXPLAINED) expect(causes(e, of).filter(([key]) => key !== 'size')).toEqual([]);
    expect(Math.abs(causes(e, 'solids')[0]?.[1] ?? 0)).toBeLessThan(0.1 * (e.because.solids?.from ?? 0));
  });
  test('more beans alone are more beans, not a larger batch with less water', () => {
    const e = explained(
      brewed('soy-no-soak'),
      brewed('soy-no-soak', { planned: [{ do: 'larder', index: 0, grams: 130 }] }),
    );
    expect(e.differences.map((d) => d.key)).toEqual(['amount.work.soybeans']);
  });
  test('what ran over, and what stood, are causes of their own', () => {
    const e = explained(brewed('soy-no-soak'), brewed('soy-no-soak', { spilt: { boil: 150 }, stood: { jar: 2 } }));
    expect(causes(e, 'volumeMl')[0]?.[0]).toBe('lost.boil');
    expect(causes(e, 'keepS')[0]?.[0]).toBe('stood.jar');
  });
  test('two schools of one milk: what only one of them does is one difference, and the parts add up', () => {
    const e = explained(brewed('oat-ice'), brewed('oat-rinsed'));
    expect(e.differences[0]?.at.of === 'way' || e.differences[1]?.at.of === 'way').toBe(true);
    for (const of of EXPLAINED)
      if (e.because[of]) expect(sumOf(e, of)).toBeCloseTo(e.because[of].to - e.because[of].from, 6);
  });
  test.each([
    ['soy-washed', 'soy-with-pulp'],
    ['soy-no-soak', 'soy-cooked-beans'],
    ['coconut-graded', 'coconut-dried'],
    ['rice-raw', 'oat-enzyme'],
  ])('%s beside %s, whatever is mixed of them, adds up and turns round', (x, y) => {
    const [a, b] = [brewed(x), brewed(y)];
    const there = explained(a, b);
    const back = explained(b, a);
    for (const of of EXPLAINED) {
      const because = there.because[of];
      if (!because) continue;
      expect(sumOf(there, of)).toBeCloseTo(because.to - because.from, 6);
      expect(back.because[of]?.to).toBe(because.from);
    }
  });
  test('the other way round every share has the other sign, where all orders are counted', () => {
    const a = brewed('soy-washed', { weighed: WEIGHED });
    const b = brewed('soy-washed', {
      weighed: WEIGHED,
      truly: { 'hold:fine-bag': 1.3 },
      done: [set('grind', 'waterG', 1000), set('boil', 'holdS', 1800)],
    });
    const there = new Map(causes(explained(a, b), 'volumeMl'));
    const back = new Map(causes(explained(b, a), 'volumeMl'));
    expect(there.size).toBe(3);
    for (const [key, x] of there) expect(back.get(key)).toBeCloseTo(-x, 6);
  });
  test('more than eight differences: drawn orders, the same for the same seed, and they add up', () => {
    const b = brewed('soy-washed', {
      weighed: WEIGHED,
      truly: { 'hold:fine-bag': 1.3, 'hob:hob': 0.8 },
      planned: [
        set('soak', 'durationS', 5 * 3600),
        set('soak', 'waterC', 22),
        set('grind', 'waterG', 1000),
        set('grind', 'waterC', 60),
        set('grind', 'durationS', 40),
        set('wash', 'waterG', 500),
        set('wash', 'waterC', 60),
        set('wash', 'workS', 30),
        set('boil', 'holdS', 1800),
      ],
    });
    const a = brewed('soy-washed', { weighed: WEIGHED });
    const e = explained(a, b);
    expect(e.exact).toBe(false);
    expect(explained(a, b)).toEqual(e);
    expect(sumOf(e, 'volumeMl')).toBeCloseTo((e.because.volumeMl?.to ?? 0) - (e.because.volumeMl?.from ?? 0), 6);
    const other = explained(a, b, 99);
    const shares = new Map(causes(other, 'volumeMl'));
    for (const [key, x] of causes(e, 'volumeMl')) expect(Math.abs((shares.get(key) ?? 0) - x)).toBeLessThan(8);
  });
});
