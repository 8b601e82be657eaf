import { fold, SET, summarise } from '../batch';
import type { ClassResult, Summary } from '../batch';
import type { Beliefs, Here } from '../kitchen';
import { findRoot } from '../numerics';
import { applyEdits, foodLines, freshWaterOf, highestOf, numberOf, WORDS_FROM, wordsFrom } from '../steps';
import type { BodyWord, Edit, Recipe, Step } from '../steps';

export type Target =
  | { readonly litres: number }
  | { readonly solids: number }
  | { readonly protein: number }
  | { readonly fat: number }
  /** Relative viscosity in the middle of a word. */
  | { readonly body: Exclude<BodyWord, 'watery' | 'sets'> }
  | { readonly classId: string }
  /** All of what there is of one food, g. */
  | { readonly useUp: { readonly material: string; readonly grams: number } };
/** What stands in the way of a target. */
export type Stop =
  | { readonly by: 'water'; readonly way: 'least' | 'most' }
  | { readonly by: 'seconds'; readonly way: 'least' | 'most' }
  | { readonly by: 'amount' }
  | { readonly by: 'minimum'; readonly fails: ClassResult['fails'] }
  | { readonly by: 'absent' }
  /** The plan's fresh water all goes to other jars. */
  | { readonly by: 'apart' };
export interface Solved {
  readonly edits: readonly Edit[];
  readonly reached: boolean;
  /** What the edits bring, in the unit of what was asked (a class: 1 met, 0 not). */
  readonly value: number;
  readonly folds: number;
  readonly stop: Stop | null;
}

/** The middle of each word for the body, relative to water. */
export const BODY_AIM = { thin: 1.3, likeMilk: 2.1, creamy: 4.8, thick: 15 } as const;
/** The same by this kitchen’s own words: as far into its word as it is by the usual bounds. */
function bodyAim(word: keyof typeof BODY_AIM, beliefs: Beliefs): number {
  const usual = { thin: 1, ...WORDS_FROM.thick };
  const here = { thin: 1, ...wordsFrom('thick', beliefs) };
  const next = ({ thin: 'likeMilk', likeMilk: 'creamy', creamy: 'thick', thick: 'sets' } as const)[word];
  const into = (BODY_AIM[word] - usual[word]) / (usual[next] - usual[word]);
  return here[word] + into * (here[next] - here[word]);
}
/** Fresh water is looked for between these multiples of what the plan has, and the jug runs this long, s. */
const WATER = { low: 0.15, high: 6 } as const;
const SECONDS = { low: 5, high: 600 } as const;

interface Bench {
  readonly recipe: Recipe;
  readonly look: (edits: readonly Edit[]) => Summary;
  readonly folds: () => number;
}

/**
 * From what is wanted to what to take: litres and a food to use up scale all amounts; solids, protein and fat scale the
 * fresh water in the plan's own proportions; a body first the water, then the seconds of the jug; a class the most water
 * that still meets it (decision 18). Unreachable: the nearest, and what stands in the way. Within 60 folds.
 */
export function solveFor(recipe: Recipe, here: Here, target: Target): Solved {
  let folds = 0;
  const look = (edits: readonly Edit[]): Summary => {
    folds += 1;
    const r = applyEdits(recipe, edits);
    return summarise(r, fold(r, here), here.kit, 'main');
  };
  const b: Bench = { recipe, look, folds: () => folds };
  if ('useUp' in target) return useUp(b, target.useUp.material, target.useUp.grams);
  if ('litres' in target) return litres(b, target.litres);
  if ('body' in target) return body(b, bodyAim(target.body, here.beliefs));
  if ('classId' in target) return meetClass(b, target.classId);
  const share = 'solids' in target ? 'solids' : 'protein' in target ? 'protein' : 'fat';
  return byWater(b, (s) => s.main?.[share] ?? 0, (target as unknown as Record<string, number>)[share] ?? 0);
}

function useUp(b: Bench, material: string, grams: number): Solved {
  const have = foodLines(b.recipe).reduce((g, l) => g + (l.material === material ? l.grams : 0), 0);
  if (have <= 0) return { edits: [], reached: false, value: 0, folds: 0, stop: { by: 'absent' } };
  return { edits: [{ do: 'scale', by: grams / have }], reached: true, value: grams, folds: b.folds(), stop: null };
}

function litres(b: Bench, goal: number): Solved {
  const edits = (x: number): Edit[] => [{ do: 'scale', by: x }];
  const of = (x: number): number => b.look(edits(x)).jarredMl / 1000;
  const first = of(1);
  if (first <= 0) return { edits: [], reached: false, value: 0, folds: b.folds(), stop: { by: 'absent' } };
  const guess = goal / first;
  const found = findRoot((x) => of(x) - goal, Math.max(0.005, guess * 0.4), guess * 2.5 + 0.05, goal * 1e-4, 30);
  const stop: Stop | null = found.converged ? null : { by: 'amount' };
  return { edits: edits(found.x), reached: found.converged, value: goal + found.residual, folds: b.folds(), stop };
}

function byWater(b: Bench, of: (s: Summary) => number, goal: number): Solved {
  const edits = (x: number): Edit[] => freshWater(b.recipe, x);
  if (edits(1).length === 0)
    return { edits: [], reached: false, value: of(b.look([])), folds: b.folds(), stop: { by: 'absent' } };
  const now = of(b.look(edits(1)));
  if (standsApart(b))
    return { edits: [], reached: near(now, goal), value: now, folds: b.folds(), stop: near(now, goal) ? null : APART };
  // More water weakens: look on the side where the goal lies, and never so dry that nothing comes through.
  const [low, high] = now > goal ? [1, WATER.high] : [driest(b), 1];
  const found = findRoot((x) => of(b.look(edits(x))) - goal, low, high, goal * 1e-4, 40);
  const way = found.x < 1 ? 'least' : 'most';
  return {
    edits: edits(found.x),
    reached: found.converged,
    value: goal + found.residual,
    folds: b.folds(),
    stop: found.converged ? null : { by: 'water', way },
  };
}

const APART: Stop = { by: 'apart' };
const near = (x: number, goal: number): boolean => Math.abs(x - goal) <= Math.abs(goal) * 1e-4;
/** A first pressing without water is the same however much is poured on the pulp after it. */
function standsApart(b: Bench): boolean {
  const [once, twice] = [1, 2].map((x) => b.look(freshWater(b.recipe, x)).main);
  return (
    Math.abs((once?.solids ?? 0) - (twice?.solids ?? 0)) < 1e-9 &&
    Math.abs((once?.massG ?? 0) - (twice?.massG ?? 0)) < 1e-6
  );
}
/** The least water, as a multiple of what the plan has, with which milk still comes through. */
function driest(b: Bench): number {
  let x: number = WATER.low;
  while (x < 1 && (b.look(freshWater(b.recipe, x)).main?.massG ?? 0) < LEAST_G) x = Math.min(1, x * 1.25);
  return x;
}
const LEAST_G = 20;

const eta = (s: Summary): number => Math.min(SET, s.main?.body?.relative ?? SET);
/** First the water; where no water gives it, the seconds of the jug at the nearest water. */
function body(b: Bench, goal: number): Solved {
  const first = byWater(b, eta, goal);
  const grind = b.recipe.steps.find((s): s is Step<'grind'> => s.kind === 'grind');
  if (first.reached || !grind) return first;
  const edits = (s: number): Edit[] => [{ do: 'set', step: grind.id, param: 'durationS', value: Math.round(s) }];
  const found = findRoot((s) => eta(b.look(edits(s))) - goal, SECONDS.low, SECONDS.high, goal * 0.01, 18);
  const near = goal + found.residual;
  if (!found.converged && Math.abs(first.value - goal) <= Math.abs(near - goal)) return { ...first, folds: b.folds() };
  return {
    edits: edits(found.x),
    reached: found.converged,
    value: near,
    folds: b.folds(),
    stop: found.converged ? null : { by: 'seconds', way: found.x <= SECONDS.low + 1 ? 'least' : 'most' },
  };
}

/** The most water that still meets every minimum of the class. */
function meetClass(b: Bench, id: string): Solved {
  const at = (x: number) => b.look(freshWater(b.recipe, x)).main?.classes.find((c) => c.id === id);
  if (standsApart(b)) {
    const is = at(1);
    const stop: Stop | null = is?.met ? null : is?.fails ? { by: 'minimum', fails: is.fails } : { by: 'absent' };
    return { edits: [], reached: is?.met === true, value: is?.met ? 1 : 0, folds: b.folds(), stop };
  }
  let low = driest(b);
  let high: number = WATER.high;
  const tight = at(low);
  if (!tight?.met) {
    const stop: Stop = tight?.fails ? { by: 'minimum', fails: tight.fails } : { by: 'absent' };
    return { edits: freshWater(b.recipe, low), reached: false, value: 0, folds: b.folds(), stop };
  }
  if (at(high)?.met) low = high;
  for (let i = 0; i < 16 && high - low > 1e-3; i += 1) {
    const mid = (low + high) / 2;
    if (at(mid)?.met) low = mid;
    else high = mid;
  }
  return { edits: freshWater(b.recipe, low), reached: true, value: 1, folds: b.folds(), stop: null };
}

/** Fresh water that reaches the milk, ice among it, by a factor. */
export function freshWater(recipe: Recipe, by: number): Edit[] {
  const edits: Edit[] = [];
  for (const s of recipe.steps)
    for (const [param, spec] of freshWaterOf(s)) {
      const now = numberOf(s, param);
      if (now > 0) edits.push({ do: 'set', step: s.id, param, value: Math.min(spec.high, now * by) });
    }
  return edits;
}

/** As many loads as the jug needs for these amounts; one fold. */
export function fitLoads(recipe: Recipe, here: Here): readonly Edit[] {
  const o = fold(recipe, here);
  return recipe.steps.flatMap((s, i): Edit[] => {
    if (s.kind !== 'grind') return [];
    const need = Math.min(highestOf('grind', 'loads'), Math.max(1, o.stages[i]?.figures.loadsNeeded ?? 1));
    return need > s.params.loads ? [{ do: 'set', step: s.id, param: 'loads', value: need }] : [];
  });
}
