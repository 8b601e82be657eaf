/** Seconds in a minute, an hour and a day. */
export const MINUTE_S = 60;
/** Seconds in an hour. */
export const HOUR_S = 3600;
/** Seconds in a day. */
export const DAY_S = 86_400;
