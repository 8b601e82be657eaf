import ICAL from 'ical.js';
import { instantOf } from './stamps';

/** When something is made again and again, in the kitchen's own time, whatever summer time does. */
export interface Rhythm {
  /** How it repeats: a rule of RFC 5545, as FREQ=DAILY;INTERVAL=2. */
  readonly rule: string;
  /** When it is wanted first: 2026-11-29T07:30. */
  readonly first: string;
  /** Times that are left out, written like the first. */
  readonly without: readonly string[];
}
/** What a rule says, where it is one of those a cook would say. */
export type Every =
  | { readonly is: 'days'; readonly n: number }
  /** On these days of the week, Sunday 0, of every nth week. */
  | { readonly is: 'weeks'; readonly n: number; readonly days: readonly number[] };

const DAYS = ['SU', 'MO', 'TU', 'WE', 'TH', 'FR', 'SA'];
/** A rhythm that is followed for years is counted through from its first time; nobody keeps one for longer. */
const MOST_TIMES = 20_000;
/** All its times from one instant to before another, ms; none where the rule is none. What was left out is not among them. */
export function timesOf(r: Rhythm, from: number, to: number): readonly string[] {
  const rule = parsed(r.rule);
  if (!rule || Number.isNaN(instantOf(r.first))) return [];
  const out: string[] = [];
  const without = new Set(r.without);
  const times = rule.iterator(timeOf(r.first));
  for (let i = 0; i < MOST_TIMES; i += 1) {
    // The types do not say that it ends.
    const t = times.next() as ICAL.Time | null;
    if (!t) break;
    const stamp = t.toString().slice(0, 16);
    const at = instantOf(stamp);
    if (at >= to) break;
    if (at >= from && !without.has(stamp)) out.push(stamp);
  }
  return out;
}
function timeOf(stamp: string): ICAL.Time {
  const [year = 0, month = 1, day = 1, hour = 0, minute = 0] = stamp.split(/[-T:]/).map(Number);
  return ICAL.Time.fromData({ year, month, day, hour, minute, second: 0, isDate: false });
}
export function ruleOf(e: Every): string {
  const n = e.n > 1 ? `;INTERVAL=${e.n}` : '';
  if (e.is === 'days') return `FREQ=DAILY${n}`;
  return `FREQ=WEEKLY${n};BYDAY=${[...e.days]
    .sort((a, b) => ((a + 6) % 7) - ((b + 6) % 7))
    .map((d) => DAYS[d])
    .join()}`;
}
/** null: it says more than that. A week without days is on the day of its first time, which a rule alone does not say. */
export function everyOf(text: string): Every | null {
  const parts = new Map(text.split(';').map((p) => p.split('=', 2) as [string, string]));
  const n = Number(parts.get('INTERVAL') ?? 1);
  const freq = parts.get('FREQ');
  const days = (parts.get('BYDAY') ?? '').split(',').map((d) => DAYS.indexOf(d));
  const rest = [...parts.keys()].filter((k) => !['FREQ', 'INTERVAL', 'BYDAY'].includes(k));
  if (!Number.isInteger(n) || n < 1 || rest.length > 0) return null;
  if (freq === 'DAILY' && !parts.has('BYDAY')) return { is: 'days', n };
  if (freq === 'WEEKLY' && !days.includes(-1)) return { is: 'weeks', n, days };
  return null;
}
/** Whether it is a rule that repeats by days, weeks or months, as milk is made. */
export const isRule = (text: string): boolean => parsed(text) !== null;
/**
 * The rules that are followed: those the screen makes, and the plain ones of calendars. Each of their parts has a bound, so
 * that every rule has a next time within a few steps: a rule of RFC 5545 may name a day that never comes (30 February), and
 * its iterator then never returns.
 */
const MOST_BETWEEN: Readonly<Record<string, number>> = { DAILY: 366, WEEKLY: 53, MONTHLY: 24 };
const PARTS: Readonly<Record<string, RegExp>> = {
  FREQ: /^(DAILY|WEEKLY|MONTHLY)$/,
  INTERVAL: /^[1-9]\d{0,2}$/,
  COUNT: /^[1-9]\d{0,4}$/,
  UNTIL: /^\d{8}(T\d{6}Z?)?$/,
  WKST: /^(SU|MO|TU|WE|TH|FR|SA)$/,
  BYDAY: /^([+-]?[1-4])?(SU|MO|TU|WE|TH|FR|SA)(,([+-]?[1-4])?(SU|MO|TU|WE|TH|FR|SA)){0,6}$/,
  // Days that every month has.
  BYMONTHDAY: /^-?([1-9]|1\d|2[0-8])(,-?([1-9]|1\d|2[0-8])){0,9}$/,
};
function parsed(text: string): ICAL.Recur | null {
  const parts = text.split(';').map((p) => p.split('='));
  const told = new Map(parts.map(([k = '', v = '']) => [k, v]));
  const freq = told.get('FREQ') ?? '';
  const known = parts.every(
    ([k = '', v = '', ...more]) => more.length === 0 && Object.hasOwn(PARTS, k) && PARTS[k]?.test(v) === true,
  );
  if (!known || told.size !== parts.length || Number(told.get('INTERVAL') ?? 1) > (MOST_BETWEEN[freq] ?? 0))
    return null;
  const monthly = freq === 'MONTHLY';
  const ordinal = /\d/.test(told.get('BYDAY') ?? '');
  // Both at once name a day that may be years away; an ordinal day is one of a month.
  if (told.has('BYMONTHDAY') && (!monthly || told.has('BYDAY'))) return null;
  if ((ordinal && !monthly) || (freq === 'DAILY' && told.has('BYDAY'))) return null;
  try {
    return ICAL.Recur.fromString(text);
  } catch {
    return null;
  }
}
