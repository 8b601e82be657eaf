import type { TaskState } from '@ironpan/core/batch';
import { useEffect, useMemo, useSyncExternalStore } from 'react';
import { usePace } from '../clock';
import { useLive } from '../live/live';
import type { Running } from '../live/running';
import { readPaired, standInsHere } from '../store/paired';
import { readFaults } from '../store/practice';
import { benchHeard, followBench, leaveBench, subscribeBench, watchTask } from './bench';
import type { BenchHeard } from './bench';
import { nearBy, watchNearBy } from './bluetooth';
import type { NearBy } from './bluetooth';

/** The cook's own instruments that are paired in this page. */
export const useNearBy = (): readonly NearBy[] => useSyncExternalStore(watchNearBy, nearBy);

/** Listens to the paired instruments while this batch is looked at; null: none is paired here. */
export function useBench(r: Running, t: TaskState): BenchHeard | null {
  const kept = useLive(['paired'], readPaired).data;
  const own = useNearBy();
  // The simulated ones where they belong; in the cook's own kitchen those that were paired by Bluetooth.
  const paired = useMemo(() => (standInsHere() ? kept : own.map((x) => x.of)), [kept, own]);
  const pace = usePace();
  const faults = useLive(['faults'], readFaults).data;
  const on = (paired?.length ?? 0) > 0;
  useEffect(() => {
    if (on && paired && faults) followBench(r, paired, pace, faults);
  }, [on, paired, r, pace, faults]);
  useEffect(() => {
    if (on) watchTask(r, t);
  }, [on, r, t]);
  useEffect(() => leaveBench, [r.batch.id]);
  const heard = useSyncExternalStore(subscribeBench, benchHeard);
  return on ? heard : null;
}
