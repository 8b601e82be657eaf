import { climbOf } from '@ironpan/core/batch';
import type { ClimbPoint, TaskState } from '@ironpan/core/batch';
import { useEffect, useState } from 'react';
import type { Running } from '../live/running';

/** The climb of a load, laid once after the page has been drawn; what moves with each frame only reads it. */
export function useClimb(r: Running, t: TaskState): readonly ClimbPoint[] | null {
  const [laid, setLaid] = useState<{ readonly of: unknown; readonly climb: readonly ClimbPoint[] | null } | null>(null);
  const { progress, batch } = r;
  useEffect(() => {
    const soon = setTimeout(() => setLaid({ of: progress, climb: climbOf(progress, batch, t) }), 0);
    return () => clearTimeout(soon);
    // The task follows from the progress.
    // oxlint-disable-next-line react/exhaustive-deps
  }, [progress, batch, t.task.id]);
  return laid?.climb ?? null;
}
