import { useSyncExternalStore } from 'react';

/** The one place in the application that asks the machine for the time. Everything else is given it. */
export const now = (): number => Date.now();

/** Seconds since the epoch, as a store that ticks: screens that show a running clock follow it. */
const listeners = new Set<() => void>();
let second = Math.floor(now() / 1000);
let timer: ReturnType<typeof setInterval> | undefined;
const tick = (): void => {
  const s = Math.floor(now() / 1000);
  if (s === second) return;
  second = s;
  for (const l of listeners) l();
};
function subscribe(l: () => void): () => void {
  listeners.add(l);
  timer ??= setInterval(tick, 250);
  // A tab that slept comes back with the true time at once, not at the next tick.
  document.addEventListener('visibilitychange', tick);
  return () => {
    listeners.delete(l);
    if (listeners.size === 0) {
      clearInterval(timer);
      timer = undefined;
      document.removeEventListener('visibilitychange', tick);
    }
  };
}
/** Now, ms, renewed each second. */
export function useNow(): number {
  return useSyncExternalStore(subscribe, () => second) * 1000;
}
