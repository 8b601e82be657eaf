/** A Sunday, so that days have their names in the locale's own words. */
const SUNDAY = new Date(2023, 0, 1);
export const dayName = (d: number, how: 'short' | 'long'): string =>
  new Intl.DateTimeFormat(undefined, { weekday: how }).format(new Date(2023, 0, SUNDAY.getDate() + d));
/** The week begins on Monday where most of it does. */
export const WEEK = [1, 2, 3, 4, 5, 6, 0];
