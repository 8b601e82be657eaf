import type { Kit } from '@ironpan/core/kitchen';
import { duration, join } from '@ironpan/core/words';
import { changeWish, removeWish } from '../store/wishes';
import { NotSaved } from '../ui/NotSaved';
import { useEdits } from '../ui/useEdits';
import { cannotText, proofText, wayText } from './words';
import type { Clock } from './useClock';

interface TellTimetableProps {
  readonly clock: Clock;
  readonly kit: Kit;
  readonly now: number;
}
/** From here on the timetable stands, and only how sure it is is still worked out. */
const SURE = 0.98;
/** What is known of the timetable: how far the search is, what cannot be, what would, and what to mind. */
export function TellTimetable({ clock, kit, now }: TellTimetableProps) {
  const { items, told, share, failed } = clock;
  if (items.length === 0) return null;
  const shown = told?.shown ?? null;
  const late = shown?.milks.some((m) => m.lateS > 0) ?? false;
  return (
    <section aria-label="What is known of it" className="flex flex-col gap-2" aria-live="polite">
      {failed !== null && (
        <p role="alert" className="alert alert-error">
          The timetable could not be worked out: {failed}.
        </p>
      )}
      {told?.cannot.map((c) => (
        <p key={c.milk} className="alert alert-warning">
          {cannotText(c, items, kit)}
        </p>
      ))}
      {told && !shown && share === null && told.cannot.length < items.length && (
        <p className="alert alert-error">There is no timetable for all of this.</p>
      )}
      {told && told.ways.length > 0 && (late || !shown) && <Ways {...{ clock, now }} />}
      {told && told.betterByS > 0 && (
        <div className="alert alert-warning">
          <p>
            Something ran late, and a wish would be missed. In another order it is {join(duration(told.betterByS))}{' '}
            less.
          </p>
          <button type="button" className="btn btn-primary" onClick={clock.askAnew}>
            Take the new timetable
          </button>
        </div>
      )}
      <div className="flex flex-wrap items-center gap-3">
        {share !== null && share < SURE ? (
          <>
            <progress className="progress w-40" value={share} max={1} aria-label="Looking for a timetable" />
            <span className="quiet">{shown ? 'A better one is looked for.' : 'A timetable is looked for.'}</span>
            <button type="button" className="btn btn-outline" onClick={clock.stop}>
              {shown ? 'This one will do' : 'Stop'}
            </button>
          </>
        ) : (
          shown && (
            <p className="quiet" data-proof>
              {proofText(shown, told?.kept ?? false)}
            </p>
          )
        )}
      </div>
    </section>
  );
}
/** What would make it possible, each with the press that does it where one press can. */
function Ways({ clock, now }: { readonly clock: Clock; readonly now: number }) {
  const edits = useEdits();
  const { items, told, hours } = clock;
  const QUARTER = 15 * 60_000;
  return (
    <div className="alert alert-warning block">
      <ul>
        {told?.ways.map((w) => (
          <li key={wayText(w, items, now)} className="flex flex-wrap items-center gap-3 py-1">
            <span>{wayText(w, items, now)}</span>
            {w.is === 'later' && (
              <button
                type="button"
                className="btn btn-outline"
                onClick={() => {
                  const at = Math.ceil((w.at + hours.spareMin * 60_000) / QUARTER) * QUARTER;
                  edits.run('when it is wanted', () => changeWish(w.milk, { byAt: at }, now));
                }}
              >
                Later will do
              </button>
            )}
            {w.is === 'letGo' && (
              <button
                type="button"
                className="btn btn-outline"
                onClick={() => edits.run('that it is let go', () => changeWish(w.milk, { fixed: {} }, now))}
              >
                Let it go
              </button>
            )}
            {w.is === 'without' && items.some((i) => i.id === w.other && i.wish && !i.running) && (
              <button
                type="button"
                className="btn btn-outline"
                onClick={() => edits.run('that it is off the clock', () => removeWish(w.other, now))}
              >
                Take it off the clock
              </button>
            )}
          </li>
        ))}
      </ul>
      <NotSaved of={edits} />
    </div>
  );
}
