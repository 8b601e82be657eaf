import { describe, expect, test } from '@jest/globals';
import { Ahead, checkTimetable, dayOf, stepOf } from '../../src/schedule';
import type { AheadMilk, MilkAsked } from '../../src/schedule';
import { dayWith, HOUR, milk, NIGHTS, NOW, timetableOf } from './days';

const DAY = 24 * HOUR;
const off = Array.from({ length: 16 }, (_, d) => ({
  from: new Date(2026, 2, 14 + d, 22, 30).getTime(),
  to: new Date(2026, 2, 15 + d, 6, 30).getTime(),
}));
function ahead(milks: readonly MilkAsked[], standing: readonly MilkAsked[] = []): readonly AheadMilk[] {
  const a = new Ahead(dayWith(milks, { off }), standing);
  for (let i = 0; i < 100 && !a.run(); i += 1);
  return a.found;
}
const every = (school: string, days: number, n: number, hour = 17): MilkAsked[] =>
  Array.from({ length: n }, (_, i) => milk(school, 24 * days * (i + 1) + hour - 14, { id: `${school}-${i}` }));

describe('the days to come', () => {
  test('six soy milks and two oat milks in a fortnight are each in time, begun no more than two days before', () => {
    const wanted = [...every('soy-washed', 2, 6), ...every('oat-middle', 6, 2)];
    const found = ahead(wanted);
    expect(found).toHaveLength(wanted.length);
    for (const m of found) {
      const by = wanted.find((w) => w.id === m.milk)?.byAt ?? 0;
      expect([m.milk, m.lateS, (m.readyAt ?? Infinity) <= by, (m.beginsAt ?? 0) > by - 2 * DAY]).toEqual([
        ...[m.milk, 0, true, true],
      ]);
    }
  });
  test('what is agreed stands: nothing that comes after is put where its jug is', () => {
    const first = milk('oat-middle', 20, { id: 'agreed' });
    const t = timetableOf(dayOf(dayWith([first])).problem);
    const { originMs } = dayOf(dayWith([first]));
    const fixed = Object.fromEntries([...(t?.starts ?? [])].map(([id, s]) => [stepOf(id), originMs + 1000 * s]));
    const standing = { ...first, fixed };
    const other = milk('oat-middle', 20, { id: 'other' });
    const [found] = ahead([other], [standing]);
    expect(found?.beginsAt).not.toBeNull();
    const [from, to] = [Math.min(...Object.values(fixed)), first.byAt ?? 0];
    // Wanted at the same hour with one jug: it is made before the one that stands, or after it.
    expect((found?.readyAt ?? 0) <= to || (found?.beginsAt ?? 0) >= from).toBe(true);
    const both = dayOf(dayWith([standing, other]));
    expect(checkTimetable(both.problem, new Map()).length).toBeGreaterThan(0);
  });
  test('what has no time is told as that, and keeps no other from its own', () => {
    const never = [{ from: NOW, to: NOW + 3 * DAY }];
    const a = new Ahead(
      dayWith([milk('oat-middle', 30, { id: 'a' }), milk('oat-middle', 24 * 5, { id: 'b' })], {
        off: [...never, ...NIGHTS],
      }),
    );
    while (!a.run());
    const [first, second] = a.found;
    expect([first?.milk, (first?.lateS ?? 0) > 0 || first?.beginsAt === null]).toEqual(['a', true]);
    expect([second?.milk, second?.lateS]).toEqual(['b', 0]);
  });
});
