import { describe, expect, test } from '@jest/globals';
import { USUAL_HOURS } from '@ironpan/core/schedule';
import { METHODS, recipeOf } from '@ironpan/core/methods';
import type { ClockItem } from '../../src/offload/clockItems';
import type { RhythmNow } from '../../src/store/rhythms';
import type { Wish } from '../../src/store/wishes';
import { everyText } from '../../src/timetable/ahead/everyText';
import { litresText } from '../../src/timetable/ahead/litres';
import { rowsOf } from '../../src/timetable/ahead/rows';
import type { AheadRow } from '../../src/timetable/ahead/rows';
import { gramsText, listText, packsText } from '../../src/timetable/ahead/shopping';
import { decidedOf, goesOn } from '../../src/timetable/decided';

const DAY = 86_400_000;
const NOW = new Date(2026, 10, 27, 20).getTime();
const oat = METHODS.find((m) => m.id === 'oat-middle');
if (!oat) throw new Error('no oats');
const recipe = recipeOf(oat);
const wish = (id: string, inDays: number, more: Partial<Wish> = {}): Wish => ({
  ...{ v: 2, id, name: 'Oat', plan: 'p', recipe, batch: null, byAt: NOW + inDays * DAY, notBeforeAt: null, ml: null },
  ...{ fixed: {}, addedAt: NOW, updatedAt: NOW, planNow: null, kept: true },
  ...more,
});
const rhythm: RhythmNow = {
  ...{ v: 2, id: 'r', name: 'Oat', plan: 'p', recipe, rule: 'FREQ=DAILY;INTERVAL=2', first: '2026-11-29T20:00' },
  ...{ without: [], ml: null, addedAt: NOW, updatedAt: NOW, planNow: null },
};
const time = (inDays: number, stamp: string, more: Partial<Wish> = {}) => wish(`r:${stamp}`, inDays, more);
const told = (ids: readonly string[]) => ({
  found: [],
  makes: ids.map((milk) => ({ milk, ml: 1000, keepsMs: 4 * DAY })),
  cannot: [],
});
const rows = (wishes: readonly Wish[], shelfMl: number, goodDays = 5): readonly AheadRow[] =>
  rowsOf(
    wishes,
    null,
    told(wishes.map((w) => w.id)),
    new Map([['oat', [{ ml: shelfMl, untilAt: NOW + goodDays * DAY }]]]),
    [rhythm],
    NOW,
  );

describe('what is left goes before what is new', () => {
  const both = [time(4, '2026-12-01T20:00'), time(2, '2026-11-29T20:00')];
  test('half a litre a day is drunk of a litre every other day: two litres leave one for the next time', () => {
    const [next, later] = rows(both, 2000);
    expect([next?.wish.id, Math.round(next?.left?.ml ?? 0), next?.instead]).toEqual([
      ...['r:2026-11-29T20:00', 1000, { is: 'none' }],
    ]);
    // Only the next time is asked about: what is done with it decides the one after.
    expect([later?.left, later?.instead]).toEqual([null, null]);
  });
  test('a little is left: less is made; nothing is left: all of it', () => {
    expect(rows(both, 1300)[0]?.instead).toEqual({ is: 'less', ml: 700 });
    expect(rows(both, 900)[0]?.instead).toEqual({ is: 'asItIs' });
  });
  test('a milk put on the clock by hand before it counts as well', () => {
    expect(rows([wish('hand', 1), ...both], 1000).find((r) => r.left)?.instead).toEqual({ is: 'none' });
  });
  test('of one that is begun nothing is asked any more', () => {
    const [first, second] = rows([time(2, '2026-11-29T20:00', { batch: 'b' }), time(4, '2026-12-01T20:00')], 2000);
    expect([first?.left, second?.left === null]).toEqual([null, false]);
  });
});
describe('in words', () => {
  test.each([
    ['FREQ=DAILY', 'every day'],
    ['FREQ=DAILY;INTERVAL=2', 'every other day'],
    ['FREQ=DAILY;INTERVAL=10', 'every 10 days'],
    ['FREQ=WEEKLY;BYDAY=SU', 'every Sunday'],
    ['FREQ=WEEKLY;INTERVAL=2;BYDAY=MO,TH', 'every other week on Monday and Thursday'],
    ['FREQ=MONTHLY;BYMONTHDAY=1', 'by the rule FREQ=MONTHLY;BYMONTHDAY=1'],
  ])('%s', (rule, text) => {
    expect(everyText(rule)).toBe(text);
  });
  test('amounts as a cook says them', () => {
    expect([690, 1234, 40].map((x) => litresText(x).replace('\u00a0', ' '))).toEqual(['700 ml', '1.25 L', '50 ml']);
    expect([3.46, 240, 1250].map((x) => gramsText(x).replace('\u00a0', ' '))).toEqual(['3.5 g', '240 g', '1.25 kg']);
    const line = {
      material: 's',
      name: 'Soybeans',
      needG: 690,
      haveG: 240,
      look: false,
      packG: 500,
      packs: 1,
      buyG: 500,
      cost: 1.45,
    };
    expect(packsText({ packs: 2, packG: 500 })).toMatch(/^2 packs of 500\sg$/);
    expect(listText([line], '€')).toBe('- Soybeans: 1 pack of 500 g (about 1.45 €)\nTogether about 1.45 €');
  });
});
describe('what was agreed on goes on', () => {
  const item = (w: Wish): ClockItem => ({ id: w.id, name: w.name, milk: 'oat', wish: w, running: null });
  const decided = (...w: readonly Wish[]) => decidedOf(w.map(item), USUAL_HOURS, 1);
  const [a, b] = [wish('a', 1), wish('b', 2)];
  const agreed = { ...decided(a, b), starts: {} };
  test('when one is begun, or is done and leaves', () => {
    expect(goesOn(agreed, decided(a, { ...b, batch: 'x' }))).toBe(true);
    expect(goesOn(agreed, decided(b))).toBe(true);
  });
  test('not when something was decided otherwise, or came to it, or the hours or the kit changed', () => {
    expect(goesOn(agreed, decided(a, { ...b, ml: 500 }))).toBe(false);
    expect(goesOn(agreed, decided(a, b, wish('c', 3)))).toBe(false);
    expect(goesOn(agreed, decidedOf([item(a)], { ...USUAL_HOURS, cooks: 2 }, 1))).toBe(false);
    expect(goesOn(agreed, decidedOf([item(a)], USUAL_HOURS, 2))).toBe(false);
  });
  test('nor what an older window kept, which says nothing of each', () => {
    expect(goesOn({ of: agreed.of, starts: {} }, decided(a))).toBe(false);
  });
});
