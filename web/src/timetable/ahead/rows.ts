import { insteadOf, instantOf, leftAt, timesOf } from '@ironpan/core/schedule';
import type { Instead, Left, Standing } from '@ironpan/core/schedule';
import { milkOf } from '@ironpan/core/words';
import type { AheadTold } from '../../offload/ahead.worker';
import type { Cannot } from '../../offload/clockAsk';
import type { Shown } from '../../offload/clockView';
import { timeIn } from '../../store/rhythms';
import type { RhythmNow } from '../../store/rhythms';
import type { Wish } from '../../store/wishes';

/** A milk of the fortnight: what is known of when it is made, and whether it is needed. */
export interface AheadRow {
  readonly wish: Wish;
  /** Of which food. */
  readonly milk: string;
  /** It is in the timetable; else it is as it looks now. */
  readonly settled: boolean;
  readonly beginsAt: number | null;
  readonly readyAt: number | null;
  readonly lateS: number;
  /** It was looked at: where it has no hour there is none for it. */
  readonly known: boolean;
  readonly cannot: Cannot | null;
  readonly ml: number | null;
  /** Of the next time of a rhythm: what is left of its kind by then, and what that says. */
  readonly left: Left | null;
  readonly instead: Instead | null;
}
/** What stands on the shelf, by the food it is of. */
export type Shelved = ReadonlyMap<string, readonly Standing[]>;
const DAY_MS = 24 * 3_600_000;
/** How much is drunk is told by so many days of the rhythm. */
const OVER_DAYS = 28;

/** All that is wanted, in order, as one list. */
export function rowsOf(
  wishes: readonly Wish[],
  shown: Shown | null,
  told: AheadTold | null,
  shelved: Shelved,
  rhythms: readonly RhythmNow[],
  now: number,
): readonly AheadRow[] {
  const makes = new Map(told?.makes.map((m) => [m.milk, m] as const));
  const rows = wishes.map((wish): AheadRow => {
    const settled = shown?.milks.find((m) => m.milk === wish.id);
    const ahead = told?.found.find((m) => m.milk === wish.id);
    const begins = shown?.blocks.filter((b) => b.milk === wish.id).map((b) => b.from) ?? [];
    return {
      ...{ wish, milk: milkOf(wish.recipe), settled: settled !== undefined, left: null, instead: null },
      beginsAt: settled ? Math.min(...begins) : (ahead?.beginsAt ?? null),
      readyAt: settled?.readyAt ?? ahead?.readyAt ?? null,
      lateS: settled?.lateS ?? ahead?.lateS ?? 0,
      known: settled !== undefined || ahead !== undefined,
      cannot: told?.cannot.find((c) => c.milk === wish.id) ?? null,
      ml: wish.ml ?? makes.get(wish.id)?.ml ?? null,
    };
  });
  const inOrder = rows.toSorted((a, b) => wantedAt(a) - wantedAt(b));
  for (const milk of new Set(inOrder.map((r) => r.milk))) {
    const next = inOrder.findIndex((r) => r.milk === milk && isNext(r));
    const before = inOrder.slice(0, next + 1).filter((r) => r.milk === milk);
    const row = inOrder[next];
    if (!row || before.some((r) => r.ml === null || !makes.has(r.wish.id))) continue;
    const makings = before.map((r) => ({
      ...{ at: wantedAt(r), ml: r.ml ?? 0, keepsMs: makes.get(r.wish.id)?.keepsMs ?? 0 },
    }));
    const left = leftAt(now, shelved.get(milk) ?? [], makings, perDayMl(rhythms, milk, now, row.ml ?? 0)).at(-1);
    if (left) inOrder[next] = { ...row, left, instead: insteadOf(left, row.ml ?? 0) };
  }
  return inOrder;
}
const wantedAt = (r: AheadRow): number => r.wish.byAt ?? 0;
/** A time of a rhythm that nothing has been done for yet: it can still be left out, or be less. */
const isNext = (r: AheadRow): boolean => timeIn(r.wish.id) !== null && r.wish.batch === null;
/** A milk that is made again and again is drunk as fast as it is made. */
function perDayMl(rhythms: readonly RhythmNow[], milk: string, now: number, usualMl: number): number {
  return rhythms
    .filter((r) => milkOf(r.recipe) === milk)
    .reduce((s, r) => {
      const all = { ...r, without: [] };
      const first = timesOf(all, now, now + OVER_DAYS * DAY_MS)[0];
      const from = first === undefined ? now : instantOf(first);
      const n = timesOf(all, from, from + OVER_DAYS * DAY_MS).length;
      return s + (n * (r.ml ?? usualMl)) / OVER_DAYS;
    }, 0);
}
