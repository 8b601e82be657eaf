import { capacityOf, massG, thingOf, volumeMl, waterG } from '../../kitchen';
import type { Draft, Stream } from '../../kitchen';
import {
  boilingC,
  COOLING_W_PER_M2K,
  FREEZING_POINT_C,
  FROZEN_BELOW_C,
  FROZEN_CAP_DAYS,
  inhibitorPace,
  MADE_CAP_DAYS,
  roundAreaM2,
  spoilagePace,
  timeConstantS,
} from '../../laws';
import { findRoot } from '../../numerics';
import { DAY_S } from '../../units';
import type { Ctx } from '../types';
import { advance, spentOver } from './advance';
import { jarAcrossCm } from './cooling';
import { approach, freezeOrThaw } from './course';
import type { Course } from './course';
import { isSpoiled, keepingOf } from './keepingLimits';

/** A keep time is found to ten seconds or so, in days at 4 °C. */
const SPENT_TO_D = 1e-4;

/** A jar standing somewhere: Newton's cooling of one jar's fill, then its time. */
export const standing = (s: Stream, placeC: number, forS: number, jarId: string, ctx: Ctx): Draft =>
  advance(s, cooling(s, placeC, forS, jarId, ctx), ctx);
/** The temperature of one jar's fill in a place of `placeC`: Newton's cooling, and the latent heat where it freezes or thaws. */
export function cooling(s: Stream, placeC: number, forS: number, jarId: string, ctx: Ctx): Course {
  const all = Math.max(1, volumeMl(s));
  const ml = Math.max(50, Math.min(volumeMl(s), thingOf(ctx.kit, 'jar', jarId).ml));
  const one = Math.max(0.01, (capacityOf(s) * ml) / all);
  const wPerK = COOLING_W_PER_M2K.fridge * roundAreaM2(ml, jarAcrossCm(ml));
  const tau = timeConstantS(one, 1, wPerK);
  if (!isIcy(s, placeC)) return approach(s.temperatureC, placeC, tau, forS);
  const mass = massG(s);
  const body = {
    massKg: Math.max(1e-3, (mass * ml) / all / 1000),
    waterShare: mass > 0 ? Math.max(0, waterG(s)) / mass : 0,
    wPerK,
  };
  return freezeOrThaw(s.temperatureC, placeC, tau, body, forS);
}
/** Does ice form or melt in it there? */
const isIcy = (s: Stream, placeC: number): boolean => Math.min(s.temperatureC, placeC) < FREEZING_POINT_C;
/** Longest that a jar takes to thaw or freeze through, s. */
const ICY_S = 4 * DAY_S;
/** How long a frozen jar takes until its ice has melted in a place of `placeC`, s: 0 where there is none, null where it stays. */
export function thawsInS(s: Stream, placeC: number, jarId: string, ctx: Ctx): number | null {
  if (s.temperatureC >= FREEZING_POINT_C) return 0;
  if (placeC <= FREEZING_POINT_C) return null;
  const course = cooling(s, placeC, ICY_S, jarId, ctx);
  return findRoot((t) => course.at(t) - FREEZING_POINT_C, 0, ICY_S, 1e-5, 60).x;
}

/** A jar's later life is the same fold: the stream as it was filled, after `forS` in a place of `placeC`. */
export function keptFor(s: Stream, placeC: number, jarId: string, forS: number, ctx: Ctx): Stream {
  return forS <= 0 ? s : standing(s, placeC, forS, jarId, ctx);
}

/** Fifteen minutes at 100 °C for raw pulp, before it is eaten, dried or baked (common practice). */
const PULP_BOIL_MIN = 15;
/** The same heat at the true boil of this altitude, s: 900 at sea level, longer above. */
export function pulpBoilS(altitudeM: number): number {
  return (PULP_BOIL_MIN * 60) / Math.min(1, inhibitorPace(boilingC(altitudeM)));
}

export interface KeepBy {
  /** Seconds from now until the lower of model and cap. */
  readonly s: number;
  readonly limit: 'model' | 'cap';
  /** The two of them, s: below 0 once they are over; the model's is Infinity where nothing is spent. */
  readonly modelS: number;
  readonly capS: number;
  /** Its whole budget, days at 4 °C, and the cap at 5 °C or colder, the day it was made being day 1. */
  readonly budgetD: number;
  readonly capDays: number;
  /** What the kitchen learns it as. */
  readonly thing: string;
  /** Days at 4 °C left to spend. */
  readonly leftD: number;
  /** Longest time between 57 and 21, and between 57 and 5 °C, once it is cold, s. */
  readonly above21S: number;
  readonly above5S: number;
}

/**
 * Time left in a place of `placeC`. Never beyond the caps: the usual one, which counts from when it was made or its time
 * started again, that day being day 1, and seven days from when it was made. null: no rule of milk says how long it keeps.
 */
export function keepBy(s: Stream, placeC: number, jarId: string, ctx: Ctx): KeepBy | null {
  const limit = keepingOf(s, ctx);
  if (!limit) return null;
  const settleS = isIcy(s, placeC) ? ICY_S : DAY_S;
  const settled = standing(s, placeC, settleS, jarId, ctx);
  const unfrozen = Math.min((limit.capDays - 1) * DAY_S - s.keptS, (MADE_CAP_DAYS - 1) * DAY_S - s.ageS);
  // Frozen, nothing is spent: only the cap of the freezer counts, if it gets there before the other is reached.
  const agedS = settled.keptS - s.keptS;
  const freezes = settled.temperatureC < FROZEN_BELOW_C && agedS < Math.max(1e-9, unfrozen);
  // While it thaws no cap runs: what is ice is not older for it.
  const asIceS = isIcy(s, placeC) ? settleS - agedS : 0;
  const capS = freezes ? FROZEN_CAP_DAYS * DAY_S - s.keptS - s.frozenS : unfrozen + asIceS;
  const modelS = isSpoiled(s, ctx) ? Math.min(0, overS(s, limit.days, placeC)) : untilSpentS(s, settled, settleS);
  return {
    s: Math.max(0, Math.min(modelS, capS)),
    limit: modelS <= capS ? 'model' : 'cap',
    modelS,
    capS,
    budgetD: limit.days,
    capDays: limit.capDays,
    thing: limit.thing,
    leftD: isSpoiled(s, ctx) ? 0 : Math.max(0, limit.days - s.spentD),
    above21S: settled.above21S,
    above5S: settled.above5S,
  };
  /** Seconds until its budget is spent there; Infinity where nothing is spent. */
  function untilSpentS(from: Stream, then: Stream, thenS: number): number {
    const days = limit?.days ?? 0;
    const spentAt = (t: number): number => spentOver(from, cooling(from, placeC, t, jarId, ctx));
    if (then.spentD >= days) return findRoot((t) => spentAt(t) - days, 0, thenS, SPENT_TO_D).x;
    const pace = spoilagePace(placeC);
    return pace > 0 ? thenS + ((days - then.spentD) / pace) * DAY_S : Infinity;
  }
}
/** How long ago its budget was spent, at the pace of a place, s below 0. */
const overS = (s: Stream, days: number, placeC: number): number =>
  ((days - s.spentD) / Math.max(1e-9, spoilagePace(placeC))) * DAY_S;
