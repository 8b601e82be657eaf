import type { TaskState } from '@ironpan/core/batch';
import { clock } from '@ironpan/core/words';
import { Link } from 'react-router';
import { useNow } from '../clock';
import { benchOf, nameOfTask, timerOf } from '../live/running';
import type { Running } from '../live/running';

/** What goes on beside the step that is shown, and what could be done meanwhile: a press brings it before the cook. */
export function Beside({ r, shown }: { readonly r: Running; readonly shown: TaskState }) {
  const now = useNow();
  const others = r.progress.atHand.filter((t) => t !== shown);
  if (others.length === 0) return null;
  return (
    <section aria-label="Beside this" className="plate overflow-hidden">
      <h2 className="px-4 pt-3 text-lg">Beside this</h2>
      <ul className="pb-1">
        {others.map((t) => {
          const timer = timerOf(t, now);
          const over = timer !== null && timer.leftS <= 0;
          return (
            <li key={`${t.step.id} ${t.task.id}`} className="rowline">
              <Link
                to={benchOf(r.batch.id, t)}
                replace
                className="flex min-h-14 items-center justify-between gap-3 px-4 hover:bg-[var(--ground)]"
              >
                <span className="font-semibold">{nameOfTask(t, r.progress.recipe)}</span>
                <span className="num whitespace-nowrap" style={over ? { color: 'var(--flame-text)' } : undefined}>
                  {timer
                    ? timer.paused
                      ? 'paused'
                      : over
                        ? `time is up, +${clock(-timer.leftS)}`
                        : clock(timer.leftS)
                    : t.status === 'running'
                      ? 'going'
                      : 'can be begun'}
                </span>
              </Link>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
