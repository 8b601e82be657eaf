import { useMemo } from 'react';
import { readAnswers } from '../store/answers';
import { useDue } from './due';
import { useLive } from './live';
import { asked, nextOf } from './next';
import type { ToDo } from './toDo';
import type { Running } from './running';
import type { ShelfJar } from './shelf';

/** What to do next as it stands now, and what was put off. */
export function useNext(
  jars: readonly ShelfJar[],
  batches: readonly Running[],
  now: number,
): { readonly open: readonly ToDo[]; readonly off: readonly ToDo[] } {
  const answers = useLive(['answers'], readAnswers).data;
  const due = useDue();
  return useMemo(() => asked(nextOf(jars, batches, now, due), answers ?? {}, now), [jars, batches, answers, now, due]);
}
