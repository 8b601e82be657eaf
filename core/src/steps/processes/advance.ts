import { addGrams, grams, sumGrams } from '../../materials';
import type { Grams, Material } from '../../materials';
import {
  COOLING_LIMITS,
  enzymeDeathPerMin,
  flavourPerMin,
  FLAVOUR_OFF_PER_MIN,
  heatedPace,
  HOT_THROUGH_S,
  inhibitorPace,
  labileLeft,
  LOSS_MAKEUP,
  pasteurisingPace,
  PASTEURISED_MIN,
  pelegGain,
  pelegK1,
  solidsLossPace,
  solidsLossShare,
  spoilagePace,
  FROZEN_BELOW_C,
  SPENDING_BELOW_C,
  standingPace,
  stableLeft,
  TRUE_BOIL_C,
} from '../../laws';
import { draftOf, multiplier } from '../../kitchen';
import type { Draft, Stream } from '../../kitchen';
import { GAUSS3 } from '../../numerics';
import { DAY_S, HOUR_S } from '../../units';
import { byMaterial } from './byMaterial';
import { dissolveGlucan, hydrolyse } from './body';
import { warmRelease } from './release';
import type { Course, How } from './course';
import { afterHeating, limitsKept } from './keepingLimits';
import type { Ctx } from '../types';

/**
 * Whole pieces are credited only for heat at the boil, and only once it has gone through them: warm water on their
 * outside says nothing of their middle (models §5: none for dry beans boiled under five minutes).
 */
const NEAR_BOIL_C = 3;
/** A true boil this long makes a stream "boiled" as far as germs go, s (common practice; spores survive). */
const GERMS_BOILED_S = 60;

/**
 * Everything that time and temperature do to a stream, in one place: soaking, loss of solids, inhibitor, enzyme and
 * flavour, lethality, keeping. Each law is in state form, so a course cut in two and continued equals the whole.
 * One draft is changed in place span by span (copying it at each was most of the time of a fold).
 */
export function advance(s: Stream, course: Course, ctx: Ctx, how: How = 'still'): Draft {
  const d = draftOf(s);
  const { nodes } = course;
  let fromC = course.at(0);
  for (let i = 1; i < nodes.length; i += 1) {
    const from = nodes[i - 1] as number;
    const to = nodes[i] as number;
    if (to <= from) continue;
    const toC = course.constant ? fromC : course.at(to);
    span(d, spanOf(course, from, to, fromC, toC), ctx, how);
    fromC = toC;
  }
  d.temperatureC = course.endC;
  if (d.openedShare > 0 && d.peakWetC > d.releasedC) warmRelease(d, d.peakWetC, ctx);
  return d;
}

/** One span: how long, and its temperatures where three-point Gauss asks for them; found once, they serve every law. */
interface Span {
  readonly course: Course;
  readonly from: number;
  readonly h: number;
  readonly hottestC: number;
  readonly a: number;
  readonly b: number;
  readonly c: number;
}
function spanOf(course: Course, from: number, to: number, fromC: number, toC: number): Span {
  const h = to - from;
  const hottestC = Math.max(fromC, toC);
  if (course.constant) return { course, from, h, hottestC, a: fromC, b: fromC, c: fromC };
  const mid = (from + to) / 2;
  const off = (GAUSS3 * h) / 2;
  return { course, from, h, hottestC, a: course.at(mid - off), b: course.at(mid), c: course.at(mid + off) };
}
/** The mean of a pace over a span. */
const meanOf = (s: Span, pace: (c: number) => number): number =>
  s.course.constant ? pace(s.b) : (5 * pace(s.a) + 8 * pace(s.b) + 5 * pace(s.c)) / 18;

function span(d: Draft, s: Span, ctx: Ctx, how: How): void {
  const { h } = s;
  const midC = s.b;
  const whole = d.openedShare === 0;
  const truly = midC >= ctx.boilC - TRUE_BOIL_C;
  const wet = d.freeWaterG > 0;
  const hotBefore = d.hotWholeS;
  if (whole && midC >= ctx.boilC - NEAR_BOIL_C) d.hotWholeS += h;
  const credited = whole ? throughS(d.hotWholeS, d) - throughS(hotBefore, d) : h;
  if (d.inhibitor.of > 0 && midC > 45 && credited > 0) lessInhibitor(d, (meanOf(s, inhibitorPace) * credited) / 60);
  if (d.flavour.of > 0) d.flavour = flavourAfter(d, s, truly && how === 'open');
  if (whole && midC > 40) d.preheatMin += (meanOf(s, heatedPace) * h) / 60;
  heating(d, midC > 40 ? (meanOf(s, pasteurisingPace) * h) / 60 : 0, midC, ctx);
  germs(d, midC > 40 ? (meanOf(s, pasteurisingPace) * h) / 60 : 0, truly ? h : 0, s.a > s.c, midC);
  spending(d, s);
  // In a running jug and an open boil everything is stirred.
  if (how !== 'still') d.stillS = 0;
  else if (d.openedShare === 1) d.stillS += meanOf(s, standingPace) * h;
  // "Wet" is in plenty of water: rice cooked dry has not swelled to the end.
  if (wet) d.peakWetC = Math.max(d.peakWetC, s.hottestC);
  if (d.glucanOf > 0 && wet) glucanOver(d, s, how, ctx);
  if (d.amylase > 0 && wet) hydrolyse(d, (pace) => meanOf(s, pace), h, s.hottestC);
  if (whole && d.freeWaterG > 0) drink(d, s, ctx);
}

/** The pool of β-glucan grows with the temperature, so a span that warms is taken in three parts. */
function glucanOver(d: Draft, { course, from, h }: Span, how: How, ctx: Ctx): void {
  const parts = course.constant ? 1 : 3;
  for (let i = 0; i < parts; i += 1) {
    const c = course.at(from + (h * (i + 0.5)) / parts);
    dissolveGlucan(d, c, h / parts, how, ctx);
  }
}

function lessInhibitor(d: Draft, min100: number): void {
  const i = d.inhibitor;
  d.inhibitor = { labile: i.labile * labileLeft(min100), stable: i.stable * stableLeft(min100), of: i.of };
}

/** Seconds credited to whole pieces after `hotS` seconds of heat: none until they are hot through. */
function throughS(hotS: number, s: Draft): number {
  const drunk = Math.min(1, s.gainedWaterG / Math.max(1e-9, sumGrams(s.bound)));
  const lag = HOT_THROUGH_S.dry + (HOT_THROUGH_S.soaked - HOT_THROUGH_S.dry) * drunk;
  return Math.max(0, hotS - lag);
}

/**
 * What this heating gives back of the time that was spent: nothing below 57 °C, nor before it pasteurises. The hours of the
 * cooling limits start again with it, unless one of them was broken; the usual cap only where all the time came back.
 */
function heating(d: Draft, f70: number, midC: number, ctx: Ctx): void {
  if (midC < SPENDING_BELOW_C) {
    d.heatingF70Min = 0;
    return;
  }
  const before = d.heatingF70Min;
  d.heatingF70Min += f70;
  if (before < PASTEURISED_MIN && d.heatingF70Min >= PASTEURISED_MIN) {
    Object.assign(d, afterHeating(d, ctx));
    if (d.spentD === 0 && !d.spoiled) d.keptS = d.frozenS = 0;
  }
  if (limitsKept(d)) d.above21S = d.above5S = 0;
}
/** What is touched while it cools from the boil is not made safe by what heat is left: rim, ladle and cloth are cooler. */
function germs(d: Draft, f70: number, boiledS: number, cooling: boolean, midC: number): void {
  d.f70Min += f70;
  d.boilS += boiledS;
  // What raw or touched things joined has its minute at the boil anew: their lethality began at none.
  const minute = boiledS > 0 && d.hygiene !== 'boiled' && d.boilS >= GERMS_BOILED_S;
  if (minute && d.f70Min >= 0.999 * pasteurisingPace(midC)) d.hygiene = 'boiled';
  else if (d.hygiene === 'raw' && d.f70Min >= PASTEURISED_MIN) d.hygiene = 'heated';
  else if (d.hygiene === 'touched' && !cooling && f70 >= PASTEURISED_MIN) d.hygiene = 'heated';
}

const spends = (s: Stream): boolean => s.openedShare > 0 || (s.bound.starch > 0 && s.hygiene === 'boiled');
/** What `advance` would leave spent of its keeping, days at 4 °C, and nothing else of it: for looking ahead. */
export function spentOver(s: Stream, course: Course): number {
  const { nodes } = course;
  const on = spends(s);
  let spentD = s.spentD;
  for (let i = 1; i < nodes.length; i += 1) {
    const from = nodes[i - 1] as number;
    const to = nodes[i] as number;
    if (to <= from) continue;
    const x = spanOf(course, from, to, course.at(from), course.at(to));
    if (on && x.b < SPENDING_BELOW_C) spentD += (meanOf(x, spoilagePace) * x.h) / DAY_S;
  }
  return spentD;
}

/** Keeping is spent, and the limits of cooling run, only below 57 °C and once the pieces are open or cooked grain. */
function spending(d: Draft, s: Span): void {
  const { b: midC, h } = s;
  if (midC >= SPENDING_BELOW_C || !spends(d)) return;
  d.spentD += (meanOf(s, spoilagePace) * h) / DAY_S;
  if (midC < FROZEN_BELOW_C) d.frozenS += h;
  else {
    d.keptS += h;
    d.ageS += h;
  }
  if (midC > COOLING_LIMITS.midC) d.above21S += h;
  if (midC > COOLING_LIMITS.endC) d.above5S += h;
}

/** Enzyme dies and makes flavour only while the stuff is wet and ground; an open boil drives flavour off. */
function flavourAfter(d: Draft, s: Span, off: boolean): Stream['flavour'] {
  const f = d.flavour;
  const min = s.h / 60;
  let { enzyme, beany } = f;
  if (enzyme > 1e-12) {
    const death = meanOf(s, enzymeDeathPerMin);
    if (d.openedShare > 0) {
      const active = death * min > 1e-9 ? -Math.expm1(-death * min) / death : min;
      beany = f.of - (f.of - beany) * Math.exp((-meanOf(s, flavourPerMin) * enzyme * active) / f.of);
    }
    enzyme *= Math.exp(-death * min);
  }
  if (off) beany *= Math.exp(-FLAVOUR_OFF_PER_MIN * min);
  return { enzyme, beany, of: f.of };
}

/** Whole pieces in water: they drink (Peleg) and lose a little of themselves. */
function drink(d: Draft, s: Span, ctx: Ctx): void {
  let dry = 0;
  let first: string | undefined;
  for (const id in d.madeFrom) {
    first ??= id;
    dry += d.madeFrom[id] ?? 0;
  }
  if (dry <= 0 || first === undefined) return;
  const k1 = byMaterial(d, ctx.materials, k1Of);
  const k2 = byMaterial(d, ctx.materials, k2Of) / multiplier(ctx.beliefs, 'uptake', first);
  const integral = (s.h / HOUR_S) * meanOf(s, (c) => 1 / pelegK1(k1, c));
  const gain = pelegGain(d.gainedWaterG / dry, k2, integral) * dry;
  const drunk = Math.min(d.freeWaterG, Math.max(0, gain - d.gainedWaterG));
  d.freeWaterG -= drunk;
  d.boundWaterG += drunk;
  d.gainedWaterG += drunk;
  const lossH = d.lossH + (meanOf(s, solidsLossPace) * s.h) / HOUR_S;
  const lost = lostSolids(d, dry * (solidsLossShare(lossH) - solidsLossShare(d.lossH)));
  d.released = addGrams(d.released, lost);
  d.bound = addGrams(d.bound, lost, -1);
  d.able = addGrams(d.able, lost, -1);
  d.lossH = lossH;
}
const k1Of = (m: Material): number => m.hydration.k1H;
const k2Of = (m: Material): number => m.hydration.k2;

function lostSolids(s: Draft, amountG: number): Grams {
  return grams({
    sugars: Math.min(s.able.sugars, amountG * LOSS_MAKEUP.sugars),
    ash: Math.min(s.able.ash, amountG * LOSS_MAKEUP.ash),
    protein: Math.min(s.able.protein, amountG * LOSS_MAKEUP.protein),
  });
}
