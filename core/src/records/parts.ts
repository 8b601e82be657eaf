import Joi from 'joi';
import { COMPONENTS, restoreSafety } from '../materials';
import type { Material } from '../materials';
import { KINDS, kindOf, MOST_PARTS } from '../steps';
import type { Kind, LarderLine, ParamSpec, Part, Recipe } from '../steps';

/** Joi pieces shared by records and the plan file. Bounds come from the step kinds, never from here. */
export const text = (max: number): Joi.StringSchema =>
  // Rules run in order: blanks at the ends are taken off, whoever wrote them, and then the text is judged.
  Joi.string()
    .custom((s: string) => s.trim())
    .min(1)
    .max(max);
/** Words that every object already answers to: as the name of a food or a stream they would find what is not there. */
const RESERVED = new Set([...Object.getOwnPropertyNames(Object.prototype), 'prototype']);
const unreserved = (s: Joi.StringSchema): Joi.StringSchema =>
  s.custom((v: string, h) => (RESERVED.has(v) ? h.error('name.reserved') : v));
/** The name of a record or a thing: letters, figures and _ : . -, 80 at most, no word that objects answer to. */
export const id = (): Joi.StringSchema =>
  unreserved(
    Joi.string()
      .pattern(/^[\w:.-]+$/)
      .min(1)
      .max(80),
  );
/** The name of a stream: free words, but none that means something to every object. */
const streamName = (): Joi.StringSchema => unreserved(text(40));
/** A finite number within bounds. */
export const number = (low: number, high: number): Joi.NumberSchema => Joi.number().strict().min(low).max(high);
/** Grams, seconds or the like: 0..10 000 000. */
export const amount = (): Joi.NumberSchema => number(0, 1e7);
/** UTC milliseconds. */
export const instant = (): Joi.NumberSchema => number(0, 8.64e15);
/** All of these keys, and no others. */
export const object = (keys: Joi.PartialSchemaMap): Joi.ObjectSchema =>
  Joi.object(keys).options({ presence: 'required' });

/** An object of exactly these keys: one that the type has and the schema has not, or the other way, does not compile. */
export const exactly = <T>(keys: {
  readonly [K in keyof Required<T>]: Joi.Schema | string | number;
}): Joi.ObjectSchema => object(keys as Joi.PartialSchemaMap);

/** Every component, g. */
export const grams = (high = 1e6): Joi.ObjectSchema =>
  object(Object.fromEntries(COMPONENTS.map((c) => [c, number(0, high)])));

/** Ascending [°C, value] points. */
const byTemperature = (high: number): Joi.ArraySchema =>
  Joi.array()
    .items(Joi.array().ordered(number(-40, 150).required(), number(0, high).required()))
    .min(1)
    .max(40);

/** A food, whole, with safety data of our own whatever a file says. */
export const material = (): Joi.ObjectSchema =>
  exactly<Material>({
    id: id(),
    name: text(80),
    milk: Joi.string().allow('').max(40),
    behavesAs: Joi.string().allow('').max(40).optional(),
    liquid: Joi.boolean().strict(),
    basis: Joi.valid('dry', 'soaked', 'cooked', 'fresh', 'frozen', 'dried'),
    per100g: grams(100).custom((g: Record<string, number>, h) =>
      Object.values(g).reduce((a, b) => a + b, 0) > 100 + 1e-9 ? h.error('composition.over') : g,
    ),
    canLeave: grams(1),
    warmer: Joi.object(Object.fromEntries(COMPONENTS.map((c) => [c, byTemperature(1).optional()]))),
    hydration: object({ k1H: number(1e-4, 100), k2: number(1e-3, 100) }),
    hullShare: number(0, 1),
    hull: grams(1),
    grindability: number(0.05, 5).optional(),
    pieceUm: number(1, 50_000),
    openingJPerG: number(0, 1000),
    holdFactor: number(0, 10),
    kneads: number(0, 1),
    foamShare: number(0, 2),
    rinse: object({ leaves: number(0, 1), starch: number(0, 1) }).allow(null),
    stirredIn: object({
      touches: Joi.boolean().strict(),
      aroma: Joi.boolean().strict(),
      floats: Joi.boolean().strict(),
    }).optional(),
    starchBody: object({
      swells: byTemperature(100),
      gelC: Joi.array().items(number(0, 130)).length(2),
      gelledC: number(0, 130),
    }).allow(null),
    cookedAs: id().allow(null),
    capBelowC: number(-10, 60).allow(null),
    inhibitorLabileShare: number(0, 1).allow(null),
    keeps: object(
      Object.fromEntries(
        ['raw', 'heated', 'boiled'].map((k) => [k, object({ days: number(0, 60), capDays: number(0, 60) })]),
      ),
    ),
    cupG: number(1, 2000),
    pricePerKg: number(0, 10_000),
    allergens: Joi.array().items(text(40)).max(20),
    allergensStated: Joi.boolean().strict().optional(),
    source: Joi.string().allow('').max(400),
  }).custom((m: Material) => restoreSafety(m));

/** Up to six streams, whose shares are no more than the whole. */
const parts = (): Joi.Schema =>
  Joi.array()
    .items(exactly<Part>({ name: streamName(), share: number(0, 1) }))
    .min(1)
    .max(MOST_PARTS)
    .unique('name')
    .custom((all: readonly Part[], h) =>
      all.reduce((sum, x) => sum + x.share, 0) > 1 + 1e-6 ? h.error('parts.over') : all,
    );
function param(spec: ParamSpec): Joi.Schema {
  switch (spec.type) {
    case 'number':
      return spec.unit === 'count' ? number(spec.low, spec.high).integer() : number(spec.low, spec.high);
    case 'choice':
      return Joi.valid(...spec.choices);
    case 'flag':
      return Joi.boolean().strict();
    case 'stream':
      return streamName();
    case 'thing':
      return text(80);
    case 'food':
      return id();
    case 'parts':
      return parts();
  }
}
const stepOf = (kind: Kind): Joi.ObjectSchema =>
  object({
    id: id(),
    kind: Joi.valid(kind),
    params: object(Object.fromEntries(Object.entries(kindOf(kind).params).map(([n, s]) => [n, param(s)]))),
  });
/** Any step, judged by its own kind, so that a fault is told of the step and not of the list of kinds. */
export const step = (): Joi.Schema =>
  Joi.alternatives().conditional('.kind', {
    switch: KINDS.map((k) => ({ is: k, then: stepOf(k) })),
    otherwise: Joi.object({ id: id(), kind: Joi.valid(...KINDS), params: Joi.any() }).options({ presence: 'required' }),
  });

/** Foods, larder and steps, each judged by its own kind. */
export const recipe = (): Joi.ObjectSchema =>
  exactly<Recipe>({
    materials: Joi.array().items(material()).min(1).max(40),
    larder: Joi.array()
      .items(exactly<LarderLine>({ into: streamName(), material: id(), grams: number(0, 100_000) }))
      .min(1)
      .max(40),
    steps: Joi.array().items(step()).max(80).unique('id'),
  });
