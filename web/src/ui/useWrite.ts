import { useMutation } from '@tanstack/react-query';
import { useRef } from 'react';
import { notSaved } from './notSaved';

interface Command {
  /** What is being kept, as the sentence "Not saved: …" names it. */
  readonly what: string;
  /** Resolves, once it is kept, to what is to happen then. */
  readonly write: () => Promise<() => void>;
}
export interface Write {
  /** Writes; a press while one is under way is the same press and is not made twice. */
  readonly run: <T>(what: string, write: () => Promise<T>, then?: (got: T) => void) => void;
  /** Why the last one was not kept; null: it was, or there was none. */
  readonly failed: string | null;
  readonly again: () => void;
}

/**
 * The one way in which the screen writes: awaited, told where the cook is looking when it fails, tried again by a press.
 * What was to happen after it (a dialog closing, a sentence) happens only when it is kept.
 */
export function useWrite(): Write {
  const under = useRef(false);
  const mutation = useMutation({
    mutationFn: (c: Command) => c.write(),
    networkMode: 'always',
    onSuccess: (then) => then(),
    onSettled: () => {
      under.current = false;
    },
  });
  const start = (c: Command): void => {
    if (under.current) return;
    under.current = true;
    mutation.mutate(c);
  };
  const last = mutation.variables;
  return {
    run: (what, write, then) => start({ what, write: async () => write().then((got) => () => then?.(got)) }),
    failed: mutation.error && last ? notSaved(last.what, mutation.error) : null,
    again: () => {
      if (last) start(last);
    },
  };
}
