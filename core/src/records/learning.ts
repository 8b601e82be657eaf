import Joi from 'joi';
import { exactly, id, instant } from './parts';
import type { LeftOutRecord } from './types';

/** More than are looked at need not be left out one by one. */
const MOST_LEFT_OUT = 500;
/** What does not count of what the kitchen learned. */
export const LEARNING = {
  leftOut: exactly<LeftOutRecord>({
    v: Joi.valid(1),
    id: id(),
    batches: Joi.array().items(id()).max(MOST_LEFT_OUT).unique(),
    beforeAt: instant().allow(null),
    updatedAt: instant(),
  }),
};
