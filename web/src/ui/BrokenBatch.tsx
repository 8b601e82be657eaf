import { Link } from 'react-router';
import type { Broken } from '../live/running';

/** One batch that cannot be worked out. The others are not touched by it, and its log is whole. */
export function BrokenBatch({ b }: { readonly b: Broken }) {
  return (
    <div className="alert alert-error mx-auto my-4 max-w-2xl" role="alert">
      <h2 className="mb-1 text-xl">
        Batch {b.batch.number}, {b.batch.name}, cannot be worked out
      </h2>
      <p>Its log is kept as it is, and nothing else is touched by it. Export the kitchen and keep that file.</p>
      <p className="small my-1">What went wrong: {b.why}</p>
      <Link className="btn btn-outline" to="/kit">
        To Kit, to export
      </Link>
    </div>
  );
}
