import { latentKJPerKg } from './boiling';
import { within } from './domain';

/** Heat transfer to a tray of pulp in an oven, W/m²K (estimate). */
export const OVEN_W_PER_M2K = 15;
/** Critical, equilibrium and final moisture, g water per g dry matter (models §8). */
export const PULP_MOISTURE = { critical: 1, equilibrium: 0.03, flour: 0.08 } as const;
/** Wet bulb in a kitchen oven with its door ajar, °C: 95 → 45 (estimate, straight between that and the room). */
export const ovenWetBulbC = (ovenC: number): number => 20 + (ovenC - 20) / 3;

export interface Drying {
  /** Constant-rate and falling-rate time, s. */
  readonly constantS: number;
  readonly fallingS: number;
}
/**
 * Drying time of a thin layer from one side: constant rate to the critical moisture, then falling with
 * t = [M(X0 − Xc) + M(Xc − Xe)·ln((Xc − Xe)/(Xf − Xe))]/N, N = h(Ta − Twb)/λ (McCabe & Smith; Geankoplis).
 * @param dryKgPerM2 dry matter, kg/m² @param x0 moisture now, g/g; below the end → 0 s
 */
export function dryingS(dryKgPerM2: number, x0: number, xf: number, ovenC: number): Drying {
  const wet = ovenWetBulbC(within('oven', ovenC, 40, 200));
  const { critical, equilibrium } = PULP_MOISTURE;
  const rate = (OVEN_W_PER_M2K * (ovenC - wet)) / (latentKJPerKg(wet) * 1000);
  const start = Math.min(critical, x0);
  const constantS = (dryKgPerM2 * Math.max(0, x0 - critical)) / rate;
  const fallingS =
    start > xf
      ? (dryKgPerM2 * (critical - equilibrium) * Math.log((start - equilibrium) / (xf - equilibrium))) / rate
      : 0;
  return { constantS, fallingS };
}
