import { describe, expect, test } from '@jest/globals';
import { warningsOf } from '../../src/checks';
import { evolve, massG, solidsG, unlearned } from '../../src/kitchen';
import type { Stream } from '../../src/kitchen';
import { methodById, recipeOf } from '../../src/methods';
import { look } from '../../src/questions';
import { makeStep } from '../../src/steps';
import type { FigureName, Kind, Recipe, Step } from '../../src/steps';
import { SEA, stood } from '../batch/kitchen';

/**
 * Every check at its own mark, five per cent to either side: one figure of a folded plan is put there, all else stays.
 * The marks themselves are common practice, estimates or the published limits named at the checks.
 */
const school = (id: string): Recipe => {
  const m = methodById(id);
  if (!m) throw new Error(id);
  return recipeOf(m);
};
type Put =
  | { readonly figure: FigureName; readonly also?: Readonly<Partial<Record<FigureName, number>>> }
  | { readonly param: string }
  | { readonly stream: (s: Stream, x: number) => Stream; readonly name: string };

function told(check: string, r: Recipe, kind: Kind, put: Put, x: number): boolean {
  const seen = look(r, unlearned(SEA));
  const i = r.steps.findLastIndex((s) => s.kind === kind);
  if (!seen || i < 0) throw new Error(`${check}: no ${kind}`);
  const stages = seen.outcome.stages.map((s, at) => {
    if (at !== i) return s;
    if ('figure' in put) return { ...s, figures: { ...s.figures, ...put.also, [put.figure]: x } };
    if ('stream' in put)
      return {
        ...s,
        writes: s.writes.map(([n, made]) => [n, n === put.name && made ? put.stream(made, x) : made] as const),
      };
    return s;
  });
  const products =
    'stream' in put && seen.outcome.products[put.name]
      ? { ...seen.outcome.products, [put.name]: put.stream(seen.outcome.products[put.name] as Stream, x) }
      : seen.outcome.products;
  const steps =
    'param' in put
      ? r.steps.map((s, at) => (at === i ? ({ ...s, params: { ...s.params, [put.param]: x } } as Step) : s))
      : r.steps;
  const l = { kit: SEA, recipe: { ...r, steps }, outcome: { ...seen.outcome, stages, products } };
  return warningsOf(l).some((w) => w.check === check);
}

const soy = school('soy-washed');
const boiled: Recipe = soy;
const dried: Recipe = { ...soy, steps: [...soy.steps, makeStep('dry', 'dry', { of: 'pulp' })] };
const kept: Recipe = { ...soy, steps: [...soy.steps, stood({ durationS: 60 })] };
const frozen: Recipe = {
  ...soy,
  steps: [...soy.steps.filter((s) => s.kind !== 'jar'), makeStep('freeze', 'freeze')],
};
const warmed: Recipe = {
  ...soy,
  steps: soy.steps.flatMap((s): readonly Step[] =>
    s.kind === 'jar' ? [makeStep('warm', 'heat', { toC: 70 }), s] : [s],
  ),
};
/** [check, plan, step, what is moved, its mark, told: above it or below it] */
const EDGES: readonly (readonly [string, Recipe, Kind, Put, number, 'above' | 'below'])[] = [
  ['potOverfull', boiled, 'boil', { figure: 'potShare' }, 2 / 3, 'above'],
  ['scorches', boiled, 'boil', { figure: 'pulpInShare' }, 0.015, 'above'],
  ['boilsDry', boiled, 'boil', { figure: 'waterLeftG', also: { steamG: 400 } }, 200, 'below'],
  ['hobTooWeak', boiled, 'boil', { figure: 'steamLoad' }, 1, 'above'],
  ['coolsTooSlowly', boiled, 'cool', { figure: 'above21S' }, 7200, 'above'],
  ['coolsTooSlowly', boiled, 'cool', { figure: 'above5S' }, 21_600, 'above'],
  ['driesTooSlowly', dried, 'dry', { figure: 'dryS' }, 12 * 3600, 'above'],
  ['keptTooLong', kept, 'stand', { param: 'durationS' }, NaN, 'above'],
  ['freezerTooFull', frozen, 'freeze', { figure: 'fillShare', also: { fillLimit: 0.92 } }, 0.92, 'above'],
  ['cannotReach', warmed, 'heat', { param: 'toC' }, 100, 'above'],
  ['enzymeTooHot', school('oat-enzyme'), 'enzyme', { figure: 'endC' }, 72, 'above'],
  [
    'enzymeDoesNothing',
    school('oat-enzyme'),
    'enzyme',
    { figure: 'starchCut', also: { glucanCut: 0, endC: 50 } },
    0.05,
    'below',
  ],
  [
    'enzymeDoesNothing',
    school('oat-enzyme'),
    'enzyme',
    { figure: 'glucanCut', also: { starchCut: 0, endC: 50 } },
    0.1,
    'below',
  ],
  ['riceTooDry', school('rice-cooked'), 'absorb', { figure: 'cookedShare' }, 0.95, 'below'],
  ['riceTooWet', school('rice-cooked'), 'absorb', { figure: 'waterLeftG' }, 20, 'above'],
  ['jugOverfull', soy, 'grind', { figure: 'loadMl', also: { jugHoldsMl: 1000 } }, 1000, 'above'],
  ['hotInSealedJug', soy, 'grind', { figure: 'startC', also: { sealed: 1, endC: 20 } }, 60, 'above'],
  ['hotInSealedJug', soy, 'grind', { figure: 'endC', also: { sealed: 1, startC: 20 } }, 60, 'above'],
  ['hotInJug', soy, 'grind', { figure: 'startC', also: { sealed: 0 } }, 60, 'above'],
  ['tooThick', soy, 'grind', { figure: 'waterWantedG' }, 1, 'above'],
  ['groundTooLittle', soy, 'grind', { figure: 'openedShare' }, 0.75, 'below'],
  ['iceLeft', soy, 'grind', { figure: 'iceLeftG' }, 30, 'above'],
  ['emptyPass', soy, 'wash', { figure: 'milkSolids' }, 0.005, 'below'],
  ['nothingThrough', soy, 'strain', { figure: 'milkG', also: { holdsG: 300 } }, 1, 'below'],
  ['meshTooOpen', soy, 'strain', { figure: 'gritShare' }, 0.0007, 'above'],
  ['coldFat', school('coconut-one-blend'), 'grind', { figure: 'endC' }, 28, 'below'],
  ['soakTooShort', soy, 'soak', { figure: 'uptakeShare' }, 0.85, 'below'],
  ['soakTooLong', soy, 'soak', { figure: 'soakS', also: { longestS: 40_000 } }, 40_000, 'above'],
  ['soakTooWarm', soy, 'soak', { figure: 'soakS', also: { longestS: 20_000 } }, 20_000, 'above'],
  ['soakWater', soy, 'soak', { figure: 'waterHasG', also: { coverG: 800 } }, 799, 'below'],
  ['bowlTooSmall', soy, 'soak', { figure: 'bowlShare' }, 1, 'above'],
  [
    'blendWarmsStarch',
    school('oat-middle'),
    'grind',
    { figure: 'endC', also: { startC: 20, gelFromC: 53 } },
    53,
    'above',
  ],
  ['hotJar', soy, 'jar', { name: 'milk', stream: (s, temperatureC) => evolve(s, { temperatureC }) }, 40, 'above'],
  [
    'warmJar',
    school('tiger-nut-cold'),
    'jar',
    { name: 'milk', stream: (s, temperatureC) => evolve(s, { temperatureC }) },
    9,
    'above',
  ],
  ['watery', soy, 'strain', { name: 'milk', stream: thinned }, 0.028, 'below'],
  ['richBoils', cookedCoconut(), 'boil', { name: 'milk', stream: withFat }, 0.15, 'above'],
];
/** The same milk with so much water that its solids are this share. */
function thinned(s: Stream, share: number): Stream {
  const water = solidsG(s) / share - solidsG(s);
  return evolve(s, { freeWaterG: water - s.boundWaterG });
}
function withFat(s: Stream, share: number): Stream {
  const lean = massG(s) - s.released.fat - s.bound.fat;
  const fat = (share * lean) / (1 - share);
  return evolve(s, { released: { ...s.released, fat }, bound: { ...s.bound, fat: 0 } });
}
function cookedCoconut(): Recipe {
  const r = school('coconut-one-blend');
  const jar = r.steps.findIndex((s) => s.kind === 'jar');
  return { ...r, steps: [...r.steps.slice(0, jar), makeStep('boil', 'boil', { holdS: 60 }), ...r.steps.slice(jar)] };
}
/** A keep is as long as time, temperature and cap leave it: found in the plan itself. */
function markOf(r: Recipe, mark: number): number {
  return Number.isNaN(mark) ? (look(r, unlearned(SEA))?.summary.main?.keep?.s ?? NaN) : mark;
}

describe('told on one side of its mark and not on the other', () => {
  test.each(EDGES)('%s', (check, r, kind, put, mark, side) => {
    const at = markOf(r, mark);
    const above = told(check, r, kind, put, at * 1.05);
    const below = told(check, r, kind, put, at * 0.95);
    expect({ above, below }).toEqual({ above: side === 'above', below: side === 'below' });
  });
});
test('more grit than that is to be mended, not only known', () => {
  const weight = (share: number): string | undefined => {
    const seen = look(soy, unlearned(SEA));
    if (!seen) throw new Error('no look');
    const stages = seen.outcome.stages.map((s, i) =>
      soy.steps[i]?.kind === 'strain' ? { ...s, figures: { ...s.figures, gritShare: share } } : s,
    );
    return warningsOf({ kit: SEA, recipe: soy, outcome: { ...seen.outcome, stages } }).find(
      (w) => w.check === 'meshTooOpen',
    )?.weight;
  };
  expect([0.0066, 0.0074].map(weight)).toEqual(['know', 'mend']);
});
