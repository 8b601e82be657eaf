import { leverMap, whatMoves } from '@ironpan/core/batch';
import type { MapAsked } from '@ironpan/core/batch';
import type { Kit } from '@ironpan/core/kitchen';
import type { Recipe } from '@ironpan/core/steps';

export type MovesAsked = { readonly recipe: Recipe; readonly kit: Kit } & (
  { readonly what: 'levers' } | { readonly what: 'map'; readonly map: MapAsked }
);
/** Levers and maps away from the screen; a message of progress about every 50 ms. */
self.onmessage = (e: MessageEvent<MovesAsked>) => {
  const { recipe, kit } = e.data;
  let said = performance.now();
  const progress = (done: number, of: number): void => {
    if (performance.now() - said < 50) return;
    said = performance.now();
    self.postMessage({ progress: done / of });
  };
  self.postMessage({
    done:
      e.data.what === 'levers' ? whatMoves(recipe, kit, {}, progress) : leverMap(recipe, kit, {}, e.data.map, progress),
  });
};
