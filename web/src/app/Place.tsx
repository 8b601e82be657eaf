import { Suspense } from 'react';
import { ErrorBoundary } from 'react-error-boundary';
import { Route, Routes, useLocation } from 'react-router';
import { NotFound } from './NotFound';
import { PlaceFailed } from './PlaceFailed';
import { askAgain, room } from './room';

const Shelf = room(async () => (await import('../shelf')).ShelfPage);
const Plans = room(async () => (await import('../plan')).PlansPage);
const Plan = room(async () => (await import('../plan')).PlanPage);
const PlanCard = room(async () => (await import('../plan/CardPage')).CardPage);
const Moves = room(async () => (await import('../plan/moves/MovesPage')).MovesPage);
const Clock = room(async () => (await import('../timetable')).ClockPage);
const Ahead = room(async () => (await import('../timetable')).AheadPage);
const Bench = room(async () => (await import('../bench')).BenchPage);
const BatchBench = room(async () => (await import('../bench')).BatchBenchPage);
const Book = room(async () => (await import('../book')).BookPage);
const BookBatch = room(async () => (await import('../book')).BookBatchPage);
const BatchCard = room(async () => (await import('../book/CardPage')).CardPage);
const Beside = room(async () => (await import('../book/beside/BesidePage')).BesidePage);
const Year = room(async () => (await import('../book/year/YearPage')).YearPage);
const Truth = room(async () => (await import('../book/TruthPage')).TruthPage);
const Trials = room(async () => (await import('../book/trials/TrialsPage')).TrialsPage);
const Trial = room(async () => (await import('../book/trials/TrialPage')).TrialPage);
const Tasting = room(async () => (await import('../book/trials/TastingPage')).TastingPage);
const Kit = room(async () => (await import('../kit')).KitPage);

/** The place between the bars. One that fails leaves the bars, the worktop and its alarm as they are. */
export function Place() {
  const { pathname } = useLocation();
  return (
    <ErrorBoundary FallbackComponent={PlaceFailed} resetKeys={[pathname]} onReset={askAgain}>
      <Suspense fallback={null}>
        <Routes>
          <Route path="/" element={<Shelf />} />
          <Route path="/plan" element={<Plans />} />
          <Route path="/plan/:id" element={<Plan />} />
          <Route path="/plan/:id/moves" element={<Moves />} />
          <Route path="/plan/:id/card" element={<PlanCard />} />
          <Route path="/clock" element={<Clock />} />
          <Route path="/clock/ahead" element={<Ahead />} />
          <Route path="/bench" element={<Bench />} />
          <Route path="/bench/:id" element={<BatchBench />} />
          <Route path="/book" element={<Book />} />
          <Route path="/book/beside" element={<Beside />} />
          <Route path="/book/truth" element={<Truth />} />
          <Route path="/book/year" element={<Year />} />
          <Route path="/book/trials" element={<Trials />} />
          <Route path="/book/trials/:id" element={<Trial />} />
          <Route path="/book/trials/tasting/:id" element={<Tasting />} />
          <Route path="/book/:id" element={<BookBatch />} />
          <Route path="/book/:id/card" element={<BatchCard />} />
          <Route path="/kit" element={<Kit />} />
          <Route path="*" element={<NotFound />} />
        </Routes>
      </Suspense>
    </ErrorBoundary>
  );
}
