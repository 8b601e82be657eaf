import { MEASURES } from '../batch';
import type { Here } from '../kitchen';
import { WATER_G_PER_ML } from '../materials';
import { applyEdits, kindOf, numberOf } from '../steps';
import type { Edit, Recipe, Step } from '../steps';
import { US_CUP_ML } from '../units';
import { summaryAt } from './levers';

/** 5 g above 50 g, 1 g below, a tenth under 5: what a kitchen scale can do. */
const toScale = (g: number): number =>
  g >= 50 ? Math.round(g / 5) * 5 : g >= 5 ? Math.round(g) : Math.round(g * 10) / 10;
/** 10 s above a minute, 5 s below; minutes above ten. */
const toClock = (s: number): number =>
  s >= 600 ? Math.round(s / 60) * 60 : s >= 60 ? Math.round(s / 10) * 10 : Math.round(s / 5) * 5;

/** Rounds amounts and times to what a kitchen can weigh and time. */
export function roundForKitchen(r: Recipe): readonly Edit[] {
  return rounded(r, toScale, (_, g) => toScale(g), toClock);
}
const QUARTER = 4;
/** Rounds foods and water to the nearest quarter cup of this size, each through the density of its form. */
export function roundToCups(r: Recipe, cupMl: number): readonly Edit[] {
  const quarters = (g: number, cupG: number): number => {
    const per = (cupG * cupMl) / US_CUP_ML / QUARTER;
    return g < per / 2 ? g : Math.round(g / per) * per;
  };
  const water = US_CUP_ML * WATER_G_PER_ML;
  return rounded(
    r,
    (g) => quarters(g, water),
    (material, g) => quarters(g, r.materials.find((m) => m.id === material)?.cupG ?? water),
    (s) => s,
  );
}

function rounded(
  r: Recipe,
  water: (g: number) => number,
  food: (material: string, g: number) => number,
  time: (s: number) => number,
): readonly Edit[] {
  return [
    ...r.larder.map((l, index): Edit => ({ do: 'larder', index, grams: food(l.material, l.grams) })),
    ...r.steps.flatMap((s) => roundStep(s, water, time)),
  ];
}
function roundStep(s: Step, water: (g: number) => number, time: (x: number) => number): readonly Edit[] {
  return Object.entries(kindOf(s.kind).params).flatMap(([param, spec]): readonly Edit[] => {
    if (spec.type !== 'number') return [];
    const now = numberOf(s, param);
    const to = spec.unit === 'g' ? (spec.water ? water(now) : toScale(now)) : spec.unit === 's' ? time(now) : now;
    return to === now ? [] : [{ do: 'set', step: s.id, param, value: Math.min(spec.high, Math.max(spec.low, to)) }];
  });
}

/** A tenth of the strength or of the body is noticed (common practice). */
const NOTICED = 0.1;
export interface RoundingEffect {
  readonly solids: readonly [number, number];
  readonly body: readonly [number, number];
  /** More than a cook would not notice. */
  readonly matters: boolean;
}
/** What rounding does to the outcome: strength and body as planned, and as rounded. */
export function roundingEffect(r: Recipe, here: Here, edits: readonly Edit[]): RoundingEffect {
  const a = summaryAt(r, here, []);
  const b = summaryAt(applyEdits(r, edits), here, []);
  const solids = [MEASURES.solids(a) ?? 0, MEASURES.solids(b) ?? 0] as const;
  const body = [MEASURES.body(a) ?? 1, MEASURES.body(b) ?? 1] as const;
  const far = (x: readonly [number, number]): boolean => Math.abs(x[1] - x[0]) > NOTICED * Math.max(1e-9, x[0]);
  return { solids, body, matters: far(solids) || far(body) };
}
