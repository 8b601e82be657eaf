import type Joi from 'joi';
import { plain } from '../units';

/** Something wrong in what came in: where, and a plain sentence. */
export interface Fault {
  readonly path: string;
  readonly say: string;
}

/** steps[2].water rather than steps.2.water. */
export function pathText(path: readonly (string | number)[]): string {
  return path.map((p, i) => (typeof p === 'number' ? `[${p}]` : i === 0 ? p : `.${p}`)).join('');
}
const shown = (x: unknown): string => {
  const s = typeof x === 'string' ? `“${x}”` : x === undefined ? 'nothing' : JSON.stringify(x);
  return s.length > 60 ? `${s.slice(0, 57)}…` : s;
};

/** One plain sentence for one Joi fault. */
export function faultOf(d: Joi.ValidationErrorItem): Fault {
  const c = (d.context ?? {}) as Readonly<Record<string, unknown>>;
  const here = pathText(d.path);
  const name = here === '' ? 'the whole' : here;
  return { path: here, say: `${name} ${sentence(d.type, c)}.` };
}
function sentence(type: string, c: Readonly<Record<string, unknown>>): string {
  const value = shown(c.value);
  switch (type) {
    case 'any.required':
      return 'is missing';
    case 'object.unknown':
      return 'is not known here; take it out or correct its name';
    case 'any.only':
      return `is ${value}; it must be one of ${((c.valids ?? []) as unknown[]).map(shown).join(', ')}`;
    case 'number.base':
      return `is ${value}; it must be a number`;
    case 'number.infinity':
    case 'number.unsafe':
      return `is ${value}, which is beyond any kitchen`;
    case 'number.min':
      return `is ${value}; it must be ${plain(Number(c.limit), places(c.limit))} or more`;
    case 'number.max':
      return `is ${value}; it must be ${plain(Number(c.limit), places(c.limit))} or less`;
    case 'number.integer':
      return `is ${value}; it must be a whole number`;
    case 'boolean.base':
      return `is ${value}; it must be true or false`;
    case 'string.base':
    case 'string.empty':
      return `is ${value}; it must be a text`;
    case 'string.max':
      return `is too long: ${shown(c.limit)} letters at most`;
    case 'string.pattern.base':
      return `is ${value}; only letters, figures, and _ : . - may stand in it`;
    case 'object.base':
      return `is ${value}; it must be an object { … }`;
    case 'array.base':
      return `is ${value}; it must be a list [ … ]`;
    case 'array.min':
      return 'is empty; it needs one at least';
    case 'array.max':
      return `has too many: ${shown(c.limit)} at most`;
    case 'array.unique':
      return 'stands there twice; every id must be its own';
    case 'parts.over':
      return 'adds up to more than the whole';
    case 'trial.design':
      return 'changes another number of things than its design has, or names a batch that the design has not';
    case 'composition.over':
      return 'adds up to more than 100 g in 100 g';
    case 'kit.lacks':
      return `has no ${text(c.kind)} among its things; every kitchen needs one`;
    case 'kit.use':
      return `uses the ${text(c.kind)} ${shown(c.used)}, which is not among its things`;
    case 'layers.fault':
      return 'must name the layers from the top down (cream, clear, body, clear, sediment), their shares adding up to 1';
    case 'look.nothing':
      return 'says nothing of the jar';
    case 'frame.order':
      return 'has its sides or its ends the wrong way round';
    case 'photo.jpeg':
      return 'is no JPEG picture in base64';
    case 'time.order':
      return 'ends before it begins';
    case 'time.local':
      return `is ${value}; it must be a day and an hour, as 2026-11-29T07:30`;
    case 'rule.none':
      return `is ${value}; it must be a rule of RFC 5545 by days, weeks or months, as FREQ=DAILY;INTERVAL=2`;
    case 'name.reserved':
      return `is ${value}, a word that JavaScript keeps for itself; choose another name`;
    case 'stream.food':
      return `was made from ${shown(c.food)}, which its batch does not know`;
    default:
      return `is ${value}, which cannot be used here (${type})`;
  }
}
const text = (x: unknown): string => (typeof x === 'string' ? x : shown(x));
const places = (x: unknown): number => (Number.isInteger(Number(x)) ? 0 : 3);
