import { describe, expect, test } from '@jest/globals';
import { loggerFaultText, loggerText, readLogger } from '../../src/formats';
import type { LoggerHow, LoggerRead } from '../../src/formats';

const utc = (y: number, m: number, d: number, h: number, min: number, s: number): number =>
  Date.UTC(y, m - 1, d, h, min, s);
const read = (text: string, how: LoggerHow = {}) => readLogger(text, utc, how);
const good = (text: string, how: LoggerHow = {}): Extract<LoggerRead, { ok: true }> => {
  const r = read(text, how);
  if (!r.ok) throw new Error(JSON.stringify(r));
  return r;
};
const T = Date.UTC(2026, 2, 13, 21, 5);
const MIN = 60_000;

describe('loggers’ files as they come', () => {
  test.each([
    ['commas and ISO', 'Time,Temperature(°C)\n2026-03-13 21:05:00,4.1\n2026-03-13 21:10:00,4.3\n'],
    ['ISO with its T and Z', 'time,temp_c\n2026-03-13T21:05:00Z,4.1\n2026-03-13T21:10:00Z,4.3'],
    [
      'semicolons, decimal comma, day first with points',
      'Datum;Uhrzeit;Wert °C\n13.03.2026;21:05;4,1\n13.03.2026;21:10;4,3',
    ],
    ['tabs, a running number, month first', 'No.\tTime\tCelsius\n1\t03/13/2026 21:05\t4.1\n2\t03/13/2026 21:10\t4.3'],
    [
      'twelve hours',
      '"#","Date","Time","Temp, °C"\n"1","03/13/26","09:05:00 PM","4.1"\n"2","03/13/26","09:10:00 PM","4.3"',
    ],
    ['°F', 'Date Time,Temp (°F)\n2026-03-13 21:05,39.38\n2026-03-13 21:10,39.74'],
    ['seconds since 1970', 'ts;celsius;rh\n1773435900;4.1;55\n1773436200;4.3;56'],
    [
      'a preamble, and the unit behind the figure',
      'Logger 7\nSerial;123\n\nWhen;Value\n2026-03-13 21:05;4.1 °C\n2026-03-13 21:10;4.3 °C',
    ],
    ['a mark of its coding first', '\uFEFFtime,temperature c\n2026-03-13 21:05,4.1\n2026-03-13 21:10,4.3'],
  ])('%s', (_, text) => {
    const { readings } = good(text);
    expect(readings.map((r) => r.at)).toEqual([T, T + 5 * MIN]);
    expect(readings.map((r) => Math.round(r.c * 10) / 10)).toEqual([4.1, 4.3]);
  });
  test('which figure is the month is asked where no line says it, and read from any that does', () => {
    const text = 'Time,Temp °C\n03/04/2026 10:00,4\n03/05/2026 10:00,4.2\n';
    expect(read(text)).toEqual({ ok: false, asks: 'order', example: '03/04/2026' });
    expect(good(text, { order: 'DMY' }).readings[0]?.at).toBe(Date.UTC(2026, 3, 3, 10));
    expect(good(text, { order: 'MDY' }).readings[0]?.at).toBe(Date.UTC(2026, 2, 4, 10));
    expect(good(`${text}03/14/2026 10:00,4.1`).readings[0]?.at).toBe(Date.UTC(2026, 2, 4, 10));
    expect(good(text.replaceAll('/', '.')).readings[0]?.at).toBe(Date.UTC(2026, 3, 3, 10));
  });
  test('the unit is asked where nothing says it and the figures could be either', () => {
    const text = 'Time,Temp\n2026-03-13 21:05,39.4\n2026-03-13 21:10,39.7\n';
    expect(read(text)).toEqual({ ok: false, asks: 'unit', example: '39.4' });
    expect(good(text, { unit: 'F' }).readings[0]?.c).toBeCloseTo(4.11, 2);
    expect(good('Time,Temp\n2026-03-13 21:05,4.4').unit).toBe('C');
  });
  test('gaps, instants told twice, lines out of order or empty: sorted, counted and said', () => {
    const line = (min: number, c: string): string =>
      `2026-03-13 ${10 + Math.floor(min / 60)}:${String(min % 60).padStart(2, '0')},${c}`;
    const rows = [
      line(0, '4'),
      line(5, '4.1'),
      line(15, '4.2'),
      line(10, '4.3'),
      line(15, '4.4'),
      line(20, ''),
      line(25, '4.1'),
      line(200, '5'),
    ];
    const r = good(`Time,Temp °C\n${rows.join('\n')}`);
    expect(r.readings.map((x) => x.at)).toEqual([...r.readings.map((x) => x.at)].sort((a, b) => a - b));
    expect([r.twice, r.reversed, r.empty, r.gaps.length]).toEqual([1, 1, 1, 1]);
    expect(r.readings.find((x) => new Date(x.at).getUTCMinutes() === 15)?.c).toBe(4.4);
    expect(loggerText(r, (at) => new Date(at).toISOString().slice(11, 16))).toEqual([
      '6 readings in °C, 10:00 to 13:20.',
      '1 instant was told twice: the later line counts.',
      '1 line was out of order: sorted.',
      '1 line without a temperature: left out.',
      expect.stringMatching(/^1 gap, the longest 2\sh\s55\smin: there the fridge counts as it was set\.$/),
    ]);
  });
  test.each([
    ['', 'empty', /nothing in it/],
    ['only words\nand more words', 'noTime', /day and an hour/],
    ['Time,State\n2026-03-13 21:05,open\n', 'noTemperature', /No column/],
    ['Time,Temp °C\n2026-03-13 21:05,4\n2026-03-13 21:10,400\n', 'tooHot', /^Line 3 is no temperature of a fridge/],
  ] as const)('a file that is none: %#', (text, fault, say) => {
    const r = read(text);
    if (r.ok || !('fault' in r)) throw new Error('read');
    expect(r.fault).toBe(fault);
    expect(loggerFaultText(r.fault, r.line)).toMatch(say);
  });
});
