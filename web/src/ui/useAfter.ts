import { useEffect, useState } from 'react';

/** The shelf comes first; what is heavy waits this long, so that who only passes through starts nothing, ms. */
export const AFTER_PAGE_MS = 1000;
/** True once so many ms have passed since it was first shown. */
export function useAfter(ms: number): boolean {
  const [over, setOver] = useState(false);
  useEffect(() => {
    const t = setTimeout(() => setOver(true), ms);
    return () => clearTimeout(t);
  }, [ms]);
  return over;
}
