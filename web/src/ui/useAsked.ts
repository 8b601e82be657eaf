import { useCallback, useEffect, useRef, useState } from 'react';
import type { Running } from '../offload';

export interface Asked<T> {
  readonly data: T | null;
  readonly progress: number | null;
  /** Why there is no answer; null: none yet, or there is one. */
  readonly failed: string | null;
  readonly stop: () => void;
}
type Start<T> = (on: (p: number) => void) => Running<T>;
/** An answer from a worker to a question; a new question stops the old one. What was known stays until the new is there. */
export function useAsked<T>(start: Start<T> | null): Asked<T> {
  const [got, setGot] = useState<{ readonly of: Start<T>; readonly data: T } | null>(null);
  const [at, setAt] = useState<{ readonly of: Start<T>; readonly share: number } | null>(null);
  const [ended, setEnded] = useState<{ readonly of: Start<T>; readonly why: string | null } | null>(null);
  const halt = useRef<() => void>(() => undefined);
  useEffect(() => {
    if (!start) return;
    const running = start((share) => setAt({ of: start, share }));
    halt.current = running.stop;
    running.done.then(
      (data) => setGot({ of: start, data }),
      (e: unknown) => setEnded({ of: start, why: e instanceof Error ? e.message : 'unknown' }),
    );
    return running.stop;
  }, [start]);
  const stop = useCallback(() => {
    halt.current();
    if (start) setEnded({ of: start, why: null });
  }, [start]);
  const over = start === null || got?.of === start || ended?.of === start;
  return {
    data: got?.data ?? null,
    progress: over ? null : at?.of === start ? at.share : 0,
    failed: ended && ended.of === start ? ended.why : null,
    stop,
  };
}
