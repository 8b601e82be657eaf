import { clockReading, everyStep, ranForS, timerS } from '@ironpan/core/batch';
import type { TaskState } from '@ironpan/core/batch';
import { kindOf } from '@ironpan/core/steps';
import { duration, join, SKIPPED_WHY, whyText } from '@ironpan/core/words';
import { Check } from 'lucide-react';
import { Link } from 'react-router';
import { benchOf, nameOfTask } from '../live/running';
import type { Running } from '../live/running';
import { Rescues } from './Rescues';

/** The whole batch, step by step: what is done and how long it took, what is now, what comes. */
export function StepList({ r, shown }: { readonly r: Running; readonly shown: TaskState }) {
  return (
    <nav aria-label="Steps of this batch" className="plate overflow-hidden">
      <p className="small quiet px-4 pt-3">
        {r.batch.name} · batch {r.batch.number}
      </p>
      <ol className="py-2">
        {r.progress.tasks.map((t) => {
          const now = t === shown;
          return (
            <li
              key={`${t.step.id} ${t.task.id}`}
              aria-current={now ? 'step' : undefined}
              className="flex items-baseline gap-2 px-4 py-1.5"
              style={
                now
                  ? { background: 'var(--bar)', color: 'var(--bar-text)', fontWeight: 700 }
                  : t.status === 'done'
                    ? { color: 'var(--ash)' }
                    : undefined
              }
            >
              <span className="w-5 shrink-0">
                {t.status === 'done' && <Check size={15} aria-label="done" className="inline" />}
              </span>
              <span className="flex-1">
                {!now && r.progress.atHand.includes(t) ? (
                  <Link replace to={benchOf(r.batch.id, t)} className="underline underline-offset-4">
                    {nameOfTask(t, r.progress.recipe)}
                  </Link>
                ) : (
                  nameOfTask(t, r.progress.recipe)
                )}
              </span>
              <span className="num small whitespace-nowrap">{took(t, r)}</span>
            </li>
          );
        })}
      </ol>
      <Rescues r={r} />
      {r.progress.skipped.length > 0 && (
        <p className="small quiet border-t px-4 py-2" style={{ borderColor: 'var(--line)' }}>
          Left out: {leftOut(r)}
        </p>
      )}
    </nav>
  );
}
/** "take the skin off (not needed this time)" */
function leftOut(r: Running): string {
  return r.progress.skipped
    .map((s) => {
      const step = everyStep(r.batch.recipe, r.events).find((x) => x.id === s.step);
      const why = whyText(SKIPPED_WHY, s.why, s.text).toLowerCase();
      return `${(step ? kindOf(step.kind).label : s.step).toLowerCase()}${why === '' ? '' : ` (${why})`}`;
    })
    .join(', ');
}
/** How long it took as the log counts it: by the reading where there is one, else by the clock; before that, as planned. */
function took(t: TaskState, r: Running): string {
  if (!t.task.timed) return '';
  const what = clockReading(t);
  const counted = r.progress.readings.find((x) => x.step === t.step.id && x.what === what);
  if (t.status === 'done' && counted) return join(duration(counted.value));
  if (t.status === 'done' && t.begunAt !== null) return join(duration(ranForS(t, 0)));
  return join(duration(timerS(t.task)));
}
