import { useSyncExternalStore } from 'react';
import { shownUpdate, subscribeUpdate, watchForUpdates } from './updates';

watchForUpdates();

/** Says that a newer Ironpan waits, and installs it when the cook says so. */
export function UpdateReady() {
  const update = useSyncExternalStore(subscribeUpdate, shownUpdate);
  if (!update.ready) return null;
  return (
    <div
      role="status"
      className="flex flex-wrap items-center gap-x-5 gap-y-1 px-5 py-1.5"
      style={{ background: 'var(--leaf-soft)' }}
    >
      <p className="small">
        <b>A newer Ironpan is ready.</b> It installs here when you leave this window, no timer is running and nothing is
        half typed.
      </p>
      <button type="button" className="link small" onClick={update.take}>
        Update now
      </button>
    </div>
  );
}
