import type { LarderLine, Recipe, Step } from '../steps';
import { kindOf, stepsBefore, WATER, WATER_G_PER_ML } from '../steps';
import { cupsOf, nearestCupText, spoonText, US_CUP_ML } from '../units';
import { grams, join } from './format';

/** How amounts are said: in grams, and in cups of so many ml beside them where the cook has them; null: grams alone. */
export interface Amounts {
  /** “240 g (1 cup) of soybeans” without its name. */
  readonly of: (g: number, material: string, r: Pick<Recipe, 'materials'>) => string;
  readonly water: (g: number) => string;
}
/** A US cup of water, g at 20 °C. */
export const WATER_CUP_G = US_CUP_ML * WATER_G_PER_ML;

export function amountsIn(cupMl: number | null): Amounts {
  const said = (g: number, cupG: number | undefined): string => {
    const plain = join(grams(g));
    if (cupMl === null || cupG === undefined || g <= 0) return plain;
    const cups = cupsOf(g, cupG, cupMl);
    const near = nearestCupText(cups);
    const text = spoonText(cups * cupMl, cupMl) ?? `${near} ${/^\d/.test(near) && near !== '1' ? 'cups' : 'cup'}`;
    return `${plain} (≈ ${text})`.replaceAll(' ', '\u00a0');
  };
  return {
    of: (g, material, r) =>
      said(g, material === WATER ? WATER_CUP_G : r.materials.find((m) => m.id === material)?.cupG),
    water: (g) => said(g, WATER_CUP_G),
  };
}

/** What a step takes straight from the larder: what nothing before it has touched. */
export function freshLines(step: Step, r: Recipe): readonly LarderLine[] {
  const touched = new Set(
    stepsBefore(r, step.id).flatMap((s) => [...kindOf(s.kind).reads(s.params), ...kindOf(s.kind).writes(s.params)]),
  );
  const kind = kindOf(step.kind);
  const all = [...kind.reads(step.params), ...(kind.joins?.(step.params) ?? [])];
  // What is poured into something is weighed when it is poured; what it goes into was before.
  const reads = step.kind === 'pool' ? [step.params.of] : all;
  return r.larder.filter((l) => reads.includes(l.into) && !touched.has(l.into));
}
