/** One out-of-domain policy for all laws: say which argument, what it was and what it may be. */
export function within(name: string, value: number, low: number, high: number): number {
  if (!(value >= low && value <= high)) throw new RangeError(`${name} is ${value}; it must be ${low} to ${high}`);
  return value;
}
/** 0 °C in kelvin (exact). */
export const KELVIN = 273.15;
/** How many times as long (or as much) a first-order approach to 1 takes to `wants` as it took to `has`. */
export function firstOrderTimes(has: number, wants: number): number {
  return Math.log1p(-within('share wanted', wants, 0, 1 - 1e-12)) / Math.log1p(-within('share', has, 1e-12, 1 - 1e-12));
}
/** 20 °C, at which rates are given, K. */
export const ROOM_K = 293.15;
/** Gas constant, J/mol·K (CODATA 2018, exact). */
export const GAS_J_PER_MOLK = 8.314462618;
