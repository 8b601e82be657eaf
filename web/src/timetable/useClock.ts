import type { Hours } from '@ironpan/core/schedule';
import { useEffect, useMemo, useRef, useState } from 'react';
import { useNow } from '../clock';
import { useLive } from '../live/live';
import { useOpen } from '../live/running';
import { useHere } from '../live/useHere';
import { useWishes } from '../live/wishes';
import { askClock } from '../offload';
import { askedOf, itemsOf } from '../offload/clockItems';
import type { ClockItem } from '../offload/clockItems';
import type { ClockTold } from '../offload/clockView';
import { readHours } from '../store/hours';
import { dropAgreed, keepAgreed, readAgreed } from '../store/wishes';
import { decidedOf, goesOn } from './decided';
import { reportAs } from '../report';

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
/** Edits that follow each other within this time are one question, ms. */
const SETTLES = 150;

/** What is on the clock, and the timetable of it: asked anew when the cook changes something, followed as time goes. */
export function useClock(): Clock | undefined {
  const wishes = useWishes();
  const hours = useLive(['hours'], readHours).data;
  const here = useHere();
  const open = useOpen();
  const minute = Math.floor(useNow() / MINUTE) * MINUTE;
  const items = useMemo(() => (wishes && open ? itemsOf(wishes, open.running) : undefined), [wishes, open]);
  const [anew, setAnew] = useState(0);
  // What the cook decides: while it is the same, what was agreed on goes on.
  const decided = useMemo(
    () => (items && hours && here ? decidedOf(items, hours, here.kit.updatedAt) : null),
    [items, hours, here],
  );
  const key = JSON.stringify(decided);
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
      const asked = askedOf(items, hours, here, minute, had && goesOn(had, decided) ? had.starts : null, true);
      const search = askClock(asked, (told, share) => {
        // How sure it was is shown until it is known anew.
        const chances = (was: ClockTold | null) =>
          Object.keys(told.chances).length > 0 ? told.chances : (was?.chances ?? {});
        if (!isLeft()) setState((s) => ({ told: { ...told, chances: chances(s.told) }, share, failed: null }));
      });
      stop.current = () => {
        search.stop();
        setState((s) => ({ ...s, share: null }));
      };
      try {
        const told = await search.done;
        if (isLeft()) return;
        setState({ told, share: null, failed: null });
        if (told.shown && !told.kept) await keepAgreed({ ...decided, starts: told.shown.starts });
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
    // oxlint-disable-next-line react/exhaustive-deps
  }, [key, anew, seqs, moves ? minute : Math.floor(minute / (5 * MINUTE))]);
  if (!items || !hours) return undefined;
  // The one that will do is the one that is agreed on.
  const takeThis = (): void => {
    stop.current();
    const { told } = state;
    if (told?.shown && !told.kept && decided !== null)
      void keepAgreed({ ...decided, starts: told.shown.starts }).catch(reportAs('Saving the timetable'));
  };
  const askAnew = (): void => {
    dropAgreed().then(
      () => setAnew((n) => n + 1),
      (e: unknown) => setState((s) => ({ ...s, failed: e instanceof Error ? e.message : String(e) })),
    );
  };
  return { items, hours, ...state, stop: takeThis, askAnew };
}
