import { fold, MEASURES, summarise } from '../batch';
import type { Summary } from '../batch';
import { COEFFICIENTS, coefficientId, multiplier } from '../kitchen';
import type { Beliefs, CoefficientKind, Here, Kit } from '../kitchen';
import { latinHypercube, normal, seededRandom } from '../numerics';
import { keepingThings } from '../steps';
import type { Recipe, Step } from '../steps';
import { freshWater } from './solve';

export interface Range {
  readonly low: number;
  readonly high: number;
}
export type RangeOf = 'volumeMl' | 'solids' | 'protein' | 'fat' | 'body' | 'keepS';
/** What is uncertain of the food itself (models §9). */
const OF_FOOD = ['uptake', 'opening', 'dissolving', 'swelling', 'leaving'] as const;
/** A fridge is not always as cold as its dial says, 1 σ in K, and water is not poured to the gram. */
const FRIDGE_SD_K = 1.5;
export const WATER_SD = 0.02;
const OWNER = { hold: 'strainer', power: 'jug', hob: 'hob', steam: 'pot' } as const;

const PICKS: readonly (readonly [RangeOf, (s: Summary) => number])[] = [
  ['volumeMl', (s) => s.jarredMl],
  ['solids', (s) => s.main?.solids ?? 0],
  ['protein', (s) => s.main?.protein ?? 0],
  ['fat', (s) => s.main?.fat ?? 0],
  ['body', (s) => MEASURES.body(s) ?? 1],
  ['keepS', (s) => s.main?.keep?.s ?? 0],
];

/** Every coefficient that this kitchen and these foods have. */
export function coefficientsOf(
  kit: Kit,
  materials: readonly string[],
): readonly (readonly [CoefficientKind, string])[] {
  const owners = Object.entries(OWNER) as readonly (readonly [keyof typeof OWNER, string])[];
  return [
    ...kit.things.flatMap((t) => owners.flatMap(([kind, is]) => (t.is === is ? [[kind, t.id] as const] : []))),
    ...materials.flatMap((m) => OF_FOOD.map((kind) => [kind, m] as const)),
  ];
}
/** The foods of a plan of which something is uncertain: salt is salt. */
export const doubted = (r: Recipe): readonly string[] => r.materials.flatMap((m) => (m.stirredIn ? [] : [m.id]));
/** A kitchen drawn at random from what is believed of this one: each coefficient lognormal about its mean. */
export function sampleBeliefs({ kit, beliefs }: Here, materials: readonly string[], random: () => number): Beliefs {
  return drawn(coefficientsOf(kit, materials), beliefs, () => normal(random));
}
/** A drawn kitchen may keep milk for less than is usual, too (models §9). */
const DRAWN_KEEPING = { ...COEFFICIENTS.keeping, low: 0.4, high: 5 };
function drawn(of: ReturnType<typeof coefficientsOf>, beliefs: Beliefs, z: (k: number) => number): Beliefs {
  const out: Record<string, Beliefs[string]> = {};
  for (let k = 0; k < of.length; k += 1) {
    const [kind, thing] = of[k] as (typeof of)[number];
    const c = kind === 'keeping' ? DRAWN_KEEPING : COEFFICIENTS[kind];
    const id = coefficientId(kind, thing);
    const sd = beliefs[id]?.sd ?? c.sd;
    const value = multiplier(beliefs, kind, thing) * Math.exp(sd * z(k));
    out[id] = { mean: Math.min(c.high, Math.max(c.low, value)), sd, n: 0, low: c.low, high: c.high };
  }
  return out;
}
/**
 * The same plan, and a hand that pours every water of it by so much more or less. One copy is changed in place for all
 * the kitchens: a new one for each costs some hundredths of the time (measured).
 */
function pouring(recipe: Recipe): { readonly recipe: Recipe; readonly pour: (by: number) => void } {
  const steps = recipe.steps.map((s) => ({ id: s.id, kind: s.kind, params: { ...s.params } }) as unknown as Step);
  const waters = freshWater(recipe, 1).flatMap((e) => {
    const mine = e.do === 'set' ? steps.find((s) => s.id === e.step) : undefined;
    return e.do === 'set' && mine
      ? [{ params: mine.params as unknown as Record<string, number>, name: e.param, was: e.value as number }]
      : [];
  });
  return {
    recipe: { materials: recipe.materials, larder: recipe.larder, steps },
    pour: (by) => {
      for (const w of waters) w.params[w.name] = w.was * by;
    },
  };
}

/** The ranges that a plan shows: so many kitchens, drawn by this seed. The same plan in the same kitchen has the same. */
export const STATED = { seed: 640, kitchens: 240 } as const;
/** The middle four fifths of `n` such kitchens (decision: ranges come from sampled beliefs only). */
export function ranges(
  recipe: Recipe,
  { kit, beliefs }: Here,
  seed: number,
  n: number,
  onProgress: (done: number, of: number) => void = () => undefined,
): Readonly<Record<RangeOf, Range>> {
  const keeping = keepingThings(recipe.materials).map((thing) => ['keeping', thing] as const);
  const of = [...coefficientsOf(kit, doubted(recipe)), ...keeping];
  const draws = latinHypercube(of.length + 2, n, seededRandom(seed));
  const mine = pouring(recipe);
  const got = Object.fromEntries(PICKS.map(([name]) => [name, new Float64Array(n)]));
  for (let i = 0; i < n; i += 1) {
    const z = (k: number): number => (draws[k] as readonly number[])[i] as number;
    const believed = drawn(of, beliefs, z);
    const fridgeC = Math.min(14, Math.max(-0.9, kit.fridgeC + FRIDGE_SD_K * z(of.length)));
    const here = { ...kit, fridgeC };
    mine.pour(Math.exp(WATER_SD * z(of.length + 1)));
    const s = summarise(mine.recipe, fold(mine.recipe, { kit: here, beliefs: believed }), here, 'keep');
    for (const [name, pick] of PICKS) (got[name] as Float64Array)[i] = pick(s);
    if (i % 16 === 15) onProgress(i + 1, n);
  }
  const range = (v: Float64Array): Range => {
    v.sort();
    const q = (p: number) => v[Math.min(v.length - 1, Math.round(p * (v.length - 1)))] ?? 0;
    return { low: q(0.1), high: q(0.9) };
  };
  return Object.fromEntries(PICKS.map(([name]) => [name, range(got[name] as Float64Array)])) as Record<RangeOf, Range>;
}
