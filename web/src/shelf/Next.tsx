import { useState } from 'react';
import { Link } from 'react-router';
import type { Running } from '../live/running';
import { whenOf } from '../ui/times';
import { nextOf } from './next';
import type { Doing } from './sheet/doings';
import type { ShelfJar } from './useShelf';

/** Shown before the rest is asked for: beside the boards, and above them on a phone. */
const MOST = { wide: 7, narrow: 2 } as const;

interface NextProps {
  readonly jars: readonly ShelfJar[];
  readonly batches: readonly Running[];
  readonly now: number;
  readonly onOpen: (jar: string, begin: Doing | null) => void;
}
/** What to do next, in order of when; all of it can be reached. */
export function Next({ jars, batches, now, onOpen }: NextProps) {
  const [all, setAll] = useState(false);
  const items = nextOf(jars, batches, now);
  return (
    <section aria-label="Next" className="plate p-4">
      <h2 className="mb-1 text-xl">Next</h2>
      {items.length === 0 && <p className="quiet">Nothing is waiting for you.</p>}
      <ul>
        {(all ? items : items.slice(0, MOST.wide)).map((i, n) => (
          <li
            key={i.key}
            className={`rowline grid-cols-[5.2rem_minmax(0,1fr)] gap-x-3 py-2 ${all || n < MOST.narrow ? 'grid' : 'hidden wide:grid'}`}
          >
            <span className="num pt-0.5 text-[0.92rem]" style={i.urgent ? { color: 'var(--flame-text)' } : undefined}>
              {i.at <= now ? 'now' : whenOf(i.at, now)}
            </span>
            <span>
              {i.to !== undefined ? (
                <Link to={i.to} className="link">
                  {i.text}
                </Link>
              ) : (
                <button type="button" className="link" onClick={() => onOpen(i.jar ?? '', i.begin ?? null)}>
                  {i.text}
                </button>
              )}
              <span className="quiet small block">{i.more}</span>
            </span>
          </li>
        ))}
      </ul>
      {items.length > MOST.narrow && (
        <button
          type="button"
          className={`btn btn-outline mt-2 w-full ${items.length > MOST.wide ? '' : 'wide:hidden'}`}
          aria-expanded={all}
          onClick={() => setAll(!all)}
        >
          {all ? 'Only what comes first' : `All ${items.length} of them`}
        </button>
      )}
    </section>
  );
}
