import { capacityOf, massG, multiplier, thingOf, volumeMl } from '../../kitchen';
import type { Stream } from '../../kitchen';
import {
  COOLING_W_PER_M2K,
  iceBath,
  iceKg,
  inFridge,
  potCourse,
  potFaces,
  roundAreaM2,
  secondsTo,
  throughWall,
  timeConstantS,
  TRAY_KG_PER_M2,
  vesselKJPerK,
  wetCooling,
  WETNESS,
} from '../../laws';
import type { CoolingPlace } from '../../laws';
import { interpolate } from '../../numerics';
import type { Params } from '../params';
import type { Trace } from '../reading';
import type { Ctx } from '../types';
import { approach, linearCourse, traced } from './course';
import type { Course } from './course';
import { JAR_FILL } from './separating';

/** Stirred ice water, °C (estimate: a little above melting while it takes up heat). */
const ICE_WATER_C = 1;
/** When the target is never reached the cook gives up after this long, s. */
const GIVE_UP_S = 12 * 3600;
/** Bath water beside the pot, as a multiple of what is cooled (common practice). */
const BATH_PER_MILK = 1.5;
/** Running water is worth it until this much above the tap, K (common practice). */
const WATER_UNTIL_K = 10;
/** A jar weighs this much for each ml that it holds, g (common practice: a litre jar of glass half a kilogramme). */
const JAR_G_PER_ML = { glass: 0.5, other: 0.06 } as const;
/** A light plastic box, kJ/kgK (common practice). */
const PLASTIC_KJ_PER_KGK = 1.8;

export interface Cooled {
  readonly aroundC: number;
  /** How long it takes, s; null: it never gets there. */
  readonly reachS: number | null;
  /** Its courses over so many seconds, one after the other. */
  readonly legs: (s: number) => readonly Course[];
  /** Ice that it needs, g: what is left to ice alone. */
  readonly iceG: number;
  readonly vapourG: number;
  /** How long of it is stirred in ice water, s. */
  readonly stirS: number;
  /** So much ice was named and it is gone before the end: it gets no colder than this, °C. */
  readonly iceGoneC?: number;
  /** Put warm into the fridge: the warmest that what stands there gets, °C, and how long until the fridge is cold again, s. */
  readonly fridge?: { readonly peakC: number; readonly backS: number };
}
type How = Pick<Params['cool'], 'how' | 'toC' | 'pot' | 'vessel' | 'jar' | 'iceG' | 'outsideC' | 'lid'>;

const aroundC = (how: CoolingPlace, p: How, { kit }: Ctx): number =>
  ({
    counter: kit.roomC,
    window: p.outsideC,
    tray: kit.roomC,
    fridge: kit.fridgeC,
    water: kit.tapC,
    iceBath: ICE_WATER_C,
  })[how];

/** Down to a temperature in a place: how long, by which course, with how much ice, and what evaporates. */
export function cooling(s: Stream, p: How, ctx: Ctx): Cooled {
  const { how, toC } = p;
  if (how === 'tray') return onTray(s, p, ctx);
  if (how !== 'waterIce') return inPlace(s, s.temperatureC, how, p, ctx);
  const untilC = Math.max(toC, ctx.kit.tapC + WATER_UNTIL_K);
  if (s.temperatureC <= untilC || untilC <= toC) {
    return inPlace(s, s.temperatureC, untilC <= toC ? 'water' : 'iceBath', p, ctx);
  }
  const first = inPlace(s, s.temperatureC, 'water', { ...p, toC: untilC }, ctx);
  const then = inPlace(s, untilC, 'iceBath', p, ctx);
  const waterS = first.reachS ?? 0;
  return {
    ...then,
    reachS: then.reachS === null ? null : waterS + then.reachS,
    legs: (t) => [...first.legs(Math.min(t, waterS)), ...then.legs(Math.max(0, t - waterS))],
  };
}
/** How long a cook waits for it at most, s. */
export const coolingS = (c: Cooled): number => c.reachS ?? GIVE_UP_S;

/** The temperature of courses that follow each other, so many seconds in, °C. */
export function legsAtC(legs: readonly Course[], s: number): number {
  let left = s;
  for (const leg of legs) {
    const long = leg.nodes.at(-1) ?? 0;
    if (left <= long) return leg.at(left);
    left -= long;
  }
  return legs.at(-1)?.endC ?? NaN;
}

interface Wall {
  /** Of what is cooled with its vessels, kJ/K. */
  readonly kJPerK: number;
  readonly areaM2: number;
  readonly glass: boolean;
}
/** In one pot, or split over as many jars as it fills. */
function wallOf(s: Stream, p: How, ctx: Ctx): Wall {
  const ml = Math.max(50, volumeMl(s));
  if (p.vessel === 'pot') {
    const pot = thingOf(ctx.kit, 'pot', p.pot);
    return {
      kJPerK: capacityOf(s) + vesselKJPerK(pot),
      areaM2: roundAreaM2(ml, pot.diameterCm),
      glass: pot.made === 'glass',
    };
  }
  const jar = thingOf(ctx.kit, 'jar', p.jar);
  const n = Math.max(1, Math.ceil(ml / (jar.ml * JAR_FILL) - 1e-9));
  const jarsG = n * jar.ml * JAR_G_PER_ML[jar.glass ? 'glass' : 'other'];
  const own = jar.glass ? vesselKJPerK({ made: 'glass', massG: jarsG }) : (PLASTIC_KJ_PER_KGK * jarsG) / 1000;
  return { kJPerK: capacityOf(s) + own, areaM2: n * roundAreaM2(ml / n, jarAcrossCm(ml / n)), glass: jar.glass };
}
/** A jar of so many ml, cm across: its faces then are those of a usual kitchen jar (an estimate; its own width is less). */
export const jarAcrossCm = (ml: number): number => (4 * ml) ** (1 / 3) / 1.26;

/** In its vessel, by Newton; beside ice that melts away, or in a fridge that it warms, as two bodies. */
function inPlace(s: Stream, fromC: number, how: CoolingPlace, p: How, ctx: Ctx): Cooled {
  const { toC } = p;
  const around = aroundC(how, p, ctx);
  const wall = wallOf(s, p, ctx);
  const capacity = Math.max(0.01, wall.kJPerK);
  const pace = multiplier(ctx.beliefs, 'cooling', p.how);
  const w = pace * throughWall(how, wall.glass);
  const tau = timeConstantS(capacity, w, wall.areaM2);
  const reachS = fromC <= toC ? 0 : secondsTo(fromC, toC, around, tau);
  const plain: Cooled = {
    aroundC: around,
    reachS,
    legs: (t) => [approach(fromC, around, tau, t)],
    iceG: 0,
    vapourG: 0,
    stirS: 0,
  };
  const open = how === 'counter' || how === 'window';
  if (open && p.vessel === 'pot' && !p.lid && fromC > toC) return openPot(s, fromC, around, capacity, pace, p, ctx);
  if (how === 'fridge') return besideOthers(plain, fromC, capacity, w * wall.areaM2, p, ctx);
  if (how !== 'iceBath' || fromC <= toC) return plain;
  const bathKg = (BATH_PER_MILK * massG(s)) / 1000;
  const iceG = 1000 * iceKg(capacity * (fromC - toC), Math.max(toC, 2), bathKg, ctx.kit.tapC);
  const iced: Cooled = { ...plain, iceG, stirS: reachS ?? 0 };
  return p.iceG > 0 ? withSoMuchIce(iced, fromC, capacity, tau, bathKg, p, ctx) : iced;
}

/** An open pot off the hob: the open face gives off heat and vapour, and at a window the moving air takes more of both. */
function openPot(s: Stream, fromC: number, around: number, capacity: number, pace: number, p: How, ctx: Ctx): Cooled {
  const pot = thingOf(ctx.kit, 'pot', p.pot);
  const way = potCourse(capacity, fromC, p.toC, 0, potFaces(volumeMl(s), pot.diameterCm, 'open'), around);
  const quicker = (pace * COOLING_W_PER_M2K[p.how === 'window' ? 'window' : 'counter']) / COOLING_W_PER_M2K.counter;
  const at = way.s.map((t) => t / quicker);
  const reached = way.stallsC === null;
  return {
    aroundC: around,
    reachS: reached ? (at.at(-1) ?? 0) : null,
    legs: (t) => [linearCourse(way.c, at, t)],
    iceG: 0,
    vapourG: way.vapourG,
    stirS: 0,
  };
}

/** Ice that was named: the bath stays cold while there is some of it, then milk and bath come together. */
function withSoMuchIce(
  all: Cooled,
  fromC: number,
  capacity: number,
  tau: number,
  bathKg: number,
  p: How,
  ctx: Ctx,
): Cooled {
  const bath = iceBath(capacity, fromC, p.iceG / 1000, bathKg, ctx.kit.tapC, ICE_WATER_C);
  if (bath.goneAtC <= p.toC) return all;
  const coldC = Math.min(fromC, bath.goneAtC);
  const coldS = coldC >= fromC ? 0 : (secondsTo(fromC, coldC, ICE_WATER_C, tau) ?? 0);
  // Two bodies near what they come to with the time constant of both; the cooler the bath began, the same end.
  const bothTau = Math.max(1, (tau * bath.bathKJPerK) / (capacity + bath.bathKJPerK));
  const moreS = secondsTo(coldC, p.toC, bath.endC, bothTau);
  return {
    ...all,
    aroundC: bath.endC,
    reachS: moreS === null ? null : coldS + moreS,
    legs: (t) => [
      approach(fromC, ICE_WATER_C, tau, Math.min(t, coldS)),
      approach(coldC, bath.endC, bothTau, Math.max(0, t - coldS)),
    ],
    stirS: moreS === null ? coldS : coldS + moreS,
    iceGoneC: bath.endC,
  };
}

/** In the fridge, which a warm load warms with all that stands in it. */
function besideOthers(plain: Cooled, fromC: number, capacity: number, wPerK: number, p: How, ctx: Ctx): Cooled {
  const both = inFridge(capacity, wPerK, fromC, ctx.kit.fridgeC);
  if (both.backS === 0) return plain;
  const reachS = both.reachS(p.toC);
  const endS = Number.isFinite(both.backS) ? both.backS : GIVE_UP_S;
  return {
    ...plain,
    reachS,
    legs: (t) => [
      traced(sampled(both.at, Math.min(t, endS)), Math.min(t, endS)),
      approach(both.at(endS), ctx.kit.fridgeC, (capacity * 1000) / wPerK, Math.max(0, t - endS)),
    ],
    fridge: { peakC: both.peakC, backS: both.backS },
  };
}

/** Spread out on a tray: most of the heat goes with what evaporates. */
function onTray(s: Stream, p: How, ctx: Ctx): Cooled {
  const { toC } = p;
  const around = aroundC('tray', p, ctx);
  const areaM2 = Math.max(1e-6, massG(s) / 1000 / TRAY_KG_PER_M2);
  const perM2 = Math.max(1e-6, capacityOf(s)) / areaM2;
  const pace = multiplier(ctx.beliefs, 'cooling', 'tray');
  const wetness = s.openedShare === 1 ? WETNESS.liquid : WETNESS.grain;
  const wet =
    s.temperatureC <= toC
      ? { c: [s.temperatureC], s: [0], vapourKgPerM2: 0 }
      : wetCooling(s.temperatureC, toC, around, perM2, wetness, pace);
  const nothing = { aroundC: around, iceG: 0, stirS: 0 };
  if (!wet) {
    const tau = (perM2 * 1000) / (COOLING_W_PER_M2K.tray * pace);
    return { ...nothing, reachS: null, legs: (t) => [approach(s.temperatureC, around, tau, t)], vapourG: 0 };
  }
  return {
    ...nothing,
    reachS: wet.s.at(-1) ?? 0,
    legs: (t) => [traced(evenly(wet.s, wet.c), t)],
    vapourG: wet.vapourKgPerM2 * areaM2 * 1000,
  };
}
/** Steps of the even course that stands for it. */
const EVEN = 60;
/** Temperatures at uneven instants as a trace at even ones, straight between them. */
function evenly(s: readonly number[], c: readonly number[]): Trace {
  const points = s.map((t, i) => [t, c[i] ?? NaN] as const);
  return sampled((t) => interpolate(points, t), s.at(-1) ?? 0);
}
/** A course as a trace of even steps over so many seconds. */
function sampled(at: (s: number) => number, overS: number): Trace {
  const everyS = overS / EVEN;
  if (!(everyS > 0)) return { everyS: 1, values: [at(0)] };
  return { everyS, values: Array.from({ length: EVEN + 1 }, (_, i) => at(i * everyS)) };
}
