import Joi from 'joi';
import { COMPONENTS, isUnstated, likeOf, MATERIALS, grams, milkCalled, ownMaterial } from '../materials';
import type { Grams, Material } from '../materials';
import { faultOf, id, object, text } from '../records';
import type { Fault } from '../records';
import { readAmount, writeAmount } from './amounts';

const NAMES = COMPONENTS.filter((c) => c !== 'salt');
const part = Joi.object(Object.fromEntries(NAMES.map((c) => [c, Joi.any().optional()])));
const SHAPE = Joi.array()
  .items(
    object({
      id: id(),
      name: text(80),
      like: Joi.valid(...MATERIALS.map((m) => m.id)),
      per100g: part.optional(),
      canLeave: part.optional(),
      cup: Joi.any().optional(),
      milk: text(40).optional(),
      allergens: Joi.array().items(text(40)).max(20).optional(),
    }),
  )
  .max(20)
  .unique('id');

interface Given {
  readonly id: string;
  readonly name: string;
  readonly like: string;
  readonly per100g?: Readonly<Record<string, unknown>>;
  readonly canLeave?: Readonly<Record<string, unknown>>;
  readonly cup?: unknown;
  readonly milk?: string;
  readonly allergens?: readonly string[];
}

/** A cook's own materials: like one that is known, with what differs. */
export function readMaterials(given: unknown, faults: Fault[]): readonly Material[] {
  if (given === undefined) return MATERIALS;
  const { error } = SHAPE.validate(given, { abortEarly: false, convert: false });
  if (error) {
    for (const d of error.details) faults.push(faultOf({ ...d, path: ['materials', ...d.path] }));
    return MATERIALS;
  }
  const own = (given as readonly Given[]).map((g, i) => one(g, `materials[${i}]`, faults));
  return [...own, ...MATERIALS.filter((m) => !own.some((o) => o.id === m.id))];
}

function one(g: Given, path: string, faults: Fault[]): Material {
  // A known food by another's data would be believed raw, or for weeks.
  if (MATERIALS.some((m) => m.id === g.id))
    faults.push({ path: `${path}.id`, say: `${path}.id, “${g.id}”, is the id of a known food; give yours another.` });
  const like = MATERIALS.find((m) => m.id === g.like) as Material;
  const per100g = parts(g.per100g, like.per100g, { unit: 'g', low: 0, high: 100 }, `${path}.per100g`, faults);
  const sum = COMPONENTS.reduce((t, c) => t + per100g[c], 0);
  if (sum > 100 + 1e-9)
    faults.push({
      path: `${path}.per100g`,
      say: `${path}.per100g adds up to ${sum.toFixed(2)} g in 100 g; the rest is water, so it must be 100 or less.`,
    });
  const canLeave = parts(g.canLeave, like.canLeave, { unit: 'share', low: 0, high: 1 }, `${path}.canLeave`, faults);
  const cupG =
    g.cup === undefined
      ? like.cupG
      : (readAmount(g.cup, { unit: 'g', low: 1, high: 2000 }, `${path}.cup`, faults) ?? like.cupG);
  const { id: own, name, milk, allergens } = g;
  const told = { ...(milk !== undefined && { milk }), ...(allergens !== undefined && { allergens }) };
  return ownMaterial(like, { id: own, name, per100g, canLeave, cupG, ...told });
}
function parts(
  given: Given['per100g'],
  usual: Grams,
  spec: { unit: 'g' | 'share'; low: number; high: number },
  path: string,
  faults: Fault[],
): Grams {
  const out: Record<string, number> = { ...usual };
  for (const [name, v] of Object.entries(given ?? {})) out[name] = readAmount(v, spec, `${path}.${name}`, faults) ?? 0;
  return grams(out);
}

/** An own material with its whole composition, so that a file says all that the plan holds. */
export function writeMaterial(m: Material): Record<string, unknown> {
  const all = (g: Grams, unit: 'g' | '%') => Object.fromEntries(NAMES.map((c) => [c, writeAmount(g[c], unit)]));
  return {
    id: m.id,
    name: m.name,
    like: likeOf(m).id,
    cup: writeAmount(m.cupG, 'g'),
    per100g: all(m.per100g, 'g'),
    canLeave: all(m.canLeave, '%'),
    ...(milkCalled(m) !== '' && { milk: m.milk }),
    ...(!isUnstated(m) && { allergens: m.allergens }),
  };
}
