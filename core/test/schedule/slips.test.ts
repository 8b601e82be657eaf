import { describe, expect, test } from '@jest/globals';
import { agreedOf, checkTimetable, dayOf, endsS, followed, slackOf } from '../../src/schedule';
import type { DayAsked } from '../../src/schedule';
import { begunAgo, dayWith, milk, timetableOf } from './days';

const MINUTE = 60_000;

/** Of a timetable that runs, each block in turn begins later than agreed: what follows, and whether what was said of it holds. */
describe('each block of a running timetable slips', () => {
  const asked: DayAsked = dayWith([
    begunAgo('oat-middle', 5 * MINUTE, 'grind'),
    milk('soy-washed', 26, { id: 'soy' }),
    milk('coconut-one-blend', 27, { id: 'coconut' }),
  ]);
  const { problem: p, originMs } = dayOf(asked);
  const t = timetableOf(p);
  if (!t) throw new Error('no timetable');
  const agreed = agreedOf(t.starts, originMs);
  const free = p.blocks.filter((b) => b.fixedS === null);
  // As time does it: the hour goes by, and the block is still not begun.
  const slipped = (id: string, byS: number) => {
    const notBeforeS = (t.starts.get(id) ?? 0) + byS;
    return followed({ ...p, blocks: p.blocks.map((b) => (b.id === id ? { ...b, notBeforeS } : b)) }, originMs, agreed);
  };
  const missed = (starts: ReadonlyMap<string, number>): string[] =>
    p.wishes.flatMap((w) => (w.byS !== null && endsS(p, starts, w.last) > (w.missedS ?? w.byS) ? [w.milk] : []));

  test('there is enough of it to slip', () => {
    expect(free.length).toBeGreaterThan(15);
    expect(missed(t.starts)).toEqual([]);
  });
  test.each([5, 20, 90])('by %d min: what follows is a timetable that holds in every way, or is asked anew', (min) => {
    let went = 0;
    for (const b of free) {
      const f = slipped(b.id, 60 * min);
      if (!f) continue;
      went += 1;
      expect([b.id, checkTimetable(p, f.starts)]).toEqual([b.id, []]);
      for (const x of p.blocks) {
        const was = t.starts.get(x.id) ?? 0;
        expect([b.id, x.id, (f.starts.get(x.id) ?? 0) >= was]).toEqual([b.id, x.id, true]);
      }
    }
    expect(went).toBeGreaterThan(free.length / 3);
  });
  test('as far as it is said to slip no wish is missed, and a little farther the one that was named', () => {
    let named = 0;
    for (const b of free) {
      const { s, then } = slackOf(p, t.starts, b.id);
      const within = s > 0 && Number.isFinite(s) ? slipped(b.id, s) : null;
      if (within) expect([b.id, missed(within.starts)]).toEqual([b.id, []]);
      if (then === null) continue;
      const beyond = slipped(b.id, s + 60);
      // Where it cannot be at all it is the milk itself that is lost.
      if (beyond) expect([b.id, missed(beyond.starts)]).toEqual([b.id, expect.arrayContaining([then])]);
      else named += 1;
    }
    expect(named).toBeLessThan(free.length);
  });
});
