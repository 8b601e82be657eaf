import { createBrowserRouter } from 'react-router';
import { PlaceFailed } from './PlaceFailed';
import { NotFound, PageFailed, Shell } from './Shell';

/** One room a place; each is loaded when it is first opened. */
export const makeRouter = () =>
  createBrowserRouter([
    {
      path: '/',
      Component: Shell,
      HydrateFallback: () => null,
      ErrorBoundary: PageFailed,
      children: [
        {
          // A place that fails leaves the bars, the worktop and its alarm as they are.
          ErrorBoundary: PlaceFailed,
          children: [
            { index: true, lazy: async () => ({ Component: (await import('../shelf')).ShelfPage }) },
            { path: 'plan', lazy: async () => ({ Component: (await import('../plan')).PlansPage }) },
            { path: 'plan/:id', lazy: async () => ({ Component: (await import('../plan')).PlanPage }) },
            {
              path: 'plan/:id/moves',
              lazy: async () => ({ Component: (await import('../plan/moves/MovesPage')).MovesPage }),
            },
            { path: 'bench', lazy: async () => ({ Component: (await import('../bench')).BenchPage }) },
            { path: 'bench/:id', lazy: async () => ({ Component: (await import('../bench')).BatchBenchPage }) },
            { path: 'book', lazy: async () => ({ Component: (await import('../book')).BookPage }) },
            { path: 'book/:id', lazy: async () => ({ Component: (await import('../book')).BookBatchPage }) },
            { path: 'kit', lazy: async () => ({ Component: (await import('../kit')).KitPage }) },
            { path: '*', Component: NotFound },
          ],
        },
      ],
    },
  ]);
