import { stepOf } from '@ironpan/core/schedule';
import type { Standing } from '@ironpan/core/schedule';
import { milkOf } from '@ironpan/core/words';
import { useEffect, useMemo, useState } from 'react';
import { useNow } from '../../clock';
import { useLive } from '../../live/live';
import { useShelf } from '../../live/shelf';
import { useHere } from '../../live/useHere';
import { useWishes } from '../../live/wishes';
import { askAhead } from '../../offload';
import type { AheadTold } from '../../offload/ahead.worker';
import { askedOf, itemsOf } from '../../offload/clockItems';
import { allRhythms } from '../../store/rhythms';
import type { RhythmNow } from '../../store/rhythms';
import type { Clock } from '../useClock';
import { rowsOf } from './rows';
import type { AheadRow } from './rows';

export interface AheadNow {
  readonly rows: readonly AheadRow[];
  readonly rhythms: readonly RhythmNow[];
  /** How far it is, 0..1; null: all is placed. */
  readonly share: number | null;
  readonly failed: string | null;
}
const FORTNIGHT_MS = 14 * 24 * 3_600_000;
const MINUTE_MS = 60_000;

/** The next fortnight: what the clock has settled, and behind it what is wanted then, placed as it looks now. */
export function useAhead(clock: Clock | undefined): AheadNow | undefined {
  const minute = Math.floor(useNow() / MINUTE_MS) * MINUTE_MS;
  const wishes = useWishes(FORTNIGHT_MS);
  const rhythms = useLive(['rhythms'], allRhythms).data;
  const here = useHere();
  const shelf = useShelf(minute);
  const [state, setState] = useState<{ told: AheadTold | null; share: number | null; failed: string | null }>({
    ...{ told: null, share: null, failed: null },
  });
  const shown = clock?.told?.shown ?? null;
  const near = useMemo(() => new Set(clock?.items.map((i) => i.id)), [clock?.items]);
  const far = useMemo(() => wishes?.filter((w) => !near.has(w.id)) ?? [], [wishes, near]);
  // Asked once the clock has settled what is near, and anew when that or what is wanted changes.
  const settled = clock?.share === null && (clock.told !== null || clock.items.length === 0);
  const key = JSON.stringify([
    far.map((w) => [w.id, w.byAt, w.ml, w.planNow?.rev]),
    shown?.milks.map((m) => [m.milk, m.readyAt]),
    clock?.hours,
    here?.kit.updatedAt,
  ]);
  useEffect(() => {
    if (!clock || !here || !settled) return;
    const asked = askedOf(itemsOf(far, []), clock.hours, here, minute, null, false);
    const standing = askedOf(clock.items, clock.hours, here, minute, null, false).milks.map((m) => ({
      ...m,
      fixed: Object.fromEntries(
        shown?.blocks.filter((b) => b.milk === m.id).map((b) => [stepOf(b.id), b.from] as const) ?? [],
      ),
    }));
    let left = false;
    const search = askAhead({ ...asked, standing }, (told, share) => {
      if (!left) setState({ told, share, failed: null });
    });
    search.done.then(
      (told) => {
        if (!left) setState({ told, share: null, failed: null });
      },
      (e: unknown) => {
        if (!left) setState((s) => ({ ...s, share: null, failed: e instanceof Error ? e.message : String(e) }));
      },
    );
    return () => {
      left = true;
      search.stop();
    };
    // oxlint-disable-next-line react/exhaustive-deps
  }, [settled, key]);
  return useMemo(() => {
    if (!wishes || !rhythms || !shelf) return undefined;
    const shelved = new Map<string, Standing[]>();
    for (const j of shelf.jars) {
      if (j.pulp || j.danger || j.now.turned || !j.now.keep || j.now.keep.s <= 0) continue;
      const milk = milkOf(j.batch.recipe);
      const jar = { ml: j.now.leftMl, untilAt: minute + 1000 * j.now.keep.s };
      shelved.set(milk, [...(shelved.get(milk) ?? []), jar]);
    }
    return { ...state, rhythms, rows: rowsOf(wishes, shown, state.told, shelved, rhythms, minute) };
  }, [wishes, rhythms, shelf, shown, state, minute]);
}
