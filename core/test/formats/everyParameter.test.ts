import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { readPlan, writePlan } from '../../src/formats';
import { METHODS, recipeOf } from '../../src/methods';
import { MATERIALS } from '../../src/materials';
import { foodsOf, KINDS, kindOf, makeStep, withParams } from '../../src/steps';
import type { Kind, ParamSpec, ParamValue, Recipe, Step } from '../../src/steps';
import { SEA } from '../batch/kitchen';

const anyValue = (spec: ParamSpec): fc.Arbitrary<ParamValue> => {
  switch (spec.type) {
    case 'number':
      return fc
        .double({ min: spec.low, max: spec.high, noNaN: true })
        .map((x) =>
          spec.unit === 'count' ? Math.round(x) : Math.min(spec.high, Math.max(spec.low, Number(x.toPrecision(4)))),
        );
    case 'choice':
      return fc.constantFrom(...spec.choices);
    case 'flag':
      return fc.boolean();
    case 'stream':
      return fc.constant(spec.default);
    case 'food':
      return fc.constantFrom('salt', 'dates', ...(spec.liquid ? ['water'] : []));
    case 'parts':
      return anyParts;
    case 'thing':
      return fc.constantFrom('in use', ...SEA.things.filter((t) => t.is === spec.thing).map((t) => t.id));
  }
};
const anyParts = fc
  .uniqueArray(fc.constantFrom('berry', 'first pressing', 'Süße', 'milk', 'k-1'), { minLength: 1, maxLength: 5 })
  .chain((names) =>
    fc
      .array(fc.integer({ min: 0, max: 20 }), { minLength: names.length, maxLength: names.length })
      .map((shares) => names.map((name, i) => ({ name, share: (shares[i] ?? 0) / 100 }))),
  );
const anyStep = (kind: Kind): fc.Arbitrary<Step> =>
  fc
    .record(Object.fromEntries(Object.entries(kindOf(kind).params).map(([n, s]) => [n, anyValue(s)])))
    .map((params) => withParams(makeStep('odd', kind), params));

test.each(KINDS)('every parameter of %s survives a file, all at once', (kind) => {
  const school = METHODS[4];
  if (!school) throw new Error('no school');
  const { materials } = recipeOf(school);
  fc.assert(
    fc.property(anyStep(kind), (odd) => {
      const takes = kindOf(kind).reads(odd.params);
      const larder = (takes.length > 0 ? takes : ['work']).map((into) => ({ into, material: 'soybeans', grams: 100 }));
      const foods = MATERIALS.filter((m) => foodsOf(odd).includes(m.id));
      const recipe: Recipe = { materials: [...materials, ...foods], larder, steps: [odd] };
      const file: unknown = JSON.parse(JSON.stringify(writePlan({ name: 'P', method: null, recipe }, SEA)));
      const back = readPlan(file);
      if (!back.ok) throw new Error(back.faults.map((f) => f.say).join(' '));
      const params = back.plan.recipe.steps[0]?.params as unknown as Record<string, unknown>;
      for (const [name, v] of Object.entries(odd.params)) {
        const read = params[name];
        if (typeof v === 'number')
          expect([name, Math.abs(Number(read) - v) <= 1e-6 * Math.max(1, Math.abs(v))]).toEqual([name, true]);
        else expect([name, read]).toEqual([name, v]);
      }
    }),
    { numRuns: 40, seed: 5 },
  );
});
