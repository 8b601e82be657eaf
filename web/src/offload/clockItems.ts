import { offBetween } from '@ironpan/core/schedule';
import type { Hours } from '@ironpan/core/schedule';
import { milkOf } from '@ironpan/core/words';
import type { Running } from '../live/running';
import type { Wish } from '../store/wishes';
import type { ClockAsked, ClockMilk } from './clockAsk';

/** A milk of the clock: what is wished for, what is being made, or both. */
export interface ClockItem {
  readonly id: string;
  readonly name: string;
  /** Of which food, for its colour. */
  readonly milk: string;
  readonly wish: Wish | null;
  readonly running: Running | null;
}
/** Nights are looked up so far ahead of whatever is wanted, ms. */
const AHEAD = 10 * 24 * 3_600_000;

/** All that takes hands and things: what is wished for, and what is on the bench. */
export function itemsOf(wishes: readonly Wish[], running: readonly Running[]): readonly ClockItem[] {
  const mine = wishes.map((wish): ClockItem => {
    const run = running.find((r) => r.batch.id === wish.batch) ?? null;
    const recipe = run?.batch.recipe ?? wish.recipe;
    return { id: wish.id, name: wish.name, milk: milkOf(recipe), wish, running: run };
  });
  // What is on the bench without having been on the clock takes its hands and things all the same.
  const others = running.filter((r) => r.progress.state === 'open' && !wishes.some((w) => w.batch === r.batch.id));
  return [
    ...mine,
    ...others.map((r) => ({
      ...{ id: r.batch.id, name: r.batch.name, milk: milkOf(r.batch.recipe), wish: null, running: r },
    })),
  ];
}
/** The question as the worker takes it. */
export function askedOf(
  items: readonly ClockItem[],
  hours: Hours,
  here: ClockAsked['here'],
  now: number,
  agreed: ClockAsked['agreed'],
  chances: boolean,
): ClockAsked {
  const last = Math.max(now, ...items.map((i) => i.wish?.byAt ?? now));
  return {
    milks: items.map(({ id, wish, running: r }): ClockMilk => ({
      ...{ id, recipe: wish?.recipe ?? (r as Running).batch.recipe, ml: wish?.ml ?? null },
      ...{ byAt: wish?.byAt ?? null, notBeforeAt: wish?.notBeforeAt ?? null, fixed: wish?.fixed ?? {} },
      batch: r && { batch: r.batch, events: r.events, traces: r.traces },
    })),
    here: { kit: here.kit, beliefs: here.beliefs },
    now,
    off: offBetween(hours, now - 24 * 3_600_000, last + AHEAD),
    ...{ cooks: hours.cooks, spareMin: hours.spareMin, outOfUse: hours.outOfUse, agreed, chances },
  };
}
