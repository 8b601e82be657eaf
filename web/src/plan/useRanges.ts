import type { Kit } from '@ironpan/core/kitchen';
import type { Recipe } from '@ironpan/core/steps';
import { useEffect, useState } from 'react';
import { askRanges } from '../offload';
import type { Ranges } from '../offload';

const KITCHENS = 240;
const SEED = 640;
const SETTLED_MS = 300;

/** Ranges of a plan in kitchens like this one, from a worker, once the hand has come to rest. Absent while they are out of date. */
export function useRanges(recipe: Recipe | undefined, kit: Kit | undefined): Ranges | null {
  const [got, setGot] = useState<{ readonly of: Recipe; readonly kit: Kit; readonly ranges: Ranges } | null>(null);
  useEffect(() => {
    if (!recipe || !kit) return;
    let stop = (): void => undefined;
    const wait = setTimeout(() => {
      const running = askRanges({ recipe, kit, seed: SEED, n: KITCHENS });
      stop = running.stop;
      running.done.then(
        (ranges) => setGot({ of: recipe, kit, ranges }),
        () => setGot(null),
      );
    }, SETTLED_MS);
    return () => {
      clearTimeout(wait);
      stop();
    };
  }, [recipe, kit]);
  return got && got.of === recipe && got.kit === kit ? got.ranges : null;
}
