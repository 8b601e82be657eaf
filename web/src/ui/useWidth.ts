import { useCallback, useEffect, useState } from 'react';

/** The width a thing has on the screen, px, followed as it changes; `first` until it is there. */
export function useWidth(first: number): [(el: HTMLElement | null) => void, number] {
  const [el, setEl] = useState<HTMLElement | null>(null);
  const [width, setWidth] = useState(first);
  const ref = useCallback((e: HTMLElement | null) => setEl(e), []);
  useEffect(() => {
    if (!el) return;
    const seen = new ResizeObserver((entries) => {
      const w = entries[0]?.contentRect.width;
      if (w !== undefined && w > 0) setWidth(Math.round(w));
    });
    seen.observe(el);
    return () => seen.disconnect();
  }, [el]);
  return [ref, width];
}
