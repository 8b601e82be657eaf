import Joi from 'joi';
import type { Once, Spell } from '../schedule';
import { MOST_ONCE } from './limits';
import { exactly, id, instant, number, recipe, text } from './parts';
import type { HoursRecord, WishRecord } from './types';

const DAY_MIN = 24 * 60;
/** What is on the clock, and when somebody is there. */
export const CLOCK = {
  wishes: exactly<WishRecord>({
    v: Joi.valid(1),
    id: id(),
    name: text(120),
    plan: id(),
    recipe: recipe(),
    batch: id().allow(null),
    byAt: instant().allow(null),
    notBeforeAt: instant().allow(null),
    ml: number(1, 100_000).allow(null),
    fixed: Joi.object().pattern(id(), instant()),
    addedAt: instant(),
    updatedAt: instant(),
  }),
  hours: exactly<HoursRecord>({
    v: Joi.valid(1),
    id: Joi.valid('hours'),
    weekly: Joi.array()
      .items(
        exactly<Spell>({
          id: id(),
          what: Joi.valid('asleep', 'away'),
          days: Joi.array().items(number(0, 6).integer()).min(1).max(7).unique(),
          fromMin: number(0, DAY_MIN - 1).integer(),
          toMin: number(0, DAY_MIN - 1).integer(),
        }),
      )
      .max(50),
    once: Joi.array()
      .items(
        exactly<Once>({
          id: id(),
          what: Joi.valid('asleep', 'away', 'there'),
          from: instant(),
          to: instant(),
          text: Joi.string().allow('').max(200),
          source: Joi.valid('hand', 'calendar'),
        }),
      )
      .max(MOST_ONCE),
    cooks: number(1, 2).integer(),
    outOfUse: Joi.array().items(id()).max(100).unique(),
    spareMin: number(0, 240).integer(),
    updatedAt: instant(),
  }),
};
