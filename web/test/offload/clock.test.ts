import { describe, expect, test } from '@jest/globals';
import { unlearned, USUAL_KIT } from '@ironpan/core/kitchen';
import { METHODS, recipeOf } from '@ironpan/core/methods';
import { dayOf, Timetabling } from '@ironpan/core/schedule';
import { summarise, fold } from '@ironpan/core/batch';
import { dayAsked, ofSize, otherWays } from '../../src/offload/clockAsk';
import type { ClockAsked, ClockMilk } from '../../src/offload/clockAsk';
import { shownOf } from '../../src/offload/clockView';

const NOW = new Date(2026, 2, 14, 14).getTime();
const here = unlearned(USUAL_KIT);
const milk = (school: string, more: Partial<ClockMilk> = {}): ClockMilk => {
  const m = METHODS.find((x) => x.id === school);
  if (!m) throw new Error(school);
  return {
    ...{ id: school, recipe: recipeOf(m), ml: null, byAt: null, notBeforeAt: null, fixed: {}, batch: null },
    ...more,
  };
};
const asked = (milks: readonly ClockMilk[], more: Partial<ClockAsked> = {}): ClockAsked => ({
  ...{ milks, here, now: NOW, off: [], cooks: 1, spareMin: 0, outOfUse: [], agreed: null, chances: false, ...more },
});
function shown(a: ClockAsked) {
  const { asked: of } = dayAsked(a);
  const day = dayOf(of);
  const t = new Timetabling(day.problem);
  let s = t.run(500);
  while (!s.done) s = t.run(500);
  if (!s.best) throw new Error('none');
  return shownOf(of, day, s.best, true);
}

describe('the clock’s question and its answer', () => {
  test('so much of it as is wanted', () => {
    const { recipe } = milk('oat-middle');
    const ml = (r: typeof recipe) => summarise(r, fold(r, here), here.kit, 'main').jarredMl;
    expect(ml(ofSize(recipe, 1500, here))).toBeCloseTo(1500, -1);
    expect(ofSize(recipe, null, here)).toBe(recipe);
  });
  test('what is out of use, or cannot be made as it stands, is told apart and keeps no other from its time', () => {
    const broken = milk('oat-ice', {
      recipe: { ...milk('oat-ice').recipe, steps: milk('oat-ice').recipe.steps.toReversed() },
    });
    const a = asked([milk('soy-no-soak'), milk('coconut-graded'), broken], { outOfUse: [here.kit.use.hob] });
    const { asked: of, cannot } = dayAsked(a);
    expect(of.milks.map((m) => m.id)).toEqual(['coconut-graded']);
    expect(cannot.map((c) => [c.milk, c.why])).toEqual([
      ['soy-no-soak', 'outOfUse'],
      ['oat-ice', 'order'],
    ]);
  });
  test('every block of it has a name, an hour and a reason; what one milk leaves for the next is told', () => {
    const s = shown(asked([milk('oat-middle'), milk('coconut-one-blend', { byAt: NOW + 7_200_000 })]));
    for (const b of s.blocks) {
      expect(b.title).not.toBe('');
      expect(b.to).toBeGreaterThan(b.from);
      expect(b.why.earlier.because).not.toBeNull();
      expect(b.parts.at(-1)?.to).toBe(b.to);
    }
    expect(s.milks.every((m) => m.lateS === 0)).toBe(true);
    expect(s.carried).toHaveLength(1);
    // The same milk twice leaves nothing that it has not itself.
    expect(shown(asked([milk('oat-middle'), milk('oat-middle', { id: 'again' })])).carried).toEqual([]);
  });
  test('it can be told to another thread: it is plain data', () => {
    const s = shown(asked([milk('oat-middle')]));
    expect(structuredClone(s)).toEqual(s);
  });
  test('other ways to make it are all of the same food', () => {
    const a = asked([milk('soy-washed', { ml: 1000 })]);
    const [m] = dayAsked(a).asked.milks;
    const ways = m ? otherWays(m, a) : [];
    expect(ways.length).toBe(METHODS.filter((x) => x.milk === 'soy').length);
    expect(ways.every((w) => w.milk.id === 'soy-washed' && w.milk.progress === null)).toBe(true);
  });
});
