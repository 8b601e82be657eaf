import type { Beliefs, Kit } from '../kitchen';
import { findRoot } from '../numerics';
import { applyEdits, kindOf } from '../steps';
import type { Edit, Recipe, Step } from '../steps';
import { fold } from './fold';
import { summarise } from './summary';

export type Target = { readonly litres: number } | { readonly solids: number };
export interface Solved {
  readonly edits: readonly Edit[];
  readonly reached: boolean;
  /** What the edits bring: litres or solids share, as was asked. */
  readonly value: number;
  readonly folds: number;
}

/** Litres: one scale on all amounts. Solids: the fresh water, in the plan's own proportions (decision 18). */
export function solveFor(recipe: Recipe, kit: Kit, beliefs: Beliefs, target: Target): Solved {
  let folds = 0;
  const look = (edits: readonly Edit[]): number => {
    folds += 1;
    const r = applyEdits(recipe, edits);
    const main = summarise(r, fold(r, { kit, beliefs }), kit).main;
    return 'litres' in target ? (main?.volumeMl ?? 0) / 1000 : (main?.solids ?? 0);
  };
  const litres = 'litres' in target;
  const edits = litres ? (x: number): Edit[] => [{ do: 'scale', by: x }] : (x: number) => freshWater(recipe, x);
  const goal = litres ? target.litres : target.solids;
  const first = look(edits(1));
  const guess = first > 0 ? (litres ? goal / first : first / goal) : 1;
  const low = Math.max(0.01, guess * 0.4);
  const high = Math.min(60, guess * 2.5 + 0.05);
  const found = findRoot((x) => look(edits(x)) - goal, low, high, goal * 1e-4, 30);
  return { edits: edits(found.x), reached: found.converged, value: goal + found.residual, folds };
}

function freshWater(recipe: Recipe, by: number): Edit[] {
  const edits: Edit[] = [];
  for (const s of recipe.steps)
    for (const [param, spec] of Object.entries(kindOf(s.kind).params))
      if (spec.type === 'number' && spec.fresh) {
        const now = (s.params as unknown as Record<string, number>)[param] ?? 0;
        edits.push({ do: 'set', step: s.id, param, value: Math.min(spec.high, now * by) });
      }
  return edits;
}

/** Rounds amounts to what a kitchen can weigh: 5 g above 50 g, 1 g below. */
export function roundForKitchen(r: Recipe): readonly Edit[] {
  const edits: Edit[] = [];
  const round = (g: number) => (g >= 50 ? Math.round(g / 5) * 5 : g >= 5 ? Math.round(g) : Math.round(g * 10) / 10);
  r.larder.forEach((l, index) => edits.push({ do: 'larder', index, grams: round(l.grams) }));
  for (const s of r.steps) edits.push(...roundStep(s, round));
  return edits;
}

function roundStep(s: Step, round: (g: number) => number): Edit[] {
  return Object.entries(kindOf(s.kind).params).flatMap(([param, spec]): Edit[] =>
    spec.type === 'number' && spec.unit === 'g'
      ? [{ do: 'set', step: s.id, param, value: round((s.params as unknown as Record<string, number>)[param] ?? 0) }]
      : [],
  );
}
