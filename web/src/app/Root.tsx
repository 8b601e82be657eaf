import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { lazy, Suspense, useState, useSyncExternalStore } from 'react';
import { ErrorBoundary } from 'react-error-boundary';
import { BrowserRouter } from 'react-router';
import { opening, subscribeOpening } from './open';
import { PageFailed } from './PageFailed';
import { Shell } from './Shell';

/** Hardly ever needed. */
const Storage = lazy(async () => ({ default: (await import('./Storage')).Storage }));

/** The application, once its kitchen is open; before that, and if it is taken away, what is the matter. */
export function Root() {
  const [client] = useState(() => new QueryClient());
  const storage = useSyncExternalStore(subscribeOpening, opening);
  const opened = (
    <p className="quiet p-6" role="status">
      Opening your kitchen …
    </p>
  );
  if (storage.is === 'opening') return opened;
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
