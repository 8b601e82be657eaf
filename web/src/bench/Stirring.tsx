import type { TaskState } from '@ironpan/core/batch';
import { warmNowC } from '@ironpan/core/batch';
import { unstirred } from '@ironpan/core/detect';
import type { Stage } from '@ironpan/core/steps';
import { stirText } from '@ironpan/core/words';
import { usePace } from '../clock';
import type { AtStep } from './useStep';

interface StirringProps {
  readonly t: TaskState;
  readonly stage: Stage;
  readonly at: AtStep;
  readonly now: number;
  readonly probeC: number | null;
}
/** Faster than this nobody stirs in time: practice at sixty would only nag. */
const BY_HAND = 10;

/** What catches at the bottom wants stirring: how long ago that was, and a press for it. */
export function Stirring({ t, stage, at, now, probeC }: StirringProps) {
  const speed = usePace()?.speed ?? 1;
  const seen = unstirred(t, stage, probeC ?? warmNowC(t, now), now);
  if (!seen || speed > BY_HAND) return null;
  return (
    <div className={`alert mt-3 flex items-center gap-3 ${seen.over ? 'alert-warning' : ''}`} data-stirring>
      <p className="flex-1 text-[1.15rem]">{stirText(seen)}</p>
      <button
        type="button"
        className="btn btn-outline btn-lg"
        onClick={() => at.log('that it was stirred', [{ is: 'stirred', step: t.step.id, task: t.task.id }])}
      >
        Stirred
      </button>
    </div>
  );
}
