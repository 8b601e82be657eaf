import { within } from './domain';

/** Volume with the foam of grinding, as a multiple: 1 + F·e^(−t·ln2/15 min) (F by material; estimate). */
export function foamFactor(foamShare: number, standS: number): number {
  return 1 + within('foam', foamShare, 0, Infinity) * Math.exp((-standS * Math.LN2) / 900);
}
/** A pot is never filled over this share before a boil (common practice). */
export const POT_FULL = 2 / 3;
/** Least water to bulk solids that a closed jug still turns over (common practice). */
export const TURNS_OVER = 0.75;
