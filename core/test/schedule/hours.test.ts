import { describe, expect, test } from '@jest/globals';
import { offBetween, USUAL_HOURS } from '../../src/schedule';
import type { Hours, Once } from '../../src/schedule';

const at = (d: number, h: number, min = 0): number => new Date(2026, 2, d, h, min).getTime();
const HOUR = 3_600_000;
const once = (what: Once['what'], from: number, to: number): Once => ({
  ...{ id: `${what}${from}`, what, from, to, text: '', source: 'hand' },
});
const with_ = (more: Partial<Hours>): Hours => ({ ...USUAL_HOURS, ...more });

describe('when nobody is there', () => {
  test('the usual night, each night, also the one that is under way', () => {
    expect(offBetween(USUAL_HOURS, at(14, 2), at(15, 12))).toEqual([
      { from: at(13, 22, 30), to: at(14, 6, 30), what: 'asleep' },
      { from: at(14, 22, 30), to: at(15, 6, 30), what: 'asleep' },
    ]);
    expect(offBetween(USUAL_HOURS, at(14, 8), at(14, 20))).toEqual([]);
  });
  test('at work on weekdays; 14 March 2026 is a Saturday', () => {
    const h = with_({ weekly: [{ id: 'w', what: 'away', days: [1, 2, 3, 4, 5], fromMin: 540, toMin: 1020 }] });
    expect(offBetween(h, at(14, 0), at(17, 0))).toEqual([{ from: at(16, 9), to: at(16, 17), what: 'away' }]);
  });
  test('once away, and once up late: the night gives way to who is there', () => {
    const h = with_({ once: [once('away', at(14, 15), at(14, 18)), once('there', at(14, 22), at(15, 1))] });
    expect(offBetween(h, at(14, 12), at(15, 12))).toEqual([
      { from: at(14, 15), to: at(14, 18), what: 'away' },
      { from: at(15, 1), to: at(15, 6, 30), what: 'asleep' },
    ]);
  });
  test('those that overlap are one; none is left over where somebody is there all the while', () => {
    const h = with_({ once: [once('away', at(14, 20), at(14, 23)), once('away', at(14, 21), at(15, 7))] });
    expect(offBetween(h, at(14, 12), at(15, 12))).toEqual([{ from: at(14, 20), to: at(15, 7), what: 'asleep' }]);
    expect(offBetween(with_({ once: [once('there', at(13, 0), at(16, 0))] }), at(14, 0), at(15, 0))).toEqual([]);
  });
  test('over a change of summer time half past six is half past six, and the night an hour shorter or longer', () => {
    // In a zone without summer time there is nothing to see, and all nights are alike.
    const night = (y: number, m: number, d: number): number => {
      const [n] = offBetween(USUAL_HOURS, new Date(y, m, d, 22).getTime(), new Date(y, m, d, 23).getTime());
      expect(new Date(n?.to ?? 0).getHours() * 60 + new Date(n?.to ?? 0).getMinutes()).toBe(390);
      return ((n?.to ?? 0) - (n?.from ?? 0)) / HOUR;
    };
    for (let d = 1; d <= 31; d += 1) {
      const shift =
        (new Date(2026, 2, d + 1, 6, 30).getTimezoneOffset() - new Date(2026, 2, d, 22, 30).getTimezoneOffset()) / 60;
      expect(night(2026, 2, d)).toBeCloseTo(8 + shift, 9);
    }
  });
});
