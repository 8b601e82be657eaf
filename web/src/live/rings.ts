import { keyOfTask, nameOfTask, timersOf } from './running';
import type { Running } from './running';

/** A timer whose time is up: rung for once by its key, and by a new key each time it is to ring again. */
export interface Ring {
  readonly key: string;
  readonly name: string;
  readonly of: string;
}
/** A blender that runs on makes slime of oats by the second: it rings again each so many seconds, so many times. */
const AGAIN_S = 10;
const MOST_AGAIN = 6;

/** The timers that are over now, with keys that change whenever one is to ring again. */
export function ringsOf(batches: readonly Running[], now: number): readonly Ring[] {
  return batches.flatMap((b) =>
    timersOf(b, now).flatMap((t): readonly Ring[] => {
      if (t.leftS > 0 || t.paused) return [];
      const figures = b.progress.outcome.stages[t.task.index]?.figures;
      const isSlimy = t.task.step.kind === 'grind' && (figures?.glucanShare ?? 0) > 0;
      const again = isSlimy ? Math.min(MOST_AGAIN, Math.floor(-t.leftS / AGAIN_S)) : 0;
      const key = `${b.batch.id} ${keyOfTask(t.task)}${again > 0 ? ` ${again}` : ''}`;
      return [{ key, name: nameOfTask(t.task, b.progress.recipe), of: b.batch.name }];
    }),
  );
}
