import type { TaskState } from '@ironpan/core/batch';
import { warmNowC } from '@ironpan/core/batch';
import { unstirred } from '@ironpan/core/detect';
import type { Unstirred } from '@ironpan/core/detect';
import type { Stage } from '@ironpan/core/steps';
import { usePace } from '../clock';

/** Faster than this nobody stirs in time: practice at sixty would only nag. */
const BY_HAND = 10;
/** How long what catches at the bottom was left unstirred; null: it does not catch, or not yet. */
export function useStirring(
  t: TaskState,
  stage: Stage | undefined,
  now: number,
  probeC: number | null,
): Unstirred | null {
  const speed = usePace()?.speed ?? 1;
  const seen = stage === undefined ? null : unstirred(t, stage, probeC ?? warmNowC(t, now), now);
  // The press is there at any pace: foam that is practised is held down by it.
  return seen && speed > BY_HAND ? { ...seen, over: false } : seen;
}
