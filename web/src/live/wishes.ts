import { useMemo } from 'react';
import { useNow } from '../clock';
import { allWishes, NEAR_MS } from '../store/wishes';
import type { Wish } from '../store/wishes';
import { useLive } from './live';

const DAY_MS = 24 * 3_600_000;
const MINUTE_MS = 60_000;
/** What is on the clock, followed: with the times of rhythms as far ahead as asked for, and none that is past. */
export function useWishes(aheadMs = NEAR_MS): readonly Wish[] | undefined {
  const minute = Math.floor(useNow() / MINUTE_MS) * MINUTE_MS;
  // Read once a day, a day farther than asked for: what comes and goes within it follows from the hour.
  const day = Math.floor(minute / DAY_MS) * DAY_MS;
  const all = useLive(['wishes', day, aheadMs], () => allWishes(day, aheadMs + DAY_MS)).data;
  const comes = all?.filter((w) => w.kept || ((w.byAt ?? 0) > minute && (w.byAt ?? 0) <= minute + aheadMs));
  const ids = comes?.map((w) => w.id).join() ?? '';
  // oxlint-disable-next-line react/exhaustive-deps
  return useMemo(() => comes, [all, ids]);
}
