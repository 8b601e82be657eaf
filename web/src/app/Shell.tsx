import { Link, NavLink, useLocation } from 'react-router';
import { useQueryClient } from '@tanstack/react-query';
import { lazy, Suspense, useEffect, useRef } from 'react';
import { ErrorBoundary } from 'react-error-boundary';
import type { FallbackProps } from 'react-error-boundary';
import { realm } from '../store/realm';
import { boilingText } from '../ui/boiling';
import { Notes } from '../ui/Notes';
import { useKit } from '../live/useKitchen';
import { Keys } from './Keys';
import { Place } from './Place';
import { PLACES } from './places';

/** The worktop reckons what soaks and runs: it comes right after the page, which need not wait for the reckoning. */
const Worktop = lazy(async () => ({ default: (await import('./Worktop')).Worktop }));

/** Of the demo alone: a cook's own kitchen need not wait for it. */
const DemoBanner = lazy(async () => ({ default: (await import('./DemoBanner')).DemoBanner }));
const PracticeBar = lazy(async () => ({ default: (await import('./PracticeBar')).PracticeBar }));
/** Keeps every place at hand, and says when there is a newer Ironpan: after the first page. */
const UpdateReady = lazy(async () => ({ default: (await import('./UpdateReady')).UpdateReady }));

/** The two bars, and the place between them. */
export function Shell() {
  return (
    <>
      <a href="#place" className="btn btn-primary absolute -top-20 left-2 z-40 focus:top-2">
        Skip to the page
      </a>
      <TopBar />
      {realm() === 'demo' && (
        <Suspense fallback={<div className="min-h-9" style={{ background: 'var(--water-soft)' }} />}>
          <DemoBanner />
        </Suspense>
      )}
      {realm() === 'practice' && (
        <Suspense fallback={<div className="min-h-14" style={{ background: 'var(--amber-soft)' }} />}>
          <PracticeBar />
        </Suspense>
      )}
      <Suspense fallback={null}>
        <UpdateReady />
      </Suspense>
      <main id="place" tabIndex={-1} className="pb-40 outline-none wide:pb-24 print:pb-0">
        <FocusOnMove />
        <Place />
      </main>
      <Notes />
      <div className="fixed inset-x-0 bottom-0 z-20 print:hidden">
        <ErrorBoundary FallbackComponent={WorktopFailed}>
          <Suspense fallback={<div className="min-h-14" style={{ background: 'var(--bar)' }} />}>
            <Worktop />
          </Suspense>
        </ErrorBoundary>
        <BottomPlaces />
      </div>
      <Keys />
    </>
  );
}

/** The worktop alone failed: the places go on without it. */
function WorktopFailed({ resetErrorBoundary }: FallbackProps) {
  const client = useQueryClient();
  return (
    <div
      role="alert"
      className="flex min-h-14 flex-wrap items-center gap-4 px-5"
      style={{ background: 'var(--bar)', color: 'var(--bar-text)' }}
    >
      <span>The timers cannot be shown here; their beginnings are kept.</span>
      <button
        type="button"
        className="font-semibold underline"
        onClick={() => {
          client.removeQueries({ predicate: (q) => q.state.status === 'error' });
          resetErrorBoundary();
        }}
      >
        Try again
      </button>
    </div>
  );
}

const place = 'relative flex min-h-12 items-center px-1 font-semibold';
function TopBar() {
  const kit = useKit();
  return (
    <header
      className="plate sticky top-0 z-20 hidden rounded-none border-0 border-b-2 px-5 print:hidden wide:block"
      style={{ borderColor: 'var(--iron)' }}
    >
      <div className="flex items-center gap-7">
        <Link to="/" className="font-display text-xl font-extrabold">
          Ironpan
        </Link>
        <nav aria-label="Places" className="flex gap-6">
          {PLACES.map((p) => (
            <NavLink
              key={p.to}
              to={p.to}
              end={p.to === '/'}
              className={({ isActive }) => `${place} ${isActive ? '' : 'quiet'}`}
            >
              {({ isActive }) => (
                <>
                  {p.name}
                  {isActive && (
                    <span className="absolute inset-x-0 bottom-0 h-1" style={{ background: 'var(--flame)' }} />
                  )}
                </>
              )}
            </NavLink>
          ))}
        </nav>
        {kit && (
          <p className="quiet small ml-auto truncate">
            {kit.name} · <span className="num">{boilingText(kit)}</span>
          </p>
        )}
      </div>
    </header>
  );
}
function BottomPlaces() {
  return (
    <nav
      aria-label="Places"
      className="grid auto-cols-fr grid-flow-col wide:hidden"
      style={{ background: 'var(--bar)', borderTop: '1px solid var(--bar-line)' }}
    >
      {PLACES.map((p) => (
        <NavLink
          key={p.to}
          to={p.to}
          end={p.to === '/'}
          className="flex min-h-14 items-center justify-center font-semibold"
          style={{ color: 'var(--bar-text)' }}
        >
          {({ isActive }) => (
            <span className={`border-b-3 py-1 ${isActive ? 'border-[#d97a4a]' : 'border-transparent opacity-80'}`}>
              {p.name}
            </span>
          )}
        </NavLink>
      ))}
    </nav>
  );
}

/** Moving to another place puts the reader at its beginning, as a page load would. */
function FocusOnMove() {
  const { pathname } = useLocation();
  const first = useRef(true);
  useEffect(() => {
    if (first.current) {
      first.current = false;
      return;
    }
    window.scrollTo(0, 0);
    document.getElementById('place')?.focus({ preventScroll: true });
  }, [pathname]);
  return null;
}
