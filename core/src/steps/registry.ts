import { absorb } from './kinds/absorb';
import { add } from './kinds/add';
import { blanch } from './kinds/blanch';
import { boil } from './kinds/boil';
import { cool } from './kinds/cool';
import { drain } from './kinds/drain';
import { dry } from './kinds/dry';
import { enzyme } from './kinds/enzyme';
import { freeze } from './kinds/freeze';
import { grind } from './kinds/grind';
import { heat } from './kinds/heat';
import { hull } from './kinds/hull';
import { jar } from './kinds/jar';
import { knead } from './kinds/knead';
import { lift } from './kinds/lift';
import { mill } from './kinds/mill';
import { open } from './kinds/open';
import { part } from './kinds/part';
import { pool } from './kinds/pool';
import { pour } from './kinds/pour';
import { skim } from './kinds/skim';
import { soak } from './kinds/soak';
import { sort } from './kinds/sort';
import { stand } from './kinds/stand';
import { strain } from './kinds/strain';
import { toast } from './kinds/toast';
import { wash } from './kinds/wash';
import type { MainParam, StepKind, Ctx, ReadingSpec, StepResult } from './types';
import type { Kind, ParamSpec, Params, Part, Step, Station } from './params';
import type { Stream } from '../kitchen';

/** Every step kind there is. A new one is a file beside these, a line in `Params` and a line here. */
export const STEP_KINDS: { readonly [K in Kind]: StepKind<K> } = {
  open,
  sort,
  soak,
  drain,
  hull,
  blanch,
  toast,
  absorb,
  enzyme,
  grind,
  mill,
  knead,
  strain,
  wash,
  pour,
  pool,
  boil,
  heat,
  skim,
  cool,
  stand,
  lift,
  part,
  add,
  dry,
  jar,
  freeze,
};
/** Every kind of step, in the order of the work. */
export const KINDS = Object.keys(STEP_KINDS) as readonly Kind[];

/** A step kind as seen by code that handles all of them alike; the one place that forgets which kind it is. */
interface AnyKind {
  readonly kind: Kind;
  readonly label: string;
  readonly what: string;
  readonly station: Station;
  readonly params: Readonly<Record<string, ParamSpec>>;
  readonly nothing: Readonly<Record<string, unknown>> | null;
  readonly readings: Readonly<Record<string, ReadingSpec<Kind>>>;
  readonly main?: readonly MainParam<Kind>[];
  readonly tasks?: Readonly<Record<string, string>>;
  readonly along?: true;
  reads(p: Step['params']): readonly string[];
  writes(p: Step['params']): readonly string[];
  joins?(p: Step['params']): readonly string[];
  usesUp?(p: Step['params']): readonly string[];
  idle?(p: Step['params']): readonly string[];
  fills?(p: Step['params']): string;
  run(id: string, p: Step['params'], get: (s: string) => Stream, ctx: Ctx): StepResult;
}
/** A kind of step, seen as any kind is. */
export function kindOf(kind: Kind): AnyKind {
  return STEP_KINDS[kind] as unknown as AnyKind;
}

/** A complete step from the parameters given, the rest at their defaults. */
export function makeStep<K extends Kind>(id: string, kind: K, given: Partial<Params[K]> = {}): Step<K> {
  const params: Record<string, unknown> = {};
  for (const [name, spec] of Object.entries(kindOf(kind).params)) params[name] = spec.default;
  return { id, kind, params: { ...params, ...given } } as unknown as Step<K>;
}

export type ParamValue = number | string | boolean | readonly Part[];
/** A parameter of a step whose kind is not known here, by its name. A name that its kind has not: RangeError. */
export function paramOf(step: Step, name: string): ParamValue {
  if (!Object.hasOwn(STEP_KINDS[step.kind].params, name)) throw new RangeError(`${step.kind} has no parameter ${name}`);
  return (step.params as unknown as Readonly<Record<string, ParamValue>>)[name] as ParamValue;
}
/** The same where a number is meant, in the unit of the fold. One that is none: RangeError. */
export function numberOf(step: Step, name: string): number {
  const v = paramOf(step, name);
  if (typeof v !== 'number') throw new RangeError(`${step.kind} ${name} is ${JSON.stringify(v)}, not a number`);
  return v;
}
/** The same where a name is meant. One that is none: RangeError. */
export function nameOf(step: Step, name: string): string {
  const v = paramOf(step, name);
  if (typeof v !== 'string') throw new RangeError(`${step.kind} ${name} is no name`);
  return v;
}
/** Does this parameter name a stream that the step takes, rather than one it makes? */
export function isRead(step: Step, name: string): boolean {
  const marked = withParams(step, { [name]: MARK });
  return kindOf(step.kind).reads(marked.params).includes(MARK);
}
/** No stream is called so. */
const MARK = '\u0000';
/** The most that a parameter may be, in the unit of the fold. One that is no number: RangeError. */
export function highestOf<K extends Kind>(kind: K, name: keyof Params[K]): number {
  const spec = kindOf(kind).params[String(name)];
  if (spec?.type !== 'number') throw new RangeError(`${kind} ${String(name)} is not a number`);
  return spec.high;
}
/** The step with some of its parameters replaced. A name that its kind has not: RangeError. */
export function withParams(step: Step, more: Readonly<Record<string, ParamValue>>): Step {
  for (const name in more) paramOf(step, name);
  return { id: step.id, kind: step.kind, params: { ...step.params, ...more } } as unknown as Step;
}
