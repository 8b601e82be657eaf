import { describe, expect, test } from '@jest/globals';
import { execFileSync } from 'node:child_process';
import { join } from 'node:path';
import fc from 'fast-check';
import { everyOf, instantOf, isRule, ruleOf, timesOf } from '../../src/schedule';
import type { Every } from '../../src/schedule';

const at = (text: string): number => new Date(text).getTime();
const times = (rule: string, first: string, to: string, without: readonly string[] = []): readonly string[] =>
  timesOf({ rule, first, without }, at(first), at(to));

/** Examples of RFC 5545, 3.8.5.3, in floating time; a rule there that ends by a date is cut by the span here. */
describe('rules as the standard’s own examples repeat', () => {
  test('every other day', () => {
    expect(times('FREQ=DAILY;INTERVAL=2', '1997-09-02T09:00', '1997-09-09T00:00')).toEqual([
      '1997-09-02T09:00',
      '1997-09-04T09:00',
      '1997-09-06T09:00',
      '1997-09-08T09:00',
    ]);
  });
  test('weekly on Tuesday and Thursday for five weeks', () => {
    const all = times('FREQ=WEEKLY;WKST=SU;BYDAY=TU,TH', '1997-09-02T09:00', '1997-10-07T00:00');
    expect(all.map((t) => Number(t.slice(8, 10)))).toEqual([2, 4, 9, 11, 16, 18, 23, 25, 30, 2]);
  });
  test('every other week on Monday, Wednesday and Friday', () => {
    const all = times('FREQ=WEEKLY;INTERVAL=2;WKST=SU;BYDAY=MO,WE,FR', '1997-09-01T09:00', '1997-10-04T00:00');
    expect(all.map((t) => Number(t.slice(8, 10)))).toEqual([1, 3, 5, 15, 17, 19, 29, 1, 3]);
  });
  test('ten times, then no more', () => {
    expect(times('FREQ=DAILY;COUNT=10', '1997-09-02T09:00', '1998-09-02T09:00').at(-1)).toBe('1997-09-11T09:00');
  });
});
describe('in a kitchen', () => {
  test('the hour stays the same hour when summer time begins and ends', () => {
    // A process has one zone: this one is asked in one where the clocks went forward on 29 March 2026, at 02:00.
    const code = `import { timesOf } from './src/schedule/rhythm.ts';
      import { instantOf, stampOf } from './src/schedule/stamps.ts';
      const r = { rule: 'FREQ=DAILY', first: '2026-03-28T07:30', without: [] };
      const all = timesOf(r, instantOf(r.first), instantOf('2026-03-31T00:00'));
      console.log(JSON.stringify([all, all.map((t) => (instantOf(t) - instantOf(r.first)) / 3600000), stampOf(instantOf('2026-03-29T02:30'))]));`;
    const told = execFileSync(process.execPath, ['--import', 'tsx', '--input-type=module', '-e', code], {
      cwd: join(__dirname, '..', '..'),
      env: { ...process.env, TZ: 'Europe/Berlin' },
      encoding: 'utf8',
    });
    const days = ['2026-03-28T07:30', '2026-03-29T07:30', '2026-03-30T07:30'];
    expect(JSON.parse(told)).toEqual([days, [0, 23, 47], '2026-03-29T03:30']);
  });
  test('what is left out is not there; what is before the span is not told', () => {
    const r = { rule: 'FREQ=DAILY', first: '2024-01-01T08:00', without: ['2026-11-28T08:00'] };
    expect(timesOf(r, at('2026-11-27T09:00'), at('2026-11-30T09:00'))).toEqual([
      '2026-11-29T08:00',
      '2026-11-30T08:00',
    ]);
  });
  test('what is no rule, or no time, never is', () => {
    for (const rule of [
      '',
      'every day',
      'FREQ=DAILY;INTERVAL=0',
      'FREQ=NEVER',
      'FREQ=WEEKLY;BYDAY=XX',
      'FREQ=SECONDLY',
      // Faults that were found: days that never come, and intervals without end, never returned from the calendar library.
      'FREQ=DAILY;BYMONTH=2;BYMONTHDAY=30',
      'FREQ=MONTHLY;BYMONTHDAY=31',
      'FREQ=DAILY;INTERVAL=99999999999',
      'FREQ=MONTHLY;INTERVAL=999',
      'FREQ=WEEKLY;INTERVAL=abc',
      'FREQ=DAILY;BYDAY=MO',
      'FREQ=WEEKLY;BYDAY=2MO',
      'FREQ=MONTHLY;BYDAY=5FR',
      'FREQ=MONTHLY;BYDAY=1MO;BYMONTHDAY=13',
      'FREQ=DAILY;FREQ=WEEKLY',
      'FREQ=DAILY;X=1',
      'RRULE:FREQ=DAILY',
    ])
      expect([rule, isRule(rule)]).toEqual([rule, false]);
    expect(timesOf({ rule: 'nonsense', first: '2026-11-29T07:30', without: [] }, 0, 9e12)).toEqual([]);
    expect(timesOf({ rule: 'FREQ=DAILY', first: 'tomorrow', without: [] }, 0, 9e12)).toEqual([]);
    for (const t of ['2026-13-01T07:30', '2026-11-29', '29.11.2026 07:30', '']) expect(instantOf(t)).toBeNaN();
  });
  test('whatever rule is taken has its times at once, and none of them throws', () => {
    const part = (...all: readonly string[]) => fc.constantFrom(...all);
    const rule = fc
      .tuple(
        part('DAILY', 'WEEKLY', 'MONTHLY', 'YEARLY', 'HOURLY'),
        part('', ';INTERVAL=2', ';INTERVAL=24', ';INTERVAL=366', ';INTERVAL=1e9'),
        part('', ';BYDAY=MO,TH', ';BYDAY=-1SU', ';BYDAY=4FR', ';BYDAY=ZZ'),
        part('', ';BYMONTHDAY=28', ';BYMONTHDAY=-3', ';BYMONTHDAY=30', ';BYMONTH=2'),
        part('', ';COUNT=3', ';UNTIL=20270101', ';BYSETPOS=400'),
      )
      .map((p) => `FREQ=${p.join('')}`);
    fc.assert(
      fc.property(rule, fc.constantFrom('2024-02-29T07:30', '2026-01-31T23:59'), (text, first) => {
        const times = timesOf({ rule: text, first, without: [] }, at('2026-11-27T09:00'), at('2027-11-27T09:00'));
        return isRule(text) || times.length === 0;
      }),
      { numRuns: 300, seed: 19 },
    );
  });
  test('what a cook says becomes a rule and is read back', () => {
    expect(ruleOf({ is: 'days', n: 2 })).toBe('FREQ=DAILY;INTERVAL=2');
    expect(ruleOf({ is: 'weeks', n: 1, days: [0, 3] })).toBe('FREQ=WEEKLY;BYDAY=WE,SU');
    expect(everyOf('FREQ=MONTHLY')).toBeNull();
    expect(everyOf('FREQ=DAILY;COUNT=3')).toBeNull();
    const every: fc.Arbitrary<Every> = fc.oneof(
      fc.integer({ min: 1, max: 60 }).map((n) => ({ is: 'days' as const, n })),
      fc
        .tuple(fc.integer({ min: 1, max: 8 }), fc.uniqueArray(fc.integer({ min: 0, max: 6 }), { minLength: 1 }))
        .map(([n, days]) => ({ is: 'weeks' as const, n, days })),
    );
    fc.assert(
      fc.property(every, (e) => {
        const back = everyOf(ruleOf(e));
        const sorted = (x: Every | null) => (x?.is === 'weeks' ? { ...x, days: [...x.days].sort() } : x);
        return isRule(ruleOf(e)) && JSON.stringify(sorted(back)) === JSON.stringify(sorted(e));
      }),
    );
  });
});
