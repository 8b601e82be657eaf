import { everyOf } from '@ironpan/core/schedule';
import { dayName } from '../weekdays';

/** “a, b and c”. */
export const listing = (all: readonly string[]): string =>
  all.length < 2 ? (all[0] ?? '') : `${all.slice(0, -1).join(', ')} and ${all.at(-1) ?? ''}`;
const DAYS = ['', 'every day', 'every other day', 'every third day', 'every fourth day'];
/** How a rule repeats, as one says it; a rule that says more than a cook would is told as it is written. */
export function everyText(rule: string): string {
  const e = everyOf(rule);
  if (!e) return `by the rule ${rule}`;
  if (e.is === 'days') return DAYS[e.n] ?? `every ${e.n} days`;
  const days = listing(e.days.map((d) => dayName(d, 'long')));
  if (e.n === 1) return `every ${days}`;
  return e.n === 2 ? `every other week on ${days}` : `every ${e.n} weeks on ${days}`;
}
