import { addGrams, grams, sumGrams } from '../materials';
import type { Grams } from '../materials';
import {
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
  SPENDING_BELOW_C,
  stableLeft,
  TRUE_BOIL_C,
} from '../laws';
import { draftOf, multiplier } from '../kitchen';
import type { Draft, Stream } from '../kitchen';
import { GAUSS3 } from '../numerics';
import { byMaterial } from './byMaterial';
import { dissolveGlucan, hydrolyse } from './body';
import { warmRelease } from './release';
import type { Course, How, Mean } from './course';
import type { Ctx } from './types';

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
export function advance(s: Stream, course: Course, ctx: Ctx, how: How = 'still'): Stream {
  const d = draftOf(s);
  for (let i = 1; i < course.nodes.length; i += 1) {
    const from = course.nodes[i - 1] as number;
    const to = course.nodes[i] as number;
    if (to > from) span(d, course, from, to, ctx, how);
  }
  d.temperatureC = course.endC;
  if (d.openedShare > 0 && d.peakWetC > d.releasedC) warmRelease(d, d.peakWetC, ctx);
  return d;
}

/** Three-point Gauss over the span; the temperatures are found once and serve every law. */
function meanOver(course: Course, from: number, to: number): Mean {
  const mid = (from + to) / 2;
  const b = course.at(mid);
  if (course.constant) return (pace) => pace(b);
  const off = (GAUSS3 * (to - from)) / 2;
  const a = course.at(mid - off);
  const c = course.at(mid + off);
  return (pace) => (5 * pace(a) + 8 * pace(b) + 5 * pace(c)) / 18;
}

function span(d: Draft, course: Course, from: number, to: number, ctx: Ctx, how: How): void {
  const h = to - from;
  const mean = meanOver(course, from, to);
  const midC = course.at((from + to) / 2);
  const whole = d.openedShare === 0;
  const truly = midC >= ctx.boilC - TRUE_BOIL_C;
  const hotBefore = d.hotWholeS;
  if (whole && midC >= ctx.boilC - NEAR_BOIL_C) d.hotWholeS += h;
  const credited = whole ? throughS(d.hotWholeS, d) - throughS(hotBefore, d) : h;
  if (d.inhibitor.of > 0 && midC > 45 && credited > 0) lessInhibitor(d, (mean(inhibitorPace) * credited) / 60);
  if (d.flavour.of > 0) d.flavour = flavourAfter(d, mean, h, truly && how === 'open');
  if (whole && midC > 40) d.preheatMin += (mean(heatedPace) * h) / 60;
  germs(d, midC > 40 ? (mean(pasteurisingPace) * h) / 60 : 0, truly ? h : 0);
  spending(d, midC, h, mean);
  // "Wet" is in plenty of water: rice cooked dry has not swelled to the end.
  if (d.freeWaterG > 0) d.peakWetC = Math.max(d.peakWetC, course.at(from), course.at(to));
  if (d.glucanOf > 0 && d.freeWaterG > 0) glucanOver(d, course, from, h, how, ctx);
  if (d.amylase > 0 && d.freeWaterG > 0) hydrolyse(d, mean, h, Math.max(course.at(from), course.at(to)));
  if (whole && d.freeWaterG > 0) drink(d, mean, h, ctx);
}

/** The pool of β-glucan grows with the temperature, so a span that warms is taken in three parts. */
function glucanOver(d: Draft, course: Course, from: number, h: number, how: How, ctx: Ctx): void {
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

function germs(d: Draft, f70: number, boiledS: number): void {
  d.f70Min += f70;
  d.boilS += boiledS;
  if (boiledS > 0 && d.boilS >= GERMS_BOILED_S) d.hygiene = 'boiled';
  else if (d.hygiene === 'raw' && d.f70Min >= PASTEURISED_MIN) d.hygiene = 'heated';
  else if (d.hygiene === 'touched' && f70 >= PASTEURISED_MIN) d.hygiene = 'heated';
}

/** Keeping is spent, and the limits of cooling run, only below 57 °C and once the pieces are open or cooked grain. */
function spending(d: Draft, midC: number, h: number, mean: Mean): void {
  if (midC >= SPENDING_BELOW_C) {
    d.spentD = 0;
    d.above21S = 0;
    d.above5S = 0;
  } else if (d.openedShare > 0 || (d.bound.starch > 0 && d.hygiene === 'boiled')) {
    d.spentD += (mean(spoilagePace) * h) / 86_400;
    if (midC > 21) d.above21S += h;
    if (midC > 5) d.above5S += h;
  }
}

/** Enzyme dies and makes flavour only while the stuff is wet and ground; an open boil drives flavour off. */
function flavourAfter(s: Draft, mean: Mean, h: number, off: boolean): Stream['flavour'] {
  const f = s.flavour;
  const min = h / 60;
  let { enzyme, beany } = f;
  if (enzyme > 1e-12) {
    const death = mean(enzymeDeathPerMin);
    if (s.openedShare > 0) {
      const active = death * min > 1e-9 ? -Math.expm1(-death * min) / death : min;
      beany = f.of - (f.of - beany) * Math.exp((-mean(flavourPerMin) * enzyme * active) / f.of);
    }
    enzyme *= Math.exp(-death * min);
  }
  if (off) beany *= Math.exp(-FLAVOUR_OFF_PER_MIN * min);
  return { enzyme, beany, of: f.of };
}

/** Whole pieces in water: they drink (Peleg) and lose a little of themselves. */
function drink(s: Draft, mean: Mean, h: number, ctx: Ctx): void {
  let dry = 0;
  for (const id in s.madeFrom) dry += s.madeFrom[id] ?? 0;
  if (dry <= 0) return;
  const first = Object.keys(s.madeFrom)[0] as string;
  const k1 = byMaterial(s, ctx, (m) => m.hydration.k1H);
  const k2 = byMaterial(s, ctx, (m) => m.hydration.k2) / multiplier(ctx.beliefs, 'uptake', first);
  const integral = (h / 3600) * mean((c) => 1 / pelegK1(k1, c));
  const gain = pelegGain(s.gainedWaterG / dry, k2, integral) * dry;
  const drunk = Math.min(s.freeWaterG, Math.max(0, gain - s.gainedWaterG));
  const lossH = s.lossH + (mean(solidsLossPace) * h) / 3600;
  const lost = lostSolids(s, dry * (solidsLossShare(lossH) - solidsLossShare(s.lossH)));
  s.freeWaterG -= drunk;
  s.boundWaterG += drunk;
  s.gainedWaterG += drunk;
  s.released = addGrams(s.released, lost);
  s.bound = addGrams(s.bound, lost, -1);
  s.able = addGrams(s.able, lost, -1);
  s.lossH = lossH;
}

function lostSolids(s: Draft, amountG: number): Grams {
  const take = (c: keyof typeof LOSS_MAKEUP) => Math.min(s.able[c], amountG * LOSS_MAKEUP[c]);
  return grams({ sugars: take('sugars'), ash: take('ash'), protein: take('protein') });
}
