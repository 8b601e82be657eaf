import { beforeAll, expect, test } from '@jest/globals';
import loadHighs from 'highs';
import { seededRandom } from '../../src/numerics';
import { checkTimetable, freshProblem, lengthOf, Proof } from '../../src/schedule';
import type { Block, Hands, Link, Problem, Starts, Use } from '../../src/schedule';
import { times } from '../long';
import { asProgramme, LATE_WEIGHS } from './secondEngine';

/** Some milks of three steps each with a jug and a pot, longest waits here and there, and a night. */
function instance(seed: number, milks: number, { cooks = 1, eyes = 0 } = {}): Problem {
  const random = seededRandom(seed);
  const upTo = (n: number): number => Math.floor(n * random());
  const blocks: Block[] = [];
  const links: Link[] = [];
  const uses: Use[] = [];
  const names = Array.from({ length: milks }, (_, m) => `m${m}`);
  for (const milk of names)
    for (let k = 0; k < 3; k += 1) {
      const id = `${milk}b${k}`;
      const hands: Hands = random() < (eyes > 0 ? 0.2 : 0.6) ? 'busy' : random() < eyes ? 'near' : 'free';
      blocks.push({ id, milk, parts: [{ durationS: 1 + upTo(8), hands }], notBeforeS: upTo(6), fixedS: null });
      if (k > 0)
        links.push({ from: `${milk}b${k - 1}`, to: id, leastS: 0, mostS: random() < 0.4 ? 4 + upTo(8) : null });
      if (random() < 0.6) uses.push({ thing: random() < 0.6 ? 'jug' : 'pot', milk, from: id, to: id });
    }
  const dusk = 15 + upTo(15);
  return {
    ...{ blocks, links, uses, cooks, untilS: 160, setUpS: (_: string, a: string, b: string) => (a === b ? 0 : 2) },
    off: [{ fromS: dusk, toS: dusk + 8 }],
    wishes: names.map((milk) => ({ milk, last: `${milk}b2`, byS: random() < 0.5 ? 10 + upTo(40) : null })),
  };
}
type Highs = Awaited<ReturnType<typeof loadHighs>>;
let highs: Highs;
beforeAll(async () => {
  highs = await loadHighs();
});

function sameOptimum(p: Problem, k: number): Starts {
  const search = new Proof(p);
  for (let i = 0; i < 400 && !search.run(500); i += 1);
  const { starts, cost, proved, atLeast } = search.found;
  expect([k, proved, starts !== null]).toEqual([k, true, true]);
  expect(atLeast).toEqual(cost);
  const found = starts ?? new Map<string, number>();
  expect(checkTimetable(p, found)).toEqual([]);
  const soon = p.wishes.filter((w) => w.byS === null);
  const lengths = soon.reduce((s, w) => s + lengthOf(p.blocks.find((b) => b.id === w.last) as Block), 0);
  const theirs = highs.solve(asProgramme(p), { mip_rel_gap: 0 });
  expect([k, theirs.Status, Math.round(theirs.ObjectiveValue)]).toEqual([
    k,
    'Optimal',
    (cost?.lateS ?? NaN) * LATE_WEIGHS + (cost?.readyS ?? NaN) - lengths,
  ]);
  return found;
}

/** The soonest, and the freshest that is as little late: a problem of the same kind, told backwards. */
function bothAgree(p: Problem, k: number): void {
  sameOptimum(freshProblem(p, sameOptimum(p, k)), k);
}
const KITCHENS = Array.from({ length: times(4, 15) }, (_, k) => k + 1);

/** HiGHS (Huangfu & Hall 2018) by branch and cut over a mixed-integer programme: what our search proves, it finds as well. */
test.each([2, 3, 4, 5])('%d milks: the same optimum by a solver that shares nothing with ours', (milks) => {
  for (const k of KITCHENS) bothAgree(instance(100 * milks + k, milks), k);
});
test('pots that want an eye, two of them at once at most: the same optimum', () => {
  for (const k of KITCHENS.slice(times(2, 5))) bothAgree(instance(600 + k, 5, { eyes: 0.9 }), k);
});
test('two cooks: the same optimum', () => {
  for (const k of KITCHENS.slice(times(2, 5))) bothAgree(instance(700 + k, 4, { cooks: 2 }), k);
});
