import { endOfJar } from '@ironpan/core/batch';
import { THROWN_WHY } from '@ironpan/core/words';
import { Link } from 'react-router';
import { useLive } from '../live/live';
import { oneJar } from '../store/jars';
import { fullDate } from '../ui/times';

/** An old label leads to a jar that stands here no more: what became of it, instead of nothing. */
export function GoneJar({ id, onClose }: { readonly id: string; readonly onClose: () => void }) {
  const found = useLive(['oneJar', id], () => oneJar(id)).data;
  if (found === undefined) return null;
  const end = found ? endOfJar(found.events) : null;
  // It stands here and is about to be shown.
  if (found && !end) return null;
  const last = found?.events.findLast((e) => e.is === 'decanted' && e.at === end?.at);
  const became = { finished: 'was finished', given: 'was given away', thrown: 'was thrown away' } as const;
  return (
    <div className="alert alert-info mb-3 flex flex-wrap items-baseline gap-x-4" role="status">
      <span>
        {found && end
          ? `This jar stands here no more: it ${last ? 'was poured over' : became[end.is]} ${fullDate(end.at)}${end.is === 'thrown' ? ` (${THROWN_WHY[end.why].toLowerCase()})` : ''}.`
          : 'This label is of no jar of this kitchen. A kitchen lives in one browser: open the label there.'}
      </span>
      {last?.is === 'decanted' && (
        <Link className="link" to={`/?jar=${encodeURIComponent(last.into)}`}>
          Where it is now
        </Link>
      )}
      {found && (
        <Link className="link" to={`/book/${found.jar.batch}`}>
          Its batch, in the book
        </Link>
      )}
      <button type="button" className="link" onClick={onClose}>
        Close
      </button>
    </div>
  );
}
