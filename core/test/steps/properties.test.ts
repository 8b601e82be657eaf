import { expect, test, describe } from '@jest/globals';
import fc from 'fast-check';
import { fold, summarise } from '../../src/batch';
import { NOTHING, unlearned } from '../../src/kitchen';
import { MATERIALS } from '../../src/materials';
import { KINDS, kindOf, makeStep, orderFaults } from '../../src/steps';
import type { Kind, Recipe, Step } from '../../src/steps';
import { broughtG, impossible, kitAt, missingG, soyRecipe } from '../batch/kitchen';
import { times } from '../long';

const anyParts = fc
  .uniqueArray(fc.constantFrom('milk', 'second', 'pulp', 'a', 'b', 'c'), { minLength: 1, maxLength: 6 })
  .map((names) => names.map((name, i) => ({ name, share: i === 0 ? 0.25 : 0.15 })));
/** Any value a parameter may take, its bounds among them. */
function value(kind: Kind, name: string): fc.Arbitrary<unknown> {
  const spec = kindOf(kind).params[name];
  if (!spec) throw new Error(name);
  switch (spec.type) {
    case 'number':
      return spec.unit === 'count'
        ? fc.integer({ min: spec.low, max: spec.high })
        : fc.oneof(
            fc.constant(spec.low),
            fc.constant(spec.high),
            fc.constant(spec.default),
            fc.double({ min: spec.low, max: spec.high, noNaN: true }).map((x) => (Math.abs(x) < 1e-6 ? 0 : x)),
          );
    case 'choice':
      return fc.constantFrom(...spec.choices);
    case 'flag':
      return fc.boolean();
    case 'stream':
      return fc.constantFrom('work', 'milk', 'pulp', 'second', 'heldBack', spec.default);
    case 'food':
      return fc.constantFrom(...MATERIALS.map((m) => m.id), ...(spec.liquid ? ['water'] : []));
    case 'parts':
      return anyParts;
    case 'thing':
      return fc.constantFrom('in use', 'cloth', 'sieve');
  }
}
const anyStep = (i: number): fc.Arbitrary<Step> =>
  fc
    .constantFrom(...KINDS)
    .chain((kind) =>
      fc
        .record(Object.fromEntries(Object.keys(kindOf(kind).params).map((n) => [n, value(kind, n)])))
        .map((params) => makeStep(`${kind}${i}`, kind, params as never)),
    );
/** A plan in any legal order: a step whose streams nobody made is left out, so every kind meets every other. */
const anyRecipe: fc.Arbitrary<Recipe> = fc
  .tuple(
    fc.oneof(fc.constant(0), fc.double({ min: 1e-6, max: 5000, noNaN: true })),
    fc.constantFrom(...MATERIALS),
    fc.constantFrom(...MATERIALS),
    ...Array.from({ length: 14 }, (_, i) => anyStep(i)),
  )
  .map(([grams, first, second, ...steps]) => {
    // Two foods of any kind: one in the work bowl, one in a second, so that pouring together mixes them.
    const of = (s: readonly Step[]): Recipe => ({
      materials: MATERIALS,
      larder: [
        { into: 'work', material: first.id, grams },
        { into: 'second', material: second.id, grams: grams / 3 },
      ],
      steps: s,
    });
    const kept: Step[] = [];
    for (const s of steps) if (orderFaults(of([...kept, s])).length === 0) kept.push(s);
    return of(kept);
  });
const RUNS = { numRuns: times(60, 250), seed: 20_260_101 };

describe('any plan, any order, at the bounds', () => {
  test('mass in is mass out, to 1e-9', () => {
    fc.assert(
      fc.property(anyRecipe, fc.integer({ min: 0, max: 4500 }), (r, altitude) => {
        const o = fold(r, unlearned(kitAt(altitude)));
        expect(Math.abs(missingG(o))).toBeLessThanOrEqual(1e-9 * Math.max(1, broughtG(o)));
      }),
      RUNS,
    );
  });
  test('nothing is negative, nothing is beyond its bounds, components sum to dry mass', () => {
    fc.assert(
      fc.property(anyRecipe, (r) => {
        const o = fold(r, unlearned(kitAt(640)));
        for (const stage of o.stages) for (const [, s] of stage.writes) if (s) expect(impossible(s)).toEqual([]);
      }),
      RUNS,
    );
  });
  test('no figure and no summary is NaN or infinite', () => {
    fc.assert(
      fc.property(anyRecipe, (r) => {
        const o = fold(r, unlearned(kitAt(0)));
        for (const st of o.stages)
          for (const [k, v] of Object.entries(st.figures)) expect([k, Number.isFinite(v)]).toEqual([k, true]);
        const s = summarise(r, o, kitAt(0));
        for (const p of s.products)
          for (const v of Object.values(p)) if (typeof v === 'number') expect(Number.isNaN(v)).toBe(false);
      }),
      RUNS,
    );
  });
  test('a plan cut in two and continued equals the whole', () => {
    fc.assert(
      fc.property(anyRecipe, fc.nat(13), (r, at) => {
        const kit = kitAt(640);
        const cut = Math.min(at, r.steps.length);
        const whole = fold(r, unlearned(kit));
        const first = fold(r, { ...unlearned(kit), untilStep: cut });
        const rest = fold({ ...r, steps: r.steps.slice(cut) }, { ...unlearned(kit), start: first.products });
        expect(rest.products).toEqual(whole.products);
      }),
      RUNS,
    );
  });
});

test('zero amount is the identity, for every kind that names one', () => {
  const base = fold(
    soyRecipe(200, [makeStep('g', 'grind', { waterG: 1500 }), makeStep('s', 'strain')]),
    unlearned(kitAt(0)),
  );
  const streams: Readonly<Record<string, unknown>> = {
    ...base.products,
    work: base.products.milk,
    heldBack: NOTHING,
    second: NOTHING,
  };
  for (const kind of KINDS) {
    const k = kindOf(kind);
    if (!k.nothing) continue;
    const step = makeStep('x', kind, k.nothing as never);
    const ctx = { kit: kitAt(0), beliefs: {}, materials: MATERIALS, boilC: 100 };
    const result = k.run('x', step.params, (n) => (streams[n] ?? NOTHING) as typeof NOTHING, ctx);
    for (const [name, s] of result.writes) {
      const before = streams[name] as typeof NOTHING;
      if (s === null) continue;
      expect([kind, { ...s, readyAtS: 0 }]).toEqual([kind, { ...before, readyAtS: 0 }]);
    }
  }
});

test('sixteen washes: each brings less than the one before', () => {
  const washes = Array.from({ length: 16 }, (_, i) => makeStep(`w${i}`, 'wash', { waterG: 300, into: `extract${i}` }));
  const r = soyRecipe(200, [
    makeStep('soak', 'soak', { waterG: 800 }),
    makeStep('drain', 'drain'),
    makeStep('g', 'grind', { waterG: 1200 }),
    makeStep('s', 'strain'),
    ...washes,
  ]);
  const got = fold(r, unlearned(kitAt(0)))
    .stages.slice(4)
    .map((s) => s.figures.milkSolids ?? 0);
  got.forEach((x, i) => i > 0 && expect(x).toBeLessThan(got[i - 1] as number));
});
