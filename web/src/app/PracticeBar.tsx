import { PRACTICE_SPEEDS } from '@ironpan/core/instruments';
import { duration, join } from '@ironpan/core/words';
import { useEffect } from 'react';
import { fromNow, now as nowMs, setPace, useNow } from '../clock';
import { nameOfTask, timersOf, useOpen } from '../live/running';
import type { Running, Timer } from '../live/running';
import { useLive } from '../live/live';
import { keepPace, keepSpeed, leavePractice, readPace, readSpeed } from '../store/practice';
import { hourMinute } from '../ui/times';
import { DoorBell } from './DoorBell';
import { reportAs } from '../report';

/** While both hands are at something by the second, practice goes no faster: nobody stops a jug to the minute. */
const WITH_BUSY_HANDS = 10;
/** A step that is timed and takes both hands stands before the cook, begun or about to be. */
const handsBusy = (open: readonly Running[]): boolean =>
  open.some((b) => b.progress.atHand.some((t) => t.task.timed && t.task.hands === 'busy'));

/** Says that this is practice, how fast it goes, what may be skipped, and how to leave it. */
export function PracticeBar() {
  const bench = useOpen();
  const open = bench?.running ?? [];
  const now = useNow();
  const chosen = useLive(['speed'], readSpeed).data ?? null;
  const pace = useLive(['pace'], readPace).data ?? null;
  useEffect(() => {
    // Another window may have changed it.
    if (pace) setPace(pace);
  }, [pace]);
  const busy = handsBusy(open);
  const speed = chosen === null ? 1 : busy ? Math.min(chosen, WITH_BUSY_HANDS) : chosen;
  // Not before it is known what goes on: a reload must not let a turning jug run away.
  const known = bench !== undefined && chosen !== null && pace !== null;
  const goes = pace?.speed;
  useEffect(() => {
    if (known && goes !== speed) void keepPace(fromNow(speed)).catch(reportAs('Changing the pace of the practice'));
  }, [speed, known, goes]);
  const next = nextEnd(open, now);
  return (
    <section
      aria-label="Practice"
      className="flex flex-wrap items-center gap-x-5 gap-y-1 border-b-2 px-5 py-1.5"
      style={{ background: 'var(--amber-soft)', borderColor: 'var(--amber)' }}
    >
      <p>
        <b>Practice.</b> <span className="max-wide:hidden">A simulated kitchen: nothing here counts or is kept.</span>
      </p>
      <span className="num text-lg">{hourMinute(now)}</span>
      <div role="group" aria-label="How fast" className="flex gap-1.5">
        {PRACTICE_SPEEDS.map((s) => (
          <button
            key={s}
            type="button"
            aria-pressed={s === chosen}
            className={`btn ${s === chosen ? 'btn-neutral' : 'btn-outline'}`}
            onClick={() => void keepSpeed(s).catch(reportAs('Changing the pace of the practice'))}
          >
            {`×${s}`}
          </button>
        ))}
      </div>
      {chosen !== null && speed < chosen && <span className="small">{`×${speed} while your hands are busy`}</span>}
      {next && (
        <button
          type="button"
          className="btn btn-outline"
          data-once
          onClick={() =>
            void keepPace(fromNow(speed, nowMs() + next.leftS * 1000)).catch(
              reportAs('Changing the pace of the practice'),
            )
          }
        >
          {`Skip ${join(duration(next.leftS))}, to the end of: ${nameOfTask(next.task).toLowerCase()}`}
        </button>
      )}
      <DoorBell open={open} speed={speed} />
      <button type="button" className="link small ml-auto" onClick={() => void leavePractice('/plan')}>
        Leave practice
      </button>
    </section>
  );
}
/** Worth skipping, s. */
const SKIP_FROM_S = 20;
/** What needs no hands and ends first. */
function nextEnd(open: readonly Running[], now: number): Timer | null {
  const all = open
    .flatMap((b) => timersOf(b, now))
    .filter((t) => !t.paused && t.task.task.hands !== 'busy' && t.leftS > SKIP_FROM_S);
  return all.sort((a, b) => a.leftS - b.leftS)[0] ?? null;
}
