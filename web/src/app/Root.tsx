import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { lazy, Suspense, useState, useSyncExternalStore } from 'react';
import { ErrorBoundary } from 'react-error-boundary';
import { BrowserRouter } from 'react-router';
import { opening, subscribeOpening } from './open';
import { PageFailed } from './PageFailed';
import { Shell } from './Shell';

/** Hardly ever needed. */
const Storage = lazy(async () => ({ default: (await import('./Storage')).Storage }));

/** The browser does not answer: what may help, while it goes on trying. */
function SlowOpening() {
  return (
    <div className="mx-auto max-w-xl p-6" role="alert">
      <h1 className="mb-2 text-2xl">Your kitchen is not open yet</h1>
      <p>This browser has not answered for 10 seconds. Nothing is lost. Your data stays on this device.</p>
      <p className="mt-1">Close other windows of Ironpan, then reload. If that does not help, restart the browser.</p>
      <button type="button" className="btn btn-primary btn-lg mt-4" onClick={() => location.reload()}>
        Reload
      </button>
    </div>
  );
}

/** The application, once its kitchen is open; before that, and if it is taken away, what is the matter. */
export function Root() {
  const [client] = useState(() => new QueryClient());
  const storage = useSyncExternalStore(subscribeOpening, opening);
  const opened = (
    <p className="quiet p-6" role="status">
      Opening your kitchen …
    </p>
  );
  if (storage.is === 'opening') return storage.slow ? <SlowOpening /> : opened;
  if (storage.is !== 'open')
    return (
      <Suspense fallback={opened}>
        <Storage of={storage} />
      </Suspense>
    );
  return (
    <QueryClientProvider client={client}>
      <ErrorBoundary FallbackComponent={PageFailed}>
        <BrowserRouter>
          <Shell />
        </BrowserRouter>
      </ErrorBoundary>
    </QueryClientProvider>
  );
}
