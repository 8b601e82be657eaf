import { describe, expect, test } from '@jest/globals';
import { seededRandom } from '../../src/numerics';
import { Search } from '../../src/schedule';
import type { Problem } from '../../src/schedule';
import { FT06, LA01, shopProblem } from './shops';

const solved = (p: Problem, most = 400_000) => {
  const s = new Search(p);
  const t = performance.now();
  while (!s.run(1000) && s.found.nodes < most);
  if (process.env.TELL) console.log(s.found.nodes, Math.round(performance.now() - t), s.found.cost, s.found.atLeast);
  return s.found;
};
describe('published shops', () => {
  test('Fisher & Thompson 6 × 6: 55, proved', () => {
    const f = solved(shopProblem(FT06));
    expect([f.proved, f.cost?.readyS]).toEqual([true, 55]);
  });
  test('Lawrence LA01: 666, proved', () => {
    const f = solved(shopProblem(LA01));
    expect([f.proved, f.cost?.readyS]).toEqual([true, 666]);
  });
  test('two machines: never longer and never shorter than Johnson’s rule (1954)', () => {
    for (let seed = 1; seed <= 12; seed += 1) {
      const random = seededRandom(seed);
      const jobs = Array.from(
        { length: 6 },
        () => [1 + Math.floor(9 * random()), 1 + Math.floor(9 * random())] as const,
      );
      const first = jobs.filter(([a, b]) => a < b).sort((x, y) => x[0] - y[0]);
      const last = jobs.filter(([a, b]) => a >= b).sort((x, y) => y[1] - x[1]);
      let [m1, m2] = [0, 0];
      for (const [a, b] of [...first, ...last]) {
        m1 += a;
        m2 = Math.max(m1, m2) + b;
      }
      const f = solved(
        shopProblem(
          jobs.map(([a, b]) => [
            [0, a],
            [1, b],
          ]),
        ),
      );
      expect([seed, f.proved, f.cost?.readyS]).toEqual([seed, true, m2]);
    }
  });
});
