import { useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import type { FallbackProps } from 'react-error-boundary';
import { failureName } from '../ui/notSaved';
import { reloadOnce } from './reloading';

/** The sentences browsers have for a piece of the application that did not come. */
const NOT_LOADED = /dynamically imported module|importing a module script|preload (css|js)|failed to fetch/i;

/** One place could not be shown. The bars, the timers and the other places go on. */
export function PlaceFailed({ error, resetErrorBoundary }: FallbackProps) {
  const client = useQueryClient();
  const again = (): void => {
    client.removeQueries({ predicate: (q) => q.state.status === 'error' });
    resetErrorBoundary();
  };
  const why = error instanceof Error ? error.message : String(error);
  const notLoaded = NOT_LOADED.test(why);
  useEffect(() => {
    if (notLoaded) reloadOnce();
  }, [notLoaded]);
  return (
    <div className="p-6">
      <div className="alert alert-error mx-auto max-w-xl" role="alert">
        {notLoaded ? (
          <>
            <h1 className="mb-2 text-2xl">This place is not loaded yet</h1>
            <p>
              The server cannot be reached, or Ironpan was updated under this window. Your kitchen is safe and the
              timers go on.
            </p>
          </>
        ) : (
          <>
            <h1 className="mb-2 text-2xl">This place could not be shown</h1>
            <p>Your kitchen is safe: it is kept in the browser. The other places and the timers go on.</p>
            <p className="small my-2">
              What went wrong: {why} {failureName(error) === 'Error' ? '' : `(${failureName(error)})`}
            </p>
          </>
        )}
        <p className="mt-2 flex flex-wrap gap-3">
          <button type="button" className="btn btn-primary" onClick={again}>
            Try again
          </button>
          <button type="button" className="btn btn-outline" onClick={() => location.reload()}>
            Reload
          </button>
        </p>
      </div>
    </div>
  );
}
