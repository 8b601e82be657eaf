import type { Hours } from '@ironpan/core/schedule';
import { offBetween } from '@ironpan/core/schedule';
import { milkOf } from '@ironpan/core/words';
import { useEffect, useMemo, useRef, useState } from 'react';
import { useNow } from '../clock';
import { useLive } from '../live/live';
import { useOpen } from '../live/running';
import type { Running } from '../live/running';
import { useHere } from '../live/useHere';
import { askClock } from '../offload';
import type { ClockAsked, ClockMilk } from '../offload/clockAsk';
import type { ClockTold } from '../offload/clockView';
import { readHours } from '../store/hours';
import { allWishes, keepAgreed, readAgreed } from '../store/wishes';
import type { Wish } from '../store/wishes';

/** A milk of the clock: what is wished for, what is being made, or both. */
export interface ClockItem {
  readonly id: string;
  readonly name: string;
  /** Of which food, for its colour. */
  readonly milk: string;
  readonly wish: Wish | null;
  readonly running: Running | null;
}
export interface Clock {
  readonly items: readonly ClockItem[];
  readonly hours: Hours;
  readonly told: ClockTold | null;
  /** How far the search is, 0..1; null: it is done, or was stopped. */
  readonly share: number | null;
  readonly failed: string | null;
  readonly stop: () => void;
  /** Takes the newer timetable in place of the one that was agreed on. */
  readonly askAnew: () => void;
}
const MINUTE = 60_000;
/** Nights are looked up so far ahead of whatever is wanted, ms. */
const AHEAD = 10 * 24 * 3_600_000;
/** Edits that follow each other within this time are one question, ms. */
const SETTLES = 150;

/** What is on the clock, and the timetable of it: asked anew when the cook changes something, followed as time goes. */
export function useClock(): Clock | undefined {
  const wishes = useLive(['wishes'], allWishes).data;
  const hours = useLive(['hours'], readHours).data;
  const here = useHere();
  const open = useOpen();
  const minute = Math.floor(useNow() / MINUTE) * MINUTE;
  const items = useMemo(() => (wishes && open ? itemsOf(wishes, open.running) : undefined), [wishes, open]);
  const [anew, setAnew] = useState(0);
  // What the cook decides: while it is the same, what was agreed on goes on.
  const decided = useMemo(
    () => (items && hours && here ? decidedOf(items, hours, here.kit.updatedAt, anew) : null),
    [items, hours, here, anew],
  );
  const seqs = items?.map((i) => i.running?.events.length ?? 0).join() ?? '';
  const [state, setState] = useState<Pick<Clock, 'told' | 'share' | 'failed'>>({
    told: null,
    share: null,
    failed: null,
  });
  const stop = useRef<() => void>(() => undefined);
  const moves = items?.some((i) => i.running !== null) ?? false;
  useEffect(() => {
    if (!items || !hours || !here || decided === null) return;
    const left = new AbortController();
    const isLeft = (): boolean => left.signal.aborted;
    const ask = async (): Promise<void> => {
      const had = await readAgreed();
      if (isLeft()) return;
      const asked = askedOf(items, hours, here, minute, had?.of === decided ? had.starts : null);
      const search = askClock(asked, (told, share) => {
        if (!isLeft()) setState({ told, share, failed: null });
      });
      stop.current = () => {
        search.stop();
        setState((s) => ({ ...s, share: null }));
      };
      try {
        const told = await search.done;
        if (isLeft()) return;
        setState({ told, share: null, failed: null });
        if (told.shown && !told.kept) await keepAgreed({ of: decided, starts: told.shown.starts });
      } catch (e) {
        if (!isLeft()) setState((s) => ({ ...s, share: null, failed: e instanceof Error ? e.message : String(e) }));
      }
    };
    const soon = setTimeout(() => void ask(), SETTLES);
    return () => {
      left.abort();
      clearTimeout(soon);
      stop.current();
    };
    // A batch is looked at anew with each of its lines, and each minute while one runs or is due.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [decided, seqs, moves ? minute : Math.floor(minute / (5 * MINUTE))]);
  if (!items || !hours) return undefined;
  return { items, hours, ...state, stop: () => stop.current(), askAnew: () => setAnew(minute) };
}

function itemsOf(wishes: readonly Wish[], running: readonly Running[]): readonly ClockItem[] {
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
function decidedOf(items: readonly ClockItem[], hours: Hours, kit: number, anew: number): string {
  return JSON.stringify([
    items.map((i) => [i.id, i.wish?.updatedAt, i.wish?.planNow?.rev, i.wish?.batch]),
    hours,
    kit,
    anew,
  ]);
}
function askedOf(
  items: readonly ClockItem[],
  hours: Hours,
  here: ClockAsked['here'],
  now: number,
  agreed: ClockAsked['agreed'],
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
    ...{ cooks: hours.cooks, spareMin: hours.spareMin, outOfUse: hours.outOfUse, agreed },
  };
}
