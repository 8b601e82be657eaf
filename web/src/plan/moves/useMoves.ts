import type { LeverMap, MapAsked, Moved } from '@ironpan/core/questions';
import type { Here } from '@ironpan/core/kitchen';
import type { Recipe } from '@ironpan/core/steps';
import { useCallback, useState } from 'react';
import { askLevers, askMap } from '../../offload';
import { useAsked } from '../../ui/useAsked';
import type { Asked } from '../../ui/useAsked';

/** A value that is made anew only when its key changes. */
export function useHeld<T>(key: string, make: () => T): T {
  const [held, setHeld] = useState(() => ({ key, value: make() }));
  if (held.key === key) return held.value;
  const next = { key, value: make() };
  setHeld(next);
  return next.value;
}

/** What every lever moves, from a worker. */
export function useLevers(recipe: Recipe | undefined, here: Here | undefined): Asked<readonly Moved[]> {
  const start = useCallback((on: (p: number) => void) => askLevers(recipe as Recipe, here as Here, on), [recipe, here]);
  return useAsked(recipe && here ? start : null);
}
/** Two levers against each other, from a worker. */
export function useMap(recipe: Recipe | undefined, here: Here | undefined, map: MapAsked | null): Asked<LeverMap> {
  const start = useCallback(
    (on: (p: number) => void) => askMap(recipe as Recipe, here as Here, map as MapAsked, on),
    [recipe, here, map],
  );
  return useAsked(recipe && here && map ? start : null);
}
