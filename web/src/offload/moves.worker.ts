import type { BatchEvent, FrozenBatch, TraceChunk, Trouble } from '@ironpan/core/batch';
import { leverMap, remedies, rescueOf, whatMoves } from '@ironpan/core/questions';
import type { Complaint, MapAsked, Said } from '@ironpan/core/questions';
import type { Here } from '@ironpan/core/kitchen';
import { mostTelling } from '@ironpan/core/trials';
import type { Candidate, Weighed } from '@ironpan/core/trials';
import type { Recipe } from '@ironpan/core/steps';

/** A batch with which something is wrong, as it is at an instant. */
export interface RescueAsked {
  readonly what: 'rescue';
  readonly batch: FrozenBatch;
  readonly events: readonly BatchEvent[];
  readonly traces: readonly TraceChunk[];
  readonly against: Trouble;
  readonly now: number;
}
export type MovesAsked = RescueAsked | RecipeAsked;
type RecipeAsked = { readonly recipe: Recipe; readonly here: Here } & (
  | { readonly what: 'levers' }
  | { readonly what: 'telling'; readonly measure: Weighed; readonly candidates: readonly Candidate[] }
  | { readonly what: 'map'; readonly map: MapAsked }
  | { readonly what: 'remedies'; readonly complaint: Complaint; readonly said: Said }
);
function answer(a: MovesAsked, progress: (done: number, of: number) => void): unknown {
  switch (a.what) {
    case 'rescue':
      return rescueOf(a.batch, a.events, a.traces, a.against, a.now);
    case 'levers':
      return whatMoves(a.recipe, a.here, progress);
    case 'telling':
      return mostTelling(a, a.candidates, a.here);
    case 'map':
      return leverMap(a.recipe, a.here, a.map, progress);
    case 'remedies':
      return remedies(a.recipe, a.here, a.complaint, progress, a.said);
  }
}
/** Levers, maps and remedies away from the screen; a message of progress about every 50 ms. */
self.onmessage = (e: MessageEvent<MovesAsked>) => {
  let said = performance.now();
  const progress = (done: number, of: number): void => {
    if (performance.now() - said < 50) return;
    said = performance.now();
    self.postMessage({ progress: done / of });
  };
  self.postMessage({ done: answer(e.data, progress) });
};
