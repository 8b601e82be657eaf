/** One out-of-domain policy for all laws: say which argument, what it was and what it may be. */
export function within(name: string, value: number, low: number, high: number): number {
  if (!(value >= low && value <= high)) throw new RangeError(`${name} is ${value}; it must be ${low} to ${high}`);
  return value;
}
export const KELVIN = 273.15;
export const GAS_J_PER_MOLK = 8.314462618;
