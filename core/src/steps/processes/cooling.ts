import { capacityOf, massG, thingOf, volumeMl } from '../../kitchen';
import type { Kit, Stream } from '../../kitchen';
import {
  COOLING_W_PER_M2K,
  iceKg,
  roundAreaM2,
  secondsTo,
  timeConstantS,
  TRAY_KG_PER_M2,
  vesselKJPerK,
  wetCooling,
} from '../../laws';
import type { CoolingPlace, CoolingWay } from '../../laws';
import { interpolate } from '../../numerics';
import type { Trace } from '../reading';
import { approach, traced } from './course';
import type { Course } from './course';

/** Stirred ice water, °C (estimate: a little above melting while it takes up heat). */
const ICE_WATER_C = 1;
/** When the target is never reached the cook gives up after this long, s. */
const GIVE_UP_S = 12 * 3600;
/** Bath water beside the pot, as a multiple of what is cooled (common practice). */
const BATH_PER_MILK = 1.5;
/** Running water is worth it until this much above the tap, K (common practice). */
const WATER_UNTIL_K = 10;

export interface Cooled {
  readonly aroundC: number;
  /** How long it takes, s; null: it never gets there. */
  readonly reachS: number | null;
  /** Its courses over so many seconds, one after the other. */
  readonly legs: (s: number) => readonly Course[];
  readonly iceG: number;
  readonly vapourG: number;
}
const aroundC = (how: CoolingPlace, kit: Kit): number =>
  ({ counter: kit.roomC, tray: kit.roomC, fridge: kit.fridgeC, water: kit.tapC, iceBath: ICE_WATER_C })[how];

/** Down to a temperature in a place: how long, by which course, with how much ice, and what evaporates. */
export function cooling(s: Stream, how: CoolingWay, toC: number, potId: string, kit: Kit): Cooled {
  if (how === 'tray') return onTray(s, toC, kit);
  if (how !== 'waterIce') return inPlace(s, s.temperatureC, how, toC, potId, kit);
  const untilC = Math.max(toC, kit.tapC + WATER_UNTIL_K);
  if (s.temperatureC <= untilC || untilC <= toC) {
    return inPlace(s, s.temperatureC, untilC <= toC ? 'water' : 'iceBath', toC, potId, kit);
  }
  const first = inPlace(s, s.temperatureC, 'water', untilC, potId, kit);
  const then = inPlace(s, untilC, 'iceBath', toC, potId, kit);
  const waterS = first.reachS ?? 0;
  return {
    ...then,
    reachS: then.reachS === null ? null : waterS + then.reachS,
    legs: (t) => [...first.legs(Math.min(t, waterS)), ...then.legs(Math.max(0, t - waterS))],
  };
}
/** How long a cook waits for it at most, s. */
export const coolingS = (c: Cooled): number => c.reachS ?? GIVE_UP_S;

/** In the pot, by Newton. */
function inPlace(s: Stream, fromC: number, how: CoolingPlace, toC: number, potId: string, kit: Kit): Cooled {
  const around = aroundC(how, kit);
  const pot = thingOf(kit, 'pot', potId);
  const area = roundAreaM2(Math.max(50, volumeMl(s)), pot.diameterCm);
  const capacity = capacityOf(s) + vesselKJPerK(pot);
  const tau = timeConstantS(Math.max(0.01, capacity), COOLING_W_PER_M2K[how], area);
  const heatKJ = capacity * Math.max(0, fromC - toC);
  return {
    aroundC: around,
    reachS: fromC <= toC ? 0 : secondsTo(fromC, toC, around, tau),
    legs: (t) => [approach(fromC, around, tau, t)],
    iceG:
      how === 'iceBath' && heatKJ > 0
        ? 1000 * iceKg(heatKJ, Math.max(toC, 2), (BATH_PER_MILK * massG(s)) / 1000, kit.tapC)
        : 0,
    vapourG: 0,
  };
}

/** Spread out on a tray: most of the heat goes with what evaporates. */
function onTray(s: Stream, toC: number, kit: Kit): Cooled {
  const around = aroundC('tray', kit);
  const areaM2 = Math.max(1e-6, massG(s) / 1000 / TRAY_KG_PER_M2);
  const perM2 = Math.max(1e-6, capacityOf(s)) / areaM2;
  const wet =
    s.temperatureC <= toC
      ? { c: [s.temperatureC], s: [0], vapourKgPerM2: 0 }
      : wetCooling(s.temperatureC, toC, around, perM2);
  if (!wet) {
    const tau = (perM2 * 1000) / COOLING_W_PER_M2K.tray;
    return {
      aroundC: around,
      reachS: null,
      legs: (t) => [approach(s.temperatureC, around, tau, t)],
      iceG: 0,
      vapourG: 0,
    };
  }
  return {
    aroundC: around,
    reachS: wet.s.at(-1) ?? 0,
    legs: (t) => [traced(evenly(wet.s, wet.c), t)],
    iceG: 0,
    vapourG: wet.vapourKgPerM2 * areaM2 * 1000,
  };
}
/** Steps of the even course that stands for it. */
const EVEN = 60;
/** Temperatures at uneven instants as a trace at even ones, straight between them. */
function evenly(s: readonly number[], c: readonly number[]): Trace {
  const points = s.map((t, i) => [t, c[i] ?? NaN] as const);
  const everyS = (s.at(-1) ?? 0) / EVEN;
  if (!(everyS > 0)) return { everyS: 1, values: [c.at(-1) ?? NaN] };
  return { everyS, values: Array.from({ length: EVEN + 1 }, (_, i) => interpolate(points, i * everyS)) };
}
