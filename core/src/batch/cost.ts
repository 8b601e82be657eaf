import type { Kit } from '../kitchen';
import { materialById } from '../materials';
import { foodLines, kettleKJ } from '../steps';
import type { Outcome, Recipe } from '../steps';

export interface Cost {
  readonly food: number;
  readonly energy: number;
  readonly total: number;
  readonly kWh: number;
  /** Per litre of what is jarred; null: nothing is. */
  readonly perL: number | null;
}
/** What a plan costs in this kitchen: its food at the kitchen's or the usual prices, and its energy, a kettle's included. */
export function costOf(recipe: Recipe, o: Outcome, kit: Kit, jarredMl: number): Cost {
  let food = 0;
  for (const l of foodLines(recipe)) {
    const price = kit.prices[l.material] ?? materialById(recipe.materials, l.material).pricePerKg;
    food += (l.grams / 1000) * price;
  }
  let kJ = 0;
  for (const st of o.stages) kJ += st.figures.energyKJ ?? 0;
  for (const f of o.ledger)
    if ('outside' in f.from && f.from.outside === 'tap') kJ += kettleKJ(f.waterG, kit.tapC, f.temperatureC);
  const kWh = kJ / 3600;
  const energy = kWh * kit.perKWh;
  const total = food + energy;
  return { food, energy, total, kWh, perL: jarredMl > 0 ? (1000 * total) / jarredMl : null };
}
