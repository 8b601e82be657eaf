import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { useState, useSyncExternalStore } from 'react';
import { RouterProvider } from 'react-router';
import { opening, subscribeOpening } from './open';
import { makeRouter } from './router';
import { Storage } from './Storage';

/** The application, once its kitchen is open; before that, and if it is taken away, what is the matter. */
export function Root() {
  const [client] = useState(() => new QueryClient());
  const [router] = useState(makeRouter);
  const storage = useSyncExternalStore(subscribeOpening, opening);
  if (storage.is !== 'open') return <Storage of={storage} />;
  return (
    <QueryClientProvider client={client}>
      <RouterProvider router={router} />
    </QueryClientProvider>
  );
}
