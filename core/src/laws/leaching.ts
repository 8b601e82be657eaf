import { within } from './domain';

/**
 * g of liquid held per g of fat-free insoluble solids, by hand (models §4; estimates, learned per strainer). Shaking the
 * bag, a spoon in the sieve, a pestle in an insert and a juicer stand between those of the models by what a cook can
 * press with each (estimates).
 */
export const HELD_PER_G = {
  drip: 7,
  shake: 6,
  gentle: 5,
  spoon: 4.5,
  pestle: 4,
  twist: 3.6,
  press: 2.75,
  juicer: 2.6,
} as const;
export type Hand = keyof typeof HELD_PER_G;
/** Every way of getting the liquid out, from the gentlest to the hardest. */
export const HANDS = Object.keys(HELD_PER_G) as readonly Hand[];

/**
 * Liquid that stays in the pulp after a pass with constant underflow, g: min(L, r·κ·insolubles)
 * (leaching with constant underflow: McCabe & Smith, Unit Operations; Geankoplis, Transport Processes).
 * No liquid → 0; no insolubles → 0, all runs through.
 */
export function underflow(liquidG: number, insolubleG: number, r: number, kappa: number): number {
  const holds = within('held per gram', r * kappa, 0, Infinity) * within('insoluble', insolubleG, 0, Infinity);
  return Math.min(within('liquid', liquidG, 0, Infinity), holds);
}

/** From this thickness on, relative to water, a film stays on the pulp; what has set counts as the second. */
const FILM = { from: 8, set: 84 } as const;
/**
 * How many times as much liquid the pulp holds because the liquid is thick, ≥ 1: (η/8)^⅔ above 8, the film that a body
 * drawn out of a liquid keeps (Landau & Levich 1942). η 27: 2.25; set: 4.8.
 * @param relative thickness of the liquid relative to water, ≥ 1; null: it has set
 */
export const heldByThickness = (relative: number | null): number =>
  Math.max(1, Math.min(FILM.set, relative ?? FILM.set) / FILM.from) ** (2 / 3);

/** Straining time: s per kg through 100 µm as thin as water, thickness at most, opening at most, µm (estimates, learned). */
const STRAIN = { sPerKg: 60, mostThick: 30, atUm: 100, mostUm: 250, power: 0.8 } as const;
/**
 * Seconds that a kilogram takes through a cloth or sieve: 60·η·(100 µm/opening)^.8, with η 1 to 30 (models §4; estimate).
 * η 2: 100 µm 120 s, 250 and wider 58 s, 20 µm 435 s.
 * @param relative thickness relative to water; null: it has set
 */
export function strainSPerKg(relative: number | null, openingUm: number): number {
  const thick = Math.min(STRAIN.mostThick, Math.max(1, relative ?? STRAIN.mostThick));
  const um = Math.min(STRAIN.mostUm, within('opening', openingUm, 1e-3, 1e6));
  return STRAIN.sPerKg * thick * (STRAIN.atUm / um) ** STRAIN.power;
}

/** Share of a massless solute left in the pulp: first strain from own liquid A, then washes (closed form, models §4). */
export function leftAfter(ownG: number, heldG: number, watersG: readonly number[]): number {
  return watersG.reduce((left, w, k) => left * (heldG / ((k === 0 ? ownG : heldG) + w)), 1);
}

/** Equal washes of a pulp already holding R: left 1/(1 + W/(nR))^n of a massless solute (closed form, models §4). */
export function leftAfterWashes(heldG: number, waterG: number, n: number): number {
  return (1 / (1 + waterG / (n * heldG))) ** n;
}

/** What heating a bean before it is ground leaves extractable (models §4; estimate): minutes at 100 °C → factor, flat beyond. */
export const HEATED_PROTEIN: readonly (readonly [number, number])[] = [
  [0, 1],
  [2.5, 0.92],
  [10, 0.8],
  [30, 0.68],
];
/** The same for fat. */
export const HEATED_FAT: readonly (readonly [number, number])[] = [
  [0, 1],
  [2.5, 0.92],
  [10, 0.78],
  [30, 0.65],
];
/** Ground at 85 °C or hotter, not heated before. */
export const GROUND_HOT = { fromC: 85, factor: 0.9 } as const;
/** Minutes at 100 °C that a minute at `c` counts for: z = 18 °C (estimate). */
export function heatedPace(c: number): number {
  return Math.exp((Math.LN10 * (c - 100)) / 18);
}

/** Left behind at each emptying, g (models §4; estimate). */
export const FILM_G = { pot: 8, jug: 12, bag: 10 } as const;
