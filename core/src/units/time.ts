/** Seconds in a minute, an hour and a day. */
export const MINUTE_S = 60;
/** Seconds in an hour. */
export const HOUR_S = 3600;
/** Seconds in a day. */
export const DAY_S = 86_400;
/** Up to the next whole minute, with a few seconds to spare, s: a cook sets a timer in minutes. */
export const wholeMinutesS = (s: number): number => Math.ceil((s + 5) / MINUTE_S) * MINUTE_S;
