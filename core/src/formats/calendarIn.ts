import { cutName } from '../units';
import ICAL from 'ical.js';

/** Somebody is away from one instant to another, ms, as a calendar says it. */
export interface BusyTime {
  readonly from: number;
  readonly to: number;
  readonly text: string;
}
export type CalendarRead =
  | {
      readonly ok: true;
      /** In order; those that repeat, each time. */
      readonly busy: readonly BusyTime[];
      /** Entries for whole days, of which nobody can tell whether one is away: left out. */
      readonly allDay: number;
      /** Entries that are marked as free, tentative or cancelled: left out. */
      readonly free: number;
      /** Entries that cannot be read (a repetition that is none, an end before its beginning), by their names: left out. */
      readonly broken: readonly string[];
      /** Zones that the file names and nobody here knows: their times were taken as the clock of this machine. */
      readonly zones: readonly string[];
      /** There are more than are taken. */
      readonly cut: boolean;
    }
  | { readonly ok: false; readonly fault: 'empty' | 'noCalendar' | 'tooLarge' };

/** No calendar of a person is as long, letters. */
const MOST_LETTERS = 60_000_000;
/** A repetition is followed through so many times, all of a file through so many; what needs more is left out and named. */
const MOST_TIMES = 20_000;
const MOST_TIMES_IN_ALL = 200_000;
const MOST_BROKEN = 20;
const MOST_NAME = 200;
const MOST_ZONES = 5;

/**
 * Busy times of a calendar file (iCalendar, RFC 5545) within a span, ms: repetitions with what was moved or left out of
 * them, in the zone the file describes or names. An entry that cannot be read leaves the others as they are.
 * @param most so many are taken at most, the first of them
 * @param zoneAt what is local time in a zone of a name, as an instant; null: no such zone. For files that name a zone and do not describe it
 */
export function readCalendar(
  text: string,
  span: { readonly from: number; readonly to: number },
  most: number,
  zoneAt: (zone: string, local: LocalTime) => number | null,
): CalendarRead {
  if (text.trim() === '') return { ok: false, fault: 'empty' };
  if (text.length > MOST_LETTERS) return { ok: false, fault: 'tooLarge' };
  const clean = text.replace(/^\uFEFF/, '');
  const whole = parsed(clean);
  if (whole) return new Reader(whole, span, zoneAt).read(most, []);
  // Entries that are never closed are no entries: looking for the end of each would take as long as the square of them.
  if (timesIn(clean, 'BEGIN:VEVENT') !== timesIn(clean, 'END:VEVENT')) return { ok: false, fault: 'noCalendar' };
  // One entry that cannot be read spoils the whole for the parser: each is tried by itself.
  const broken: string[] = [];
  const sound = parsed(
    clean.replace(/BEGIN:VEVENT[\s\S]*?END:VEVENT\r?\n?/g, (e) => {
      if (parsed(`BEGIN:VCALENDAR\r\n${e.trimEnd()}\r\nEND:VCALENDAR\r\n`)) return e;
      broken.push(cutName(/^SUMMARY[^:]*:(.*)$/m.exec(e)?.[1] ?? '', MOST_NAME));
      return '';
    }),
  );
  if (!sound || broken.length === 0) return { ok: false, fault: 'noCalendar' };
  return new Reader(sound, span, zoneAt).read(most, broken);
}
const timesIn = (text: string, word: string): number => text.split(word).length - 1;
/** null: it is no calendar. */
function parsed(text: string): ICAL.Component | null {
  try {
    const root = new ICAL.Component(ICAL.parse(text) as unknown[]);
    return root.name === 'vcalendar' ? root : null;
  } catch {
    return null;
  }
}
export interface LocalTime {
  readonly year: number;
  readonly month: number;
  readonly day: number;
  readonly hour: number;
  readonly minute: number;
  readonly second: number;
}

class Reader {
  readonly #zones: ReadonlyMap<string, ICAL.Timezone>;
  readonly #busy: BusyTime[] = [];
  readonly #broken: string[] = [];
  readonly #unknown = new Set<string>();
  #left = MOST_TIMES_IN_ALL;
  #allDay = 0;
  #free = 0;

  constructor(
    readonly root: ICAL.Component,
    readonly span: { readonly from: number; readonly to: number },
    readonly zoneAt: (zone: string, local: LocalTime) => number | null,
  ) {
    this.#zones = new Map(
      root.getAllSubcomponents('vtimezone').map((c) => {
        const zone = new ICAL.Timezone(c);
        return [zone.tzid, zone] as const;
      }),
    );
  }
  read(most: number, broken: readonly string[]): CalendarRead {
    this.#broken.push(...broken.slice(0, MOST_BROKEN));
    const all = this.root.getAllSubcomponents('vevent');
    const moved = new Map<string, ICAL.Component[]>();
    for (const c of all)
      if (c.hasProperty('recurrence-id')) {
        const uid = String(c.getFirstPropertyValue('uid'));
        moved.set(uid, [...(moved.get(uid) ?? []), c]);
      }
    for (const c of all) {
      if (c.hasProperty('recurrence-id')) continue;
      try {
        this.#take(c, moved.get(String(c.getFirstPropertyValue('uid'))) ?? []);
      } catch {
        if (this.#broken.length < MOST_BROKEN) this.#broken.push(nameOf(c));
      }
    }
    const busy = this.#busy.sort((a, b) => a.from - b.from || a.to - b.to);
    return {
      ...{ ok: true, busy: busy.slice(0, most), allDay: this.#allDay, free: this.#free, broken: this.#broken },
      zones: [...this.#unknown].slice(0, MOST_ZONES),
      cut: busy.length > most,
    };
  }
  #take(c: ICAL.Component, moved: readonly ICAL.Component[]): void {
    const e = new ICAL.Event(c, { strictExceptions: false, exceptions: [...moved] });
    if (isFree(c)) {
      this.#free += 1;
      return;
    }
    if (e.startDate.isDate) {
      this.#allDay += 1;
      return;
    }
    if (!e.isRecurring()) {
      this.#add(e.startDate, e.endDate, c);
      return;
    }
    const rule = c.getFirstPropertyValue('rrule');
    if (c.hasProperty('rrule') && !(rule instanceof ICAL.Recur)) throw new RangeError('no repetition');
    const begin = this.#near(e, rule instanceof ICAL.Recur ? rule : null);
    this.#movedFrom(begin, moved);
    const times = e.iterator(begin);
    for (let n = 0; n < MOST_TIMES && this.#left > 0; n += 1) {
      this.#left -= 1;
      const next = times.next() as ICAL.Time | null;
      if (!next) return;
      const { startDate, endDate, item } = e.getOccurrenceDetails(next);
      if (this.#at(startDate, c) > this.span.to && moved.length === 0) return;
      if (this.#at(next, c) > this.span.to) return;
      if (!isFree(item.component)) this.#add(startDate, endDate, item.component);
    }
    throw new RangeError('too many times');
  }
  /**
   * Where a repetition is followed from: its own beginning, or some whole periods of it later, two months before the span.
   * Periods are days and weeks here: in a month or a year there are few enough times.
   */
  #near(e: ICAL.Event, rule: ICAL.Recur | null): ICAL.Time {
    const begin = e.startDate.clone();
    const days = rule ? PERIOD_DAYS[rule.freq] : undefined;
    if (!rule || days === undefined || rule.isByCount()) return begin;
    const period = days * Math.max(1, rule.interval);
    const behind = (this.span.from - MARGIN_MS - this.#at(begin, e.component)) / DAY_MS;
    if (behind > period) begin.adjust(Math.floor(behind / period) * period, 0, 0, 0);
    return begin;
  }
  /** Times that were moved into the span from before where the repetition is followed. */
  #movedFrom(begin: ICAL.Time, moved: readonly ICAL.Component[]): void {
    for (const c of moved) {
      const of = c.getFirstPropertyValue('recurrence-id');
      if (!(of instanceof ICAL.Time) || of.compare(begin) >= 0 || isFree(c)) continue;
      const e = new ICAL.Event(c);
      this.#add(e.startDate, e.endDate, c);
    }
  }
  #add(start: ICAL.Time, end: ICAL.Time, c: ICAL.Component): void {
    const [from, to] = [this.#at(start, c), this.#at(end, c)];
    if (!Number.isFinite(from) || !Number.isFinite(to) || to < from) throw new RangeError('no time');
    if (to > this.span.from && from < this.span.to && to > from) this.#busy.push({ from, to, text: nameOf(c) });
  }
  /** The instant, ms: in UTC, in the zone that the file describes, in one that it names, or in that of this machine. */
  #at(t: ICAL.Time, c: ICAL.Component): number {
    if (t.zone === ICAL.Timezone.utcTimezone) return t.toUnixTime() * 1000;
    const named: unknown = c.getFirstProperty('dtstart')?.getParameter('tzid');
    const id = typeof named === 'string' ? named : null;
    const zone = id === null ? undefined : this.#zones.get(id);
    if (zone) {
      const here = t.clone();
      here.zone = zone;
      return here.toUnixTime() * 1000;
    }
    const known = id === null ? null : this.zoneAt(id, t);
    if (id !== null && known === null) this.#unknown.add(cutName(id, MOST_NAME));
    return known ?? new Date(t.year, t.month - 1, t.day, t.hour, t.minute, t.second).getTime();
  }
}
const DAY_MS = 86_400_000;
/** What was moved by less than this is found where it stands. */
const MARGIN_MS = 60 * DAY_MS;
/** A repetition within a day repeats from one day to the next as well. */
const PERIOD_DAYS: Readonly<Partial<Record<string, number>>> = {
  ...{ SECONDLY: 1, MINUTELY: 1, HOURLY: 1, DAILY: 1, WEEKLY: 7 },
};
const isFree = (c: ICAL.Component): boolean => {
  const status = String(c.getFirstPropertyValue('status') ?? '').toUpperCase();
  const busy = String(c.getFirstPropertyValue('transp') ?? '').toUpperCase();
  // What Ironpan wrote itself keeps nobody from the kitchen.
  if (String(c.getFirstPropertyValue('uid')).endsWith('@ironpan')) return true;
  return busy === 'TRANSPARENT' || status === 'CANCELLED' || status === 'TENTATIVE';
};
const nameOf = (c: ICAL.Component): string => cutName(String(c.getFirstPropertyValue('summary') ?? ''), MOST_NAME);

/** Local time in a zone of the tz database as an instant, ms; null: no such zone. Once or twice looked up, it meets the clock of that zone. */
export function zonedInstant(zone: string, l: LocalTime): number | null {
  let format: Intl.DateTimeFormat;
  try {
    format = new Intl.DateTimeFormat('en-GB', {
      ...{ timeZone: zone, hourCycle: 'h23', year: 'numeric', month: 'numeric', day: 'numeric' },
      ...{ hour: 'numeric', minute: 'numeric', second: 'numeric' },
    });
  } catch {
    return null;
  }
  const wall = Date.UTC(l.year, l.month - 1, l.day, l.hour, l.minute, l.second);
  const shown = (ms: number): number => {
    const of = new Map(format.formatToParts(ms).map((p) => [p.type, Number(p.value)] as const));
    const f = (k: Intl.DateTimeFormatPartTypes): number => of.get(k) ?? 0;
    return Date.UTC(f('year'), f('month') - 1, f('day'), f('hour'), f('minute'), f('second'));
  };
  let at = wall;
  for (let i = 0; i < 2; i += 1) at += wall - shown(at);
  return at;
}
