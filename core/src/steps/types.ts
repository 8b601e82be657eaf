import type { Material } from '../materials';
import type { Hand, CoolingPlace, Syrup, Vigour } from '../laws';
import type { Beliefs, CoefficientKind, Flow, Kit, Stream, ThingKind } from '../kitchen';
import type { FigureName, FiguresOf } from './figures';
import type { Trace } from './outcome';
import type { InnerUnit } from '../units';

/** One line a step kind: its parameters in the units of the fold (g, °C, s, shares 0..1). */
export interface Params {
  sort: { of: string; outG: number };
  soak: { of: string; waterG: number; waterC: number; place: 'room' | 'fridge'; bowl: string; durationS: number };
  drain: { of: string; rinses: number };
  hull: { of: string; share: number };
  blanch: { of: string; waterG: number; waterC: number; holdS: number; pot: string; hob: string };
  toast: { of: string; durationS: number };
  absorb: { of: string; waterG: number; waterC: number; restS: number; pot: string; hob: string };
  enzyme: { of: string; with: EnzymeKind; doses: number; atC: number; durationS: number };
  grind: {
    of: string;
    waterG: number;
    waterC: number;
    iceG: number;
    durationS: number;
    loads: number;
    jug: string;
  };
  knead: { of: string; waterG: number; waterC: number; durationS: number };
  strain: { of: string; into: string; pulp: string; strainer: string; hand: Hand };
  wash: { of: string; into: string; waterG: number; waterC: number; workS: number; strainer: string; hand: Hand };
  holdBack: { into: string; waterG: number; waterC: number; boiled: boolean };
  split: { of: string; into: string; share: number };
  pool: { of: string; into: string; share: number };
  boil: { of: string; holdS: number; vigour: Vigour; pot: string; hob: string };
  heat: { of: string; toC: number; holdS: number; pot: string; hob: string };
  skim: { of: string; how: 'stir in' | 'lift off'; takeG: number };
  cool: { of: string; how: CoolingPlace; toC: number; pot: string };
  lift: { of: string; into: string; standS: number; capFat: number; leftFat: number };
  finish: {
    of: string;
    saltG: number;
    sugarG: number;
    vanillaG: number;
    syrup: 'none' | Syrup;
    syrupG: number;
    brix: number;
    cocoaG: number;
    slakeG: number;
  };
  dry: { of: string; ovenC: number; layerCm: number };
  jar: { of: string; jar: string; fill: number; scalded: boolean };
  freeze: { of: string; box: string; fill: number; freezerC: number; durationS: number };
  keep: { of: string; placeC: number; jar: string; durationS: number };
}
export type EnzymeKind = 'pure' | 'malt' | 'capsules';
export type Kind = keyof Params;
export type Station = 'soak' | 'grind' | 'strain' | 'cook' | 'jar';
export type Step<K extends Kind = Kind> = {
  [P in K]: { readonly id: string; readonly kind: P; readonly params: Readonly<Params[P]> };
}[K];

/** The one home of a parameter's bounds, default and unit: Joi, the documents, the fields and the levers derive from it. */
export type ParamSpec =
  | { readonly type: 'stream'; readonly label: string; readonly default: string }
  | { readonly type: 'thing'; readonly label: string; readonly thing: ThingKind; readonly default: string }
  | {
      readonly type: 'choice';
      readonly label: string;
      readonly choices: readonly string[];
      readonly default: string;
      /** The choices go from less to more of something: worth trying, as a lever. */
      readonly lever?: true;
    }
  | { readonly type: 'flag'; readonly label: string; readonly default: boolean }
  | {
      readonly type: 'number';
      readonly label: string;
      readonly unit: InnerUnit;
      /** The unit people use for it. */
      readonly shown: 'g' | 'C' | 's' | 'min' | 'h' | '%' | 'cm' | 'count';
      readonly low: number;
      readonly high: number;
      readonly default: number;
      readonly step: number;
      /** Grows with the batch when everything is scaled. */
      readonly scales?: true;
      /** Fresh water that reaches the milk: what strength is solved by. */
      readonly fresh?: true;
      /** Worth trying other values of, when asking what moves the outcome. */
      readonly lever?: true;
      /** Plain water: a volume or a cup says its grams. */
      readonly water?: true;
    };
export type NumberSpec = Extract<ParamSpec, { type: 'number' }>;

export interface Task {
  readonly id: string;
  readonly durationS: number;
  readonly hands: 'busy' | 'near' | 'free';
  /** Its own elapsed time is evidence, and a timer is worth showing. */
  readonly timed: boolean;
  /** What the timer counts, where handling takes part of the task; absent: all of it. */
  readonly timerS?: number;
  /** It follows the task before it at once: the hold begins when the boil is reached. */
  readonly atOnce?: true;
}
/** A patch, not a state: copying every stream at every step is quadratic. null: used up. */
export interface StepResult<K extends Kind = Kind> {
  readonly writes: readonly (readonly [string, Stream | null])[];
  readonly flows: readonly Flow[];
  readonly tasks: readonly Task[];
  readonly figures: FiguresOf<K>;
}
export interface Ctx {
  readonly kit: Kit;
  readonly beliefs: Beliefs;
  readonly materials: readonly Material[];
  /** Boiling point here, °C. */
  readonly boilC: number;
  /** °C over each task of this step that a probe was in: they replace the computed courses. */
  readonly courses?: Readonly<Record<string, Trace>>;
}

/** What a reading does to the fold. */
export type Effect =
  | { readonly is: 'param'; readonly param: string }
  | {
      readonly is: 'fit';
      readonly figure: FigureName;
      readonly kind: CoefficientKind;
      readonly thing: string;
      readonly weighs?: string;
    }
  /** Weighed: the rest is unaccounted for; `water` says that only water can differ. */
  | { readonly is: 'mass'; readonly stream: string; readonly water?: true }
  /** A temperature trace: it replaces the computed course of its task. */
  | { readonly is: 'course' }
  | { readonly is: 'note' };
export interface ReadingSpec<K extends Kind> {
  readonly label: string;
  readonly unit: 'g' | 'C' | 's' | 'count';
  readonly shown: 'g' | 'C' | 's' | 'min' | 'h' | 'count';
  readonly low: number;
  readonly high: number;
  readonly task: string;
  /** true: the bench's own clock gives it when the task ends. */
  readonly byClock?: true;
  /** true: a probe in the pot gives it, as a trace; it is not typed. */
  readonly byTrace?: true;
  readonly figure?: FigureName;
  /** 1 σ in its unit, where it is told better or worse than its unit usually is. */
  readonly sd?: number;
  readonly effect: (p: Readonly<Params[K]>, ctx: Ctx) => Effect;
}
export interface StepKind<K extends Kind> {
  readonly kind: K;
  readonly label: string;
  readonly what: string;
  readonly station: Station;
  readonly params: { readonly [P in keyof Params[K]]: ParamSpec };
  /** The "zero amount" at which run changes nothing; null where there is none. */
  readonly nothing: Partial<Params[K]> | null;
  reads(p: Readonly<Params[K]>): readonly string[];
  writes(p: Readonly<Params[K]>): readonly string[];
  run(stepId: string, p: Readonly<Params[K]>, get: (s: string) => Stream, ctx: Ctx): StepResult<K>;
  readonly readings: Readonly<Record<string, ReadingSpec<K>>>;
}
