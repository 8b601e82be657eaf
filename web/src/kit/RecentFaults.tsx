import { useSyncExternalStore } from 'react';
import { now } from '../clock';
import { clearReports, MOST_REPORTS, shownReports, subscribeReports } from '../report';
import type { Report } from '../report';
import { tell } from '../ui/toast';
import { whenOf } from '../ui/times';

/** The last faults of this browser that stopped no page, so that a cook can pass them on. */
export function RecentFaults() {
  const all = useSyncExternalStore(subscribeReports, shownReports);
  if (all.length === 0) return null;
  const copy = (): void => {
    navigator.clipboard.writeText(all.map(lineOf).join('\n')).then(
      () => tell('The list is copied.'),
      () => tell('This browser did not let the list be copied. Select its text instead.'),
    );
  };
  return (
    <section aria-label="Recent faults" className="plate p-4">
      <h2 className="text-xl">Recent faults</h2>
      <p className="quiet mb-2">
        The last {MOST_REPORTS} things that went wrong in this browser. The list stays on this device.
      </p>
      <ul className="max-h-80 overflow-y-auto" tabIndex={0}>
        {all.map((r) => (
          <li key={`${r.what} ${r.why}`} className="rowline py-1">
            <p>{r.what} failed.</p>
            <p className="small quiet">
              {whenOf(r.at, now())} · {r.why}
              {r.times > 1 && ` · ${r.times} times`}
            </p>
          </li>
        ))}
      </ul>
      <div className="mt-3 flex flex-wrap gap-2">
        <button type="button" className="btn btn-outline" onClick={copy}>
          Copy the list
        </button>
        <button type="button" className="btn btn-outline" onClick={clearReports}>
          Clear the list
        </button>
      </div>
    </section>
  );
}
const lineOf = (r: Report): string => `${new Date(r.at).toISOString()} ${r.what} failed: ${r.why} (${r.times} ×)`;
