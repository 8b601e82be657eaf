import { fold, MEASURES, summarise } from '../batch';
import type { Measure, Summary } from '../batch';
import { coefficientId, multiplier, usualBelief } from '../kitchen';
import type { Beliefs, Here } from '../kitchen';
import { daySdOf, evidenceOf } from '../learning';
import { applyEdits, contextOf, kindOf, orderFaults } from '../steps';
import type { Reading, Recipe } from '../steps';
import { coefficientsOf, doubted, freshWater, WATER_SD } from '../questions';

/** A batch that may be made, by whatever the caller knows it. */
export interface Candidate {
  readonly id: string;
  readonly recipe: Recipe;
}
/** A reading to take, and the coefficient it tells of. */
export interface Tells {
  readonly coefficient: string;
  readonly step: string;
  readonly what: string;
}
export interface Telling {
  readonly id: string;
  /** How much narrower what is asked becomes, 0..1: the mean share by which half its range shrinks. */
  readonly narrower: number;
  /** What to read for it, that which narrows most first. */
  readonly by: readonly (Tells & { readonly narrower: number })[];
}
/** Less is not worth a batch. */
export const WORTH = 0.02;

/** 1 σ² of what moves a figure, by where it comes from: each coefficient, and the hand that pours. */
interface Variances {
  readonly of: ReadonlyMap<string, { readonly known: number; readonly day: number; readonly slope: number }>;
  readonly pouring: number;
}
function variancesOf(recipe: Recipe, here: Here, measure: Measure): Variances {
  const at = (r: Recipe, beliefs: Beliefs): number => {
    const s: Summary = summarise(r, fold(r, { ...here, beliefs }), here.kit, 'keep');
    return MEASURES[measure](s) ?? 0;
  };
  const now = at(recipe, here.beliefs);
  const of = new Map<string, { known: number; day: number; slope: number }>();
  for (const [kind, thing] of coefficientsOf(here.kit, doubted(recipe))) {
    const id = coefficientId(kind, thing);
    const sd = here.beliefs[id]?.sd ?? usualBelief(id).sd;
    const day = Math.min(sd, daySdOf(id)) ** 2;
    const mean = multiplier(here.beliefs, kind, thing) * Math.exp(sd);
    const slope = (at(recipe, { ...here.beliefs, [id]: { ...usualBelief(id), mean } }) - now) / sd;
    of.set(id, { known: sd * sd - day, day, slope });
  }
  const poured = applyEdits(recipe, freshWater(recipe, 1 + WATER_SD));
  return { of, pouring: (at(poured, here.beliefs) - now) ** 2 };
}
/** Every reading that a batch of a recipe may take and that tells of a coefficient, with the 1 σ of its logarithm. */
function tellsOf(recipe: Recipe, here: Here): readonly (Tells & { readonly sd: number })[] {
  const ctx = contextOf(here, recipe.materials);
  const outcome = fold(recipe, here);
  const would = recipe.steps.flatMap((s, i) =>
    Object.entries(kindOf(s.kind).readings).flatMap(([what, spec]) => {
      const e = spec.effect(s.params, ctx);
      if (e.is !== 'fit' || spec.retired || spec.byTrace || spec.often) return [];
      const value = outcome.stages[i]?.figures[e.figure];
      return value === undefined ? [] : [{ step: s.id, what, value, coefficient: coefficientId(e.kind, e.thing) }];
    }),
  );
  return would.flatMap(({ coefficient, step, what, value }) => {
    const reading: Reading = { id: 'asked', step, what, value, source: 'cook' };
    const told = evidenceOf(fold(recipe, { ...here, readings: [reading] }).fits).find(
      (x) => x.coefficient === coefficient,
    );
    return told ? [{ coefficient, step, what, sd: told.sd }] : [];
  });
}
/**
 * Which of some batches would narrow most what is asked of a plan, to first order: a reading narrows what is not yet known
 * of a coefficient (normal–normal, models §9) and leaves what days do. The most telling first; those that would
 * narrow it by less than a fiftieth are left out.
 */
export function mostTelling(
  asked: { readonly recipe: Recipe; readonly measure: Measure },
  candidates: readonly Candidate[],
  here: Here,
): readonly Telling[] {
  const v = variancesOf(asked.recipe, here, asked.measure);
  const all = [...v.of.values()].reduce((sum, c) => sum + c.slope ** 2 * (c.known + c.day), v.pouring);
  if (all <= 0) return [];
  /** By how much the variance falls when this is read. */
  const falls = (t: { readonly coefficient: string; readonly sd: number }): number => {
    const c = v.of.get(t.coefficient);
    if (!c || c.known <= 0) return 0;
    const then = 1 / (1 / c.known + 1 / (t.sd ** 2 + c.day));
    return c.slope ** 2 * (c.known - then);
  };
  const narrower = (fall: number): number => 1 - Math.sqrt(Math.max(0, 1 - fall / all));
  return candidates
    .filter((c) => orderFaults(c.recipe).length === 0)
    .map(({ id, recipe }): Telling => {
      // Read twice in one batch (two passes), a thing tells once: the day is the same. The surest reading stands for it.
      const best = new Map<string, Tells & { readonly sd: number }>();
      for (const t of tellsOf(recipe, here))
        if (t.sd < (best.get(t.coefficient)?.sd ?? Infinity)) best.set(t.coefficient, t);
      const by = [...best.values()]
        .map((t) => ({ t, fall: falls(t) }))
        .filter((x) => narrower(x.fall) >= WORTH / 2)
        .sort((a, b) => b.fall - a.fall);
      return {
        id,
        narrower: narrower(by.reduce((sum, x) => sum + x.fall, 0)),
        by: by.map(({ t: { coefficient, step, what }, fall }) => ({
          coefficient,
          step,
          what,
          narrower: narrower(fall),
        })),
      };
    })
    .filter((t) => t.narrower >= WORTH)
    .sort((a, b) => b.narrower - a.narrower);
}
