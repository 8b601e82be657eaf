/** Sugar equivalent and water of syrups, g per g (models §8; common practice, estimates). */
export const SYRUPS = {
  honey: { sugar: 0.77, water: 0.17 },
  maple: { sugar: 0.6, water: 0.32 },
  agave: { sugar: 0.85, water: 0.23 },
  dates: { sugar: 0.65, water: 0.21 },
  glucose: { sugar: 0.4, water: 0.2 },
} as const;
export type Syrup = keyof typeof SYRUPS | 'other';

/** Sugar equivalent and water of a gram of syrup; any other by its °Brix (a share, .05...95): as sweet as the sugar in it. */
export function syrupOf(name: Syrup, brix: number): { readonly sugar: number; readonly water: number } {
  return name === 'other' ? { sugar: brix, water: 1 - brix } : SYRUPS[name];
}
/** Specific gravity of a syrup from °Plato: 1 + P/(258.6 − 227.1·P/258.2); on milk use the dry residue instead. */
export function platoToGravity(plato: number): number {
  return 1 + plato / (258.6 - (227.1 * plato) / 258.2);
}
