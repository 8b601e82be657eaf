import { describe, expect, test } from '@jest/globals';
import {
  agreedOf,
  chancesOf,
  checkTimetable,
  dayOf,
  followed,
  ICE_BATH,
  lengthOf,
  REST_OF,
  slackOf,
  waysOf,
  whyThen,
} from '../../src/schedule';
import type { MilkAsked, Problem, Starts, Timetable } from '../../src/schedule';
import { fold } from '../../src/batch';
import { coefficientId, COEFFICIENTS } from '../../src/kitchen';
import { METHODS } from '../../src/methods';
import { begunAgo, dayWith, HOUR, milk, NIGHTS, NOW, timetableOf } from './days';

const MIN = 60_000;
const told = (p: Problem): Timetable => {
  const t = timetableOf(p);
  if (!t) throw new Error('no timetable');
  expect(t.faults).toEqual([]);
  return t;
};
const three = dayWith([milk('soy-washed', 18), milk('oat-middle', 18), milk('tiger-nut-cold', 67)]);

describe('a day as one problem', () => {
  const { problem: p, originMs } = dayOf(three);
  test('everything is of whole minutes, and nothing before now', () => {
    expect(originMs).toBe(NOW);
    for (const b of p.blocks) expect([b.id, lengthOf(b) % 60, b.notBeforeS]).toEqual([b.id, 0, 0]);
    for (const l of p.links) expect((l.mostS ?? 0) % 60).toBe(0);
  });
  test('a plan alone takes as long as its fold says, and at most a minute a step more', () => {
    for (const m of METHODS) {
      const of = milk(m.id, null);
      const blocks = dayOf(dayWith([of])).problem.blocks;
      const work = blocks.reduce((s, b) => s + lengthOf(b), 0);
      const folded = of.outcome.stages.reduce((s, x) => s + x.tasks.reduce((y, t) => y + t.durationS, 0), 0);
      expect(work).toBeGreaterThanOrEqual(folded - 1e-6);
      expect(work).toBeLessThanOrEqual(folded + 61 * blocks.length);
    }
  });
  test('three milks: in time, no hands at night, fewer visits than steps, proved', () => {
    const t = told(p);
    expect([t.lateS, t.soonest]).toEqual([0, true]);
    // An evening to soak, a morning, and the morning two days after: nuts are put in water on one of these visits.
    expect(t.sittings).toHaveLength(3);
  });
  test('two breakfasts two days apart are not made in one evening: a visit less is not worth milk a day old', () => {
    const asked = dayWith([milk('oat-middle', 18), milk('soy-washed', 18 + 48, { id: 'soy' })]);
    const t = timetableOf(dayOf(asked).problem);
    const soy = (t?.readyS.get('soy') ?? 0) / 3600;
    expect(soy).toBeGreaterThan(18 + 48 - 13);
    expect(soy).toBeLessThanOrEqual(18 + 48);
  });
  test('nobody dawdles: within a visit each step of a milk follows as soon as it can', () => {
    const t = told(p);
    const ends = (id: string) => {
      const b = p.blocks.find((x) => x.id === id);
      return (t.starts.get(id) ?? 0) + (b ? lengthOf(b) : 0);
    };
    for (const s of t.sittings)
      for (const milk of new Set(s.blocks.map((b) => b.split('/')[0] ?? ''))) {
        const mine = s.blocks.filter((b) => b.startsWith(`${milk}/`));
        // Whatever lies between two of them is work for another, its washing up, or a longer step of its own.
        mine.slice(1).forEach((b, i) => {
          const why = whyThen(p, t.starts, b).earlier;
          expect([b, why.s === 0 || (t.starts.get(b) ?? 0) <= ends(mine[i] ?? '')]).toEqual([b, true]);
        });
      }
  });
  test('a soak stands longer than planned as long as its own cold or warmth allows (12 h·(31/(T+10))², models)', () => {
    const link = (school: string, id: string, kitchenC: 'fridge' | 'room') => {
      const m = milk(school, null);
      const l = dayOf(dayWith([m])).problem.links.find((x) => x.from === `${school}/${id}`);
      const c = kitchenC === 'fridge' ? m.here.kit.fridgeC : m.here.kit.roomC;
      const stage = m.outcome.stages.find((s) => s.step === id);
      const longest = 12 * 3600 * (31 / (c + 10)) ** 2;
      return [(l?.mostS ?? NaN) / 60, Math.max(0, longest - (stage?.figures.soakS ?? 0)) / 60] as const;
    };
    for (const [said, law] of [link('soy-washed', 'soak', 'room'), link('tiger-nut-cold', 'soak', 'fridge')])
      expect(Math.abs(said - law)).toBeLessThan(90);
  });
  test('an ice bath is one; jars are many', () => {
    expect(p.uses.some((u) => u.thing === ICE_BATH)).toBe(true);
    expect(
      p.uses.some((u) => milk('soy-washed', 0).here.kit.things.some((x) => x.id === u.thing && x.is === 'jar')),
    ).toBe(false);
  });
  test('rinsed after a milder milk, washed after a stronger one (common practice)', () => {
    expect(p.setUpS('jug', 'oat-middle', 'oat-middle')).toBe(60);
    const rice = dayOf(dayWith([milk('rice-cooked', null), milk('soy-washed', null)])).problem;
    expect(rice.setUpS('jug', 'rice-cooked', 'soy-washed')).toBe(60);
    expect(rice.setUpS('jug', 'soy-washed', 'rice-cooked')).toBe(300);
    expect(rice.setUpS('hob', 'soy-washed', 'rice-cooked')).toBe(0);
  });
  test('a step put somewhere by hand stands there; put into the past it stands free', () => {
    const at = NOW + 30 * HOUR;
    const fixed = (ms: number) =>
      dayOf(dayWith([milk('oat-middle', null, { fixed: { grind: ms } })])).problem.blocks.find((b) =>
        b.id.endsWith('/grind'),
      );
    expect(fixed(at)?.fixedS).toBe((30 * HOUR) / 1000);
    expect(fixed(NOW - HOUR)?.fixedS).toBeNull();
  });
});

describe('a batch that is being made', () => {
  const day = dayOf(dayWith([begunAgo('soy-washed', 6 * HOUR, 'soak'), milk('oat-middle', null)]));
  const { problem: p, originMs } = day;
  test('what is done stands, what runs goes on from now, the rest is free', () => {
    expect(originMs).toBe(NOW - 6 * HOUR);
    const of = (id: string) => p.blocks.find((b) => b.id === `soy-washed/${id}`);
    expect([of('sort')?.begun, of('soak')?.begun, of('drain')?.fixedS]).toEqual([true, true, null]);
    const rest = of(`soak${REST_OF}`);
    // Ten hours of soak, six of them gone.
    expect((lengthOf(rest ?? ({ ...p.blocks[0], parts: [] } as never)) - 4 * 3600) / 60).toBeLessThanOrEqual(1);
    expect(rest?.fixedS).toBe((6 * HOUR) / 1000);
    expect(told(p).lateS).toBe(0);
  });
  test('a wait that is over binds nobody any more', () => {
    const late = begunAgo('soy-washed', 40 * HOUR, 'drain');
    expect(timetableOf(dayOf(dayWith([late])).problem)).not.toBeNull();
  });
  test('a soak that is over in the night may not stand until morning in the room: in the fridge it may', () => {
    const m = begunAgo('soy-washed', 2 * HOUR, 'soak');
    expect(timetableOf(dayOf(dayWith([m])).problem)).toBeNull();
    expect(timetableOf(dayOf(dayWith([{ ...m, fridge: true }])).problem)).not.toBeNull();
  });
  test('two batches that were begun at once in one bowl do not forbid the day', () => {
    const two = dayWith([begunAgo('soy-washed', 5 * HOUR, 'soak'), begunAgo('soy-washed', 5 * HOUR, 'soak', 'again')]);
    expect(timetableOf(dayOf(two).problem)).not.toBeNull();
  });
});

describe('why then, and what if it slips', () => {
  const { problem: p } = dayOf(dayWith([milk('soy-washed', 19), milk('oat-middle', 19)], { spareS: 900 }));
  const t = told(p);
  const lateBy = (starts: Starts) =>
    p.wishes.reduce((s, w) => {
      const b = p.blocks.find((x) => x.id === w.last);
      return s + Math.max(0, (starts.get(w.last) ?? 0) + (b ? lengthOf(b) : 0) - (w.missedS ?? Infinity));
    }, 0);
  test('moved by itself within its room nothing is wrong; a minute beyond something is', () => {
    for (const b of p.blocks) {
      const why = whyThen(p, t.starts, b.id);
      for (const [side, sign] of [
        ['earlier', -1],
        ['later', 1],
      ] as const) {
        const room = why[side];
        expect([b.id, room.because === null]).toEqual([b.id, false]);
        if (room.through !== null) continue;
        const at = (s: number) => new Map(t.starts).set(b.id, (t.starts.get(b.id) ?? 0) + sign * s);
        if (room.s > 0) expect([b.id, side, checkTimetable(p, at(room.s))]).toEqual([b.id, side, []]);
        if (room.because?.is !== 'wanted')
          expect([b.id, side, checkTimetable(p, at(room.s + 60)).length > 0]).toEqual([b.id, side, true]);
      }
    }
  });
  test('the last of them stands where it is wanted, and by a chain so does what it waits for', () => {
    const last = whyThen(p, t.starts, 'oat-middle/jar').later;
    const soy = whyThen(p, t.starts, 'soy-washed/jar').later;
    expect([last.because?.is, soy.because?.is].filter((x) => x === 'wanted').length).toBeGreaterThanOrEqual(1);
    const chain = whyThen(p, t.starts, 'oat-middle/grind').later;
    expect(chain.through ?? chain.because?.is).toBeTruthy();
  });
  test('a slip within the slack misses nothing; what is said to be missed beyond it is', () => {
    const free = p.blocks.filter((b) => b.fixedS === null);
    const slacks = free.map((b) => [b.id, slackOf(p, t.starts, b.id)] as const);
    // A quarter of an hour was left before each is wanted.
    for (const [id, s] of slacks) expect([id, s.s >= 600]).toEqual([id, true]);
    for (const [id, s] of slacks.filter(([, x]) => x.then !== null).slice(0, 6)) {
      const slipped = (by: number) =>
        timetableOf({
          ...p,
          blocks: p.blocks.map((b) => (b.id === id ? { ...b, notBeforeS: (t.starts.get(id) ?? 0) + by } : b)),
        });
      // With every order free again it can only be better.
      expect(lateBy(slipped(s.s)?.starts ?? new Map())).toBe(0);
    }
  });
});

describe('what was agreed on is followed', () => {
  const asked = dayWith([milk('soy-washed', 18), milk('oat-middle', 18)], { spareS: 900 });
  const { problem: p, originMs } = dayOf(asked);
  const agreed = agreedOf(told(p).starts, originMs);
  test('nothing happened: it stands as it was, an hour later too', () => {
    expect(followed(p, originMs, agreed)?.starts).toEqual(told(p).starts);
    const later = dayOf({ ...asked, now: NOW + HOUR });
    const f = followed(later.problem, later.originMs, agreed);
    expect(agreedOf(f?.starts ?? new Map(), later.originMs)).toEqual(agreed);
  });
  test('late by ten minutes the rest moves, in its order; by three hours a wish is missed', () => {
    const first = (agreed['soy-washed/sort'] ?? 0) + 10 * MIN;
    const late = dayOf({ ...asked, now: first });
    const f = followed(late.problem, late.originMs, agreed);
    expect(checkTimetable(late.problem, f?.starts ?? new Map())).toEqual([]);
    expect(f && agreedOf(f.starts, late.originMs)['soy-washed/soak']).toBe((agreed['soy-washed/soak'] ?? 0) + 10 * MIN);
    const worse = dayOf({ ...asked, now: first + 2 * HOUR, off: [] });
    expect(followed(worse.problem, worse.originMs, agreed)?.lateS).toBeGreaterThan(3600);
  });
  test('a milk that was not in it: it is asked anew', () => {
    const more = dayOf({ ...asked, milks: [...asked.milks, milk('oat-ice', null)] });
    expect(followed(more.problem, more.originMs, agreed)).toBeNull();
  });
});

describe('how sure it is', () => {
  const asked = dayWith([milk('soy-no-soak', 4), milk('oat-middle', null)], { spareS: 1800 });
  const day = dayOf(asked);
  const agreed = agreedOf(told(day.problem).starts, day.originMs);
  /** The same milk where the hob is so much weaker or stronger. */
  const withHob = (m: MilkAsked, power: number): MilkAsked => {
    const here = {
      kit: m.here.kit,
      beliefs: { [coefficientId('hob', 'hob')]: { ...COEFFICIENTS.hob, mean: power, n: 0 } },
    };
    return { ...m, outcome: fold(m.recipe, here) };
  };
  test('a kitchen that is as it is taken to be keeps it always; what is wanted by no hour has no chance to be told', () => {
    expect([...chancesOf(asked, agreed, (m) => m, 3)]).toEqual([['soy-no-soak', 1]]);
  });
  test('a hob so weak that the pot takes an hour longer never does; of some so and some so, as many as are', () => {
    expect(chancesOf(asked, agreed, (m) => withHob(m, 0.2), 2).get('soy-no-soak')).toBe(0);
    expect(chancesOf(asked, agreed, (m, i) => withHob(m, i < 3 ? 1 : 0.2), 4).get('soy-no-soak')).toBe(0.75);
  });
  test('the later it is wanted, the surer', () => {
    const chance = (byH: number): number => {
      const later = dayWith([milk('soy-no-soak', byH)], { spareS: 0 });
      const at = dayOf(later);
      const goes = agreedOf(told(at.problem).starts, at.originMs);
      return chancesOf(
        { ...later, milks: [milk('soy-no-soak', byH + 0.1)] },
        goes,
        (m, i) => withHob(m, 1 - 0.06 * i),
        8,
      ).get('soy-no-soak') as number;
    };
    const wider = chancesOf(asked, agreed, (m, i) => withHob(m, 1 - 0.06 * i), 8).get('soy-no-soak') as number;
    expect(wider).toBeGreaterThanOrEqual(chance(4));
    expect(chance(4)).toBeGreaterThan(0);
    expect(chance(4)).toBeLessThan(1);
  });
});

describe('what would make it possible', () => {
  const others = (m: { readonly id: string; readonly byAt: number | null }) =>
    ['soy-no-soak', 'soy-washed'].map((s) => ({ school: s, milk: milk(s, null, { byAt: m.byAt }) }));
  test('soy with a soak by this evening: later, or another way that is in time', () => {
    const asked = dayWith([milk('soy-washed', 6)]);
    const t = told(dayOf(asked).problem);
    expect(t.lateS).toBeGreaterThan(0);
    const ways = waysOf(asked, new Map([['soy-washed', NOW + 12 * HOUR]]), others);
    expect(ways.map((w) => w.is)).toEqual(['later', 'school']);
    expect(ways.find((w) => w.is === 'school')).toMatchObject({ school: 'soy-no-soak' });
  });
  test('two milks at the same minute with one pot: without one the other is in time', () => {
    const asked = dayWith([milk('soy-no-soak', 1.7), milk('rice-cooked', 1.7)]);
    const t = told(dayOf(asked).problem);
    const late = new Map([...t.readyS].filter(([, s]) => s > 1.7 * 3600).map(([m, s]) => [m, NOW + 1000 * s] as const));
    expect(late.size).toBeGreaterThan(0);
    expect(waysOf(asked, late, () => []).some((w) => w.is === 'without')).toBe(true);
  });
  test('asleep all day: it is the hours that stand in the way; held where it cannot be: the hand', () => {
    const always = dayWith([milk('oat-middle', 10)], { off: [{ from: NOW - HOUR, to: NOW + 1000 * HOUR }] });
    expect(timetableOf(dayOf(always).problem)).toBeNull();
    expect(waysOf(always, null, () => [])).toEqual([{ is: 'awake', milk: null }]);
    const night = (NIGHTS[0]?.from ?? 0) - 3 * MIN;
    const held = dayWith([milk('oat-middle', 30, { fixed: { grind: night, strain: night + 4 * HOUR } })]);
    expect(timetableOf(dayOf(held).problem)).toBeNull();
    expect(waysOf(held, null, () => [])).toContainEqual({ is: 'letGo', milk: 'oat-middle' });
  });
});
