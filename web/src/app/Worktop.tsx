import { clock, duration, join } from '@ironpan/core/words';
import { Link } from 'react-router';
import { nameOfTask, soakOf, timerOf, useOpen } from '../live/running';
import type { Running } from '../live/running';
import { Alarm } from './Alarm';
import { ClockWatch } from './ClockWatch';
import { Reminders } from './Reminders';
import { useNow } from '../clock';

/** Always there: what soaks, what runs, what is next. The timers live here and nowhere else. */
export function Worktop() {
  const bench = useOpen();
  const now = useNow();
  const open = bench?.running ?? [];
  const next = open.find((b) => timerOf(b, now) === null);
  const shown = open.slice(0, 4);
  return (
    <section
      aria-label="Worktop"
      className="flex min-h-14 items-stretch overflow-x-auto"
      style={{ background: 'var(--bar)', color: 'var(--bar-text)' }}
    >
      {bench && <Alarm batches={open} now={now} />}
      {bench && <ClockWatch open={open} />}
      {bench && <Reminders batches={open} now={now} />}
      {shown.map((b) => (
        <Tile key={b.batch.id} b={b} now={now} />
      ))}
      {open.length > shown.length && (
        <Link
          to="/bench"
          className="flex items-center px-4 font-semibold"
          style={{ borderRight: '1px solid var(--bar-line)' }}
        >
          {`+ ${open.length - shown.length} more`}
        </Link>
      )}
      {bench?.broken.map((b) => (
        <Link
          key={b.batch.id}
          to={`/bench/${b.batch.id}`}
          className="flex min-w-32 flex-col justify-center px-4 py-1.5"
          style={{ borderRight: '1px solid var(--bar-line)' }}
        >
          <span className="small max-w-52 truncate" style={{ color: 'var(--bar-ash)' }}>
            {b.batch.name}
          </span>
          <span className="font-semibold">cannot be worked out</span>
        </Link>
      ))}
      {bench && open.length === 0 && bench.broken.length === 0 && (
        <p className="self-center px-5" style={{ color: 'var(--bar-ash)' }}>
          Nothing soaks, nothing runs.
        </p>
      )}
      {next?.progress.current && (
        <Link to={`/bench/${next.batch.id}`} className="ml-auto hidden flex-col justify-center px-5 wide:flex">
          <span className="small" style={{ color: 'var(--bar-ash)' }}>
            Next
          </span>
          <span className="font-semibold">{nameOfTask(next.progress.current)}</span>
        </Link>
      )}
    </section>
  );
}

function Tile({ b, now }: { readonly b: Running; readonly now: number }) {
  const timer = timerOf(b, now);
  const soak = soakOf(b, now);
  const t = b.progress.current;
  if (!t) return null;
  const late = timer !== null && timer.leftS <= 0;
  return (
    <Link
      to={`/bench/${b.batch.id}`}
      data-runs={timer === null ? undefined : true}
      className="flex min-w-32 flex-col justify-center px-4 py-1.5"
      style={{ borderRight: '1px solid var(--bar-line)' }}
    >
      <span className="small max-w-52 truncate" style={{ color: 'var(--bar-ash)' }}>
        {`${timer?.paused ? 'Paused · ' : ''}${nameOfTask(t)} · ${b.batch.name}`}
      </span>
      {soak ? (
        <span className="num whitespace-nowrap">{`${join(duration(soak.elapsedS))} of ${join(duration(soak.plannedS))}`}</span>
      ) : timer ? (
        <span className="num text-lg leading-tight" style={late ? { color: '#e0916c' } : undefined}>
          {late ? `over ${clock(-timer.leftS)}` : clock(timer.leftS)}
        </span>
      ) : (
        <span className="font-semibold">to begin</span>
      )}
    </Link>
  );
}
