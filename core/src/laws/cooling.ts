import { within } from './domain';
import { ICE, WATER_KJ_PER_KGK } from './mixing';
import { COLD_C, SPENDING_BELOW_C } from './spoilage';

/** Heat transfer to what stands around, W/m²K (models §7; estimates; at an open window the air moves: our own). */
export const COOLING_W_PER_M2K = { counter: 12, window: 20, tray: 12, fridge: 8, water: 150, iceBath: 250 } as const;
export type CoolingPlace = keyof typeof COOLING_W_PER_M2K;
/** In stirred ice water through glass instead of steel, W/m²K (models §7; estimate). */
const GLASS_IN_ICE = 100;
/** What a wall of glass adds on the way of the heat, m²K/W: the difference between the two in ice water. */
const GLASS_M2K_PER_W = 1 / GLASS_IN_ICE - 1 / COOLING_W_PER_M2K.iceBath;
/** Heat transfer of a vessel in a place, W/m²K: through glass it is less, and it shows most where the place takes much. */
export const throughWall = (place: CoolingPlace, glass: boolean): number =>
  1 / (1 / COOLING_W_PER_M2K[place] + (glass ? GLASS_M2K_PER_W : 0));
/** In one place, or in running water first and in ice for the last degrees. */
export type CoolingWay = CoolingPlace | 'waterIce';

/** Newton's time constant, s: τ = C/(U·A). */
export function timeConstantS(capacityKJPerK: number, wPerM2K: number, areaM2: number): number {
  return (capacityKJPerK * 1000) / (wPerM2K * within('area', areaM2, 1e-6, 100));
}
/** Temperature after `s` seconds beside surroundings of `aroundC`. 0 s → start. */
export function cooledC(startC: number, aroundC: number, tauS: number, s: number): number {
  return aroundC + (startC - aroundC) * Math.exp(-s / within('time constant', tauS, 1e-9, Infinity));
}
/** Seconds until `toC`; null: never (the limit is at or beyond the surroundings). τ 60 min, 5 °C, 85 → 25: 83.18 min. */
export function secondsTo(startC: number, toC: number, aroundC: number, tauS: number): number | null {
  const ratio = (startC - aroundC) / (toC - aroundC);
  within('time constant', tauS, 1e-9, Infinity);
  if (startC === toC) return 0;
  if (!(ratio > 0) || !Number.isFinite(ratio)) return null;
  const s = tauS * Math.log(ratio);
  return s < 0 ? null : s;
}
/** Wetted area of a round vessel holding `ml`, m²: bottom, side and top. */
export function roundAreaM2(ml: number, diameterCm: number): number {
  const r = within('diameter', diameterCm, 1, 200) / 200;
  return 2 * Math.PI * r * r + (2 * ml * 1e-6) / r;
}
/** Ice is taken a quarter over what is reckoned: the room warms the bath too (models §7). */
const ICE_OVER = 1.25;
/** What ice at freezer temperature takes up until it is water of `endC`, kJ/kg. */
const iceTakesKJPerKg = (endC: number): number =>
  ICE.kJPerKgK * -ICE.freezerC + ICE.meltKJPerKg + WATER_KJ_PER_KGK * endC;
/** Ice for a bath, kg, with a quarter over: models §7. Heat to take kJ, end °C, bath water kg at °C. */
export function iceKg(heatKJ: number, endC: number, bathKg: number, bathC: number): number {
  const need = heatKJ + bathKg * WATER_KJ_PER_KGK * (bathC - endC);
  return (Math.max(0, need) / iceTakesKJPerKg(endC)) * ICE_OVER;
}
export interface IceBath {
  /** The milk is this warm when the last of the ice is gone, °C; above where it began: the tap's warmth alone melts it. */
  readonly goneAtC: number;
  /** Milk and bath come together at this, °C: it gets no colder. */
  readonly endC: number;
  /** Heat capacity of the bath once all its ice is water, kJ/K. */
  readonly bathKJPerK: number;
}
/**
 * What so much ice can do: a bath of `bathKg` water at `bathC` with `iceKgIn` of ice (a quarter of it lost to the room),
 * around `capacityKJPerK` at `fromC`, the bath held at `bathHeldC` while there is ice. The inverse of `iceKg`.
 */
export function iceBath(
  capacityKJPerK: number,
  fromC: number,
  iceKgIn: number,
  bathKg: number,
  bathC: number,
  bathHeldC: number,
): IceBath {
  const ice = within('ice', iceKgIn, 0, 1000) / ICE_OVER;
  const bath = bathKg * WATER_KJ_PER_KGK;
  const forMilkKJ = ice * iceTakesKJPerKg(bathHeldC) - bath * (bathC - bathHeldC);
  const bathKJPerK = bath + ice * WATER_KJ_PER_KGK;
  const all = capacityKJPerK * fromC + bath * bathC - ice * iceTakesKJPerKg(0);
  return {
    goneAtC: fromC - forMilkKJ / within('heat capacity', capacityKJPerK, 1e-9, Infinity),
    endC: Math.max(0, all / (capacityKJPerK + bathKJPerK)),
    bathKJPerK,
  };
}
/** Limits for cooked food, FDA Food Code 3-501.14: 57 → 21 °C in 2 h, → 5 °C in 6 h in all. */
export const COOLING_LIMITS = {
  fromC: SPENDING_BELOW_C,
  midC: 21,
  midS: 7200,
  endC: COLD_C,
  endS: 21_600,
} as const;
/** What is made cold is at 5 °C within this, s (FDA Food Code 3-501.14(B)). */
export const MADE_COLD_S = 14_400;
/** Out of the cold, or not yet in it: at most this long, s; half of it where the room is above 32 °C (USDA). */
const OUT_OF_COLD = { atMostS: 7200, hotRoomC: 32, hotAtMostS: 3600 } as const;
/** Rice spread on a tray, a centimetre or so deep and loose, kg/m² (common practice). */
export const TRAY_KG_PER_M2 = 10;
/** How long something may be out of the cold at so many °C, s: two hours, one above 32 °C (USDA). */
export const outOfColdS = (c: number): number =>
  c > OUT_OF_COLD.hotRoomC ? OUT_OF_COLD.hotAtMostS : OUT_OF_COLD.atMostS;
