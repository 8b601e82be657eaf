import { COEFFICIENTS, coefficientId, multiplier } from '../kitchen';
import type { Beliefs, CoefficientKind, Kit } from '../kitchen';
import { normal, seededRandom } from '../numerics';
import type { Recipe } from '../steps';
import { fold } from './fold';
import { summarise } from './summary';
import type { Summary } from './summary';

export interface Range {
  readonly low: number;
  readonly high: number;
}
export type RangeOf = 'volumeMl' | 'solids' | 'protein' | 'keepS';
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
  for (const m of materials) draw('uptake', m);
  return out;
}

/** The middle four fifths of `n` such kitchens (decision: ranges come from sampled beliefs only). */
export function ranges(
  recipe: Recipe,
  kit: Kit,
  beliefs: Beliefs,
  seed: number,
  n: number,
): Readonly<Record<RangeOf, Range>> {
  const random = seededRandom(seed);
  const ids = recipe.materials.map((m) => m.id);
  const got: Summary[] = [];
  for (let i = 0; i < n; i += 1) {
    const o = fold(recipe, { kit, beliefs: sampleBeliefs(kit, beliefs, ids, random) });
    got.push(summarise(recipe, o, kit));
  }
  const of = (pick: (s: Summary) => number): Range => {
    const v = got.map(pick).sort((a, b) => a - b);
    const q = (p: number) => v[Math.min(v.length - 1, Math.round(p * (v.length - 1)))] ?? 0;
    return { low: q(0.1), high: q(0.9) };
  };
  return {
    volumeMl: of((s) => s.main?.volumeMl ?? 0),
    solids: of((s) => s.main?.solids ?? 0),
    protein: of((s) => s.main?.protein ?? 0),
    keepS: of((s) => s.main?.keep?.s ?? 0),
  };
}
