import { holdingNow } from '@ironpan/core/batch';
import type { Trace } from '@ironpan/core/steps';
import { HOUR_S } from '@ironpan/core/units';
import { clock, duration, join, percent } from '@ironpan/core/words';
import type { Running, Timer } from '../live/running';
import { whenOf } from '../ui/times';

interface FuseProps {
  readonly timer: Timer;
  readonly now: number;
  readonly r: Running;
  /** What a probe in it told since it was begun: a hold is counted by that. */
  readonly probe: Trace | null;
}
/** A fuse that burns down, and the time that is left, large. */
export function Fuse({ timer, now, r, probe }: FuseProps) {
  const left = timer.leftS;
  const share = timer.plannedS > 0 ? Math.min(1, timer.ranS / timer.plannedS) : 1;
  const holding = holdingNow(r.progress, r.batch, timer.task, now, probe);
  return (
    <div role="timer" aria-label={left > 0 ? `${join(duration(left))} left` : 'time is up'}>
      <p
        className={`font-display leading-none font-extrabold tabular-nums ${Math.abs(left) < HOUR_S ? 'text-[3.6rem] sm:text-[4.2rem] wide:text-[5.5rem]' : 'text-[2.5rem] sm:text-[3.6rem] wide:text-[4.2rem]'}`}
        style={left <= 0 ? { color: 'var(--flame-text)' } : undefined}
      >
        {left > 0 ? clock(left) : `+${clock(-left)}`}
      </p>
      <div
        className="mt-2 h-6 overflow-hidden rounded-sm border-1.5"
        style={{ borderColor: 'var(--iron)', background: 'var(--ground)' }}
      >
        <div className="h-full" style={{ width: `${100 * share}%`, background: 'var(--flame)' }} />
      </div>
      <p className="mt-1.5 text-[1.19rem]">
        {timer.paused ? (
          <b>Paused</b>
        ) : left > 0 ? (
          <>
            done about <span className="num">{whenOf(now + left * 1000, now)}</span>
          </>
        ) : (
          <b>Time is up: look, then press done.</b>
        )}
      </p>
      {holding && (
        <p className="text-[1.19rem]">
          inhibitor left now <span className="num">{join(percent(holding.left))}</span>, goal{' '}
          {join(percent(holding.goal))}:{' '}
          {holding.moreS > 0 ? `done after ${join(duration(holding.moreS))} more at the true boil` : 'boiled enough'}
        </p>
      )}
    </div>
  );
}
