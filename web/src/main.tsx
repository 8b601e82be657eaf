import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { RouterProvider } from 'react-router';
import './app.css';
import { makeRouter } from './app/router';
import { Refused } from './app/Refused';
import { openKitchen } from './app/open';

const root = document.getElementById('root');
if (!root) throw new Error('the page has no place for the application');
const place = createRoot(root);

openKitchen().then(
  () =>
    place.render(
      <StrictMode>
        <QueryClientProvider client={new QueryClient()}>
          <RouterProvider router={makeRouter()} />
        </QueryClientProvider>
      </StrictMode>,
    ),
  (e: unknown) => place.render(<Refused why={e instanceof Error ? e.message : String(e)} />),
);
