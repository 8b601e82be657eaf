import Joi from 'joi';
import { instantOf, isRule } from '../schedule';
import type { Once, Spell } from '../schedule';
import { MOST_ONCE, MOST_WITHOUT, MOST_STORED_G } from './limits';
import { exactly, id, instant, number, recipe, text } from './parts';
import type { CupboardRecord, HoursRecord, RhythmRecord, WishRecord } from './types';

const DAY_MIN = 24 * 60;
const localTime = (): Joi.StringSchema =>
  Joi.string().custom((v: string, h) => (Number.isNaN(instantOf(v)) ? h.error('time.local') : v));
/** What is on the clock, and when somebody is there. */
export const CLOCK = {
  wishes: exactly<WishRecord>({
    v: Joi.valid(2),
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
  rhythms: exactly<RhythmRecord>({
    v: Joi.valid(2),
    id: id().max(60),
    name: text(120),
    plan: id(),
    recipe: recipe(),
    rule: text(200).custom((v: string, h) => (isRule(v) ? v : h.error('rule.none'))),
    first: localTime(),
    without: Joi.array().items(localTime()).max(MOST_WITHOUT).unique(),
    ml: number(1, 100_000).allow(null),
    addedAt: instant(),
    updatedAt: instant(),
  }),
  cupboard: exactly<CupboardRecord>({
    v: Joi.valid(1),
    id: id(),
    haveG: number(0, MOST_STORED_G).allow(null),
    countedAt: instant(),
    packG: number(1, 100_000).allow(null),
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
