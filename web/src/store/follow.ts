import { liveQuery } from 'dexie';

/** Reads now, and again after every change of the tables it read, from this window or another; returns how to stop. */
export function follow<T>(read: () => Promise<T>, next: (value: T) => void, failed: (error: unknown) => void) {
  const sub = liveQuery(read).subscribe({ next, error: failed });
  return () => sub.unsubscribe();
}
