/** US customary cup, ml: 8 US fluid ounces, exactly 236.5882365 (NIST Handbook 44, appendix C). */
export const US_CUP_ML = 236.588;
/** Metric cup, ml (common practice in metric kitchens). */
export const METRIC_CUP_ML = 250;

/** Cups of a food: its mass through the mass of one US cup of that form (`cupG`, g), for a cup of `cupMl`. */
export function cupsOf(massG: number, cupG: number, cupMl: number): number {
  return massG / ((cupG * cupMl) / US_CUP_ML);
}

const PARTS: readonly (readonly [number, string])[] = [
  [0, ''],
  [1 / 4, '¼'],
  [1 / 3, '⅓'],
  [1 / 2, '½'],
  [2 / 3, '⅔'],
  [3 / 4, '¾'],
  [1, ''],
];

/** A cup count as a kitchen can measure it: 1.29 → "1⅓"; under an eighth → "under ¼". */
export function nearestCupText(cups: number): string {
  if (cups < 0.125) return 'under ¼';
  const whole = Math.floor(cups);
  const rest = cups - whole;
  let best = PARTS[0] as readonly [number, string];
  for (const part of PARTS) if (Math.abs(part[0] - rest) < Math.abs(best[0] - rest)) best = part;
  const up = best[0] === 1 ? 1 : 0;
  const n = whole + up;
  return `${n > 0 || best[1] === '' ? String(n) : ''}${best[1]}`;
}
