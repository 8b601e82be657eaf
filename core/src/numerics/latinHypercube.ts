import { normalQuantile } from './normal';
import { shuffle } from './shapley';

/**
 * Standard normal draws: `n` for each of so many quantities, in the order [quantity][draw]. Each quantity takes the quantiles
 * (i − ½)/n once, shuffled independently (McKay, Beckman & Conover 1979), so that every one of them is covered evenly.
 */
export function latinHypercube(quantities: number, n: number, random: () => number): readonly (readonly number[])[] {
  const z = Array.from({ length: n }, (_, i) => normalQuantile((i + 0.5) / n));
  return Array.from({ length: quantities }, () => {
    const draws = [...z];
    shuffle(draws, random);
    return draws;
  });
}
