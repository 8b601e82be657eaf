import { COEFFICIENTS, coefficientId, multiplier } from '../kitchen';
import type { Beliefs, CoefficientKind, Kit } from '../kitchen';
import { normal, seededRandom } from '../numerics';
import { applyEdits } from '../steps';
import type { Recipe } from '../steps';
import { fold } from './fold';
import { MEASURES } from './measures';
import { freshWater } from './solve';
import { summarise } from './summary';
import type { Summary } from './summary';

export interface Range {
  readonly low: number;
  readonly high: number;
}
export type RangeOf = 'volumeMl' | 'solids' | 'protein' | 'fat' | 'body' | 'keepS';
/** What is uncertain of the food itself (models §9). */
const OF_FOOD = ['uptake', 'opening', 'dissolving', 'swelling', 'leaving'] as const;
/** A fridge is not always as cold as its dial says, 1 σ in K, and water is not poured to the gram. */
const FRIDGE_SD_K = 1.5;
const WATER_SD = 0.02;
const OWNER = { hold: 'strainer', power: 'jug', hob: 'hob', steam: 'pot' } as const;

/** A kitchen drawn at random from what is believed of this one: each coefficient lognormal about its mean. */
export function sampleBeliefs(kit: Kit, beliefs: Beliefs, materials: readonly string[], random: () => number): Beliefs {
  const out: Record<string, Beliefs[string]> = {};
  const draw = (kind: CoefficientKind, thing: string) => {
    const c = COEFFICIENTS[kind];
    const sd = beliefs[coefficientId(kind, thing)]?.sd ?? c.sd;
    const value = multiplier(beliefs, kind, thing) * Math.exp(sd * normal(random));
    out[coefficientId(kind, thing)] = { n: 0, ...c, mean: Math.min(c.high, Math.max(c.low, value)), sd };
  };
  for (const t of kit.things)
    for (const [kind, owner] of Object.entries(OWNER)) if (t.is === owner) draw(kind as CoefficientKind, t.id);
  for (const m of materials) for (const kind of OF_FOOD) draw(kind, m);
  return out;
}

/** The middle four fifths of `n` such kitchens (decision: ranges come from sampled beliefs only). */
export function ranges(
  recipe: Recipe,
  kit: Kit,
  beliefs: Beliefs,
  seed: number,
  n: number,
  onProgress: (done: number, of: number) => void = () => undefined,
): Readonly<Record<RangeOf, Range>> {
  const random = seededRandom(seed);
  const ids = recipe.materials.map((m) => m.id);
  const got: Summary[] = [];
  for (let i = 0; i < n; i += 1) {
    const drawn = sampleBeliefs(kit, beliefs, ids, random);
    const fridgeC = Math.min(14, Math.max(-0.9, kit.fridgeC + FRIDGE_SD_K * normal(random)));
    const here = { ...kit, fridgeC };
    const poured = applyEdits(recipe, freshWater(recipe, Math.exp(WATER_SD * normal(random))));
    got.push(summarise(poured, fold(poured, { kit: here, beliefs: drawn }), here, 'main'));
    if (i % 16 === 15) onProgress(i + 1, n);
  }
  const of = (pick: (s: Summary) => number): Range => {
    const v = got.map(pick).sort((a, b) => a - b);
    const q = (p: number) => v[Math.min(v.length - 1, Math.round(p * (v.length - 1)))] ?? 0;
    return { low: q(0.1), high: q(0.9) };
  };
  return {
    volumeMl: of((s) => s.jarredMl),
    solids: of((s) => s.main?.solids ?? 0),
    protein: of((s) => s.main?.protein ?? 0),
    fat: of((s) => s.main?.fat ?? 0),
    body: of((s) => MEASURES.body(s) ?? 1),
    keepS: of((s) => s.main?.keep?.s ?? 0),
  };
}
