import { expect, test, describe } from '@jest/globals';
import { ranges, sampleBeliefs, summaryAt } from '../../src/questions';
import type { Beliefs } from '../../src/kitchen';
import { COEFFICIENTS, coefficientId, unlearned } from '../../src/kitchen';
import { methodById, recipeOf } from '../../src/methods';
import { seededRandom } from '../../src/numerics';
import type { Recipe } from '../../src/steps';
import { SEA } from '../batch/kitchen';

const school = (id: string): Recipe => {
  const m = methodById(id);
  if (!m) throw new Error(id);
  return recipeOf(m);
};
const N = 160;
const rangeOf = (id: string, beliefs: Beliefs = {}, seed = 5) => ranges(school(id), { kit: SEA, beliefs }, seed, N);

describe('ranges come from sampled beliefs, and say how sure a figure is', () => {
  test.each([
    ['soy-washed'],
    ['oat-middle'],
    ['coconut-one-blend'],
    ['tiger-nut-cold'],
    ['rice-cooked'],
    ['almond-soaked'],
  ])('%s: each holds what the likeliest kitchen brings, is ordered, and is not empty', (id) => {
    const r = rangeOf(id);
    const now = summaryAt(school(id), unlearned(SEA), [], 'all');
    for (const [range, x] of [
      [r.volumeMl, now.jarredMl],
      [r.solids, now.main?.solids ?? NaN],
      [r.protein, now.main?.protein ?? NaN],
      [r.fat, now.main?.fat ?? NaN],
      [r.body, now.main?.body?.relative ?? 30],
    ] as const) {
      expect(range.low).toBeLessThan(range.high);
      expect(range.low).toBeLessThanOrEqual(x * 1.02);
      expect(range.high).toBeGreaterThanOrEqual(x * 0.98);
    }
  });
  test('the same seed is the same range; another seed is near it', () => {
    expect(rangeOf('oat-middle')).toEqual(rangeOf('oat-middle'));
    const other = rangeOf('oat-middle', {}, 77);
    expect(Math.abs(other.body.high / rangeOf('oat-middle').body.high - 1)).toBeLessThan(0.2);
  });
  test('how fast the slime dissolves is the least known of oats: its body is surer once that is known', () => {
    const wide = rangeOf('oat-middle').body;
    const known = (kind: 'dissolving' | 'swelling'): Beliefs => ({
      [coefficientId(kind, 'oats-rolled')]: { ...COEFFICIENTS[kind], mean: 1, n: 30, sd: 0.01 },
    });
    const sure = rangeOf('oat-middle', known('dissolving')).body;
    expect(sure.high - sure.low).toBeLessThan((wide.high - wide.low) * 0.8);
  });
  test('a warmer or colder fridge by 1.5 K moves the keeping', () => {
    const r = rangeOf('soy-washed').keepS;
    expect(r.high - r.low).toBeGreaterThan(3 * 3600);
  });
  test('the plan itself is not touched by it', () => {
    const r = school('tiger-nut-cold');
    const before = JSON.stringify(r);
    ranges(r, unlearned(SEA), 3, 20);
    expect(JSON.stringify(r)).toBe(before);
  });
  test('progress is told on the way', () => {
    const said: number[] = [];
    ranges(school('oat-ice'), unlearned(SEA), 1, 64, (done, of) => said.push(done / of));
    expect(said).toEqual([0.25, 0.5, 0.75, 1]);
  });
});

describe('a kitchen drawn from beliefs', () => {
  test('each coefficient stays in its bounds; a thousand of them have the spread they were given, in logs', () => {
    const random = seededRandom(3);
    const logs: number[] = [];
    for (let i = 0; i < 1000; i += 1) {
      const b = sampleBeliefs(unlearned(SEA), ['oats-rolled'], random);
      for (const [id, belief] of Object.entries(b)) {
        const kind = id.slice(0, id.indexOf(':')) as keyof typeof COEFFICIENTS;
        expect(belief.mean >= COEFFICIENTS[kind].low && belief.mean <= COEFFICIENTS[kind].high).toBe(true);
      }
      logs.push(Math.log(b['dissolving:oats-rolled']?.mean ?? NaN));
    }
    const mean = logs.reduce((a, x) => a + x, 0) / logs.length;
    const sd = Math.sqrt(logs.reduce((a, x) => a + (x - mean) ** 2, 0) / logs.length);
    expect(Math.abs(mean)).toBeLessThan(0.05);
    expect(Math.abs(sd - COEFFICIENTS.dissolving.sd)).toBeLessThan(0.04);
  });
});
