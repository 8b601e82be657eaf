import { IN_USE } from '../kitchen';
import type { ThingKind } from '../kitchen';
import { HANDS } from '../laws';
import type { ReadingSpec } from './types';
import type { Kind, NumberSpec, Params, ParamSpec, Part } from './params';

type Extra = Partial<Pick<NumberSpec, 'scales' | 'fresh' | 'step' | 'water' | 'lever'>>;
const number = (base: Omit<NumberSpec, 'type' | 'step'>, step: number, extra: Extra): NumberSpec => ({
  type: 'number',
  ...base,
  step,
  ...extra,
});
/** An amount that grows with the batch, g. */
export const gramsOf = (label: string, standard: number, high = 50_000, extra: Extra = {}): NumberSpec =>
  number({ label, unit: 'g', shown: 'g', low: 0, high, default: standard }, 5, { scales: true, ...extra });
/** Water, g: worth turning, and told in cups where they are shown. */
export const waterOf = (label: string, standard: number, extra: Extra = {}): NumberSpec =>
  gramsOf(label, standard, 50_000, { water: true, lever: true, ...extra });
/** A temperature, °C. */
export const celsius = (label: string, standard: number, low = 0, high = 100): NumberSpec =>
  number({ label, unit: 'C', shown: 'C', low, high, default: standard }, 1, { lever: true });
/** A time, s, shown in the unit people use for it. */
export const seconds = (label: string, shown: 's' | 'min' | 'h', standard: number, high: number): NumberSpec =>
  number({ label, unit: 's', shown, low: 0, high, default: standard }, { s: 5, min: 60, h: 1800 }[shown], {
    lever: true,
  });
/** A volume, ml; 0: none. */
export const volume = (label: string, standard: number, high: number): NumberSpec =>
  number({ label, unit: 'ml', shown: 'ml', low: 0, high, default: standard }, 5, {});
/** A share, 0..1, shown in per cent. */
export const share = (label: string, standard: number): NumberSpec =>
  number({ label, unit: 'share', shown: '%', low: 0, high: 1, default: standard }, 0.05, {});
/** A whole number. */
export const count = (label: string, standard: number, low: number, high: number): NumberSpec =>
  number({ label, unit: 'count', shown: 'count', low, high, default: standard }, 1, {});
/** The name of a stream. */
export const stream = (label: string, standard: string): ParamSpec => ({ type: 'stream', label, default: standard });
/** A thing of the kit; by default the one in use. */
export const thing = (label: string, kind: ThingKind): ParamSpec => ({
  type: 'thing',
  label,
  thing: kind,
  default: IN_USE,
});
/** A food of the plan. */
export const food = (label: string, standard: string): ParamSpec => ({ type: 'food', label, default: standard });
/** Something poured: water, or a food that is a liquid. */
export const liquid = (label: string, standard: string): ParamSpec => ({
  type: 'food',
  label,
  default: standard,
  liquid: true,
});
/** Several streams, each with its share. */
export const parts = (label: string, standard: readonly Part[]): ParamSpec => ({
  type: 'parts',
  label,
  default: standard,
});
/** One of a few. */
export const choice = (label: string, choices: readonly string[], standard: string): ParamSpec => ({
  type: 'choice',
  label,
  choices,
  default: standard,
});
/** Yes or no. */
export const flag = (label: string, standard: boolean): ParamSpec => ({ type: 'flag', label, default: standard });

/** Water that was weighed or poured at a task, in place of what was planned. */
export const pouredAt = <K extends Kind>(task: string, param = 'waterG', label = 'fresh water'): ReadingSpec<K> => ({
  label,
  unit: 'g',
  shown: 'g',
  low: 0,
  high: 50_000,
  task,
  effect: () => ({ is: 'param', param }),
});
/** What ran over or out of a step that makes `stream`, as far as anybody can tell, g. */
export const lostFrom = <K extends Kind>(task: string, stream: (p: Readonly<Params[K]>) => string): ReadingSpec<K> => ({
  label: 'ran over or out, about',
  unit: 'g',
  shown: 'g',
  low: 0,
  high: 50_000,
  task,
  mishap: true,
  // Nobody weighs what is on the floor.
  sd: 30,
  effect: (p) => ({ is: 'lost', stream: stream(p) }),
});
/** The temperature of a task, told by a probe that stands in it. */
export const courseIn = <K extends Kind>(task: string): ReadingSpec<K> => ({
  label: 'temperature',
  unit: 'C',
  shown: 'C',
  low: -40,
  high: 130,
  task,
  byTrace: true,
  effect: () => ({ is: 'course' }),
});

/** How hard a cloth is pressed, from nothing to all there is. */
export const HAND: ParamSpec = {
  type: 'choice',
  label: 'how hard',
  choices: HANDS,
  default: 'twist',
  lever: ['drip', 'gentle', 'twist', 'press'],
};
