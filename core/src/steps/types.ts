import type { Material } from '../materials';
import type { Beliefs, CoefficientKind, Flow, Kit, Stream } from '../kitchen';
import type { FigureName } from './figures';
import type { FiguresOf, Kind, Params, ParamSpec, Station } from './params';
import type { Trace } from './reading';

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
  /** How warm what is worked on is so many s into it, °C, where that is known; beyond its end as it would go on. */
  readonly courseC?: (s: number) => number;
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
  /** How long each load of this step really ran, s, where the clock told it. */
  readonly loadsS?: readonly (number | undefined)[];
  /** When in its task something was measured that changes as it goes, s. */
  readonly readAtS?: readonly number[];
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
  /** How long one of several loads ran, the first being 0. */
  | { readonly is: 'load'; readonly load: number }
  /** So much of what this step made is gone: it ran over, or out. */
  | { readonly is: 'lost'; readonly stream: string }
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
  /** true: older logs have it; it is no longer asked for. */
  readonly retired?: true;
  /** true: it is told only when it went wrong. */
  readonly mishap?: true;
  /** true: a probe in the pot gives it, as a trace; it is not typed. */
  readonly byTrace?: true;
  /** true: it may be measured again and again while the task runs; each is kept with its moment. */
  readonly often?: true;
  readonly figure?: FigureName;
  /** Figures of the step that are in proportion to `figure`: once it is read, they follow it. */
  readonly follow?: readonly FigureName[];
  /** 1 σ in its unit, where it is told better or worse than its unit usually is. */
  readonly sd?: number;
  readonly effect: (p: Readonly<Params[K]>, ctx: Ctx) => Effect;
}
/** A value of a step that its station always shows; the weightiest of a station first, a tenth of a unit apart. */
export interface MainParam<K extends Kind> {
  readonly param: keyof Params[K] & string;
  readonly label: string;
  readonly weight: number;
  /** Of several steps of this kind the first speaks; the last when not said. */
  readonly first?: true;
  /** Shown only when there is some of it. */
  readonly ifSome?: true;
}
export interface StepKind<K extends Kind> {
  readonly kind: K;
  readonly label: string;
  readonly what: string;
  readonly station: Station;
  readonly params: { readonly [P in keyof Params[K]]: ParamSpec };
  /** The "zero amount" at which run changes nothing; null where there is none. */
  readonly nothing: Partial<Params[K]> | null;
  readonly main?: readonly MainParam<K>[];
  /** What a list calls its tasks, where the name of the step will not do. */
  readonly tasks?: Readonly<Record<string, string>>;
  /** It happens along the way, wherever that is: it gives its station no place in the order. */
  readonly along?: true;
  reads(p: Readonly<Params[K]>): readonly string[];
  writes(p: Readonly<Params[K]>): readonly string[];
  /** Streams that it flows into where they are there already, and makes where they are not. */
  joins?(p: Readonly<Params[K]>): readonly string[];
  /** Streams that are no more after it; none when not said. */
  usesUp?(p: Readonly<Params[K]>): readonly string[];
  /** Parameters that say nothing where the others are as they are: the jar of what cools in its pot. */
  idle?(p: Readonly<Params[K]>): readonly string[];
  /** The stream it closes into vessels of its own. */
  fills?(p: Readonly<Params[K]>): string;
  run(stepId: string, p: Readonly<Params[K]>, get: (s: string) => Stream, ctx: Ctx): StepResult<K>;
  readonly readings: Readonly<Record<string, ReadingSpec<K>>>;
}
