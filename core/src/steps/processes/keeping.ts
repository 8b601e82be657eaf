import { capacityOf, inhibitorLeftOf, massG, multiplier, thingOf, volumeMl, waterG } from '../../kitchen';
import type { Draft, Stream } from '../../kitchen';
import { materialById } from '../../materials';
import type { Keeps } from '../../materials';
import {
  BOIL_AT_LEAST_S,
  boilingC,
  COOLING_W_PER_M2K,
  FROZEN_BELOW_C,
  FROZEN_CAP_DAYS,
  INHIBITOR_GOAL,
  inhibitorPace,
  roundAreaM2,
  spoilagePace,
  timeConstantS,
  TOUCHED_CAP_DAYS,
} from '../../laws';
import { findRoot } from '../../numerics';
import { DAY_S } from '../../units';
import type { Ctx } from '../types';
import { advance, spentOver } from './advance';
import { jarAcrossCm } from './cooling';
import { approach } from './course';
import type { Course } from './course';

/** A keep time is found to ten seconds or so, in days at 4 °C. */
const SPENT_TO_D = 1e-4;

/** A jar standing somewhere: Newton's cooling of one jar's fill, then its time. */
export const standing = (s: Stream, placeC: number, forS: number, jarId: string, ctx: Ctx): Draft =>
  advance(s, cooling(s, placeC, forS, jarId, ctx), ctx);
/** One jar's fill in a place of `placeC`: Newton's cooling. */
export function cooling(s: Stream, placeC: number, forS: number, jarId: string, ctx: Ctx): Course {
  const ml = Math.max(50, Math.min(volumeMl(s), thingOf(ctx.kit, 'jar', jarId).ml));
  const one = (capacityOf(s) * ml) / Math.max(1, volumeMl(s));
  const area = roundAreaM2(ml, jarAcrossCm(ml));
  const tau = timeConstantS(Math.max(0.01, one), COOLING_W_PER_M2K.fridge, area);
  return approach(s.temperatureC, placeC, tau, forS);
}

export interface Keeping {
  /** Its budget, days at 4 °C, as this kitchen has learned it, and its cap. */
  readonly days: number;
  readonly capDays: number;
  /** What the kitchen learns it as: the milk and the state of the food that limits it. */
  readonly thing: string;
}
/** Drier than this nothing grows in it, water as a share (water activity of flours; common practice: 14 % at most). */
const DRY_WATER = 0.14;
/** Food that was opened and dried: no rule of milk says how long it keeps. */
export const isFlour = (s: Stream): boolean => s.openedShare > 0 && massG(s) > 0 && waterG(s) / massG(s) < DRY_WATER;
/** What limits the keeping of this stream: the weakest of its materials, by hygiene. */
export function keepingOf(s: Stream, ctx: Ctx): Keeping | null {
  if (isFlour(s)) return null;
  const done = isBoiledEnough(s);
  let least: Keeping | null = null;
  let capDays = Infinity;
  for (const id in s.madeFrom) {
    const m = materialById(ctx.materials, id);
    const bean = m.inhibitorLabileShare !== null;
    // Boiled, touched, and warmed again: a bean milk that had its boil keeps as what is touched.
    const again = s.hygiene === 'touched' || (bean && done && s.hygiene === 'heated');
    const as = bean && !done ? 'raw' : again ? 'boiled' : s.hygiene;
    const k = m.keeps[as];
    const thing = keepingThing(m.milk, again ? 'touched' : as);
    const days = heldDays(k.days * multiplier(ctx.beliefs, 'keeping', thing), k.days, k.capDays);
    capDays = Math.min(capDays, again ? touchedCap(s, k, m.keeps.raw) : k.capDays);
    if (least === null || days < least.days) least = { days, capDays, thing };
  }
  return least && { ...least, capDays };
}
/** What a kitchen's own jars say moves the usual value between its low end and the cap, never past; all in days. */
export const heldDays = (ownD: number, usualD: number, capDays: number): number =>
  Math.min(Math.max(ownD, usualD), Math.max(usualD, capDays));

/** What a kitchen learns the keeping of: a milk in a state. */
const keepingThing = (milk: string, state: string): string =>
  `${milk === '' ? 'other' : milk.replace(/[^\w.-]+/g, '-')}-${state}`;

/** Touched again after the boil; what was only warmed is no worse for it than what never was. */
function touchedCap(s: Stream, boiled: Keeps, raw: Keeps): number {
  const least = s.boilS > 0 ? TOUCHED_CAP_DAYS : Math.max(TOUCHED_CAP_DAYS, raw.capDays);
  return Math.min(least, boiled.capDays);
}

/** A bean milk is done when the inhibitor is at the goal and it had its ten minutes at the true boil (decision 15). */
export function isBoiledEnough(s: Stream): boolean {
  const left = inhibitorLeftOf(s);
  return left === null || (left <= INHIBITOR_GOAL + 1e-6 && s.boilS >= BOIL_AT_LEAST_S - 1e-6);
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
  /** The two of them, s: the model's below 0 once it is over, Infinity where nothing is spent. */
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

/** Time left in a place of `placeC`. Never beyond the cap, which counts from when it was made, that day being day 1. */
export function keepBy(s: Stream, placeC: number, jarId: string, ctx: Ctx): KeepBy | null {
  const limit = keepingOf(s, ctx);
  if (!limit) return null;
  const settled = standing(s, placeC, DAY_S, jarId, ctx);
  const unfrozen = (limit.capDays - 1) * DAY_S - s.keptS;
  // Frozen, nothing is spent: only the cap of the freezer counts, if it gets there before the other is reached.
  const freezes = settled.temperatureC < FROZEN_BELOW_C && settled.keptS - s.keptS < Math.max(1e-9, unfrozen);
  const cap = freezes ? FROZEN_CAP_DAYS * DAY_S - s.keptS - s.frozenS : unfrozen;
  const spentAt = (t: number): number => spentOver(s, cooling(s, placeC, t, jarId, ctx));
  const left = limit.days - s.spentD;
  let modelS: number;
  if (settled.spentD >= limit.days)
    modelS =
      left <= 0
        ? (left / Math.max(1e-9, spoilagePace(placeC))) * DAY_S
        : findRoot((t) => spentAt(t) - limit.days, 0, DAY_S, SPENT_TO_D).x;
  else {
    const pace = spoilagePace(placeC);
    modelS = pace > 0 ? DAY_S + ((limit.days - settled.spentD) / pace) * DAY_S : Infinity;
  }
  const byCap = Math.max(0, cap);
  return {
    s: Math.max(0, Math.min(modelS, byCap)),
    limit: modelS <= byCap ? 'model' : 'cap',
    modelS,
    capS: byCap,
    budgetD: limit.days,
    capDays: limit.capDays,
    thing: limit.thing,
    leftD: Math.max(0, left),
    above21S: settled.above21S,
    above5S: settled.above5S,
  };
}
