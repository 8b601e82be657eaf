/** Specific gravity of a syrup from °Plato: 1 + P/(258.6 − 227.1·P/258.2); on milk use the dry residue instead. */
export function platoToGravity(plato: number): number {
  return 1 + plato / (258.6 - (227.1 * plato) / 258.2);
}
