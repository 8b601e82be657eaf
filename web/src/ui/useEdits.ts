import { useState } from 'react';
import { notSaved } from './notSaved';

/** Changes that follow each other fast (a figure being typed): each is written, none waits for the one before. */
export interface Edits {
  readonly run: (what: string, write: () => Promise<unknown>) => void;
  readonly failed: string | null;
  readonly again: () => void;
}
export function useEdits(): Edits {
  const [lost, setLost] = useState<{ readonly why: string; readonly again: () => void } | null>(null);
  const run = (what: string, write: () => Promise<unknown>): void => {
    write().then(
      () => setLost(null),
      (e: unknown) => setLost({ why: notSaved(what, e), again: () => run(what, write) }),
    );
  };
  return { run, failed: lost?.why ?? null, again: () => lost?.again() };
}
