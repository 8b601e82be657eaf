import Joi from 'joi';
import { LOOK_SCALES } from '../batch';
import { DESIGNS, designOf, MOST_TIMES, TASTINGS, WEIGHED } from '../trials';
import type { Factor } from '../trials';
import { MOST_RUNS, MOST_TASTINGS } from './limits';
import { exactly, id, instant, number, object, recipe, text } from './parts';
import type { TastedSide, TastingRecord, TrialRecord } from './types';

type Of = Factor['at']['of'];
type At<O extends Of> = Extract<Factor['at'], { of: O }>;
const place = { step: id(), param: text(40) };
const AT: Readonly<Record<Of, Joi.ObjectSchema>> = {
  step: exactly<At<'step'>>({ of: 'step', ...place }),
  larder: exactly<At<'larder'>>({ of: 'larder', index: number(0, 200).integer() }),
  choice: exactly<At<'choice'>>({ of: 'choice', ...place, choices: Joi.array().items(text(40)).min(1).max(40) }),
  passes: exactly<At<'passes'>>({ of: 'passes' }),
};
const at = Joi.alternatives().conditional('.of', {
  switch: Object.entries(AT).map(([is, then]) => ({ is, then })),
  otherwise: object({ of: Joi.valid(...Object.keys(AT)) }).unknown(),
});
const factors = Math.max(...Object.values(DESIGNS).map((d) => d.factors));
/** A design is of so many things, and has so many runs; while nothing is changed yet it is of none. */
const fits = ({ factors: of, design, times, runs, seed: s }: TrialRecord): boolean =>
  of.length === 0
    ? runs.length === 0
    : of.length === DESIGNS[design].factors && runs.every((r) => r.run < designOf(design, s, times).runs.length);
const seed = (): Joi.Schema => number(0, 2 ** 32).integer();
const side = exactly<TastedSide>({ jar: id(), name: text(160) });

/** Questions put to the kitchen, and cups tasted blind. */
export const TRIALS = {
  trials: exactly<TrialRecord>({
    v: Joi.valid(2),
    id: id(),
    name: text(120),
    from: object({ method: id(), edition: number(1, 1000) }).allow(null),
    base: recipe(),
    factors: Joi.array()
      .items(exactly<Factor>({ at, from: number(-1e7, 1e7), to: number(-1e7, 1e7) }))
      .max(factors),
    design: Joi.valid(...Object.keys(DESIGNS)),
    times: number(1, MOST_TIMES).integer(),
    seed: seed(),
    asks: Joi.valid(...WEIGHED, ...LOOK_SCALES),
    runs: Joi.array()
      .items(object({ run: number(0, MOST_RUNS - 1).integer(), plan: id() }))
      .max(MOST_RUNS)
      .unique('run'),
    createdAt: instant(),
    updatedAt: instant(),
  }).custom((t: TrialRecord, h) => (fits(t) ? t : h.error('trial.design'))),
  tastings: exactly<TastingRecord>({
    v: Joi.valid(1),
    id: id(),
    kind: Joi.valid(...Object.keys(TASTINGS)),
    about: Joi.valid(...LOOK_SCALES),
    expects: Joi.valid('a', 'b').allow(null),
    a: side,
    b: side,
    n: number(1, MOST_TASTINGS).integer(),
    seed: seed(),
    answers: Joi.array()
      .items(
        object({
          serving: number(0, MOST_TASTINGS - 1).integer(),
          by: Joi.string().allow('').max(40),
          cup: number(0, 2).integer(),
        }),
      )
      .max(MOST_TASTINGS)
      .unique('serving'),
    createdAt: instant(),
    updatedAt: instant(),
  }),
};
