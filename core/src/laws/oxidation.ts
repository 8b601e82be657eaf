/**
 * Beany flavour (an estimate; it reproduces the directions of hot grinding, Wilkens, Mattick & Hand 1967, and blanching,
 * Nelson, Steinberg & Wei 1976): an enzyme that dies with heat makes flavour while the bean is wet and ground.
 */
/** First-order death of the enzyme, per minute: ln10/D with D = 2·10^((80−T)/9) min. */
export function enzymeDeathPerMin(c: number): number {
  return (Math.LN10 / 2) * Math.exp((Math.LN10 * (c - 80)) / 9);
}
/** Making of flavour per minute at full activity: 3·1.5^((T−20)/10) to 40 °C, then 6.75·10^(−(T−40)/35). */
export function flavourPerMin(c: number): number {
  return c <= 40 ? 3 * Math.exp((Math.log(1.5) * (c - 20)) / 10) : 6.75 * Math.exp((-Math.LN10 * (c - 40)) / 35);
}
/** An open boil drives flavour off at this rate, per minute. */
export const FLAVOUR_OFF_PER_MIN = 0.02;
