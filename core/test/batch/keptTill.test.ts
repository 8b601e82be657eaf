import { describe, expect, test } from '@jest/globals';
import { jarNow, jarsOf, keptTill, progressOf } from '../../src/batch';
import type { JarEvent } from '../../src/batch';
import { keepTruthText } from '../../src/words';
import { sampleBatch, wholeRun } from '../records/sample';

const HOUR = 3_600_000;
const batch = sampleBatch();
const jar = jarsOf(batch, progressOf(batch, wholeRun(batch, 5))).find((j) => j.product === 'milk');
if (!jar) throw new Error('no milk');
const at4 = [{ at: 0, placeC: 4 }];
/** What the shelf says of it the moment it is filled, h. */
const saidH = (jarNow(jar, [], batch, at4, jar.filledAt).keep?.s ?? NaN) / 3600;
const line = (seq: number, hours: number, h: Record<string, unknown>): JarEvent =>
  ({ id: `j${seq}`, jar: jar.id, seq, at: jar.filledAt + hours * HOUR, ...h }) as unknown as JarEvent;
const fine = (seq: number, hours: number): JarEvent => line(seq, hours, { is: 'looked', look: { signs: ['fine'] } });
const sour = (seq: number, hours: number): JarEvent => line(seq, hours, { is: 'looked', look: { signs: ['sour'] } });
const till = (events: readonly JarEvent[], hours = 2 * saidH) =>
  keptTill(jar, events, batch, at4, jar.filledAt + hours * HOUR);

describe('milk held against the time that was said of it', () => {
  test('fine when it was up, and not a look sooner', () => {
    expect(till([fine(1, saidH + 0.1)])).toBe('fine');
    expect(till([fine(1, saidH - 0.1)])).toBe('unknown');
    // Turned later: it was fine when its time was up.
    expect(till([fine(1, saidH + 1), sour(2, saidH + 30)])).toBe('fine');
  });
  test('turned before; between the last time it was fine and when that was found nobody can say', () => {
    expect(till([fine(1, 10), sour(2, saidH - 1)])).toBe('turned');
    expect(till([fine(1, 10), sour(2, saidH + 1)])).toBe('unknown');
  });
  test('what still stands in its time is held against nothing; gone sooner, or not looked at, nobody can say', () => {
    expect(till([fine(1, 10)], saidH - 5)).toBeNull();
    expect(till([], saidH - 5)).toBeNull();
    expect(till([], saidH + 5)).toBe('unknown');
    expect(till([line(1, 10, { is: 'finished' })], saidH - 5)).toBe('unknown');
  });
  test('a while on the table brings the time nearer: it is the time the shelf then says', () => {
    const out = { is: 'tempered', where: 'table', placeC: 25, from: jar.filledAt, to: jar.filledAt + 6 * HOUR };
    expect(till([line(1, 6, out), fine(2, saidH - 0.1)])).toBe('fine');
  });
  test('frozen, or poured together with another, it says nothing', () => {
    expect(till([line(1, 1, { is: 'moved', place: 'freezer' }), fine(2, saidH + 1)])).toBeNull();
    const merged = { is: 'merged', with: 'o', name: 'oat milk', stream: jar.stream, foods: [] };
    expect(till([line(1, 1, merged), fine(2, saidH + 1)])).toBeNull();
  });
  test.each([
    [{ fine: 9, turned: 0, unknown: 0 }, '9 of 9 jars that were looked at were fine when their time was up.'],
    [
      { fine: 7, turned: 1, unknown: 3 },
      '7 of 8 jars that were looked at were fine when their time was up. One turned before: warmer than was told, or not so clean. Of another 3 jars nobody can say: gone before, or not looked at.',
    ],
    [
      { fine: 0, turned: 0, unknown: 2 },
      'No jar was looked at when its time was up. Of 2 jars nobody can say: gone before, or not looked at.',
    ],
  ])('%j', (t, says) => expect(keepTruthText(t)).toBe(says));
});
