import { useEffect, useState } from 'react';

/** A value once it has stood still for `ms`: for what may follow a drag a moment later. */
export function useSettled<T>(value: T, ms: number): T {
  const [settled, setSettled] = useState(value);
  useEffect(() => {
    const wait = setTimeout(() => setSettled(value), ms);
    return () => clearTimeout(wait);
  }, [value, ms]);
  return settled;
}
