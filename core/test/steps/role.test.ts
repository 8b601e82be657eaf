import { describe, expect, test } from '@jest/globals';
import { fold, summarise } from '../../src/batch';
import { isPulp, NOTHING, roleOf, unlearned, USUAL_KIT } from '../../src/kitchen';
import type { Stream } from '../../src/kitchen';
import { METHODS, methodById, recipeOf } from '../../src/methods';
import { applyEdits, makeStep } from '../../src/steps';
import type { Recipe } from '../../src/steps';

const here = unlearned(USUAL_KIT);
const of = (id: string): Recipe => {
  const m = methodById(id);
  if (!m) throw new Error(id);
  return recipeOf(m);
};
const products = (r: Recipe): Readonly<Record<string, Stream>> => fold(r, here).products;

describe('the role of a stream', () => {
  test.each(METHODS.map((m) => [m.id, m] as const))(
    '%s: what it jars is milk, what its strainers keep is pulp',
    (_, m) => {
      const r = recipeOf(m);
      const o = products(r);
      for (const s of r.steps) {
        if (s.kind === 'jar') expect(o[s.params.of]?.role).toBe('milk');
        if ((s.kind === 'strain' || s.kind === 'wash') && o.pulp) expect(o.pulp.role).toBe('pulp');
      }
    },
  );
  test('does not follow the name: renamed, every figure is the same', () => {
    const r = of('soy-washed');
    const renamed = applyEdits(r, [{ do: 'rename', stream: 'pulp', to: 'okara' }]);
    const [a, b] = [products(r), products(renamed)];
    expect(b.okara).toEqual(a.pulp);
    const sum = (x: Recipe) => summarise(x, fold(x, here), USUAL_KIT).products.filter((p) => p.pulp).length;
    expect(sum(renamed)).toBe(sum(r));
  });
  test('milk that a spoon of pulp went back into is milk', () => {
    const r = of('oat-middle');
    const back: Recipe = {
      ...r,
      steps: [
        ...r.steps,
        makeStep('half', 'part', { of: 'pulp', parts: [{ name: 'spoon', share: 0.05 }] }),
        makeStep('back', 'pool', { of: 'spoon', into: 'milk' }),
      ],
    };
    const o = products(back);
    expect(o.milk?.sievedShare).toBeGreaterThan(0);
    expect(o.milk && isPulp(o.milk)).toBe(false);
    expect(o.pulp && isPulp(o.pulp)).toBe(true);
  });
  test('pulp blended with water again is a slurry', () => {
    const r = of('soy-washed');
    const again: Recipe = {
      ...r,
      steps: [...r.steps, makeStep('again', 'grind', { of: 'pulp', waterG: 400, durationS: 30 })],
    };
    expect(products(again).pulp?.role).toBe('food');
  });
  test('a cap and a skin that were lifted off have their own', () => {
    const r = of('coconut-graded');
    const lifted: Recipe = { ...r, steps: [...r.steps, makeStep('lift', 'lift', { of: 'first', into: 'white lid' })] };
    expect(products(lifted)['white lid']?.role).toBe('cap');
    const soy = of('soy-washed');
    const at = soy.steps.findIndex((s) => s.kind === 'cool');
    const kept = [...soy.steps.slice(0, at), makeStep('skim', 'skim', { how: 'keep' }), ...soy.steps.slice(at)];
    expect(products({ ...soy, steps: kept }).skin?.role).toBe('skin');
  });
  test('a jar stored before streams had a role is known by what a strainer left in it', () => {
    const { role: _, ...old } = NOTHING;
    expect(roleOf({ ...old, sievedShare: 0.2 } as Stream)).toBe('pulp');
    expect(roleOf(old as Stream)).toBe('milk');
  });
});
