import type { Write } from './useWrite';

/** Stands where the cook pressed: what was not saved, what to do, and the press again. */
export function NotSaved({ of }: { readonly of: Pick<Write, 'failed' | 'again'> }) {
  if (of.failed === null) return null;
  return (
    <div role="alert" className="alert alert-error my-2" data-not-saved>
      <p>{of.failed}</p>
      <button type="button" className="btn btn-outline btn-lg mt-1" onClick={of.again}>
        Try again
      </button>
    </div>
  );
}
