const STAMP = /^\d{4}-\d\d-\d\dT\d\d:\d\d$/;
const two = (x: number): string => String(x).padStart(2, '0');

/** An instant, ms, as local time to the minute. */
export function stampOf(ms: number): string {
  const d = new Date(ms);
  return `${d.getFullYear()}-${two(d.getMonth() + 1)}-${two(d.getDate())}T${two(d.getHours())}:${two(d.getMinutes())}`;
}
/** Local time as an instant, ms; an hour that summer time skips is the one after it. NaN: it is no time. */
export const instantOf = (stamp: string): number => (STAMP.test(stamp) ? new Date(stamp).getTime() : NaN);
