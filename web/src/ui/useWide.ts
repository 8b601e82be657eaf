import { useSyncExternalStore } from 'react';

/** The width from which two columns stand, as the styles have it (breakpoint wide). */
const WIDE = '(width >= 62rem)';
const follow = (l: () => void): (() => void) => {
  const m = window.matchMedia(WIDE);
  m.addEventListener('change', l);
  return () => m.removeEventListener('change', l);
};
/** A screen with room beside each other; a phone has not. */
export const useWide = (): boolean => useSyncExternalStore(follow, () => window.matchMedia(WIDE).matches);
