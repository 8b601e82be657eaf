import { clock, duration, join } from '@ironpan/core/words';
import type { TaskState } from '@ironpan/core/batch';
import { Link, useLocation } from 'react-router';
import { benchOf, nameOfTask, soakOf, timerOf, useOpen } from '../live/running';
import type { Running } from '../live/running';
import { Alarm } from './Alarm';
import { ClockWatch } from './ClockWatch';
import { Reminders } from './Reminders';
import { useNow } from '../clock';
import { dueItems, stepDueAt, useDue } from '../live/due';
import { whenOf } from '../ui/times';

/** Always there: what soaks, what runs, what is next. The timers live here and nowhere else. */
export function Worktop() {
  const bench = useOpen();
  const now = useNow();
  const open = bench?.running ?? [];
  const tiles = open.flatMap(tilesOf);
  const due = useDue();
  const [first] = [
    ...open.flatMap((b) => {
      const { current } = b.progress;
      if (!current || timerOf(current, now) !== null) return [];
      const text = nameOfTask(current, b.progress.recipe);
      return [{ at: stepDueAt(due, b, now), text, to: `/bench/${b.batch.id}` }];
    }),
    ...dueItems(due, now).map((d) => ({ at: d.at, text: d.text, to: '/clock' })),
  ].sort((a, b) => a.at - b.at);
  const shown = tiles.slice(0, MOST_TILES);
  return (
    <section
      aria-label="Worktop"
      className="flex min-h-14 items-stretch overflow-x-auto"
      style={{ background: 'var(--bar)', color: 'var(--bar-text)' }}
    >
      {bench && <Alarm batches={open} now={now} />}
      {bench && <ClockWatch open={open} />}
      {bench && <Reminders batches={open} now={now} />}
      {shown.map(({ b, t }) => (
        <Tile key={`${b.batch.id} ${t.step.id} ${t.task.id}`} b={b} t={t} now={now} />
      ))}
      {tiles.length > shown.length && (
        <Link
          to="/bench"
          className="flex items-center px-4 font-semibold"
          style={{ borderRight: '1px solid var(--bar-line)' }}
        >
          {`+ ${tiles.length - shown.length} more`}
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
      {first && (
        <Link to={first.to} className="ml-auto hidden flex-col justify-center px-5 wide:flex">
          <span className="small" style={{ color: 'var(--bar-ash)' }}>
            {first.at > now ? `Next, ${whenOf(first.at, now)}` : 'Next'}
          </span>
          <span className="font-semibold">{first.text}</span>
        </Link>
      )}
    </section>
  );
}

/** More of them than these are on the bench's own page. */
const MOST_TILES = 4;
/** What runs of a batch, each by itself, and what waits for its cook: the switch between all that goes on. */
const tilesOf = (b: Running): readonly { readonly b: Running; readonly t: TaskState }[] =>
  b.progress.atHand.flatMap((t) => (t.status === 'running' || t === b.progress.current ? [{ b, t }] : []));

function Tile({ b, t, now }: { readonly b: Running; readonly t: TaskState; readonly now: number }) {
  const { pathname, search } = useLocation();
  const timer = timerOf(t, now);
  const soak = soakOf(b, t, now);
  const late = timer !== null && timer.leftS <= 0;
  const to = benchOf(b.batch.id, t === b.progress.current ? undefined : t);
  const here = `${pathname}${search}` === to;
  return (
    <Link
      to={to}
      data-runs={timer === null ? undefined : true}
      aria-current={here ? 'true' : undefined}
      className="flex min-w-32 flex-col justify-center px-4 py-1.5"
      style={{
        borderRight: '1px solid var(--bar-line)',
        ...(here && { boxShadow: 'inset 0 4px 0 #d97a4a' }),
      }}
    >
      <span className="small max-w-52 truncate" style={{ color: 'var(--bar-ash)' }}>
        {`${timer?.paused ? 'Paused · ' : ''}${nameOfTask(t, b.progress.recipe)} · ${b.batch.name}`}
      </span>
      {soak ? (
        <span className="num whitespace-nowrap">{`${join(duration(soak.elapsedS))} of ${join(duration(soak.plannedS))}`}</span>
      ) : timer ? (
        <span className="num text-lg leading-tight" style={late ? { color: '#e0916c' } : undefined}>
          {late ? `over ${clock(-timer.leftS)}` : clock(timer.leftS)}
        </span>
      ) : (
        <span className="font-semibold">{t.status === 'running' ? 'going' : 'to begin'}</span>
      )}
    </Link>
  );
}
