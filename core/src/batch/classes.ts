import { contents, massG, solidsG, waterG } from '../kitchen';
import type { Stream } from '../kitchen';
import type { Recipe } from '../steps';

export type ClassMeasure = 'fat' | 'nonFatSolids' | 'solids' | 'moisture' | 'protein' | 'brix' | 'sugars' | 'starch';
interface Minimum {
  readonly of: ClassMeasure;
  /** At least so much, as a share of mass; moisture: at most. */
  readonly share: number;
}
interface Class {
  readonly id: string;
  readonly standard: string;
  readonly milk: string;
  readonly minima: readonly Minimum[];
  /** What the standard also asks and nothing here can tell. */
  readonly notChecked?: string;
}
const min = (of: ClassMeasure, perCent: number): Minimum => ({ of, share: perCent / 100 });
const coconut = (id: string, fat: number, nonFat: number, total: number, moisture: number): Class => ({
  id,
  standard: 'Codex CXS 240-2003',
  milk: 'coconut',
  minima: [min('fat', fat), min('nonFatSolids', nonFat), min('solids', total), min('moisture', moisture)],
  notChecked: 'pH',
});
const soy = (id: string, standard: string, ...minima: readonly Minimum[]): Class => ({
  id,
  standard,
  milk: 'soy',
  minima,
});
const JP = 'Japanese Agricultural Standard for soy milk';

/**
 * Published classes, the weakest of each standard first (values from memory of the standards). A class needs all its
 * minima; an upper bound of total solids never fails a milk.
 */
export const CLASSES: readonly Class[] = [
  coconut('coconut-light', 5, 1.6, 6.6, 93.4),
  coconut('coconut-milk', 10, 2.7, 12.7, 87.3),
  coconut('coconut-cream', 20, 5.4, 25.4, 74.6),
  coconut('coconut-concentrate', 29, 8.4, 37.4, 62.6),
  soy('soy-plain-beverage', 'Codex CXS 322R-2015', min('protein', 2)),
  soy('soy-drink-jp', JP, min('solids', 4), min('protein', 1.8)),
  soy('soy-adjusted-jp', JP, min('solids', 6), min('protein', 3)),
  soy('soy-milk-jp', JP, min('solids', 8), min('protein', 3.8)),
  {
    id: 'tiger-nut-natural',
    standard: 'Spanish Real Decreto 1338/1988',
    milk: 'tiger nut',
    minima: [min('brix', 12), min('sugars', 10), min('fat', 2.5), min('starch', 2.2)],
    notChecked: 'pH',
  },
];

export interface ClassResult {
  readonly id: string;
  readonly standard: string;
  readonly met: boolean;
  /** The first minimum that fails, with what there is and what it asks, shares of mass. */
  readonly fails: { readonly of: ClassMeasure; readonly is: number; readonly needs: number } | null;
  readonly notChecked: string | null;
}

/** Shares of mass that the standards speak of. °Brix: what is dissolved besides protein, fat and starch. */
export function measuresOf(s: Stream): Readonly<Record<ClassMeasure, number>> {
  const mass = massG(s);
  const of = (g: number): number => (mass > 0 ? g / mass : 0);
  const c = contents(s);
  const r = s.released;
  return {
    fat: of(c.fat),
    nonFatSolids: of(solidsG(s) - c.fat),
    solids: of(solidsG(s)),
    moisture: of(waterG(s)),
    protein: of(c.protein),
    brix: of(r.sugars + r.otherCarb + r.solubleFibre + r.ash + r.salt),
    sugars: of(c.sugars),
    starch: of(c.starch),
  };
}

/** Rounding slack: a figure that prints as the minimum meets it. */
const SLACK = 1e-9;
function judge(c: Class, m: Readonly<Record<ClassMeasure, number>>): ClassResult {
  const bad = c.minima.find((x) => (x.of === 'moisture' ? m.moisture > x.share + SLACK : m[x.of] < x.share - SLACK));
  return {
    id: c.id,
    standard: c.standard,
    met: bad === undefined,
    fails: bad ? { of: bad.of, is: m[bad.of], needs: bad.share } : null,
    notChecked: c.notChecked ?? null,
  };
}

/** Every class that speaks of this milk, met or not. Nothing in it: none. */
export function classesOf(s: Stream, recipe: Recipe): readonly ClassResult[] {
  if (massG(s) <= 0 || s.freeWaterG <= 0) return [];
  const m = measuresOf(s);
  const first = recipe.materials.find((x) => s.madeFrom[x.id] !== undefined);
  return CLASSES.filter((c) => c.milk === first?.milk).map((c) => judge(c, m));
}
