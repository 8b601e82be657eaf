import { beforeAll, expect, test } from '@jest/globals';
import loadHighs from 'highs';
import { seededRandom } from '../../src/numerics';
import { checkTimetable, lengthOf, Search } from '../../src/schedule';
import type { Block, Hands, Link, Problem, Use } from '../../src/schedule';
import { asProgramme, LATE_WEIGHS } from './secondEngine';

/** Some milks of three steps each with a jug and a pot, longest waits here and there, and a night. */
function instance(seed: number, milks: number): Problem {
  const random = seededRandom(seed);
  const upTo = (n: number): number => Math.floor(n * random());
  const blocks: Block[] = [];
  const links: Link[] = [];
  const uses: Use[] = [];
  const names = Array.from({ length: milks }, (_, m) => `m${m}`);
  for (const milk of names)
    for (let k = 0; k < 3; k += 1) {
      const id = `${milk}b${k}`;
      const hands: Hands = random() < 0.6 ? 'busy' : 'free';
      blocks.push({ id, milk, parts: [{ durationS: 1 + upTo(8), hands }], notBeforeS: upTo(6), fixedS: null });
      if (k > 0)
        links.push({ from: `${milk}b${k - 1}`, to: id, leastS: 0, mostS: random() < 0.4 ? 4 + upTo(8) : null });
      if (random() < 0.6) uses.push({ thing: random() < 0.6 ? 'jug' : 'pot', milk, from: id, to: id });
    }
  const dusk = 15 + upTo(15);
  return {
    ...{ blocks, links, uses, cooks: 1, untilS: 160, setUpS: (_: string, a: string, b: string) => (a === b ? 0 : 2) },
    off: [{ fromS: dusk, toS: dusk + 8 }],
    wishes: names.map((milk) => ({ milk, last: `${milk}b2`, byS: random() < 0.5 ? 10 + upTo(40) : null })),
  };
}
type Highs = Awaited<ReturnType<typeof loadHighs>>;
let highs: Highs;
beforeAll(async () => {
  highs = await loadHighs();
});

/** HiGHS (Huangfu & Hall 2018) by branch and cut over a mixed-integer programme: what our search proves, it finds as well. */
test.each([2, 3, 4, 5])(
  '%d milks: fifteen kitchens, the same optimum by a solver that shares nothing with ours',
  (milks) => {
    for (let k = 1; k <= 15; k += 1) {
      const p = instance(100 * milks + k, milks);
      const search = new Search(p);
      for (let i = 0; i < 200 && !search.run(500); i += 1);
      const { starts, cost, proved } = search.found;
      expect([k, proved, starts !== null]).toEqual([k, true, true]);
      expect(checkTimetable(p, starts ?? new Map())).toEqual([]);
      const lengths = p.wishes.reduce((s, w) => s + lengthOf(p.blocks.find((b) => b.id === w.last) as Block), 0);
      const theirs = highs.solve(asProgramme(p));
      expect([k, theirs.Status, Math.round(theirs.ObjectiveValue)]).toEqual([
        k,
        'Optimal',
        (cost?.lateS ?? NaN) * LATE_WEIGHS + (cost?.readyS ?? NaN) - lengths,
      ]);
    }
  },
);
