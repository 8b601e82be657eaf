import { within } from './domain';

/** Air pressure, Pa, at an altitude of −400..5000 m: ICAO standard atmosphere (Doc 7488). 0 → 101325. */
export function pressurePa(altitudeM: number): number {
  return 101_325 * (1 - 2.25577e-5 * within('altitude', altitudeM, -400, 5000)) ** 5.2559;
}

/** Boiling point of water, °C: Antoine, log10 p[mmHg] = 8.07131 − 1730.63/(233.426 + T) (constants for 1..100 °C). */
export function boilingC(altitudeM: number): number {
  const mmHg = pressurePa(altitudeM) / 133.322;
  return 1730.63 / (8.07131 - Math.log10(mmHg)) - 233.426;
}

/** A hold counts as the true boil within this many °C of the local boiling point; foam climbs well below it (models §5). */
export const TRUE_BOIL_C = 1.5;

/** Seconds to heat by ΔT: C·ΔT/(P·η). Already there → 0. */
export function heatUpS(capacityKJPerK: number, fromC: number, toC: number, watts: number, efficiency: number): number {
  within('power', watts, 1, 20_000);
  return (Math.max(0, toC - fromC) * capacityKJPerK * 1000) / (watts * within('efficiency', efficiency, 0.05, 1));
}

/** Share of a hob's power that reaches the pot (models §5; estimate, learned). */
export const HOB_EFFICIENCY = { gas: 0.4, electric: 0.65, induction: 0.8 } as const;

/** Steam from an open boiling pot, g/min per dm² of surface (models §5; estimate, learned). */
export const STEAM_G_PER_MIN_DM2 = { gentle: 1.6, medium: 3.8, hard: 8.0 } as const;
export type Vigour = keyof typeof STEAM_G_PER_MIN_DM2;

/** Steam, g/s, from a round pot of this diameter. 20 cm: 5.0, 11.9, 25.1 g/min. */
export function steamGPerS(vigour: Vigour, diameterCm: number): number {
  const dm2 = Math.PI * (within('pot diameter', diameterCm, 1, 200) / 20) ** 2;
  return (STEAM_G_PER_MIN_DM2[vigour] * dm2) / 60;
}

/** Latent heat of evaporation of water, kJ/kg, 0..100 °C: 2501 − 2.42·T (linear fit to the steam tables). */
export function latentKJPerKg(c: number): number {
  return 2501 - 2.42 * c;
}
