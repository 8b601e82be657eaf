import { Link, Navigate } from 'react-router';
import { useNow } from '../clock';
import { clock } from '@ironpan/core/words';
import { nameOfTask, timersOf, useOpen } from '../live/running';
import { BrokenBatch } from '../ui/BrokenBatch';
import { Empty, Loading } from '../ui/State';

/** What is being made. With one batch open it is that one's bench. */
export function BenchPage() {
  const bench = useOpen();
  const now = useNow();
  if (!bench) return <Loading />;
  const { running: open, broken } = bench;
  if (open.length === 1 && open[0] && broken.length === 0)
    return <Navigate to={`/bench/${open[0].batch.id}`} replace />;
  if (open.length === 0 && broken.length === 0)
    return (
      <Empty title="Nothing is on the bench">
        <p>Open a plan and start it; the bench then takes you through it, one step at a time.</p>
        <Link className="btn btn-primary btn-lg" to="/plan">
          Choose a plan
        </Link>
      </Empty>
    );
  return (
    <div className="mx-auto max-w-3xl px-4 py-5">
      <h1 className="mb-4 text-3xl">On the bench</h1>
      <ul className="plate">
        {open.map((b) => {
          const [first] = [...timersOf(b, now)].sort((x, y) => x.leftS - y.leftS);
          return (
            <li key={b.batch.id} className="rowline">
              <Link
                to={`/bench/${b.batch.id}`}
                className="flex min-h-16 items-center justify-between gap-4 px-4 py-2 hover:bg-[var(--ground)]"
              >
                <span>
                  <span className="block text-lg font-semibold">{b.batch.name}</span>
                  <span className="quiet">
                    {b.progress.current ? nameOfTask(b.progress.current, b.progress.recipe) : 'done'}
                  </span>
                </span>
                <span className="num text-xl">{first ? clock(Math.max(0, first.leftS)) : 'to begin'}</span>
              </Link>
            </li>
          );
        })}
      </ul>
      {broken.map((b) => (
        <BrokenBatch key={b.batch.id} b={b} />
      ))}
    </div>
  );
}
