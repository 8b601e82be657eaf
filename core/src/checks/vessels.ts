import { hasFood, isPulp, liquidG, massG } from '../kitchen';
import { freshStepId, kindOf, makeStep } from '../steps';
import { fig } from './types';
import type { Check, Looked } from './types';

/** Less than this is a smear in the pot, g. */
const LEAST_G = 30;
const filled = (l: Looked): ReadonlySet<string> =>
  new Set(l.recipe.steps.flatMap((s) => kindOf(s.kind).fills?.(s.params) ?? []));
/** The last step that wrote it. */
const madeAt = (l: Looked, stream: string): string | null =>
  l.outcome.stages.findLast((x) => x.writes.some(([n, s]) => n === stream && s !== null))?.step ?? null;

/** A milk that ends in no jar and no box. */
export const noJar: Check = {
  id: 'noJar',
  reason: 'Milk that is left in the pot is forgotten there: each ends in a jar, in the freezer, or in another milk.',
  source: 'common practice',
  find: (l) => {
    const has = filled(l);
    return Object.entries(l.outcome.products).flatMap(([name, s]) => {
      const milk = hasFood(s) && !isPulp(s) && s.openedShare > 0 && liquidG(s) > massG(s) / 2;
      if (!milk || massG(s) < LEAST_G || has.has(name)) return [];
      const step = makeStep(freshStepId(l.recipe, 'jar'), 'jar', { of: name });
      return [
        {
          check: `noJar:${name}`,
          step: madeAt(l, name),
          weight: 'mend' as const,
          figures: { massG: fig(massG(s), 'g') },
          fixes: [
            {
              say: 'jarIt',
              figures: {},
              edits: [{ do: 'insert' as const, after: l.recipe.steps.at(-1)?.id ?? null, step }],
            },
          ],
        },
      ];
    });
  },
};

/** A food of the plan that no step takes. */
export const neverUsed: Check = {
  id: 'neverUsed',
  reason: 'What is weighed out and goes into nothing is left on the table.',
  source: 'common practice',
  find: (l) =>
    Object.entries(l.outcome.products).flatMap(([name, s]) => {
      const taken = l.recipe.steps.some((x) => kindOf(x.kind).reads(x.params).includes(name));
      const first = l.recipe.larder.find((x) => x.into === name);
      if (taken || !first || massG(s) < 1 || l.recipe.steps.length === 0) return [];
      return [
        {
          check: `neverUsed:${l.recipe.materials.find((m) => m.id === first.material)?.name ?? name}`,
          step: null,
          weight: 'mend' as const,
          figures: { massG: fig(massG(s), 'g') },
          fixes: [],
        },
      ];
    }),
};
