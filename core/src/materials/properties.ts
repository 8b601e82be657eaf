import { sumGrams } from './components';
import type { Grams } from './components';

/**
 * Heat capacity of a mixture, kJ/K, at `c` °C: Choi & Okos (1986), valid −40..150 °C; coefficients from memory of the
 * source. Sugars, starch and other carbohydrate take the carbohydrate line, both fibres the fibre line, salt the ash line.
 * Takes masses in g, so the answer is that of the whole stream.
 */
export function heatCapacity(waterG: number, g: Grams, c: number): number {
  const c2 = c * c;
  const carb = g.starch + g.sugars + g.otherCarb;
  const fibre = g.solubleFibre + g.insolubleFibre;
  return (
    (waterG * (4.1762 - 9.0864e-5 * c + 5.4731e-6 * c2) +
      g.protein * (2.0082 + 1.2089e-3 * c - 1.3129e-6 * c2) +
      g.fat * (1.9842 + 1.4733e-3 * c - 4.8008e-6 * c2) +
      carb * (1.5488 + 1.9625e-3 * c - 5.9399e-6 * c2) +
      fibre * (1.8459 + 1.8306e-3 * c - 4.6509e-6 * c2) +
      (g.ash + g.salt) * (1.0926 + 1.8896e-3 * c - 3.6817e-6 * c2)) /
    1000
  );
}

/** Density of water at 20 °C, g/ml (Choi & Okos 1986; 998.2 kg/m³): a volume of water says its grams. */
export const WATER_G_PER_ML = 0.9982;

/** Dry starch, as all carbohydrate, g/ml at 20 °C (Choi & Okos 1986; 1592.9 kg/m³). */
export const STARCH_G_PER_ML = 1.5929;

/** Fat at 20 °C, kg/m³ (Choi & Okos 1986). */
export const FAT_KG_PER_M3 = 917.2;

/**
 * Density by composition, g/ml at 20 °C: 1/ρ = Σ x/ρ_i with Choi & Okos (1986) densities at 20 °C (kg/m³: water 998.2,
 * protein 1319.5, fat 917.2, carbohydrate 1592.9, fibre 1304.2, ash 2418.2). Every litre on a screen goes through it.
 * An empty mixture has the density of water.
 */
export function density(waterG: number, g: Grams): number {
  const mass = waterG + sumGrams(g);
  if (mass <= 1e-100) return WATER_G_PER_ML;
  const volume =
    waterG / (1000 * WATER_G_PER_ML) +
    g.protein / 1319.5 +
    g.fat / FAT_KG_PER_M3 +
    (g.starch + g.sugars + g.otherCarb) / (1000 * STARCH_G_PER_ML) +
    (g.solubleFibre + g.insolubleFibre) / 1304.2 +
    (g.ash + g.salt) / 2418.2;
  return mass / volume / 1000;
}
