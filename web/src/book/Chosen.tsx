import { Link } from 'react-router';
import { besideOf, MOST_BESIDE } from '../store/beside';

/** Those that were ticked, and the press that lays them side by side. */
export function Chosen({ ids, onNone }: { readonly ids: readonly string[]; readonly onNone: () => void }) {
  const few = ids.length < 2;
  return (
    <div
      className="plate sticky bottom-34 z-10 mt-3 flex flex-wrap items-center gap-x-4 gap-y-2 p-3 wide:bottom-18"
      role="region"
      aria-label="Chosen batches"
    >
      <span className="font-semibold" role="status">
        {ids.length === 1 ? 'One batch is chosen' : `${ids.length} batches are chosen`}
        {few
          ? ': tick another to lay them side by side.'
          : ids.length < MOST_BESIDE
            ? '.'
            : ': no more can be read at once.'}
      </span>
      {!few && (
        <Link className="btn btn-primary" to={besideOf(ids)}>
          Lay them side by side
        </Link>
      )}
      <button type="button" className="btn btn-outline" onClick={onNone}>
        None
      </button>
    </div>
  );
}
