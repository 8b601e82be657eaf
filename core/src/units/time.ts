/** Seconds in a minute, an hour and a day. */
export const MINUTE_S = 60;
export const HOUR_S = 3600;
export const DAY_S = 86_400;
