/** Instants for people, in the locale's own order and 12 or 24 hours. */
const at = (ms: number, o: Intl.DateTimeFormatOptions): string => new Intl.DateTimeFormat(undefined, o).format(ms);

/** Nobody writes 07:46 pm: two figures for the hour are of a clock with twenty-four. */
const twelve = new Intl.DateTimeFormat(undefined, { hour: 'numeric' }).resolvedOptions().hour12;
const HOUR = { hour: twelve ? 'numeric' : '2-digit', minute: '2-digit' } as const;
/** 09:05, or 9:05 am, by the locale. */
export const hourMinute = (ms: number): string => at(ms, HOUR);
/** 14 Mar. */
export const dayMonth = (ms: number): string => at(ms, { day: 'numeric', month: 'short' });
/** Sat 14. */
export const weekday = (ms: number): string => at(ms, { weekday: 'short', day: 'numeric' });
/** Sat 14 Mar. */
export const dayLong = (ms: number): string => at(ms, { weekday: 'short', day: 'numeric', month: 'short' });
/** The day, with its year where that is not the year of `nowMs`. */
export const dayIn = (ms: number, nowMs: number): string =>
  new Date(ms).getFullYear() === new Date(nowMs).getFullYear()
    ? dayMonth(ms)
    : at(ms, { day: 'numeric', month: 'short', year: 'numeric' });
/** Sat 09:05. */
const weekdayHour = (ms: number): string => at(ms, { weekday: 'short', ...HOUR });
/** The hour today, the weekday with it within six days, else the date: never an hour that could be of another day. */
export function whenOf(ms: number, nowMs: number): string {
  if (new Date(ms).toDateString() === new Date(nowMs).toDateString()) return hourMinute(ms);
  return Math.abs(ms - nowMs) < 6 * 86_400_000 ? weekdayHour(ms) : `${dayMonth(ms)} ${hourMinute(ms)}`;
}
/** Sat, 14 Mar 2026, 09:05. */
export const fullDate = (ms: number): string =>
  at(ms, { weekday: 'short', day: 'numeric', month: 'short', year: 'numeric', ...HOUR });
/** 2026-03-14, for the name of a file. */
export const fileDate = (ms: number): string => new Date(ms).toISOString().slice(0, 10);
/** Sat 14 Mar, 14:53: short enough for a label. */
export const labelDate = (ms: number): string => at(ms, { weekday: 'short', day: 'numeric', month: 'short', ...HOUR });
