import { describe, expect, test } from '@jest/globals';
import type { JarEvent } from '../../src/batch';
import { jarsOf } from '../../src/batch';
import { massG } from '../../src/kitchen';
import { sumOf, yearBatch, yearOf } from '../../src/questions';
import type { YearBatch } from '../../src/questions';
import { brewed } from '../comparing/brewed';

const HOUR = 3_600_000;
const one = (n: number, more: Partial<YearBatch> = {}): YearBatch => ({
  ...{ batch: `b${n}`, number: n, name: `Batch ${n}`, milk: 'soy', at: n, ml: 1000, food: 1, energy: 0.25, kWh: 0.5 },
  ...{ handsS: 600, liked: null, away: [], pulp: [], abandoned: null },
  ...more,
});

describe('the figures of a year, by arithmetic of our own', () => {
  test('sums, by milk, the most litres first', () => {
    const year = yearOf([one(1), one(2, { milk: 'oat', ml: 2500 }), one(3, { ml: 500, food: 3 })]);
    expect(year.all).toEqual({ batches: 3, ml: 4000, cost: 5.75, energy: 0.75, kWh: 1.5, handsS: 1800 });
    expect(year.milks.map(([m, s]) => [m, s.ml])).toEqual([
      ['oat', 2500],
      ['soy', 1500],
    ]);
    expect(sumOf([])).toMatchObject({ batches: 0, ml: 0, cost: 0 });
  });
  test('poured away by why, the most first; pulp by what became of it; given up by why', () => {
    const year = yearOf([
      one(1, { away: [{ ml: 100, why: 'turned' }], pulp: [{ g: 200, became: 'used' }] }),
      one(2, {
        away: [
          { ml: 400, why: 'spilt' },
          { ml: 50, why: 'turned' },
        ],
        pulp: [{ g: 90, became: 'thrown' }],
      }),
      one(3, { ml: 0, abandoned: 'scorched' }),
    ]);
    expect(year.away).toEqual([
      ['spilt', 400],
      ['turned', 150],
    ]);
    expect(year.pulp).toEqual({ used: 200, thrown: 90, there: 0 });
    expect(year.abandoned).toEqual([['scorched', 1]]);
  });
  test('best and worst: of several alike the newest; of too few, or all alike, none', () => {
    const liked = (...of: readonly (number | null)[]) => yearOf(of.map((x, i) => one(i + 1, { liked: x })));
    expect(liked(3, 1, 3, 1, 2)).toMatchObject({ best: { number: 3 }, worst: { number: 4 } });
    expect(liked(3, 0, null)).toMatchObject({ best: null, worst: null });
    expect(liked(2, 2, 2)).toMatchObject({ best: null, worst: null });
  });
  test('nothing at all: nothing, and no fault', () => {
    expect(yearOf([])).toMatchObject({ milks: [], away: [], best: null, worst: null });
  });
});

describe('a batch as a year counts it', () => {
  const b = brewed('soy-washed');
  const jars = jarsOf(b.batch, b.progress);
  const milk = jars.find((j) => j.product === 'milk');
  if (!milk) throw new Error('no jar');
  const line = (seq: number) => ({ id: `j${seq}`, seq, jar: milk.id, at: milk.filledAt + seq * HOUR });
  const of = (events: readonly JarEvent[]) =>
    yearBatch(
      {
        batch: { ...b.batch, number: 7 },
        events: [],
        progress: b.progress,
        milk: 'soy',
        jars: jars.map((jar) => ({ jar, events: jar === milk ? events : [] })),
      },
      [{ at: 0, placeC: 5 }],
    );
  test('what was left when it was thrown away, and not what it held', () => {
    const poured = { ...line(1), is: 'poured', ml: 300 } as const;
    const thrown = { ...line(2), is: 'thrown', why: 'past', text: '', lastFineAt: null, foundAt: null } as const;
    const y = of([poured, thrown]);
    expect(y.away).toHaveLength(1);
    expect(y.away[0]?.why).toBe('past');
    expect(Math.abs((y.away[0]?.ml ?? 0) - (milk.filledMl - 300))).toBeLessThan(2);
    expect(of([poured]).away).toEqual([]);
    // Taken back, nothing was thrown away.
    expect(of([poured, thrown, { ...line(3), is: 'undone', of: 'j2' }]).away).toEqual([]);
  });
  test('liked is the mean of what was said; pulp weighs what it weighs; the cost is the plan’s', () => {
    const said = (seq: number, liked: 'no' | 'more') => ({ ...line(seq), is: 'looked', look: { liked } }) as const;
    const y = of([said(1, 'no'), said(2, 'more')]);
    expect(y.liked).toBe(1.5);
    const pulp = jars.filter((j) => j.product.startsWith('pulp'));
    expect(y.pulp.reduce((g, p) => g + p.g, 0)).toBeCloseTo(
      pulp.reduce((g, j) => g + massG(j.stream), 0),
      6,
    );
    expect(y.food + y.energy).toBeCloseTo(b.progress.summary.cost.total, 9);
    expect(y.ml).toBeCloseTo(b.progress.summary.jarredMl, 6);
  });
});
