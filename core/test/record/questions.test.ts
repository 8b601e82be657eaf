import { describe, expect, test } from '@jest/globals';
import { unlearned } from '../../src/kitchen';
import { METHODS, methodById, recipeIn } from '../../src/methods';
import {
  bestSplit,
  COMPLAINTS,
  complaintsOf,
  fitLoads,
  leverMap,
  leversOf,
  look,
  nextPass,
  ranges,
  rankFor,
  remedies,
  roundForKitchen,
  roundingEffect,
  roundToCups,
  solveFor,
  tellingLevers,
  USE_IDS,
  valuesOf,
  whatMoves,
} from '../../src/questions';
import type { Complaint, Target } from '../../src/questions';
import { applyEdits } from '../../src/steps';
import type { Recipe } from '../../src/steps';
import { kitAt } from '../batch/kitchen';
import { told } from './told';

/** What is answered today about one school of each milk; as with the schools, no proof, but no change goes unseen. */
const kit = kitAt(640);
const here = unlearned(kit);
const SCHOOLS = ['soy-washed', 'oat-middle', 'rice-raw', 'tiger-nut-cooked', 'coconut-two-runs', 'coconut-graded'];
const school = (id: string): Recipe => {
  const m = methodById(id);
  if (!m) throw new Error(id);
  return recipeIn(m, kit);
};
const TARGETS: readonly Target[] = [
  { litres: 2 },
  { solids: 0.06 },
  { protein: 0.03 },
  { fat: 0.02 },
  { body: 'thin' },
  { body: 'creamy' },
  { classId: 'soyBeverage' },
  { classId: 'coconutMilk' },
];

describe.each(SCHOOLS)('on record for %s', (id) => {
  const r = school(id);
  test('what it takes to get what is wanted', () => {
    expect(TARGETS.map((t) => `${told(t)} ${told(solveFor(r, here, t))}`)).toMatchSnapshot();
  });
  test('the levers, and what each moves', () => {
    expect(whatMoves(r, here).map((m) => `${told(m.lever)} ${told(m.values)}`)).toMatchSnapshot();
  });
  test('the map of the two telling levers', () => {
    const [x, y] = tellingLevers(r, leversOf(r));
    if (!x || !y) throw new Error('no levers');
    const map = leverMap(r, here, {
      ground: 'solids',
      x,
      y,
      xs: valuesOf(x, 4),
      ys: valuesOf(y, 3),
      seed: 3,
      kitchens: 4,
    });
    expect(told(map)).toMatchSnapshot();
  });
  test('the ranges of what is promised', () => {
    expect(told(ranges(r, here, 1, 40))).toMatchSnapshot();
  });
  test('another pass, and the best share of the water', () => {
    expect([told(nextPass(r, here)), ...[2, 3].map((n) => told(bestSplit(r, here, n)))]).toMatchSnapshot();
  });
  test('rounded for the kitchen and to cups, and more loads for more of it', () => {
    const much = applyEdits(r, [{ do: 'scale', by: 3.7 }]);
    const byGrams = roundForKitchen(much);
    const byCups = roundToCups(much, 240);
    expect([
      told(byGrams),
      told(roundingEffect(much, here, byGrams)),
      told(byCups),
      told(roundingEffect(much, here, byCups)),
      told(fitLoads(much, here)),
    ]).toMatchSnapshot();
  });
  test('what would have helped', () => {
    const lines = (Object.keys(COMPLAINTS) as Complaint[]).flatMap((c) =>
      remedies(r, here, c).map((x) => `${c} ${told([x.how, x.reached, x.before, x.after, x.volumeMl])}`),
    );
    const seen = look(r, here);
    expect([seen ? told(complaintsOf(seen.summary)) : '', ...lines]).toMatchSnapshot();
  });
});

test.each(USE_IDS)('on record for the use %s: which school serves it best, and why', (use) => {
  const all = METHODS.map((m) => ({ id: m.id, milk: m.milk, recipe: recipeIn(m, kit) }));
  const lines = rankFor(use, all, here, { hours: 6, blender: true }).map((x) =>
    told([x.id, x.fit, x.good, x.bad, x.out, x.dangers, x.warmestC]),
  );
  expect(lines).toMatchSnapshot();
});
