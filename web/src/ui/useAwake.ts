import { useEffect } from 'react';

/** Keeps the screen from going dark while something runs that is looked at; where that cannot be had, it goes dark. */
export function useAwake(on: boolean): void {
  useEffect(() => {
    // Types know it everywhere; a browser over plain http has none.
    const { wakeLock } = navigator as { wakeLock?: WakeLock };
    if (!on || !wakeLock) return undefined;
    let held: WakeLockSentinel | null = null;
    let over = false;
    const hold = (): void => {
      if (document.visibilityState !== 'visible' || over) return;
      wakeLock.request('screen').then(
        (h) => {
          if (over) void h.release();
          else held = h;
        },
        // A low battery refuses it; the timer runs all the same.
        () => undefined,
      );
    };
    hold();
    // A page that was hidden has lost it.
    document.addEventListener('visibilitychange', hold);
    return () => {
      over = true;
      document.removeEventListener('visibilitychange', hold);
      void held?.release();
    };
  }, [on]);
}
