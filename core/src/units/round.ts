/** Nearest multiple of `step` (> 0), free of binary dust: roundToStep(0.30000004, 0.1) → 0.3. */
export function roundToStep(value: number, step: number): number {
  return Number((Math.round(value / step) * step).toPrecision(12));
}

/** `digits` significant digits, as a number: significant(1362.4, 3) → 1360 · 0 → 0. */
export function significant(value: number, digits: number): number {
  return value === 0 ? 0 : Number(value.toPrecision(digits));
}
