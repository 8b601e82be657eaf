import { useEffect, useRef, useState } from 'react';
import type { RefObject } from 'react';

/** The width a thing has on the screen, px, followed as it changes. */
export function useWidth<T extends HTMLElement>(first: number): [RefObject<T | null>, number] {
  const ref = useRef<T>(null);
  const [width, setWidth] = useState(first);
  useEffect(() => {
    const el = ref.current;
    if (!el) return;
    const seen = new ResizeObserver((entries) => {
      const w = entries[0]?.contentRect.width;
      if (w !== undefined && w > 0) setWidth(Math.round(w));
    });
    seen.observe(el);
    return () => seen.disconnect();
  }, []);
  return [ref, width];
}
