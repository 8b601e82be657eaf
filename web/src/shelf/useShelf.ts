import { isPulp } from '@ironpan/core/kitchen';
import { jarNow } from '@ironpan/core/batch';
import type { JarNow } from '@ironpan/core/batch';
import type { Kit } from '@ironpan/core/kitchen';
import { streamName } from '@ironpan/core/words';
import { useMemo } from 'react';
import { allJars } from '../store/jars';
import type { JarWithLog } from '../store/jars';
import { useLive } from '../store/live';

export interface ShelfJar extends JarWithLog {
  readonly now: JarNow;
  readonly name: string;
  readonly pulp: boolean;
  readonly tone: 'good' | 'soon' | 'past';
}
const SOON_S = 24 * 3600;
/** Jars stand as they are at the turn of each minute: nothing on a shelf changes faster. */
const MINUTE = 60_000;

export function useShelf(kit: Kit | undefined, nowMs: number): readonly ShelfJar[] | undefined {
  const live = useLive(['jars'], allJars);
  if (live.error) throw live.error;
  const minute = Math.floor(nowMs / MINUTE) * MINUTE;
  const data = live.data;
  return useMemo(() => {
    if (!data || !kit) return undefined;
    return data
      .map((j): ShelfJar => {
        const now = jarNow(j.jar, j.events, j.batch, kit, minute);
        const left = now.keep?.s ?? Infinity;
        return {
          ...j,
          now,
          name: streamName(j.jar.product, j.batch.recipe),
          pulp: isPulp(j.jar.stream),
          tone: left <= 0 ? 'past' : left < SOON_S ? 'soon' : 'good',
        };
      })
      .sort((a, b) => (a.now.keep?.s ?? Infinity) - (b.now.keep?.s ?? Infinity) || a.jar.id.localeCompare(b.jar.id));
  }, [data, kit, minute]);
}
