import { within } from './domain';

/** Heat capacity of a vessel, kJ/kgK (models §2): glass 0.84, steel 0.50. */
const VESSEL_KJ_PER_KGK = { glass: 0.84, steel: 0.5 } as const;
/** Heat capacity of an empty pot or bowl, kJ/K. 1400 g of steel: 0.7. */
export function vesselKJPerK(v: { readonly made: 'glass' | 'steel'; readonly massG: number }): number {
  return (VESSEL_KJ_PER_KGK[v.made] * v.massG) / 1000;
}
/** A plastic jug in its first minute, kJ/K per litre of rated volume (estimate). */
export const PLASTIC_JUG_KJ_PER_KL = 0.4;

/** Temperature after mixing, °C: Σ C·T / Σ C over [heat capacity kJ/K, °C], the vessel among them. None: RangeError. */
export function mixedC(parts: readonly (readonly [number, number])[]): number {
  let heat = 0;
  let capacity = 0;
  for (const [kJPerK, c] of parts) {
    heat += kJPerK * c;
    capacity += kJPerK;
  }
  return heat / within('heat capacity of what is mixed', capacity, Number.MIN_VALUE, Infinity);
}

/** Heat capacity of water in a kitchen, kJ/kgK. */
export const WATER_KJ_PER_KGK = 4.19;
/**
 * Share of boiling water in a mixture with cold that comes to `c`, 0..1; null: out of reach. 80 °C with water of 15:
 * 1 kg boiling to 308 g cold, .765.
 */
export function boilingShare(c: number, boilC: number, coldC: number): number | null {
  const share = (c - coldC) / (boilC - coldC);
  return boilC > coldC && share >= 0 && share <= 1 ? share : null;
}
/** Open boiling water cools with this time constant for each litre of it, s (models §7; estimate). */
const OPEN_S_PER_L = 45 * 60;
/**
 * Boiling water poured into a vessel and left standing open: seconds until it is at `c`. The vessel takes its share at
 * once. 0: it is no warmer than that already; null: never. 1 l into 600 g of glass: 91.4 °C, and 80 after 7.8 min.
 */
export function standsUntilS(
  waterG: number,
  c: number,
  boilC: number,
  roomC: number,
  vesselKJPerK: number,
): number | null {
  const startC = mixedC([
    [(within('water', waterG, 1e-6, Infinity) * WATER_KJ_PER_KGK) / 1000, boilC],
    [vesselKJPerK, roomC],
  ]);
  if (startC <= c) return 0;
  return c > roomC ? OPEN_S_PER_L * (waterG / 1000) * Math.log((startC - roomC) / (c - roomC)) : null;
}
/** Melting of ice, kJ/kg, its heat capacity, kJ/kgK, and a home freezer, °C (models §3; common practice). */
export const ICE = { meltKJPerKg: 334, kJPerKgK: 2.1, freezerC: -18 } as const;
/**
 * Ice stirred into something warmer: its temperature, °C, and the ice left, g. Some may be left, at 0 °C.
 * @param capacityKJPerK of all that is not ice, vessel included
 */
export function withIce(
  capacityKJPerK: number,
  c: number,
  iceG: number,
): { readonly c: number; readonly leftG: number } {
  const kg = iceG / 1000;
  const warmUp = kg * ICE.kJPerKgK * -ICE.freezerC;
  const heat = capacityKJPerK * Math.max(0, c);
  if (heat <= warmUp) return { c: 0, leftG: iceG };
  if (heat < warmUp + kg * ICE.meltKJPerKg) return { c: 0, leftG: 1000 * (kg - (heat - warmUp) / ICE.meltKJPerKg) };
  return { c: (heat - warmUp - kg * ICE.meltKJPerKg) / (capacityKJPerK + WATER_KJ_PER_KGK * kg), leftG: 0 };
}
