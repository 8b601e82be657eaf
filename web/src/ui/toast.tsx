import { useSyncExternalStore } from 'react';

interface Note {
  readonly id: number;
  readonly text: string;
  readonly act?: { readonly label: string; readonly run: () => void };
}
let notes: readonly Note[] = [];
let next = 1;
const listeners = new Set<() => void>();
const set = (n: readonly Note[]): void => {
  notes = n;
  for (const l of listeners) l();
};
/** Says something that happened, with a way back where there is one. It stays until it is closed or three newer came. */
export function tell(text: string, act?: Note['act']): void {
  const note: Note = act ? { id: next, text, act } : { id: next, text };
  next += 1;
  set([...notes.slice(-2), note]);
  if (!act) setTimeout(() => set(notes.filter((n) => n !== note)), 8000);
}
const close = (n: Note): void => set(notes.filter((x) => x !== n));

// eslint-disable-next-line react-refresh/only-export-components
export function Notes() {
  const shown = useSyncExternalStore(
    (l) => {
      listeners.add(l);
      return () => listeners.delete(l);
    },
    () => notes,
  );
  return (
    <div
      aria-live="polite"
      className="pointer-events-none fixed inset-x-0 bottom-36 z-30 flex flex-col items-center gap-2 px-3 wide:bottom-20"
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
              className="btn btn-plain"
              onClick={() => {
                n.act?.run();
                close(n);
              }}
            >
              {n.act.label}
            </button>
          )}
          <button type="button" className="linkish" onClick={() => close(n)}>
            Close
          </button>
        </div>
      ))}
    </div>
  );
}
