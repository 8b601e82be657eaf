import { checkShape } from './shape';
import Joi from 'joi';
import { USUAL_KIT } from '../kitchen';
import type { Kit } from '../kitchen';
import { MATERIALS, WATER, withCooked } from '../materials';
import type { Material } from '../materials';
import { faultOf, id, object, text } from '../records';
import type { Fault } from '../records';
import { foodsOf, KINDS, kindOf, MOST_PARTS, orderFaults, paramOf, STREAM_NAME } from '../steps';
import type { Kind, LarderLine, ParamSpec, Part, Recipe, Step } from '../steps';
import { orderFaultText } from '../words';
import { amountOf, readAmount, writeAmount } from './amounts';
import { readKitchen, writeKitchen } from './kitchenBlock';
import { readMaterials, writeMaterial } from './materialBlock';
import { planFileTo2 } from './planFileTo2';

/** How a plan file says what it is. */
export const PLAN_FORMAT = 'ironpan-plan';
/** The version written; older ones are brought along, newer ones refused. */
export const PLAN_VERSION = 2;

export interface PlanFile {
  readonly name: string;
  readonly method: string | null;
  readonly recipe: Recipe;
  readonly kit: Kit;
}
export type ReadPlan =
  | { readonly ok: true; readonly plan: PlanFile }
  | { readonly ok: false; readonly faults: readonly Fault[] };

/**
 * A parameter's name in a file: the unit stands in the amount, so its suffix goes. waterG → water · waterC →
 * waterTemperature; where another parameter of the step has that name (which syrup, how much): syrupG → syrupAmount.
 */
export function fileKey(kind: Kind, param: string, spec: ParamSpec): string {
  if (spec.type !== 'number') return param;
  if (spec.unit === 'C') return `${param.slice(0, -1)}Temperature`;
  if (spec.unit !== 'g' && spec.unit !== 's') return param;
  const short = param.slice(0, -1);
  return Object.hasOwn(kindOf(kind).params, short) ? `${short}Amount` : short;
}

/** The outer shape; amounts, kitchen and materials are judged part by part below. */
const SHAPE = object({
  format: Joi.valid(PLAN_FORMAT),
  version: Joi.number().strict().integer().min(1),
  name: text(120),
  larder: Joi.array()
    .items(object({ into: text(40), material: id(), amount: Joi.any() }))
    .min(1)
    .max(40),
  steps: Joi.array()
    .items(object({ id: id(), kind: Joi.valid(...KINDS) }).unknown())
    .min(1)
    .max(80)
    .unique('id'),
  method: id().optional(),
  kitchen: Joi.any().optional(),
  materials: Joi.any().optional(),
});

/** A plan file’s text, read and judged; its faults as sentences with a path. */
export function readPlanFile(given: string): ReadPlan {
  const bad = checkShape(given);
  if (bad) return { ok: false, faults: [{ path: '', say: `This cannot be a plan: ${bad}` }] };
  let data: unknown;
  try {
    data = JSON.parse(given);
  } catch (e) {
    return {
      ok: false,
      faults: [{ path: '', say: `the file is not JSON: ${e instanceof Error ? e.message : 'unreadable'}.` }],
    };
  }
  return readPlan(data);
}

/** The same from what has been parsed. */
export function readPlan(given: unknown): ReadPlan {
  const version = (given as { version?: unknown } | null)?.version;
  if (typeof version === 'number' && version > PLAN_VERSION)
    return {
      ok: false,
      faults: [
        {
          path: 'version',
          say: `version is ${version}, made by a newer Ironpan; this one reads version ${PLAN_VERSION}. Update first.`,
        },
      ],
    };
  const data = version === 1 ? planFileTo2(given) : given;
  const { error } = SHAPE.validate(data, { abortEarly: false, convert: false });
  const shape = error ? error.details.map(faultOf) : [];
  if (!hasParts(data)) return { ok: false, faults: shape };
  const d = data;
  const faults: Fault[] = [...shape];
  const sound = (part: string): boolean => !shape.some((f) => f.path === part || f.path.startsWith(`${part}.`));
  const materials = readMaterials(d.materials, faults);
  const kit = readKitchen(d.kitchen, faults);
  // A part whose shape is wrong has been told; the others are read all the same, so that all faults are told at once.
  const larder = d.larder.flatMap((l, i) =>
    sound(`larder[${i}]`) ? [readLarder(l, `larder[${i}]`, materials, faults)] : [],
  );
  const steps = d.steps.flatMap((s, i) =>
    sound(`steps[${i}]`) ? [readStep(s, `steps[${i}]`, { kit, foods: materials }, faults)] : [],
  );
  const recipe: Recipe = {
    materials: withCooked(materials, [...larder.map((l) => l.material), ...steps.flatMap(foodsOf)]),
    larder,
    steps,
  };
  if (faults.length === 0)
    for (const f of orderFaults(recipe))
      faults.push({ path: `steps[${f.index}]`, say: `steps[${f.index}]: ${orderFaultText(f)}` });
  return faults.length > 0
    ? { ok: false, faults }
    : { ok: true, plan: { name: d.name, method: d.method ?? null, recipe, kit } };
}
/** Enough of a plan to look further into its parts. */
function hasParts(data: unknown): data is Shape {
  const d = data as Partial<Shape> | null;
  return typeof d === 'object' && d !== null && Array.isArray(d.larder) && Array.isArray(d.steps);
}
function readLarder(
  l: Shape['larder'][number],
  path: string,
  materials: readonly Material[],
  faults: Fault[],
): LarderLine {
  const m = materials.find((x) => x.id === l.material);
  if (!m)
    faults.push({
      path: `${path}.material`,
      say: `${path}.material is “${l.material}”; known are ${materials.map((x) => x.id).join(', ')}.`,
    });
  const spec = { unit: 'g' as const, low: 0, high: 100_000, basis: m?.basis ?? 'dry' };
  return { into: l.into, material: l.material, grams: readAmount(l.amount, spec, `${path}.amount`, faults) ?? 0 };
}

interface Shape {
  readonly name: string;
  readonly method?: string;
  readonly larder: readonly { readonly into: string; readonly material: string; readonly amount: unknown }[];
  readonly steps: readonly (Readonly<Record<string, unknown>> & { readonly id: string; readonly kind: Kind })[];
  readonly kitchen?: unknown;
  readonly materials?: unknown;
}

/** The things and foods that a step may name. */
interface Known {
  readonly kit: Kit;
  readonly foods: readonly Material[];
}
const SAY_NAME = 'must be a name that begins with a letter, such as milk; 40 letters at most.';

function readStep(s: Shape['steps'][number], path: string, known: Known, faults: Fault[]): Step {
  const specs = Object.entries(kindOf(s.kind).params);
  const keys = new Map(specs.map(([name, spec]) => [fileKey(s.kind, name, spec), [name, spec] as const]));
  const params: Record<string, unknown> = {};
  for (const [name, spec] of specs) params[name] = spec.default;
  for (const [key, given] of Object.entries(s)) {
    if (key === 'id' || key === 'kind') continue;
    const found = keys.get(key);
    if (!found) {
      faults.push({
        path: `${path}.${key}`,
        say: `${path}.${key} is not a parameter of ${s.kind}; known are ${[...keys.keys()].join(', ')}.`,
      });
      continue;
    }
    const [name, spec] = found;
    params[name] = readParam(given, spec, `${path}.${key}`, known, faults) ?? spec.default;
  }
  return { id: s.id, kind: s.kind, params } as unknown as Step;
}

function readParam(given: unknown, spec: ParamSpec, path: string, { kit, foods }: Known, faults: Fault[]): unknown {
  const fault = (say: string): null => {
    faults.push({ path, say: `${path} ${say}` });
    return null;
  };
  switch (spec.type) {
    case 'number':
      return readAmount(given, amountOf(spec), path, faults);
    case 'choice':
      return spec.choices.includes(given as string)
        ? given
        : fault(`is ${JSON.stringify(given)}; use ${spec.choices.join(', ')}.`);
    case 'flag':
      return typeof given === 'boolean' ? given : fault(`is ${JSON.stringify(given)}; use true or false.`);
    case 'stream':
      return typeof given === 'string' && STREAM_NAME.test(given) ? given : fault(SAY_NAME);
    case 'food':
      return typeof given === 'string' && (foods.some((m) => m.id === given) || (spec.liquid && given === WATER))
        ? given
        : fault(
            `is ${JSON.stringify(given)}; known are ${[...(spec.liquid ? [WATER] : []), ...foods.map((m) => m.id)].join(', ')}.`,
          );
    case 'parts':
      return readParts(given, path, faults, fault);
    case 'thing': {
      const ids = ['in use', ...kit.things.filter((t) => t.is === spec.thing).map((t) => t.id)];
      return ids.includes(given as string) ? given : fault(`is ${JSON.stringify(given)}; use ${ids.join(', ')}.`);
    }
  }
}

/** Parts of a stream: names of their own, and shares that are no more than the whole. */
function readParts(
  given: unknown,
  path: string,
  faults: Fault[],
  fault: (say: string) => null,
): readonly Part[] | null {
  if (!Array.isArray(given) || given.length < 1 || given.length > MOST_PARTS)
    return fault(`must be one to ${MOST_PARTS} parts, each {"name": …, "share": {"value": 30, "unit": "%"}}.`);
  const parts: Part[] = [];
  for (const [i, x] of (given as readonly unknown[]).entries()) {
    const { name, share, ...more } = (x ?? {}) as Readonly<Record<string, unknown>>;
    const unknown = Object.keys(more)[0];
    if (unknown !== undefined) return fault(`[${i}] has “${unknown}”, which is not known here.`);
    if (typeof name !== 'string' || !STREAM_NAME.test(name)) return fault(`[${i}].name ${SAY_NAME}`);
    const part = readAmount(share, { unit: 'share', low: 0, high: 1 }, `${path}[${i}].share`, faults);
    if (part === null) return null;
    parts.push({ name, share: part });
  }
  if (parts.reduce((sum, x) => sum + x.share, 0) > 1 + 1e-6) return fault('adds up to more than the whole.');
  if (new Set(parts.map((x) => x.name)).size < parts.length) return fault('names one part twice.');
  return parts;
}

/** A plan as a file, complete with defaults, ready to edit. */
export function writePlan(
  p: { name: string; method: string | null; recipe: Recipe },
  kit: Kit = USUAL_KIT,
): Record<string, unknown> {
  const of = (idOf: string): Material | undefined => p.recipe.materials.find((m) => m.id === idOf);
  const own = p.recipe.materials.filter((m) => !MATERIALS.some((x) => x.id === m.id));
  return {
    format: PLAN_FORMAT,
    version: PLAN_VERSION,
    name: p.name,
    ...(p.method === null ? {} : { method: p.method }),
    ...(own.length === 0 ? {} : { materials: own.map(writeMaterial) }),
    larder: p.recipe.larder.map((l) => ({
      into: l.into,
      material: l.material,
      amount: writeAmount(l.grams, 'g', of(l.material)?.basis ?? 'dry'),
    })),
    steps: p.recipe.steps.map((s) => {
      const out: Record<string, unknown> = { id: s.id, kind: s.kind };
      for (const [name, spec] of Object.entries(kindOf(s.kind).params)) {
        const v = paramOf(s, name);
        out[fileKey(s.kind, name, spec)] =
          typeof v === 'number' && spec.type === 'number'
            ? writeAmount(v, spec.shown)
            : typeof v === 'object'
              ? v.map((x) => ({ name: x.name, share: writeAmount(x.share, '%') }))
              : v;
      }
      return out;
    }),
    kitchen: writeKitchen(kit),
  };
}
