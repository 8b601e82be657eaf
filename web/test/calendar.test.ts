import { describe, expect, test } from '@jest/globals';
import { readCalendar, zonedInstant } from '@ironpan/core/formats';
import ICAL from 'ical.js';
import { calendarFile } from '../src/ui/calendar';

const NOW = Date.UTC(2026, 2, 14, 7, 30);
const HOUR = 3_600_000;
const entries = [
  { key: 'jar:1', at: NOW - HOUR, text: 'Throw away soy milk, batch 12', more: '308 ml, past its time' },
  {
    key: 'batch 7/ä',
    at: Date.UTC(2026, 2, 29, 0, 45) + 0.25,
    text: 'Drink oat, rice; “thick”, batch 3',
    more: 'A line so long that a calendar file must fold it after seventy-five octets: günstig, 500 ml,\nand then some more.',
  },
];

describe('the calendar file, read back by another reader (RFC 5545)', () => {
  const read = () => {
    const text = calendarFile(entries, NOW);
    return { text, events: new ICAL.Component(ICAL.parse(text) as unknown[]).getAllSubcomponents('vevent') };
  };
  test('every thing to do is an event with its words, however they are written', () => {
    const { events } = read();
    const told = events.map((e) => new ICAL.Event(e));
    expect(told.map((e) => e.summary)).toEqual(entries.map((e) => e.text));
    expect(told[1]?.description).toBe(entries[1]?.more);
  });
  test('at its instant, in UTC, across the day on which clocks change; what is due already, now', () => {
    const { events } = read();
    const start = events.map((e) => new ICAL.Event(e).startDate);
    expect(start.map((t) => t.toJSDate().getTime())).toEqual([NOW, Math.round(entries[1]?.at ?? 0)]);
    expect(start.every((t) => t.zone === ICAL.Timezone.utcTimezone)).toBe(true);
  });
  test('each reminds, and has one name for good, so that read in again it is no second entry', () => {
    const { events } = read();
    const again = read().events;
    const uid = (e: (typeof events)[number]) => new ICAL.Event(e).uid;
    expect(again.map(uid)).toEqual(events.map(uid));
    expect(new Set(events.map(uid)).size).toBe(2);
    for (const e of events) {
      const alarm = e.getFirstSubcomponent('valarm');
      expect(alarm?.getFirstPropertyValue('action')).toBe('DISPLAY');
      expect(String(alarm?.getFirstPropertyValue('trigger'))).toBe('-PT10M');
    }
  });
  test('a second file takes the place of the first: the same names, a later sequence', () => {
    const sequence = (text: string) =>
      new ICAL.Component(ICAL.parse(text) as unknown[])
        .getAllSubcomponents('vevent')
        .map((e) => Number(e.getFirstPropertyValue('sequence')));
    const [first, second] = [calendarFile(entries, NOW), calendarFile(entries, NOW + 60_000)].map(sequence);
    expect(second?.every((n, i) => n > (first?.[i] ?? Infinity))).toBe(true);
  });
  test('a piece of work takes as long as it takes; read in as busy times, our own entries are none', () => {
    const text = calendarFile(
      entries.map((e) => ({ ...e, takesMin: 25 })),
      NOW,
    );
    const [e] = new ICAL.Component(ICAL.parse(text) as unknown[]).getAllSubcomponents('vevent');
    const told = e && new ICAL.Event(e);
    expect(told && told.endDate.toUnixTime() - told.startDate.toUnixTime()).toBe(25 * 60);
    const read = readCalendar(text, { from: 0, to: NOW + 1e11 }, 10, zonedInstant);
    expect(read).toMatchObject({ ok: true, busy: [], free: 2 });
  });
  test('as the standard asks: lines end in CRLF and are no longer than 75 octets', () => {
    const { text } = read();
    const lines = text.split('\r\n');
    expect(text.includes('\n') && !/[^\r]\n/.test(text)).toBe(true);
    expect(Math.max(...lines.map((l) => new TextEncoder().encode(l).length))).toBeLessThanOrEqual(75);
    expect(lines[0]).toBe('BEGIN:VCALENDAR');
    expect(text).toMatch(/\r\nVERSION:2\.0\r\n/);
  });
});
