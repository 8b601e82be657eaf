import type { Here } from '@ironpan/core/kitchen';
import { STATED } from '@ironpan/core/questions';
import type { Recipe } from '@ironpan/core/steps';
import { useCallback, useEffect, useState } from 'react';
import { askRanges } from '../../offload';
import type { Ranges } from '../../offload';

const SETTLED_MS = 300;

export interface RangesNow {
  /** Absent while they are out of date. */
  readonly ranges: Ranges | null;
  /** How far the drawing of kitchens is, 0..1; null: nothing is under way. */
  readonly progress: number | null;
  readonly stop: () => void;
}
/** Ranges of a plan in kitchens like this one, from a worker, once the hand has come to rest. */
export function useRanges(recipe: Recipe | undefined, here: Here | undefined): RangesNow {
  const [got, setGot] = useState<{ readonly of: Recipe; readonly here: Here; readonly ranges: Ranges } | null>(null);
  const [progress, setProgress] = useState<number | null>(null);
  const [halt, setHalt] = useState<{ readonly run: () => void } | null>(null);
  useEffect(() => {
    if (!recipe || !here) return;
    let stop = (): void => undefined;
    const wait = setTimeout(() => {
      const running = askRanges({ recipe, here, seed: STATED.seed, n: STATED.kitchens }, setProgress);
      stop = running.stop;
      setHalt({ run: running.stop });
      running.done.then(
        (ranges) => {
          setGot({ of: recipe, here, ranges });
          setProgress(null);
        },
        () => {
          setGot(null);
          setProgress(null);
        },
      );
    }, SETTLED_MS);
    return () => {
      clearTimeout(wait);
      stop();
      setProgress(null);
    };
  }, [recipe, here]);
  const stop = useCallback(() => {
    halt?.run();
    setProgress(null);
  }, [halt]);
  return { ranges: got && got.of === recipe && got.here === here ? got.ranges : null, progress, stop };
}
