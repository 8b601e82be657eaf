import { createEvents } from 'ics';
import type { EventAttributes } from 'ics';

/** Something that wants doing at an hour. */
export interface Entry {
  readonly key: string;
  readonly at: number;
  readonly text: string;
  readonly more: string;
  /** How long it takes, min; absent: a quarter of an hour. */
  readonly takesMin?: number;
}
/** How long an entry takes in a calendar, min. */
const TAKES_MIN = 15;
/** How long before its hour the calendar reminds, min. */
const BEFORE_MIN = 10;

/**
 * Things to do as a calendar file (iCalendar, RFC 5545), each with a reminder; its instants are UTC. Read in again, an
 * entry of the same key takes the place of the old one. What is due already stands at `now`.
 */
export function calendarFile(entries: readonly Entry[], now: number): string {
  // Each file is later than the one before, and takes its place.
  const sequence = Math.floor(now / 1000);
  const events = entries.map((e): EventAttributes => ({
    uid: `${e.key.replace(/[^\w.-]+/g, '-')}@ironpan`,
    start: Math.round(Math.max(e.at, now)),
    startInputType: 'utc',
    startOutputType: 'utc',
    duration: { minutes: e.takesMin ?? TAKES_MIN },
    sequence,
    title: e.text,
    description: e.more,
    productId: 'ironpan',
    calName: 'Ironpan',
    busyStatus: 'FREE',
    transp: 'TRANSPARENT',
    alarms: [{ action: 'display', description: e.text, trigger: { minutes: BEFORE_MIN, before: true } }],
  }));
  const { error, value } = createEvents(events);
  if (error || !value) throw error ?? new RangeError('no calendar');
  return value;
}
