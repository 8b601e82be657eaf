import { describe, expect, test } from '@jest/globals';
import { readCalendar, zonedInstant } from '../../src/formats';
import type { CalendarRead } from '../../src/formats';

const ALWAYS = { from: 0, to: Date.UTC(2100, 0, 1) };
const event = (...lines: readonly string[]): string => ['BEGIN:VEVENT', ...lines, 'END:VEVENT'].join('\r\n');
const file = (...events: readonly string[]): string =>
  ['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//test//EN', ...events, 'END:VCALENDAR', ''].join('\r\n');
const read = (text: string, span = ALWAYS, most = 3000): CalendarRead & { readonly ok: true } => {
  const r = readCalendar(text, span, most, zonedInstant);
  if (!r.ok) throw new Error(r.fault);
  return r;
};
const days = (r: CalendarRead & { readonly ok: true }): readonly string[] =>
  r.busy.map((b) => new Date(b.from).toISOString().slice(0, 10));

/** RFC 5545 §3.8.5.3, “Examples”: all begin on 2 September 1997 at nine in New York. */
describe('repetitions as the standard’s own examples have them', () => {
  const nine = (rule: string, start = '19970902T090000', ...more: readonly string[]) =>
    read(
      file(
        event(
          'UID:a',
          `DTSTART;TZID=America/New_York:${start}`,
          'DURATION:PT1H',
          'SUMMARY:x',
          `RRULE:${rule}`,
          ...more,
        ),
      ),
    );
  test('daily for ten occurrences: 2 to 11 September', () =>
    expect(days(nine('FREQ=DAILY;COUNT=10'))).toEqual(
      Array.from({ length: 10 }, (_, i) => `1997-09-${String(2 + i).padStart(2, '0')}`),
    ));
  test('daily until 24 December: nine by the clock on either side of 26 October, in EDT and then in EST', () => {
    const r = nine('FREQ=DAILY;UNTIL=19971224T000000Z');
    expect(r.busy).toHaveLength(113);
    const hour = (day: string) => r.busy.map((b) => new Date(b.from).toISOString()).find((x) => x.startsWith(day));
    expect(hour('1997-10-25')?.slice(11, 16)).toBe('13:00');
    expect(hour('1997-10-26')?.slice(11, 16)).toBe('14:00');
  });
  test('every other week on Monday, Wednesday and Friday until 24 December', () =>
    expect(
      days(nine('FREQ=WEEKLY;INTERVAL=2;UNTIL=19971224T000000Z;WKST=SU;BYDAY=MO,WE,FR', '19970901T090000')),
    ).toEqual([
      ...['01', '03', '05', '15', '17', '19', '29'].map((d) => `1997-09-${d}`),
      ...['01', '03', '13', '15', '17', '27', '29', '31'].map((d) => `1997-10-${d}`),
      ...['10', '12', '14', '24', '26', '28'].map((d) => `1997-11-${d}`),
      ...['08', '10', '12', '22'].map((d) => `1997-12-${d}`),
    ]));
  test('monthly on the first Friday for ten occurrences', () =>
    expect(days(nine('FREQ=MONTHLY;COUNT=10;BYDAY=1FR', '19970905T090000'))).toEqual(
      [
        '1997-09-05',
        '1997-10-03',
        '1997-11-07',
        '1997-12-05',
        '1998-01-02',
        '1998-02-06',
        '1998-03-06',
        '1998-04-03',
      ].concat(['1998-05-01', '1998-06-05']),
    ));
  test('one day left out, one moved, one called off', () => {
    const series = event(
      ...['UID:s', 'DTSTART:20260316T080000Z', 'DTEND:20260316T090000Z', 'SUMMARY:market', 'RRULE:FREQ=DAILY;COUNT=5'],
      'EXDATE:20260317T080000Z',
    );
    const moved = event(
      ...['UID:s', 'RECURRENCE-ID:20260318T080000Z', 'DTSTART:20260318T150000Z', 'DTEND:20260318T170000Z'],
      'SUMMARY:late market',
    );
    const off = event(
      ...['UID:s', 'RECURRENCE-ID:20260319T080000Z', 'DTSTART:20260319T080000Z', 'DTEND:20260319T090000Z'],
      'STATUS:CANCELLED',
    );
    const r = read(file(series, moved, off));
    expect(r.busy.map((b) => [new Date(b.from).toISOString().slice(0, 13), b.text])).toEqual([
      ['2026-03-16T08', 'market'],
      ['2026-03-18T15', 'late market'],
      ['2026-03-20T08', 'market'],
    ]);
  });
});

describe('zones', () => {
  test('one that the file describes is taken as it describes it, even under a name of its own', () => {
    const zone = [
      ...['BEGIN:VTIMEZONE', 'TZID:Hillside', 'BEGIN:STANDARD', 'DTSTART:19700101T000000'],
      ...['TZOFFSETFROM:+0530', 'TZOFFSETTO:+0530', 'END:STANDARD', 'END:VTIMEZONE'],
    ].join('\r\n');
    const r = read(file(zone, event('UID:z', 'DTSTART;TZID=Hillside:20260316T120000', 'DURATION:PT2H')));
    expect(new Date(r.busy[0]?.from ?? 0).toISOString()).toBe('2026-03-16T06:30:00.000Z');
  });
  test('across the change of summer time (29 March 2026, 1:00 UTC in all of Europe); a name that is none', () => {
    const at = (day: number, hour: number) =>
      zonedInstant('Europe/Madrid', { year: 2026, month: 3, day, hour, minute: 0, second: 0 });
    expect(at(28, 8)).toBe(Date.UTC(2026, 2, 28, 7));
    expect(at(29, 8)).toBe(Date.UTC(2026, 2, 29, 6));
    expect(zonedInstant('Nowhere/Hill', { year: 2026, month: 3, day: 1, hour: 0, minute: 0, second: 0 })).toBeNull();
  });
});

describe('what is no busy time, and what is no calendar', () => {
  const hour = ['DTSTART:20260316T080000Z', 'DTEND:20260316T090000Z'];
  test('whole days, what is free, what is broken: left out, told, and the rest is taken', () => {
    const r = read(
      file(
        event('UID:1', ...hour, 'SUMMARY:dentist'),
        event('UID:2', 'DTSTART;VALUE=DATE:20260316', 'SUMMARY:birthday'),
        event('UID:3', ...hour, 'TRANSP:TRANSPARENT'),
        event('UID:4', ...hour, 'STATUS:TENTATIVE'),
        event('UID:5', ...hour, 'SUMMARY:odd', 'RRULE:FREQ=SOMETIMES'),
        event('UID:6', 'DTSTART:20260316T080000Z', 'DTEND:20260315T080000Z', 'SUMMARY:backwards'),
      ),
    );
    expect(r.busy.map((b) => b.text)).toEqual(['dentist']);
    expect([r.allDay, r.free, r.broken]).toEqual([1, 2, ['odd', 'backwards']]);
  });
  test('only what touches the span, and no more than asked', () => {
    const many = file(
      ...Array.from({ length: 20_000 }, (_, i) => {
        const at = new Date(Date.UTC(2026, 0, 1) + i * 3_600_000).toISOString().replace(/[-:]|\.\d+/g, '');
        return event(`UID:${i}`, `DTSTART:${at}`, 'DURATION:PT30M');
      }),
    );
    const span = { from: Date.UTC(2026, 2, 14), to: Date.UTC(2026, 2, 16) };
    const r = read(many, span);
    expect([r.busy.length, r.cut]).toEqual([48, false]);
    const few = read(many, ALWAYS, 100);
    expect([few.busy.length, few.cut]).toEqual([100, true]);
  });
  test.each([
    ['', 'empty'],
    ['hello', 'noCalendar'],
    ['BEGIN:VCALENDAR\r\nBEGIN:VEVENT\r\n', 'noCalendar'],
    ['BEGIN:VCARD\r\nVERSION:3.0\r\nEND:VCARD\r\n', 'noCalendar'],
  ])('%j is refused: %s', (text, fault) => {
    expect(readCalendar(text, ALWAYS, 10, zonedInstant)).toEqual({ ok: false, fault });
  });
});

describe('calendars that never end', () => {
  const span = { from: Date.UTC(2026, 4, 1), to: Date.UTC(2026, 5, 30) };
  const repeats = (rule: string, start: string, ...more: readonly string[]): string =>
    event('UID:r', `DTSTART:${start}`, 'DURATION:PT1H', 'SUMMARY:Repeats', `RRULE:${rule}`, ...more);
  const lunch = event('UID:l', 'DTSTART:20260510T120000Z', 'DURATION:PT1H', 'SUMMARY:Lunch');

  test('what has repeated for a century is followed from near the span, in the same phase', () => {
    const long = read(file(repeats('FREQ=DAILY;INTERVAL=3', '19010101T090000Z')), span);
    const day = (ms: number): number => Math.round((ms - Date.UTC(1901, 0, 1, 9)) / 86_400_000);
    expect(long.busy.length).toBe(20);
    for (const b of long.busy) expect(day(b.from) % 3).toBe(0);
    const weekly = read(file(repeats('FREQ=WEEKLY;INTERVAL=2;BYDAY=TU,TH', '19700106T090000Z')), span);
    expect(weekly.busy.length).toBeGreaterThanOrEqual(8);
    for (const b of weekly.busy) expect(Math.floor((b.from - Date.UTC(1970, 0, 5)) / (7 * 86_400_000)) % 2).toBe(0);
  });
  test('what repeats every second is left out by its name, and keeps nothing else out', () => {
    const r = read(file(repeats('FREQ=SECONDLY', '20260501T000000Z'), lunch), { ...span, from: Date.UTC(2026, 4, 9) });
    expect(r.broken).toEqual(['Repeats']);
    expect(r.busy.some((b) => b.text === 'Lunch')).toBe(true);
  });
  test('a time that was moved into the span from long before is there', () => {
    const moved = event(
      ...['UID:r', 'RECURRENCE-ID:20200101T090000Z', 'DTSTART:20260512T150000Z', 'DURATION:PT1H', 'SUMMARY:Moved'],
    );
    const r = read(file(repeats('FREQ=DAILY', '20190101T090000Z'), moved), span);
    expect(r.busy.filter((b) => b.text === 'Moved').map((b) => b.from)).toEqual([Date.UTC(2026, 4, 12, 15)]);
  });
  test('entries that are never closed are no calendar', () =>
    expect(readCalendar(`BEGIN:VCALENDAR\r\n${'BEGIN:VEVENT\r\n'.repeat(20_000)}`, span, 100, zonedInstant)).toEqual({
      ok: false,
      fault: 'noCalendar',
    }));
  test('an unknown time zone is named', () => {
    const far = event('UID:z', 'DTSTART;TZID=Mars/Olympus:20260510T120000', 'DURATION:PT1H', 'SUMMARY:Far');
    expect(read(file(far, lunch), span).zones).toEqual(['Mars/Olympus']);
    expect(read(file(lunch), span).zones).toEqual([]);
  });
});
