import { describe, expect, test } from '@jest/globals';
import { METHODS } from '../../src/methods';
import { checkTimetable, freshProblem, fromFresh, lengthOf, Search } from '../../src/schedule';
import type { Found, Problem, Starts } from '../../src/schedule';
import { kitAt } from '../batch/kitchen';
import { milksProblem, nights } from './milks';

const HOUR = 3600;
function solved(p: Problem): Found {
  const s = new Search(p);
  for (let i = 0; i < 400 && !s.run(200); i += 1);
  return s.found;
}
/** As late as the wishes allow, proved as well. */
function freshest(p: Problem, starts: Starts, proved = true): Starts {
  const s = new Search(freshProblem(p, starts));
  // Of five milks the proof takes long: what is found soon is a timetable as well, and how far it may be off is told.
  for (let i = 0; i < (proved ? 400 : 4) && !s.run(200); i += 1);
  const f = s.found;
  expect([f.starts !== null, f.proved || !proved]).toEqual([true, true]);
  if (f.cost) expect(f.atLeast.readyS).toBeLessThanOrEqual(f.cost.readyS);
  return fromFresh(p, f.starts ?? new Map<string, number>());
}
const endOf = (p: Problem, starts: Starts, id: string): number => {
  const b = p.blocks.find((x) => x.id === id);
  return (starts.get(id) ?? NaN) + (b ? lengthOf(b) : NaN);
};
const ready = (p: Problem, starts: Starts): readonly number[] => p.wishes.map((w) => endOf(p, starts, w.last) / HOUR);
const timetable = (p: Problem): Starts => {
  const f = solved(p);
  expect([f.proved, f.starts !== null]).toEqual([true, true]);
  const starts = f.starts ?? new Map<string, number>();
  expect(checkTimetable(p, starts)).toEqual([]);
  return starts;
};

describe('every school alone', () => {
  test.each(METHODS.map((m) => m.id))('%s: a proved timetable without a fault, and no hands at night', (school) => {
    const p = milksProblem([{ school }], { off: nights(4) });
    const starts = timetable(p);
    const late = freshest(p, starts);
    expect(checkTimetable(p, late)).toEqual([]);
    expect(ready(p, late)[0]).toBeLessThanOrEqual((ready(p, starts)[0] ?? NaN) + 1e-9);
    // A block a step, each of some length.
    expect(p.blocks.every((b) => lengthOf(b) > 0)).toBe(true);
  });
});

describe('several milks, one jug, one cook', () => {
  const five = ['oat-middle', 'soy-washed', 'coconut-one-blend', 'rice-cooked', 'almond-soaked'];
  test('oat at breakfast and soy on Sunday: both in time, each as late as it may be', () => {
    // Saturday's midnight is 0: breakfast at 8 on Saturday, soy at noon on Sunday.
    const p = milksProblem(
      [
        { school: 'oat-middle', byS: 8 * HOUR },
        { school: 'soy-washed', byS: 36 * HOUR },
      ],
      { off: nights(3) },
    );
    const starts = timetable(p);
    const late = freshest(p, starts);
    expect(checkTimetable(p, late)).toEqual([]);
    const [oat, soy] = ready(p, late);
    expect(oat).toBeCloseTo(8, 1);
    // Its soak begins before the night and may not last: it is ready in the morning, not at ten at night the day before.
    expect(soy).toBeGreaterThan(31);
    expect(soy).toBeLessThanOrEqual(36);
    // Soaked in the night before, not from the first minute on.
    expect((late.get('m1/soak') ?? 0) / HOUR).toBeGreaterThan(20);
    expect((starts.get('m1/soak') ?? 0) / HOUR).toBeLessThan(8);
  });
  test('five in one kitchen are proved; wanted sooner than can be, it is as little late as can be', () => {
    const easy = milksProblem(
      five.map((school) => ({ school, byS: 36 * HOUR })),
      { off: nights(4) },
    );
    const f = solved(easy);
    expect([f.proved, f.cost?.lateS]).toEqual([true, 0]);
    expect(f.atLeast).toEqual(f.cost);
    const late = freshest(easy, timetable(easy), false);
    expect(checkTimetable(easy, late)).toEqual([]);
    for (const at of ready(easy, late)) expect(at).toBeLessThanOrEqual(36);
    const tight = milksProblem(
      five.map((school) => ({ school, byS: 10 * HOUR })),
      { off: nights(4) },
    );
    const g = solved(tight);
    expect(g.proved).toBe(true);
    expect(g.cost?.lateS).toBeGreaterThan(0);
    expect(checkTimetable(tight, g.starts ?? new Map())).toEqual([]);
  });
  test('one jug is one jug: of two milks the second is ground when the first is out of it and it is washed', () => {
    const p = milksProblem([{ school: 'oat-ice' }, { school: 'coconut-one-blend' }]);
    const starts = timetable(p);
    const order = ['m0/grind', 'm1/grind'].sort((a, b) => (starts.get(a) ?? 0) - (starts.get(b) ?? 0));
    const [first, second] = order.map((g) => g.slice(0, 2));
    const out = p.uses.find((u) => u.milk === first && u.thing === 'jug');
    const gap = (starts.get(`${second}/grind`) ?? 0) - endOf(p, starts, out?.to ?? '');
    expect(gap).toBeGreaterThanOrEqual(p.setUpS('jug', first ?? '', second ?? ''));
    // Two jugs: nobody waits for the washing.
    const kit = kitAt(0);
    expect(kit.things.filter((t) => t.is === 'jug')).toHaveLength(1);
  });
  test('what may not stand does not: a slurry is strained at once, boiled milk cooled at once', () => {
    const p = milksProblem([{ school: 'soy-washed' }, { school: 'oat-middle' }], { off: nights(2) });
    const starts = timetable(p);
    for (const l of p.links.filter((x) => x.mostS !== null)) {
      const gap = (starts.get(l.to) ?? 0) - endOf(p, starts, l.from);
      expect(gap).toBeLessThanOrEqual(l.mostS ?? 0);
    }
    expect(p.links.filter((l) => l.mostS !== null).length).toBeGreaterThan(8);
  });
  test('asleep all day, or wanted before it can be, it is said and not forced', () => {
    const asleep = milksProblem([{ school: 'oat-ice' }], { off: [{ fromS: 0, toS: 1000 * HOUR }], untilS: 96 * HOUR });
    const f = solved(asleep);
    expect([f.proved, f.starts]).toEqual([true, null]);
  });
});
