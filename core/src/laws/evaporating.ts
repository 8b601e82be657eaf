import { latentKJPerKg } from './boiling';
import { COOLING_W_PER_M2K } from './cooling';
import { within } from './domain';

/** How much of an open wet face gives off water as free water would, 0..1 (models §7; estimate: a heap of cooked grain). */
export const WETNESS = { grain: 0.7, liquid: 1 } as const;
/** Pa/K: what carries off a kelvin carries off this much vapour (Bowen 1926; the psychrometer's constant at sea level). */
const PSYCHROMETER = 66.5;
/** Relative humidity of a kitchen, 0..1 (estimate). */
const HUMIDITY = 0.5;
/** Pressure of saturated vapour over water, Pa: Magnus. 20 °C: 2 333. Holds 0..100 °C. */
const saturatedPa = (c: number): number =>
  611.2 * Math.exp((17.62 * c) / (243.12 + within('temperature', c, -40, 130)));

interface Loss {
  /** By the air, and by what evaporates, W/m². */
  readonly air: number;
  readonly vapour: number;
}
/**
 * Heat that goes with what evaporates from an open wet face, W/m² (Bowen 1926): what carries off a kelvin carries off so
 * much vapour. Below 0 where the room is damper than the face.
 * @param h heat transfer to the air, W/m²K @param wetness how much of the face gives off water, 0..1
 */
export const evaporationWPerM2 = (c: number, roomC: number, h: number, wetness: number): number =>
  (h * wetness * (saturatedPa(c) - HUMIDITY * saturatedPa(roomC))) / PSYCHROMETER;
function lossAt(c: number, roomC: number, wetness: number, pace: number): Loss {
  const h = COOLING_W_PER_M2K.tray * pace;
  return { air: h * (c - roomC), vapour: evaporationWPerM2(c, roomC, h, wetness) };
}

export interface WetCooling {
  /** Temperatures on the way, °C, from the first to the last, and when each is reached, s. */
  readonly c: readonly number[];
  readonly s: readonly number[];
  /** Water gone by then, kg/m². */
  readonly vapourKgPerM2: number;
}
/** A step of the way is this much at most, K. */
const STEP_K = 2.5;
/** Slower than this it cools no further, W/m². */
const LEAST_W_PER_M2 = 5;
/**
 * Wet food spread out cools by air and by evaporating (Bowen 1926), its open face alone: from `fromC` to `toC` in a room.
 * 10 kg/m² of cooked rice, 95 → 30 °C at 20 °C: 18 min, 8 % of its weight (94 min by the air alone).
 * @param kJPerKM2 heat capacity of a square metre of it, kJ/K, > 0
 * @param wetness how much of its face gives off water, 0..1
 * @param pace heat transfer as a multiple of the usual
 * @returns null: it never gets there
 */
export function wetCooling(
  fromC: number,
  toC: number,
  roomC: number,
  kJPerKM2: number,
  wetness: number = WETNESS.grain,
  pace = 1,
): WetCooling | null {
  const n = Math.max(1, Math.ceil((fromC - toC) / STEP_K));
  const each = Math.max(0, fromC - toC) / n;
  const c = [fromC];
  const s = [0];
  let vapour = 0;
  for (let i = 1; i <= n; i += 1) {
    const mid = fromC - (i - 0.5) * each;
    const loss = lossAt(mid, roomC, wetness, pace);
    const w = loss.air + loss.vapour;
    if (w < LEAST_W_PER_M2) return null;
    const took = (within('heat capacity', kJPerKM2, 1e-9, Infinity) * 1000 * each) / w;
    vapour += (loss.vapour * took) / (latentKJPerKg(mid) * 1000);
    c.push(fromC - i * each);
    s.push((s[i - 1] as number) + took);
  }
  return { c, s, vapourKgPerM2: Math.max(0, vapour) };
}
