import type { FallbackProps } from 'react-error-boundary';

/** What stands in the place of a page whose very bars could not be shown. */
export function PageFailed({ error }: FallbackProps) {
  const why = error instanceof Error ? error.message : String(error);
  return (
    <main className="p-6">
      <div className="alert alert-error mx-auto max-w-xl" role="alert">
        <h1 className="mb-2 text-2xl">This page could not be shown</h1>
        <p>Your kitchen is safe: it is kept in the browser, and nothing was changed.</p>
        <p className="small my-2">What went wrong: {why}</p>
        <button type="button" className="btn btn-primary" onClick={() => location.reload()}>
          Reload
        </button>{' '}
        <a className="btn btn-outline" href="/">
          To the shelf
        </a>
      </div>
    </main>
  );
}
