import { describe, expect, test } from '@jest/globals';
import { jStat } from 'jstat';
import { learnWording, wordBeliefs } from '../../src/learning';
import type { Worded } from '../../src/learning';
import { normal, seededRandom } from '../../src/numerics';
import { wordFrom, WORDS_FROM, wordsFrom } from '../../src/steps';

const said = (x: number, word: string, at = 1, by = ''): Worded => ({ scale: 'slip', x, word, by, at });
/** What people say whose bounds are so many times the usual ones: each with their own tongue. */
function kitchen(times: number, n: number, seed: number): readonly Worded[] {
  const random = seededRandom(seed);
  const from = Object.entries(WORDS_FROM.slip).map(([w, v]) => [w, 1 + times * (v - 1)] as const);
  return Array.from({ length: n }, (_, i) => {
    const x = 1 + Math.exp(Math.log(0.05) + random() * Math.log(100));
    const felt = 1 + (x - 1) * Math.exp(0.5 * normal(random));
    return said(
      x,
      from.reduce((w, [word, least]) => (felt >= least ? word : w), 'clean'),
      i,
    );
  });
}

describe('where the words of a kitchen begin', () => {
  test('nothing said: as shipped', () => {
    expect(learnWording('slip', [])).toBeNull();
    expect(wordsFrom('slip', {})).toEqual(WORDS_FROM.slip);
    expect(wordsFrom('thick', {})).toEqual(WORDS_FROM.thick);
  });
  test.each([0.6, 1, 1.6])('tasters whose bounds are %f times the usual are found out', (times) => {
    const w = learnWording('slip', kitchen(times, 200, 3));
    for (const b of w?.bounds ?? []) expect(Math.abs(Math.log(b.times / times))).toBeLessThan(0.22);
    expect(w?.n).toBe(200);
  });
  test('one word moves a bound a little, twenty move it far', () => {
    const slippery = (n: number): number => {
      const w = learnWording(
        'slip',
        Array.from({ length: n }, (_, i) => said(1.3, 'slippery', i)),
      );
      return w?.bounds.find((b) => b.word === 'slippery')?.times ?? 1;
    };
    expect(slippery(1)).toBeLessThan(1);
    expect(slippery(1)).toBeGreaterThan(0.7);
    expect(slippery(20)).toBeLessThan(0.4);
  });
  test('words never cross, whatever is said of what', () => {
    const w = learnWording(
      'slip',
      Array.from({ length: 60 }, (_, i) => said(i % 2 ? 1.1 : 4, i % 2 ? 'slimy' : 'silky', i)),
    );
    const beliefs = wordBeliefs(w ? [w] : []);
    const from = Object.values(wordsFrom('slip', beliefs));
    expect([...from].sort((a, b) => a - b)).toEqual(from);
    expect(from[0]).toBeGreaterThan(1);
  });
  test('watery and thin are one place by how they flow; a word that is not known says nothing', () => {
    const of = (word: string) => learnWording('thick', [{ scale: 'thick', x: 1.2, word, by: '', at: 1 }]);
    expect(of('watery')?.bounds).toEqual(of('thin')?.bounds);
    expect(of('custard')?.n).toBe(0);
  });
  /** Ordered probit with one look, its cost written out with a statistics package and searched on a grid. */
  test('the most likely bounds, beside a search of our own with another normal', () => {
    const look = said(1.5, 'slippery');
    const w = learnWording('slip', [look]);
    const usual = Object.values(WORDS_FROM.slip).map((v) => Math.log(v - 1));
    const ln = Math.log(0.5);
    const cost = (shift: number, silky: number, slippery: number, slimy: number): number => {
      const [, low, high] = usual.map((u, i) => u + shift + ([silky, slippery, slimy][i] ?? 0)) as [
        number,
        number,
        number,
      ];
      const p = jStat.normal.cdf(high, ln, 0.5) - jStat.normal.cdf(low, ln, 0.5);
      return (
        (shift / 0.25) ** 2 / 2 +
        [silky, slippery, slimy].reduce((s, d) => s + (d / 0.17) ** 2 / 2, 0) -
        Math.log(0.95 * p + 0.05 / 4)
      );
    };
    let best = { v: Infinity, slippery: 0, slimy: 0 };
    const grid = Array.from({ length: 61 }, (_, i) => (i - 30) / 100);
    for (const shift of grid)
      for (const slippery of grid)
        for (const slimy of [-0.02, -0.01, 0, 0.01, 0.02]) {
          const v = cost(shift, 0, slippery, slimy);
          if (v < best.v) best = { v, slippery: shift + slippery, slimy: shift + slimy };
        }
    const at = (word: string): number => Math.log(w?.bounds.find((b) => b.word === word)?.times ?? 1);
    expect(Math.abs(at('slippery') - best.slippery)).toBeLessThan(0.02);
    expect(Math.abs(at('slimy') - best.slimy)).toBeLessThan(0.02);
  });
  test('what was taught moves the bound that the fold asks for, and nothing else', () => {
    const w = learnWording('slip', kitchen(0.5, 200, 5));
    const beliefs = wordBeliefs(w ? [w] : []);
    expect(wordFrom('slip', 'slippery', beliefs)).toBeLessThan(1.6);
    expect(wordFrom('thick', 'creamy', beliefs)).toBe(3);
  });
  test('what sets is no word of taste: however it is called, it begins where it does', () => {
    const w = learnWording(
      'thick',
      Array.from({ length: 30 }, (_, i) => ({ scale: 'thick' as const, x: 12, word: 'sets', by: '', at: i })),
    );
    expect(w?.bounds.map((b) => b.word)).toEqual(['likeMilk', 'creamy', 'thick']);
    expect(wordFrom('thick', 'sets', wordBeliefs(w ? [w] : []))).toBe(WORDS_FROM.thick.sets);
  });
});
