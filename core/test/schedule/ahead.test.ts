import { describe, expect, test } from '@jest/globals';
import { Ahead, dayOf, endsS, stepOf } from '../../src/schedule';
import type { AheadMilk, MilkAsked } from '../../src/schedule';
import { SEA } from '../batch/kitchen';
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
  test.each([
    ['wanted by an hour', 20],
    ['as soon as can be', null],
  ])('what is agreed stands, %s: nothing that comes after it is put into the same hands and jug', (_, byH) => {
    const first = milk('oat-middle', byH, { id: 'agreed' });
    const { problem, originMs } = dayOf(dayWith([first]));
    const t = timetableOf(problem);
    const at = (s: number): number => originMs + 1000 * s;
    const fixed = Object.fromEntries([...(t?.starts ?? [])].map(([id, s]) => [stepOf(id), at(s)]));
    const [from, to] = [Math.min(...Object.values(fixed)), at(t?.readyS.get('agreed') ?? 0)];
    // While the one cools the jug is free again: from there on, and no sooner.
    const free = Math.min(
      ...problem.uses
        .filter((u) => u.thing === SEA.use.jug)
        .map((u) => at(endsS(problem, t?.starts ?? new Map(), u.to))),
    );
    // Wanted at the very same time, it would be made just then if it could.
    const other = milk('oat-middle', (to - NOW) / HOUR, { id: 'other' });
    const [found] = ahead([other], [{ ...first, fixed }]);
    expect(found?.beginsAt).not.toBeNull();
    expect((found?.readyAt ?? Infinity) <= from || (found?.beginsAt ?? 0) >= free).toBe(true);
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
