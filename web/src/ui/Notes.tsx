import { useSyncExternalStore } from 'react';
import { close, shownNotes, subscribe } from './toast';

/** What was lately told, until it is closed. */
export function Notes() {
  const shown = useSyncExternalStore(subscribe, shownNotes);
  return (
    <div
      aria-live="polite"
      className="toast toast-center pointer-events-none bottom-36 z-30 w-full items-center px-3 wide:bottom-20"
    >
      {shown.map((n) => (
        <div
          key={n.id}
          className="plate pointer-events-auto flex max-w-xl items-center gap-3 px-4 py-2"
          style={{ borderColor: 'var(--ink)' }}
        >
          <span>{n.text}</span>
          {n.act && (
            <button
              type="button"
              className="btn btn-outline"
              onClick={() => {
                n.act?.run();
                close(n);
              }}
            >
              {n.act.label}
            </button>
          )}
          <button type="button" className="link" onClick={() => close(n)}>
            Close
          </button>
        </div>
      ))}
    </div>
  );
}
